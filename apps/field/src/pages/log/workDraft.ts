import type { Adjustment, CallRecord } from '@proper-swing/contract';
import { MM_PER_UNIT, unitMeasure, type HingeLeaf } from '@proper-swing/core';
import { action, HANDBOOKS, isAtPlaces, isInWords, kindOfWork, workGroup, type ActionId, type PlaceId } from '@proper-swing/core/doors';
import { newAct } from '../../record/writing';
import { isSetAt } from '@proper-swing/core/model/action';
import { modelFor } from '../../record/door';
import { placeOf } from '../../record/observed';
import { atPlace, logWork, type DoneWork } from '../../record/writeAdjustment';

/** Work while it is being written down. */
export interface WorkDraft {
  action: ActionId;
  places: PlaceId[];
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
    places: at === undefined || !isAtPlaces(id) ? [] : [at],
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
export function correctWork({ id, ...work }: Adjustment): WorkDraft {
  const place = placeOf(work);
  return {
    ...beginWork(work.action),
    places: place === undefined ? [] : [place],
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
  const { action: id, places, amount, remark } = (kept ?? {}) as Partial<WorkDraft>;
  return id !== undefined && workGroup(id) !== undefined && Array.isArray(places) && Number.isFinite(amount) && typeof remark === 'string';
}

/** By field, what is still wrong with it. */
export interface WorkFaults {
  places?: string;
  amount?: string;
  minutes?: string;
  remark?: string;
}

const MOST_MINUTES = 600;

export function faultsOf({ action: id, places, amount, fromMm, toMm, minutes, remark, corrects }: WorkDraft): WorkFaults {
  const time = Number(minutes);
  const isOther = isInWords(id);
  const { one } = HANDBOOKS[kindOfWork(id)].placeWord;
  const isNothing = isPlaning(id) ? fromMm === 0 && toMm === 0 : amount === 0;
  return {
    ...(isAtPlaces(id) && !isOther && places.length === 0 && { places: `Say at which ${one}.` }),
    ...(corrects !== undefined && places.length > 1 && { places: `One entry is of one ${one}: log the other by itself.` }),
    ...(isNothing && { amount: 'Nothing was done: take the entry back instead.' }),
    ...(minutes.trim() !== '' && !(time >= 0 && time <= MOST_MINUTES) && { minutes: `Minutes: a number up to ${MOST_MINUTES}.` }),
    ...(isOther && remark.trim() === '' && { remark: 'Say in a few words what was done.' }),
  };
}

/** Where work may be done on a door: its hinges from the top down, or the ends of its panel. */
export function placesFor({ door }: Pick<CallRecord, 'door'>, id: ActionId): PlaceId[] {
  const model = modelFor(door);
  return model.places.filter((place) => isSetAt(model.action(id), place)) as PlaceId[];
}

/**
 * Writes down what the draft says: an entry a hinge or end, all of one act.
 *
 * @throws when the device has no room left
 */
export function writeWork(record: CallRecord, draft: WorkDraft): void {
  const { action: id, places, leaf, screws, amount, fromMm, toMm, part, minutes, remark, corrects } = draft;
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
  const at = places.length === 0 ? [undefined] : places;
  const go = at.length > 1 ? { go: newAct() } : {};
  for (const place of at) logWork(record, { ...work, ...go, ...atPlace(record, place) });
}

/** By how much a step of the amount's keys changes it, in its own unit: a length goes by half millimetres, or by 1/32 in. */
export function stepOf(unit: string, system: string): number {
  const measure = unitMeasure(unit);
  return measure.is === 'length' ? lengthStep(system) / measure.eachMm : 1;
}

/** A step of a length, mm. */
export const lengthStep = (system: string): number => (system === 'in' ? MM_PER_UNIT.in / 32 : 0.5);
