import type { Adjustment, Call, HingedDoorCard, ReadingEntry, ReadingSet, Site, Worksheet } from '@proper-swing/contract';
import { v7 } from 'uuid';

const writtenAt = '2026-03-02T08:30:00.000Z';

export interface ExampleRecords {
  site: Site;
  door: HingedDoorCard;
  call: Call;
  set: ReadingSet;
  reading: ReadingEntry;
  adjustment: Adjustment;
  worksheet: Worksheet;
}

/** A site, a door, a call and what is written on it, with fresh ids: what server tests write. */
export function exampleRecords(): ExampleRecords {
  const site: Site = { id: v7(), revision: 1, writtenAt, name: 'Alder Court', address: '4 Mill Row', contact: 'Caretaker', remarks: '' };
  const door: HingedDoorCard = {
    id: v7(),
    revision: 1,
    writtenAt,
    siteId: site.id,
    title: 'Store room',
    kind: 'hinged',
    make: {
      hingesOn: 'left',
      slabWidthMm: 762,
      slabHeightMm: 1981,
      thicknessMm: 40,
      hingeHeightsMm: [165, 990, 1750],
      hingeKind: 'butt',
      slabKind: 'solidTimber',
      fireRated: false,
      profile: 'interiorTimber',
    },
  };
  const call: Call = {
    id: v7(),
    revision: 1,
    writtenAt,
    doorId: door.id,
    scheduledFor: '2026-03-02T09:00:00.000Z',
    complaint: 'Rubs at the top',
    state: 'open',
  };
  const set: ReadingSet = { id: v7(), writtenAt, callId: call.id, stage: 'found' };
  const reading: ReadingEntry = {
    id: v7(),
    writtenAt,
    setId: set.id,
    station: 'hinge.top',
    kind: 'figure',
    mm: 3.175,
    typed: '1/8',
    instrument: 'gauge',
  };
  const adjustment: Adjustment = {
    id: v7(),
    writtenAt,
    callId: call.id,
    action: 'tighten',
    hinge: 'top',
    planned: 1,
    amount: 1,
    unit: 'hinge',
    fromMm: null,
    toMm: null,
    remark: '',
  };
  const worksheet: Worksheet = {
    id: v7(),
    writtenAt,
    callId: call.id,
    sheet: 'latch.strike',
    figures: [{ field: 'lowMm', typed: '3.2 mm' }],
    says: 'File the bottom of the hole, 1.7 mm down.',
  };
  return { site, door, call, set, reading, adjustment, worksheet };
}
