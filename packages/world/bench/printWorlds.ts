import { TABLES_OWN, type Bin } from '../src';
import type { WorldFigures } from './worldFigures';

/** A line of the table: what it tells, how it is written, and what is asked of the worlds not tuned to. */
export interface Line {
  says: string;
  rate: string;
  as: 'percent' | 'figure' | 'count' | 'ms';
  asked?: { mean: number; worst: number; least?: boolean };
}

export const LEAST = { least: true };

export const HINGED_LINES: readonly Line[] = [
  { says: 'everything read: right cause first', rate: 'everything.first', as: 'percent', asked: { mean: 0.88, worst: 0.82, ...LEAST } },
  { says: '  within three', rate: 'everything.three', as: 'percent', asked: { mean: 0.97, worst: 0.94, ...LEAST } },
  { says: '  first, what it doubts read again', rate: 'twice.first', as: 'percent' },
  { says: '  within three', rate: 'twice.three', as: 'percent' },
  { says: 'gaps and complaint: first', rate: 'gaps.first', as: 'percent', asked: { mean: 0.7, worst: 0.64, ...LEAST } },
  { says: '  within three', rate: 'gaps.three', as: 'percent', asked: { mean: 0.88, worst: 0.84, ...LEAST } },
  { says: 'six chosen by the tool: first', rate: 'six.first', as: 'percent', asked: { mean: 0.76, worst: 0.7, ...LEAST } },
  { says: 'six in walking order: first', rate: 'inOrder.first', as: 'percent' },
  { says: 'calibration error, everything', rate: 'everything.ece', as: 'figure', asked: { mean: 0.04, worst: 0.06 } },
  { says: '  gaps and complaint', rate: 'gaps.ece', as: 'figure', asked: { mean: 0.04, worst: 0.06 } },
  { says: '  six chosen', rate: 'six.ece', as: 'figure', asked: { mean: 0.04, worst: 0.06 } },
  { says: 'right when 90 % is first said', rate: 'said90.right', as: 'percent', asked: { mean: 0.92, worst: 0.88, ...LEAST } },
  { says: '  of doors', rate: 'said90.count', as: 'count' },
  { says: 'right when "enough" is first said', rate: 'enough.right', as: 'percent', asked: { mean: 0.88, worst: 0.84, ...LEAST } },
  { says: '  of doors', rate: 'enough.count', as: 'count' },
  { says: 'readings until 90 %, median', rate: 'untilSure.median', as: 'count' },
  { says: 'rotation over the width, rms mm', rate: 'rotation.rms', as: 'figure' },
  { says: 'all gaps, rms mm', rate: 'gaps.rms', as: 'figure' },
  {
    says: 'settings: true by the book at first check',
    rate: 'settings.book.atFirst',
    as: 'percent',
    asked: { mean: 0.9, worst: 0.86, ...LEAST },
  },
  { says: '  cycles', rate: 'settings.book.cycles', as: 'figure', asked: { mean: 1.35, worst: 1.5 } },
  { says: '  of doors', rate: 'settings.doors', as: 'count' },
  { says: 'curable doors: cycles to free, ours', rate: 'ours.free.cycles', as: 'figure' },
  { says: '  to free and even, ours', rate: 'ours.even.cycles', as: 'figure', asked: { mean: 1.4, worst: 1.7 } },
  { says: '  by the book, ours', rate: 'ours.book.cycles', as: 'figure' },
  { says: '  to free and even, ladder', rate: 'ladder.even.cycles', as: 'figure' },
  { says: '  by the book, ladder', rate: 'ladder.book.cycles', as: 'figure' },
  { says: '  to free and even, oracle', rate: 'oracle.even.cycles', as: 'figure' },
  { says: '  by the book, oracle', rate: 'oracle.book.cycles', as: 'figure' },
  { says: '  of doors', rate: 'ours.doors', as: 'count' },
  { says: '  free and even at first check, ours', rate: 'ours.even.atFirst', as: 'percent' },
  { says: '  never free and even, ours', rate: 'ours.even.never', as: 'percent' },
  { says: 'pieces of work a door, ours', rate: 'ours.steps', as: 'figure' },
  { says: '  ladder', rate: 'ladder.steps', as: 'figure' },
  { says: 'sound doors that got any work', rate: 'sound.worked', as: 'percent', asked: { mean: 0.03, worst: 0.06 } },
  { says: '  more than a screw turned that was found loose', rate: 'sound.changed', as: 'percent' },
  { says: '  of doors', rate: 'sound.doors', as: 'count' },
  { says: 'readings taken again a door', rate: 'readAgain.each', as: 'figure' },
  { says: '"the hinges cannot" said when so', rate: 'cannot.said', as: 'percent', asked: { mean: 0.93, worst: 0.88, ...LEAST } },
  { says: '  of doors', rate: 'cannot.doors', as: 'count' },
  { says: 'planing where the hinges would do: ours', rate: 'planed.ours', as: 'percent' },
  { says: '  ladder', rate: 'planed.ladder', as: 'percent' },
  { says: 'a hinge reversed in a visit', rate: 'slips.reversed', as: 'count', asked: { mean: 0, worst: 0 } },
  { says: 'a step repeated as it was', rate: 'slips.repeated', as: 'count', asked: { mean: 0, worst: 0 } },
  { says: 'work of nought', rate: 'slips.idle', as: 'count', asked: { mean: 0, worst: 0 } },
  { says: '"cures" under the floor', rate: 'slips.underFloor', as: 'count', asked: { mean: 0, worst: 0 } },
  { says: 'one diagnosis, median', rate: 'diagnose.ms', as: 'ms' },
  { says: 'one next best, median', rate: 'next.ms', as: 'ms' },
  { says: 'one plan, median', rate: 'plan.ms', as: 'ms', asked: { mean: 150, worst: 250 } },
  { says: '  slowest', rate: 'plan.slowest.ms', as: 'ms', asked: { mean: 1200, worst: 1200 } },
];

