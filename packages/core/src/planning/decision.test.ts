import type { Candidate } from './candidate';
import { decide, RULES_AFTER, RULES_BEFORE, type After, type Before } from './decision';
import { action, leftAlone, plan, setting } from './planning.fixture';

const before: Before = {
  unknown: 0,
  doubted: 0,
  undone: 0,
  needsNothing: false,
  hasWorked: false,
  isFullyChecked: false,
  looksToTakeAgain: () => [],
};
const worked: Candidate = {
  ...leftAlone,
  found: plan({ settings: [setting(2)] }),
  cures: [action('glue')],
  chances: { free: 0.9, even: 0.8, book: 0.7 },
};
const after: After = {
  chosen: [worked],
  first: worked,
  leftAlone: { ...leftAlone, isTrue: [false, false, false, false] },
  isUndone: false,
  isWaiting: false,
  hasWorked: false,
  isFullyChecked: false,
  leadChance: 0.9,
  isDeniedFree: false,
  looksLeft: () => false,
  somewhatDoubted: 0,
  soleLooks: () => 0,
  untakenLooks: () => 0,
  triesToRepeat: () => 0,
  looksBeforeCutting: () => 0,
};
const early = (change: Partial<Before>) => decide(RULES_BEFORE, { ...before, ...change })?.outcome;
const late = (change: Partial<After>) => decide(RULES_AFTER, { ...after, ...change })?.outcome;
const unlikely: Candidate = { ...worked, chances: { free: 0.49, even: 0.3, book: 0.1 } };
const far: Candidate = { ...worked, found: plan({ settings: [setting(2)], outside: 2 }), isTrue: [false, false, false, true] };

it('heavy work that rests on one look has it looked at again, after readings that are doubted', () => {
  expect(late({ soleLooks: () => 1 })).toBe('look again');
  expect(late({ untakenLooks: () => 1 })).toBe('look again');
  expect(late({ soleLooks: () => 1, first: far, chosen: [far], somewhatDoubted: 1 })).toBe('read again');
  expect(late({ soleLooks: () => 1, isWaiting: true })).toBe('wait');
  // A good door is not called so while one look makes something likely that does harm unseen.
  expect(early({ needsNothing: true, looksToTakeAgain: () => ['pins'] })).toBe('look again');
  expect([early({ looksToTakeAgain: () => ['pins'] }), early({ undone: 1, looksToTakeAgain: () => ['pins'] })]).toEqual([
    'look again',
    undefined,
  ]);
});

describe('before anything is searched for', () => {
  it('what is loose is tightened first, with no gap read', () => {
    expect(early({ undone: 1, unknown: 4 })).toBe('at once');
    expect(early({ undone: 1 })).toBeUndefined();
  });

  it('nothing is planned by a gap that nobody has read, nor called true', () => {
    expect([early({ unknown: 1 }), early({ unknown: 1, needsNothing: true })]).toEqual(['measure first', 'measure first']);
  });

  it('a reading that stands against all the others is taken again, but not before what is loose has been tightened', () => {
    expect([early({ doubted: 1 }), early({ doubted: 1, needsNothing: true })]).toEqual(['read again', 'read again']);
    expect([early({ doubted: 1, undone: 1 }), early({ doubted: 1, unknown: 1 })]).toEqual([undefined, 'measure first']);
  });

  it('a door that is free and even is left alone', () => {
    expect([early({ needsNothing: true }), early({})]).toEqual(['true', undefined]);
  });

  it('a check that is free and even ends it; one that is not whole is made whole first', () => {
    expect(early({ needsNothing: true, hasWorked: true, isFullyChecked: true })).toBe('done');
    expect(early({ needsNothing: true, hasWorked: true })).toBe('check all round');
  });
});

describe('once every way has been tried', () => {
  it('what was found undone comes first', () => {
    expect(late({ isUndone: true, isWaiting: true })).toBe('at once');
  });

  it('a swollen door waits', () => {
    expect(late({ isWaiting: true })).toBe('wait');
  });

  it('after work, where nothing better is to be had, it is gauged all round', () => {
    expect(late({ hasWorked: true, first: leftAlone, leftAlone })).toBe('check all round');
    expect(late({ first: leftAlone, leftAlone })).toBe('falls short');
    // Gauged all round already, it is not sent round again.
    expect(late({ hasWorked: true, isFullyChecked: true, first: leftAlone, leftAlone })).toBe('done');
  });

  it('under the floor, with the cause open and something left to look at, no hinge is touched', () => {
    expect(late({ first: unlikely, leadChance: 0.3, looksLeft: () => true })).toBe('find out first');
    expect(late({ first: unlikely, leadChance: 0.3, looksLeft: () => false })).toBe('helps');
    expect(late({ first: unlikely, leadChance: 0.6, looksLeft: () => true })).toBe('helps');
    expect(late({ leadChance: 0.3, looksLeft: () => true })).toBe('cures');
  });

  it('says so when nothing brings it where it should be', () => {
    expect(late({ first: far, chosen: [far] })).toBe('falls short');
    expect(late({ first: far, chosen: [far, worked] })).toBe('cures');
    // Where free and even will do, a likely one is no failure however far from the book.
    const even: Candidate = { ...far, verdict: 'even', isTrue: [true, true, true, false] };
    expect(late({ first: even, chosen: [even] })).toBe('cures');
  });

  it('and where work that treats no cause hardly betters the door', () => {
    const alone = (free: number, outside: number): Candidate => ({
      ...leftAlone,
      found: plan({ outside }),
      isTrue: Array.from({ length: 20 }, (_, i) => i < free),
    });
    const set: Candidate = { ...worked, cures: [], isTrue: alone(15, 0).isTrue };
    const said = (free: number, outside: number, first = set) => late({ first, chosen: [first], leftAlone: alone(free, outside) });
    expect([said(15, 0.4), said(14, 0), said(15, 0.5)]).toEqual(['falls short', 'cures', 'cures']);
    expect(said(15, 0.4, { ...set, cures: [action('glue')] })).toBe('cures');
  });

  it('and not before a reading that only somewhat fits the others has been taken again', () => {
    expect(late({ first: far, chosen: [far], somewhatDoubted: 1 })).toBe('read again');
    expect(late({ somewhatDoubted: 1 })).toBe('cures');
    // Nor is the frame or timber touched for it.
    const cut: Candidate = { ...worked, found: plan({ planed: [{ edge: 'rim', fromMm: 1, toMm: 1 }] }) };
    const onFrame = (first: number): Candidate => ({ ...worked, cures: [{ ...action('glue'), minutes: { first, each: 0 } }] });
    const doubted = (first: Candidate) => late({ first, chosen: [first], somewhatDoubted: 1 });
    expect([doubted(cut), doubted(onFrame(45)), doubted(onFrame(44))]).toEqual(['read again', 'read again', 'cures']);
  });

  it('"cures" only when the cause is treated and the door likely free, else "helps"', () => {
    expect(late({})).toBe('cures');
    expect(late({ first: { ...worked, chances: { free: 0.5, even: 0, book: 0 } } })).toBe('cures');
    expect(late({ first: unlikely })).toBe('helps');
    expect(late({ first: { ...worked, hidesCause: true } })).toBe('helps');
  });
});
