import type { CallRecord, ReadingEntry } from '@proper-swing/contract';
import { exampleAdjustment, examplePanel, exampleRecord } from './exampleRecord';
import {
  answersByFinding,
  currentSet,
  lastReadings,
  observedAt,
  observedNow,
  readingsByStation,
  triesAsLeft,
  uncheckedWork,
} from './observed';
import { uncomputedOf } from './uncomputed';

const record = exampleRecord({ found: { 'hinge.top': 4.8, 'latch.top': 'rubs' } });
const check = (id: string) => ({ id, writtenAt: '2026-03-02T08:40:00Z', callId: 'call', stage: 'check' as const });
const reading = (id: string, setId: string, mm: number): ReadingEntry => ({
  id,
  writtenAt: '2026-03-02T08:40:00Z',
  setId,
  station: 'hinge.top',
  kind: 'figure',
  mm,
  typed: `${mm} mm`,
  instrument: 'gauge',
});

describe('a device whose clock is a day slow', () => {
  // Its ids come before all that was written before it.
  const slow = (id: string) => `0${id}`;
  const [found] = record.readingSets;
  const last = [...record.readings, ...record.readingSets].reduce((latest, { id }) => (id > latest ? id : latest), '');

  it('goes on with the check it has begun, though an earlier one seems later', () => {
    const early = { ...check('z1'), after: last };
    const its = { ...check(slow('1')), after: 'z1' };
    const both = { ...record, readingSets: [...record.readingSets, early, its] };
    expect(currentSet(both, 'check')).toBe(its);
    expect(currentSet(both, 'found')).toBe(found);
  });

  it('what it reads counts after what was read before it', () => {
    const set = { ...check('z1'), after: last };
    const readings = [...record.readings, { ...reading('z2', 'z1', 2.4), after: 'z1' }, { ...reading(slow('3'), 'z1', 3.1), after: 'z2' }];
    const both = { ...record, readingSets: [...record.readingSets, set], readings };
    expect(readingsByStation(both, 'check').get('hinge.top')?.mm).toBe(3.1);
    expect(lastReadings(both).get('hinge.top')?.mm).toBe(3.1);
  });
});