const WRITTEN: Readonly<Record<Line['as'], (value: number) => string>> = {
  percent: (value) => `${(100 * value).toFixed(1)} %`,
  figure: (value) => value.toFixed(3),
  count: (value) => value.toFixed(0),
  ms: (value) => `${value.toFixed(0)} ms`,
};

/** A rate of nothing is written as null on its way between processes. */
const isKnown = (value: number | null) => value !== null && !Number.isNaN(value);

/** So much of the limit counts where that is lower than what is asked. */
const LIMIT_SHARE = 0.96;

const NAME_WIDTH = 44;
const WIDTH = 10;

/** A table of lines by worlds: each world, the mean and the worst of the worlds not tuned to, and what is asked. */
export function printWorlds(worlds: readonly WorldFigures[], lines: readonly Line[]): string {
  const untuned = worlds.filter(({ name }) => name !== TABLES_OWN.name);
  const heads = [...worlds.map(({ name }) => (name === TABLES_OWN.name ? 'own' : name)), 'mean', 'worst', 'limit', 'asked'];
  const rows = lines.map(({ says, rate, as, asked }) => {
    const write = (value: number | undefined) => (value === undefined || !isKnown(value) ? '–' : WRITTEN[as](value));
    const values = untuned.map(({ rates }) => rates[rate] ?? NaN).filter(isKnown);
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    const worst = asked?.least === true ? Math.min(...values) : Math.max(...values);
    const limits = untuned.map(({ limits: own }) => own?.[rate] ?? NaN).filter(isKnown);
    const limit = limits.reduce((sum, value) => sum + value, 0) / limits.length;
    return [
      says.padEnd(NAME_WIDTH),
      ...worlds.map(({ rates }) => write(rates[rate]).padStart(WIDTH)),
      write(mean).padStart(WIDTH),
      (asked === undefined || values.length === 0 ? '' : write(worst)).padStart(WIDTH),
      (limits.length === 0 ? '' : write(limit)).padStart(WIDTH),
      asked === undefined
        ? ''
        : `   ${write(asked.mean)}, ${write(asked.worst)}${values.length > 0 && isMissed(asked, { mean, worst }, limits) ? '  missed' : ''}`,
    ].join('');
  });
  return [
    `${''.padEnd(NAME_WIDTH)}${heads.map((head) => head.padStart(WIDTH)).join('')}`,
    ...rows,
    ...Object.keys(worlds[0]?.calibration ?? {}).flatMap((regime) => [
      '',
      ...calibrationLines(regime, untuned.length > 0 ? untuned : worlds),
    ]),
    '',
    ...causeLines(untuned.length > 0 ? untuned : worlds),
    '',
  ].join('\n');
}

