import type { FootPatch, FootToPatch } from '@proper-swing/core/sheets';
import type { DrawnLine } from '../drawnFiles';

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
