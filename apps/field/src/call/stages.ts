import type { Call, CallRecord, Job, SheetName } from '@proper-swing/contract';

/** A stage of a call as the strip shows it: its page lies at `/call/<id>` and its path. */
export interface StageOfCall {
  id: CallStage;
  title: string;
  path: string;
  /** The sheet that it is, where it is one. */
  sheet?: SheetName;
}

/** The name of a sheet in an address, where a dot would read as a file's ending. */
export const inAddress = (name: string) => name.replace('.', '-');

const sheetStage = (id: CallStage, title: string, sheet: SheetName): StageOfCall => ({
  id,
  title,
  sheet,
  path: `/sheet/${inAddress(sheet)}`,
});

export type CallStage = 'listen' | 'look' | 'measure' | 'find' | 'fix' | 'fit' | 'hang' | 'plane' | 'plug' | 'prove';

const LISTEN: StageOfCall = { id: 'listen', title: 'Listen', path: '' };
const PROVE: StageOfCall = { id: 'prove', title: 'Prove', path: '/prove' };
const HANG = sheetStage('hang', 'Hang', 'fit.marks');

/** The strip of a call, in the order of its work, by what the call is for. */
export const STAGES_BY_JOB: Readonly<Record<Job, readonly StageOfCall[]>> = {
  repair: [
    LISTEN,
    { id: 'look', title: 'Look', path: '/look' },
    { id: 'measure', title: 'Measure', path: '/measure' },
    { id: 'find', title: 'Find', path: '/find' },
    { id: 'fix', title: 'Fix', path: '/fix' },
    PROVE,
  ],
  fitSlab: [LISTEN, sheetStage('fit', 'Cut', 'fit.slab'), HANG, PROVE],
  fitPair: [LISTEN, sheetStage('fit', 'Cut', 'fit.pair'), HANG, sheetStage('plane', 'In plane', 'swing.pair'), PROVE],
  shorten: [LISTEN, sheetStage('fit', 'Cut', 'fit.shorten'), sheetStage('plug', 'Plug', 'fit.reblock'), PROVE],
  lining: [LISTEN, sheetStage('fit', 'Wedge', 'fit.lining'), PROVE],
};

export const jobOf = ({ job }: Pick<Call, 'job'>): Job => job ?? 'repair';

export const isFitting = (call: Pick<Call, 'job'>): boolean => jobOf(call) !== 'repair';

/** The strip of a call; a leaf that is only proved has its cuts in the list of the leaf it closes with. */
export function stagesOf(record: Pick<CallRecord, 'call' | 'door'> | undefined): readonly StageOfCall[] {
  const stages = STAGES_BY_JOB[record === undefined ? 'repair' : jobOf(record.call)];
  return record?.door.closesWith ? stages.filter(({ id }) => id !== 'fit') : stages;
}

/** Where the work of a call is: its plan, or its list of cuts. */
export const workPath = (record: Pick<CallRecord, 'call' | 'door'>): string =>
  stagesOf(record).find(({ id }) => id === 'fix' || id === 'fit' || id === 'hang')?.path ?? '';

/** What a call is for, where it is no repair. */
export const JOB_WORDS: Readonly<Record<Job, string>> = {
  repair: 'Put it right',
  fitSlab: 'Fit a slab',
  fitPair: 'Fit a pair',
  shorten: 'Shorten a slab',
  lining: 'Bring a lining to width',
};

/** What there is to do on a door of a kind, in the order it is offered. */
export const JOBS_ON: Readonly<Record<'hinged' | 'sliding', readonly Job[]>> = {
  hinged: ['repair', 'fitSlab', 'fitPair', 'shorten', 'lining'],
  sliding: ['repair', 'fitSlab', 'shorten'],
};

/** Whether a door of this job is proved by its gaps: one that was hung or whose legs were moved; a foot that was cut is proved by hand. */
export const wantsGaps = (call: Pick<Call, 'job'>): boolean => ['fitSlab', 'fitPair', 'lining'].includes(jobOf(call));
