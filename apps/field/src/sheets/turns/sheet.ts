import { lazy } from 'react';
import { THREAD_IDS, THREADS, type RollerTurns } from '@proper-swing/core/sheets';
import { ON_WHEELS, rolls, type PanelKind } from '@proper-swing/core/sliding/card/panel';
import { capital } from '../../design/capital';
import { benchSheet } from '../benchSheet';
import { figure, length, PANEL_HEIGHT, PANEL_KIND, PANEL_WIDTH } from '../fieldKinds';
import { END_WORDS, endWords, turnsSay } from './says';

const THREAD_CHOICES = THREAD_IDS.map((id) => ({ id, label: THREADS[id].title }));

export const turnsSheet = benchSheet<RollerTurns>({
  name: 'sliding.turns',
  doors: 'sliding',
  panels: ON_WHEELS,
  title: 'Roller and hanger turns',
  about:
    'An even closing gap, never so low that it drags nor so loose that it lifts out. Read it held some 10 mm (3/8 in) short of its jamb.',
  basis: 'Rigid panel on two rollers. Pitches: ISO 261 coarse, ASME B1.1 UNC. Clearances: common practice.',
  groups: [
    {
      title: 'As it stands',
      fields: [
        PANEL_KIND,
        length('jambTopMm', 'Closing gap, top'),
        length('jambFootMm', 'Closing gap, foot'),
        length('footLeadMm', 'Under closing end'),
        length('footTrailMm', 'Under other end'),
        length('liftLeadMm', 'Lifts at closing end', { isOptional: true }),
        length('liftTrailMm', 'Lifts at other end', { isOptional: true }),
      ],
    },
    {
      title: 'What the first turn did',
      fields: [
        figure('tried.turns', 'Turned, each end', 'turns', { isOptional: true, signed: true, hint: '+ raises' }),
        length('tried.leadMm', 'Closing end came up', { needs: 'tried.turns', isOptional: true, signed: true }),
        length('tried.trailMm', 'Other end came up', { needs: 'tried.turns', isOptional: true, signed: true }),
      ],
    },
    {
      title: 'The screws',
      fields: [
        { path: 'thread', label: 'Thread', kind: 'choice', options: THREAD_CHOICES, isOptional: true },
        figure('linkage', 'Lift for each mm of screw', 'mm', { isOptional: true }),
        figure('leftLeadTurns', 'Left at closing end', 'turns', { isOptional: true }),
        figure('leftTrailTurns', 'Left at other end', 'turns', { isOptional: true }),
      ],
    },
    { title: 'The panel', fields: [PANEL_WIDTH, PANEL_HEIGHT] },
  ],
  serves: ['turnScrew', 'turnHanger', 'squareOpening'],
  stations: {
    jambTopMm: 'jamb.top',
    jambFootMm: 'jamb.foot',
    footLeadMm: 'foot.lead',
    footTrailMm: 'foot.trail',
    liftLeadMm: 'lift.lead',
    liftTrailMm: 'lift.trail',
  },
  estimated: ['jambTopMm', 'jambFootMm', 'footLeadMm', 'footTrailMm'],
  work: ({ lead, trail }, { kind }: { kind?: PanelKind }) => {
    const action = kind === undefined || rolls({ kind }) ? 'turnScrew' : 'turnHanger';
    return (
      [
        ['lead', lead],
        ['trail', trail],
      ] as const
    ).flatMap(([end, { quarters }]) =>
      quarters === 0
        ? []
        : [
            {
              label: `${capital(END_WORDS[end])}: ${endWords(quarters)}`,
              work: { action, hinge: null, end, amount: quarters / 2, unit: 'half turns' },
            },
          ],
    );
  },
  Answer: lazy(async () => ({ default: (await import('./TurnsAnswer')).TurnsAnswer })),
  says: turnsSay,
});
