import { hatch, sunkPeg } from '../hatch.fixture';
import { believe } from '../inference/believe';
import type { Belief } from '../inference/belief';
import { modelOf } from '../model/doorModel';
import { adviceFor } from './advice';
import type { Candidate } from './candidate';
import { lostPlans } from './lostPlans';
import { rulingsOn } from './rulings';
import { waysToTreat } from './ways';
import { believedAt, KIND, leftAlone, model, plan, setting } from './planning.fixture';

describe('ways to treat', () => {
  const belief = believe(model, { readings: [], findings: [] });
  const ways = (cures: string[], minutes = 10) =>
    waysToTreat(
      belief,
      KIND.actions.map((each) => ({ ...each, minutes: { first: minutes, each: 0 } })),
      [{ ...sunkPeg, cures }],
    );

  it('are one for each cure; settings go together, at the place that ails', () => {
    expect(ways(['glue', 'saw']).map(({ cures }) => cures.map(({ id }) => id))).toEqual([['glue'], ['saw']]);
    expect(ways(['packPeg'])).toMatchObject([{ mustUse: [{ action: 'packPeg', place: 2 }] }]);
    expect(ways(['set'])[0]?.sides[0]).toMatchObject({ action: { id: 'set' } });
    expect(ways(['hold'])[0]?.sides[0]).toMatchObject({ action: { id: 'hold' }, mm: 1 });
  });

  it('may hide what only work on the frame cures, or nothing that is allowed', () => {
    expect(ways(['glue'], 45).map(({ hidesCause }) => hidesCause)).toEqual([false, true]);
    expect(ways(['glue'], 44).map(({ hidesCause }) => hidesCause)).toEqual([false]);
    expect(ways(['unheard'])).toMatchObject([{ cures: [], hidesCause: false }]);
  });
});

describe('what is not allowed', () => {
  const ruled = (belief: Belief, without: string[] = []) => rulingsOn(belief, without).map(({ action: id, why }) => [id, why]);

  it('is what the card forbids, what the technician leaves out, and nothing else', () => {
    expect(ruled(believedAt({ sound: 1 }))).toEqual([]);
    expect(ruled(believedAt({ sound: 1 }), ['glue'])).toEqual([['glue', 'Left out at your wish.']]);
    const bare = { ...believedAt({ sound: 1 }), model: modelOf(KIND, { ...hatch, pegged: false }) };
    expect(new Set(ruled(bare).map(([, why]) => why))).toEqual(new Set(['This hatch has no pegs.']));
  });

  it('is planing, from one chance in five on that the slab will shrink', () => {
    expect(ruled(believedAt({ sound: 0.81, damp: 0.19 }))).toEqual([]);
    expect(ruled(believedAt({ sound: 0.79, damp: 0.21 }))).toEqual([['plane', 'It will shrink.']]);
  });
});

describe('advice', () => {
  it('names a rival nearly as likely, and says when nothing does', () => {
    expect(adviceFor(believedAt({ sunk: 0.6, damp: 0.4 }), [sunkPeg], false)).toEqual([
      'It could as well be: damp wood. Settle that before the first step.',
    ]);
    expect(adviceFor(believedAt({ sunk: 0.7, damp: 0.3 }), [sunkPeg], false)).toEqual([]);
    expect(adviceFor(believedAt({ sunk: 0.9 }), [sunkPeg], true)).toEqual(['Pegs cannot make this hatch lie flush.']);
    expect(adviceFor(believedAt({ sunk: 0.9 }), [{ ...sunkPeg, advice: 'Sister the trimmer.' }], true)).toEqual(['Sister the trimmer.']);
  });

  it('says why other ways lost: seldom true, long, not undone, or no better', () => {
    const lost = (id: string, more: Partial<Candidate>) =>
      lostPlans(model, [{ ...leftAlone, found: plan({ settings: [setting(2, id)] }), ...more }], [], leftAlone)[0];
    expect(lost('glue', { isTrue: [true, false, false, false] })).toEqual({
      says: 'glue',
      why: 'true at the first check less often, by 50 in 100',
    });
    expect(lost('glue', { minutes: 20 })?.why).toBe('takes 20 minutes longer for no better chance');
    expect(lost('glue', { irreversibility: 3 })?.why).toBe('less easily undone for no better chance');
    expect(lost('glue', {})?.why).toBe('no better, and holds less long');
    expect(lostPlans(model, [leftAlone], [], leftAlone)).toEqual([]);
  });
});
