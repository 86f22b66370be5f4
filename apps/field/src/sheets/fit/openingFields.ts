import type { FieldGroup, SheetField } from '../benchSheet';
import { length } from '../fieldKinds';

/** Where widths are asked for, as shares of the height from the floor, and heights as shares of the width from the hinge leg. */
const WIDTH_SHARES = [0.95, 0.5, 0.05] as const;
const HEIGHT_SHARES = [0, 0.5, 1] as const;

const three = (path: string, label: string, hint: string): SheetField => ({ path, label, kind: 'lengths', hint });
const off = (path: string, label: string, hint: string) => length(path, label, { isOptional: true, signed: true, hint });

/** The opening as it is asked for: three widths and three heights first, then what is crooked. */
export const OPENING_GROUPS: readonly FieldGroup[] = [
  {
    title: 'The opening',
    fields: [
      three('widths', 'Widths: top, middle, foot', 'Leg to leg, a comma between'),
      three('heights', 'Heights: hinge, middle, latch', 'Floor to head'),
    ],
  },
  {
    title: 'Level and straightedge',
    fields: [
      off('plumbHinge', 'Hinge leg plumb', '+ top to the latch'),
      off('plumbLatch', 'Latch leg plumb', '+ top away from the hinges'),
      off('straightHinge', 'Hinge leg straight', '+ bellies to the latch'),
      off('straightLatch', 'Latch leg straight', '+ bellies away'),
      off('levelHead', 'Head level', '+ latch end lower'),
      off('levelFloor', 'Floor level', '+ latch end lower'),
      length('floorComesMm', 'Floor still to come', { isOptional: true }),
    ],
  },
];

export interface TypedOpening {
  widths: readonly number[];
  heights: readonly number[];
  plumbHinge?: number;
  plumbLatch?: number;
  straightHinge?: number;
  straightLatch?: number;
  levelHead?: number;
  levelFloor?: number;
  floorComesMm?: number;
}

/** The opening from what was typed: readings stand evenly between the places they are asked for. */
export function openingOf(typed: TypedOpening): object {
  const { widths, heights, plumbHinge, plumbLatch, straightHinge, straightLatch, levelHead, levelFloor, floorComesMm } = typed;
  const tall = Math.max(...heights);
  const wide = Math.max(...widths);
  const share = ([from = 0, , to = 1]: readonly number[], count: number, i: number) =>
    count === 1 ? (from + to) / 2 : from + ((to - from) * i) / (count - 1);
  return {
    widths: widths.map((mm, i) => ({ at: Math.round(tall * share(WIDTH_SHARES, widths.length, i)), mm })),
    heights: heights.map((mm, i) => ({ at: Math.round(wide * share(HEIGHT_SHARES, heights.length, i)), mm })),
    plumb: { ...(plumbHinge !== undefined && { hingeMm: plumbHinge }), ...(plumbLatch !== undefined && { latchMm: plumbLatch }) },
    straight: {
      ...(straightHinge !== undefined && { hingeMm: straightHinge }),
      ...(straightLatch !== undefined && { latchMm: straightLatch }),
    },
    level: { ...(levelHead !== undefined && { headMm: levelHead }), ...(levelFloor !== undefined && { floorMm: levelFloor }) },
    ...(floorComesMm !== undefined && { floorComesMm }),
  };
}

/** An error of a reading belongs to the list it was typed in. */
export function openingField(field: string): string | undefined {
  const list = /^opening\.(widths|heights)/.exec(field)?.[1];
  return list;
}
