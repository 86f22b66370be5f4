import type { CallRecord, Job, Worksheet } from '@proper-swing/contract';
import { exampleRecord } from '../record/exampleRecord';
import { fittingList, isListDone, listSays } from './fittingList';
import { stagesOf, workPath } from './stages';

const plain = exampleRecord();
const kept = (sheet: Worksheet['sheet'], figures: Readonly<Record<string, string>>, toDo?: number): Worksheet => ({
  ...{ id: sheet, callId: 'call', writtenAt: plain.call.writtenAt, withdrawn: false, sheet, says: sheet },
  figures: Object.entries(figures).map(([field, typed]) => ({ field, typed })),
  ...(toDo !== undefined && { toDo }),
});
const call = (job: Job, ...worksheets: Worksheet[]): CallRecord => ({ ...plain, call: { ...plain.call, job }, worksheets });
const strip = (record: CallRecord) => stagesOf(record).map(({ id }) => id);

describe('the strip of a jamb', () => {
  it('goes on by what is done about the leg', () => {
    expect(strip(call('jamb'))).toEqual(['listen', 'damage', 'prove']);
    const chosen = (remedy: string, side = 'strike') => strip(call('jamb', kept('jamb.decide', { remedy, side }, 0)));
    expect(chosen('fill')).toEqual(['listen', 'damage', 'dry', 'prove']);
    expect(chosen('patchFoot')).toEqual(['listen', 'damage', 'mend', 'dry', 'prove']);
    expect(chosen('splice')).toEqual(['listen', 'damage', 'mend', 'strike', 'dry', 'prove']);
    expect(chosen('wholeLeg')).toEqual(['listen', 'damage', 'mend', 'strike', 'dry', 'prove']);
    // Hinges have no strike.
    expect(chosen('wholeLeg', 'hinge')).toEqual(['listen', 'damage', 'mend', 'dry', 'prove']);
    expect(chosen('leave')).toEqual(['listen', 'damage', 'prove']);
  });

  it('each sheet of it is the work: what is open, not begun or cannot be worked to is told, and where', () => {
    const decided = kept('jamb.decide', { remedy: 'patchFoot' }, 0);
    const open = fittingList(call('jamb', decided, kept('jamb.foot', {}, 3)));
    expect(open && listSays(open)).toBe('3 lines of the list not ticked off. Not begun: Dry.');
    expect(open).toMatchObject({ openAt: '/sheet/jamb-foot' });
    expect(isListDone(open)).toBe(false);
    expect(isListDone(fittingList(call('jamb', decided, kept('jamb.foot', {}, 0))))).toBe(false);
    const done = fittingList(call('jamb', decided, kept('jamb.foot', {}, 0), kept('cure.clock', {}, 0)));
    expect(isListDone(done)).toBe(true);
    const stopped = fittingList(call('jamb', kept('jamb.decide', {})));
    expect(stopped && listSays(stopped)).toBe('What was worked out cannot be worked to: see Probe.');
    expect(workPath(call('jamb'))).toBe('/sheet/jamb-decide');
  });

  it('a slab that is changed has its cuts, its hinges and its coats to be ticked; its strike may stay', () => {
    expect(strip(call('changeSlab'))).toEqual(['listen', 'fit', 'hang', 'strike', 'dry', 'prove']);
    const all = (['fit.slab', 'layout.hinges', 'cure.clock'] as const).map((sheet) => kept(sheet, {}, 0));
    expect(isListDone(fittingList(call('changeSlab', ...all)))).toBe(true);
    expect(isListDone(fittingList(call('changeSlab', ...all.slice(1))))).toBe(false);
  });
});
