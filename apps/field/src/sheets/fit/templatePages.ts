import { drawnEdge, outlineAt, type HingeMarks } from '@proper-swing/core/sheets';
import { offAlready, type CutSlab } from './cutFiles';
import type { DrawnLine } from '../drawnFiles';
import type { ListedCut } from './CutLines';
import { datumOf, EDGE_WORDS } from './fitWords';
import { stripPages, type Paper, type Strip, type TemplatePage } from '../stripPages';

const HATCHED_EVERY_MM = 6;
/** Deeper a cut leaves the paper; a straightedge does for it. */
const DEEPEST_MM = 100;
/** A cross stands in what goes, where there is room for one, so often, mm. */
const CROSS_MM = { from: 3, most: 10, every: 240 };

/** Which cuts a template helps with. */
export const isOnPaper = ({ deepestMm }: Pick<ListedCut, 'deepestMm'>): boolean => deepestMm <= DEEPEST_MM;

/**
 * The cuts of a slab as strips of paper at full size, edge by edge: the edge as it came along one line, what is off and to be cut below it,
 * hatched and crossed.
 */
export const templatePages = (own: CutSlab, paper: Paper): TemplatePage[] =>
  own.cuts.filter(isOnPaper).flatMap((cut) => stripPages(edgeStrip(own, cut), paper));

const every = (apartMm: number, lengthMm: number) => Array.from({ length: Math.floor(lengthMm / apartMm) }, (_, k) => (k + 0.5) * apartMm);

function edgeStrip(own: CutSlab, cut: ListedCut): Strip {
  const side = drawnEdge(cut.edge, own.hingesOn);
  const lengthMm = Math.max(...(side === 'left' || side === 'right' ? own.slab.heightsMm : own.slab.widthsMm));
  const offAt = (at: number) => offAlready(own, cut.edge, at) + outlineAt(cut.marks, at);
  const bends = [0, ...cut.marks.map(({ at }) => at).filter((at) => at > 0 && at < lengthMm), lengthMm];
  return {
    title: [...(own.title === '' ? [] : [own.title]), EDGE_WORDS[cut.edge]].join(' · '),
    says: (from, to) =>
      `From ${datumOf(cut.edge)}: ${Math.round(from)} to ${Math.round(to)} mm, read left to right. Lay the upper line on the edge as it came; what is hatched goes.`,
    lengthMm,
    tickSays: (at) => `${at}: ${Number(offAt(at).toFixed(1))}`,
    drawn: [
      { as: 'cut', points: bends.map((at) => ({ at, mm: offAt(at) })) },
      ...every(HATCHED_EVERY_MM, lengthMm)
        .filter((at) => offAt(at) > 0.5)
        .map((at) => ({
          as: 'waste' as const,
          points: [
            { at, mm: 0 },
            { at, mm: offAt(at) },
          ],
        })),
      ...every(CROSS_MM.every, lengthMm)
        .filter((at) => offAt(at) >= CROSS_MM.from)
        .flatMap((at) => crossAt(at, offAt(at) / 2, Math.min(offAt(at), CROSS_MM.most) / 2)),
    ],
    words: [],
  };
}

const crossAt = (at: number, mm: number, half: number): Strip['drawn'] =>
  [half, -half].map((by) => ({
    as: 'cut',
    points: [
      { at: at - half, mm: mm - by },
      { at: at + half, mm: mm + by },
    ],
  }));

/** How far below the edge of the slab that of the frame is drawn, and how wide a hinge, mm. */
const FRAME_BELOW_MM = 48;
const HINGE_WIDE_MM = 26;

/** Hinge marks as a strip: the slab’s along the upper line from its top, the frame’s along the lower one from the head, crosses where hinges go. */
export function marksPages({ marks }: Pick<HingeMarks, 'marks'>, slabHeightMm: number, paper: Paper): TemplatePage[] {
  const lengthMm = Math.max(slabHeightMm, ...marks.map(({ frameFootMm }) => frameFootMm));
  const hinge = (top: number, foot: number, mm: number): Strip['drawn'] => [
    ...[top, foot].map((at) => ({
      as: 'cut' as const,
      points: [
        { at, mm },
        { at, mm: mm + HINGE_WIDE_MM },
      ],
    })),
    {
      as: 'waste',
      points: [
        { at: top, mm: mm + HINGE_WIDE_MM },
        { at: foot, mm: mm + HINGE_WIDE_MM },
      ],
    },
    ...crossAt((top + foot) / 2, mm + HINGE_WIDE_MM / 2, HINGE_WIDE_MM / 3),
  ];
  const strip: Strip = {
    title: 'Hinge marks',
    says: (from, to) =>
      `${Math.round(from)} to ${Math.round(to)} mm, read left to right. Upper line: the slab, from its TOP. Lower line: the frame, from the head. Crosses: the side the hinge goes.`,
    lengthMm,
    tickSays: (at) => String(at),
    drawn: [
      {
        as: 'edge',
        points: [
          { at: 0, mm: FRAME_BELOW_MM },
          { at: lengthMm, mm: FRAME_BELOW_MM },
        ],
      },
      ...marks.flatMap(({ slabTopMm, slabFootMm, frameTopMm, frameFootMm }) => [
        ...hinge(slabTopMm, slabFootMm, 0),
        ...hinge(frameTopMm, frameFootMm, FRAME_BELOW_MM),
      ]),
    ],
    words: marks.flatMap(({ slabTopMm, frameTopMm }, i) => [
      { at: slabTopMm, mm: HINGE_WIDE_MM + 6, text: `Slab, hinge ${i + 1}: ${Number(slabTopMm.toFixed(1))}` },
      { at: frameTopMm, mm: FRAME_BELOW_MM + HINGE_WIDE_MM + 6, text: `Frame, hinge ${i + 1}: ${Number(frameTopMm.toFixed(1))}` },
    ]),
  };
  return stripPages(strip, paper);
}

/** The same as a drawing, TOP up: the edge of the slab, and that of the frame beside it, each with its hinges. */
export function marksFullSize({ marks }: Pick<HingeMarks, 'marks'>, slabHeightMm: number, headGapMm: number): DrawnLine[] {
  const box = (of: DrawnLine['of'], left: number, right: number, top: number, foot: number): DrawnLine => ({
    of,
    isClosed: true,
    points: [
      { x: left, y: top },
      { x: right, y: top },
      { x: right, y: foot },
      { x: left, y: foot },
    ],
  });
  const [slab, frame] = [
    { from: 0, to: 45 },
    { from: 75, to: 120 },
  ];
  return [
    box('slab', slab.from, slab.to, slabHeightMm, 0),
    box('slab', frame.from, frame.to, slabHeightMm + headGapMm, 0),
    ...marks.flatMap(({ slabTopMm, slabFootMm, frameTopMm, frameFootMm }) => [
      box('cut', slab.from, slab.from + HINGE_WIDE_MM, slabHeightMm - slabTopMm, slabHeightMm - slabFootMm),
      box('cut', frame.to - HINGE_WIDE_MM, frame.to, slabHeightMm + headGapMm - frameTopMm, slabHeightMm + headGapMm - frameFootMm),
    ]),
  ];
}
