import { answerChancesUnder, expectedBy } from '../inference/answerChances';
import type { Belief } from '../inference/belief';
import { allSaid, type AnsweredFinding, type Observations } from '../inference/observed';
import type { Action, EffectKind } from '../model/action';
import type { Cause } from '../model/cause';
import type { DoorModel } from '../model/doorModel';
import { isTry } from '../model/finding';
import type { SaidBy, Side } from '../model/tables';
import { displaces } from './displaces';
import { isGapRead, judgedSides, saidSinceHeld, stationsRead } from './soFar';

/** Whether an answer says that a side is out, or said so of the door as found. */
export function isSideTold(model: DoorModel, observed: Observations): boolean {
  const said = [saidOf(model, observed), saidOf(model, { ...observed, rounds: [] })];
  return model.tables.sides.some(({ toldBy = [] }) => said.some((isSaid) => toldBy.some(isSaid)));
}

/** Stations at which a side would be read that an answer says is out and that nobody has read. */
export function sidesToldUnread(model: DoorModel, observed: Observations): string[] {
  const isSaid = saidOf(model, observed);
  const judged = judgedSides(model, observed);
  const read = stationsRead(observed);
  // Gaps that were read tell how the slab hangs: its own lean need not be.
  const tellsAlso = !isGapRead(model, observed);
  const stations = model.tables.sides
    .filter(({ toldBy = [] }) => toldBy.some(isSaid))
    .flatMap(({ id, readAt, readAlso = [] }) => [
      ...(judged.has(id) ? [] : readAt),
      ...(tellsAlso ? readAlso.filter((each) => !read.has(each)) : []),
    ]);
  return [...new Set(stations)].filter((id) => !observed.unreachable?.includes(id));
}

/** An answer that the figures make less likely than this is taken for a mistake. */
const BELIEVED_FROM = 0.1;

/**
 * What a try has found in order and no answer says is out: sides, and the station where the moving part meets the fixed one. Once the slab
 * has been moved only a try since then tells, and a try that no figure bears out is none.
 */
export function foundInOrder(belief: Belief, observed: Observations): Set<string> {
  const { model } = belief;
  const { sides, meeting } = model.tables;
  const isTold = saidOf(model, observed);
  // What friction holds stays whatever a level says.
  const held = saidSinceHeld(model, observed);
  const believed = saidSinceMoved(model, observed).filter((each) => held.includes(each) || chanceOf(belief, each) >= BELIEVED_FROM);
  const isTried = saidOf(model, { readings: [], findings: believed });
  // Tried twice and in order each time, it is so whatever the customer told.
  const isTriedTwice = saidOf(model, { readings: [], findings: believed.filter(({ again }) => again === true) });
  const isStillTold = ({ toldBy = [], clearedBy = [] }: Pick<Side, 'toldBy' | 'clearedBy'>) =>
    toldBy.some((said) => isTold(said) && !(isListened(model, said) && clearedBy.some(isTriedTwice)));
  return new Set(
    [...sides, { ...meeting, id: meeting.station }]
      .filter((each) => each.clearedBy?.some(isTried) === true && !isStillTold(each))
      .map(({ id }) => id),
  );
}

const isListened = (model: DoorModel, { finding }: SaidBy) => model.finding(finding).stage === 'listen';

/** How likely an answer is, by all that is believed of the door as it hangs. */
function chanceOf({ model, held }: Belief, { finding: id, answer }: AnsweredFinding): number {
  const finding = model.finding(id);
  const place = finding.answers.findIndex((each) => each.id === answer);
  return held.reduce((sum, { hypothesis: { causes }, posterior, probability }) => {
    const chances = answerChancesUnder(
      model,
      finding,
      causes.map((each) => each.id),
      expectedBy(posterior),
    );
    return sum + probability * (chances[place] ?? 0);
  }, 0);
}

/** Tries that found the door not free, of it as it hangs now, and of these the ones that were made but once. */
export function triesDenyingFree(model: DoorModel, observed: Observations): { finding: string; isOnce: boolean }[] {
  return lastDenying(model, saidSinceMoved(model, observed)).map(({ finding, again }) => ({ finding, isOnce: again !== true }));
}

