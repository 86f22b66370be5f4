import type { AdjustableHinge, Cam, CamPlace, HingeScrewId, KeepId, SEAL_FEELS } from './adjusters';

/** Gaps the session goes by, mm; 0 where it rubs. */
export interface SessionGaps {
  latchTopMm?: number;
  latchBottomMm?: number;
  /** Foot gap at the latch end, over floor or threshold. */
  footMm?: number;
  /** Head gap at the latch end. */
  headMm?: number;
}

/** How the lock works with the door shut. */
export interface HandleFeel {
  /** 1 one finger … 4 will not throw. */
  effort: 1 | 2 | 3 | 4;
  /** The shut door moves when it is pulled at the middle. */
  bounces: boolean;
}

/** How the hinge side lies on its seal; only three-way hinges can be set for it. */
export type SealFeel = (typeof SEAL_FEELS)[number];

/** Screws turned between two readings: + up for height, + toward the latch sideways, + tighter on the seal. */
export interface HingeGo {
  turns: Partial<Record<HingeScrewId, number>>;
  after?: SessionGaps;
  seal?: SealFeel;
}

/** A cam turned, + tighter, in quarter turns, and how the handle felt then. */
export interface KeepGo {
  keep: KeepId;
  /** Which of two cams; the upper or only one unless said. */
  cam?: CamPlace;
  quarters: number;
  handle?: HandleFeel;
}

/** A multipoint door being set; lengths in mm. */
export interface MultipointSession {
  door: { slabWidthMm: number; slabHeightMm: number; hingeHeightsMm: readonly number[] };
  hinge: AdjustableHinge;
  cam: Cam;
  wanted: { minMm: number; targetMm: number; maxMm: number; footMm: number; headMm: number };
  found: SessionGaps;
  handle?: HandleFeel;
  seal?: SealFeel;
  goes: readonly HingeGo[];
  keepGoes: readonly KeepGo[];
}

/** Gaps as last read: each as found until a later reading of it. */
export function gapsNow({ found, goes }: MultipointSession): SessionGaps {
  return goes.reduce<SessionGaps>((gaps, { after }) => ({ ...gaps, ...after }), found);
}

/** Handle as last felt. */
export function handleNow({ handle, keepGoes }: MultipointSession): HandleFeel | undefined {
  return keepGoes.reduce<HandleFeel | undefined>((felt, go) => go.handle ?? felt, handle);
}

/** Seal as last felt. */
export function sealNow({ seal, goes }: MultipointSession): SealFeel | undefined {
  return goes.reduce<SealFeel | undefined>((felt, go) => go.seal ?? felt, seal);
}

/** Turns of a screw away from where it was found. */
export function turnedSoFar({ goes }: MultipointSession, screw: HingeScrewId): number {
  return goes.reduce((sum, { turns }) => sum + (turns[screw] ?? 0), 0);
}

/** A cam of a keep. */
export interface CamAt {
  keep: KeepId;
  cam?: CamPlace;
}

export const isSameCam = (one: CamAt, other: CamAt) => one.keep === other.keep && (one.cam ?? 1) === (other.cam ?? 1);

/** Quarter turns of a cam away from where it was found. */
export function quartersSoFar({ keepGoes }: MultipointSession, at: CamAt): number {
  return keepGoes.filter((go) => isSameCam(go, at)).reduce((sum, { quarters }) => sum + quarters, 0);
}