describe('what the engine is told of the work on a call', () => {
  it('nothing but what was found, until work has been checked', () => {
    const worked = { ...record, adjustments: [exampleAdjustment('z1')] };
    expect(observedNow(worked)).toEqual(observedAt(worked, 'found'));
    expect(uncheckedWork(worked).map(({ id }) => id)).toEqual(['z1']);
  });

  it('each check closes the work before it, in order', () => {
    const worked = {
      ...record,
      adjustments: [
        exampleAdjustment('z1'),
        exampleAdjustment('z3', { action: 'planeLatch', hinge: null, amount: 2, fromMm: 2, toMm: 0.5 }),
        exampleAdjustment('z5', { action: 'shim', hinge: 'bottom', amount: 2 }),
      ],
      readingSets: [...record.readingSets, check('z2'), check('z4')],
      readings: [...record.readings, reading('r1', 'z2', 2.4), reading('r2', 'z4', 2.1)],
    };
    expect(observedNow(worked).rounds).toEqual([
      {
        done: [{ action: 'tighten', place: 'top', amount: 1 }],
        readings: [{ station: 'hinge.top', mm: 2.4, instrument: 'gauge', stepMm: 0.1 }],
      },
      {
        done: [{ action: 'planeLatch', amount: 2, planed: { fromMm: 2, toMm: 0.5 } }],
        readings: [{ station: 'hinge.top', mm: 2.1, instrument: 'gauge', stepMm: 0.1 }],
      },
    ]);
    expect(uncheckedWork(worked).map(({ id }) => id)).toEqual(['z5']);
  });

  it('work after which nothing is gauged is checked by trying it', () => {
    const pin = exampleAdjustment('z1', { action: 'bendPin' });
    const tried = {
      id: 'f1',
      writtenAt: '2026-03-02T08:35:00Z',
      callId: 'call',
      finding: 'halfOpen' as const,
      answer: 'creeps',
      adjustmentId: 'z1',
    };
    const worked = { ...record, adjustments: [pin] };
    expect([observedNow(worked).rounds, uncheckedWork(worked).length]).toEqual([undefined, 1]);
    const rounds = [
      { done: [{ action: 'bendPin', place: 'top', amount: 1 }], readings: [], findings: [{ finding: 'halfOpen', answer: 'creeps' }] },
    ];
    const checked = { ...worked, findings: [tried] };
    expect([observedNow(checked).rounds, uncheckedWork(checked)]).toEqual([rounds, []]);
    // A second pin waits for a try of its own.
    const both = { ...checked, adjustments: [pin, exampleAdjustment('z2', { action: 'bendNextPin', hinge: 'bottom' })] };
    expect([observedNow(both).rounds, uncheckedWork(both).map(({ id }) => id)]).toEqual([rounds, ['z2']]);
    // A tightened screw is gauged, whatever was looked at.
    expect(observedNow({ ...checked, adjustments: [exampleAdjustment('z1')] }).rounds).toBeUndefined();
  });

  it('a look at what was done is not enough to go on while a try of it is still asked for', () => {
    const answered = (id: string, finding: 'track' | 'trackFelt' | 'pull', answer: string) => ({
      ...{ id, writtenAt: '2026-03-02T08:35:00Z', callId: 'call', adjustmentId: 'z1' },
      ...{ finding, answer },
    });
    const worked = { ...examplePanel(), adjustments: [exampleAdjustment('z1', { action: 'cleanTrack', hinge: null })] };
    const looked = { ...worked, findings: [answered('f1', 'track', 'clean')] };
    const tried = { ...worked, findings: [answered('f2', 'pull', 'free')] };
    expect([worked, looked, tried].map((each) => uncheckedWork(each).length)).toEqual([1, 1, 0]);
    expect(observedNow({ ...looked, findings: [...looked.findings, ...tried.findings] }).rounds).toEqual([
      {
        done: [{ action: 'cleanTrack', amount: 1 }],
        readings: [],
        findings: [
          { finding: 'track', answer: 'clean' },
          { finding: 'pull', answer: 'free' },
        ],
      },
    ]);
    // Where only looks are asked for, all of them are.
    const bent = (findings: CallRecord['findings']) => ({
      ...{ ...examplePanel(), findings },
      adjustments: [exampleAdjustment('z1', { action: 'straightenTrack', hinge: null })],
    });
    const felt = answered('f3', 'trackFelt', 'true');
    expect(uncheckedWork(bent([felt]))).toHaveLength(1);
    expect(uncheckedWork(bent([felt, answered('f1', 'track', 'clean')]))).toEqual([]);
  });

  it('what was tried between two pieces of work stays a round of its own when gaps are gauged after the second', () => {
    const pin = exampleAdjustment('z1', { action: 'bendPin' });
    const worked = {
      ...record,
      ...{ adjustments: [pin, exampleAdjustment('z3')], readingSets: [...record.readingSets, check('z4')] },
      readings: [...record.readings, reading('r1', 'z4', 2.4)],
      findings: [
        {
          ...{ id: 'z2', writtenAt: '2026-03-02T08:35:00Z', callId: 'call', adjustmentId: 'z1' },
          ...{ finding: 'halfOpen' as const, answer: 'creeps' },
        },
      ],
    };
    expect(observedNow(worked).rounds).toEqual([
      { done: [{ action: 'bendPin', place: 'top', amount: 1 }], readings: [], findings: [{ finding: 'halfOpen', answer: 'creeps' }] },
      { done: [{ action: 'tighten', place: 'top', amount: 1 }], readings: [expect.objectContaining({ station: 'hinge.top', mm: 2.4 })] },
    ]);
    // Where nothing was done after the try, its answer and the gauge tell of one piece of work.
    const [round] = observedNow({ ...worked, adjustments: [pin] }).rounds ?? [];
    expect(round).toMatchObject({ done: [{ action: 'bendPin' }], readings: [{ mm: 2.4 }], findings: [{ finding: 'halfOpen' }] });
  });

  it('a check made again after a step goes with that step, and not with the door as found', () => {
    const answer = (id: string, text: string, adjustmentId?: string) => ({
      id,
      writtenAt: '2026-03-02T08:35:00Z',
      callId: 'call',
      finding: 'topScrews' as const,
      answer: text,
      ...(adjustmentId !== undefined && { adjustmentId }),
    });
    const worked = {
      ...record,
      findings: [answer('f1', 'loose'), answer('f2', 'spinning', 'z1'), answer('f3', 'tight', 'z3')],
      adjustments: [exampleAdjustment('z1'), exampleAdjustment('z3', { action: 'longScrew' })],
      readingSets: [...record.readingSets, check('z2')],
      readings: [...record.readings, reading('r1', 'z2', 2.4)],
    };
    const { findings, rounds } = observedNow(worked);
    expect(findings).toEqual([{ finding: 'topScrews', answer: 'loose' }]);
    expect(rounds?.map((round) => round.findings)).toEqual([[{ finding: 'topScrews', answer: 'spinning' }]]);
    const [, second] = worked.adjustments;
    expect(answersByFinding(worked).get('topScrews')).toBe('loose');
    expect(answersByFinding(worked, second).get('topScrews')).toBe('tight');
  });

  it('what cannot be looked at has no answer, and is not asked for again', () => {
    const cannot = { id: 'f1', writtenAt: '2026-03-02T08:35:00Z', callId: 'call', finding: 'topScrews' as const, answer: 'cannot' };
    const worked = { ...record, findings: [cannot, { ...cannot, id: 'f2', finding: 'edges' as const, stage: 'left' as const }] };
    expect(observedAt(worked, 'found')).toMatchObject({ findings: [], unreachable: ['topScrews'] });
    expect(answersByFinding(worked).get('topScrews')).toBe('cannot');
    expect(triesAsLeft(worked)).toEqual([]);
    expect(uncomputedOf(worked)).toEqual([]);
  });

  it('a reading that took the place of an earlier one was taken twice', () => {
    const [first] = record.readings;
    if (first === undefined) throw new Error('the example has a reading');
    const twice = { ...record, readings: [...record.readings, { ...first, id: 'again', supersedes: first.id }] };
    const taken = (of: typeof record) => observedAt(of, 'found').readings.find(({ station }) => station === first.station)?.again;
    expect([taken(record), taken(twice)]).toEqual([undefined, true]);
  });

  it('a step taken back is not told, and a check without a reading closes nothing', () => {
    const taken = { ...exampleAdjustment('z1b'), supersedes: 'z1', withdrawn: true };
    const worked = {
      ...record,
      adjustments: [exampleAdjustment('z1'), taken, exampleAdjustment('z3')],
      readingSets: [...record.readingSets, check('z2')],
    };
    expect(observedNow(worked).rounds).toBeUndefined();
    expect(uncheckedWork(worked).map(({ id }) => id)).toEqual(['z3']);
  });
});
