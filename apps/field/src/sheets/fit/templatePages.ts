import { outlineAt } from '@proper-swing/core/sheets';
import { datumOf, EDGE_WORDS } from './fitWords';
import { BAR_MM, offAlready, sideOf, type CutSlab } from './cutFiles';
import type { ListedCut } from './CutLines';

/** Paper on its side, mm. */
export const PAPERS = { a4: { wide: 297, tall: 210 }, letter: { wide: 279.4, tall: 215.9 } } as const;
export type Paper = keyof typeof PAPERS;

export type DrawnAs = 'edge' | 'cut' | 'waste' | 'tick' | 'join' | 'bar';

/** A page of a template at full size, mm from its upper left corner. */
export interface TemplatePage {
  lines: { as: DrawnAs; points: readonly { x: number; y: number }[] }[];
  words: { x: number; y: number; text: string; isLarge?: true }[];
}

const MARGIN_MM = 12;
/** Pages lie over each other by so much. */
export const OVERLAP_MM = 15;
const EDGE_Y_MM = 62;
const WORDS_Y_MM = 18;
const HATCHED_EVERY_MM = 6;
const TICKED_EVERY_MM = 100;
/** Deeper a cut leaves the paper; a straightedge does for it. */
const DEEPEST_MM = 100;

/** Which cuts a template helps with. */
export const isOnPaper = ({ deepestMm }: Pick<ListedCut, 'deepestMm'>): boolean => deepestMm <= DEEPEST_MM;

/**
 * The cuts of a slab as strips of paper at full size, edge by edge: the edge as it came along one line, what is off and to be cut below it, hatched.
 * Pages overlap and say what they join to.
 */
export function templatePages(own: CutSlab, paper: Paper): TemplatePage[] {
  return own.cuts.filter(isOnPaper).flatMap((cut) => edgePages(own, cut, paper));
}

function edgePages(own: CutSlab, cut: ListedCut, paper: Paper): TemplatePage[] {
  const { wide, tall } = PAPERS[paper];
  const { slab } = own;
  const side = sideOf(own, cut.edge);
  const lengthMm = Math.max(...(side === 'left' || side === 'right' ? slab.heightsMm : slab.widthsMm));
  const roomMm = wide - 2 * MARGIN_MM;
  const stepMm = roomMm - OVERLAP_MM;
  const count = Math.max(1, Math.ceil((lengthMm - OVERLAP_MM) / stepMm));
  const offAt = (at: number) => offAlready(own, cut.edge, at) + outlineAt(cut.marks, at);
  return Array.from({ length: count }, (_, i): TemplatePage => {
    const from = i * stepMm;
    const to = Math.min(lengthMm, from + roomMm);
    const x = (at: number) => MARGIN_MM + at - from;
    const onPage = (at: number) => at >= from && at <= to;
    const bends = [from, ...cut.marks.map(({ at }) => at).filter((at) => at > from && at < to), to];
    const hatched = Array.from({ length: Math.floor((to - from) / HATCHED_EVERY_MM) }, (_, k) => from + (k + 0.5) * HATCHED_EVERY_MM);
    const ticked = Array.from({ length: Math.floor(lengthMm / TICKED_EVERY_MM) + 1 }, (_, k) => k * TICKED_EVERY_MM).filter(onPage);
    const joins = [
      ...(i > 0 ? [{ at: from + OVERLAP_MM / 2, page: i }] : []),
      ...(i < count - 1 ? [{ at: to - OVERLAP_MM / 2, page: i + 2 }] : []),
    ];
    const barY = tall - 24;
    return {
      lines: [
        { as: 'edge', points: [from, to].map((at) => ({ x: x(at), y: EDGE_Y_MM })) },
        { as: 'cut', points: bends.map((at) => ({ x: x(at), y: EDGE_Y_MM + offAt(at) })) },
        ...hatched
          .filter((at) => offAt(at) > 0.5)
          .map((at) => ({
            as: 'waste' as const,
            points: [
              { x: x(at), y: EDGE_Y_MM },
              { x: x(at), y: EDGE_Y_MM + offAt(at) },
            ],
          })),
        ...crossAt((from + to) / 2, offAt, x),
        ...ticked.map((at) => ({
          as: 'tick' as const,
          points: [
            { x: x(at), y: EDGE_Y_MM - 6 },
            { x: x(at), y: EDGE_Y_MM },
          ],
        })),
        ...joins.map(({ at }) => ({
          as: 'join' as const,
          points: [
            { x: x(at), y: EDGE_Y_MM - 14 },
            { x: x(at), y: tall - 40 },
          ],
        })),
        {
          as: 'bar',
          points: [
            { x: MARGIN_MM, y: barY },
            { x: MARGIN_MM + BAR_MM, y: barY },
          ],
        },
        ...[0, BAR_MM].map((mm) => ({
          as: 'tick' as const,
          points: [
            { x: MARGIN_MM + mm, y: barY - 3 },
            { x: MARGIN_MM + mm, y: barY + 3 },
          ],
        })),
      ],
      words: [
        {
          x: MARGIN_MM,
          y: WORDS_Y_MM,
          text: [...(own.title === '' ? [] : [own.title]), EDGE_WORDS[cut.edge], `page ${i + 1} of ${count}`].join(' · '),
          isLarge: true,
        },
        {
          x: MARGIN_MM,
          y: WORDS_Y_MM + 8,
          text: `From ${datumOf(cut.edge)}: ${Math.round(from)} to ${Math.round(to)} mm, read left to right. Lay the upper line on the edge as it came; what is hatched goes.`,
        },
        ...ticked.map((at) => ({ x: x(at) + 1, y: EDGE_Y_MM - 12, text: `${at}: ${Number(offAt(at).toFixed(1))}` })),
        ...joins.map(({ at, page }) => ({ x: x(at) + (page <= i ? -9 : 1), y: tall - 44, text: `to ${page}` })),
        {
          x: MARGIN_MM + BAR_MM + 4,
          y: barY - 2,
          text: `${BAR_MM} mm. If this bar is not ${BAR_MM} mm long, print again at full size, not fitted to the page.`,
        },
      ],
    };
  });
}

/** A cross stands in what goes, where there is room for one, mm. */
const CROSS_MM = { from: 3, most: 10 };

function crossAt(at: number, offAt: (at: number) => number, x: (at: number) => number): TemplatePage['lines'] {
  const off = offAt(at);
  if (off < CROSS_MM.from) return [];
  const half = Math.min(off, CROSS_MM.most) / 2;
  const y = EDGE_Y_MM + off / 2;
  return [half, -half].map((by) => ({
    as: 'cut',
    points: [
      { x: x(at) - half, y: y - by },
      { x: x(at) + half, y: y + by },
    ],
  }));
}
