import { seededRandom } from '@proper-swing/core';
import { STATION_IDS } from '@proper-swing/core/sliding/geometry/stations';
import { ACTION_IDS } from '@proper-swing/core/sliding/names/actionIds';
import { finding, FINDING_IDS, findingsFor } from '@proper-swing/core/sliding/tables/findings';
import { studyDiagnosis } from '../studyDiagnosis';
import { drawTraits } from '../worldTraits';
import { makeSlidingScenario, makeSoundSliding, SLIDING_FAULT_IDS, SLIDING_OWN, type SlidingTraits } from './makeSliding';
import { errorsOf, rmsOf, type DescribedDoor } from './rows.fixture';
import { studySliding } from './studySliding';
import { SLIDING_FAULTS } from './slidingFaults';
import { answerSliding, readSliding } from './slidingTechnician';
import { isCaptured, isMade, isTrueSliding, mostRoom } from './slidingVerdict';
import { carryOutSliding, topWheelsByEye } from './slidingWork';
import { slidingWorld } from './slidingWorld';
import { copySliding, isRolling, poseOf, trueFigure, type TrueSliding } from './trueSliding';

const panels = (count: number, seed = 1) => Array.from({ length: count }, (_, n) => makeSoundSliding(seededRandom(seed * 1000 + n)));

const ON_WHEELS: SlidingTraits = { ...SLIDING_OWN, kinds: [1, 1, 1, 1, 0] };

/** A panel with its parameters set at random, and the state that the engine would describe it by. */
function drawn(n: number): DescribedDoor {
  const random = seededRandom(n);
  const made = makeSoundSliding(random, ON_WHEELS);
  const off = (sd: number) => sd * random.normal();
  const rolling = isRolling(made);
  const door: TrueSliding = {
    ...copySliding(made),
    inset: 0.07 * made.panel.w,
    openingW: 2 * made.panel.w,
    wavy: {},
    rise: { lead: made.rise.lead + off(3), trail: made.rise.trail + off(3) },
    track: { tilt: off(6), belly: rolling ? off(3) : 0 },
    other: { tilt: off(4), belly: rolling ? off(3) : 0 },
    jamb: { lean: off(5), bow: off(1.5) },
    panel: { ...made.panel, shear: off(3) },
  };
  const { rise, track, other, clearH, panel, jamb } = door;
  const over = (mm: number) => (rolling ? mm : clearH - panel.h - mm);
  return {
    door,
    state: {
      leadRise: over(rise.lead),
      trailRise: over(rise.trail),
      trackTilt: track.tilt / 2,
      trackHump: track.belly,
      otherTilt: other.tilt / 2,
      headSag: rolling ? -other.belly : 0,
      headRoom: clearH - panel.h,
      jambGap: door.heldAt,
      jambLean: jamb.lean,
      jambBow: jamb.bow,
      rack: panel.shear,
    },
  };
}

