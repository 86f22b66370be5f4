import { hatchWork } from '../hatch.fixture';
import { PASSES_MM } from '../model/profile';
import { candidate, isSame, setsOnly, share, untreated, workKey, type Candidate } from './candidate';
import type { Setting } from './searchSpace';
import { bestFor, equalWork, furtherPlans, inTheRunning, isGoodAsItIs, leastWork, worthTheirTimber } from './choose';
import { model, action, gaps, plan, setting, trial, leftAlone } from './planning.fixture';

describe('a candidate', () => {
  it('is counted on the drawn doors, and costs its minutes and what is not undone', () => {
    expect(leftAlone.isTrue).toEqual([true, true, true, false]);
    expect(share(leftAlone.isTrue)).toBe(0.75);
    expect([leftAlone.minutes, leftAlone.irreversibility, leftAlone.holds]).toEqual([0, 0, 1]);
    const worked = candidate(
      trial,
      { ...untreated(trial), cures: [action('glue')] },
      plan({ settings: [setting(2, 'packPeg', 2)], planed: [{ edge: 'rim', fromMm: 0, toMm: 0 }] }),
    );
    expect([worked.minutes, worked.irreversibility, worked.holds]).toEqual([4 + 5 + 4, 5, 0.9]);
  });

  it('has the work beside the places and the strike in its minutes', () => {
    const worked = candidate(
      trial,
      { ...untreated(trial), sides: [{ action: action('set'), mm: 1 }] },
      plan({ strike: { choice: { action: action('strike'), upToMm: 3, price: 0 }, mm: 1 } }),
    );
    expect(worked.minutes).toBe(4 + 4);
  });

  it('is true by what its sides are brought to or held against', () => {
    const skewed = (skew: number, ...sides: string[]) => {
      const doors = trial.drawn.map((door) => ({ ...door, gaps: gaps(2, 2, 0, skew) }));
      const judged = { sides: model.tables.sides, judged: new Set(['skew']), work: {} };
      const work = sides.map((id) => ({ action: action(id), mm: 1 }));
      const skewedTrial = { ...trial, drawn: doors, beside: judged };
      return candidate(skewedTrial, { ...untreated(skewedTrial), sides: work }, plan()).isTrue[0];
    };
    expect([skewed(0.9), skewed(2.9), skewed(2.9, 'set'), skewed(2.9, 'hold'), skewed(3.1, 'hold'), skewed(2.9, 'wait')]).toEqual([
      true,
      false,
      true,
      true,
      false,
      false,
    ]);
    const held = { ...trial, beside: { sides: model.tables.sides, judged: new Set(['skew']), work: { skew: { againstMm: 5 } } } };
    const heldDoors = { ...held, drawn: held.drawn.map((door) => ({ ...door, gaps: gaps(2, 2, 0, 5.9) })) };
    expect(candidate(heldDoors, untreated(heldDoors), plan()).isTrue[0]).toBe(true);
  });

  it('is tried on the doors as they are after its cures', () => {
    const after = trial.drawn.map(() => Float64Array.of(2, 2, 0));
    expect(candidate(trial, { ...untreated(trial), after }, plan()).isTrue).toEqual([true, true, true, true]);
    expect(candidate(trial, { ...untreated(trial), after: [] }, plan()).isTrue).toEqual(leftAlone.isTrue);
    expect(untreated(trial)).toMatchObject({ cures: [], setPoints: [], sides: [], hidesCause: false });
    expect(untreated(trial).after).toEqual(trial.drawn.map(({ gaps }) => gaps));
  });

  it('names all its work: cures, set points, sides, settings, planing, strike', () => {
    const whole = candidate(
      trial,
      {
        ...untreated(trial),
        cures: [action('glue')],
        setPoints: [{ action: 'glue', station: 'gap.right', mm: 2.5 }],
        sides: [{ action: action('set'), mm: 1 }],
      },
      plan({
        settings: [setting(2, 'packPeg', 3)],
        planed: [{ edge: 'rim', fromMm: 0, toMm: 1.5 }],
        strike: { choice: { action: action('strike'), upToMm: 3, price: 0 }, mm: 1 },
      }),
    );
    expect(workKey(whole)).toBe('glue,glue:2.5,set,packPeg@2×3,rim:0-1.5,strike');
    expect(workKey(leftAlone)).toBe('');
  });

  it('is the same when its work is the same, and names what it works on', () => {
    const other = candidate(trial, untreated(trial), plan({ settings: [setting('whole')] }));
    expect([isSame(leftAlone, leftAlone), isSame(leftAlone, other)]).toEqual([true, false]);
    expect(workKey(other)).toContain('packPeg@whole×1');
  });

  it('sets only places when it takes no timber off and cures by what holds them', () => {
    const glued = candidate(trial, { ...untreated(trial), cures: [action('glue')] }, plan());
    const planed = candidate(trial, untreated(trial), plan({ planed: [{ edge: 'rim', fromMm: 1, toMm: 1 }] }));
    expect([setsOnly(model, leftAlone), setsOnly(model, glued), setsOnly(model, planed)]).toEqual([true, false, false]);
  });
});

