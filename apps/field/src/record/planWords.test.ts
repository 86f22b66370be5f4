import type { Correction, Plan, PlannedStep } from '@proper-swing/core/doors';
import { lengthWords } from '../design/lengthWords';
import {
  againWords,
  amountWords,
  chancesInWords,
  chancesWords,
  outcomeWords,
  placeWords,
  surerByWords,
  tellsRemainder,
  uncertaintyWords,
  untilWords,
} from './planWords';

const words = lengthWords({ system: 'mm' });
const step = (change: Partial<PlannedStep>): PlannedStep => ({
  action: 'shim',
  title: '',
  amount: 2,
  unit: 'layers of 0.5 mm card',
  minutes: 1,
  how: [],
  cautions: [],
  stopIf: '',
  recheck: [],
  lookAgain: [],
  ...change,
});

describe('a step in words', () => {
  it('says how much, one or many', () => {
    expect(amountWords(step({}), words)).toBe('2 layers of 0.5 mm card');
    expect(amountWords(step({ amount: 1 }), words)).toBe('1 layer of 0.5 mm card');
    expect(amountWords(step({ action: 'bendKnuckles', amount: -1, unit: 'goes of about 0.8 mm' }), words)).toBe(
      '1 go of about 0.8 mm, knuckles toward the door',
    );
  });

  it('says in millimetres how much deeper a leaf is let in', () => {
    expect(amountWords(step({ action: 'deepen', amount: 3, unit: 'half millimetres' }), words)).toBe('1.5 mm deeper');
  });

  it('says where timber comes off, and where none does', () => {
    expect(amountWords(step({ action: 'planeLatch', planed: { fromMm: 3.5, toMm: 0 } }), words)).toBe(
      '3.5 at the top, nothing at the foot',
    );
    expect(amountWords(step({ action: 'planeHead', planed: { fromMm: 0, toMm: 2.5 } }), words)).toBe(
      'nothing at the hinge end, 2.5 mm at the latch end',
    );
  });

  it('says at which gap to stop, where the work is done by watching one', () => {
    expect(untilWords(step({ until: { station: 'hinge.top', mm: 2.25 } }), lengthWords({ system: 'mm', decimals: 2 }))).toBe(
      'Stop when the hinge gap, top reads 2.25 mm.',
    );
    expect(untilWords(step({}), words)).toBe('');
  });

  it('says why the same work comes again', () => {
    const again = { station: 'hinge.top' as const, readMm: 2.42, wantedMm: 1.8 };
    expect(againWords(step({ again }), words)).toBe('Again: the hinge gap, top read 2.4 after it; 1.8 mm is wanted.');
    expect(againWords(step({}), words)).toBe('');
  });

  it('says which way a hinge is thrown', () => {
    const thrown = (amount: number) => amountWords(step({ action: 'throwHinge', amount, unit: 'mm' }), words);
    expect([thrown(5.5), thrown(-5.5)]).toEqual(['5.5 mm into the room', '5.5 mm toward the stop']);
  });

  it('says which hinge and which way the slab goes', () => {
    expect(placeWords(step({ place: 'bottom', shiftMm: 1.05 }), words)).toBe('bottom hinge: slab 1 mm toward the latch');
    expect(placeWords(step({ place: 'top', shiftMm: -2.4 }), words)).toBe('top hinge: slab 2.4 mm toward the hinges');
  });

  it('says which end of a panel and which way it goes, with the turns of its screw', () => {
    expect(placeWords(step({ place: 'lead', shiftMm: 2.3 }), words)).toBe('closing end: panel 2.3 mm up');
    expect(placeWords(step({ place: 'trail', shiftMm: -1.5 }), words)).toBe('other end: panel 1.5 mm down');
    expect(amountWords(step({ action: 'turnScrew', amount: -3, unit: 'half turns' }), words)).toBe('3 half turns down');
  });

  it('says of pivots and top wheels what moves and which way, and once', () => {
    const top = step({ action: 'setTopPivot', place: 'topPivot', amount: -7, shiftMm: -7, unit: 'mm' });
    expect([amountWords(top, words), placeWords(top, words)]).toEqual(['7 mm toward their own jamb', 'top pivot']);
    const foot = step({ action: 'turnPivot', place: 'footPivot', amount: 4, shiftMm: 2.5, unit: 'half turns' });
    expect([amountWords(foot, words), placeWords(foot, words)]).toEqual(['4 half turns up', 'foot pivot: leaves 2.5 mm up']);
    const wheels = step({ action: 'setTopWheels', place: 'topWheels', amount: -3.5, shiftMm: -3.5, unit: 'mm' });
    expect([amountWords(wheels, words), placeWords(wheels, words)]).toEqual(['3.5 mm less room above', 'top wheels']);
  });
});

