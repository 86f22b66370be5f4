import type { Sum, SumOf } from '@proper-swing/core/sheets';
import type { LengthWords } from '../design/lengthWords';

const OF: Readonly<Record<SumOf, string>> = {
  leafWidth: 'Each leaf',
  leafLength: 'Length, left leaf',
  otherLength: 'Length, right leaf',
  firstCut: 'First cut',
  headCut: 'Off the head',
  length: 'Length',
  slabCut: 'Off the slab',
  lining: 'Width wanted',
  guide: 'Guide from the cut end',
  plug: 'Plug',
  frameMark: 'On the frame',
  longPoint: 'To the long point',
  shortPoint: 'To the short point',
  pack: 'Packers',
  tongue: 'Tongue as cut',
  piece: 'New piece',
  stack: 'Behind the leg, at the top',
  boltMark: 'Bolt on the frame',
  plateTop: 'Top of the plate',
  jig: 'Jig, long',
};

const SIGNS = { less: '−', plus: '+', over: '÷' } as const;

/** A sum as it is written on a board: `1370 − 2 × 2 − 2 = 1364; ÷ 2 = 682 mm`. */
export function sumWords({ of, fromMm, steps }: Sum, { bare, unit }: LengthWords): string {
  const last = steps.length - 1;
  const said = steps.map(({ does, times, by, gives }, i) => {
    const amount = does === 'over' ? String(by) : times === 1 ? bare(by) : `${times} × ${bare(by)}`;
    const isLast = i === last;
    const follows = steps[i + 1];
    const ends = isLast || (follows?.does === 'over') !== (does === 'over') ? ` = ${bare(gives)}${isLast ? '' : ';'}` : '';
    return `${SIGNS[does]} ${amount}${ends}`;
  });
  return `${OF[of]}: ${[bare(fromMm), ...said].join(' ')} ${unit}`;
}
