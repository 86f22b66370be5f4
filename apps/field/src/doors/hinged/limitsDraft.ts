import type { HingedDoorCard, HingedMake } from '@proper-swing/contract';
import {
  EDGES,
  limitFaults,
  profileOf,
  type EdgeId,
  type Limits,
  type LimitField,
  type OwnLimits,
  type ProfileId,
} from '@proper-swing/core';
import { revised } from '../../offline/write';
import { lengthReader } from '../../record/lengthReader';

/** Limits as they are being typed, each figure as its text. */
export interface LimitsDraft {
  edges: Record<EdgeId, Record<keyof Limits, string>>;
  evenWithin: string;
  reason: string;
}

export const LIMIT_KEYS = ['min', 'target', 'max'] as const satisfies readonly (keyof Limits)[];

/** What a door is to be judged by: a profile as it stands, or limits of its own. */
export type LimitsChoice = { profile: ProfileId; ownLimits: OwnLimits | null };

export type LimitErrors = Partial<Record<LimitField, string>>;

/** A draft that begins with what the door is judged by now. */
export function draftOf(make: Pick<HingedMake, 'profile' | 'ownLimits'>, bare: (mm: number) => string): LimitsDraft {
  const { edges, evenWithin } = profileOf(make);
  return {
    edges: Object.fromEntries(
      EDGES.map((edge) => [edge, Object.fromEntries(LIMIT_KEYS.map((key) => [key, bare(edges[edge][key])]))]),
    ) as LimitsDraft['edges'],
    evenWithin: bare(evenWithin),
    reason: make.ownLimits?.reason ?? '',
  };
}

/** Reads a draft; every figure that cannot be read and every limit out of order is named at its field. */
export function readLimits(draft: LimitsDraft, units: 'mm' | 'in'): { ok: true; limits: OwnLimits } | { ok: false; errors: LimitErrors } {
  const errors: LimitErrors = {};
  const read = lengthReader(units, errors);
  const edges = Object.fromEntries(
    EDGES.map((edge) => [edge, Object.fromEntries(LIMIT_KEYS.map((key) => [key, read(`edges.${edge}.${key}`, draft.edges[edge][key])]))]),
  ) as unknown as OwnLimits['edges'];
  const limits: OwnLimits = { edges, evenWithin: read('evenWithin', draft.evenWithin), reason: draft.reason.trim() };
  for (const { field, message } of limitFaults(limits)) errors[field] ??= message;
  return Object.keys(errors).length === 0 ? { ok: true, limits } : { ok: false, errors };
}

/** The door's card with another choice on it; nothing when the choice is what it has. */
export function limitsCard(door: HingedDoorCard, { profile, ownLimits }: LimitsChoice): HingedDoorCard | undefined {
  const { make } = door;
  const was = make.ownLimits ?? null;
  if (make.profile === profile && JSON.stringify(was) === JSON.stringify(ownLimits)) return undefined;
  return revised(door, { make: { ...make, profile, ownLimits } });
}
