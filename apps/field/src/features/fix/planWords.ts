import type { HingeName, Plan, PlannedStep } from '@proper-swing/core';
import type { LengthWords } from '../call/lengthWords';

const HINGE_WORDS: Readonly<Record<HingeName, string>> = {
  top: 'top hinge',
  upper: 'upper hinge',
  middle: 'middle hinge',
  lower: 'lower hinge',
  bottom: 'bottom hinge',
};

/** How much, as it is said at the door: `2 layers of 0.5 mm card`, `3.5 mm at the top to nothing at the foot`. */
export function amountWords({ action, amount, unit, planed }: PlannedStep, { withUnit, bare }: LengthWords): string {
  if (planed) {
    const [from, to] = action === 'planeHead' ? ['hinge end', 'latch end'] : ['top', 'foot'];
    return `${planed.fromMm === 0 ? 'nothing' : bare(planed.fromMm)} at the ${from}, ${planed.toMm === 0 ? 'nothing' : withUnit(planed.toMm)} at the ${to}`;
  }
  if (unit === 'hinge') return '';
  return `${Math.abs(amount)} ${Math.abs(amount) === 1 ? unit.replace(/^(layer|go)e?s/, '$1') : unit}`;
}

/** Where and which way: `top hinge: slab 1.1 mm toward the latch`. */
export function placeWords({ hinge, shiftMm }: PlannedStep, { withUnit }: LengthWords): string {
  const at = hinge === undefined ? '' : HINGE_WORDS[hinge];
  if (shiftMm === undefined) return at;
  return `${at}: slab ${withUnit(Math.abs(shiftMm))} ${shiftMm > 0 ? 'toward the latch' : 'toward the hinges'}`;
}

export function hingeWords(hinge: HingeName): string {
  return HINGE_WORDS[hinge];
}

/** The outcome in one line. */
export function outcomeWords({ outcome, minutes, steps }: Plan): string {
  switch (outcome) {
    case 'true':
      return 'Every gap is inside its limits. Leave it alone.';
    case 'measure first':
      return 'Too little is known to plan by. Take the readings below first.';
    case 'cures':
      return `Brings every gap inside its limits, in about ${Math.round(minutes)} minutes.`;
    case 'falls short':
      return steps.length === 0
        ? 'Hinges and plane cannot make this door true. Leave the hinges as they are.'
        : 'This is the best that hinges and plane can do; some gaps stay outside their limits.';
  }
}
