import { believe } from './hingedAnswers';
import { EVEN_GAPS, EXAMPLE_DOOR as door, readingsOf } from './exampleDoor';
import { hingedModel } from './hingedDoors';
import { cause, type CauseId } from './tables/causes';
import { FINDINGS } from './tables/findings';
import { shareOf } from '../model/moves';
import { causeChances, expectAt } from '../inference/expectation';
import { project } from '../numbers/gaussian';
import { toRadians } from '../swing/axisTilt';
import { swingForces } from '../swing/swingForces';

const model = hingedModel(door);
const chance = (id: CauseId, of: Parameters<typeof believe>[0]) =>
  causeChances(believe(of)).find((each) => each.id === id)?.probability ?? NaN;

describe('a door that swings by itself', () => {
  const { coefficients } = model.sideRow('swingsItself');
  const leanOf = (acrossMm: number, drop: number) => {
    const state = new Float64Array(model.layout.size);
    state[model.layout.parameterAt('acrossLean')] = acrossMm;
    state[model.layout.parameterAt('drop')] = drop;
    return coefficients.reduce((sum, each, i) => sum + each * (state[i] ?? 0), 0);
  };
  // Statics of a plate on a leaning axis, exact; half open is 45°, a thin slab on its pins.
  const torque = (acrossMm: number, alongMm: number) =>
    swingForces({
      acrossMm,
      alongMm,
      overMm: door.slabHeightMm,
      massKg: 20,
      slabWidthMm: door.slabWidthMm,
      thicknessMm: 1e-6,
      pinProudMm: 0,
      opensToDeg: 90,
    }).torque(toRadians(45));

  it('opens by a lean toward the room, closes by a slab that hangs down, as the torque at 45° does', () => {
    const r = door.slabHeightMm / door.slabWidthMm;
    const perMm = torque(1, 0);
    expect(perMm).toBeGreaterThan(0);
    for (const [across, drop] of [
      [6, 0],
      [-4, 0],
      [0, 2],
      [3, 1.5],
      [-2, -2],
      [4, 4 / r],
    ] as const) {
      expect(torque(across, drop * r) / perMm).toBeCloseTo(leanOf(across, drop), 3);
    }
  });

  it('is told which way by the same sign that the level is read with', () => {
    const level = (answer: string) =>
      expectAt(believe({ door, readings: readingsOf(EVEN_GAPS), findings: [{ finding: 'halfOpen', answer }] }), 'plumb.across').mean;
    expect(level('opens')).toBeGreaterThan(2);
    expect(level('closes')).toBeLessThan(-2);
  });

  it('may do so by its sag alone: that it closes speaks for a sag where nothing else is read', () => {
    const of = (answer?: string) => ({
      door,
      readings: [],
      findings: answer === undefined ? [] : [{ finding: 'halfOpen' as const, answer }],
    });
    expect(chance('neverFixed', of('closes'))).toBeGreaterThan(chance('neverFixed', of('opens')));
  });
});

describe('the strike of a sound door', () => {
  // It was cut where the bolt then was: however the slab hangs, the bolt meets it.
  it('follows the hang: the bolt is known better than the hang is', () => {
    const sdOf = (station: string) => Math.sqrt(project(model.sound, model.row(station)).variance);
    const drop = Math.sqrt(model.sound.cov[model.layout.parameterAt('drop') * (model.layout.size + 1)] ?? NaN);
    expect(sdOf('bolt.low')).toBeLessThan(0.75);
    expect(drop).toBeGreaterThan(sdOf('bolt.low'));
  });

  it('makes a low bolt strong evidence of a sag', () => {
    const at = (mm: number) => chance('looseTopScrews', { door, readings: readingsOf({ 'bolt.low': mm }), findings: [] });
    expect(at(3.5) / at(0)).toBeGreaterThan(5);
  });
});

describe('a latch leg that has moved', () => {
  // Exact for a straight leg: it turns about one end, so the gap there stays what it was.
  it.each(cause('latchLegOut').forms)('turns about its other end: $id', ({ axes, id }) => {
    const [turned] = axes;
    if (turned === undefined) throw new Error('a leg that has moved has moved by something');
    const gapAt = (f: number) => shareOf(turned.moves.sideRoom ?? 0, {}) + (0.5 - f) * shareOf(turned.moves.latchLean ?? 0, {});
    const [top, foot] = [gapAt(0), gapAt(1)];
    expect(id.startsWith('top') ? foot : top).toBe(0);
    expect(Math.abs(id.startsWith('top') ? top : foot)).toBe(1);
    // Away opens the latch gap, toward closes it.
    const moved = (id.startsWith('top') ? top : foot) * Number(turned.mean);
    expect(moved > 0).toBe(id.endsWith('Away'));
  });
});

describe('a slab that is too large', () => {
  it('is too wide, too tall, or both', () => {
    const moves = cause('slabOversize').forms.map(({ axes }) => axes.flatMap((axis) => Object.keys(axis.moves)));
    expect(moves.map((each) => [each.includes('slabWidth'), each.includes('slabHeight')])).toEqual([
      [true, false],
      [true, true],
      [false, true],
    ]);
  });
});

describe('the tables of checks', () => {
  it('name checks and answers that there are where one says no more than another', () => {
    for (const { answers, saysNoMore = [] } of FINDINGS) {
      for (const { answer, as, answers: others } of saysNoMore) {
        const other = FINDINGS.find(({ id }) => id === as);
        expect([answer, answers.some(({ id }) => id === answer)]).toEqual([answer, true]);
        expect([as, others.every((each) => other?.answers.some(({ id }) => id === each))]).toEqual([as, true]);
      }
    }
  });

  it('have an answer for when nothing shows, and name causes that there are', () => {
    for (const { id, answers, follows } of FINDINGS) {
      if (follows === undefined) continue;
      expect([id, answers.some((each) => each.id === follows.otherwise)]).toEqual([id, true]);
      expect((follows.notUnder ?? []).every((each) => cause(each).title !== '')).toBe(true);
    }
  });
});
