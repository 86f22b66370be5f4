import { WALK } from './geometry/stations';
import type { Observed } from './observed';
import { panel, readingsOf } from './panel.fixture';
import { diagnose, planCorrections, whatNext } from './slidingAnswers';
import { slidingModel } from './slidingDoors';
import { findingsFor } from './tables/findings';

const leaves = panel('bifold');
/** Its height is 2,000 mm and its width 900 mm. */
const R = 2000 / 900;
const read = (moved: Readonly<Record<string, number>> = {}) => readingsOf(leaves, moved, WALK);
const sound = [
  { finding: 'corners', answer: 'firm' },
  { finding: 'brackets', answer: 'fast' },
  { finding: 'guideWheel', answer: 'runs' },
  { finding: 'leafHinges', answer: 'tight' },
] as const;
const first = (observed: Observed) => diagnose(observed).causes[0]?.id;
const steps = (observed: Observed) => planCorrections(observed).plans[0]?.steps.map(({ action, place, amount }) => [action, place, amount]);
/** What the top pivot standing so far out moves. */
const leaning = (mm: number) => ({ leadRise: (-0.93 / R) * mm, trailRise: (-0.07 / R) * mm, jambGap: -mm / 2 });

describe('a bifold', () => {
  it('is set at its pivots and nowhere else, and has no wheels that carry it', () => {
    expect(slidingModel(leaves).places).toEqual(['footPivot', 'topPivot']);
    const asked = findingsFor('bifold').map(({ id }) => id);
    expect(asked).toEqual(expect.arrayContaining(['corners', 'brackets', 'guideWheel', 'leafHinges', 'track']));
    for (const none of ['wheels', 'screws', 'liftOut', 'guide', 'locks', 'tick'] as const) expect(asked).not.toContain(none);
    for (const kind of ['glass', 'bypass'] as const) expect(findingsFor(kind).map(({ id }) => id)).not.toContain('corners');
  });

  it('is not asked for a hook, a head channel or corners it has not; a pocket door only for its hook', () => {
    const has = (kind: 'glass' | 'pocket' | 'bifold') => {
      const ids = slidingModel(panel(kind)).stations.map(({ id }) => id);
      return ['lock.low', 'engage.lead', 'rack.diagonals', 'straight.head', 'plumb.jamb'].filter((id) => ids.includes(id));
    };
    expect(has('bifold')).toEqual(['plumb.jamb']);
    expect(has('pocket')).toEqual(['lock.low', 'plumb.jamb']);
    expect(has('glass')).toHaveLength(5);
    const asked = whatNext({ door: leaves, readings: read(), findings: [...sound] }).choices.map(({ id }) => id);
    expect(asked).not.toContain('lock.low');
  });

  // A rigid body turning about its foot: what is 1 mm out at the top of 2,000 is 1 mm less at the top of the closing gap and none at its foot.
  it('leans by its top pivot: a millimetre there is a millimetre at the top of the closing gap, and w/h at the foot of the closing end', () => {
    const { placeLine, row } = slidingModel(leaves);
    const [height = new Float64Array(), lean = new Float64Array()] = placeLine.moves;
    const change = (move: Float64Array, station: string) =>
      row(station).coefficients.reduce((sum, share, i) => sum + share * (move[i] ?? 0), 0);
    expect(change(lean, 'jamb.top')).toBeCloseTo(-0.95, 2);
    expect(change(lean, 'jamb.foot')).toBeCloseTo(-0.05, 2);
    expect(change(lean, 'foot.lead') - change(lean, 'foot.trail')).toBeCloseTo((-0.9 * 900) / 2000, 2);
    expect([change(height, 'foot.lead'), change(height, 'foot.trail'), change(height, 'jamb.top')]).toEqual([1, 1, 0]);
    expect(change(height, 'lift.lead')).toBe(-1);
  });

  it('whose leaves stand low is raised at its foot pivot, 1.25 mm a turn', () => {
    const observed: Observed = { door: leaves, readings: read({ leadRise: -9.8, trailRise: -9.8 }), findings: [...sound] };
    expect(first(observed)).toBe('pivotLow');
    const [step, more] = steps(observed) ?? [];
    expect(step).toEqual(['turnPivot', 'footPivot', expect.any(Number)]);
    expect(Number(step?.[2]) * 0.625).toBeGreaterThan(1);
    expect(more).toBeUndefined();
  });

  it('that does not meet evenly has its top pivot moved, the way that evens it', () => {
    for (const mm of [6, -6]) {
      const observed: Observed = { door: leaves, readings: read(leaning(mm)), findings: [...sound] };
      expect(first(observed)).toBe('topPivotOff');
      const [step] = steps(observed) ?? [];
      expect(step?.slice(0, 2)).toEqual(['setTopPivot', 'topPivot']);
      expect(Math.sign(Number(step?.[2]))).toBe(-Math.sign(mm));
      expect(Math.abs(Number(step?.[2]) + mm)).toBeLessThanOrEqual(2);
    }
  });

  it('is not set by a pivot that works in its wood: the corner comes first', () => {
    const loose = [...sound.slice(1), { finding: 'corners', answer: 'loose', again: true }] as const;
    const observed: Observed = { door: leaves, readings: read({ leadRise: -6, trailRise: -6 }), findings: [...loose] };
    expect(first(observed)).toBe('pivotLoose');
    expect(steps(observed)?.[0]?.[0]).toBe('reblockPivot');
    const unmeasured = planCorrections({ door: leaves, readings: [], findings: [...loose] });
    expect([unmeasured.outcome, unmeasured.plans[0]?.steps[0]?.action]).toEqual(['at once', 'reblockPivot']);
  });

  it('is told once to put its guide back, with no gap read yet', () => {
    const { outcome, plans } = planCorrections({
      door: leaves,
      readings: [],
      findings: [{ finding: 'guideWheel', answer: 'out', again: true }],
    });
    expect([outcome, plans[0]?.steps.map(({ action }) => action)]).toEqual(['at once', ['refitGuideWheel']]);
  });

  it('whose guide is out of its track is not called in order, however even its gaps', () => {
    const out = [...sound.slice(0, 2), { finding: 'guideWheel', answer: 'out', again: true }] as const;
    const observed: Observed = { door: leaves, readings: read(), findings: [...out] };
    expect(first(observed)).toBe('guideWheelOut');
    expect(steps(observed)).toEqual([['refitGuideWheel', undefined, 1]]);
    expect(planCorrections({ door: leaves, readings: read(), findings: [...sound, { finding: 'pull', answer: 'free' }] }).outcome).toBe(
      'true',
    );
  });

  it('whose guide is found out at a later check has it put back, whatever was thought of it before', () => {
    const later = (answer: string): Observed => ({
      door: leaves,
      readings: read(leaning(6)),
      findings: [...sound],
      rounds: [
        { done: [{ action: 'setTopPivot', place: 'topPivot', amount: -6 }], readings: read() },
        { done: [], readings: read(), findings: [{ finding: 'guideWheel', answer }] },
      ],
    });
    const { outcome, plans } = planCorrections(later('out'));
    expect([outcome, plans[0]?.steps.map(({ action }) => action)]).toEqual(['at once', ['refitGuideWheel']]);
    expect(planCorrections(later('runs')).plans[0]?.steps).toEqual([]);
  });

  it('a closing leaf that hangs from its hinges is told from leaves that lean: the middle has not come down', () => {
    const { direction, row } = slidingModel(leaves);
    const down = direction({ droop: 1 });
    const change = (station: string) => row(station).coefficients.reduce((sum, share, i) => sum + share * (down[i] ?? 0), 0);
    expect(['foot.lead', 'foot.middle', 'foot.trail'].map(change)).toEqual([
      expect.closeTo(-0.9, 9),
      expect.closeTo(0, 9),
      expect.closeTo(0, 9),
    ]);
    const hangs: Observed = { door: leaves, readings: read({ droop: 2 }), findings: [] };
    expect(first(hangs)).toBe('leafHinge');
    expect(steps({ ...hangs, findings: [{ finding: 'leafHinges', answer: 'loose' }] })?.[0]?.[0]).toBe('tightenLeafHinges');
  });
});
