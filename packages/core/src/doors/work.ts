import { HINGED } from '../hinged/hingedDoors';
import type { HingeName } from '../hinged/card/doorKinds';
import type { ActionId as HingedActionId } from '../hinged/names/actionIds';
import { knownAs as knownAtHinge } from '../hinged/tables/doneAt';
import type { DoorModel } from '../model/doorModel';
import type { SaidBy } from '../model/tables';
import { displaces } from '../planning/displaces';
import { isLookedAtAfter } from '../planning/lookAgain';
import { recheckAfter as recheckIn } from '../planning/steps';
import { SLIDING } from '../sliding/slidingDoors';
import type { DoorKindId } from './anyDoor';
import { action, cause } from './lookUp';
import type { ActionId, CauseId, FindingId, PlaceId, StationId } from './names';

const OF_HINGES: ReadonlySet<string> = new Set(HINGED.actions.map(({ id }) => id));
const ofHinges = (id: ActionId): id is HingedActionId => OF_HINGES.has(id);

/** The kind of door that work is done on. */
export const kindOfWork = (id: ActionId): DoorKindId => (ofHinges(id) ? 'hinged' : 'sliding');

/** The name of work by the tables of its kind, at the place it was done at. */
export function knownAs(id: ActionId, place: PlaceId | undefined): ActionId {
  return ofHinges(id) ? knownAtHinge(id, place as HingeName | undefined) : id;
}

/** What the engine makes of work: it knows what it does; only where it was done; or nothing at all. */
export type Reckoning = 'known' | 'place' | 'nothing';

/** How far work at a place is taken in: what is not known is told by the next readings there. */
export function reckoningWith(id: ActionId, place: PlaceId | undefined): Reckoning {
  if (action(knownAs(id, place)).effect.kind !== 'unknown') return 'known';
  return place === undefined ? 'nothing' : 'place';
}

/** The readings that tell best whether work did what it should, of what was read before some more. */
export function recheckAfter(id: ActionId, place?: PlaceId, readBefore: readonly StationId[] = []): StationId[] {
  return recheckIn(ofHinges(id) ? HINGED : SLIDING, knownAs(id, place), place, readBefore) as StationId[];
}

/** Whether work that no gap is read for has been looked at enough to go on: it was tried, or all was looked at that was to be. */
export const hasShownWhatItDid = (model: DoorModel, id: ActionId, place: PlaceId | undefined, looked: readonly FindingId[]): boolean =>
  recheckAfter(id, place).length === 0 && isLookedAtAfter(model, knownAs(id, place), looked);

const NOT_HOLDING: readonly SaidBy[] = [...HINGED.atOnceUnmeasured, ...SLIDING.atOnceUnmeasured].map(({ said }) => said);

/** Whether an answer says that what was done does not hold: work is then gone on with, and no gap read for what was done. */
export const saysNotHolding = (finding: FindingId, answer: string): boolean =>
  NOT_HOLDING.some((said) => said.finding === finding && said.answers.includes(answer));

/** Work that is done as well, and sets no gap. */
export const AS_WELL: readonly ActionId[] = [...HINGED.asWell, ...SLIDING.asWell];

/** Whether work moves the slab, so that gaps are read again for it. */
export const movesGaps = (id: ActionId): boolean => displaces(action(id), (named) => cause(named as CauseId));
