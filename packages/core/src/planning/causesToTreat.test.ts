import { hatch, sunkPeg } from '../hatch.fixture';
import { withChances } from '../inference/belief.fixture';
import { believe } from '../inference/believe';
import type { DoneStep } from '../inference/observed';
import { modelOf } from '../model/doorModel';
import { causesToTreat } from './causesToTreat';
import { believedAt, KIND } from './planning.fixture';

const treated = (chances: Readonly<Record<string, number>>, done: DoneStep[] = []) =>
  causesToTreat({ ...believedAt(chances), done }).map(({ id }) => id);

it('what is as likely as 35 in 100 is treated, the likeliest first; that nothing is wrong is no cause to treat', () => {
  expect(treated({ sound: 0.2, damp: 0.38, sunk: 0.42 })).toEqual(['sunk', 'damp']);
  expect(treated({ sound: 0.65, sunk: 0.35 })).toEqual(['sunk']);
  expect(treated({ sound: 0.66, sunk: 0.34 })).toEqual([]);
});

it('of two causes of one part the likelier is treated', () => {
  const kind = { ...KIND, causes: [...KIND.causes, { ...sunkPeg, id: 'split' }] };
  const belief = believe(modelOf(kind, hatch), { readings: [], findings: [] });
  expect(causesToTreat(withChances(belief, { split: 0.4, sunk: 0.36 })).map(({ id }) => id)).toEqual(['split']);
  // What has been dealt with hides no other of its part.
  const packed = { ...withChances(belief, { sunk: 0.5, split: 0.4 }), done: [{ action: 'packPeg', place: 'rightPeg', amount: 1 }] };
  const splitElsewhere = { ...kind, causes: kind.causes.map((each) => (each.id === 'split' ? { ...each, cures: ['saw'] } : each)) };
  expect(causesToTreat({ ...packed, model: modelOf(splitElsewhere, hatch) }).map(({ id }) => id)).toEqual(['split']);
});

it('what was set where it ails has been dealt with; elsewhere it has not', () => {
  const packed = (place: string) => treated({ sound: 0.1, sunk: 0.9 }, [{ action: 'packPeg', place, amount: 1 }]);
  expect([packed('rightPeg'), packed('leftPeg')]).toEqual([[], ['sunk']]);
});
