import { fitPair, type PairToFit } from './fitPair';
import { fitPairSheet } from '../sheets/fit/pair';

const PAIR = fitPairSheet.example as PairToFit;

describe('a pair (common practice, no source)', () => {
  const fit = fitPair(PAIR);

  it('1370 less three gaps of 2 is 1364, and half of that 682', () => {
    expect(fit.leafWidthMm).toBeCloseTo(682, 9);
    const [width] = fit.sums;
    expect(width).toMatchObject({ of: 'leafWidth', fromMm: 1370 });
    expect(width?.steps.map(({ gives }) => gives)).toEqual([1366, 1364, 682]);
    expect(fit).toMatchObject({ isPossible: true, narrowestMm: 1370, narrowestAtMm: 1950 });
  });

  it('both leaves end as wide where it is narrowest, and lose 4 mm each there', () => {
    expect(fit.left.offWidthMm).toBeCloseTo(4, 1);
    expect(fit.right.offWidthMm).toBeCloseTo(4, 1);
  });

  it('only the leaf at the leg that is out is tapered; no leaf is tilted', () => {
    const [outer, plain] = [fit.right, fit.left].map(({ cuts }) => cuts.find(({ edge }) => edge === 'outer'));
    expect((outer?.marks[0]?.mm ?? 0) - (outer?.marks.at(-1)?.mm ?? 0)).toBeGreaterThan(3.5);
    for (const { mm } of plain?.marks ?? []) expect(mm).toBeCloseTo(plain?.deepestMm ?? 0, 1);
    expect(fit.left.widthsMm[0]).toBeCloseTo(fit.left.widthsMm[2] ?? 0, 1);
  });

  it('the second leaf is cut to 1957 − 2 = 1955 first, then its head is brought to the line', () => {
    expect(fit.right.firstCutMm).toBeCloseTo(1955, 0);
    const head = fit.right.cuts.find(({ edge }) => edge === 'head');
    expect((head?.marks[0]?.mm ?? 0) - (head?.marks.at(-1)?.mm ?? 0)).toBeCloseTo(10, 0);
  });

  it('rails that stood 5 mm off each other run on', () => {
    const rails = fitPair({ ...PAIR, left: { ...PAIR.left, railFromFootMm: 905 }, right: { ...PAIR.right, railFromFootMm: 900 } });
    const foot = (cuts: typeof rails.left.cuts) => cuts.find(({ edge }) => edge === 'foot')?.marks[0]?.mm ?? 0;
    expect(foot(rails.left.cuts) - foot(rails.right.cuts)).toBeCloseTo(5, 1);
  });

  it('a film of paint takes two thicknesses of every gap', () => {
    expect(fitPair({ ...PAIR, paintMm: 0.1 }).leafWidthMm).toBeCloseTo((1370 - 3 * 2.2) / 2, 9);
  });

  it('meeting edges are neither tapered nor scribed', () => {
    for (const { cuts } of [fit.left, fit.right]) {
      for (const { marks, deepestMm } of cuts.filter(({ edge }) => edge === 'meeting'))
        for (const { mm } of marks) expect(mm).toBeCloseTo(deepestMm, 9);
    }
  });

  it('a cut that was made is off: nothing is asked for twice, and one too deep is told by the width it leaves', () => {
    const { left } = fit;
    const asMade = (deeperMm: number) =>
      fitPair({
        ...PAIR,
        made: left.cuts.map(({ edge, marks }) => ({
          leaf: 'left' as const,
          edge,
          marks: marks.map(({ at, mm }) => ({ at, mm: mm + deeperMm })),
        })),
      });
    const done = asMade(0);
    expect(done.left.cuts).toEqual([]);
    expect(done.left.made.map(({ edge }) => edge)).toEqual(left.cuts.map(({ edge }) => edge));
    expect(done.right.cuts.length).toBe(fit.right.cuts.length);
    expect(asMade(1).left.widthsMm[0]).toBeLessThan((done.left.widthsMm[0] ?? 0) - 0.9);
  });

  it('ends of the right leaf are measured from its own hinge side, the other way', () => {
    const head = fit.right.cuts.find(({ edge }) => edge === 'head');
    const made = fitPair({ ...PAIR, made: [{ leaf: 'right', edge: 'head', marks: head?.marks ?? [] }] });
    expect(made.right.cuts.some(({ edge }) => edge === 'head')).toBe(false);
  });

  it('outer edges are scribed where that is asked: less comes off at a hollow leg, and meeting edges stay straight', () => {
    const { opening } = PAIR;
    // The right leg bellies 4 mm into the opening.
    const bellied = {
      ...PAIR,
      opening: { ...opening, widths: opening.widths.map(({ at, mm }) => ({ at, mm: at === 980 ? mm - 6 : mm })) },
    };
    const [straight, scribed] = (['line', 'scribe'] as const).map((sides) => fitPair({ ...bellied, sides }));
    const outer = (pair: typeof straight) => pair?.right.cuts.find(({ edge }) => edge === 'outer');
    expect(outer(scribed)?.rule).toBe('crooked');
    expect(outer(straight)?.rule).not.toBe('crooked');
    const endMm = (pair: typeof straight) => outer(pair)?.marks.at(-1)?.mm ?? 0;
    expect(endMm(scribed)).toBeLessThanOrEqual(endMm(straight) + 0.01);
    for (const { marks, deepestMm } of scribed?.right.cuts.filter(({ edge }) => edge === 'meeting') ?? [])
      for (const { mm } of marks) expect(mm).toBeCloseTo(deepestMm, 9);
  });
});
