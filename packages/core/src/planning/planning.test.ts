import { HATCH, type Hatch } from '../hatch.fixture';
import { believe } from '../inference/believe';
import type { Belief } from '../inference/belief';
import type { Observations } from '../inference/observed';
import type { Action } from '../model/action';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { seededRandom } from '../numbers/seededRandom';
import { adviceFor } from './advice';
import { evenAllowed, evenGuard, gapBoard, insetOf, isTrue, outsideBy, stationOutside, unevenBy } from './board';
import { candidate, isSame, setsOnly, share, untreated, workKey, type Candidate, type Trial } from './candidate';
import { bestFor, furtherPlans, inTheRunning } from './choose';
import { drawDoors, meanBoard } from './drawnDoors';
import { lostPlans } from './lostPlans';
import { misfitAfter, placesOffLine } from './misfit';
import { cured, endsTrue } from './outcome';
import { rulingsOn } from './rulings';
import type { FoundPlan, Setting } from './searchSpace';
import { edgesRead, heldSides, isHalfChecked, judgedSides, shiftsDone } from './soFar';
import { planingOf, recheckAfter, stepsOf } from './steps';
import { waysToTreat } from './ways';
import { workErrorsFrom } from './workErrors';

const hatch: Hatch = { widthMm: 700, pegged: true };
const [pack] = HATCH.actions;
const [sound, sunk] = HATCH.causes;
if (pack === undefined || sound === undefined || sunk === undefined) throw new Error('the hatch has its tables');

const work = (id: string, more: Partial<Action>): Action => ({ ...pack, id, title: id, ...more });

const KIND: DoorKind<Hatch> = {
  ...HATCH,
  sides: [{ id: 'skew', title: 'skew', weights: { left: 1, right: -1 }, worked: 'right', min: -1, target: 0, max: 1, readAt: ['bolt'] }],
  actions: [
    work('plane', { effect: { kind: 'plane', edge: 'rim' }, order: 3, irreversibility: 5, amounts: [] }),
    work('glue', { effect: { kind: 'cure', cures: ['sunk'], share: 0.9, shareSd: 0.1, leftSdMm: 0 }, order: 5, at: 'rightPeg' }),
    work('saw', { effect: { kind: 'cure', cures: ['sunk'], share: 1, shareSd: 0, leftSdMm: 0 }, order: 2, irreversibility: 5 }),
    work('strike', { effect: { kind: 'strike', upToMm: 3, leftSdMm: 0.2 }, order: 9, amounts: [] }),
    work('set', { effect: { kind: 'set', side: 'skew', cures: ['sunk'], leftSdMm: 0.1 }, order: 4, amounts: [] }),
    work('hold', { effect: { kind: 'hold', side: 'skew', cures: ['sunk'], againstMm: 2 }, order: 4, amounts: [1] }),
    work('wait', { effect: { kind: 'wait', cures: ['damp'] }, order: 1, amounts: [1] }),
    pack,
  ],
  causes: [
    sound,
    { ...sunk, cures: ['packPeg', 'glue'] },
    { ...sunk, id: 'damp', part: 'wood', title: 'Damp wood', cures: ['wait'], forbidsPlaning: 'It will shrink.' },
  ],
  places: () => ['leftPeg', 'midPeg', 'rightPeg'],
  placeLine: (_, size) => ({
    moves: [0, 0, 1].map((at) => Float64Array.from({ length: size }, (_each, i) => (i === at ? 1 : 0))),
    misfit: [
      [0.2, -0.4, 0.2],
      [-0.4, 0.8, -0.4],
      [0.2, -0.4, 0.2],
    ],
  }),
};
const model = modelOf(KIND, hatch);
const board = gapBoard(model, new Set());
const action = (id: string) => model.action(id);
const gaps = (left: number, right: number, bolt = 0) => Float64Array.from([left, right, bolt]);
const plan = (more: Partial<FoundPlan> = {}): FoundPlan => ({
  settings: [],
  planed: [],
  gaps: gaps(2, 2),
  misfit: [0, 0, 0],
  outside: 0,
  price: 0,
  ...more,
});
const setting = (place: Setting['where'], id = 'packPeg', amount = 1): Setting => ({
  action: action(id),
  where: place,
  amount,
  shiftMm: -amount,
  changes: gaps(0, -amount),
  price: 5,
});

