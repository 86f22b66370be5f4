import { fitSlab, type SlabToFit } from '@proper-swing/core/sheets';
import { fitSlabSheet } from '@proper-swing/core/sheets/fit/slab';
import DxfParser from 'dxf-parser';
import Papa from 'papaparse';
import { asCsv, fullSize, type CutSlab } from './cutFiles';
import { asDxf, asSvg } from '../drawnFiles';
import { BAR_MM } from '../stripPages';

const ASKED = fitSlabSheet.example as SlabToFit;
const FIT = fitSlab(ASKED);
const OWN: CutSlab = { title: '', slab: ASKED.slab, hingesOn: 'left', cuts: FIT.cuts, made: [] };
const LINES = fullSize(OWN);

describe('the cuts at full size', () => {
  it('start at the corner and go to the other end of their edge', () => {
    const [slab, ...cuts] = LINES;
    expect(slab?.points).toHaveLength(5);
    expect(cuts).toHaveLength(FIT.cuts.length);
    const latch = cuts[FIT.cuts.findIndex(({ edge }) => edge === 'latch')];
    expect(latch?.points[0]?.x).toBeCloseTo(764 - (FIT.cuts.find(({ edge }) => edge === 'latch')?.deepestMm ?? 0), 6);
    expect(latch?.points[0]?.y).toBeCloseTo(1985, 6);
  });

  it('go on from what is off already', () => {
    const made = [{ edge: 'latch' as const, marks: [{ at: 0, mm: 1.5 }] }];
    const listed = { ...OWN, cuts: FIT.cuts.filter(({ edge }) => edge === 'latch') };
    const [, plain] = fullSize(listed);
    const [, further] = fullSize({ ...listed, made });
    expect(further?.points[0]?.x).toBeCloseTo((plain?.points[0]?.x ?? NaN) - 1.5, 9);
  });

  it('of a leaf hung on the right lie the other way round: its hinge edge on the right, ends from there', () => {
    const right: CutSlab = { ...OWN, hingesOn: 'right' };
    const wide = Math.max(...ASKED.slab.widthsMm);
    fullSize(right)
      .slice(1)
      .forEach(({ points }, i) =>
        points.forEach(({ x, y }, k) => {
          const plain = LINES[i + 1]?.points[k];
          expect(x).toBeCloseTo(wide - (plain?.x ?? NaN), 9);
          expect(y).toBeCloseTo(plain?.y ?? NaN, 9);
        }),
      );
  });

  it('are the same lines to a hundredth of a millimetre when another program reads the DXF', async () => {
    const read = new DxfParser().parseSync(await asDxf(LINES));
    expect(read?.header['$INSUNITS']).toBe(4);
    const drawn = read?.entities as unknown as { layer: string; shape: boolean; vertices: { x: number; y: number }[] }[];
    expect(drawn.map(({ layer }) => layer)).toEqual(LINES.map(({ of }) => of.toUpperCase()));
    drawn.forEach(({ vertices, shape }, i) => {
      const line = LINES[i];
      expect(shape).toBe(line?.isClosed);
      expect(vertices).toHaveLength(line?.points.length ?? 0);
      vertices.forEach(({ x, y }, k) => {
        expect(Math.abs(x - (line?.points[k]?.x ?? NaN))).toBeLessThan(0.01);
        expect(Math.abs(y - (line?.points[k]?.y ?? NaN))).toBeLessThan(0.01);
      });
    });
  });

  it('an SVG is as large as it says, and its bar 100 mm', () => {
    const svg = asSvg(LINES);
    const [, width, box] = /width="([\d.]+)mm".*viewBox="0 0 ([\d.]+)/.exec(svg) ?? [];
    expect(width).toBe(box);
    expect(svg).toContain(`h${BAR_MM} `);
    expect(svg.match(/id="cut"/g)).toHaveLength(FIT.cuts.length);
  });

  it('a table of offsets is read back as it was written', () => {
    const { data, errors } = Papa.parse<Record<string, string>>(asCsv(OWN), { header: true });
    expect(errors).toEqual([]);
    expect(data.filter(({ edge }) => edge === 'latch')[3]).toMatchObject({ measured_from: 'top', at_mm: '300' });
    const own = FIT.cuts.find(({ edge }) => edge === 'hinge')?.offsets[5]?.mm ?? NaN;
    expect(Number(data.filter(({ edge }) => edge === 'hinge')[5]?.['off_mm'])).toBeCloseTo(own, 2);
  });
});
