import type { RandomStream } from '@proper-swing/core';
import { PROFILES } from '@proper-swing/core/sliding/card/profiles';
import type { Befallen } from '../doorWorld';
import { checksOf, type SlidingCourse } from './slidingCourse';
import { answerSliding, readSliding } from './slidingTechnician';
import { isMade } from './slidingVerdict';
import { carryOutSliding, topWheelsByEye } from './slidingWork';
import { copySliding, isBifold, isRolling, type TrueSliding } from './trueSliding';

/** The trade's ladder: clean, adjust, out and lubricate, replace; a check after each rung. */
export function slideByLadder({ door: asFound, causes }: Befallen<TrueSliding>, random: RandomStream): SlidingCourse {
  const door = copySliding(asFound);
  const turnAction = isRolling(door) ? 'turnScrew' : 'turnHanger';
  const adjust = () => {
    const { foot } = PROFILES[door.card.kind].edges;
    const read = (id: string) => {
      const reading = readSliding(door, id, random);
      return 'mm' in reading ? reading.mm : 0;
    };
    const taper = read('jamb.top') - read('jamb.foot');
    // The foot touching first means that the closing end stands too high, or the other too low.
    const end = taper > 0 ? 'trail' : 'lead';
    if (isBifold(door)) {
      if (Math.abs(taper) > 2) carryOutSliding(door, [{ action: 'setTopPivot', amount: Math.round(taper / 2) }], random);
      if (Math.min(read('foot.lead'), read('foot.trail')) < foot.min) carryOutSliding(door, [{ action: 'turnPivot', amount: 3 }], random);
      return;
    }
    if (Math.abs(taper) > 2) carryOutSliding(door, [{ action: turnAction, place: end, amount: 2 }], random);
    if (Math.min(read('foot.lead'), read('foot.trail')) < foot.min)
      for (const place of ['lead', 'trail']) carryOutSliding(door, [{ action: turnAction, place, amount: 2 }], random);
  };
  const kindOf = door.card.kind;
  const seen = (id: string) => answerSliding({ door, causes }, id, random).answer;
  const mendSeen = (actions: Readonly<Record<string, readonly [finding: string, answer: string]>>) => {
    const checks = checksOf(door) as readonly string[];
    for (const [id, [finding, found]] of Object.entries(actions))
      if (checks.includes(finding) && seen(finding) === found) carryOutSliding(door, [{ action: id, amount: 1 }], random);
  };
  const clean = () => {
    carryOutSliding(door, [{ action: 'cleanTrack', amount: 1 }], random);
    mendSeen({ reseat: ['seat', 'off'], refitStrip: ['strip', 'drags'], refitGuide: ['guide', 'lost'], fileBurr: ['track', 'burr'] });
  };
  const adjustAll = () => {
    adjust();
    if (kindOf === 'screen') carryOutSliding(door, [{ action: 'setTopWheels', amount: topWheelsByEye(door) }], random);
    carryOutSliding(door, [{ action: 'moveKeep', amount: 1 }], random);
  };
  const takeOut = () => {
    carryOutSliding(door, [{ action: 'lubricateWheels', amount: 1 }], random);
    mendSeen({
      refitGuideWheel: ['guideWheel', 'out'],
      tightenLeafHinges: ['leafHinges', 'loose'],
      refixBracket: ['brackets', 'loose'],
      reblockPivot: ['corners', 'loose'],
      fitClip: ['clip', 'missing'],
      resetHanger: ['hangers', 'slipped'],
      squarePanel: ['corner', 'open'],
      straightenTrack: ['track', 'bent'],
      easeTrim: ['faceRub', 'trim'],
      shortenFixing: ['faceRub', 'line'],
    });
  };
  const replace = () =>
    isBifold(door) || carryOutSliding(door, [{ action: isRolling(door) ? 'replaceRollers' : 'replaceHangers', amount: 1 }], random);
  const rungs = [clean, adjustAll, adjustAll, takeOut, adjustAll, replace, adjustAll, adjustAll];
  for (const [i, rung] of rungs.entries()) {
    rung();
    if (isMade(door)) return { madeAt: i + 1, steps: i + 1, provedLoose: false, changes: true, millis: [] };
  }
  return { madeAt: undefined, steps: rungs.length, provedLoose: false, changes: true, millis: [] };
}
