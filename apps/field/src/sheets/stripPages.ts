import { outlineAt } from '@proper-swing/core/sheets';

/** Paper on its side, mm. */
export const PAPERS = { a4: { wide: 297, tall: 210 }, letter: { wide: 279.4, tall: 215.9 } } as const;
export type Paper = keyof typeof PAPERS;

/** A measuring bar to check a print or a drawing by, mm. */
export const BAR_MM = 100;

export type DrawnAs = 'edge' | 'cut' | 'waste' | 'tick' | 'join' | 'bar';

/** A page of a template at full size, mm from its upper left corner. */
export interface TemplatePage {
  lines: { as: DrawnAs; points: readonly { x: number; y: number }[] }[];
  words: { x: number; y: number; text: string; isLarge?: true }[];
}

/** What is printed along an edge: places along it, and below it, mm. */
export interface Strip {
  title: string;
  /** What to do with a page that shows a part of it. */
  says: (fromMm: number, toMm: number) => string;
  lengthMm: number;
  tickSays: (at: number) => string;
  /** Lines across the edge, or along it from left to right. */
  drawn: readonly { as: DrawnAs; points: readonly { at: number; mm: number }[] }[];
  words: readonly { at: number; mm: number; text: string }[];
}

const MARGIN_MM = 12;
/** Pages lie over each other by so much. */
export const OVERLAP_MM = 15;
const EDGE_Y_MM = 62;
const WORDS_Y_MM = 18;
const TICKED_EVERY_MM = 100;

/** A strip as pages of paper that lie over each other, say what they join to, and carry a bar to check the print by. */
export function stripPages(strip: Strip, paper: Paper): TemplatePage[] {
  const { wide } = PAPERS[paper];
  const roomMm = wide - 2 * MARGIN_MM;
  const stepMm = roomMm - OVERLAP_MM;
  const count = Math.max(1, Math.ceil((strip.lengthMm - OVERLAP_MM) / stepMm));
  return Array.from({ length: count }, (_, i) =>
    pageOf(strip, paper, { i, count, from: i * stepMm, to: Math.min(strip.lengthMm, i * stepMm + roomMm) }),
  );
}

interface Part {
  i: number;
  count: number;
  from: number;
  to: number;
}

function pageOf({ title, says, lengthMm, tickSays, drawn, words }: Strip, paper: Paper, { i, count, from, to }: Part): TemplatePage {
  const { tall } = PAPERS[paper];
  const on = ({ at, mm }: { at: number; mm: number }) => ({ x: MARGIN_MM + at - from, y: EDGE_Y_MM + mm });
  const isOn = (at: number) => at >= from && at <= to;
  const ticked = Array.from({ length: Math.floor(lengthMm / TICKED_EVERY_MM) + 1 }, (_, k) => k * TICKED_EVERY_MM).filter(isOn);
  const joins = [
    ...(i > 0 ? [{ at: from + OVERLAP_MM / 2, page: i }] : []),
    ...(i < count - 1 ? [{ at: to - OVERLAP_MM / 2, page: i + 2 }] : []),
  ];
  const barY = tall - 24;
  const across = (as: DrawnAs, at: number, fromMm: number, toMm: number) => ({
    as,
    points: [on({ at, mm: fromMm }), on({ at, mm: toMm })],
  });
  const bar = [0, BAR_MM].map((mm) => ({ x: MARGIN_MM + mm, y: barY }));
  return {
    lines: [
      { as: 'edge', points: [from, to].map((at) => on({ at, mm: 0 })) },
      ...drawn.map(({ as, points }) => ({ as, points: partOf(points, from, to).map(on) })).filter(({ points }) => points.length > 1),
      ...ticked.map((at) => across('tick', at, -6, 0)),
      ...joins.map(({ at }) => across('join', at, -14, tall - 40 - EDGE_Y_MM)),
      { as: 'bar', points: bar },
      ...bar.map(({ x, y }) => ({
        as: 'tick' as const,
        points: [
          { x, y: y - 3 },
          { x, y: y + 3 },
        ],
      })),
    ],
    words: [
      { x: MARGIN_MM, y: WORDS_Y_MM, text: `${title} · page ${i + 1} of ${count}`, isLarge: true },
      { x: MARGIN_MM, y: WORDS_Y_MM + 8, text: says(from, to) },
      ...ticked.map((at) => ({ x: on({ at, mm: 0 }).x + 1, y: EDGE_Y_MM - 12, text: tickSays(at) })),
      ...words.filter(({ at }) => isOn(at)).map(({ text, ...place }) => ({ ...on(place), text })),
      ...joins.map(({ at, page }) => ({ x: on({ at, mm: 0 }).x + (page <= i ? -9 : 1), y: tall - 44, text: `to ${page}` })),
      {
        x: MARGIN_MM + BAR_MM + 4,
        y: barY - 2,
        text: `${BAR_MM} mm. If this bar is not ${BAR_MM} mm long, print again at full size, not fitted to the page.`,
      },
    ],
  };
}

/** The part of a line that lies between two places along the edge. */
function partOf(points: Strip['drawn'][number]['points'], from: number, to: number): { at: number; mm: number }[] {
  const [first, last] = [points[0], points.at(-1)];
  if (first === undefined || last === undefined || first.at > to || last.at < from) return [];
  const isWhole = first.at >= from && last.at <= to;
  if (isWhole || first.at === last.at) return [...points];
  const ends = [Math.max(from, first.at), Math.min(to, last.at)] as const;
  const between = points.filter(({ at }) => at > ends[0] && at < ends[1]);
  const endAt = (at: number) => ({ at, mm: outlineAt(points, at) });
  return [endAt(ends[0]), ...between, endAt(ends[1])];
}
