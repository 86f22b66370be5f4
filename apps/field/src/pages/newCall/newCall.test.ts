import type { Call, Door, FindingEntry, Site } from '@proper-swing/contract';
import { MM_PER_UNIT } from '@proper-swing/core';
import { check, recordSchema } from '@proper-swing/contract/schemas';
import { MAKES } from './makes';
import { outbox } from '../../offline/outbox';
import { checkLate } from './checkLate';
import type { NewCallForm } from './newCallForm';
import { presetSizes } from './presetSizes';
import { startCall } from './startCall';

afterEach(() => outbox.waiting().forEach((each) => outbox.remove(each)));

const form: NewCallForm = {
  units: 'mm',
  siteId: 'new',
  siteName: ' Alder Court ',
  address: '4 Mill Row',
  contact: '',
  doorId: 'new',
  doorTitle: 'Kitchen',
  preset: 'solid',
  layout: 'sixAndTen',
  hinges: '3',
  hingesOn: 'right',
  closesTo: 'left',
  width: '762',
  height: '1981',
  job: 'repair',
  complaintIds: 'rubsLatchTop',
  complaint: 'Catches at the top',
  when: 'now',
  day: '',
  time: '',
};
const faults = async (change: Partial<NewCallForm>) => {
  const { errors } = await checkLate({ ...form, ...change }, undefined, { fields: {}, shouldUseNativeValidation: false });
  return Object.entries(errors).map(([field, fault]) => `${field}: ${String(fault.message)}`);
};
const written = <T>(kind: string) => outbox.waiting().flatMap((each) => (each.kind === kind ? [each.body as T] : []));

const hingesOf = (door: Door | undefined) => (door?.kind === 'hinged' ? door.make.hingeHeightsMm : []);

describe('the form of a new call', () => {
  it('takes what is needed, and names what is wrong at its field', async () => {
    expect(await faults({})).toEqual([]);
    expect(await faults({ siteName: '  ' })).toEqual(['siteName: Type a name for the site.']);
    expect(await faults({ doorTitle: '' })).toEqual(['doorTitle: Type which door it is, such as Kitchen.']);
    expect((await faults({ width: 'wide' }))[0]).toMatch(/^width: Cannot read/);
    expect((await faults({ width: '7620' }))[0]).toBe('width: Width: 7620 mm is not a door; 200 to 3000 mm.');
    expect((await faults({ siteId: '' }))[0]).toBe('siteId: Choose a site, or New site.');
  });

  it('names each field that is wrong, and gives the checked form when none is', async () => {
    expect(await faults({ siteName: '', width: 'x', complaint: 'x'.repeat(501) })).toEqual([
      'siteName: Type a name for the site.',
      expect.stringMatching(/^width: Cannot read/),
      'complaint: At most 500 letters.',
    ]);
    const { values } = await checkLate(form, undefined, { fields: {}, shouldUseNativeValidation: false });
    expect(values).toMatchObject({ siteName: 'Alder Court', width: '762' });
  });

  it('asks nothing of a site and a door that are there already', async () => {
    expect(await faults({ siteId: 'known', siteName: '', doorId: 'known', doorTitle: '', width: '', height: '' })).toEqual([]);
  });

  it('asks a day and a time of a call that is booked, and of that alone', async () => {
    expect(await faults({ when: 'booked', day: '2026-12-01', time: '08:30' })).toEqual([]);
    expect(await faults({ when: 'booked', day: '2026-02-30', time: '08:30' })).toEqual(['day: Choose a day and a time.']);
    expect(await faults({ when: 'booked', day: '2026-12-01', time: '' })).toEqual(['day: Choose a day and a time.']);
    expect(await faults({ when: 'now', day: 'x', time: '' })).toEqual([]);
  });

  it('reads inches as inches', async () => {
    expect(await faults({ units: 'in', width: '30', height: '78' })).toEqual([]);
    expect((await faults({ units: 'in', width: '3', height: '78' }))[0]).toContain('is not a door');
  });
});

