import type { Call, CallRecord, Job, SheetName } from '@proper-swing/contract';
import { lastWorksheet } from '../record/lastWorksheet';

/** A stage of a call as the strip shows it: its page lies at `/call/<id>` and its path. */
export interface StageOfCall {
  id: CallStage;
  title: string;
  path: string;
  /** The sheet that it is, where it is one. */
  sheet?: SheetName;
  /** What is ticked off on that sheet is the work of the call: it is not closed while a line of it is open. */
  isListed?: true;
}

/** The name of a sheet in an address, where a dot would read as a file's ending. */
export const inAddress = (name: string) => name.replace('.', '-');

const sheetStage = (id: CallStage, title: string, sheet: SheetName): StageOfCall => ({
  id,
  title,
  sheet,
  path: `/sheet/${inAddress(sheet)}`,
});

const listed = (stage: StageOfCall): StageOfCall => ({ ...stage, isListed: true });

export type CallStage =
  'listen' | 'look' | 'measure' | 'find' | 'fix' | 'fit' | 'hang' | 'plane' | 'plug' | 'damage' | 'mend' | 'strike' | 'dry' | 'prove';

const LISTEN: StageOfCall = { id: 'listen', title: 'Listen', path: '' };
const PROVE: StageOfCall = { id: 'prove', title: 'Prove', path: '/prove' };
const HANG = sheetStage('hang', 'Hang', 'fit.marks');
const DAMAGE = listed(sheetStage('damage', 'Probe', 'jamb.decide'));
const STRIKE = listed(sheetStage('strike', 'Strike', 'layout.strike'));
const DRY = listed(sheetStage('dry', 'Dry', 'cure.clock'));

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
  fitSlab: [LISTEN, listed(sheetStage('fit', 'Cut', 'fit.slab')), HANG, PROVE],
  fitPair: [LISTEN, listed(sheetStage('fit', 'Cut', 'fit.pair')), HANG, sheetStage('plane', 'In plane', 'swing.pair'), PROVE],
  shorten: [LISTEN, listed(sheetStage('fit', 'Cut', 'fit.shorten')), sheetStage('plug', 'Plug', 'fit.reblock'), PROVE],
  lining: [LISTEN, listed(sheetStage('fit', 'Wedge', 'fit.lining')), PROVE],
  jamb: [LISTEN, DAMAGE, PROVE],
  changeSlab: [
    LISTEN,
    listed(sheetStage('fit', 'Cut', 'fit.slab')),
    listed(sheetStage('hang', 'Hang', 'layout.hinges')),
    sheetStage('strike', 'Strike', 'layout.strike'),
    DRY,
    PROVE,
  ],
};

/** What follows on a jamb once it is chosen what is done. */
const MENDED_BY: Readonly<Partial<Record<string, readonly StageOfCall[]>>> = {
  fill: [DRY],
  patchFoot: [listed(sheetStage('mend', 'Patch', 'jamb.foot')), DRY],
  splice: [listed(sheetStage('mend', 'Splice', 'jamb.splice')), STRIKE, DRY],
  wholeLeg: [listed(sheetStage('mend', 'Leg', 'jamb.leg')), STRIKE, DRY],
};

export const jobOf = ({ job }: Pick<Call, 'job'>): Job => job ?? 'repair';

/** Whether a call is worked by sheets, and not by a diagnosis. */
export const isFitting = (call: Pick<Call, 'job'>): boolean => jobOf(call) !== 'repair';

type OfCall = Pick<CallRecord, 'call' | 'door' | 'worksheets'>;

/** What stands in a field of a sheet that was kept with a call. */
export const keptFigure = (record: Pick<CallRecord, 'worksheets'>, sheet: SheetName, field: string): string | undefined =>
  lastWorksheet(record, sheet)?.figures.find((figure) => figure.field === field)?.typed;

/** The strip of a call; a leaf that is only proved has its cuts in the list of the leaf it closes with, a jamb goes on by what is done about it. */
export function stagesOf(record: OfCall | undefined): readonly StageOfCall[] {
  if (record === undefined) return STAGES_BY_JOB.repair;
  const job = jobOf(record.call);
  const stages = STAGES_BY_JOB[job];
  if (job === 'jamb') {
    const mended = MENDED_BY[keptFigure(record, 'jamb.decide', 'remedy') ?? ''] ?? [];
    const hasStrike = keptFigure(record, 'jamb.decide', 'side') !== 'hinge';
    return [LISTEN, DAMAGE, ...mended.filter(({ id }) => id !== 'strike' || hasStrike), PROVE];
  }
  return record.door.closesWith ? stages.filter(({ id }) => id !== 'fit') : stages;
}

/** Where the work of a call is: its plan, or the first of its lists. */
export const workPath = (record: OfCall): string =>
  stagesOf(record).find(({ id, isListed }) => id === 'fix' || isListed === true || id === 'hang')?.path ?? '';

/** What a call is for, where it is no repair. */
export const JOB_WORDS: Readonly<Record<Job, string>> = {
  repair: 'Put it right',
  fitSlab: 'Fit a slab',
  fitPair: 'Fit a pair',
  shorten: 'Shorten a slab',
  lining: 'Bring a lining to width',
  jamb: 'Mend a jamb',
  changeSlab: 'Change the slab',
};

/** What there is to do on a door of a kind, in the order it is offered. */
export const JOBS_ON: Readonly<Record<'hinged' | 'sliding', readonly Job[]>> = {
  hinged: ['repair', 'jamb', 'changeSlab', 'fitSlab', 'fitPair', 'shorten', 'lining'],
  sliding: ['repair', 'fitSlab', 'shorten'],
};

/** Whether a door of this job is proved by its gaps: one that was hung or whose legs were moved; a foot that was cut is proved by hand. */
export const wantsGaps = (call: Pick<Call, 'job'>): boolean => ['fitSlab', 'fitPair', 'lining', 'changeSlab'].includes(jobOf(call));
