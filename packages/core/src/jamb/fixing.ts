import { MM_PER_UNIT } from '../length/length';

/** What a fixing goes through from its head, what it is to reach, and what it must not; lengths in mm. */
export interface FixingPath {
  /** Timber and packers before the framing. */
  throughMm: number;
  /** How far it is to go into the framing. */
  biteMm: number;
  /** From the head to what lies behind and must not be hit: a pipe, a pocket, the other face. */
  behindMm?: number | undefined;
}

export const FIXING_STATES = ['fits', 'shortBite', 'none'] as const;
export type FixingState = (typeof FIXING_STATES)[number];

export interface Fixing {
  state: FixingState;
  lengthMm: number;
  /** In the framing. */
  biteMm: number;
  leastMm: number;
  /** Never longer than this; absent where nothing lies behind. */
  mostMm?: number;
}

/** Lengths that screws are sold in, in (common practice, no source). */
const SOLD_IN = [0.75, 1, 1.25, 1.5, 1.75, 2, 2.25, 2.5, 3, 3.5, 4, 5] as const;
/** A fixing ends so far before what it must not reach (common practice, no source), mm. */
const STOPS_SHORT_MM = 3;
/** A bite of less is none (common practice, no source): a quarter of an inch. */
const LEAST_BITE_MM = MM_PER_UNIT.in / 4;

/** The shortest fixing sold that reaches the framing so far and stays short of what is behind; where both do not go together, the longest that is safe. */
export function chooseFixing({ throughMm, biteMm, behindMm }: FixingPath): Fixing {
  const leastMm = throughMm + biteMm;
  const mostMm = behindMm === undefined ? undefined : behindMm - STOPS_SHORT_MM;
  const sold = SOLD_IN.map((inches) => inches * MM_PER_UNIT.in);
  const safe = sold.filter((mm) => mostMm === undefined || mm <= mostMm + 1e-9);
  const lengthMm = safe.find((mm) => mm >= leastMm - 1e-9) ?? safe.at(-1) ?? 0;
  const reaches = lengthMm - throughMm;
  const state = lengthMm >= leastMm - 1e-9 ? 'fits' : reaches >= LEAST_BITE_MM ? 'shortBite' : 'none';
  return { state, lengthMm, biteMm: Math.max(0, reaches), leastMm, ...(mostMm !== undefined && { mostMm }) };
}

/** The same with what is in hand: whether it is long enough and not too long. */
export type FixingInHand = Fixing & { isLongEnough: boolean };

export function judgeFixing(path: FixingPath, inHandMm: number): FixingInHand {
  const fixing = chooseFixing(path);
  const { leastMm, mostMm = Infinity } = fixing;
  return { ...fixing, isLongEnough: inHandMm >= leastMm - 1e-9 && inHandMm <= mostMm + 1e-9 };
}
