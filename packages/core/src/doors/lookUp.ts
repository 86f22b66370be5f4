import { HINGED } from '../hinged/hingedDoors';
import type { Action as AnyAction } from '../model/action';
import type { Cause as AnyCause } from '../model/cause';
import { CANNOT_LOOK, type Finding as AnyFinding, type FindingAnswer } from '../model/finding';
import { readingSense, type Fault } from '../model/sense';
import type { Station as AnyStation } from '../model/station';
import { SLIDING } from '../sliding/slidingDoors';
import type { DoorKindId } from './anyDoor';
import type { ActionId, CauseId, EveryName, FindingId, StationId } from './names';

export type Station = AnyStation<EveryName>;
export type Finding = AnyFinding<EveryName>;
export type Action = AnyAction<EveryName>;
export type Cause = AnyCause<EveryName>;

/** The tables of each kind, in the words of any. */
export const TABLES: Readonly<Record<DoorKindId, { causes: readonly Cause[]; findings: readonly Finding[]; actions: readonly Action[] }>> =
  {
    hinged: HINGED,
    sliding: SLIDING,
  };

const byId = <T extends { id: string }>(...lists: readonly (readonly { id: string }[])[]): ReadonlyMap<string, T> =>
  new Map(lists.flat().map((each) => [each.id, each as T]));

const STATIONS = byId<Station>(HINGED.stations, SLIDING.stations);
const FINDINGS = byId<Finding>(HINGED.findings, SLIDING.findings);
const ACTIONS = byId<Action>(HINGED.actions, SLIDING.actions);
const CAUSES = byId<Cause>(HINGED.causes, SLIDING.causes);

export const STATION_IDS = [...STATIONS.keys()] as StationId[];
export const FINDING_IDS = [...FINDINGS.keys()] as FindingId[];
export const ACTION_IDS = [...ACTIONS.keys()] as ActionId[];

function found<T>(table: ReadonlyMap<string, T>, id: string, called: string): T {
  const each = table.get(id);
  if (each === undefined) throw new RangeError(`There is no ${called} "${id}".`);
  return each;
}

/** @throws RangeError when no kind of door has such a one; so do those below */
export const station = (id: StationId): Station => found(STATIONS, id, 'station');
export const finding = (id: FindingId): Finding => found(FINDINGS, id, 'check');
export const action = (id: ActionId): Action => found(ACTIONS, id, 'action');
export const cause = (id: CauseId): Cause => found(CAUSES, id, 'cause');

/** An answer by its id, or that there can be none; `undefined` when the check has no such answer. */
export function findingAnswer(id: FindingId, answerId: string): FindingAnswer | undefined {
  const check = FINDINGS.get(id);
  if (answerId === CANNOT_LOOK.id) return check?.stage === 'listen' ? undefined : CANNOT_LOOK;
  return check?.answers.find((each) => each.id === answerId);
}

/** What makes no sense of a reading of any door. */
export const readingFaults = readingSense([...STATIONS.values()]);

/** What makes no sense of an answer to a check. */
export function answerFaults({ finding: id, answer }: { finding: FindingId; answer: string }): Fault[] {
  return findingAnswer(id, answer) === undefined ? [{ field: 'answer', message: `"${answer}" is not an answer to ${id}` }] : [];
}
