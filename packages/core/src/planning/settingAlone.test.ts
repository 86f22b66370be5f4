import { sunkPeg } from '../hatch.fixture';
import type { DoneStep } from '../inference/observed';
import { candidate, untreated, waitsForDrying, type Candidate } from './candidate';
import { action, believedAt, leftAlone, model, plan, trial } from './planning.fixture';
import { mayPlane, settingAloneOf } from './settingAlone';

const leaving = (outside: number, trueOf4: number, more: Partial<Candidate['found']> = {}): Candidate => ({
  ...leftAlone,
  found: plan({ outside, ...more }),
  isTrue: [0, 1, 2, 3].map((n) => n < trueOf4),
  chances: { free: 1, even: 1, book: trueOf4 / 4 },
});
const hopeless = leaving(3, 0);
const planed = { planed: [{ edge: 'rim', fromMm: 1, toMm: 1 }] };

describe('setting alone', () => {
  it('will do when it leaves no more than 0.3 mm outside', () => {
    expect(settingAloneOf(model, [leaving(2, 2), leaving(0.3, 3)], hopeless)).toEqual({ can: true, chanceTrue: 0.75 });
    expect(settingAloneOf(model, [leaving(0.31, 2)], hopeless)).toEqual({ can: false, chanceTrue: 0.5 });
    expect(settingAloneOf(model, [], hopeless)).toEqual({ can: false, chanceTrue: 0 });
  });

  it('will do where the door may be inside its limits as it is, not where it is only even', () => {
    expect(settingAloneOf(model, [hopeless], leaving(3, 2))).toEqual({ can: true, chanceTrue: 0.5 });
    expect(settingAloneOf(model, [leaving(3, 3)], leaving(3, 1))).toEqual({ can: false, chanceTrue: 0.75 });
    const even = { ...leaving(3, 4), chances: { free: 1, even: 1, book: 0.29 } };
    expect(settingAloneOf(model, [hopeless], even)).toEqual({ can: false, chanceTrue: 1 });
  });

  it('is not what takes timber off or cures by more than holding', () => {
    const glued = { ...candidate(trial, { ...untreated(trial), cures: [action('glue')] }, plan()), isTrue: [true, true, true, true] };
    expect(settingAloneOf(model, [leaving(0, 4, planed), glued], hopeless)).toEqual({ can: false, chanceTrue: 0 });
  });
});

describe('timber may come off', () => {
  const belief = (done: DoneStep[] = []) => ({ ...believedAt({ sound: 1 }), done });
  const set: DoneStep[] = [
    { action: 'glue', amount: 1 },
    { action: 'packPeg', place: 'rightPeg', amount: 1 },
  ];
  const does = (chanceTrue: number) => ({ can: true, chanceTrue });

  it('where setting cannot do, and not where it can', () => {
    expect(mayPlane(belief(), [], { can: false, chanceTrue: 0 }, false)).toBe(true);
    expect(mayPlane(belief(), [], does(0.9), false)).toBe(false);
    // Nothing has been set yet: what is unlikely may still be.
    expect(mayPlane(belief([{ action: 'glue', amount: 1 }]), [], does(0), false)).toBe(false);
  });

  it('where setting was tried: below 30 in 100 once every gap is gauged again, below 12 before', () => {
    expect([0.29, 0.3].map((chance) => mayPlane(belief(set), [], does(chance), false))).toEqual([true, false]);
    expect([0.11, 0.12].map((chance) => mayPlane(belief(set), [], does(chance), true))).toEqual([true, false]);
  });

  it('where it is the cure of a cause that is treated', () => {
    const cause = (cures: string[]) => ({ ...sunkPeg, cures });
    expect(mayPlane(belief(), [cause(['packPeg']), cause(['glue', 'plane'])], does(0.9), false)).toBe(true);
    expect(mayPlane(belief(), [cause(['packPeg', 'glue'])], does(0.9), false)).toBe(false);
  });
});

describe('waiting', () => {
  const beside = (id: string) => ({ sides: [{ action: action(id), mm: 1 }] });
  const waitFor = (...cures: string[]) => ({
    sides: [{ action: { ...action('wait'), effect: { kind: 'wait' as const, cures } }, mm: 1 }],
  });

  it('is for what will shrink as it dries, and no other work beside the places', () => {
    expect(waitsForDrying(model, waitFor('damp'))).toBe(true);
    expect(waitsForDrying(model, waitFor('sunk', 'damp'))).toBe(true);
    expect(waitsForDrying(model, waitFor('sunk'))).toBe(false);
    expect(waitsForDrying(model, beside('set'))).toBe(false);
    expect(waitsForDrying(model, { sides: [] })).toBe(false);
    expect(waitsForDrying(model, { sides: [...beside('hold').sides, ...beside('wait').sides] })).toBe(true);
  });
});