describe('starting a call', () => {
  it('writes site, door, call and complaint, parents first, each as the server takes it', () => {
    const callId = startCall(form, 'hinged');
    expect(outbox.waiting().map(({ kind }) => kind)).toEqual(['sites', 'doors', 'calls', 'findings']);
    for (const { kind, body } of outbox.waiting()) expect([kind, check(recordSchema(kind), body).ok]).toEqual([kind, true]);
    const [[site], [door], [call], [finding]] = [
      written<Site>('sites'),
      written<Door>('doors'),
      written<Call>('calls'),
      written<FindingEntry>('findings'),
    ];
    expect([site?.name, door?.siteId, call?.doorId, finding?.callId]).toEqual(['Alder Court', site?.id, door?.id, callId]);
    expect([finding?.finding, finding?.answer, call?.state]).toEqual(['complaint', 'rubsLatchTop', 'onSite']);
  });

  it('is due now, or when it is booked for', () => {
    const before = new Date().toISOString();
    startCall(form, 'hinged');
    startCall({ ...form, when: 'booked', day: '2026-12-01', time: '08:30' }, 'hinged');
    const [now, booked] = written<Call>('calls');
    expect((now?.scheduledFor ?? '') >= before).toBe(true);
    expect([now?.state, booked?.state]).toEqual(['onSite', 'open']);
    expect(booked?.scheduledFor).toBe(new Date(2026, 11, 1, 8, 30).toISOString());
  });

  it('a door has the make of its preset, its hinges by the layout chosen', () => {
    startCall({ ...form, layout: 'fiveAndNine' }, 'hinged');
    const [door] = written<Door>('doors');
    expect(door).toMatchObject({ kind: 'hinged', make: { hingesOn: 'right', slabKind: 'solidTimber', thicknessMm: 40, fireRated: false } });
    const [top = 0] = hingesOf(door);
    // Common practice, no source: the top hinge 5 in down.
    expect(top).toBe(Math.round(5 * MM_PER_UNIT.in));
    expect(hingesOf(door)).toHaveLength(3);
  });

  it('has as many hinges as were chosen', () => {
    for (const hinges of ['2', '4']) startCall({ ...form, hinges }, 'hinged');
    expect(written<Door>('doors').map((door) => hingesOf(door).length)).toEqual([2, 4]);
  });

  // Common practice, no source: doors are sold as 30 by 80 inches, or as 762 by 1981 mm.
  it('begins with the size that a make is sold in where lengths are written so', () => {
    const [hollow] = MAKES;
    const sized = (units: 'mm' | 'in') =>
      hollow &&
      presetSizes(hollow, { units, finest: 32, theme: 'device', gapPad: 'gauge', climateId: 'mildCoast', ownClimate: '', knowsHow: true });
    expect([sized('mm'), sized('in')]).toEqual([
      { width: '762', height: '1981' },
      { width: '30', height: '80' },
    ]);
  });

  it('writes no site, door or complaint that is there or was not said', () => {
    startCall({ ...form, siteId: 's', doorId: 'd', complaintIds: '' }, 'hinged');
    expect(outbox.waiting().map(({ kind }) => kind)).toEqual(['calls']);
    expect(written<Call>('calls')[0]?.doorId).toBe('d');
  });

  it('writes each complaint of several, the first one first', () => {
    startCall({ ...form, siteId: 's', doorId: 'd', complaintIds: 'rattles rubsHead' }, 'hinged');
    expect(written<FindingEntry>('findings').map(({ finding, answer }) => [finding, answer])).toEqual([
      ['complaint', 'rattles'],
      ['complaint', 'rubsHead'],
    ]);
  });

  it('writes of a panel only what its own kind is complained of', () => {
    startCall({ ...form, preset: 'glassPanel', closesTo: 'right', complaintIds: 'rubsHead stiff' }, 'sliding');
    expect(written<Door>('doors')).toMatchObject([{ kind: 'sliding', make: { panelKind: 'glass', closesTo: 'right', panelWidthMm: 762 } }]);
    expect(written<FindingEntry>('findings').map(({ finding, answer }) => [finding, answer])).toEqual([['trouble', 'stiff']]);
  });

  it.each(MAKES.map(({ kind, preset }) => [preset.id, kind] as const))('a preset %s makes a door that the server takes', (preset, kind) => {
    startCall({ ...form, preset }, kind);
    const [door] = written<Door>('doors');
    expect(check(recordSchema('doors'), door)).toMatchObject({ ok: true });
  });
});
