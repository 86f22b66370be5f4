import type { Correction as AnyCorrection } from '../planning/correction';
import { mayBeginWith } from '../planning/mayBeginWith';
import { EXAMPLE_DOOR, readingsOf } from './exampleDoor';
import { planningOf } from './hingedAnswers';
import { hingedModel } from './hingedDoors';
import type { Correction } from './hingedPlan';
import type { ActionId } from './names/actionIds';
import type { Observed } from './observed';

const door = { ...EXAMPLE_DOOR, slabWidthMm: 610, hingeHeightsMm: [174, 700, 1225, 1751] };

/** On four hinges, sagging: many ways to treat it, and screws are tried before anything is cut. */
const sagging: Observed = {
  door,
  readings: readingsOf({
    ...{ 'hinge.top': 5.2, 'hinge.mid': 3.5, 'hinge.bottom': 1.5, 'head.hinge': 3.3, 'head.mid': 3.9, 'head.latch': 4.3 },
    ...{ 'latch.top': 'rubs', 'latch.mid': 2.1, 'latch.bottom': 3.8, 'foot.hinge': 7.2, 'foot.mid': 7, 'foot.latch': 6.4 },
    ...{ 'plumb.hinge': 0, 'plumb.latch': 2, 'width.top': 616, 'width.mid': 615, 'width.bottom': 616 },
  }),
  findings: [],
};

function planned(observed: Observed) {
  const told: { plan: Correction; allTried: boolean; after: number }[] = [];
  const work = planningOf(observed, {}, (plan, allTried) => told.push({ plan, allTried, after: pieces }));
  let pieces = 0;
  for (let step = work.next(); ; step = work.next()) {
    if (step.done) return { told, pieces, correction: step.value };
    pieces += 1;
  }
}

const work = ({ plans }: Correction) => plans[0]?.steps.map(({ action, hinge }) => [action, hinge]);

describe('a plan to begin with', () => {
  it('is told once, before all ways have been tried, and is work that can be undone', () => {
    const { told, pieces, correction } = planned(sagging);
    const [first, ...others] = told.filter(({ allTried }) => !allTried);
    expect(others).toEqual([]);
    expect(first?.after).toBeLessThan(pieces / 2);
    expect(first && work(first.plan)).toEqual(work(correction));
    expect(first?.plan.plans[0]?.chances.free).toBeGreaterThan(0.5);
  });

  it('is followed by the plan itself, before what keeps it from being sure is counted', () => {
    const { told, pieces, correction } = planned(sagging);
    const [settled] = told.filter(({ allTried }) => allTried);
    expect(settled?.after).toBeLessThan(pieces);
    const counted = ({ plans, ...rest }: Correction) => ({ ...rest, plans: plans.map(({ uncertainty: _, ...plan }) => plan) });
    expect(settled && counted(settled.plan)).toEqual(counted(correction));
    expect(correction.plans[0]?.uncertainty.ifKnown.readings).toBeGreaterThan(settled?.plan.plans[0]?.uncertainty.ifKnown.readings ?? 1);
  });

  it('changes nothing of the plan that is searched for', () => {
    const unwatched = planningOf(sagging);
    let step = unwatched.next();
    while (!step.done) step = unwatched.next();
    expect(planned(sagging).correction).toEqual(step.value);
  });

  it.each<[string, Correction['outcome'], ActionId[][], boolean]>([
    ['serves and can be undone', 'cures', [['longScrew', 'shim']], true],
    ['serves somewhat', 'helps', [['tighten']], true],
    ['takes timber off', 'cures', [['longScrew', 'planeLatch']], false],
    ['takes timber off in one of its aims', 'cures', [['tighten'], ['planeHead']], false],
    ['lets a leaf in deeper', 'cures', [['deepen']], false],
    ['falls short', 'falls short', [['shim']], false],
    ['does nothing', 'cures', [[]], false],
  ])('is taken where it %s, or not', (_, outcome, plans, isTaken) => {
    const steps = (actions: ActionId[]) => ({ steps: actions.map((action) => ({ action })) });
    const correction = { ...planned(sagging).correction, outcome, plans: plans.map(steps) };
    expect(mayBeginWith(correction as unknown as AnyCorrection, hingedModel(door))).toBe(isTaken);
  });
});
