import { hatch, hatchWork, sunkPeg } from '../hatch.fixture';
import { believe } from '../inference/believe';
import type { Belief } from '../inference/belief';
import { withChances } from '../inference/belief.fixture';
import { expectAt } from '../inference/expectation';
import type { Cause } from '../model/cause';
import { modelOf } from '../model/doorModel';
import { adviceFor } from './advice';
import type { Candidate } from './candidate';
import { lostPlans } from './lostPlans';
import { rulingsOn } from './rulings';
import { waysToTreat } from './ways';
import { believedAt, board, gaps, KIND, leftAlone, model, plan, setting } from './planning.fixture';

const asItHangs = { board, gaps: gaps(2, 2) };

/** A cause that no place has. */
const anywhere = (cures: string[]): Cause => {
  const { at: _place, ...rest } = sunkPeg;
  return { ...rest, cures };
};

describe('ways to treat', () => {
  const belief = believe(model, { readings: [], findings: [] });
  const expectedSkew = () => {
    const [right, left] = ['gap.right', 'gap.left'].map((id) => expectAt(belief, id).mean);
    return (right ?? NaN) - (left ?? NaN);
  };
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

  it('of several settings take one, wherever any will do', () => {
    const lowering = hatchWork('lower', { effect: { kind: 'lower', mmPerUnit: 1, sdShare: 0.1 } });
    const by = (cures: string[], at?: string) =>
      waysToTreat(belief, [...KIND.actions, lowering], [at === undefined ? anywhere(cures) : { ...sunkPeg, cures, at }]);
    expect(by(['packPeg', 'lower'], 'rightPeg').map(({ mustUse }) => mustUse)).toEqual([
      [
        { action: 'packPeg', place: 2 },
        { action: 'lower', place: 2 },
      ],
    ]);
    expect(by(['packPeg'])[0]?.mustUse).toEqual([{ action: 'packPeg' }]);
    expect(by(['packPeg'], 'leftPeg')[0]?.mustUse).toEqual([{ action: 'packPeg', place: 0 }]);
    // A setting and a cure are two ways.
    expect(by(['packPeg', 'glue'], 'rightPeg').map(({ cures, mustUse }) => [cures.length, mustUse.length])).toEqual([
      [0, 1],
      [1, 0],
    ]);
  });

  it('bring a side as far as it is off, hold it or wait one time, and leave timber and strike to the search', () => {
    expect(ways(['wait'])[0]?.sides).toMatchObject([{ action: { id: 'wait' }, mm: 1 }]);
    // Beforehand both pegs are at 2 mm, the right one 4 mm lower at even chances: on the whole 2 mm askew, either peg alike.
    expect(ways(['set'])[0]?.sides[0]?.mm).toBeCloseTo(-expectedSkew(), 9);
    expect(ways(['plane'])).toEqual([{ cures: [], mustUse: [], sides: [], hidesCause: false }]);
    expect(ways(['strike'])).toEqual([{ cures: [], mustUse: [], sides: [], hidesCause: false }]);
  });

  it('are none where the side is off by nought, or by less than it is known', () => {
    const settings = (left: number, right: number, stepMm = 0) => {
      const readings = [
        { station: 'gap.left', mm: left, stepMm },
        { station: 'gap.right', mm: right, stepMm },
      ];
      return waysToTreat(believe(model, { readings, findings: [] }), KIND.actions, [{ ...sunkPeg, cures: ['set'] }]).flatMap(
        ({ sides }) => sides,
      );
    };
    expect(settings(2, 3)).toHaveLength(1);
    expect(settings(2, 2.1)).toHaveLength(0);
    // As far off, and read to steps of three millimetres: the sign is open.
    expect(settings(2, 2.5)).toHaveLength(1);
    expect(settings(2, 2.5, 3)).toHaveLength(0);
  });

  it('are every way of the one cause with every way of the other, and do one thing once', () => {
    const both = (first: string[], second: string[]) =>
      waysToTreat(belief, KIND.actions, [anywhere(first), anywhere(second)]).map(({ cures }) => cures.map(({ id }) => id));
    expect(both(['glue', 'saw'], ['glue'])).toEqual([['glue'], ['saw', 'glue']]);
  });

  it('hide a cause only when all that cures it is work on the frame', () => {
    const long = KIND.actions.map((each) => (each.id === 'saw' ? { ...each, minutes: { first: 90, each: 0 } } : each));
    const hiding = (cures: string[]) => waysToTreat(belief, long, [anywhere(cures)]).map(({ hidesCause }) => hidesCause);
    expect([hiding(['saw']), hiding(['saw', 'glue'])]).toEqual([
      [false, true],
      [false, false],
    ]);
    const twice = waysToTreat(belief, long, [anywhere(['saw']), anywhere(['glue'])]);
    expect(twice.map(({ hidesCause }) => hidesCause)).toEqual([false, true]);
  });

  it('may hide what only work on the frame cures, or nothing that is allowed', () => {
    expect(ways(['glue'], 45).map(({ hidesCause }) => hidesCause)).toEqual([false, true]);
    expect(ways(['glue'], 44).map(({ hidesCause }) => hidesCause)).toEqual([false]);
    // What does harm unseen is not hidden.
    const long = KIND.actions.map((each) => ({ ...each, minutes: { first: 45, each: 0 } }));
    const harmful = { ...sunkPeg, cures: ['glue'], harmsUnseen: true as const };
    expect(waysToTreat(belief, long, [harmful]).map(({ hidesCause }) => hidesCause)).toEqual([false]);
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

  it('is what the school of the door leaves out', () => {
    const packs = modelOf({ ...KIND, leavesOut: (id) => (id === 'glue' ? 'We pack.' : undefined) }, hatch);
    expect(ruled({ ...believedAt({ sound: 1 }), model: packs })).toEqual([['glue', 'We pack.']]);
  });

  it('is planing, from one chance in five on that the slab will shrink', () => {
    expect(ruled(believedAt({ sound: 0.81, damp: 0.19 }))).toEqual([]);
    expect(ruled(believedAt({ sound: 0.79, damp: 0.21 }))).toEqual([['plane', 'It will shrink.']]);
  });
});

describe('advice', () => {
  it('names a rival nearly as likely, and says when nothing does', () => {
    expect(adviceFor(believedAt({ sunk: 0.6, damp: 0.4 }), [sunkPeg], asItHangs)).toEqual([
      'It could as well be: damp wood. Settle that before the first step.',
    ]);
    expect(adviceFor(believedAt({ sunk: 0.7, damp: 0.3 }), [sunkPeg], asItHangs)).toEqual([]);
    expect(adviceFor(believedAt({ sunk: 0.9 }), [sunkPeg], { ...asItHangs, fallsShort: true })).toEqual([
      'Pegs cannot make this hatch lie flush.',
    ]);
    expect(
      adviceFor(believedAt({ sunk: 0.9 }), [{ ...sunkPeg, advice: 'Sister the trimmer.' }], { ...asItHangs, fallsShort: true }),
    ).toEqual(['Sister the trimmer.']);
  });

  it('names rivals of the same part, however far down, each once', () => {
    const split = { ...sunkPeg, id: 'split', title: 'Split peg' };
    const kind = { ...KIND, causes: [...KIND.causes, split] };
    const belief = believe(modelOf(kind, hatch), { readings: [], findings: [] });
    const advised = (chances: Readonly<Record<string, number>>, treat: Cause[]) =>
      adviceFor(withChances(belief, chances), treat, asItHangs).map((says) => /be: (.*)\. Settle/.exec(says)?.[1]);
    expect(advised({ sound: 0.4, sunk: 0.3, split: 0.2 }, [sunkPeg])).toEqual(['split peg']);
    expect(advised({ sound: 0.4, sunk: 0.3, split: 0.15 }, [sunkPeg])).toEqual([]);
    expect(advised({ sunk: 0.5, split: 0.45 }, [sunkPeg])).toEqual(['split peg']);
    expect(advised({ sunk: 0.5, split: 0.45 }, [sunkPeg, split])).toEqual(['split peg', 'right peg sunk']);
    // Treated beside the first, the second is no rival; and another part's is named only when it comes second.
    expect(advised({ sunk: 0.5, damp: 0.45 }, [sunkPeg, model.cause('damp')])).toEqual([]);
    expect(advised({ sunk: 0.5, split: 0.1, damp: 0.25 }, [sunkPeg])).toEqual([]);
    expect(advised({ sunk: 0.5, split: 0.1, damp: 0.26 }, [sunkPeg])).toEqual(['damp wood']);
    // One that no longer has a chance has every other of its part as a rival.
    expect(advised({ sound: 0.9, split: 0.1 }, [sunkPeg])).toEqual(['split peg']);
  });

  it('says by how much an opening is more than slab and limits together, from half a millimetre on', () => {
    const own = modelOf({ ...KIND, opposite: [['rim', 'rim']] }, hatch);
    const max = board.limits[0]?.max ?? NaN;
    const told = (mm: number) => adviceFor({ ...believedAt({ sound: 1 }), model: own }, [], { board, gaps: gaps(max + mm, max + mm) });
    expect([told(0.2), told(0.25), told(1)]).toEqual([
      [],
      ['0.5 mm more than slab and limits together: share it out.'],
      ['2 mm more than slab and limits together: share it out.'],
    ]);
  });

  it('names no rival where nothing is treated', () => {
    expect(adviceFor(believedAt({ sunk: 0.3, damp: 0.29 }), [], asItHangs)).toEqual([]);
  });

  it('says what warns of the door first', () => {
    const rusty = modelOf({ ...KIND, warnings: () => ['Mind the rust.'] }, hatch);
    expect(adviceFor({ ...believedAt({ sunk: 1 }), model: rusty }, [sunkPeg], { ...asItHangs, fallsShort: true })).toEqual([
      'Mind the rust.',
      'Pegs cannot make this hatch lie flush.',
    ]);
  });

  it('says why the likeliest four of the other ways lost, each once, and none that was chosen', () => {
    const way = (amount: number, trueOnes: number, more: Partial<Candidate['found']> = {}): Candidate => ({
      ...leftAlone,
      found: plan({ ...more }),
      isTrue: [0, 1, 2, 3].map((n) => n < trueOnes),
      sides: [{ action: { ...model.action('set'), title: `Turn ${amount}` }, mm: 1 }],
    });
    const told = (all: Candidate[], chosen: Candidate[] = []) => lostPlans(model, all, chosen, way(9, 4)).map(({ says }) => says);
    expect(told([way(1, 0), way(2, 3), way(3, 1), way(4, 2), way(5, 0), way(2, 3)])).toEqual(['Turn 2', 'Turn 4', 'Turn 3', 'Turn 1']);
    expect(told([way(1, 1), way(2, 2)], [way(1, 4)])).toEqual(['Turn 2']);
    const whole: Candidate = {
      ...way(1, 3, {
        settings: [setting(0)],
        planed: [{ edge: 'rim', fromMm: 0, toMm: 1 }],
        strike: { choice: { action: model.action('strike'), upToMm: 3, price: 0 }, mm: 1 },
      }),
      cures: [model.action('glue')],
    };
    expect(told([whole])).toEqual(['glue, then pack the peg, then plane, then turn 1, then strike']);
  });

  it('tells a difference from five in a hundred and from five minutes on', () => {
    const of100 = (trueOnes: number, minutes: number): Candidate => ({
      ...leftAlone,
      found: plan({ settings: [setting(0)] }),
      isTrue: Array.from({ length: 100 }, (_, i) => i < trueOnes),
      minutes,
    });
    const why = (trueOnes: number, minutes: number) => lostPlans(model, [of100(trueOnes, minutes)], [], of100(90, 10))[0]?.why;
    expect([why(85, 10), why(86, 15), why(86, 14)]).toEqual([
      'true at the first check less often, by 5 in 100',
      'takes 5 minutes longer for no better chance',
      'no better, and holds less long',
    ]);
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
