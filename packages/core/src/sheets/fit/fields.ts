import { FIT_AIMS } from '../../fitting/fitting';
import { LINING_ADVICE } from '../../fitting/lining';
import { MISSING_IDS } from '../../fitting/opening';
import { FIT_SLAB_KINDS } from '../../fitting/slabKinds';
import { TOOL_RULES, TOOLS } from '../../fitting/cutList';
import { choice, group, lengthMm, list, omittable } from '../../fields/field';
import { INSTRUMENT_IDS } from '../../length/instruments';
import { LARGEST_MM, listOf, mm, oneOf, part } from '../shapes';

/** What sheets of fitting ask for and answer alike. */
const off = (says: string) => omittable(lengthMm(says, -100, 100));

/** Two readings of one side may differ by so much of how far they are apart, and sizes of one slab by so much in all. */
const STEEPEST = 0.1;
const SIZES_WITHIN_MM = 60;

function apartFaults(readings: readonly { at: number; mm: number }[]): { field: string; message: string }[] {
  const sorted = [...readings].sort((a, b) => a.at - b.at);
  const isOdd = sorted.some(({ at, mm }, i) => {
    const before = sorted[i - 1];
    return before !== undefined && (at - before.at < 1 || Math.abs(mm - before.mm) > STEEPEST * (at - before.at));
  });
  return isOdd ? [{ field: '', message: 'two of these differ by more than a tenth of how far they are apart: read them again' }] : [];
}

const sizeFaults = (mm: readonly number[]) =>
  Math.max(...mm) - Math.min(...mm) > SIZES_WITHIN_MM ? [{ field: '', message: 'these differ by more than 60 mm: read them again' }] : [];

const places = (says: string, from: string) =>
  list(says, group('A reading', { at: lengthMm(from, 0, LARGEST_MM), mm: lengthMm('What was read', 100, LARGEST_MM) }, {}), {
    least: 1,
    most: 9,
    faults: apartFaults,
  });

export const openingFields = {
  widths: places('Widths, leg to leg', 'Above the floor'),
  heights: places('Heights, floor to head', 'From the hinge leg'),
  plumb: omittable(
    group(
      'Lean of a leg over its height, + when its top stands further toward the latch',
      { hingeMm: off('Hinge leg'), latchMm: off('Latch leg') },
      {},
    ),
  ),
  straight: omittable(
    group(
      'How far the middle of a leg is off a straight line, + toward the latch',
      { hingeMm: off('Hinge leg'), latchMm: off('Latch leg') },
      {},
    ),
  ),
  level: omittable(group('Fall over the width, + when the latch end is lower', { headMm: off('Head'), floorMm: off('Floor') }, {})),
  floorComesMm: omittable(lengthMm('What is still to come on the floor', 0, 200)),
  stripMm: omittable(lengthMm('Weather strip on the latch leg and under the head, as thick as it is with the door shut', 0, 20)),
  stopMm: omittable(lengthMm('From the face of the leg to its stop', 0, 150)),
  lengthsBy: omittable(choice('What lengths were read with', INSTRUMENT_IDS)),
  leansBy: omittable(choice('What leans were read with', INSTRUMENT_IDS)),
} as const;

export const opening = group('The opening as measured', openingFields, {});

export const sizes = (says: string, from: number, to: number) =>
  list(says, lengthMm('Size', from, to), { least: 1, most: 5, faults: sizeFaults });
export const slabWidths = sizes('Widths of the slab, evenly from the top to the foot, mm', 200, 3000);
export const slabHeights = sizes('Heights of the slab, evenly from one side to the other, mm', 300, 4000);
export const gap = (says: string) => lengthMm(says, 0, 100);
export const paint = omittable(lengthMm('Film of paint on a face', 0, 1));
export const slabKind = choice('How the slab is made', FIT_SLAB_KINDS);
export const aim = choice('What is to be least', FIT_AIMS);
export const block = omittable(lengthMm('Solid rail of a hollow slab', 0, 300));

/** Timber that is off an edge. */
export const marksOff = list(
  'Off at places from the top of a side, or from the hinge side of an end',
  group('A mark', { at: lengthMm('Where', 0, LARGEST_MM), mm: lengthMm('How much', 0, 500) }, {}),
  { least: 1, most: 60 },
);
export const madeAt = <const E extends readonly string[]>(edges: E) =>
  listOf(part({ edge: oneOf(edges), mm: mm('Deepest of a cut that was made') }));

export const points = listOf(part({ at: mm('Where'), mm: mm('How much') }));
export const missing = listOf(oneOf(MISSING_IDS));
export const contradictions = listOf(
  part({ of: oneOf(['lean', 'bow', 'level']), differMm: mm('By how much readings differ'), mayMm: mm('How much they may') }),
);
export const cutsAt = <const E extends readonly string[]>(edges: E) =>
  listOf(
    part({
      edge: oneOf(edges),
      marks: points,
      offsets: points,
      deepestMm: mm('Deepest'),
      tool: oneOf(TOOLS),
      rule: oneOf(TOOL_RULES),
      bevelMm: mm('How much narrower the far face'),
      bladeMm: mm('Blade below the base of the saw'),
      guide: points,
    }),
  );
export const sawBase = omittable(lengthMm('Edge of the saw’s base to its blade', 10, 300));
export const offsetsApart = omittable(lengthMm('How far apart offsets are told; 100 mm unless said', 20, 500));
export const shortAt = <const E extends readonly string[]>(edges: E) =>
  listOf(part({ edge: oneOf(edges), mm: mm('More than may come off') }));
export const advice = oneOf(LINING_ADVICE);
