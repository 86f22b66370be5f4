import { HATCH, hatch, hatchWork, packPeg, type Hatch } from '../hatch.fixture';
import type { Action } from '../model/action';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { afterWork } from './afterWork';
import { believe } from './believe';
import type { Belief, HeldHypothesis } from './belief';
import { isTreated } from './treated';

const work = (id: string, effect: Action['effect']) => hatchWork(id, { effect });
const cure = (more: object = {}) => work('cure', { kind: 'cure', cures: ['sunk'], share: 0.9, shareSd: 0.05, leftSdMm: 0.1, ...more });

const KIND: DoorKind<Hatch> = {
  ...HATCH,
  sides: [
    { id: 'skew', title: 'skew', weights: { left: 1, right: -1 }, worked: 'right', min: -1, target: 0.5, max: 1, readAt: ['gap.left'] },
  ],
  actions: [
    packPeg,
    cure(),
    { ...cure({ watched: ['gap.right'] }), id: 'watched' },
    work('lower', { kind: 'lower', mmPerUnit: 0.5, sdShare: 0.1 }),
    work('plane', { kind: 'plane', edge: 'rim' }),
    work('strike', { kind: 'strike', upToMm: 3, leftSdMm: 0.2 }),
    work('set', { kind: 'set', side: 'skew', cures: [], leftSdMm: 0.3 }),
    work('hold', { kind: 'hold', side: 'skew', cures: [], againstMm: 1 }),
    work('wait', { kind: 'wait', cures: [] }),
  ],
};

const model = modelOf(KIND, hatch);
const { layout } = model;

function sunkBelief(): { belief: Belief; held: HeldHypothesis } {
  const belief = believe(model, { readings: [{ station: 'gap.right', mm: 6 }], findings: [{ finding: 'wood', answer: 'crushed' }] });
  const held = belief.held.find(({ hypothesis }) => hypothesis.causes[0]?.id === 'sunk');
  if (held === undefined) throw new Error('sunk is not held');
  return { belief, held };
}

const { belief, held } = sunkBelief();
const before = held.posterior;
const magnitude = before.mean[layout.magnitudeAt(0)] ?? NaN;
const done = (action: string, more: object = {}) => afterWork(belief, held, [{ action, amount: 1, ...more }]);
const variance = (g: { mean: Float64Array; cov: Float64Array }, i: number) => g.cov[i * g.mean.length + i] ?? NaN;

