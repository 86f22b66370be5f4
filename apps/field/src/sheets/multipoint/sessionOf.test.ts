import type { Adjustment, CallRecord } from '@proper-swing/contract';
import { nextTurns } from '@proper-swing/core/sheets';
import { exampleAdjustment, exampleReading, exampleRecord } from '../../record/exampleRecord';
import { turnWords } from '../turnWords';
import { camWords, turnedWords } from './gapWords';
import { handleChange } from './handleChange';
import { sessionOf, workOfTurns } from './sessionOf';
import { handleFrom, readSettings, settingFieldsFor, usualSettings } from './sessionSettings';

const { settings } = readSettings({}, 'mm');
const MAKE = exampleRecord().door.make;

/** A call with work and checks between, ids in the order they were written. */
function callWith(entries: readonly ({ work: Partial<Adjustment> } | { check: Record<string, number> })[]): CallRecord {
  const record = exampleRecord({ found: { 'latch.top': 10, 'latch.bottom': 'rubs', 'foot.latch': 6 } });
  return entries.reduce<CallRecord>((sum, entry, i) => {
    const id = `z${i}`;
    if ('work' in entry) return { ...sum, adjustments: [...sum.adjustments, exampleAdjustment(id, { hinge: null, ...entry.work })] };
    const { writtenAt } = sum.call;
    return {
      ...sum,
      readingSets: [...sum.readingSets, { id, writtenAt, callId: 'call', stage: 'check' }],
      readings: [...sum.readings, ...Object.entries(entry.check).map(([station, mm]) => exampleReading(id, station as 'latch.top', mm))],
    };
  }, record);
}

describe('a session from the record of its call', () => {
  it('begins with the gaps as found, a rub as none', () => {
    expect(sessionOf(callWith([]), MAKE, settings).found).toEqual({ latchTopMm: 10, latchBottomMm: 0, footMm: 6 });
  });

  it('turns are logged in half turns and come back as they were turned', () => {
    const turns = { height: 0.75, topSide: 1, middleSide: -0.25, bottomSide: 0, pressure: 0.5 };
    const work = workOfTurns(turns);
    expect(work.map(({ action, amount }) => [action, amount])).toEqual([
      ['turnHeight', -1.5],
      ['turnSideways', 2],
      ['turnSideways', -0.5],
      ['turnPressure', 1],
    ]);
    const record = callWith(work.map((each) => ({ work: each })));
    const [go] = sessionOf(record, MAKE, settings).goes;
    expect(go?.turns).toEqual({ height: 0.75, topSide: 1, middleSide: -0.25, pressure: 0.5 });
    expect(go?.after).toBeUndefined();
  });

  it('a check closes a go, and the next turns begin another', () => {
    const session = sessionOf(
      callWith([
        { work: { action: 'turnSideways', hinge: 'top', amount: 2 } },
        { work: { action: 'turnSideways', hinge: 'bottom', amount: 2 } },
        { check: { 'latch.top': 8.75, 'latch.bottom': 8.8 } },
        { work: { action: 'turnSideways', hinge: 'top', amount: 6 } },
      ]),
      MAKE,
      settings,
    );
    expect(session.goes).toEqual([
      { turns: { topSide: 1, bottomSide: 1 }, after: { latchTopMm: 8.75, latchBottomMm: 8.8 } },
      { turns: { topSide: 3 } },
    ]);
    expect(nextTurns(session).phase).toBe('read');
  });

  it('keeps carry how the handle felt; what was taken back is gone', () => {
    const felt = { effort: 3, bounces: false } as const;
    const kept = callWith([{ work: { action: 'turnKeeps', keep: 'centre', amount: -1, felt } }]);
    expect(sessionOf(kept, MAKE, settings).keepGoes).toEqual([{ keep: 'centre', quarters: -1, handle: felt }]);
    const lower = callWith([{ work: { action: 'turnKeeps', keep: 'topHook', screws: [2], amount: -1, felt } }]);
    expect(sessionOf(lower, MAKE, settings).keepGoes).toEqual([{ keep: 'topHook', cam: 2, quarters: -1, handle: felt }]);
    const [first] = kept.adjustments;
    if (first === undefined) throw new Error('nothing logged');
    const back = { ...kept, adjustments: [first, { ...first, id: 'zz', supersedes: first.id, withdrawn: true }] };
    expect(sessionOf(back, MAKE, settings).keepGoes).toEqual([]);
  });
});

it('the handle is told as it went before the keeps were turned and after the last of them', () => {
  const felt = { effort: 2, bounces: false } as const;
  const turned = callWith([
    { work: { action: 'turnKeeps', keep: 'centre', amount: -1, felt: { effort: 3, bounces: true } } },
    { work: { action: 'turnKeeps', keep: 'topHook', amount: -1, felt } },
  ]);
  const figures = [
    { field: 'handle.effort', typed: '4' },
    { field: 'handle.bounces', typed: 'yes' },
  ];
  const kept = { id: 'w', writtenAt: '2026-03-02T08:00:00Z', callId: turned.call.id, sheet: 'multipoint.next', figures, says: '' } as const;
  expect(handleChange({ ...turned, worksheets: [{ ...kept, figures: [...figures] }] })).toEqual({
    before: { effort: 4, bounces: true },
    now: felt,
  });
  expect(handleChange(callWith([]))).toEqual({});
});

describe('settings of a session', () => {
  it('two cams a keep where they were told of', () => {
    expect([readSettings({ cams: '2' }, 'mm').settings.cam.perKeep, settings.cam.perKeep]).toEqual([2, undefined]);
  });

  it('stand at the usual figures, and a three-way hinge has pressure screws', () => {
    expect(settings.hinge).toEqual({ height: { mmPerTurn: 1, turnsEachWay: 4 }, side: { mmPerTurn: 1, turnsEachWay: 6 } });
    expect(settings.wanted).toMatchObject({ minMm: 4, targetMm: 5, maxMm: 6 });
    expect(readSettings({ hinge: 'threeWay' }, 'mm').settings.hinge.pressure).toBeDefined();
    expect(settingFieldsFor({}).some(({ path }) => path.startsWith('pressure'))).toBe(false);
    expect(usualSettings({ hinge: 'threeWay' }, String)['pressure.turnsEachWay']).toBe('2');
  });

  it('a figure that cannot be used is named at its field and the usual one stands meanwhile', () => {
    const { settings: read, errors } = readSettings({ 'side.mmPerTurn': 'x', 'height.turnsEachWay': '0', 'wanted.targetMm': '9' }, 'mm');
    expect(Object.keys(errors).sort()).toEqual(['height.turnsEachWay', 'side.mmPerTurn', 'wanted.targetMm']);
    expect(read.hinge.side.mmPerTurn).toBe(1);
  });

  it('a handle is known once both questions are answered', () => {
    expect(handleFrom('3', '')).toBeUndefined();
    expect(handleFrom('3', 'yes')).toEqual({ effort: 3, bounces: true });
  });
});

it('turns are said as they are turned', () => {
  expect([0.25, 0.5, 1, 1.25, 3, -2.75].map(turnWords)).toEqual(['¼ turn', '½ turn', '1 turn', '1¼ turns', '3 turns', '2¾ turns']);
  expect([0.25, -0.25, 0].map((turns) => turnedWords('topSide', turns))).toEqual([
    '¼ turn toward the latch',
    '¼ turn toward the hinges',
    'no turn',
  ]);
  expect([0.5, 1, -1, 2, 4].map(camWords)).toEqual(['⅛ turn', '¼ turn', '¼ turn', '½ turn', '1 turn']);
});