/** A belief in which the causes have just these chances. */
const believedAt = (chances: Readonly<Record<string, number>>): Belief => {
  const belief = believe(model, { readings: [], findings: [] });
  return {
    ...belief,
    chances: Float64Array.from(belief.space.hypotheses, ({ causes }) => (causes.length === 1 ? (chances[causes[0]?.id ?? ''] ?? 0) : 0)),
  };
};

describe('the board', () => {
  it('has the gaps of the walk and the bolt, each with its limits', () => {
    expect(board.stations).toEqual(['gap.left', 'gap.right', 'bolt']);
    expect(board.limits[2]).toEqual({ min: -4, target: 0, max: 4 });
    expect([board.bolt, board.onEdge['rim'], board.evenEdges]).toEqual([2, [0, 1], [[0, 1]]]);
  });

  it('has an edge that only reading tells of only when something on it was read, and then no narrower than its widest', () => {
    const floor = modelOf({ ...KIND, edges: [{ id: 'rim', isEven: false, onlyWhenRead: { maxMm: 50 } }] }, hatch);
    expect(gapBoard(floor, new Set()).stations).toEqual(['bolt']);
    const read = gapBoard(floor, new Set(['rim']));
    expect([read.stations.length, read.limits[0]?.max, read.evenEdges]).toEqual([3, 50, []]);
  });

  it('counts what is outside, and unevenness beyond what is allowed', () => {
    expect(outsideBy(board, gaps(2, 2))).toBe(0);
    expect(outsideBy(board, gaps(0.5, 0.8))).toBeCloseTo(0.7, 12);
    expect(outsideBy(board, gaps(1, 3))).toBeCloseTo(1, 12);
    expect(unevenBy(board, gaps(1, 3), [0, 1], 0)).toBeCloseTo(1, 12);
    expect([stationOutside(board, gaps(3.4, 2), 0, 0), stationOutside(board, gaps(2, 2), 9, 0)]).toEqual([expect.closeTo(0.4, 12), 0]);
  });

  it('keeps a guard before its limits, a quarter of what is allowed at most, and half of the evenness', () => {
    expect([insetOf({ min: 1, max: 3 }, 0.2), insetOf({ min: 1, max: 3 }, 2)]).toEqual([0.2, 0.5]);
    expect([evenAllowed(board, 0.3), evenAllowed(board, 5)]).toEqual([0.7, 0.5]);
    expect(outsideBy(board, gaps(1.1, 1.1), evenGuard(board, 0.3))).toBeCloseTo(2 * 0.2, 12);
  });

  it('is true to so many millimetres', () => {
    expect([isTrue(board, gaps(0.9, 1), 0.15), isTrue(board, gaps(0.8, 1), 0.15), isTrue(board, gaps(1, 2.2), 0.15)]).toEqual([
      true,
      false,
      false,
    ]);
  });
});

describe('places off the line', () => {
  it('add up from what was there and every move', () => {
    const moved = [
      { place: 1, shiftMm: 1 },
      { place: 2, shiftMm: -0.5 },
    ];
    expect(misfitAfter(model.placeLine, moved, [0.1, 0, 0])).toEqual([
      expect.closeTo(-0.4, 12),
      expect.closeTo(1, 12),
      expect.closeTo(-0.5, 12),
    ]);
  });

  it('are told from what binds', () => {
    expect(placesOffLine(model, [0.49, -0.5, 0])).toEqual([{ place: 'midPeg', mm: -0.5 }]);
  });
});

