import type { FootPatch, FootToPatch, HingeLayout, StrikeLayout } from '@proper-swing/core/sheets';
import { runEngine } from '@proper-swing/contract/engine';
import { sheet } from '@proper-swing/contract/sheets';
import { footFullSize, footPages } from './jamb/footFiles';
import { recessFullSize, recessPages, strikeFullSize, strikePages } from './layout/layoutFiles';
import { PAPERS, type TemplatePage } from './stripPages';

const answer = <T>(name: 'jamb.foot' | 'layout.strike' | 'layout.hinges') => runEngine(sheet(name), sheet(name).example) as T;
const foot = answer<FootPatch>('jamb.foot');
const asked = sheet('jamb.foot').example as FootToPatch;
const { strikes } = answer<StrikeLayout>('layout.strike');
const hinges = answer<HingeLayout>('layout.hinges');

const spanOf = (points: readonly { x: number; y: number }[], axis: 'x' | 'y') =>
  Math.max(...points.map((point) => point[axis])) - Math.min(...points.map((point) => point[axis]));

describe('templates of jambs at full size', () => {
  it('the patch is as long at either edge as it is listed', () => {
    const [blank] = footFullSize(foot, asked);
    const [insideTop, outsideTop, outsideFoot, insideFoot] = blank?.points ?? [];
    expect((insideTop?.y ?? 0) - (insideFoot?.y ?? 0)).toBeCloseTo(foot.shortPointMm, 9);
    expect((outsideTop?.y ?? 0) - (outsideFoot?.y ?? 0)).toBeCloseTo(foot.longPointMm, 9);
  });

  it('plates and bores are as large as they are, the bore about the bolt', () => {
    const drawn = strikeFullSize(strikes);
    const [plate, bore] = [drawn[0]?.points ?? [], drawn[1]?.points ?? []];
    expect([spanOf(plate, 'x'), spanOf(plate, 'y')]).toEqual([28, 57]);
    expect(spanOf(bore, 'x')).toBeCloseTo(25.4, 6);
    expect(Math.min(...bore.map(({ x }) => x)) + 25.4 / 2).toBeCloseTo(strikes[0]?.cut.fromStopMm ?? NaN, 6);
  });

  it('the recess has its holes, and a jig about it where one is asked for', () => {
    const plain = recessFullSize(hinges);
    expect(plain).toHaveLength(1 + hinges.holes.length);
    const { recess } = hinges;
    const withJig = recessFullSize({ ...hinges, jig: { longMm: recess.longMm + 4, wideMm: recess.wideMm + 4 } });
    expect(spanOf(withJig[1]?.points ?? [], 'y')).toBeCloseTo(recess.longMm + 4, 9);
  });

  it.each(['a4', 'letter'] as const)('stay on %s paper, with a bar of 100 mm to check the print by', (paper) => {
    const pages: TemplatePage[] = [...footPages(foot, asked, paper), ...strikePages(strikes, paper), ...recessPages(hinges, paper)];
    const { wide, tall } = PAPERS[paper];
    for (const { lines } of pages) {
      for (const { x, y } of lines.flatMap(({ points }) => points)) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(wide);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(tall);
      }
      expect(spanOf(lines.find(({ as }) => as === 'bar')?.points ?? [], 'x')).toBeCloseTo(100, 9);
    }
  });
});
