import type { JambDecision, JambSurvey } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet, type ListedStep } from '../benchSheet';
import { choice, DONE, figure, length } from '../fieldKinds';
import { readDamages } from '../damageText';
import { decideSays } from './jambSays';
import { FIRST_WORDS } from './jambWords';

interface TypedSurvey {
  damages?: JambSurvey['damages'];
}

/** What is written in the record of a leg that is filled where it stands. */
const FILLED = (says: string): ListedStep => ({
  id: 'filled',
  says,
  work: { action: 'fillLeg', amount: 1, unit: 'leg', part: 'glue or two-part filler' },
});

export const jambDecideSheet = benchSheet<JambDecision>({
  name: 'jamb.decide',
  shelf: 'jambs',
  title: 'A damaged leg: what to do',
  about: 'Probe it, mark it, and see what speaks for a filler, a patch, a new length, a whole leg.',
  basis: 'Rules, minutes and how long it lasts: common practice. Schools differ over a soft foot: choose yours.',
  groups: [
    {
      title: 'The leg',
      fields: [
        choice('side', 'It carries', { hinge: 'The hinges', strike: 'The strike' }, { usual: 'strike' }),
        length('legMm', 'Height', { usual: 2040 }),
        length('thicknessMm', 'Thickness', { usual: 32 }),
        choice('finish', 'It is', { painted: 'Painted', stained: 'Stained' }, { usual: 'painted' }),
        { path: 'damages', label: 'Damage', kind: 'filled', isOptional: true, startsOver: true, read: readDamages },
        { path: 'remedy', label: 'What is done', kind: 'filled', isOptional: true, startsOver: true, read: () => undefined },
        DONE,
      ],
    },
    {
      title: 'Round about it',
      fields: [
        figure('moisturePercent', 'Meter, sound wood', '%', { isOptional: true }),
        { path: 'framingIsWet', label: 'Framing wet or soft', kind: 'yes', usual: 'no' },
        { path: 'cracksMove', label: 'Cracks from the corner grow', kind: 'yes', usual: 'no' },
        { path: 'headLacksBearing', label: 'No lintel that bears', kind: 'yes', usual: 'no' },
        { path: 'hasLabel', label: 'Fire, smoke or security frame', kind: 'yes', usual: 'no' },
      ],
    },
    {
      title: 'A soft foot is rather',
      fields: [
        choice(
          'school',
          'School',
          { treatedPatch: 'Patched, treated stock', resin: 'Filled with resin', wholeLeg: 'A whole leg' },
          { usual: 'treatedPatch' },
        ),
      ],
    },
  ],
  serves: ['repairFoot', 'repairLeg'],
  Helper: lazy(async () => ({ default: (await import('./DamageForm')).DamageForm })),
  Answer: lazy(async () => ({ default: (await import('./DecideAnswer')).DecideAnswer })),
  says: decideSays,
  list: {
    canBeWorked: ({ stops }) => stops.length === 0,
    cutsLeft: (_result, { remedy = '' }) => (remedy === '' ? 1 : 0),
    steps: ({ first, stops }, _request, { remedy }) =>
      stops.length > 0
        ? []
        : [
            ...first.map((id) => ({ id, says: FIRST_WORDS[id] })),
            ...(remedy === 'fill' ? [FILLED('Glue worked in and clamped, or filled and faired')] : []),
          ],
  },
  shape: ({ damages, ...rest }: TypedSurvey) => ({ ...rest, damages: damages ?? [] }),
  fieldOf: (field) => (/^damages/.test(field) ? 'damages' : undefined),
});
