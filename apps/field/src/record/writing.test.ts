import { mergeRecord, type Adjustment, type CallRecord, type FindingEntry, type ReadingSet } from '@proper-swing/contract';
import type { PlannedStep } from '@proper-swing/core/doors';
import { correctionOf } from '../engine/askEngine.fixture';
import { deviceId } from '../offline/deviceId';
import { outbox } from '../offline/outbox';
import { exampleAdjustment, examplePanel, exampleReading, exampleRecord } from './exampleRecord';
import { complaintsOf, isAfterWork, observedAt, observedNow, standingWork, uncheckedWork, workRounds } from './observed';
import { adjustmentFor, logWork, withdrawAdjustment, writeAdjustment } from './writeAdjustment';
import { writeComplaint, writeFinding } from './writeFinding';
import { writeReading } from './writeReading';

afterEach(() => outbox.waiting().forEach((each) => outbox.remove(each)));

let calls = 0;
const freshRecord = (): CallRecord => {
  const record = exampleRecord({ found: { 'hinge.top': 4.8, 'latch.top': 'rubs' } });
  calls += 1;
  const call = { ...record.call, id: `writing-${calls}` };
  return { ...record, call, readingSets: record.readingSets.map((set) => ({ ...set, callId: call.id })) };
};
const now = (record: CallRecord) => outbox.waiting().reduce((sum, { kind, body }) => mergeRecord(sum, kind, body), record);
const written = <T>(kind: string) => outbox.waiting().flatMap((each) => (each.kind === kind ? [each.body as T] : []));
const figure = (mm: number) => ({ kind: 'figure', mm, typed: `${mm} mm` }) as const;

const planned = correctionOf({
  ...observedAt(
    exampleRecord({
      found: { 'latch.mid': 0.2, 'latch.top': 0.4, 'latch.bottom': 0.3, 'hinge.top': 2, 'hinge.mid': 2, 'hinge.bottom': 2 },
    }),
    'found',
  ),
  findings: [],
});
const step = {
  ...(planned.plans[0]?.steps[0] ?? fail()),
  action: 'planeLatch' as const,
  unit: 'mm',
  amount: 2,
  planed: { fromMm: 2, toMm: 1 },
};
function fail(): never {
  throw new Error('the plan has a step');
}

describe('what an entry tells of its writing', () => {
  it('is the device, and the last entry of the call that was known', () => {
    const record = freshRecord();
    writeFinding(record, 'topScrews', 'loose');
    const [finding] = written<FindingEntry>('findings');
    expect(finding?.device).toBe(deviceId());
    expect(finding?.after).toBe('set-found-latch.top');
    logWork(now(record), { action: 'tighten', amount: 1, unit: 'hinge' });
    expect(written<Adjustment>('adjustments')[0]?.after).toBe([...record.readings.map(({ id }) => id), finding?.id ?? ''].sort().pop());
  });
});

describe('answers to checks', () => {
  it('complaints stand beside each other, and each is taken back by itself', () => {
    const record = freshRecord();
    writeComplaint(record, 'rattles');
    writeComplaint(now(record), 'rubsHead');
    expect(complaintsOf(now(record))).toEqual(['rattles', 'rubsHead']);
    expect(observedAt(now(record), 'found').findings.filter(({ finding }) => finding === 'complaint')).toHaveLength(2);
    writeComplaint(now(record), 'rattles');
    expect(complaintsOf(now(record))).toEqual(['rubsHead']);
  });

  it('another answer corrects, the same again takes back, and after work it is an answer of its own', () => {
    const record = freshRecord();
    writeFinding(record, 'topScrews', 'loose');
    writeFinding(now(record), 'topScrews', 'tight');
    writeFinding(now(record), 'topScrews', 'tight');
    const [first, second, third] = written<FindingEntry>('findings');
    expect(second).toMatchObject({ answer: 'tight', supersedes: first?.id });
    expect(third).toMatchObject({ withdrawn: true, supersedes: second?.id });
    logWork(now(record), { action: 'tighten', amount: 1, unit: 'hinge' });
    const [work] = written<Adjustment>('adjustments');
    writeFinding(now(record), 'topScrews', 'tight', work);
    expect(written<FindingEntry>('findings')[3]).toMatchObject({ adjustmentId: work?.id, answer: 'tight' });
    expect(written<FindingEntry>('findings')[3]?.supersedes).toBeUndefined();
  });

  it('are told to the engine of the door as found, and not as left', () => {
    const record = freshRecord();
    writeFinding(record, 'topScrews', 'loose');
    expect(observedAt(now(record), 'found').findings).toEqual([{ finding: 'topScrews', answer: 'loose' }]);
    expect(observedAt(now(record), 'left').findings).toEqual([]);
  });
});