/** Whether a figure is missed; where the limit itself is lower than what is asked, nearly the limit counts. */
function isMissed(
  { mean, worst, least = false }: NonNullable<Line['asked']>,
  here: { mean: number; worst: number },
  limits: readonly number[],
): boolean {
  if (!least) return here.mean > mean || here.worst > worst;
  const nearLimit = (limit: number) => (limits.length === 0 ? Infinity : LIMIT_SHARE * limit);
  const meanLimit = limits.reduce((sum, value) => sum + value, 0) / limits.length;
  return here.mean < Math.min(mean, nearLimit(meanLimit)) || here.worst < Math.min(worst, nearLimit(Math.min(...limits)));
}

/** Chances stated of the first cause and how often it was so, all these worlds together. */
function calibrationLines(regime: string, worlds: readonly WorldFigures[]): string[] {
  const bins = Array.from({ length: 10 }, (_, i): Bin => {
    const each = worlds.flatMap(({ calibration }) => calibration[regime]?.[i] ?? []);
    const sum = (of: (bin: Bin) => number) => each.reduce((all, bin) => all + of(bin), 0);
    return { count: sum(({ count }) => count), stated: sum(({ stated }) => stated), right: sum(({ right }) => right) };
  });
  return [
    `Stated of the first cause, and so: ${regime}`,
    ...bins.flatMap(({ count, stated, right }) =>
      count === 0 ? [] : [`  ${WRITTEN.percent(stated / count).padStart(8)}  ${WRITTEN.percent(right / count).padStart(8)}  of ${count}`],
    ),
  ];
}

function causeLines(worlds: readonly WorldFigures[]): string[] {
  const causes = [...new Set(worlds.flatMap(({ byCause }) => byCause.map(({ cause }) => cause)))].sort();
  return [
    'By cause, everything read: first / within three; cycles to free and even, by the book at the first check',
    ...causes.map((id) => {
      const rows = worlds.flatMap(({ byCause }) => byCause.filter(({ cause }) => cause === id));
      const mean = (of: (row: (typeof rows)[number]) => number, weight: (row: (typeof rows)[number]) => number) => {
        const known = rows.filter((row) => weight(row) > 0 && isKnown(of(row)));
        return known.reduce((sum, row) => sum + of(row) * weight(row), 0) / known.reduce((sum, row) => sum + weight(row), 0);
      };
      const cases = rows.reduce((sum, row) => sum + row.cases, 0);
      const doors = rows.reduce((sum, row) => sum + row.doors, 0);
      const ranked = `${WRITTEN.percent(
        mean(
          ({ first }) => first,
          (row) => row.cases,
        ),
      )} / ${WRITTEN.percent(
        mean(
          ({ three }) => three,
          (row) => row.cases,
        ),
      )} of ${cases}`;
      const cycles =
        doors === 0
          ? ''
          : `${mean(
              ({ cyclesEven }) => cyclesEven,
              (row) => row.doors,
            ).toFixed(2)} cycles, ${WRITTEN.percent(
              mean(
                ({ atFirst }) => atFirst,
                (row) => row.doors,
              ),
            )} of ${doors}`;
      return `  ${id.padEnd(20)}${ranked.padStart(28)}   ${cycles}`;
    }),
  ];
}
