import type { HingedDoor } from './card/door';
import type { AnsweredFinding, Reading } from './observed';
import type { StationId } from './geometry/stations';

/** An ordinary interior door, 762 × 1981 mm on three butts: what examples and tests begin with. */
export const EXAMPLE_DOOR: HingedDoor = {
  slabWidthMm: 762,
  slabHeightMm: 1981,
  hingeHeightsMm: [165, 990, 1750],
  hingeKind: 'butt',
  slabKind: 'solidTimber',
  fireRated: false,
  profile: 'interiorTimber',
};

/** Readings from a table of stations: a figure in mm or `rubs`. */
export function readingsOf(table: Partial<Record<StationId, number | 'rubs'>>): Reading[] {
  return Object.entries(table).map(([id, read]) => {
    const at = id as StationId;
    return read === 'rubs' ? { station: at, rubs: true } : { station: at, mm: read };
  });
}

/** A sagging door: tight at the top of the latch side, open at the top of the hinge side and the latch end of the head. */
export const SAGGING_READINGS: readonly Reading[] = readingsOf({
  'latch.bottom': 4.6,
  'latch.mid': 2.6,
  'latch.top': 'rubs',
  'head.latch': 5,
  'head.mid': 4,
  'head.hinge': 3,
  'hinge.top': 4.8,
  'hinge.mid': 3,
  'hinge.bottom': 1.8,
});

/** A door in order: 2 mm at the hinges, 3 mm at head and latch. */
export const EVEN_GAPS = {
  'hinge.top': 2,
  'hinge.mid': 2,
  'hinge.bottom': 2,
  'head.hinge': 3,
  'head.mid': 3,
  'head.latch': 3,
  'latch.top': 3,
  'latch.mid': 3,
  'latch.bottom': 3,
} as const satisfies Partial<Record<StationId, number>>;

/** What is found where the knuckles of the top hinge have spread and all else holds. */
export const SPREAD_TOP: readonly AnsweredFinding[] = [
  { finding: 'topScrews', answer: 'tight' },
  { finding: 'topLeaves', answer: 'spread' },
  { finding: 'pins', answer: 'snug' },
  { finding: 'hingeLegFirm', answer: 'firm' },
];
