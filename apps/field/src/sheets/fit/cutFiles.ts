import { drawnEdge, outlineAt, slabLeaf, type HingesOn, type MadeCut, type SlabToFit } from '@proper-swing/core/sheets';
import Papa from 'papaparse';
import type { ListedCut } from './CutLines';
import type { DrawnLine } from '../drawnFiles';

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
