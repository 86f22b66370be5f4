import { coat, type CurePlan } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet, type ListedStep, type StepWork } from '../benchSheet';
import { DONE, figure } from '../fieldKinds';
import { readCoats, type Coats } from './coatText';
import { cureSays } from './cureSays';
import { hoursOn, startOf } from './cureTimes';
import { putOnNow, readPutOn } from './putOn';

interface TypedCure {
  coats?: Coats;
  startsAt?: Date;
  putOn?: ReadonlyMap<number, Date>;
}

function cureSteps({ coats, tooCold }: CurePlan): ListedStep[] {
  if (tooCold.length > 0) return [];
  const work: StepWork = {
    ...{ action: 'coatRepair', amount: 1, unit: 'job' },
    part: [...new Set(coats.map(({ id }) => coat(id).title.toLowerCase()))].join(', '),
  };
  return [
    ...coats.map(({ id, visit }, i): ListedStep => ({
      id: `coat-${i + 1}`,
      says: `${coat(id).title}${visit > 0 ? ', at the return' : ''}: on`,
      work,
    })),
    { id: 'safe', says: 'Left for the night: shuts, locks, and keeps the weather out' },
  ];
}

export const cureClockSheet = benchSheet<CurePlan>({
  name: 'cure.clock',
  shelf: 'jambs',
  title: 'What dries when',
  about: 'Adhesive, filler, caulk and paint on a timeline from now: when to come back, and what may be done meanwhile.',
  basis: 'Times of usual labels at 20 °C; ten degrees colder takes twice as long: common practice. The label of the tin in hand counts.',
  groups: [
    {
      title: 'The air',
      fields: [
        figure('celsius', 'Temperature', '°C', { usual: '15', signed: true }),
        figure('humidity', 'Humidity', '%', { usual: '65' }),
        { path: 'coats', label: 'What is put on', kind: 'filled', startsOver: true, read: readCoats },
        {
          path: 'startsAt',
          label: 'Begun',
          kind: 'filled',
          startsOver: true,
          usual: () => new Date().toISOString(),
          read: (text) => new Date(text),
        },
        { path: 'putOn', label: 'Put on at', kind: 'filled', isOptional: true, startsOver: true, read: readPutOn },
        DONE,
      ],
    },
    {
      title: 'The day’s work',
      fields: [
        figure('fromHour', 'Begins', 'h', { usual: '8' }),
        figure('toHour', 'Ends', 'h', { usual: '17' }),
        figure('waitsHours', 'Rather waits up to', 'h', { usual: '1' }),
      ],
    },
  ],
  Helper: lazy(async () => ({ default: (await import('./CureForm')).CureForm })),
  Answer: lazy(async () => ({ default: (await import('./CureAnswer')).CureAnswer })),
  says: cureSays,
  list: { canBeWorked: ({ tooCold }) => tooCold.length === 0, steps: cureSteps },
  comeBack: ({ visitsHours }, typed) =>
    visitsHours.slice(1).map((hours) => ({ at: hoursOn(startOf(typed), hours), because: 'Left to dry' })),
  withTicks: (typed, done) => ({ putOn: putOnNow(typed['putOn'] ?? '', typed['done'] ?? '', done, new Date()) }),
  shape: ({ startsAt = new Date(), coats = [], putOn, ...rest }: TypedCure) => ({
    ...rest,
    coats: coats.map((own, i) => {
      const at = putOn?.get(i + 1);
      return { ...own, ...(at && { onHours: (at.getTime() - startsAt.getTime()) / 3_600_000 }) };
    }),
    nowHour: startsAt.getHours() + startsAt.getMinutes() / 60,
  }),
  fieldOf: (field) => (/^coats/.test(field) ? 'coats' : undefined),
});