describe('the state after work', () => {
  it('a cure takes its share of the fault away, and leaves its own spread', () => {
    const after = done('cure');
    expect(after.mean[layout.magnitudeAt(0)]).toBeCloseTo(0.1 * magnitude, 9);
    expect(after.mean[1]).toBeCloseTo((before.mean[1] ?? 0) - 0.9 * magnitude, 9);
    const left = 0.01 * variance(before, layout.magnitudeAt(0)) + (0.05 * magnitude) ** 2 + 0.1 ** 2;
    expect(variance(after, layout.magnitudeAt(0))).toBeCloseTo(left, 9);
  });

  it('watched work is stopped where it serves: how far it was drawn is known to a quarter of the fault', () => {
    const left = 0.01 * variance(before, layout.magnitudeAt(0)) + (0.25 * magnitude) ** 2 + 0.1 ** 2;
    expect(variance(done('watched'), layout.magnitudeAt(0))).toBeCloseTo(left, 9);
  });

  it('a setting moves its own place by its amount, and stands there with its error', () => {
    const after = done('packPeg', { place: 'rightPeg', amount: 3 });
    expect(after.mean[1]).toBeCloseTo((before.mean[1] ?? 0) - 3, 9);
    expect(after.mean[0]).toBeCloseTo(before.mean[0] ?? NaN, 9);
    expect(variance(after, before.mean.length)).toBeCloseTo(0.05 ** 2, 12);
    expect(variance(after, 1)).toBeCloseTo(variance(before, 1) + (3 * 0.05) ** 2, 9);
    // At no place of the door it moves nothing.
    expect(done('packPeg', { place: 'nowhere' }).mean[1]).toBeCloseTo(before.mean[1] ?? NaN, 9);
  });

  it('what was learned of a unit counts', () => {
    const taught = { ...belief, learned: new Map([['packPeg', 0.5]]) };
    const after = afterWork(taught, held, [{ action: 'packPeg', place: 'rightPeg', amount: 2 }]);
    expect(after.mean[1]).toBeCloseTo((before.mean[1] ?? 0) - 1, 9);
  });

  it('the slab lowered moves as a whole', () => {
    const after = done('lower', { amount: 4 });
    expect([0, 1].map((i) => (after.mean[i] ?? 0) - (before.mean[i] ?? 0))).toEqual([expect.closeTo(-2, 9), expect.closeTo(-2, 9)]);
  });

  it('timber off widens the gaps of its edge along its line, each by the same slip of the hand', () => {
    const after = done('plane', { amount: 2, planed: { fromMm: 2, toMm: 1 } });
    const grown = ['gap.left', 'gap.right'].map((id) => {
      const at = layout.unevennessAt(id) ?? NaN;
      return (after.mean[at] ?? 0) - (before.mean[at] ?? 0);
    });
    expect(grown).toEqual([expect.closeTo(1.9, 9), expect.closeTo(1.1, 9)]);
    const [a = NaN, b = NaN] = ['gap.left', 'gap.right'].map((id) => layout.unevennessAt(id));
    expect(after.cov[a * after.mean.length + b]).toBeCloseTo((before.cov[a * before.mean.length + b] ?? 0) + 0.3 ** 2, 9);
    // Without a line it comes off alike all along.
    const even = done('plane', { amount: 2 });
    expect((even.mean[a] ?? 0) - (before.mean[a] ?? 0)).toBeCloseTo(2, 9);
  });

  it('a strike meets the bolt, to its own error', () => {
    const after = done('strike');
    const row = model.row('bolt', after.mean.length);
    expect(row.coefficients[layout.parameterAt('right')]).toBe(1);
    // The strike of this hatch is its right gap: it becomes what it was and the bolt’s offset is taken in.
    expect(after.mean[1]).toBeCloseTo(2 * (before.mean[1] ?? 0) - 2, 9);
  });

  it('a side is brought to its target by what is worked on', () => {
    const after = done('set');
    expect((after.mean[0] ?? 0) - (after.mean[1] ?? 0)).toBeCloseTo(0.5, 9);
    const { coefficients } = model.sideRow('skew', after.mean.length);
    let spread = 0;
    coefficients.forEach((a, i) => coefficients.forEach((b, j) => (spread += a * b * (after.cov[i * after.mean.length + j] ?? 0))));
    expect(spread).toBeCloseTo(0.3 ** 2, 9);
  });

  it.each(['hold', 'wait'])('to %s changes nothing that can be gauged', (action) => {
    expect([...done(action).mean.subarray(0, before.mean.length)]).toEqual([...before.mean]);
  });

  it('several pieces of work have each an error of its own', () => {
    const after = afterWork(belief, held, [
      { action: 'packPeg', place: 'rightPeg', amount: 1 },
      { action: 'lower', amount: 1 },
    ]);
    expect([0, 1].map((k) => variance(after, before.mean.length + k))).toEqual([expect.closeTo(0.0025, 9), expect.closeTo(0.01, 9)]);
  });
});

describe('whether a cause has been treated', () => {
  const cause = { ...model.cause('sunk'), cures: ['cure', 'packPeg'] };
  const treated = (steps: Belief['done'], posterior = before) =>
    isTreated({ model, space: belief.space, held: [{ ...held, posterior }], done: steps }, cause);

  it('not before anything is done, and not by work elsewhere', () => {
    expect(treated([])).toBe(false);
    expect(treated([{ action: 'packPeg', place: 'leftPeg', amount: 3 }])).toBe(false);
    expect(treated([{ action: 'wait', place: 'rightPeg', amount: 1 }])).toBe(false);
  });

  it('what is set leaves nothing to gauge; what is cured is gone when less than two fifths of its usual size are left', () => {
    expect(treated([{ action: 'packPeg', place: 'rightPeg', amount: 3 }])).toBe(true);
    const cured = [{ action: 'cure', place: 'rightPeg', amount: 1 }];
    const withLeft = (mm: number) => ({ ...before, mean: before.mean.map((m, i) => (i === layout.magnitudeAt(0) ? mm : m)) });
    expect(treated(cured)).toBe(false);
    expect([treated(cured, withLeft(1.59)), treated(cured, withLeft(-1.59)), treated(cured, withLeft(1.61))]).toEqual([true, true, false]);
  });
});
