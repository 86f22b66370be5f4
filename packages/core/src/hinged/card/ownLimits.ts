import type { Limits } from '../../model/profile';
import { EDGES, type EdgeId, type HingedProfile } from './profiles';

/** Limits set by hand for one door, in place of its profile's: a listing, a specification, a draught seal. */
export interface OwnLimits {
  edges: Readonly<Record<EdgeId, Limits>>;
  /** Largest difference allowed along the hinge, head or latch edge, mm. */
  evenWithin: number;
  /** Why they differ from the profile; shown wherever the door is judged. */
  reason: string;
}

export type LimitField = `edges.${EdgeId}.${keyof Limits}` | 'evenWithin' | 'reason';

export interface LimitFault {
  field: LimitField;
  message: string;
}

/** A gap smaller than this cannot be told from a rub, mm. */
const SMALLEST_MM = 0.3;
/** A foot gap larger than this wants a threshold and not a limit, mm. */
const LARGEST_MM = 60;
/** Between a limit and the target there must be room for what a gauge can tell, mm. */
const ROOM_MM = 0.1;
const LEAST_EVEN_MM = 0.2;
const MOST_EVEN_MM = 10;

/** What is wrong with limits, each at its field; nothing when they can be used. */
export function limitFaults({ edges, evenWithin, reason }: OwnLimits): LimitFault[] {
  const within = (mm: number, from: number, to: number) => mm >= from && mm <= to;
  const faults = EDGES.flatMap((edge): LimitFault[] => {
    const { min, target, max } = edges[edge];
    const at = (limit: keyof Limits, message: string): LimitFault => ({ field: `edges.${edge}.${limit}`, message });
    return [
      ...(within(min, SMALLEST_MM, LARGEST_MM) ? [] : [at('min', `The least gap is ${SMALLEST_MM} to ${LARGEST_MM} mm.`)]),
      ...(target >= min + ROOM_MM ? [] : [at('target', 'The target lies above the least.')]),
      ...(max >= target + ROOM_MM && max <= LARGEST_MM ? [] : [at('max', `The most lies above the target, up to ${LARGEST_MM} mm.`)]),
    ];
  });
  return [
    ...faults,
    ...(within(evenWithin, LEAST_EVEN_MM, MOST_EVEN_MM)
      ? []
      : [{ field: 'evenWithin' as const, message: `Even within ${LEAST_EVEN_MM} to ${MOST_EVEN_MM} mm.` }]),
    ...(reason.trim() === '' ? [{ field: 'reason' as const, message: 'Say why this door is judged by its own limits.' }] : []),
  ];
}

/** A profile with a door's own limits in place of its figures and their reason in place of its source. */
export function withOwnLimits(profile: HingedProfile, { edges, evenWithin, reason }: OwnLimits): HingedProfile {
  return { ...profile, title: `${profile.title}, limits of its own`, edges, evenWithin, source: reason };
}
