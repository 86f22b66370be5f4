import { gapBoard, gapChanges } from '../planning/board';
import { cured } from '../planning/outcome';
import { workErrorsFrom } from '../planning/workErrors';
import { afterWork } from '../inference/afterWork';
import { project } from '../numbers/gaussian';
import { EVEN_GAPS, EXAMPLE_DOOR as door, readingsOf } from './exampleDoor';
import { believe, planFor } from './hingedAnswers';
import { hingedModel } from './hingedDoors';
import type { ActionId } from './names/actionIds';
import { action } from './tables/actions';
import { cause } from './tables/causes';
import type { StationId } from './geometry/stations';
import type { AnsweredFinding } from './observed';

const model = hingedModel(door);
const board = gapBoard(model, new Set(['foot']));
const HEAD = ['head.hinge', 'head.mid', 'head.latch'] as const;
const at = (gaps: Float64Array, id: StationId) => gaps[board.stations.indexOf(id)] ?? NaN;

/** A door of even 3 mm gaps under a head that runs off by so many mm, or bellies down by so many at its middle. */
function underHead(form: 'downAtLatch' | 'bowed', mm: number) {
  const [axis] = cause('headOut').forms.find(({ id }) => id === form)?.axes ?? [];
  if (axis === undefined) throw new Error(`no form ${form}`);
  const fault = gapChanges(board, model, model.direction(axis.moves)).map((change) => change * mm);
  return {
    gaps: fault.map((change, i) => change + (i === board.bolt ? 0 : 3)),
    faults: new Map([['headOut', fault]]),
    errors: workErrorsFrom([]),
    state: new Float64Array(0),
    supposition: 0,
  };
}
const after = (id: ActionId, form: 'downAtLatch' | 'bowed', mm: number) => cured(underHead(form, mm), [action(id)], board);
/** The share of the fault that the work takes away; the rest stays. */
const SHARE = 0.95;

describe('scribing the top of a slab to its head', () => {
  it('brings the tight end to the widest, whichever end that is, and never narrows a gap', () => {
    for (const [form, mm] of [
      ['downAtLatch', 4],
      ['downAtLatch', -4],
      ['bowed', 2.8],
    ] as const) {
      const before = underHead(form, mm).gaps;
      const scribed = after('scribeHead', form, mm);
      // By hand: the widest gap of those gauged stays, each other is cut to it, but for the share that work leaves.
      const widest = Math.max(3, ...HEAD.map((id) => at(before, id)));
      for (const id of HEAD) {
        expect(at(scribed, id)).toBeGreaterThanOrEqual(at(before, id) - 1e-9);
        expect(at(scribed, id)).toBeCloseTo(widest - (1 - SHARE) * (widest - at(before, id)), 9);
      }
      for (const id of ['bolt.low', 'foot.latch', 'latch.top'] as const) expect(at(scribed, id)).toBeCloseTo(at(before, id), 9);
    }
  });

  it('hung higher by what the widest gap was too wide, foot and bolt go with the slab', () => {
    const before = underHead('downAtLatch', -4).gaps;
    const raised = after('scribeRaise', 'downAtLatch', -4);
    const up = SHARE * 4 * 0.95;
    for (const id of HEAD) expect(Math.abs(at(raised, id) - 3)).toBeLessThan(0.25);
    expect(at(raised, 'foot.latch') - at(before, 'foot.latch')).toBeCloseTo(up, 9);
    expect(at(raised, 'foot.hinge') - at(before, 'foot.hinge')).toBeCloseTo(up, 9);
    expect(at(raised, 'bolt.low')).toBeCloseTo(-up, 9);
    // A head that runs down needs no raising: the slab stays where it hangs.
    expect(at(after('scribeRaise', 'downAtLatch', 4), 'bolt.low')).toBeCloseTo(0, 9);
  });

  it('is followed by the belief as it is by the drawn doors', () => {
    const runsUp = readingsOf({ ...EVEN_GAPS, 'head.hinge': 3, 'head.mid': 5, 'head.latch': 7 });
    const belief = believe({ door, readings: [...runsUp, { station: 'level.head', mm: -4.4 }], findings: [] });
    const held = belief.held.find(({ hypothesis }) => hypothesis.causes.some(({ id }) => id === 'headOut'));
    if (held === undefined) throw new Error('the head is not suspected');
    const mean = (id: StationId, done: ActionId) => {
      const state = afterWork(belief, held, [{ action: done, amount: 1 }]);
      const row = model.row(id, state.mean.length);
      return project(state, row).mean;
    };
    for (const id of HEAD) {
      expect(mean(id, 'scribeHead')).toBeGreaterThan(6);
      expect(mean(id, 'scribeRaise')).toBeLessThan(4);
    }
    expect(mean('bolt.low', 'scribeHead') - mean('bolt.low', 'scribeRaise')).toBeGreaterThan(3);
  });
});

