import type { FootPatch, FootToPatch } from '@proper-swing/core/sheets';
import type { DrawnLine } from '../drawnFiles';
import { stripPages, type Paper, type TemplatePage } from '../stripPages';

/** The patch seen from the side at full size, inside on the left: blank, and the cut along the threshold. */
export function footFullSize({ longPointMm, shortPointMm }: FootPatch, { partWidthMm }: Pick<FootToPatch, 'partWidthMm'>): DrawnLine[] {
  const low = longPointMm - shortPointMm;
  return [
    {
      of: 'slab',
      isClosed: true,
      points: [
        { x: 0, y: longPointMm },
        { x: partWidthMm, y: longPointMm },
        { x: partWidthMm, y: 0 },
        { x: 0, y: low },
      ],
    },
    {
      of: 'cut',
      isClosed: false,
      points: [
        { x: 0, y: low },
        { x: partWidthMm, y: 0 },
      ],
    },
  ];
}

/** The same on paper, read from the TOP of the patch to its foot, its inside along the upper line; a cross in what is cut off. */
export function footPages(
  { longPointMm, shortPointMm }: FootPatch,
  { partWidthMm }: Pick<FootToPatch, 'partWidthMm'>,
  paper: Paper,
): TemplatePage[] {
  const cross = {
    at: shortPointMm + (longPointMm - shortPointMm) * 0.75,
    mm: partWidthMm * 0.3,
    half: Math.min(3, (longPointMm - shortPointMm) / 5),
  };
  return stripPages(
    {
      title: 'Foot patch',
      says: (from, to) =>
        `From its TOP: ${Math.round(from)} to ${Math.round(to)} mm, read left to right. Upper line: INSIDE. The long point is outside, at the foot.`,
      lengthMm: longPointMm,
      tickSays: String,
      drawn: [
        {
          as: 'cut',
          points: [
            { at: shortPointMm, mm: 0 },
            { at: longPointMm, mm: partWidthMm },
          ],
        },
        {
          as: 'edge',
          points: [
            { at: 0, mm: partWidthMm },
            { at: longPointMm, mm: partWidthMm },
          ],
        },
        ...[1, -1].map((way) => ({
          as: 'cut' as const,
          points: [
            { at: cross.at - cross.half, mm: cross.mm - way * cross.half },
            { at: cross.at + cross.half, mm: cross.mm + way * cross.half },
          ],
        })),
      ],
      words: [{ at: Math.max(0, shortPointMm - 90), mm: partWidthMm / 2, text: `short point ${Number(shortPointMm.toFixed(1))}` }],
    },
    paper,
  );
}
