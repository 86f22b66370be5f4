import { BAR_MM } from './stripPages';

/** A line of a full-size drawing, mm: x from the left, y up from the foot. */
export interface DrawnLine {
  /** What is there, or what is cut. */
  of: 'slab' | 'cut';
  isClosed: boolean;
  points: readonly { x: number; y: number }[];
}

const EDGE_MM = 20;

/** The drawing as SVG in millimetres at full size, with a bar to check a print by. */
export function asSvg(lines: readonly DrawnLine[]): string {
  const points = lines.flatMap((line) => line.points);
  const [wide, tall] = [Math.max(...points.map(({ x }) => x)), Math.max(...points.map(({ y }) => y))];
  const [width, height] = [wide + 2 * EDGE_MM, tall + 2 * EDGE_MM + 20];
  const path = ({ points: own, isClosed }: DrawnLine) =>
    own.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${fixed(x + EDGE_MM)} ${fixed(tall - y + EDGE_MM)}`).join(' ') + (isClosed ? ' Z' : '');
  const barY = tall + EDGE_MM + 18;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${fixed(width)}mm" height="${fixed(height)}mm" viewBox="0 0 ${fixed(width)} ${fixed(height)}">`,
    ...lines.map(
      (line) => `<path id="${line.of}" d="${path(line)}" fill="none" stroke="#000" stroke-width="${line.of === 'slab' ? 0.3 : 0.6}"/>`,
    ),
    `<path id="bar" d="M${EDGE_MM} ${fixed(barY - 3)} v6 M${EDGE_MM} ${fixed(barY)} h${BAR_MM} m0 -3 v6" fill="none" stroke="#000" stroke-width="0.4"/>`,
    `<text x="${EDGE_MM + BAR_MM + 4}" y="${fixed(barY + 2)}" font-size="6" font-family="sans-serif">${BAR_MM} mm: measure this on the print. TOP up.</text>`,
    '</svg>',
    '',
  ].join('\n');
}

const fixed = (mm: number) => Number(mm.toFixed(3)).toString();

/** The drawing as DXF in millimetres, slab and cuts on layers of their own; the writer is fetched when it is first asked for. */
export async function asDxf(lines: readonly DrawnLine[]): Promise<string> {
  const { Colors, DxfWriter, LWPolylineFlags, point2d, Units } = await import('@tarikjabiri/dxf');
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  dxf.addLayer('SLAB', Colors.White, 'Continuous');
  dxf.addLayer('CUT', Colors.Red, 'Continuous');
  for (const { of, isClosed, points } of lines) {
    dxf.addLWPolyline(
      points.map(({ x, y }) => ({ point: point2d(x, y) })),
      { layerName: of === 'slab' ? 'SLAB' : 'CUT', flags: isClosed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
    );
  }
  return dxf.stringify();
}
