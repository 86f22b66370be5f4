import type { LatchAtStrike, StrikeFit } from '@proper-swing/core/sheets';

/** A box on the strike, mm: x toward the stop from the edge the bolt closes on, y down from the middle of the hole. */
export interface StrikeBox {
  x: number;
  y: number;
  width: number;
  height: number;
}

export interface StrikeShapes {
  plate: StrikeBox;
  hole: StrikeBox;
  bolt: StrikeBox;
  /** What has to go from the plate, where it is filed. */
  waste: StrikeBox[];
}

/** Room of plate drawn round the hole, mm. */
const PLATE_SIDE = 7;
const PLATE_ENDS = 18;

/** Hole, bolt and waste of a strike in millimetres, as one sees the leg with the stop on the right. */
export function strikeShapes({ lowMm, remedies }: StrikeFit, latch: LatchAtStrike): StrikeShapes {
  const { holeWidthMm: w, holeHeightMm: h, boltThicknessMm, boltHeightMm, playMm } = latch;
  const hole: StrikeBox = { x: 0, y: -h / 2, width: w, height: h };
  const filed = remedies.find(({ id }) => id === 'fileHole');
  const edge = remedies.find(({ id }) => id === 'fileDepth');
  return {
    plate: { x: -PLATE_SIDE, y: -h / 2 - PLATE_ENDS, width: w + 2 * PLATE_SIDE, height: h + 2 * PLATE_ENDS },
    hole,
    bolt: { x: playMm, y: lowMm - boltHeightMm / 2, width: boltThicknessMm, height: boltHeightMm },
    waste: [
      ...(filed ? [{ x: 0, y: filed.way === 'down' ? h / 2 : -h / 2 - filed.mm, width: w, height: filed.mm }] : []),
      ...(edge ? [{ x: -edge.mm, y: -h / 2, width: edge.mm, height: h }] : []),
    ],
  };
}

/** A measuring bar to check a print by, mm. */
export const BAR_MM = 50;
const EDGE_MM = 6;

/** The strike at full size as an SVG drawing in millimetres, with a bar to check the print by. */
export function strikeTemplate(fit: StrikeFit, latch: LatchAtStrike): string {
  const { plate, hole, bolt, waste } = strikeShapes(fit, latch);
  const width = Math.max(plate.width, BAR_MM) + 2 * EDGE_MM;
  const height = plate.height + 2 * EDGE_MM + 14;
  const rect = ({ x, y, width: w, height: h }: StrikeBox, style: string) =>
    `<rect x="${fixed(x - plate.x + EDGE_MM)}" y="${fixed(y - plate.y + EDGE_MM)}" width="${fixed(w)}" height="${fixed(h)}" ${style}/>`;
  const barY = plate.height + EDGE_MM + 8;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${fixed(width)}mm" height="${fixed(height)}mm" viewBox="0 0 ${fixed(width)} ${fixed(height)}">`,
    rect(plate, 'fill="none" stroke="#000" stroke-width="0.3"'),
    rect(hole, 'fill="none" stroke="#000" stroke-width="0.5"'),
    ...waste.map((box) => rect(box, 'fill="#000" fill-opacity="0.35" stroke="#000" stroke-width="0.2"')),
    rect(bolt, 'fill="none" stroke="#000" stroke-width="0.3" stroke-dasharray="1.5 1"'),
    `<path d="M${EDGE_MM} ${fixed(barY - 1.5)} v3 M${EDGE_MM} ${fixed(barY)} h${BAR_MM} m0 -1.5 v3" fill="none" stroke="#000" stroke-width="0.3"/>`,
    `<text x="${EDGE_MM}" y="${fixed(barY + 4.5)}" font-size="3" font-family="sans-serif">${BAR_MM} mm: measure this on the print. Stop to the right; bolt dashed; file what is grey.</text>`,
    '</svg>',
    '',
  ].join('\n');
}

const fixed = (mm: number) => Number(mm.toFixed(2)).toString();