describe('work as it was really done', () => {
  it('a plane that went deeper or less deep is kept as it went, with the taper that was planned', () => {
    const record = freshRecord();
    for (const amount of [0.5, 2, 3]) writeAdjustment(record, step, amount, '');
    expect(written<Adjustment>('adjustments').map(({ amount, fromMm, toMm }) => [amount, fromMm, toMm])).toEqual([
      [0.5, 0.5, 0.25],
      [2, 2, 1],
      [3, 3, 1.5],
    ]);
  });

  it('what was really planed is what the engine hears of', () => {
    const record = freshRecord();
    writeAdjustment(record, step, 0.5, '');
    writeReading(now(record), 'check', 'latch.top', figure(0.8));
    expect(observedNow(now(record)).rounds?.[0]?.done).toEqual([
      { action: 'planeLatch', amount: 0.5, planed: { fromMm: 0.5, toMm: 0.25 } },
    ]);
  });

  it('stands for its step until it is taken back, and the record keeps that it was there', () => {
    const record = freshRecord();
    writeAdjustment(record, step, 2, 'came off clean');
    const done = adjustmentFor(now(record), step);
    expect(done).toMatchObject({ planned: 2, remark: 'came off clean' });
    withdrawAdjustment(now(record), done ?? fail());
    expect(adjustmentFor(now(record), step)).toBeUndefined();
    expect(now(record).adjustments).toHaveLength(2);
  });
});

describe('checks between pieces of work', () => {
  it('new work begins a new check; further readings before it go with the one that is begun', () => {
    const record = freshRecord();
    logWork(record, { action: 'tighten', hinge: 'top', amount: 1, unit: 'hinge' });
    writeReading(now(record), 'check', 'hinge.top', figure(3));
    writeReading(now(record), 'check', 'latch.top', figure(1));
    expect(written<ReadingSet>('reading-sets')).toHaveLength(1);
    logWork(now(record), { action: 'shim', hinge: 'bottom', amount: 2, unit: 'layers of 0.5 mm card' });
    expect(uncheckedWork(now(record)).map(({ action }) => action)).toEqual(['shim']);
    writeReading(now(record), 'check', 'hinge.top', figure(2.2));
    expect(written<ReadingSet>('reading-sets')).toHaveLength(2);
    expect(workRounds(now(record)).map(({ work, readings }) => [work.map(({ action }) => action), readings?.map(({ mm }) => mm)])).toEqual([
      [['tighten'], [3, 1]],
      [['shim'], [2.2]],
    ]);
  });

  it('work corrected after its check is still checked: it keeps its place', () => {
    const record = freshRecord();
    logWork(record, { action: 'shim', hinge: 'top', amount: 2, unit: 'layers of 0.5 mm card' });
    writeReading(now(record), 'check', 'hinge.top', figure(3));
    const [work] = standingWork(now(record));
    logWork(now(record), { ...(work ?? fail()), amount: 3, supersedes: work?.id ?? null });
    expect(uncheckedWork(now(record))).toEqual([]);
    expect(observedNow(now(record)).rounds?.[0]?.done).toEqual([{ action: 'shim', place: 'top', amount: 3 }]);
  });

  it('a check written on a device whose clock is slow still comes after the work its writer knew of', () => {
    const base = freshRecord();
    const slow: ReadingSet = { id: 'a-check', writtenAt: '', callId: base.call.id, stage: 'check', after: 'work' };
    const record = {
      ...base,
      adjustments: [exampleAdjustment('work')],
      readingSets: [...base.readingSets, slow],
      readings: [...base.readings, exampleReading('a-check', 'hinge.top', 2.4)],
    };
    expect(isAfterWork(record, slow)).toBe(true);
    expect(uncheckedWork(record)).toEqual([]);
    expect(observedNow(record).rounds).toHaveLength(1);
  });
});

describe('work on a sliding door', () => {
  it('is logged at its end, and told to the engine there', () => {
    const example = examplePanel({ found: { 'foot.lead': 3 } });
    const record = { ...example, call: { ...example.call, id: 'a-panel' } };
    const turn: PlannedStep = { ...step, action: 'turnScrew', place: 'lead', amount: 2, unit: 'half turns' };
    writeAdjustment(record, turn, 3, '');
    expect(written<Adjustment>('adjustments')).toMatchObject([{ action: 'turnScrew', hinge: null, end: 'lead', planned: 2, amount: 3 }]);
    const then = now(record);
    expect(adjustmentFor(then, turn)?.amount).toBe(3);
    expect(adjustmentFor(then, { ...turn, place: 'trail' })).toBeUndefined();
    expect(observedNow(then).rounds ?? []).toEqual([]);
    expect(uncheckedWork(then).map(({ end }) => end)).toEqual(['lead']);
  });

  it('a complaint of a panel is an answer to its own question', () => {
    const record = examplePanel();
    writeComplaint(record, 'jumps');
    expect(written<FindingEntry>('findings')).toMatchObject([{ finding: 'trouble', answer: 'jumps' }]);
    expect(complaintsOf(now(record))).toEqual(['jumps']);
  });
});
