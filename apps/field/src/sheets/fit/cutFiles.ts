import { drawnEdge, outlineAt, slabLeaf, type HingesOn, type MadeCut, type SlabToFit } from '@proper-swing/core/sheets';
import Papa from 'papaparse';
import type { ListedCut } from './CutLines';
import { BAR_MM } from './stripPages';

/** A line of a full-size drawing, mm: x from the left, y up from the foot. */
export interface DrawnLine {
  of: 'slab' | 'cut';
  isClosed: boolean;
  points: readonly { x: number; y: number }[];
}

/** A slab or a leaf of a pair with what is cut and to be cut, as it is drawn. */
export interface CutSlab {
  /** What it is called among others. */
  title: string;
  slab: Pick<SlabToFit['slab'], 'widthsMm' | 'heightsMm'>;
  hingesOn: HingesOn;
  cuts: readonly ListedCut[];
  made: readonly { edge: ListedCut['edge']; marks: MadeCut['marks'] }[];
}

/** What is off an edge already at a place along it. */
export const offAlready = ({ made }: Pick<CutSlab, 'made'>, edge: ListedCut['edge'], at: number) =>
  made.filter((cut) => cut.edge === edge).reduce((sum, { marks }) => sum + outlineAt(marks, at), 0);

/** The slab as it came and every cut still to be made, at full size; a cut goes on from what is off already. */
export function fullSize(own: CutSlab): DrawnLine[] {
  const { slab, hingesOn, cuts } = own;
  const { right, head } = slabLeaf(slab);
  const [wide, tall] = [Math.max(...slab.widthsMm), Math.max(...slab.heightsMm)];
  const side = right.map(({ at, mm }) => ({ x: mm, y: at }));
  const top = head.map(({ at, mm }) => ({ x: at, y: mm })).reverse();
  const outline = [
    { x: 0, y: 0 },
    { x: side[0]?.x ?? wide, y: 0 },
    ...side.slice(1, -1),
    { x: side.at(-1)?.x ?? wide, y: top[0]?.y ?? tall },
    ...top.slice(1, -1),
    { x: 0, y: top.at(-1)?.y ?? tall },
  ];
  const across = (at: number) => (hingesOn === 'left' ? at : wide - at);
  const place = {
    left: (at: number, mm: number) => ({ x: mm, y: tall - at }),
    right: (at: number, mm: number) => ({ x: wide - mm, y: tall - at }),
    head: (at: number, mm: number) => ({ x: across(at), y: tall - mm }),
    foot: (at: number, mm: number) => ({ x: across(at), y: mm }),
  };
  return [
    { of: 'slab', isClosed: true, points: outline },
    ...cuts.map(({ edge, marks }): DrawnLine => ({
      of: 'cut',
      isClosed: false,
      points: marks.map(({ at, mm }) => place[drawnEdge(edge, hingesOn)](at, mm + offAlready(own, edge, at))),
    })),
  ];
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

/** What comes off along each edge as CSV (RFC 4180), mm: at even distances from the top of a side, or from the hinge side of an end. */
export function asCsv({ cuts }: Pick<CutSlab, 'cuts'>): string {
  const rows = cuts.flatMap(({ edge, offsets }) =>
    offsets.map(({ at, mm }) => ({
      edge,
      measured_from: edge === 'head' || edge === 'foot' ? 'hinge side' : 'top',
      at_mm: Number(at.toFixed(2)),
      off_mm: Number(mm.toFixed(2)),
    })),
  );
  return Papa.unparse(rows);
}