it('what is done at once is told as what holds, or as what hides the rest', () => {
  const atOnce = (action: PlannedStep['action']) =>
    outcomeWords({ outcome: 'at once', plans: [{ minutes: 8, steps: [{ action }] }] } as unknown as Correction, 'sliding');
  expect(atOnce('fitClip')).toMatch(/^Make what is loose hold first, about 8 minutes/);
  expect(atOnce('cleanTrack')).toMatch(/^Do this first, about 8 minutes/);
});

it('asks for a try, or for a look, before anything rests on it', () => {
  const asks = (lookAgain: Correction['lookAgain']) =>
    outcomeWords({ outcome: 'look again', lookAgain } as unknown as Correction, 'hinged');
  expect(asks(['halfOpen'])).toMatch(/^Before anything is done, try this/);
  expect(asks(['legSound'])).toMatch(/^Before anything is begun, look here/);
});

describe('how sure a plan is', () => {
  const plan = (even: number, uncertainty: Plan['uncertainty']): Plan => ({
    aim: 'quickest',
    steps: [],
    minutes: 0,
    chances: { free: 1, even, book: 0 },
    uncertainty,
    holds: 1,
    gaps: [],
    outside: [],
    uneven: [],
    misfit: [],
  });

  it('is told by what its chance would be, what would help most first, and what would help little not at all', () => {
    const unsure = plan(0.7, { ifKnown: { cause: 0.8, readings: 0.74, hand: 0.9 }, reading: { station: 'bolt.low', chance: 0.78 } });
    expect(uncertaintyWords(unsure, 'even')).toBe('Even would be 90 % with a steady hand, 80 % with the cause known.');
    expect(surerByWords(unsure, 'even')).toMatch(/^To be surer, read: bolt.* \(even 78 %\)$/);
    const sure = plan(0.98, { ifKnown: { cause: 1, readings: 1, hand: 0.99 } });
    expect([uncertaintyWords(sure, 'even'), surerByWords(sure, 'even')]).toEqual(['', '']);
  });

  it('promises nothing of a door that waits, and of one that is left alone says how it stands', () => {
    const known = { ifKnown: { cause: 1, readings: 1, hand: 1 } };
    const correction = (outcome: Correction['outcome'], binds: Correction['binds'] = 'even') =>
      ({ outcome, binds, cause: { id: 'swollenSlab', title: 'Slab swollen', probability: 0.92 }, unknown: [] }) as unknown as Correction;
    expect(chancesWords(plan(0.3, known), correction('wait'))).toBe('For: slab swollen (92 %).');
    expect(chancesWords(plan(0.3, known), correction('read again'))).toBe('');
    expect(chancesWords(plan(0.88, known), correction('true'))).toBe(
      'As it stands free over 99 %, even 88 %, by the book under 1 %; still so in two years over 99 %.',
    );
    expect(chancesWords({ ...plan(0.88, known), steps: [step({})] }, correction('cures', 'free'))).toBe(
      'For: slab swollen (92 %). At the first check free over 99 %, no gap was read; still so in two years over 99 %. Check after every step.',
    );
    expect([
      chancesInWords(plan(0.3, known), correction('wait')),
      chancesInWords({ ...plan(0.3, known), steps: [step({})] }, correction('cures')),
      chancesInWords(plan(0.88, known), correction('true')),
      chancesInWords(plan(0.88, known), correction('cures', 'free')),
      chancesInWords(plan(0.7, known), correction('falls short', 'book')),
    ]).toEqual([
      'For: slab swollen, very likely.',
      'For: slab swollen, very likely. Free: almost sure. Even: not likely, a second go is likely.',
      'Free: almost sure. Even: very likely.',
      'For: slab swollen, very likely. Free: almost sure. No gap was read.',
      'For: slab swollen, very likely. Free: almost sure. Even: likely. By the book: hardly.',
    ]);
    // What is loose is made to hold before the cause is treated.
    const before = (action: PlannedStep['action']) =>
      chancesInWords({ ...plan(0.88, known), steps: [step({ action })] }, correction('at once')).slice(0, 4);
    expect([before('tighten'), before('dryAndSeal')]).toEqual(['Free', 'For:']);
    // What has been treated is not what further work is for.
    const treated = { ...correction('cures'), cause: { ...correction('cures').cause, isTreated: true as const } };
    expect([chancesInWords(plan(0.88, known), treated), chancesWords(plan(0.88, known), treated)].map((said) => said.slice(0, 5))).toEqual([
      'Free:',
      'As it',
    ]);
    expect([tellsRemainder(correction('wait')), tellsRemainder(correction('cures'))]).toEqual([false, true]);
  });
});
