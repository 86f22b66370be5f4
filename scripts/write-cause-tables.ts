// npm run docs:causes: writes the tables of causes, checks and actions into docs/causes.md and docs/sliding-causes.md, from the tables the engine uses.
import { writeFileSync } from 'node:fs';
import { action, PROFILE_IDS, school, SCHOOL_IDS, toleranceProfile } from '../packages/core/src/index';
import { HINGED } from '../packages/core/src/hinged/hingedDoors';
import { ACTIONS } from '../packages/core/src/hinged/tables/actions';
import { answerChances, type Finding } from '../packages/core/src/model/finding';
import type { DoorTables } from '../packages/core/src/model/tables';
import { PANEL_KINDS } from '../packages/core/src/sliding/card/panel';
import { PROFILES } from '../packages/core/src/sliding/card/profiles';
import { SLIDING } from '../packages/core/src/sliding/slidingDoors';
import { ACTIONS as SLIDING_ACTIONS } from '../packages/core/src/sliding/tables/actions';
import type { Share } from '@proper-swing/core/model/moves';

const row = (cells: readonly (string | number)[]) => `| ${cells.join(' | ')} |`;
const table = (head: readonly string[], rows: readonly (readonly (string | number)[])[]) =>
  [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');

/** Any kind of door, its names as plain text. */
type AnyTables = Pick<DoorTables, 'causes' | 'findings' | 'actions' | 'stations'>;

/** A border as it stands in the table: a figure, or what the card says. */
function borderWords(border: Share): string {
  if (border === 'letsGoFrom') return 'what lets it go';
  return typeof border === 'object' ? `${border.times} × ${border.of}` : String(border);
}

/** From which figures the answers of a check follow, whatever the cause. */
function followsWords({ stations }: AnyTables, { answers, follows }: Finding): string[] {
  if (follows === undefined) return [];
  const figure = (at: (typeof follows.shows)[number]['at']) =>
    typeof at === 'string' ? (stations.find(({ id }) => id === at)?.title ?? at) : Object.keys(at).join(' less ');
  const shows = follows.shows.map(({ answer, at, border, softMm }) => {
    const side = 'above' in border ? `above ${borderWords(border.above)}` : `below ${borderWords(border.below)}`;
    return `*${answers.find(({ id }) => id === answer)?.label ?? answer}* from ${figure(at)} ${side} (± ${softMm}) mm`;
  });
  const share = Math.round(100 * follows.share);
  return [
    '',
    `${share} % of the answers follow from the figures of the door, whatever the cause: ${shows.join('; ')}. The others come as below.`,
  ];
}

const causesOf = ({ causes, actions }: AnyTables) =>
  table(
    ['cause', 'what has happened', 'how often', 'usual size, mm', 'cured by'],
    causes.map(({ title, says, prior, forms, cures }) => [
      title,
      says,
      prior,
      forms
        .map(({ axes }) =>
          axes.length === 0
            ? 'nothing that can be gauged'
            : axes.map(({ measure, mean, sd }) => `${measure}: ${typeof mean === 'number' ? mean : 'all of it'} ± ${sd}`).join(' and '),
        )
        .join('; or '),
      cures.map((id) => actions.find((a) => a.id === id)?.title ?? id).join('; '),
    ]),
  );

const checksOf = (tables: AnyTables) =>
  tables.findings.map((each) =>
    [
      `### ${each.question}`,
      '',
      each.howTo,
      ...followsWords(tables, each),
      '',
      table(
        ['cause', ...each.answers.map(({ label }) => label)],
        tables.causes.map(({ id: causeId, title }) => [title, ...answerChances(each, causeId)]),
      ),
    ].join('\n'),
  );

const opening = (folder: string) =>
  `Written from the tables in \`packages/core/src/${folder}\` by \`npm run docs:causes\`. Correct a figure there. Where no source is named it is common practice, set by judgement.`;

const write = (name: string, chapters: readonly string[]) =>
  writeFileSync(new URL(`../docs/${name}`, import.meta.url), `${chapters.join('\n\n')}\n`);

const hinged = HINGED as unknown as AnyTables;
const sliding = SLIDING as unknown as AnyTables;

write('causes.md', [
  '# Causes, checks, actions, limits and schools',
  opening('hinged'),
  '## Causes',
  causesOf(hinged),
  '## Checks: chance of each answer under each cause',
  ...checksOf(hinged),
  '## Actions',
  table(
    ['action', 'minutes', 'undone', 'holds two years', 'not allowed', 'stop if'],
    ACTIONS.map(({ title, minutes, irreversibility, holds, forbidden, stopIf }) => [
      title,
      minutes.first,
      `${irreversibility} of 5`,
      holds,
      forbidden.why,
      stopIf,
    ]),
  ),
  '## Limits, mm',
  table(
    ['profile', 'hinge', 'head', 'latch', 'foot', 'even within', 'source'],
    PROFILE_IDS.map(toleranceProfile).map(({ title, edges, evenWithin, source }) => [
      title,
      ...(['hinge', 'head', 'latch', 'foot'] as const).map((edge) => `${edges[edge].min}–${edges[edge].max}`),
      evenWithin,
      source,
    ]),
  ),
  '## Schools',
  table(
    ['point', 'way', 'what speaks for it', 'leaves out'],
    SCHOOL_IDS.flatMap((id) =>
      Object.values(school(id).ways).map(({ label, says, leavesOut }) => [
        school(id).title,
        label,
        says,
        leavesOut.map((each) => action(each).title).join('; '),
      ]),
    ),
  ),
]);

const kindsOf = ({ onlyFor = PANEL_KINDS }: { onlyFor?: readonly string[] }) => onlyFor.join(', ');

write('sliding-causes.md', [
  '# Sliding doors: causes, checks, actions and limits',
  opening('sliding'),
  '## Causes',
  causesOf(sliding),
  '## Checks: chance of each answer under each cause',
  ...checksOf(sliding),
  '## Actions',
  table(
    ['action', 'panels', 'minutes', 'undone', 'holds two years', 'stop if'],
    SLIDING_ACTIONS.map((each) => [each.title, kindsOf(each), each.minutes.first, `${each.irreversibility} of 5`, each.holds, each.stopIf]),
  ),
  '## Limits, mm',
  table(
    ['panel', 'under it', 'room above', 'lets go from', 'closing gap even within'],
    PANEL_KINDS.map((kind) => {
      const { edges, evenWithin } = PROFILES[kind];
      return [
        kind,
        `${edges.foot.min}–${edges.foot.max}`,
        `${edges.head.min}–${edges.head.max}`,
        edges.head.letsGoFrom ?? 'nothing',
        evenWithin,
      ];
    }),
  ),
]);
