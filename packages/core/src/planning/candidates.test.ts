import { HATCH, hatch, hatchWork, packPeg, soundHatch, sunkPeg, type Hatch } from '../hatch.fixture';
import { believe } from '../inference/believe';
import type { Observations } from '../inference/observed';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { seededRandom } from '../numbers/seededRandom';
import { toEnd } from '../stepwise';
import { gapBoard, outsideBy } from './board';
import type { Trial } from './candidate';
import { candidatesFor, guardFrom } from './candidates';
import { drawDoors } from './drawnDoors';
import { cured } from './outcome';
import { SET_POINT_STEP_MM } from './setPoint';

const KIND: DoorKind<Hatch> = {
  ...HATCH,
  actions: [
    packPeg,
    hatchWork('draw', {
      effect: { kind: 'cure', cures: ['sunk'], share: 1, shareSd: 0.1, leftSdMm: 0.1, watched: ['gap.right', 'nowhere'] },
    }),
    hatchWork('plane', { order: 7, irreversibility: 5, amounts: [], effect: { kind: 'plane', edge: 'rim' } }),
    hatchWork('file', { order: 9, amounts: [], effect: { kind: 'strike', upToMm: 3, leftSdMm: 0.2 } }),
  ],
  causes: [soundHatch, { ...sunkPeg, cures: ['draw'] }],
  meeting: { station: 'bolt', parameter: 'right', limits: { min: -1, target: 0, max: 1 } },
};
const model = modelOf(KIND, hatch);
const board = gapBoard(model, new Set());

function tried(observed: Observations, without: readonly string[] = []) {
  const belief = believe(model, observed);
  const trial: Trial = {
    model,
    board,
    drawn: drawDoors(belief, board, seededRandom(1), 120),
    misfitNow: [0, 0],
    beside: { sides: [], judged: new Set(), work: {} } as never,
  };
  const allowed = model.tables.actions.filter(({ id }) => !without.includes(id));
  const treat = [model.cause('sunk')];
  return {
    trial,
    allowed,
    belief,
    all: toEnd(candidatesFor(belief, trial, allowed, treat)),
    steps: candidatesFor(belief, trial, allowed, treat),
  };
}
const gapsRead = (left: number, right: number, more: Partial<Observations> = {}): Observations => ({
  readings: [
    { station: 'gap.left', mm: left },
    { station: 'gap.right', mm: right },
  ],
  findings: [{ finding: 'wood', answer: 'crushed' }],
  ...more,
});

describe('ways to treat, each tried', () => {
  it('stops watched work at its end, or at the two points inside the limits that leave least outside', () => {
    const { all, trial } = tried(gapsRead(2, 5.5));
    const points = [...new Set(all.map(({ setPoints }) => JSON.stringify(setPoints)))].map(
      (each) => JSON.parse(each) as { mm: number; station: string }[],
    );
    expect(points).toHaveLength(3);
    expect(points).toContainEqual([]);
    const draw = model.action('draw');
    const leaves = (mm: number) =>
      trial.drawn
        .slice(0, 80)
        .reduce((sum, door) => sum + outsideBy(board, cured(door, [draw], board, [{ action: 'draw', station: 'gap.right', mm }])), 0);
    const every = Array.from({ length: 9 }, (_, i) => 1 + i * SET_POINT_STEP_MM);
    const best = [...every].sort((a, b) => leaves(a) - leaves(b)).slice(0, 2);
    expect(
      points
        .flat()
        .map(({ mm }) => mm)
        .sort(),
    ).toEqual(best.sort());
    expect(new Set(points.flat().map(({ station }) => station))).toEqual(new Set(['gap.right']));
  });

  it('brings the strike to the bolt, and keeps the price of filing it', () => {
    const { all } = tried(gapsRead(3, 3.4, { findings: [] }), ['draw', 'packPeg']);
    const filed = all.find(({ found }) => found.strike !== undefined);
    expect(filed?.found.strike).toMatchObject({
      choice: { upToMm: 3, price: 4 },
      mm: expect.closeTo(-(filed?.found.gaps[1] ?? NaN) + 2, 0) as number,
    });
    expect(all.some(({ found }) => found.strike === undefined)).toBe(true);
  });

  it('takes timber only where nothing else brings every gap in, or when work has been done already', () => {
    const planed = (observed: Observations) => tried(observed, ['draw', 'file']).all.filter(({ found }) => found.planed.length > 0).length;
    expect(planed(gapsRead(2, 0.3, { findings: [] }))).toBeGreaterThan(0);
    expect(planed(gapsRead(2, 2.1, { findings: [] }))).toBe(0);
    const [first] = tried(gapsRead(2, 0.3, { findings: [] }), ['draw', 'file']).all.filter(({ found }) => found.planed.length > 0);
    // Five minutes less reversible is twenty minutes, the work four, and a minute a millimetre.
    const timber = first?.found.planed.reduce((sum, { fromMm, toMm }) => sum + fromMm + toMm, 0) ?? NaN;
    expect(first?.found.price).toBeGreaterThanOrEqual(4 + 4 * 5 + timber);
  });

  it('tells how far it is, way by way', () => {
    const { steps } = tried(gapsRead(2, 5.5));
    const told: number[] = [];
    for (let step = steps.next(); !step.done; step = steps.next()) told.push(step.value);
    expect([...new Set(told)]).toEqual([0, 1 / 3, 2 / 3, 1]);
    expect(told).toEqual([...told].sort((a, b) => a - b));
  });
});

describe('how far from a limit a plan keeps', () => {
  // Worked by hand: 0.1 mm and 0.8 standard deviations of two doors, their own mean taken as known.
  it('follows how well each figure, and the taper of each even edge, is known', () => {
    const doors = [Float64Array.from([2, 3, 0]), Float64Array.from([2, 4, 0.5])];
    const { stations, edges } = guardFrom(board, doors, Float64Array.from([2, 3.5, 0.25]));
    expect([...stations]).toEqual([0.1, 0.1 + 0.8 * 0.5, 0.1 + 0.8 * 0.25].map((mm) => expect.closeTo(mm, 12) as number));
    expect(edges).toEqual([expect.closeTo(0.1 + 0.8 * 0.5, 12)]);
    const skew = [Float64Array.from([2, 3, 0]), Float64Array.from([3, 4, 0])];
    expect(guardFrom(board, skew, Float64Array.from([2.5, 3.5, 0])).edges).toEqual([expect.closeTo(0.1, 12)]);
    expect(guardFrom(board, [], new Float64Array(3)).edges).toEqual([expect.closeTo(0.1, 12)]);
  });
});
