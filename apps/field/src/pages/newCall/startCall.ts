import { parseLength, usualHingeHeights, type FindingId } from '@proper-swing/core';
import { deviceId } from '../../offline/deviceId';
import { stamp, write } from '../../offline/write';
import { DOOR_PRESETS } from '../../doors/hinged/doorPresets';
import { momentOf } from '../../day/days';
import { complaintsOf } from './complaints';
import type { NewCallForm } from './newCallForm';

const COMPLAINT: FindingId = 'complaint';

/**
 * Writes a checked form: the site and the door if they are new, the call, and the complaints as the first findings.
 *
 * @returns the call's id
 * @throws when the device has no room left
 */
export function startCall(form: NewCallForm): string {
  const siteId = form.siteId === 'new' ? writeSite(form) : form.siteId;
  const doorId = form.doorId === 'new' ? writeDoor(form, siteId) : form.doorId;
  const call = {
    ...stamp(),
    revision: 1,
    doorId,
    scheduledFor: dueAt(form).toISOString(),
    complaint: form.complaint.trim(),
    state: 'open' as const,
  };
  write('calls', call);
  for (const answer of complaintsOf(form))
    write('findings', { ...stamp(), device: deviceId(), callId: call.id, finding: COMPLAINT, answer });
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

function writeDoor(
  { doorTitle = '', preset, hinges, hingesOn, layout, width = '', height = '', units }: NewCallForm,
  siteId: string,
): string {
  const make = DOOR_PRESETS.find(({ id }) => id === preset) ?? DOOR_PRESETS[0];
  if (make === undefined) throw new RangeError('There is no make of door.');
  const { thicknessMm, hingeKind, slabKind, fireRated, profile } = make;
  const slabHeightMm = parseLength(height, { defaultUnit: units }).mm;
  const door = {
    ...stamp(),
    revision: 1,
    siteId,
    title: doorTitle.trim(),
    kind: 'hinged' as const,
    make: {
      hingesOn,
      slabWidthMm: parseLength(width, { defaultUnit: units }).mm,
      slabHeightMm,
      hingeHeightsMm: usualHingeHeights(slabHeightMm, Number(hinges) as 2 | 3 | 4, layout),
      thicknessMm,
      hingeKind,
      slabKind,
      fireRated,
      profile,
    },
  };
  write('doors', door);
  return door.id;
}
