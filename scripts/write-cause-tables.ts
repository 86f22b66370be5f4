// npm run docs:causes: writes the tables of causes, checks and actions into docs/causes.md, from the tables the engine uses.
import { writeFileSync } from 'node:fs';
import {
  action,
  ACTIONS,
  answerChances,
  CAUSES,
  FINDINGS,
  PROFILE_IDS,
  school,
  SCHOOL_IDS,
  station,
  toleranceProfile,
} from '../packages/core/src/index';

const row = (cells: readonly (string | number)[]) => `| ${cells.join(' | ')} |`;
const table = (head: readonly string[], rows: readonly (readonly (string | number)[])[]) =>
  [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');

/** From which figures the answers of a check follow, whatever the cause. */
function followsWords({ answers, follows }: (typeof FINDINGS)[number]): string[] {
  if (follows === undefined) return [];
  const figure = (at: (typeof follows.shows)[number]['at']) =>
    typeof at === 'string' ? station(at).title : Object.keys(at).join(' less ');
  const shows = follows.shows.map(({ answer, at, border, softMm }) => {
    const side = 'above' in border ? `above ${border.above}` : `below ${border.below}`;
    return `*${answers.find(({ id }) => id === answer)?.label ?? answer}* from ${figure(at)} ${side} (± ${softMm}) mm`;
  });
  const share = Math.round(100 * follows.share);
  return [
    '',
    `${share} % of the answers follow from the figures of the door, whatever the cause: ${shows.join('; ')}. The others come as below.`,
  ];
}

const chapters = [
  '# Causes, checks, actions, limits and schools',
  'Written from the tables in `packages/core/src/hinged` by `npm run docs:causes`. Correct a figure there. Where no source is named it is common practice, set by judgement.',
  '## Causes',
  table(
    ['cause', 'what has happened', 'how often', 'usual size, mm', 'cured by'],
    CAUSES.map(({ title, says, prior, forms, cures }) => [
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
      cures.map((id) => ACTIONS.find((a) => a.id === id)?.title ?? id).join('; '),
    ]),
  ),
  '## Checks: chance of each answer under each cause',
  ...FINDINGS.map((each) =>
    [
      `### ${each.question}`,
      '',
      each.howTo,
      ...followsWords(each),
      '',
      table(
        ['cause', ...each.answers.map(({ label }) => label)],
        CAUSES.map(({ id: causeId, title }) => [title, ...answerChances(each, causeId)]),
      ),
    ].join('\n'),
  ),
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
];

writeFileSync(new URL('../docs/causes.md', import.meta.url), `${chapters.join('\n\n')}\n`);
