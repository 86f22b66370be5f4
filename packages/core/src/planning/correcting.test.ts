import { HATCH, hatch, hatchWork, packPeg, sunkPeg, woodCheck, type Hatch } from '../hatch.fixture';
import { believe } from '../inference/believe';
import type { Observations } from '../inference/observed';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { gapBoard } from './board';
import { candidate, untreated, type Trial } from './candidate';
import type { PlanOptions } from './correction';
import { planOf } from './plan';
import { planFor } from './planCorrections';
import type { FoundPlan } from './searchSpace';

const correct = (observed: Observations, kind: DoorKind<Hatch> = HATCH, options?: PlanOptions) =>
  planFor(observed, believe(modelOf(kind, hatch), observed), options);
const read = (left: number, right: number, more: Partial<Observations> = {}): Observations => ({
  readings: [
    { station: 'gap.left', mm: left },
    { station: 'gap.right', mm: right },
    { station: 'bolt', mm: right - 2 },
  ],
  findings: [],
  ...more,
});
const crushed = { findings: [{ finding: 'wood', answer: 'crushed' }] };
const soundWood = { findings: [{ finding: 'wood', answer: 'sound' }] };
const actionsOf = ({ plans }: ReturnType<typeof correct>) => plans.map(({ steps }) => steps.map(({ action }) => action));

describe('what becomes of a door', () => {
  it('that is true and has nothing to treat is left alone, with one plan of no steps', () => {
    const left = correct(read(2, 2.05, soundWood));
    expect([left.outcome, actionsOf(left)]).toEqual(['true', [[]]]);
    // Nothing is searched for, so nothing has lost.
    expect(left.lost).toEqual([]);
    expect(left.plans[0]).toMatchObject({ aim: 'quickest', minutes: 0, holds: 1, outside: [], uneven: [], misfit: [] });
    expect(left.plans[0]?.chances.book).toBeGreaterThan(0.9);
    expect(left.cause).toMatchObject({ id: 'sound', title: 'Nothing wrong' });
    expect(left.cause.probability).toBeGreaterThan(0.9);
  });

  it('with a cause at work is treated for it, and setting alone will do', () => {
    const cured = correct(read(2, 5.1, crushed));
    expect(cured.outcome).toBe('cures');
    expect(cured.cause.id).toBe('sunk');
    expect(actionsOf(cured)[0]).toEqual(['packPeg']);
    expect(cured.settingAlone.can).toBe(true);
    expect(cured.settingAlone.chanceTrue).toBeGreaterThan(0.8);
    const [first] = cured.plans;
    expect(first?.gaps.find(({ station }) => station === 'gap.right')).toMatchObject({
      beforeMm: expect.closeTo(5.1, 1) as number,
      afterMm: expect.closeTo(2.1, 1) as number,
    });
  });

  it('gives the same for the same seed, and nearly the same for another and for fewer draws', () => {
    const observed = read(2, 5.1, crushed);
    expect(correct(observed, HATCH, { seed: 7 })).toEqual(correct(observed, HATCH, { seed: 7 }));
    const [usual, other, fewer] = [correct(observed), correct(observed, HATCH, { seed: 2 }), correct(observed, HATCH, { draws: 60 })];
    for (const each of [other, fewer]) {
      expect(actionsOf(each)[0]).toEqual(actionsOf(usual)[0]);
      expect(each.plans[0]?.chances.book).toBeCloseTo(usual.plans[0]?.chances.book ?? NaN, 0);
    }
  });

  it('is not offered what the technician leaves out, and says so', () => {
    const { ruledOut, plans, settingAlone } = correct(read(2, 5.1, crushed), HATCH, { without: ['packPeg'] });
    expect(ruledOut.map(({ action }) => action)).toEqual(['packPeg']);
    expect(plans.flatMap(({ steps }) => steps)).toEqual([]);
    expect(settingAlone.can).toBe(false);
  });

  it('names the gaps that are too little known to plan by, the bolt never among them, and how little', () => {
    const rough = {
      ...HATCH,
      name: 'rough',
      spread: [
        { why: 'rough', sd: 3, moves: { left: 1 } },
        { why: 'rough', sd: 3, moves: { right: 1 } },
      ],
    };
    const right: Observations = { readings: [{ station: 'gap.right', mm: 2 }], findings: [] };
    const { outcome, unknown, plans, settingAlone, lost, advice } = correct(right, rough);
    expect([outcome, unknown.map(({ station }) => station)]).toEqual(['measure first', ['gap.left']]);
    expect(unknown[0]?.sdMm).toBeCloseTo(Math.sqrt(3 ** 2 + 0.1 ** 2), 6);
    expect([plans.length, plans[0]?.aim, plans[0]?.steps, settingAlone]).toEqual([1, 'quickest', [], { can: false, chanceTrue: 0 }]);
    expect([lost, advice]).toEqual([[], []]);
  });

  it('further out than its pegs go falls short, and says so', () => {
    const far = correct(read(2, 12, crushed));
    expect(far.outcome).toBe('falls short');
    expect(far.advice).toContain('Pegs cannot make this hatch lie flush.');
    expect(far.settingAlone.can).toBe(false);
    expect(correct(read(2, 5.1, crushed)).advice).toEqual([]);
  });

  it('tells what is ruled out, but for what such a door simply has not', () => {
    const told = (isObvious: boolean) => correct(read(2, 5.1, crushed), { ...HATCH, forbids: () => ({ why: 'No.', isObvious }) }).ruledOut;
    expect(told(false)).toEqual([{ action: 'packPeg', title: 'Pack the peg', why: 'No.' }]);
    expect(told(true)).toEqual([]);
  });

  it('offers a further plan only where something is to be done', () => {
    const two = { ...HATCH, actions: [packPeg, hatchWork('wedge', { holds: 1, minutes: { first: 9, each: 1 } })] };
    const kind = { ...two, causes: two.causes.map((each) => (each.id === 'sunk' ? { ...each, cures: ['packPeg', 'wedge'] } : each)) };
    const aims = (observed: Observations) => correct(observed, kind).plans.map(({ aim }) => aim);
    expect(aims(read(2, 5.1, crushed)).slice(0, 2)).toEqual(['quickest', 'lasting']);
    expect(aims(read(2, 2.05, soundWood))).toEqual(['quickest']);
  });
});

