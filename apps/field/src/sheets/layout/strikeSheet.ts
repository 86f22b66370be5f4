import type { StrikeLayout } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet, type ListedStep, type StepWork, type SheetField } from '../benchSheet';
import { choice, DONE, length } from '../fieldKinds';
import { BOLT_WORDS, strikesSays } from './layoutSays';

const bolt = (id: 'latch' | 'deadbolt', usualTopMm: number): SheetField[] => [
  length(`${id}.belowTopMm`, 'Bolt below the slab’s top', { usual: usualTopMm }),
  length(`${id}.fromFaceMm`, 'Bolt from the face at the stop', { usual: 22 }),
  length(`${id}.markBelowHeadMm`, 'Colour mark below the head', { isOptional: true }),
  length(`${id}.markFromStopMm`, 'Colour mark from the stop', { isOptional: true }),
  length(`${id}.plateMm`, 'Plate, long', { usual: 57 }),
  length(`${id}.plateWideMm`, 'Plate, wide', { usual: 28 }),
  length(`${id}.plateThickMm`, 'Plate, thick', { usual: 1.6 }),
];

function strikeSteps({ strikes, mayCut }: StrikeLayout): ListedStep[] {
  if (!mayCut) return [];
  const work: StepWork = {
    ...{ action: 'letInStrike', amount: 1, unit: 'job' },
    part: `${strikes.map(({ bolt: each }) => BOLT_WORDS[each].toLowerCase()).join(' and ')} plate`,
    remark: strikes
      .map(
        ({ bolt: each, cut }) =>
          `${BOLT_WORDS[each]} ${Number(cut.belowHeadMm.toFixed(1))} mm below the head, ${Number(cut.fromStopMm.toFixed(1))} from the stop`,
      )
      .join('; '),
  };
  return [
    { id: 'marked', says: 'Colour on the bolt, door shut, mark checked against the measure', work },
    ...strikes.flatMap(({ bolt: each, bore }): ListedStep[] => [
      {
        id: `${each}-bored`,
        says: ({ withUnit }) =>
          `${BOLT_WORDS[each]}: bored ${withUnit(bore.mm)}, ${bore.isThrough ? 'right through' : `${withUnit(bore.deepMm)} deep`}`,
        work,
      },
      { id: `${each}-plate`, says: `${BOLT_WORDS[each]}: plate traced, knifed, chiselled a little at a time, screwed`, work },
    ]),
    { id: 'tried', says: 'Both bolts tried: they go in with two fingers, door does not rattle', work },
  ];
}

export const layoutStrikeSheet = benchSheet<StrikeLayout>({
  name: 'layout.strike',
  shelf: 'jambs',
  title: 'Strikes and bores',
  about: 'Holes and plates on the jamb by measure and by the bolt’s own mark, with their difference.',
  basis:
    'Mark and measure agree within 1/16 in or nothing is cut; 1 in bore, through for the deadbolt, half for the latch: common practice.',
  groups: [
    {
      title: 'Latch',
      fields: bolt('latch', 1040),
    },
    {
      title: 'Deadbolt',
      fields: [{ path: 'withDeadbolt', label: 'There is a deadbolt', kind: 'yes', usual: 'yes' }, ...bolt('deadbolt', 900)],
    },
    {
      title: 'Door and jamb',
      fields: [
        length('headGapMm', 'Head gap', { usual: 3 }),
        length('stopGapMm', 'Slab to stop', { usual: 1 }),
        choice('bore', 'Bore', { '22': '22 mm', '25.4': '1 in' }, { usual: '25.4' }),
        length('jambThicknessMm', 'Jamb thickness', { usual: 19 }),
        DONE,
      ],
    },
    {
      title: 'The slab, bored as well',
      fields: [
        length('backsetMm', 'Backset', { isOptional: true, hint: 'Edge to handle: 45, 55, 60, 70' }),
        length('slabThicknessMm', 'Slab thickness', { isOptional: true }),
      ],
    },
  ],
  serves: ['moveStrike', 'repairLeg'],
  Answer: lazy(async () => ({ default: (await import('./StrikesAnswer')).StrikesAnswer })),
  says: strikesSays,
  list: { canBeWorked: ({ mayCut }) => mayCut, steps: strikeSteps },
  shape: ({ withDeadbolt, deadbolt, bore, ...rest }: { withDeadbolt?: boolean; deadbolt?: object; bore: string }) => ({
    ...rest,
    boreMm: Number(bore),
    ...(withDeadbolt === true && { deadbolt }),
  }),
});
