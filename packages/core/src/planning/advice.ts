import type { Belief } from '../inference/belief';
import { causeChances } from '../inference/expectation';
import type { Cause } from '../model/cause';
import type { DoorModel } from '../model/doorModel';
import type { GapBoard } from './board';
import { PLANNING_WORDS } from './planningWords';

/** An opening wider than slab and limits by so much is told, mm. */
const TOLD_FROM_MM = 0.5;
/** A cause this near in chance to another is a rival of it. */
const NEAR_SHARE = 0.5;

/** The door as it hangs, and whether nothing brings it where it should be. */
interface AsItHangs {
  board: GapBoard;
  gaps: Float64Array;
  fallsShort?: boolean;
  /** Nothing is done: it stays as it hangs. */
  staysSo?: boolean;
}

/** What is to be said beside the plans. */
export function adviceFor(
  belief: Belief,
  treat: readonly Cause[],
  { board, gaps, fallsShort = false, staysSo = false }: AsItHangs,
): string[] {
  const { warnings, tables, cause } = belief.model;
  const own = treat.flatMap(({ advice }) => advice ?? []);
  return [
    ...warnings,
    ...own,
    ...(treat.length === 0 ? [] : rivalsOf(belief, treat).map((id) => PLANNING_WORDS.couldAsWellBe(cause(id).title))),
    ...tooMuchToHold(belief.model, board, gaps).map(staysSo ? PLANNING_WORDS.sharedOut : PLANNING_WORDS.shareOut),
    ...(fallsShort && own.length === 0 ? [tables.phrases.fallsShort] : []),
  ];
}

/** By how much two opposite gaps together are more than both may have, where it is worth telling, mm. */
function tooMuchToHold({ tables }: DoorModel, { onEdge, limits }: GapBoard, gaps: Float64Array): number[] {
  const mean = (edge: string, of: (i: number) => number) => {
    const stations = onEdge[edge] ?? [];
    return stations.reduce((sum, i) => sum + of(i), 0) / stations.length;
  };
  return tables.opposite.flatMap(([one, other]) => {
    const more = [one, other].reduce((sum, edge) => sum + mean(edge, (i) => (gaps[i] ?? 0) - (limits[i]?.max ?? 0)), 0);
    return more >= TOLD_FROM_MM ? [more] : [];
  });
}

/** Causes nearly as likely as what is treated: the second likeliest, and those of the same part. */
function rivalsOf(belief: Belief, treat: readonly Cause[]): string[] {
  const { cause } = belief.model;
  // What has been worked on is no rival: the work was done for it.
  const isWorkedOn = (id: string) => belief.done.some(({ action }) => cause(id).cures.includes(action));
  const ranked = causeChances(belief).filter(({ id }, i) => i === 0 || !isWorkedOn(id) || treat.some((each) => each.id === id));
  const [first, second] = ranked;
  const chanceOf = (id: string) => ranked.find((each) => each.id === id)?.probability ?? 0;
  const isClose =
    first !== undefined &&
    second !== undefined &&
    second.probability > NEAR_SHARE * first.probability &&
    !treat.some(({ id }) => id === second.id);
  const ofSamePart = treat.flatMap(({ id, part }) =>
    ranked.filter((each) => each.id !== id && cause(each.id).part === part && each.probability > NEAR_SHARE * chanceOf(id)),
  );
  return [...new Set([...(isClose ? [second.id] : []), ...ofSamePart.map((each) => each.id)])];
}