/** A hatch in which damp wood closes the rim, to be left to dry, and whose rim may be planed. */
const DAMP: DoorKind<Hatch> = {
  ...HATCH,
  name: 'damp hatch',
  causes: [
    ...HATCH.causes,
    {
      ...sunkPeg,
      id: 'damp',
      title: 'Damp wood',
      part: 'wood',
      forms: [{ id: 'usual', share: 1, axes: [{ measure: 'growth', mean: 2, sd: 0.3, moves: { left: -1, right: -1 } }] }],
      cures: ['dry'],
      forbidsPlaning: 'It will shrink again.',
    },
  ],
  findings: [...HATCH.findings, { ...woodCheck, id: 'season', chances: { otherwise: [3, 97], damp: [97, 3] } }],
  actions: [
    packPeg,
    hatchWork('dry', { order: 1, effect: { kind: 'wait', cures: ['damp'] }, amounts: [1] }),
    hatchWork('plane', { order: 7, irreversibility: 5, amounts: [], effect: { kind: 'plane', edge: 'rim' } }),
  ],
};

/** The same hatch in dry wood. */
const DRY: DoorKind<Hatch> = {
  ...DAMP,
  name: 'dry hatch',
  causes: HATCH.causes,
  findings: HATCH.findings,
  actions: DAMP.actions.filter(({ id }) => id !== 'dry'),
};

it('a reading that stands against all the others is taken again before anything is planned by it', () => {
  const slip = correct(read(2, 0.6, soundWood), DAMP);
  expect([slip.outcome, actionsOf(slip), slip.doubtful[0]?.station]).toEqual(['read again', [[]], 'gap.left']);
  expect(slip.settingAlone).toEqual({ can: false, chanceTrue: 0 });
});

