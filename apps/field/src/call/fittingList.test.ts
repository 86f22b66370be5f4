import type { CallRecord, Job, Worksheet } from '@proper-swing/contract';
import { JOBS } from '@proper-swing/contract';
import { exampleRecord } from '../record/exampleRecord';
import { sheetAt } from '../sheets/register';
import { fittingList, isListDone, listSays } from './fittingList';
import { STAGES_BY_JOB, stagesOf, workPath } from './stages';

const plain = exampleRecord({ found: {} });
const fitting = (job: Job, worksheets: Partial<Worksheet>[] = []): CallRecord => ({
  ...plain,
  call: { ...plain.call, job },
  worksheets: worksheets.map((each, i) => ({
    ...{
      id: `w${i}`,
      callId: 'call',
      writtenAt: `2026-03-02T08:3${i}:00.000Z`,
      withdrawn: false,
      sheet: 'fit.slab',
      figures: [],
      says: '',
    },
    ...each,
  })),
});

describe('the list of a fitting', () => {
  it('is open until its sheet is kept and every line of it ticked; a repair has none', () => {
    expect(fittingList(plain)).toBeUndefined();
    expect(isListDone(fittingList(plain))).toBe(true);
    const none = fittingList(fitting('fitSlab'));
    expect(isListDone(none)).toBe(false);
    const open = fittingList(fitting('fitSlab', [{ toDo: 0 }, { toDo: 1 }]));
    expect(open && listSays(open)).toBe('1 line of the list not ticked off.');
    expect(isListDone(open)).toBe(false);
    expect(isListDone(fittingList(fitting('fitSlab', [{ toDo: 2 }, { toDo: 0 }])))).toBe(true);
    expect(isListDone(fittingList(fitting('fitPair', [{ toDo: 0 }])))).toBe(false);
    // A slab that cannot fit has no lines, and is not done for that.
    const impossible = fittingList(fitting('fitSlab', [{}]));
    expect(isListDone(impossible)).toBe(false);
    expect(impossible && listSays(impossible)).toContain('cannot be worked to: see Cut');
  });

  it('of a leaf that closes with another stands with that one, and its strip has no cut', () => {
    const other = { ...fitting('fitPair'), door: { ...plain.door, closesWith: 'd' } };
    expect(fittingList(other)).toBeUndefined();
    expect(stagesOf(other).map(({ id }) => id)).toEqual(['listen', 'hang', 'plane', 'prove']);
    expect(workPath(other)).toBe('/sheet/fit-marks');
  });

  it('each stage that is a sheet leads to one there is', () => {
    for (const job of JOBS) {
      const sheets = STAGES_BY_JOB[job].flatMap(({ path }) => /^\/sheet\/(.*)/.exec(path)?.[1] ?? []);
      for (const name of sheets) expect(sheetAt(name)).toBeDefined();
      expect(STAGES_BY_JOB[job].at(-1)?.id).toBe('prove');
    }
  });
});
