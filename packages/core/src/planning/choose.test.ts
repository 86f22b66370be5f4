import { candidate, isSame, setsOnly, share, untreated, workKey, type Candidate } from './candidate';
import { bestFor, furtherPlans, inTheRunning } from './choose';
import { model, action, plan, setting, trial, leftAlone } from './planning.fixture';

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

  it('for when the first fails, what helps just there', () => {
    expect(furtherPlans(quick, [quick], [quick, other])).toEqual([['if that fails', other]]);
    expect(furtherPlans(quick, [quick], [quick, make('saw', [0], 1)])).toEqual([]);
    const sure = make('packPeg', [0, 1, 2, 3], 5);
    expect(furtherPlans(sure, [sure], [sure, other])).toEqual([]);
  });

  it('nothing that is true much less often than the best is in the running', () => {
    const sure = make('packPeg', [0, 1, 2, 3], 50);
    expect(inTheRunning([sure, quick], leftAlone, { isHalfChecked: false, hasCauseToTreat: true })).toEqual([sure]);
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