describe('the steps of a plan', () => {
  const found = plan({
    settings: [setting(1), setting(2), setting(0)],
    planed: [{ edge: 'rim', fromMm: 1, toMm: 2.5 }],
    strike: { choice: { action: action('strike'), upToMm: 3, price: 1 }, mm: -1.3 },
  });
  const steps = stepsOf(model, {
    found,
    cures: [action('saw'), action('glue')],
    sides: [
      { action: action('wait'), mm: 1 },
      { action: action('set'), mm: 1.26 },
    ],
  });

  it('take the cause away first, cut last but for the strike, and set the end places before those between', () => {
    expect(steps.map(({ action: id, place }) => [id, place])).toEqual([
      ['wait', undefined],
      ['glue', 'rightPeg'],
      ['packPeg', 'leftPeg'],
      ['packPeg', 'rightPeg'],
      ['packPeg', 'midPeg'],
      ['saw', undefined],
      ['plane', undefined],
      ['set', undefined],
      ['strike', undefined],
    ]);
  });

  it('tell how much: the greater depth of a plane, half millimetres of what is brought to a figure', () => {
    const of = (id: string) => steps.find((step) => step.action === id);
    expect(of('plane')).toMatchObject({ amount: 2.5, planed: { fromMm: 1, toMm: 2.5 } });
    expect([of('strike')?.amount, of('set')?.amount]).toEqual([-1.5, 1.5]);
  });

  it('take the minutes of their amount', () => {
    const [step] = stepsOf(model, { found: plan({ settings: [setting(2, 'packPeg', 3)] }) });
    expect(step?.minutes).toBe(4 + 2 * 1);
  });

  it('stop watched work at its set point', () => {
    const [step] = stepsOf(model, {
      found: plan(),
      cures: [action('glue')],
      setPoints: [{ action: 'glue', station: 'gap.right', mm: 2.25 }],
    });
    expect(step?.until).toEqual({ station: 'gap.right', mm: 2.25 });
  });

  it('are checked where the tables say, by place, or where the side is read', () => {
    expect(recheckAfter(model.tables, 'packPeg', 'rightPeg')).toEqual(['gap.right']);
    expect(recheckAfter(model.tables, 'packPeg', 'leftPeg')).toEqual([]);
    expect(recheckAfter(model.tables, 'set')).toEqual(['bolt']);
    expect(() => recheckAfter(model.tables, 'pray')).toThrow('no action "pray"');
    expect(() => planingOf(model.tables, 'hinge')).toThrow('Nothing takes timber off the hinge edge.');
  });
});

describe('ways to treat', () => {
  const belief = believe(model, { readings: [], findings: [] });
  const ways = (cures: string[], minutes = 10) =>
    waysToTreat(
      belief,
      KIND.actions.map((each) => ({ ...each, minutes: { first: minutes, each: 0 } })),
      [{ ...sunk, cures }],
    );

  it('are one for each cure; settings go together, at the place that ails', () => {
    expect(ways(['glue', 'saw']).map(({ cures }) => cures.map(({ id }) => id))).toEqual([['glue'], ['saw']]);
    expect(ways(['packPeg'])).toMatchObject([{ mustUse: [{ action: 'packPeg', place: 2 }] }]);
    expect(ways(['set'])[0]?.sides[0]).toMatchObject({ action: { id: 'set' } });
    expect(ways(['hold'])[0]?.sides[0]).toMatchObject({ action: { id: 'hold' }, mm: 1 });
  });

  it('may hide what only work on the frame cures, or nothing that is allowed', () => {
    expect(ways(['glue'], 45).map(({ hidesCause }) => hidesCause)).toEqual([false, true]);
    expect(ways(['glue'], 44).map(({ hidesCause }) => hidesCause)).toEqual([false]);
    expect(ways(['unheard'])).toMatchObject([{ cures: [], hidesCause: false }]);
  });
});

describe('doors drawn from a belief', () => {
  const belief = believe(model, { readings: [{ station: 'gap.right', mm: 5 }], findings: [] });
  const drawn = drawDoors(belief, board, seededRandom(3), 2000);

  it('are what is believed, in the mean', () => {
    const mean = meanBoard(drawn.map(({ gaps: each }) => each));
    expect(mean[0]).toBeCloseTo(2, 1);
    expect(mean[1]).toBeCloseTo(5, 1);
    const skews = drawn.map(({ sides }) => sides['skew'] ?? NaN);
    expect(skews.reduce((sum, each) => sum + each, 0) / skews.length).toBeCloseTo(-3, 0);
  });

  it('are the same for the same seed', () => {
    expect(drawDoors(belief, board, seededRandom(3), 3)[2]?.gaps).toEqual(drawDoors(belief, board, seededRandom(3), 3)[2]?.gaps);
  });
});

