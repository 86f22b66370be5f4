import type { DiagnosisStudy } from '../src';
import type { SlidingCorrections, WayFigures } from '../src/sliding/studySliding';
import { LEAST, type Line } from './printWorlds';
import { calibrationOf, cycles, diagnosisRates, first, middle, most, share, three, type WorldFigures } from './worldFigures';

/** What is told of sliding doors, and what is asked of worlds that no table was chosen by. */
export const SLIDING_LINES: readonly Line[] = [
  { says: 'everything read: right cause first', rate: 'everything.first', as: 'percent', asked: { mean: 0.85, worst: 0.8, ...LEAST } },
  { says: '  within three', rate: 'everything.three', as: 'percent', asked: { mean: 0.97, worst: 0.94, ...LEAST } },
  { says: '  glass panels: first', rate: 'glass.first', as: 'percent', asked: { mean: 0.8, worst: 0.75, ...LEAST } },
  { says: '  glass panels: within three', rate: 'glass.three', as: 'percent', asked: { mean: 0.95, worst: 0.92, ...LEAST } },
  { says: '  screens: first', rate: 'screen.first', as: 'percent' },
  { says: '  pocket: first', rate: 'pocket.first', as: 'percent' },
  { says: '  bypass: first', rate: 'bypass.first', as: 'percent' },
  { says: '  bifold: first', rate: 'bifold.first', as: 'percent' },
  { says: '  both of two within three', rate: 'pairs.both', as: 'percent', asked: { mean: 0.85, worst: 0.8, ...LEAST } },
  { says: '  of doors', rate: 'pairs.doors', as: 'count' },
  { says: 'gaps and complaint: first', rate: 'gaps.first', as: 'percent' },
  { says: '  within three', rate: 'gaps.three', as: 'percent' },
  { says: 'six chosen by the tool: first', rate: 'six.first', as: 'percent', asked: { mean: 0.72, worst: 0.66, ...LEAST } },
  { says: 'six in walking order: first', rate: 'inOrder.first', as: 'percent' },
  { says: 'calibration error, everything', rate: 'everything.ece', as: 'figure', asked: { mean: 0.05, worst: 0.07 } },
  { says: '  gaps and complaint', rate: 'gaps.ece', as: 'figure', asked: { mean: 0.05, worst: 0.07 } },
  { says: '  six chosen', rate: 'six.ece', as: 'figure', asked: { mean: 0.05, worst: 0.07 } },
  { says: 'right when 90 % is first said', rate: 'said90.right', as: 'percent', asked: { mean: 0.9, worst: 0.86, ...LEAST } },
  { says: '  of doors', rate: 'said90.count', as: 'count' },
  { says: 'right when "enough" is first said', rate: 'enough.right', as: 'percent' },
  { says: 'readings until 90 %, median', rate: 'untilSure.median', as: 'count' },
  { says: 'turn of the panel over its width, rms mm', rate: 'rotation.rms', as: 'figure' },
  { says: 'all gaps, rms mm', rate: 'gaps.rms', as: 'figure' },
  { says: 'curable: cycles to free, captured and true, ours', rate: 'ours.cycles', as: 'figure', asked: { mean: 2.2, worst: 2.6 } },
  { says: '  at first check, ours', rate: 'ours.atFirst', as: 'percent' },
  { says: '  never, ours', rate: 'ours.never', as: 'percent' },
  { says: '  pieces of work, ours', rate: 'ours.steps', as: 'figure' },
  { says: '  cycles, ladder', rate: 'ladder.cycles', as: 'figure' },
  { says: '  never, ladder', rate: 'ladder.never', as: 'percent' },
  { says: '  cycles, oracle', rate: 'oracle.cycles', as: 'figure' },
  { says: '  of doors', rate: 'ours.doors', as: 'count' },
  { says: 'called done though it can be lifted out', rate: 'provedLoose', as: 'count', asked: { mean: 0, worst: 0 } },
  { says: '  though something that holds it is loose', rate: 'leftLoose', as: 'count' },
  { says: 'sound panels that got any work', rate: 'sound.worked', as: 'percent' },
  { says: '  more than a track cleaned', rate: 'sound.changed', as: 'percent' },
  { says: '  of doors', rate: 'sound.doors', as: 'count' },
  { says: 'one diagnosis, median', rate: 'diagnose.ms', as: 'ms' },
  { says: 'one next best, median', rate: 'next.ms', as: 'ms' },
  { says: 'one plan, median', rate: 'plan.ms', as: 'ms' },
  { says: '  slowest', rate: 'plan.slowest.ms', as: 'ms' },
];

export function slidingFiguresOf(name: string, found: DiagnosisStudy, corrected: SlidingCorrections): WorldFigures {
  const way = (id: string, each: WayFigures): [string, number][] => [
    [`${id}.cycles`, cycles(each)],
    [`${id}.atFirst`, share(each.atFirst, each.doors)],
    [`${id}.never`, share(each.never, each.doors)],
    [`${id}.steps`, share(each.steps, each.doors)],
    [`${id}.doors`, each.doors],
  ];
  const { ours, ladder, oracle, sound, provedLoose, leftLoose, byCause, millisPlan } = corrected;
  return {
    name,
    rates: {
      ...diagnosisRates(found),
      ...Object.fromEntries(
        [...found.bySort].flatMap(([sort, ranked]): [string, number][] => [
          [`${sort}.first`, first(ranked)],
          [`${sort}.three`, three(ranked)],
        ]),
      ),
      ...Object.fromEntries([...way('ours', ours), ...way('ladder', ladder), ...way('oracle', oracle)]),
      'pairs.both': share(found.pairs.bothInThree, found.pairs.doors),
      'pairs.doors': found.pairs.doors,
      provedLoose,
      leftLoose,
      'sound.worked': share(sound.worked, sound.doors),
      'sound.changed': share(sound.changed, sound.doors),
      'sound.doors': sound.doors,
      'diagnose.ms': middle(found.millisDiagnose),
      'next.ms': middle(found.millisNext),
      'plan.ms': middle(millisPlan),
      'plan.slowest.ms': most(millisPlan),
    },
    calibration: calibrationOf(found),
    byCause: [...found.byCause].map(([cause, ranked]) => {
      const row = byCause.get(cause);
      return {
        cause,
        cases: ranked.cases,
        first: first(ranked),
        three: three(ranked),
        doors: row?.doors ?? 0,
        cyclesEven: row === undefined ? NaN : cycles(row),
        atFirst: row === undefined ? NaN : share(row.atFirst, row.doors),
      };
    }),
  };
}