describe('timber', () => {
  it('does not come off what will shrink: the door waits, by one plan', () => {
    const wet = correct(read(0.1, 0.1, { findings: [...soundWood.findings, { finding: 'season', answer: 'crushed' }] }), DAMP);
    expect(wet.cause.id).toBe('damp');
    expect([wet.outcome, wet.plans.length, wet.lost]).toEqual(['wait', 1, []]);
    expect(actionsOf(wet)[0]).toContain('dry');
    expect(actionsOf(wet)[0]).not.toContain('plane');
  });

  it('comes off where the pegs cannot give room, and stays on where they can', () => {
    const found = read(2, 0.6, soundWood);
    const tight = { ...found, readings: found.readings.map((each) => ({ ...each, again: true as const })) };
    const closing = correct(tight, DRY);
    expect(closing.plans[0]?.steps.map(({ action, planed }) => [action, planed])).toEqual([['plane', { fromMm: 0, toMm: 2 }]]);
    expect(closing.settingAlone.can).toBe(false);
    const opening = DRY.actions.map((each) =>
      each.effect.kind === 'shift' ? { ...each, effect: { ...each.effect, mmPerUnit: 1 } } : each,
    );
    const opened = correct(tight, { ...DRY, actions: opening });
    expect([opened.outcome, actionsOf(opened)[0], opened.settingAlone.can]).toEqual(['cures', ['packPeg'], true]);
  });
});

describe('a candidate as a plan', () => {
  const uncertainty = { ifKnown: { cause: 0.9, readings: 1, hand: 0.8 } };
  const model = modelOf(HATCH, hatch);
  const board = gapBoard(model, new Set());
  const trial: Trial = { model, board, drawn: [], misfitNow: [0, 0], beside: { sides: [], judged: new Set(), work: {} } as never };
  const gaps = (left: number, right: number, bolt: number) => Float64Array.from([left, right, bolt]);
  const found: FoundPlan = { settings: [], planed: [], gaps: gaps(2, 3.4, 4.04), misfit: [0.6, -0.4], outside: 0.9, price: 0 };

  it('tells each figure before and after, and what a gauge finds outside, uneven or off the line', () => {
    const plan = planOf(trial, 'lasting', candidate(trial, untreated(trial), found), gaps(2, 5, 3), uncertainty);
    expect(plan.aim).toBe('lasting');
    expect(plan.gaps).toEqual([
      { station: 'gap.left', beforeMm: 2, afterMm: 2 },
      { station: 'gap.right', beforeMm: 5, afterMm: 3.4 },
      { station: 'bolt', beforeMm: 3, afterMm: 4.04 },
    ]);
    expect(plan.outside).toEqual([{ station: 'gap.right', mm: expect.closeTo(0.4, 12) as number }]);
    expect(plan.uneven).toEqual([{ edge: 'rim', mm: expect.closeTo(0.4, 12) as number }]);
    expect(plan.misfit).toEqual([{ place: 'leftPeg', mm: 0.6 }]);
    expect([plan.steps, plan.minutes, plan.holds, plan.uncertainty]).toEqual([[], 0, 1, uncertainty]);
  });

  it('draws a gap where the work that is watched stops, unless something moves it afterwards', () => {
    const drawnAt = (settings: FoundPlan['settings']) => {
      const watched = { ...candidate(trial, untreated(trial), found), setPoints: [{ action: 'glue', station: 'gap.right', mm: 3.25 }] };
      const { gaps: moved } = planOf(trial, 'quickest', { ...watched, found: { ...found, settings } }, gaps(2, 5, 3), uncertainty);
      return moved.map(({ afterMm }) => afterMm);
    };
    const packed = { action: model.action('packPeg'), where: 0, amount: 1, shiftMm: -1, changes: gaps(0, -1, 0), price: 5 } as const;
    expect([drawnAt([]), drawnAt([packed])]).toEqual([
      [2, 3.25, 4.04],
      [2, 3.4, 4.04],
    ]);
  });
});