describe('how work turns out on a drawn door', () => {
  const door = (normals: number[] = [], faultMm = 3) => ({
    gaps: gaps(2, 5),
    sides: { skew: 0 },
    faults: new Map([['sunk', gaps(0, faultMm)]]),
    errors: workErrorsFrom(normals),
  });
  const beside = { sides: model.tables.sides, judged: new Set<string>(), work: {} };

  it('a cure takes its share away, as well as its hand is', () => {
    expect(cured(door(), [action('glue')], board)[1]).toBeCloseTo(5 - 0.9 * 3, 12);
    expect(cured(door([1]), [action('glue')], board)[1]).toBeCloseTo(5 - 1 * 3, 12);
    // What moves nothing at the watched gap leaves nothing to watch.
    expect(cured(door([], 0.05), [action('glue')], board, [{ action: 'glue', station: 'gap.right', mm: 2 }])[1]).toBeCloseTo(
      5 - 0.9 * 0.05,
      12,
    );
  });

  it('a setting errs by its share, a plane by a slip, a strike by what it leaves', () => {
    const normals = [0, 0, 0, 1, 0, 0, 0, 0, 0, 1, 0, 1];
    const set = plan({ settings: [setting(2, 'packPeg', 3)] });
    expect(endsTrue(door(), gaps(2, 5), set, beside, board, 0)).toBe(true);
    // A tenth more than three cards, and three cards would do just.
    expect(endsTrue(door([0, 0, 0, -25]), gaps(2, 5), set, beside, board, 0)).toBe(false);
    const planed = plan({ planed: [{ edge: 'rim', fromMm: 1, toMm: 1 }] });
    expect(endsTrue(door(), gaps(0, 0), planed, beside, board, 0)).toBe(true);
    expect(endsTrue(door(normals.map((n) => -n)), gaps(0, 0), planed, beside, board, 0)).toBe(false);
    const struck = plan({ strike: { choice: { action: action('strike'), upToMm: 3, price: 0 }, mm: 0 } });
    expect(
      endsTrue(
        door(),
        gaps(2, 2, 2.9),
        struck,
        beside,
        { ...board, limits: [...board.limits.slice(0, 2), { min: -1, target: 0, max: 1 }] },
        0,
      ),
    ).toBe(true);
    expect(
      endsTrue(
        door(),
        gaps(2, 2, 3.1),
        struck,
        beside,
        { ...board, limits: [...board.limits.slice(0, 2), { min: -1, target: 0, max: 1 }] },
        0,
      ),
    ).toBe(false);
  });

  it('a side counts when it is judged or worked on: brought to its target, or held against so much more', () => {
    const off = { ...door(), sides: { skew: 2.5 } };
    const judged = { ...beside, judged: new Set(['skew']) };
    const ends = (each: typeof beside, normals: number[] = []) =>
      endsTrue({ ...off, errors: workErrorsFrom(normals) }, gaps(2, 2), plan(), each, board, 0);
    expect([ends(beside), ends(judged)]).toEqual([true, false]);
    expect(ends({ ...judged, work: { skew: { againstMm: 2 } } })).toBe(true);
    expect(ends({ ...judged, work: { skew: { leftSdMm: 0.1 } } })).toBe(true);
    expect(ends({ ...judged, work: { skew: { leftSdMm: 0.1 } } }, new Array<number>(16).fill(20))).toBe(false);
  });
});

const trial: Trial = {
  model,
  board,
  drawn: [0, 1, 2, 3].map((n) => ({ gaps: gaps(2, 2 + 0.4 * n), sides: {}, faults: new Map(), errors: workErrorsFrom([]) })),
  beside: { sides: [], judged: new Set(), work: {} },
  misfitNow: [0, 0, 0],
};
const leftAlone = candidate(trial, untreated(trial), plan());

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

