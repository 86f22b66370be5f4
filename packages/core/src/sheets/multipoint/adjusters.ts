import { toleranceProfile } from '../../hinged/card/profiles';

/** One kind of adjusting screw: what a turn does, how sure that is before it is tried, and how far it goes. */
export interface ScrewTravel {
  mmPerTurn: number;
  /** Turns from the middle of its travel to either end. */
  turnsEachWay: number;
}

/** A hinge that can be set without packing. */
export interface AdjustableHinge {
  height: ScrewTravel;
  side: ScrewTravel;
  /** Toward the frame, on three-way hinges only. */
  pressure?: ScrewTravel;
}

export type AdjustableHingeId = 'twoWay' | 'threeWay';

/** Travel of adjustable hinges; the hinge's own sheet decides (common practice, no source). */
export const ADJUSTABLE_HINGES: Readonly<Record<AdjustableHingeId, AdjustableHinge & { title: string }>> = {
  twoWay: {
    title: 'Two-way: height and sideways',
    height: { mmPerTurn: 1, turnsEachWay: 4 },
    side: { mmPerTurn: 1, turnsEachWay: 6 },
  },
  threeWay: {
    title: 'Three-way: height, sideways and pressure',
    height: { mmPerTurn: 1, turnsEachWay: 4 },
    side: { mmPerTurn: 1, turnsEachWay: 6 },
    pressure: { mmPerTurn: 0.75, turnsEachWay: 2 },
  },
};

/** How far the first turn may be off the sheet's figure: one standard deviation, as a share (common practice, no source). */
export const TURN_SHARE_SD = 0.3;

export type HingeScrewId = 'height' | 'topSide' | 'middleSide' | 'bottomSide' | 'pressure';
export const HINGE_SCREW_IDS = ['height', 'topSide', 'middleSide', 'bottomSide', 'pressure'] as const satisfies readonly HingeScrewId[];

/** An adjusting screw: the hinge it sits in, and what + and − turns do. */
export interface HingeScrew {
  title: string;
  kind: 'height' | 'side' | 'pressure';
  /** Absent where all hinges are turned alike. */
  hinge?: 'top' | 'middle' | 'bottom';
  plus: string;
  minus: string;
}

const SIDEWAYS = { kind: 'side', plus: 'toward the latch', minus: 'toward the hinges' } as const;

export const HINGE_SCREWS: Readonly<Record<HingeScrewId, HingeScrew>> = {
  height: { title: 'Height screw, middle hinge', kind: 'height', hinge: 'middle', plus: 'up', minus: 'down' },
  topSide: { title: 'Side screw, top hinge', hinge: 'top', ...SIDEWAYS },
  middleSide: { title: 'Side screw, middle hinge', hinge: 'middle', ...SIDEWAYS },
  bottomSide: { title: 'Side screw, bottom hinge', hinge: 'bottom', ...SIDEWAYS },
  pressure: { title: 'Pressure screws, all hinges alike', kind: 'pressure', plus: 'tighter on the seal', minus: 'easier on the seal' },
};

export type KeepId = 'centre' | 'topHook' | 'bottomHook';
/** In the order they are set: the centre takes out the bounce, the hooks follow (common practice, no source). */
export const KEEP_IDS = ['centre', 'topHook', 'bottomHook'] as const satisfies readonly KeepId[];

export const KEEPS: Readonly<Record<KeepId, { title: string }>> = {
  centre: { title: 'Centre keep, at the latch' },
  topHook: { title: 'Top hook keep' },
  bottomHook: { title: 'Bottom hook keep' },
};

/** An eccentric cam of a keep. */
export interface Cam {
  /** How far its pin sits off its centre, mm. */
  eccentricMm: number;
  /** Quarter turns from its middle to where it bears most, and back the other way: beyond that it comes round again. */
  quartersEachWay: number;
  /** Cams of one keep; one unless said. */
  perKeep?: 1 | 2;
}

/** Which cam of a keep: 1 the upper, or the only one. */
export type CamPlace = 1 | 2;
export const CAM_WORDS: Readonly<Record<CamPlace, string>> = { 1: 'upper cam', 2: 'lower cam' };

/** What turns each kind of screw (common practice, no source; the hinge's own sheet decides). */
export const USUAL_KEYS: Readonly<Record<HingeScrew['kind'] | 'cam', string>> = {
  height: 'hex key 5 mm',
  side: 'hex key 4 mm',
  pressure: 'hex key 4 mm',
  cam: 'T15',
};

/** Cam of a hook keep (common practice, no source). */
export const USUAL_CAM: Cam = { eccentricMm: 1.5, quartersEachWay: 1 };

/** At a go, and then the handle is tried (common practice, no source). */
export const MOST_QUARTERS_A_GO = 1;

const { min, target, max } = toleranceProfile('compositeMultipoint').edges.latch;

/** Locking gap of a composite door with hooks, mm: what its profile asks at the latch. */
export const LOCKING_GAP = { minMm: min, targetMm: target, maxMm: max };

/** How the hinge side of the slab lies on its seal, door shut. */
export const SEAL_FEELS = ['loose', 'even', 'hard'] as const;

/** How the handle feels with the door shut. */
export const HANDLE_EFFORTS = [
  { effort: 1, title: 'One finger' },
  { effort: 2, title: 'One hand, easily' },
  { effort: 3, title: 'Hard with one hand' },
  { effort: 4, title: 'Will not throw' },
] as const;

/** Up to this a lock is in order. */
export const EASY_EFFORT = 2;

/** What to do when a screw has no travel left; packing first. */
export const OUT_OF_TRAVEL = [
  {
    id: 'packHinges',
    title: 'Pack the hinges',
    says: 'Turn the screw back to its middle, take the hinge off its leg one at a time with the door blocked, and pack behind it; then set it again.',
    caution: 'support',
  },
  {
    id: 'toeAndHeel',
    title: 'Refer: toe and heel the glass unit',
    says: 'A glazed slab that has dropped out of square is braced by its glass on packers from corner to corner. That is glazing: leave it to a glazier.',
    caution: 'glass',
  },
  {
    id: 'frame',
    title: 'Look at the frame',
    says: 'Measure both diagonals and both legs: a frame that has moved is packed at its own fixings before hinges are asked to hide it.',
    caution: 'structure',
  },
] as const;