describe('a plan that takes timber off', () => {
  const planAt = (
    gaps: Partial<Record<StationId, number>>,
    more: readonly { station: StationId; mm: number }[] = [],
    findings: readonly AnsweredFinding[] = [],
  ) => {
    const observed = { door, readings: [...readingsOf({ ...EVEN_GAPS, ...gaps }), ...more], findings };
    return planFor(observed, believe(observed));
  };
  const worksOf = (correction: ReturnType<typeof planAt>) =>
    new Set(correction.plans.flatMap(({ steps }) => steps.map(({ action: id }) => id)));

  it('hangs the slab higher where the head runs up to the latch, and only cuts where it runs down', () => {
    const up = planAt({ 'head.hinge': 3, 'head.mid': 5.2, 'head.latch': 7.4 }, [{ station: 'level.head', mm: -4.6 }]);
    expect([worksOf(up).has('scribeRaise'), worksOf(up).has('scribeHead')]).toEqual([true, false]);
    const step = up.plans.flatMap(({ steps }) => steps).find(({ action: id }) => id === 'scribeRaise');
    expect(step?.recheck).toEqual(['head.hinge', 'head.latch', 'bolt.low', 'foot.latch']);
    const down = planAt({ 'head.hinge': 3, 'head.mid': 1, 'head.latch': 0 }, [{ station: 'level.head', mm: 4 }]);
    expect([worksOf(down).has('scribeRaise'), worksOf(down).has('scribeHead')]).toEqual([false, true]);
  });

  it('planes a foot that is too near the sill when shut, and no more than it needs', () => {
    const low = planAt(
      { 'foot.hinge': 0.2, 'foot.mid': 0.1, 'foot.latch': 0 },
      [{ station: 'foot.swing', mm: 4 }],
      [
        { finding: 'complaint', answer: 'dragsFloor' },
        { finding: 'floorDrag', answer: 'shut' },
      ],
    );
    const step = low.plans[0]?.steps.find(({ action: id }) => id === 'planeFoot');
    expect(step?.recheck).toEqual(['foot.hinge', 'foot.mid', 'foot.latch', 'foot.swing']);
    // From next to nothing to the 3 mm of an interior door, and no further than 1.5 mm more; told in half millimetres.
    for (const mm of [step?.planed?.fromMm, step?.planed?.toMm]) {
      expect(mm).toBeGreaterThanOrEqual(2.5);
      expect(mm).toBeLessThanOrEqual(5);
    }
  });

  it('cuts a foot that drags once, for the swing and the sill, and sets no hinge for it', () => {
    const high = planAt({ 'foot.hinge': 0.6, 'foot.mid': 0.5, 'foot.latch': 0.4 }, [{ station: 'foot.swing', mm: 0.6 }]);
    expect(high.plans[0]?.steps.map(({ action: id }) => id)).toEqual(['trimFoot']);
    const foot = high.plans[0]?.gaps.find(({ station }) => station === 'foot.latch');
    expect((foot?.afterMm ?? NaN) - (foot?.beforeMm ?? NaN)).toBeCloseTo(2.4, 0);
  });
});
