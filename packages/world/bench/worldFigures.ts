import {
  calibrationError,
  type Bin,
  type CorrectionStudy,
  type CycleCount,
  type DiagnosisStudy,
  type FirstSaid,
  type Ranked,
} from '../src';

/** What one world gave, as rates. */
export interface WorldFigures {
  name: string;
  rates: Readonly<Record<string, number>>;
  /** The same rates of diagnosis, by the engine given this world's own tables. */
  limits?: Readonly<Record<string, number>>;
  calibration: Readonly<Record<string, readonly Bin[]>>;
  byCause: readonly { cause: string; cases: number; first: number; three: number; doors: number; cyclesEven: number; atFirst: number }[];
}

export const share = (part: number, whole: number) => (whole === 0 ? NaN : part / whole);
export const first = ({ first: hits, cases }: Ranked) => share(hits, cases);
export const three = ({ three: hits, cases }: Ranked) => share(hits, cases);
const right = (said: FirstSaid) => share(said.right, said.count);
export const cycles = (count: Pick<CycleCount, 'cycles' | 'doors'>) => share(count.cycles, count.doors);
const atFirst = (count: CycleCount) => share(count.atFirst, count.doors);
const sorted = (list: readonly number[]) => [...list].sort((a, b) => a - b);
export const middle = (list: readonly number[]) => sorted(list)[Math.floor(list.length / 2)] ?? NaN;
export const most = (list: readonly number[]) => sorted(list).at(-1) ?? NaN;

export function diagnosisRates(found: DiagnosisStudy): Record<string, number> {
  return {
    'everything.first': first(found.everything),
    'everything.three': three(found.everything),
    'twice.first': first(found.doubtedTwice),
    'twice.three': three(found.doubtedTwice),
    'everything.ece': calibrationError(found.everything),
    'gaps.first': first(found.gapsAndComplaint),
    'gaps.three': three(found.gapsAndComplaint),
    'gaps.ece': calibrationError(found.gapsAndComplaint),
    'six.first': first(found.sixChosen),
    'six.ece': calibrationError(found.sixChosen),
    'inOrder.first': first(found.sixInOrder),
    'said90.right': right(found.first90),
    'said90.count': found.first90.count,
    'enough.right': right(found.firstEnough),
    'enough.count': found.firstEnough.count,
    'untilSure.median': middle(found.untilSure),
    'rotation.rms': found.rotationRms,
    'gaps.rms': found.gapsRms,
  };
}

/** Chances stated and how often it was so, by what was read. */
export const calibrationOf = ({ everything, gapsAndComplaint, sixChosen }: DiagnosisStudy): WorldFigures['calibration'] => ({
  'everything read': everything.calibration,
  'gaps and complaint': gapsAndComplaint.calibration,
  'six chosen': sixChosen.calibration,
});

export function figuresOf(name: string, found: DiagnosisStudy, corrected: CorrectionStudy, limit?: DiagnosisStudy): WorldFigures {
  const { ours, ladder, oracle, settings, slips, sound } = corrected;
  return {
    name,
    ...(limit && { limits: diagnosisRates(limit) }),
    rates: {
      ...diagnosisRates(found),
      'settings.book.atFirst': atFirst(settings.book),
      'settings.book.cycles': cycles(settings.book),
      'settings.doors': settings.book.doors,
      ...Object.fromEntries(
        Object.entries({ ours, ladder, oracle }).flatMap(([way, count]) => [
          [`${way}.free.cycles`, cycles(count.free)],
          [`${way}.even.cycles`, cycles(count.even)],
          [`${way}.book.cycles`, cycles(count.book)],
          [`${way}.even.atFirst`, atFirst(count.even)],
          [`${way}.even.never`, share(count.even.never, count.even.doors)],
          [`${way}.steps`, share(count.steps, count.even.doors)],
        ]),
      ),
      'ours.doors': ours.even.doors,
      'sound.worked': share(sound.worked, sound.doors),
      'sound.changed': share(sound.changed, sound.doors),
      'sound.doors': sound.doors,
      'readAgain.each': share(corrected.readAgain.readings, corrected.readAgain.doors),
      'cannot.said': share(corrected.saidSo, corrected.hingesCannot),
      'cannot.doors': corrected.hingesCannot,
      'planed.ours': share(corrected.planedByUs, corrected.hingesWouldDo),
      'planed.ladder': share(corrected.planedByLadder, corrected.hingesWouldDo),
      'slips.reversed': slips.reversed,
      'slips.repeated': slips.repeated,
      'slips.idle': slips.idle,
      'slips.underFloor': slips.curesUnderFloor,
      'diagnose.ms': middle(found.millisDiagnose),
      'next.ms': middle(found.millisNext),
      'plan.ms': middle(corrected.millisPlan),
      'plan.slowest.ms': most(corrected.millisPlan),
    },
    calibration: calibrationOf(found),
    byCause: [...found.byCause].map(([cause, ranked]) => {
      const row = corrected.byCause.get(cause);
      return {
        cause,
        cases: ranked.cases,
        first: first(ranked),
        three: three(ranked),
        doors: row?.even.doors ?? 0,
        cyclesEven: row === undefined ? NaN : cycles(row.even),
        atFirst: row === undefined ? NaN : atFirst(row.book),
      };
    }),
  };
}
