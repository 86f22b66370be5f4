import type { HingeLayout, LaidStrike } from '@proper-swing/core/sheets';
import type { DrawnLine } from '../drawnFiles';
import { stripPages, type Paper, type Strip, type TemplatePage } from '../stripPages';

const CIRCLE_OF = 36;

const circle = (x: number, y: number, radius: number) =>
  Array.from({ length: CIRCLE_OF }, (_, i) => {
    const turn = (2 * Math.PI * i) / CIRCLE_OF;
    return { x: x + radius * Math.cos(turn), y: y + radius * Math.sin(turn) };
  });

const box = (left: number, right: number, low: number, high: number) => [
  { x: left, y: high },
  { x: right, y: high },
  { x: right, y: low },
  { x: left, y: low },
];

const lowestOf = (strikes: readonly LaidStrike[]) => Math.max(...strikes.map(({ plate }) => plate.footMm));

/** Plates and bores as they lie on the jamb, mm: the stop along the left, TOP up. */
export function strikeFullSize(strikes: readonly LaidStrike[]): DrawnLine[] {
  const foot = lowestOf(strikes);
  return strikes.flatMap(({ cut, plate, bore }): DrawnLine[] => [
    { of: 'slab', isClosed: true, points: box(plate.nearMm, plate.farMm, foot - plate.footMm, foot - plate.topMm) },
    { of: 'cut', isClosed: true, points: circle(cut.fromStopMm, foot - cut.belowHeadMm, bore.mm / 2) },
  ]);
}

/** The same on paper: read from the head down, the stop along the upper line. */
export function strikePages(strikes: readonly LaidStrike[], paper: Paper): TemplatePage[] {
  return strikes.flatMap(({ bolt, cut, plate, bore }) => {
    const from = plate.topMm - 20;
    const lengthMm = plate.footMm - plate.topMm + 40;
    const strip: Strip = {
      title: bolt === 'latch' ? 'Strike of the latch' : 'Strike of the deadbolt',
      says: () => `Begins ${Number(from.toFixed(1))} mm below the head. Upper line: the stop. What is crossed is bored and let in.`,
      lengthMm,
      tickSays: (at) => `${Number((from + at).toFixed(1))}`,
      drawn: [
        closed(box(plate.topMm - from, plate.footMm - from, plate.nearMm, plate.farMm).map(({ x, y }) => ({ at: x, mm: y }))),
        closed(circle(cut.belowHeadMm - from, cut.fromStopMm, bore.mm / 2).map(({ x, y }) => ({ at: x, mm: y }))),
        ...[1, -1].map((way) => ({
          as: 'cut' as const,
          points: [
            { at: cut.belowHeadMm - from - 8, mm: cut.fromStopMm - 8 * way },
            { at: cut.belowHeadMm - from + 8, mm: cut.fromStopMm + 8 * way },
          ],
        })),
      ],
      words: [],
    };
    return stripPages(strip, paper);
  });
}

const closed = (points: readonly { at: number; mm: number }[]): Strip['drawn'][number] => ({
  as: 'cut',
  points: [...points, ...points.slice(0, 1)],
});

/** The recess of a hinge with its holes, mm: the knuckles' edge along the left, TOP up. */
export function recessFullSize({ recess, holes, jig }: HingeLayout): DrawnLine[] {
  const over = jig === undefined ? 0 : (jig.longMm - recess.longMm) / 2;
  return [
    { of: 'slab', isClosed: true, points: box(0, recess.wideMm, 0, recess.longMm) },
    ...(jig ? [{ of: 'slab' as const, isClosed: true, points: box(-over, recess.wideMm + over, -over, recess.longMm + over) }] : []),
    ...holes.map(({ downMm, fromEdgeMm }): DrawnLine => ({
      of: 'cut',
      isClosed: true,
      points: circle(fromEdgeMm, recess.longMm - downMm, 1.5),
    })),
  ];
}

/** The recess on paper, read from the top of the hinge down, the knuckles' edge along the upper line. */
export const recessPages = ({ recess, holes }: HingeLayout, paper: Paper): TemplatePage[] =>
  stripPages(
    {
      title: 'Hinge recess',
      says: () => 'From the TOP of the hinge, read left to right. Upper line: the edge the knuckles stand at. Holes where screws go.',
      lengthMm: recess.longMm,
      tickSays: String,
      drawn: [
        closed(box(0, recess.longMm, 0, recess.wideMm).map(({ x, y }) => ({ at: x, mm: y }))),
        ...holes.map(({ downMm, fromEdgeMm, reaches }) =>
          closed(circle(downMm, fromEdgeMm, reaches ? 3 : 1.5).map(({ x, y }) => ({ at: x, mm: y }))),
        ),
      ],
      words: [],
    },
    paper,
  );