describe('choosing', () => {
  const make = (id: string, isTrueOn: number[], minutes: number, more: Partial<Candidate> = {}): Candidate => ({
    ...leftAlone,
    found: plan({ settings: [setting(2, id)] }),
    isTrue: [0, 1, 2, 3].map((n) => isTrueOn.includes(n)),
    minutes,
    ...more,
  });
  const quick = make('packPeg', [0, 1, 2], 5);
  const lasting = make('glue', [0, 1, 2], 30, { holds: 1 });
  const other = make('saw', [3], 40);

  it('the quickest weighs chance against minutes; the lasting what still holds', () => {
    const brief = { ...quick, holds: 0.3 };
    expect(bestFor('quickest', [lasting, brief], leftAlone)).toBe(brief);
    expect(bestFor('lasting', [lasting, brief], leftAlone)).toBe(lasting);
    expect(bestFor('quickest', [], leftAlone)).toBe(leftAlone);
    // What is left outside counts even where nothing makes it true.
    const far = make('saw', [0, 1, 2], 5, { found: plan({ settings: [setting(2, 'saw')], outside: 2 }) });
    expect(bestFor('quickest', [far, quick], leftAlone)).toBe(quick);
  });

  it('weighs chance by 200 against minutes by one, and 4 minutes for each step less undone', () => {
    // A quarter of the doors more is worth 50 minutes to the quickest plan.
    const [worth, dear] = [make('glue', [0, 1, 2, 3], 5 + 49), make('glue', [0, 1, 2, 3], 5 + 51)];
    expect([bestFor('quickest', [quick, worth], leftAlone), bestFor('quickest', [quick, dear], leftAlone)]).toEqual([worth, quick]);
    const [undone, kept] = [
      make('glue', [0, 1, 2, 3], 14, { irreversibility: 10 }),
      make('glue', [0, 1, 2, 3], 16, { irreversibility: 10 }),
    ];
    expect([bestFor('quickest', [quick, undone], leftAlone), bestFor('quickest', [quick, kept], leftAlone)]).toEqual([undone, quick]);
  });

  it('weighs doors as it is told', () => {
    const [first, last] = [make('packPeg', [0, 1], 5), make('glue', [3], 5)];
    expect(bestFor('quickest', [first, last], leftAlone)).toBe(first);
    expect(bestFor('quickest', [first, last], leftAlone, [0, 0, 0, 1])).toBe(last);
    expect(bestFor('quickest', [first, last], leftAlone, [1, 1, 0, 1])).toBe(first);
    // Half of the failed doors are worth 100 minutes, whatever part of all they are.
    expect(bestFor('quickest', [make('packPeg', [0], 5), make('glue', [0, 1], 104)], leftAlone, [1, 1, 0, 0]).minutes).toBe(104);
    expect(bestFor('quickest', [make('packPeg', [0], 5), make('glue', [0, 1], 106)], leftAlone, [1, 1, 0, 0]).minutes).toBe(5);
  });

  it('what lasts is told beside the quickest when it is other work that hides no cause', () => {
    const brief = { ...quick, holds: 0.3 };
    expect(furtherPlans(brief, [brief, lasting], [])).toEqual([['lasting', lasting]]);
    expect(furtherPlans(brief, [brief, { ...lasting, hidesCause: true }], [])).toEqual([]);
  });

  it('for when the first fails nothing is told twice', () => {
    const both = make('saw', [0, 1, 2, 3], 40, { holds: 1 });
    expect(furtherPlans({ ...quick, holds: 0.1 }, [both], [both])).toEqual([['lasting', both]]);
    expect(furtherPlans({ ...quick, holds: 0.1 }, [], [quick])).toEqual([]);
  });

  it('for when the first fails counts from one failure in fifty', () => {
    const of = (failures: number, doors: number, helps: number[]) => {
      const first = { ...quick, isTrue: Array.from({ length: doors }, (_, i) => i >= failures) };
      const next = { ...other, isTrue: Array.from({ length: doors }, (_, i) => helps.includes(i)) };
      return furtherPlans(first, [first], [next]).length;
    };
    expect([of(1, 50, [0]), of(1, 51, [0]), of(1, 50, [])]).toEqual([1, 0, 0]);
    // One failed door in twenty helped is enough, one in twenty-one is not.
    expect([of(20, 40, [3]), of(21, 40, [3])]).toEqual([1, 0]);
  });

  it('for when the first fails, what helps just there', () => {
    expect(furtherPlans(quick, [quick], [quick, other])).toEqual([['if that fails', other]]);
    const { effect, ...glue } = action('glue');
    if (effect.kind !== 'cure') throw new Error('glue cures');
    const renewed = { ...quick, cures: [{ ...glue, effect: { ...effect, unsettles: [] } }] };
    expect(furtherPlans(renewed, [renewed], [renewed, other])).toEqual([]);
    expect(furtherPlans(quick, [quick], [quick, make('saw', [0], 1)])).toEqual([]);
    const sure = make('packPeg', [0, 1, 2, 3], 5);
    expect(furtherPlans(sure, [sure], [sure, other])).toEqual([]);
  });

  it('nothing that is true much less often than the best is in the running', () => {
    const sure = make('packPeg', [0, 1, 2, 3], 50);
    expect(inTheRunning([sure, quick], leftAlone, { isHalfChecked: false, hasCauseToTreat: true })).toEqual([sure]);
  });

  it('a plan true 85 times for the best one’s 100 is in the running', () => {
    const of20 = (trueOnes: number, id: string) => ({ ...make(id, [], 5), isTrue: Array.from({ length: 20 }, (_, i) => i < trueOnes) });
    const [best, near, far] = [of20(20, 'packPeg'), of20(17, 'glue'), of20(16, 'saw')];
    const alone = { ...leftAlone, isTrue: of20(0, 'packPeg').isTrue };
    expect(inTheRunning([best, near, far], alone, { isHalfChecked: false, hasCauseToTreat: false })).toEqual([best, near]);
  });

  it('to leave it alone is no plan when it is seldom true, though its work is among those tried', () => {
    const bare = { ...leftAlone, isTrue: [true, false, false, false] };
    const some = make('packPeg', [0, 1], 5);
    const running = (isHalfChecked: boolean, alone: Candidate) =>
      inTheRunning([alone, some], alone, { isHalfChecked, hasCauseToTreat: true });
    expect(running(false, bare)).toEqual([some]);
    // Gauged by halves, leaving it needs to be nearly as likely as the best that can be done.
    expect(running(true, bare)).toEqual([some]);
    const half = { ...leftAlone, isTrue: [true, true, false, false] };
    expect([running(true, half), running(false, half)]).toEqual([
      [half, some],
      [half, some],
    ]);
    const more = make('packPeg', [0, 1, 2], 5);
    const against = (isHalfChecked: boolean) => inTheRunning([more], half, { isHalfChecked, hasCauseToTreat: false });
    expect([against(true), against(false)]).toEqual([[more], [more]]);
  });

  it('a door is good as it is when it is likely even, less likely so if nothing is suspected', () => {
    const alone = (even: number, isSuspected: boolean) =>
      isGoodAsItIs({ ...leftAlone, verdict: 'even', chances: { free: 1, even, book: 0 } }, PASSES_MM, isSuspected);
    expect([alone(0.7, true), alone(0.69, true), alone(0.6, false), alone(0.59, false)]).toEqual([true, false, true, false]);
  });

  it('by the book it is good when no more is outside than gauges differ by', () => {
    const alone = (outside: number, even = 1) =>
      isGoodAsItIs({ ...leftAlone, found: plan({ outside }), chances: { free: 1, even, book: 0.2 } }, PASSES_MM);
    expect([alone(PASSES_MM), alone(PASSES_MM + 0.01), alone(0, 0.69)]).toEqual([true, false, false]);
  });

  it('timber comes off only where that makes the door what it should be a tenth more often', () => {
    const of20 = (trueOnes: number, found = plan()) => ({ ...quick, found, isTrue: Array.from({ length: 20 }, (_, i) => i < trueOnes) });
    const cut = (trueOnes: number) => of20(trueOnes, plan({ planed: [{ edge: 'rim', fromMm: 1, toMm: 1 }] }));
    const [uncut, worth, vain] = [of20(10), cut(12), cut(11)];
    expect(worthTheirTimber([uncut, worth, vain])).toEqual([uncut, worth]);
    expect(worthTheirTimber([vain])).toEqual([vain]);
    const saw = hatchWork('saw', { effect: { kind: 'cure', cures: ['sunk'], share: 1, shareSd: 0, leftSdMm: 0, cuts: 'rim' } });
    const shortened = (trueOnes: number) => ({ ...of20(trueOnes), cures: [saw] });
    const [long, short] = [shortened(13), shortened(14)];
    expect(worthTheirTimber([uncut, long, short])).toEqual([uncut, short]);
  });

  it('of plans as good as each other the one of least work is taken', () => {
    const of25 = (trueOnes: number, minutes: number, more: Partial<Candidate> = {}) =>
      make('packPeg', [], minutes, { isTrue: Array.from({ length: 25 }, (_, i) => i < trueOnes), ...more });
    const best = of25(25, 9);
    const taken = (...others: Candidate[]) => leastWork(best, [best, ...others]).minutes;
    // One door in twenty-five is within the counting, two are not.
    expect([taken(of25(24, 8)), taken(of25(23, 1)), taken(of25(25, 8, { irreversibility: 1 }))]).toEqual([8, 9, 9]);
    expect([taken(of25(25, 1, { hidesCause: true })), taken(of25(25, 1, { cures: [action('glue')] }))]).toEqual([9, 9]);
    const byBook = (book: number) => of25(25, 1, { chances: { ...best.chances, book } });
    expect([taken(byBook(best.chances.book - 0.1)), taken(byBook(best.chances.book - 0.11))]).toEqual([1, 9]);
  });

  it('the same work at every place goes before a patchwork that gains no more than a tenth', () => {
    const of20 = (trueOnes: number, settings: Setting[], more: Partial<Candidate> = {}) =>
      make('packPeg', [], 9, { found: plan({ settings }), isTrue: Array.from({ length: 20 }, (_, i) => i < trueOnes), ...more });
    const all = [setting(0), setting(1), setting(2)];
    const patchwork = of20(20, [setting(0), setting(2, 'packPeg', 3)]);
    const taken = (first: Candidate, ...others: Candidate[]) => equalWork(first, [first, ...others], 3);
    const [near, far] = [of20(18, all), of20(17, all)];
    expect([taken(patchwork, near), taken(patchwork, far)]).toEqual([near, patchwork]);
    expect(taken(patchwork, of20(18, all.slice(1)))).toBe(patchwork);
    expect(taken(patchwork, of20(18, all, { cures: [action('glue')] }))).toBe(patchwork);
    // One setting by itself is no patchwork.
    const single = of20(20, [setting(2)]);
    expect(taken(single, near)).toBe(single);
  });

  it('to leave it alone is a plan when it is likely true, and no cause is to be treated', () => {
    const running = (hasCauseToTreat: boolean, isTrueOn: number[]) =>
      inTheRunning(
        [quick],
        { ...leftAlone, isTrue: [0, 1, 2, 3].map((n) => isTrueOn.includes(n)) },
        { isHalfChecked: false, hasCauseToTreat },
      ).length;
    expect([running(false, [0, 1, 2]), running(true, [0, 1, 2]), running(false, [0, 1])]).toEqual([2, 1, 1]);
  });
});
