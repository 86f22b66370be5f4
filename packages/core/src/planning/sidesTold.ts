import type { Observations } from '../inference/observed';
import type { DoorModel } from '../model/doorModel';
import { judgedSides } from './soFar';

/**
 * Stations at which a side would be read that an answer says is out and that nobody has read. Asked again after work, the last answer
 * holds; once anything has been done, what the customer told at first no longer does.
 */
export function sidesToldUnread(model: DoorModel, observed: Observations): string[] {
  const { findings, rounds = [], unreachable = [] } = observed;
  const again = rounds.flatMap((round) => round.findings ?? []);
  const last = new Map([...findings, ...again].map(({ finding, answer }) => [finding, answer]));
  const isStale = (finding: string) =>
    rounds.length > 0 && model.finding(finding).stage === 'listen' && !again.some((each) => each.finding === finding);
  const judged = judgedSides(model, observed);
  const stations = model.tables.sides
    .filter(
      ({ id, toldBy = [] }) =>
        !judged.has(id) && toldBy.some(({ finding, answers }) => answers.includes(last.get(finding) ?? '') && !isStale(finding)),
    )
    .flatMap(({ readAt }) => readAt);
  return [...new Set(stations)].filter((id) => !unreachable.includes(id));
}
