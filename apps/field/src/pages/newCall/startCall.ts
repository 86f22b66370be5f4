import { parseLength, usualHingeHeights } from '@proper-swing/core';
import type { Door, HingedMake, SlidingMake } from '@proper-swing/contract';
import { findingAnswer, HANDBOOKS, type DoorKindId } from '@proper-swing/core/doors';
import { deviceId } from '../../offline/deviceId';
import { stamp, write } from '../../offline/write';
import type { DoorPreset } from '../../doors/hinged/doorPresets';
import type { PanelPreset } from '../../doors/sliding/panelPresets';
import { momentOf } from '../../day/days';
import { complaintsOf } from './complaints';
import { makeOf, MAKES } from './makes';
import type { NewCallForm } from './newCallForm';

/**
 * Writes a checked form: the site and the door if they are new, the call, and the complaints as the first findings.
 *
 * @param kind of the door that was chosen
 * @returns the call's id
 * @throws when the device has no room left
 */
export function startCall(form: NewCallForm, kind: DoorKindId): string {
  const siteId = form.siteId === 'new' ? writeSite(form) : form.siteId;
  const doorId = form.doorId === 'new' ? writeDoor(form, siteId) : form.doorId;
  const call = {
    ...stamp(),
    revision: 1,
    doorId,
    scheduledFor: dueAt(form).toISOString(),
    ...(form.job !== 'repair' && { job: form.job }),
    complaint: form.complaint.trim(),
    state: form.when === 'booked' ? ('open' as const) : ('onSite' as const),
  };
  write('calls', call);
  if (form.job !== 'repair') return call.id;
  const { complaint } = HANDBOOKS[kind];
  // What was ticked of another kind of door before this one was chosen is not said of it.
  for (const answer of complaintsOf(form).filter((id) => findingAnswer(complaint, id) !== undefined))
    write('findings', { ...stamp(), device: deviceId(), callId: call.id, finding: complaint, answer });
  return call.id;
}

/** Now, or when it is booked for. */
function dueAt({ when, day, time }: NewCallForm): Date {
  return (when === 'booked' ? momentOf(day, time) : undefined) ?? new Date();
}

function writeSite({ siteName = '', address, contact }: NewCallForm): string {
  const site = { ...stamp(), revision: 1, name: siteName.trim(), address: address.trim(), contact: contact.trim(), remarks: '' };
  write('sites', site);
  return site.id;
}

function writeDoor(form: NewCallForm, siteId: string): string {
  const { doorTitle = '', preset, width = '', height = '', units } = form;
  const chosen = makeOf(preset) ?? MAKES[0];
  if (chosen === undefined) throw new RangeError('There is no make of door.');
  const [widthMm, heightMm] = [width, height].map((text) => parseLength(text, { defaultUnit: units }).mm) as [number, number];
  const card = { ...stamp(), revision: 1, siteId, title: doorTitle.trim() };
  const door: Door =
    chosen.kind === 'hinged'
      ? { ...card, kind: 'hinged', make: hingedMake(chosen.preset, form, widthMm, heightMm) }
      : { ...card, kind: 'sliding', make: slidingMake(chosen.preset, form, widthMm, heightMm) };
  write('doors', door);
  return door.id;
}

function hingedMake(preset: DoorPreset, { hinges, hingesOn, layout }: NewCallForm, slabWidthMm: number, slabHeightMm: number): HingedMake {
  const { thicknessMm, hingeKind, slabKind, fireRated, profile } = preset;
  const hingeHeightsMm = usualHingeHeights(slabHeightMm, Number(hinges) as 2 | 3 | 4, layout);
  return { hingesOn, slabWidthMm, slabHeightMm, hingeHeightsMm, thicknessMm, hingeKind, slabKind, fireRated, profile };
}

function slidingMake(
  { panelKind, frame }: PanelPreset,
  { closesTo }: NewCallForm,
  panelWidthMm: number,
  panelHeightMm: number,
): SlidingMake {
  return { panelKind, closesTo, panelWidthMm, panelHeightMm, frame };
}
