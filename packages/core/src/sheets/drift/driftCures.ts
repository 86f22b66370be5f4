import { toRadians } from '../../swing/axisTilt';
import { STOP_BOTTOM, STOP_TOP, thrownAt, type EndHinge } from '../../swing/hingeThrow';
import { bendFor, mostFromOnePin, type HingePin } from '../../swing/pinFriction';
import { swingForces, type SwingingDoor } from '../../swing/swingForces';

/** Friction that holds the door against its lean. */
export interface FrictionCure {
  /** More friction wanted, N·m; 0 when it holds as it is. */
  wantedNm: number;
  /** Pins to bend, in order, and how far each; empty when it holds as it is. */
  pins: { hinge: EndHinge; bendMm: number; addsNm: number }[];
  /** Whether bent pins can hold it. */
  holds: boolean;
  /** What stays: the lean, mm over the height. */
  leavesLeanMm: number;
}

/** One hinge thrown across the face of its leg. */
export interface HingeThrow {
  hinge: EndHinge;
  /** How far, mm, and which way. */
  mm: number;
  toward: 'room' | 'stop';
  /** What the gap between slab and stop at the latch side becomes, top and foot; changes when it was not read, mm. */
  stopTopMm: number;
  stopBottomMm: number;
  /** How far the latch moves against its strike, + off the stop, mm. */
  latchMm: number;
  /** Largest torque gravity still makes, N·m, and whether the friction there is holds it everywhere. */
  leftTorqueNm: number;
  holds: boolean;
}

export interface DriftCures {
  friction: FrictionCure;
  /** The hinge line made plumb across the wall: by the top hinge or the bottom one, the one that suits the stop first. */
  geometry: HingeThrow[];
  /** The least throw after which the friction there is holds the door, mm. */
  leastThrowMm: number;
}

/** The hold wanted beyond the largest torque (common practice, no source). */
const HOLD_MARGIN = 1.3;
const LATCH_SHARE_UP = 0.5;
const SWING_STEP_DEG = 5;

export interface DriftState {
  swinging: SwingingDoor;
  frictionNm: number;
  hingeHeightsMm: readonly number[];
  pin: HingePin;
  stop?: { topMm: number; bottomMm: number };
}

/**
 * Both schools side by side. Friction: bend pins, the top one first, until they hold against the largest torque of the swing
 * with a third to spare. Geometry: throw an end hinge by lean × spacing ÷ height, which turns the slab about the other hinge.
 */
export function driftCures(state: DriftState): DriftCures {
  const { swinging, hingeHeightsMm, stop } = state;
  const top = hingeHeightsMm[0] ?? 0;
  const bottom = hingeHeightsMm.at(-1) ?? 0;
  const full = (swinging.acrossMm * (bottom - top)) / swinging.overMm;
  const throws = (['top', 'bottom'] as const).map((hinge) => throwHinge(state, hinge, full));
  return {
    friction: frictionCure(state),
    geometry: throws.sort((a, b) => misfit(a, stop) - misfit(b, stop)),
    leastThrowMm: leastThrow(state, Math.abs(full)),
  };
}

function frictionCure({ swinging, frictionNm, pin }: DriftState): FrictionCure {
  const wantedNm = Math.max(0, mostTorque(swinging) * HOLD_MARGIN - frictionNm);
  const each = mostFromOnePin(pin);
  const count = Math.min(2, Math.ceil(wantedNm / each));
  const share = count === 0 ? 0 : Math.min(each, wantedNm / count);
  return {
    wantedNm,
    pins: (['top', 'bottom'] as const).slice(0, count).map((hinge) => ({ hinge, ...bendFor(share, pin) })),
    holds: wantedNm <= each * 2,
    leavesLeanMm: swinging.acrossMm,
  };
}

/** @param fullMm how far the top hinge stands too far toward the room */
function throwHinge({ swinging, frictionNm, hingeHeightsMm, stop }: DriftState, hinge: EndHinge, fullMm: number): HingeThrow {
  const towardRoom = hinge === 'top' ? -fullMm : fullMm;
  const thrown = thrownAt(hingeHeightsMm, hinge, towardRoom);
  const moved = (share: number) => thrown(share * swinging.overMm);
  const left = { ...swinging, acrossMm: 0 };
  const leftTorqueNm = mostTorque(left);
  return {
    hinge,
    mm: Math.abs(fullMm),
    toward: towardRoom >= 0 ? 'room' : 'stop',
    stopTopMm: (stop?.topMm ?? 0) + moved(STOP_TOP),
    stopBottomMm: (stop?.bottomMm ?? 0) + moved(STOP_BOTTOM),
    latchMm: moved(LATCH_SHARE_UP),
    leftTorqueNm,
    holds: leftTorqueNm <= frictionNm,
  };
}

/** How badly the slab meets its stop after a throw: pressed on it is worse than standing off. */
function misfit({ stopTopMm, stopBottomMm }: HingeThrow, stop: DriftState['stop']): number {
  const wanted = stop === undefined ? 0 : Math.max(0, Math.min(stop.topMm, stop.bottomMm));
  return [stopTopMm, stopBottomMm].reduce((sum, mm) => sum + Math.abs(mm - wanted) + (mm < 0 ? -2 * mm : 0), 0);
}

function leastThrow({ swinging, frictionNm }: DriftState, fullMm: number): number {
  const holdsAt = (share: number) => mostTorque({ ...swinging, acrossMm: swinging.acrossMm * (1 - share) }) * HOLD_MARGIN <= frictionNm;
  if (holdsAt(0)) return 0;
  if (!holdsAt(1)) return fullMm;
  let [short, enough] = [0, 1];
  for (let i = 0; i < 40; i += 1) {
    const middle = (short + enough) / 2;
    if (holdsAt(middle)) enough = middle;
    else short = middle;
  }
  return fullMm * enough;
}

function mostTorque(door: SwingingDoor): number {
  const { torque } = swingForces(door);
  let most = Math.abs(torque(toRadians(door.opensToDeg)));
  for (let deg = 0; deg < door.opensToDeg; deg += SWING_STEP_DEG) most = Math.max(most, Math.abs(torque(toRadians(deg))));
  return most;
}