/** Of some answers the last to each check that shows a door not to be free, where it says so. */
function lastDenying({ tables }: DoorModel, said: readonly AnsweredFinding[]): AnsweredFinding[] {
  return tables.deniesFree.flatMap(({ finding, answers }) => {
    const last = said.filter((each) => each.finding === finding).at(-1);
    return last !== undefined && answers.includes(last.answer) ? [last] : [];
  });
}

/** Tries that would show what the customer told of and that nobody has made: no door is left alone against their word untried. */
export function toldUntried(model: DoorModel, { findings }: Observations): string[] {
  const answered = new Set(findings.map(({ finding }) => finding));
  return findings.flatMap(({ finding: id, answer }) =>
    (model.finding(id).saysNoMore ?? [])
      .filter((fact) => fact.answer === answer && !answered.has(fact.as))
      .map(({ as }) => as)
      .filter((as) => model.findings.some((each) => each.id === as && each.stage !== 'listen')),
  );
}

/**
 * The tries that nobody has made since work was done: those that can find in order what stands beside the gaps, once the slab hangs otherwise
 * for it, and those that found the door not free before.
 */
export function triesDue(model: DoorModel, observed: Observations): string[] {
  const { rounds = [] } = observed;
  if (!hasMoved(model, observed)) return [];
  const { sides, meeting } = model.tables;
  const made = new Set(saidSinceMoved(model, observed).map(({ finding }) => finding));
  const hangsOtherwise = rounds.some(({ done }) => done.some(({ action }) => displaces(model.action(action), model.cause)));
  const beside = hangsOtherwise ? [...sides, meeting].flatMap(({ clearedBy = [] }) => clearedBy.map(({ finding }) => finding)) : [];
  const denied = lastDenying(model, allSaid(observed)).map(({ finding }) => finding);
  return model.findings
    .filter((each) => isTry(each) && each.again === true && [...beside, ...denied].includes(each.id) && !made.has(each.id))
    .map(({ id }) => id);
}

const MOVES_SLAB: readonly EffectKind[] = ['cure', 'shift', 'lower'];

/** Of each round whether its work moved the slab. */
const movedIn = ({ action }: DoorModel, { rounds = [] }: Observations) =>
  rounds.map(({ done }) => done.some((step) => MOVES_SLAB.includes(action(step.action).effect.kind)));

const hasMoved = (model: DoorModel, observed: Observations) => movedIn(model, observed).includes(true);

/** The answers that speak of the slab as it hangs now. */
function saidSinceMoved(model: DoorModel, observed: Observations): readonly AnsweredFinding[] {
  const { findings, rounds = [] } = observed;
  const last = movedIn(model, observed).lastIndexOf(true);
  const since = rounds.slice(Math.max(0, last)).flatMap((round) => round.findings ?? []);
  return last < 0 ? [...findings, ...since] : since;
}

/** Asked again after work, the last answer holds; once anything has been done, what the customer told at first no longer does. */
export function saidOf(model: DoorModel, { findings, rounds = [] }: Observations): (said: SaidBy) => boolean {
  const again = rounds.flatMap((round) => round.findings ?? []);
  const first = new Map<string, string[]>();
  // Of complaints there may be several.
  for (const { finding, answer } of findings) first.set(finding, [...(first.get(finding) ?? []), answer]);
  const last = new Map([...first, ...again.map(({ finding, answer }): [string, string[]] => [finding, [answer]])]);
  const isStale = (finding: string) =>
    rounds.length > 0 && model.finding(finding).stage === 'listen' && !again.some((each) => each.finding === finding);
  return ({ finding, answers }) => last.get(finding)?.some((answer) => answers.includes(answer)) === true && !isStale(finding);
}

/** Whether work is on one side and nothing else. */
export function worksOnSide({ effect }: Action, side: string): boolean {
  return (effect.kind === 'set' || effect.kind === 'hold') && effect.side === side;
}

/** Whether all that cures a cause is work on what was found in order: then there is nothing to cure. */
export function curesWhatIsInOrder({ tables }: DoorModel, { cures }: Cause, inOrder: ReadonlySet<string>): boolean {
  const isInOrder = (work: Action) =>
    work.effect.kind === 'strike' ? inOrder.has(tables.meeting.station) : [...inOrder].some((side) => worksOnSide(work, side));
  const work = tables.actions.filter(({ id }) => cures.includes(id));
  return work.length > 0 && work.every(isInOrder);
}
