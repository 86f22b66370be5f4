import type { CallRecord, FindingEntry } from '@proper-swing/contract';
import { proofTriesFor } from '@proper-swing/core/doors';
import { leftReadings, leftTries, proofOfCall } from './asLeft';
import { modelFor } from './door';
import { exampleAdjustment, exampleRecord } from './exampleRecord';
import { answersByFinding, observedNow } from './observed';
import { isProved, verdictWords } from '../pages/prove/proofWords';

const EVEN = {
  'latch.bottom': 3,
  'latch.mid': 3,
  'latch.top': 3,
  'head.latch': 3,
  'head.hinge': 3,
  'hinge.top': 2,
  'hinge.mid': 2,
  'hinge.bottom': 2,
} as const;
const tried = (id: string, finding: FindingEntry['finding'], answer: string): FindingEntry => ({
  id,
  writtenAt: '',
  callId: 'call',
  finding,
  answer,
  stage: 'left',
});
const allTried = (prefix: string, record: CallRecord) =>
  proofTriesFor(record.door.kind, modelFor(record.door)).map(({ finding, good }, i) => tried(`${prefix}${i}`, finding, good));
const said = (record: CallRecord) => verdictWords(proofOfCall(record), leftTries(record), leftReadings(record).isAsFound);
const found = exampleRecord({ found: EVEN });

describe('a door as it is left', () => {
  it('nothing done, what was found still holds, and says that it was as found', () => {
    expect(leftReadings(found)).toMatchObject({ isAsFound: true });
    expect(said(found)).toBe('By gauge even: 8 gaps as found. Not tried by hand: free is not claimed. 4 gaps not read.');
    const proved = { ...found, findings: allTried('t', found) };
    expect(said(proved)).toBe('Free by 7 tries; even by 8 gaps as found. 4 gaps not read.');
    expect([isProved(proofOfCall(proved), true), isProved(proofOfCall(found), true)]).toEqual([true, false]);
    // On a call for a rattle nobody gauges a gap; where one was read, even has to be shown.
    const rattle = { ...exampleRecord(), findings: allTried('t', found) };
    expect([isProved(proofOfCall(rattle), false), isProved(proofOfCall(rattle), true)]).toEqual([true, false]);
  });

  it('once something is done, neither what was found nor what was tried before it is claimed', () => {
    const worked = { ...found, findings: allTried('a', found), adjustments: [exampleAdjustment('z1')] };
    expect(said(worked)).toBe(
      'Not tried by hand: free is not claimed. Even is not claimed: too little is gauged along the hinge, head, latch.',
    );
    expect(leftTries(worked).size).toBe(0);
    const again = { ...worked, findings: [...worked.findings, ...allTried('zz', found)] };
    expect(said(again)).toMatch(/^Free by 7 tries\. Even is not claimed/);
  });

  it('says what is wrong first: a try that failed, a rub, an uneven edge', () => {
    const creeps = {
      ...found,
      findings: [...allTried('t', found).filter(({ finding }) => finding !== 'halfOpen'), tried('u', 'halfOpen', 'creeps')],
    };
    expect(said(creeps)).toMatch(/^Not free: the door creeps and stops\./);
    const rubs = exampleRecord({ found: { ...EVEN, 'latch.top': 'rubs' } });
    expect(said(rubs)).toMatch(/^Not free: it rubs at the latch gap, top\. Not even: latch gap\./);
  });

  it('a check after the last work and the last walk-round tell together', () => {
    const at = (id: string, stage: 'check' | 'left') => ({ id, writtenAt: '', callId: 'call', stage });
    const record = {
      ...found,
      adjustments: [exampleAdjustment('z1')],
      readingSets: [...found.readingSets, at('z2', 'check'), at('z3', 'left')],
    };
    const reading = (setId: string, station: 'hinge.top' | 'latch.top', mm: number) => ({
      ...{ id: `${setId}.${station}`, writtenAt: '', setId, station, mm, typed: `${mm} mm` },
      ...{ kind: 'figure' as const, instrument: 'gauge' as const },
    });
    const read = { ...record, readings: [...record.readings, reading('z2', 'hinge.top', 2.4), reading('z3', 'latch.top', 2.9)] };
    expect([...leftReadings(read).readings].map(([id, { mm }]) => [id, mm])).toEqual([
      ['hinge.top', 2.4],
      ['latch.top', 2.9],
    ]);
  });
});

describe('what the plan hears of a door as left', () => {
  const left = { id: 'z2', writtenAt: '', callId: 'call', stage: 'left' as const };
  const reading = {
    ...{ id: 'z3', writtenAt: '', setId: 'z2', station: 'latch.top' as const, mm: 0.8, typed: '0.8 mm' },
    ...{ kind: 'figure' as const, instrument: 'gauge' as const },
  };
  const measured = {
    ...found,
    adjustments: [exampleAdjustment('z1')],
    readingSets: [...found.readingSets, left],
    readings: [...found.readings, reading],
  };

  it('the last walk-round closes the work before it like a check, with what was tried', () => {
    const told = { ...measured, findings: [tried('z4', 'halfOpen', 'creeps')] };
    expect(observedNow(told).rounds).toMatchObject([
      {
        done: [{ action: 'tighten' }],
        readings: [{ station: 'latch.top', mm: 0.8 }],
        findings: [{ finding: 'halfOpen', answer: 'creeps' }],
      },
    ]);
    expect(answersByFinding(told).size).toBe(0);
  });

  it('tries from before the last work are not told of it', () => {
    const told = { ...measured, findings: [tried('y4', 'halfOpen', 'creeps')] };
    expect(observedNow(told).rounds?.[0]?.findings).toBeUndefined();
  });
});