describe('what is not allowed', () => {
  const ruled = (belief: Belief, without: string[] = []) => rulingsOn(belief, without).map(({ action: id, why }) => [id, why]);

  it('is what the card forbids, what the technician leaves out, and nothing else', () => {
    expect(ruled(believedAt({ sound: 1 }))).toEqual([]);
    expect(ruled(believedAt({ sound: 1 }), ['glue'])).toEqual([['glue', 'Left out at your wish.']]);
    const bare = { ...believedAt({ sound: 1 }), model: modelOf(KIND, { ...hatch, pegged: false }) };
    expect(new Set(ruled(bare).map(([, why]) => why))).toEqual(new Set(['This hatch has no pegs.']));
  });

  it('is planing, from one chance in five on that the slab will shrink', () => {
    expect(ruled(believedAt({ sound: 0.81, damp: 0.19 }))).toEqual([]);
    expect(ruled(believedAt({ sound: 0.79, damp: 0.21 }))).toEqual([['plane', 'It will shrink.']]);
  });
});

describe('advice', () => {
  it('names a rival nearly as likely, and says when nothing does', () => {
    expect(adviceFor(believedAt({ sunk: 0.6, damp: 0.4 }), [sunk], false)).toEqual([
      'It could as well be: damp wood. Settle that before the first step.',
    ]);
    expect(adviceFor(believedAt({ sunk: 0.7, damp: 0.3 }), [sunk], false)).toEqual([]);
    expect(adviceFor(believedAt({ sunk: 0.9 }), [sunk], true)).toEqual(['Pegs cannot make this hatch lie flush.']);
    expect(adviceFor(believedAt({ sunk: 0.9 }), [{ ...sunk, advice: 'Sister the trimmer.' }], true)).toEqual(['Sister the trimmer.']);
  });

  it('says why other ways lost: seldom true, long, not undone, or no better', () => {
    const lost = (id: string, more: Partial<Candidate>) =>
      lostPlans(model, [{ ...leftAlone, found: plan({ settings: [setting(2, id)] }), ...more }], [], leftAlone)[0];
    expect(lost('glue', { isTrue: [true, false, false, false] })).toEqual({
      says: 'glue',
      why: 'true at the first check less often, by 50 in 100',
    });
    expect(lost('glue', { minutes: 20 })?.why).toBe('takes 20 minutes longer for no better chance');
    expect(lost('glue', { irreversibility: 3 })?.why).toBe('less easily undone for no better chance');
    expect(lost('glue', {})?.why).toBe('no better, and holds less long');
    expect(lostPlans(model, [leftAlone], [], leftAlone)).toEqual([]);
  });
});

describe('what was done so far', () => {
  const observed: Observations = {
    readings: [{ station: 'gap.left', mm: 2 }],
    findings: [],
    rounds: [{ done: [{ action: 'packPeg', place: 'rightPeg', amount: 2 }], readings: [{ station: 'bolt', mm: 1 }] }],
  };
  const belief = believe(model, { readings: [], findings: [] });

  it('has moved places by what a unit does here', () => {
    const done = [
      { action: 'packPeg', place: 'rightPeg', amount: 2 },
      { action: 'glue', place: 'rightPeg', amount: 1 },
    ];
    expect(shiftsDone({ ...belief, done, learned: new Map([['packPeg', 1.5]]) })).toEqual([{ place: 2, shiftMm: -3 }]);
  });

  it('holds the sides that work holds, each time more', () => {
    const hold = { action: 'hold', amount: 1 };
    expect(heldSides({ ...belief, done: [hold, hold] })).toEqual({ skew: { againstMm: 4 } });
  });

  it('knows which edges and sides were read, and whether all was gauged after the last work', () => {
    expect([...edgesRead(model, observed)]).toEqual(['rim']);
    expect([...judgedSides(model, observed)]).toEqual(['skew']);
    expect([...judgedSides(model, { ...observed, rounds: [] })]).toEqual([]);
    expect([isHalfChecked(observed, board), isHalfChecked({ ...observed, rounds: [] }, board)]).toEqual([true, false]);
    const all = board.stations.map((station) => ({ station, mm: 2 }));
    expect(isHalfChecked({ ...observed, rounds: [{ done: [{ action: 'glue', amount: 1 }], readings: all }] }, board)).toBe(false);
  });
});