describe('the world of sliding doors', () => {
  it('the engine’s rows agree with exact geometry to within a millimetre at the corners, 0.2 mm in the mean', () => {
    const errors = Array.from({ length: 200 }, (_, n) => errorsOf(drawn(n))).flat();
    expect(Math.max(...errors.map(Math.abs))).toBeLessThan(1);
    expect(rmsOf(errors)).toBeLessThan(0.2);
  });

  it('both wheels stand on their track, however it runs', () => {
    for (let n = 0; n < 40; n += 1) {
      const { door } = drawn(n);
      if (!isRolling(door)) continue;
      const pose = poseOf(door);
      const wheel = pose.place(door.inset, -door.rise.lead);
      const s = wheel.x / door.openingW;
      // A point of the panel below its foot is sheared with it.
      expect(Math.abs(wheel.y - (-door.track.tilt * (0.5 - s) + door.track.belly * 4 * s * (1 - s)))).toBeLessThan(0.05);
    }
  });

  it('hangs sound panels that run free, are captured and true', () => {
    const made = panels(200).filter(isMade);
    expect(made.length).toBeGreaterThan(180);
  });

  it('knows every cause of the register but none, and each is one that a check or a gap can show', () => {
    expect(Object.keys(SLIDING_FAULTS).sort()).toEqual([...SLIDING_FAULT_IDS].sort());
  });

  it('knows how to do every action of the register', () => {
    for (const action of ACTION_IDS) {
      const [door] = panels(1);
      if (door === undefined) throw new Error('no panel');
      carryOutSliding(door, [{ action, place: 'lead', amount: 1 }], seededRandom(5));
      expect([action, Number.isFinite(trueFigure(door, 'jamb.mid'))]).toEqual([action, true]);
    }
  });

  it('a turned screw raises its own end by what half a turn does here; a dead one does nothing', () => {
    for (const door of panels(20).filter(isRolling)) {
      const before = trueFigure(door, 'foot.lead');
      carryOutSliding(door, [{ action: 'turnScrew', place: 'lead', amount: -2 }], seededRandom(2));
      const turned = before - trueFigure(door, 'foot.lead');
      expect(turned / (2 * door.halfTurn)).toBeGreaterThan(0.85);
      expect(turned / (2 * door.halfTurn)).toBeLessThan(1.2);
      const dead = { ...copySliding(door), screws: { lead: 'dead' as const, trail: 'moves' as const } };
      const still = trueFigure(dead, 'foot.lead');
      carryOutSliding(dead, [{ action: 'turnScrew', place: 'lead', amount: -2 }], seededRandom(2));
      expect(trueFigure(dead, 'foot.lead')).toBe(still);
    }
  });

  it('reads every station as a finite figure or a rub, and answers every check with one of its answers', () => {
    for (let n = 0; n < 60; n += 1) {
      const random = seededRandom(n);
      const befallen = makeSlidingScenario(random, { twoFaults: 0.3, sound: 0.1 }, drawTraits(n % 5, SLIDING_FAULT_IDS));
      for (const id of STATION_IDS) {
        const reading = readSliding(befallen.door, id, random);
        expect('rubs' in reading || Number.isFinite(reading.mm)).toBe(true);
      }
      for (const id of FINDING_IDS)
        expect(finding(id).answers.map((each) => each.id)).toContain(answerSliding(befallen, id, random).answer);
    }
  });

  it('a screen with slack top wheels can be lifted out, and set wheels hold it', () => {
    const screens = panels(80).filter(({ card }) => card.kind === 'screen');
    for (const door of screens) {
      door.clearH += 8;
      door.ails.room += 8;
      expect([mostRoom(door) > door.liftsOutFrom, isCaptured(door)]).toEqual([true, false]);
      carryOutSliding(door, [{ action: 'setTopWheels', amount: topWheelsByEye(door) }], seededRandom(3));
      expect(isCaptured(door)).toBe(true);
    }
    expect(screens.length).toBeGreaterThan(5);
  });

  it('diagnoses and corrects panels, the same for the same seed, and calls none done that can be lifted out', () => {
    const { cases, first } = studyDiagnosis(slidingWorld(), 3, 4).everything;
    expect(studyDiagnosis(slidingWorld(), 3, 4).everything).toMatchObject({ cases, first });
    const { ours, ladder, provedLoose } = studySliding(3, 14);
    expect(provedLoose).toBe(0);
    expect(ours.doors).toBeGreaterThan(4);
    expect(ours.cycles).toBeLessThan(ladder.cycles);
  });

  it('a panel out of square to its jamb is not true', () => {
    const [door] = panels(1);
    if (door === undefined) throw new Error('no panel');
    expect(isTrueSliding(door)).toBe(true);
    door.jamb.lean += 8;
    expect(isTrueSliding(door)).toBe(false);
  });

  it('asks of a panel only what can be looked at on its kind', () => {
    const world = slidingWorld();
    for (const door of panels(30)) expect(world.checks(door)).toEqual(findingsFor(door.card.kind).map(({ id }) => id));
  });
});
