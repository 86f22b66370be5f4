import type { Adjustment } from '@proper-swing/contract';
import { check, recordSchema } from '@proper-swing/contract/schemas';
import { MM_PER_UNIT } from '@proper-swing/core';
import { ACTION_IDS, action, workGroup } from '@proper-swing/core/doors';
import { lengthWords } from '../../design/lengthWords';
import { outbox } from '../../offline/outbox';
import { exampleRecord } from '../../record/exampleRecord';
import { doneWords, howMuchWords, reckoningWords, whereWords } from '../../record/workWords';
import { recentWork, rememberWork } from './recentWork';
import { beginWork, correctWork, faultsOf, placesFor, stepOf, writeWork } from './workDraft';

afterEach(() => outbox.waiting().forEach((each) => outbox.remove(each)));

const callId = '01932b7e-7d1c-7000-8000-000000000001';
const record = { ...exampleRecord(), call: { ...exampleRecord().call, id: callId } };
const written = () => outbox.waiting().map(({ body }) => body as Adjustment);
const mm = lengthWords({ system: 'mm' });
const inches = lengthWords({ system: 'in', finest: 32 });

describe('work that is written down', () => {
  it('is an entry a hinge, of one act, and each is as the server takes it', () => {
    writeWork(record, { ...beginWork('shimStrip'), places: placesFor(record, 'shimStrip'), amount: 3, part: ' card ', minutes: '25' });
    const entries = written();
    expect(entries.map(({ hinge, amount, unit }) => [hinge, amount, unit])).toEqual([
      ['top', 3, 'layers of 0.5 mm card'],
      ['middle', 3, 'layers of 0.5 mm card'],
      ['bottom', 3, 'layers of 0.5 mm card'],
    ]);
    expect(new Set(entries.map(({ go }) => go)).size).toBe(1);
    expect(entries[0]).toMatchObject({ part: 'card', minutes: 25 });
    for (const body of entries) expect(check(recordSchema('adjustments'), body)).toMatchObject({ ok: true });
  });

  it.each(ACTION_IDS.filter((id) => workGroup(id) !== undefined))('%s can be written down as it is begun, once said where', (id) => {
    const begun = { ...beginWork(id), remark: 'seen', screws: [3, 1], leaf: 'door' as const };
    writeWork(record, { ...begun, places: begun.places.length === 0 && workGroup(id)?.isAtPlaces ? ['bottom'] : begun.places });
    const [body] = written();
    expect(check(recordSchema('adjustments'), body)).toMatchObject({ ok: true });
    expect([body?.unit, body?.screws]).toEqual([action(id).unit, [1, 3]]);
  });

  it('names at its field what is still wrong', () => {
    expect(faultsOf({ ...beginWork('shim') })).toEqual({ places: 'Say at which hinge.' });
    expect(faultsOf({ ...beginWork('tighten') })).toEqual({});
    expect(faultsOf({ ...beginWork('otherWork') })).toEqual({ remark: 'Say in a few words what was done.' });
    expect(faultsOf({ ...beginWork('otherWork'), remark: 'Kicked the strike in' })).toEqual({});
    expect(faultsOf({ ...beginWork('tighten'), minutes: 'long' }).minutes).toMatch(/^Minutes/);
    expect(faultsOf({ ...beginWork('bendTab'), amount: 0 }).amount).toMatch(/^Nothing was done/);
    expect(faultsOf({ ...beginWork('planeLatch'), fromMm: 0, toMm: 0 }).amount).toMatch(/^Nothing was done/);
    expect(faultsOf({ ...beginWork('shim'), places: ['top', 'bottom'], corrects: 'x' }).places).toMatch(/^One entry/);
  });

  it('is put right by an entry that takes its place', () => {
    writeWork(record, { ...beginWork('longScrew'), part: 'screw 75 mm', minutes: '8', leaf: 'frame', screws: [2] });
    const [first] = written();
    const again = correctWork(first ?? fail());
    expect(again).toMatchObject({ action: 'longScrew', places: ['top'], leaf: 'frame', screws: [2], part: 'screw 75 mm', minutes: '8' });
    writeWork(record, { ...again, places: ['bottom'] });
    const second = written()[1];
    expect([second?.supersedes, second?.hinge, second?.part]).toEqual([first?.id, 'bottom', 'screw 75 mm']);
  });

  it('steps by half a millimetre or a thirty-second of an inch, and by whole layers', () => {
    expect([stepOf('mm', 'mm'), stepOf('layers of 0.5 mm card', 'in'), stepOf('half millimetres', 'mm')]).toEqual([0.5, 1, 1]);
    expect(stepOf('mm', 'in')).toBeCloseTo(MM_PER_UNIT.in / 32, 12);
  });

  it('what was written down last stands first next time', () => {
    for (const id of ['tighten', 'shim', 'tighten', 'bendPin', 'moveStrike', 'planeLatch'] as const) rememberWork(id);
    expect(recentWork()).toEqual(['planeLatch', 'moveStrike', 'bendPin', 'tighten']);
  });
});

describe('work in words', () => {
  const work = (change: Partial<Adjustment>): Adjustment => ({
    id: 'a',
    callId,
    writtenAt: '',
    action: 'tighten',
    hinge: null,
    planned: null,
    amount: 1,
    unit: action(change.action ?? 'tighten').unit,
    fromMm: null,
    toMm: null,
    remark: '',
    ...change,
  });

  it('says what, where and how much', () => {
    const screw = work({ action: 'longScrew', hinge: 'top', leaf: 'frame', screws: [2], part: 'screw 75 mm', minutes: 8 });
    expect([doneWords(screw), whereWords(screw), howMuchWords(screw, mm)]).toEqual([
      'Long screw into the framing',
      'top hinge, leaf on the leg, screw 2 from the top',
      'screw 75 mm; 8 min',
    ]);
    expect(howMuchWords(work({ action: 'planeLatch', amount: 2, fromMm: 2, toMm: 0 }), mm)).toBe('2 to 0 mm off');
    const told = work({ action: 'otherWork', remark: 'Kicked the strike in' });
    expect([doneWords(told), howMuchWords(told, mm), whereWords(told)]).toEqual(['Kicked the strike in', '', '']);
  });

  it('says the way in words and never by a sign, in either unit', () => {
    const bent = (amount: number, words: typeof mm) => howMuchWords(work({ action: 'bendKnuckles', hinge: 'top', amount }), words);
    expect([bent(-1, mm), bent(2, inches)]).toEqual([
      '1 go of about 0.8 mm, knuckles toward the door',
      '2 goes of about 1/32 in, knuckles toward the leg',
    ]);
    expect(howMuchWords(work({ action: 'shim', hinge: 'top', amount: -2 }), inches)).toBe('2 layers of 0.02 in card taken out');
  });

  it('says where the plan cannot know what the work did', () => {
    expect(reckoningWords(work({ action: 'tighten', hinge: 'bottom' }))).toBe('');
    expect(reckoningWords(work({ action: 'tighten', hinge: 'middle' }))).toMatch(/^How far it moved the slab there/);
    expect(reckoningWords(work({ action: 'otherWork' }))).toMatch(/^Kept in the record/);
  });
});
