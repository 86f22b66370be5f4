import type { Adjustment, CallRecord } from '@proper-swing/contract';
import {
  action,
  MM_PER_UNIT,
  placeHinges,
  unitMeasure,
  isAtHinges,
  workGroup,
  type ActionId,
  type HingeLeaf,
  type HingeName,
} from '@proper-swing/core';
import { newAct } from '../../record/writing';
import { engineDoor } from '../../record/observed';
import { logWork, type DoneWork } from '../../record/writeAdjustment';

/** Work while it is being written down. */
export interface WorkDraft {
  action: ActionId;
  hinges: HingeName[];
  leaf?: HingeLeaf | undefined;
  screws: number[];
  amount: number;
  /** For planing: timber off at the head or hinge end, and at the other, mm. */
  fromMm: number;
  toMm: number;
  part: string;
  minutes: string;
  remark: string;
  /** The entry it corrects. */
  corrects?: string | undefined;
}

export const isPlaning = (id: ActionId): boolean => action(id).effect.kind === 'plane';

/** A new draft of a piece of work: once, at the hinge it is usually done at. */
export function beginWork(id: ActionId): WorkDraft {
  const { at } = action(id);
  return {
    action: id,
    hinges: at === undefined || !isAtHinges(id) ? [] : [at],
    screws: [],
    amount: 1,
    fromMm: 1,
    toMm: 1,
    part: '',
    minutes: '',
    remark: '',
  };
}

/** Work that was written down, to be put right. */
export function correctWork({ id, hinge, ...work }: Adjustment): WorkDraft {
  return {
    ...beginWork(work.action),
    hinges: hinge === null ? [] : [hinge],
    leaf: work.leaf ?? undefined,
    screws: [...(work.screws ?? [])],
    amount: work.amount,
    fromMm: work.fromMm ?? 1,
    toMm: work.toMm ?? 1,
    part: work.part ?? '',
    minutes: work.minutes === undefined || work.minutes === null ? '' : String(work.minutes),
    remark: work.remark,
    corrects: id,
  };
}

export function isWorkDraft(kept: unknown): kept is WorkDraft {
  const { action: id, hinges, amount, remark } = (kept ?? {}) as Partial<WorkDraft>;
  return id !== undefined && workGroup(id) !== undefined && Array.isArray(hinges) && Number.isFinite(amount) && typeof remark === 'string';
}

/** By field, what is still wrong with it. */
export interface WorkFaults {
  hinges?: string;
  amount?: string;
  minutes?: string;
  remark?: string;
}

const MOST_MINUTES = 600;

export function faultsOf({ action: id, hinges, amount, fromMm, toMm, minutes, remark, corrects }: WorkDraft): WorkFaults {
  const time = Number(minutes);
  const isOther = id === 'otherWork';
  const isNothing = isPlaning(id) ? fromMm === 0 && toMm === 0 : amount === 0;
  return {
    ...(isAtHinges(id) && !isOther && hinges.length === 0 && { hinges: 'Say at which hinge.' }),
    ...(corrects !== undefined && hinges.length > 1 && { hinges: 'One entry is of one hinge: log the other by itself.' }),
    ...(isNothing && { amount: 'Nothing was done: take the entry back instead.' }),
    ...(minutes.trim() !== '' && !(time >= 0 && time <= MOST_MINUTES) && { minutes: `Minutes: a number up to ${MOST_MINUTES}.` }),
    ...(isOther && remark.trim() === '' && { remark: 'Say in a few words what was done.' }),
  };
}

/** Names of the hinges of a door, from the top down. */
export const hingesOf = ({ door }: Pick<CallRecord, 'door'>): HingeName[] => placeHinges(engineDoor(door)).map(({ name }) => name);

/**
 * Writes down what the draft says: an entry a hinge, all of one act.
 *
 * @throws when the device has no room left
 */
export function writeWork(record: CallRecord, draft: WorkDraft): void {
  const { action: id, hinges, leaf, screws, amount, fromMm, toMm, part, minutes, remark, corrects } = draft;
  const planes = isPlaning(id);
  const work: DoneWork = {
    action: id,
    amount: planes ? Math.max(fromMm, toMm) : amount,
    unit: action(id).unit,
    ...(planes && { fromMm, toMm }),
    ...(leaf && { leaf }),
    ...(screws.length > 0 && { screws: [...screws].sort((a, b) => a - b) }),
    ...(part.trim() !== '' && { part: part.trim() }),
    ...(minutes.trim() !== '' && { minutes: Number(minutes) }),
    remark: remark.trim(),
    ...(corrects !== undefined && { supersedes: corrects }),
  };
  const places: (HingeName | null)[] = hinges.length === 0 ? [null] : hinges;
  const go = places.length > 1 ? { go: newAct() } : {};
  for (const hinge of places) logWork(record, { ...work, ...go, hinge });
}

/** By how much a step of the amount's keys changes it, in its own unit: a length goes by half millimetres, or by 1/32 in. */
export function stepOf(unit: string, system: string): number {
  const measure = unitMeasure(unit);
  return measure.is === 'length' ? lengthStep(system) / measure.eachMm : 1;
}

/** A step of a length, mm. */
export const lengthStep = (system: string): number => (system === 'in' ? MM_PER_UNIT.in / 32 : 0.5);
