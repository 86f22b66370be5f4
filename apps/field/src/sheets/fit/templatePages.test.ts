import { fitSlab, outlineAt, type SlabToFit } from '@proper-swing/core/sheets';
import { fitSlabSheet } from '@proper-swing/core/sheets/fit/slab';
import type { CutSlab } from './cutFiles';
import { markHinges, type HingesToMark } from '@proper-swing/core/fitting/marks';
import { marksSheet } from '@proper-swing/core/sheets/fit/marks';
import { OVERLAP_MM, PAPERS, type TemplatePage } from '../stripPages';
import { marksFullSize, marksPages, templatePages } from './templatePages';

const ASKED = fitSlabSheet.example as SlabToFit;
const FIT = fitSlab(ASKED);
const OWN: CutSlab = { title: '', slab: ASKED.slab, hingesOn: 'left', cuts: FIT.cuts, made: [] };
const latch = FIT.cuts.find(({ edge }) => edge === 'latch');
const LATCH: CutSlab = { ...OWN, cuts: latch ? [latch] : [] };
const lineOf = ({ lines }: TemplatePage, as: string) => lines.find((line) => line.as === as)?.points ?? [];

describe.each(['a4', 'letter'] as const)('a template on %s', (paper) => {
  const { wide, tall } = PAPERS[paper];
  const pages = templatePages(LATCH, paper);

  it('stays on its paper, and is as long as the edge, pages lying over each other', () => {
    for (const { lines, words } of templatePages(OWN, paper)) {
      for (const { x, y } of [...lines.flatMap(({ points }) => points), ...words]) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(wide);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(tall);
      }
    }
    const lengths = pages.map((page) => {
      const [from, to] = lineOf(page, 'edge');
      return (to?.x ?? NaN) - (from?.x ?? NaN);
    });
    expect(lengths.reduce((sum, mm) => sum + mm, 0) - OVERLAP_MM * (pages.length - 1)).toBeCloseTo(1985, 6);
  });

  it('has the cut as deep as it is listed, also where two pages lie over each other', () => {
    const stepMm = wide - 24 - OVERLAP_MM;
    pages.forEach((page, i) => {
      for (const { x, y } of lineOf(page, 'cut')) {
        const at = x - 12 + i * stepMm;
        expect(y - (lineOf(page, 'edge')[0]?.y ?? NaN)).toBeCloseTo(outlineAt(latch?.marks ?? [], at), 6);
      }
    });
  });

  it('has a bar of 100 mm on every page, and says what each joins to', () => {
    for (const page of pages) {
      const [from, to] = lineOf(page, 'bar');
      expect((to?.x ?? NaN) - (from?.x ?? NaN)).toBeCloseTo(100, 9);
    }
    expect(pages[1]?.words.map(({ text }) => text)).toEqual(
      expect.arrayContaining(['to 1', 'to 3', `Latch edge · page 2 of ${pages.length}`]),
    );
  });
});

it('a cut deeper than the paper has no template; one that goes on from what is off begins there', () => {
  const deep = { ...LATCH, cuts: LATCH.cuts.map((cut) => ({ ...cut, deepestMm: 140 })) };
  expect(templatePages(deep, 'a4')).toEqual([]);
  const made = [{ edge: 'latch' as const, marks: [{ at: 0, mm: 1.5 }] }];
  const first = (own: CutSlab) => lineOf(templatePages(own, 'a4')[0] as TemplatePage, 'cut')[0]?.y ?? NaN;
  expect(first({ ...LATCH, made }) - first(LATCH)).toBeCloseTo(1.5, 9);
});

describe('hinge marks on paper and as a drawing', () => {
  const asked = marksSheet.example as HingesToMark;
  const found = markHinges(asked);

  it('stand where they are to be, on every page that shows them, the frame’s lower by the head gap', () => {
    const stepMm = PAPERS.a4.wide - 24 - OVERLAP_MM;
    const drawn = marksPages(found, asked.slabHeightMm, 'a4').flatMap(({ lines }, i) =>
      lines.flatMap(({ as, points }) =>
        as === 'cut' && points[0]?.x === points[1]?.x ? [{ at: (points[0]?.x ?? 0) - 12 + i * stepMm, y: points[0]?.y ?? 0 }] : [],
      ),
    );
    const [slabY, frameY] = [62, 62 + 48];
    for (const { slabTopMm, frameTopMm } of found.marks) {
      expect(drawn.some(({ at, y }) => y === slabY && Math.abs(at - slabTopMm) < 1e-6)).toBe(true);
      expect(drawn.some(({ at, y }) => y === frameY && Math.abs(at - frameTopMm) < 1e-6)).toBe(true);
      expect(frameTopMm - slabTopMm).toBeCloseTo(asked.headGapMm, 9);
    }
  });

  it('lie level with each other on slab and frame when the slab hangs in its gap', () => {
    const [, , ...hinges] = marksFullSize(found, asked.slabHeightMm, asked.headGapMm);
    expect(hinges).toHaveLength(2 * found.marks.length);
    found.marks.forEach((_, i) => expect(hinges[2 * i]?.points[0]?.y).toBeCloseTo(hinges[2 * i + 1]?.points[0]?.y ?? NaN, 9));
  });
});
