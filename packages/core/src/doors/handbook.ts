import { WORK_GROUPS as HINGED_WORK } from '../hinged/tables/workGroups';
import { FINDING_GROUPS } from '../hinged/tables/findings';
import { PROOF_TRIES as HINGED_TRIES } from '../hinged/tables/proofTries';
import { HINGED } from '../hinged/hingedDoors';
import { FURTHER_STATIONS, WALKING_ORDER } from '../hinged/geometry/stations';
import type { DoorModel } from '../model/doorModel';
import type { FindingAnswer } from '../model/finding';
import type { CheckGroup, ProofTry as AnyTry, WorkGroup as AnyGroup } from '../model/workGroup';
import { FURTHER, WALK } from '../sliding/geometry/stations';
import { SLIDING } from '../sliding/slidingDoors';
import { CHECK_GROUPS } from '../sliding/tables/findings';
import { PROOF_TRIES as SLIDING_TRIES } from '../sliding/tables/proofTries';
import { WORK_GROUPS as SLIDING_WORK } from '../sliding/tables/workGroups';
import type { DoorKindId } from './anyDoor';
import type { ActionId, EdgeId, FindingId, PlaceId, StationId } from './names';

export type WorkGroup = AnyGroup<ActionId>;
export type ProofTry = AnyTry<FindingId>;

/** What a person at a door of a kind goes by, beside what inference and planning know of it. */
export interface Handbook {
  /** The gaps in walking order, and what is read besides them. */
  walk: readonly StationId[];
  further: readonly StationId[];
  complaint: FindingId;
  checkGroups: readonly CheckGroup<FindingId>[];
  workGroups: readonly WorkGroup[];
  /** The work that is told in words. */
  inWords: ActionId;
  proofTries: readonly ProofTry[];
  /** How a place where the slab is set is called, in a sentence and on a key. */
  places: Readonly<Partial<Record<PlaceId, { says: string; label: string }>>>;
  /** What such a place is called, one and several. */
  placeWord: { one: string; other: string };
  /** Edges whose gap must be even. */
  evenEdges: readonly EdgeId[];
}

const evenOf = (edges: readonly { id: EdgeId; isEven: boolean }[]) => edges.filter(({ isEven }) => isEven).map(({ id }) => id);

export const HANDBOOKS: Readonly<Record<DoorKindId, Handbook>> = {
  hinged: {
    walk: WALKING_ORDER,
    further: FURTHER_STATIONS,
    complaint: HINGED.complaint,
    checkGroups: FINDING_GROUPS,
    workGroups: HINGED_WORK,
    inWords: 'otherWork',
    proofTries: HINGED_TRIES,
    places: {
      top: { says: 'top hinge', label: 'Top' },
      upper: { says: 'upper hinge', label: 'Upper' },
      middle: { says: 'middle hinge', label: 'Middle' },
      lower: { says: 'lower hinge', label: 'Lower' },
      bottom: { says: 'bottom hinge', label: 'Bottom' },
    },
    placeWord: { one: 'hinge', other: 'Hinges' },
    evenEdges: evenOf(HINGED.edges),
  },
  sliding: {
    walk: WALK,
    further: FURTHER,
    complaint: SLIDING.complaint,
    checkGroups: CHECK_GROUPS,
    workGroups: SLIDING_WORK,
    inWords: 'workOnPanel',
    proofTries: SLIDING_TRIES,
    places: {
      lead: { says: 'closing end', label: 'Closing end' },
      trail: { says: 'other end', label: 'Other end' },
      topWheels: { says: 'top wheels', label: 'Top wheels' },
      footPivot: { says: 'foot pivot', label: 'Foot pivot' },
      topPivot: { says: 'top pivot', label: 'Top pivot' },
    },
    placeWord: { one: 'end', other: 'Ends' },
    evenEdges: evenOf(SLIDING.edges),
  },
};

const PLACES = { ...HANDBOOKS.hinged.places, ...HANDBOOKS.sliding.places };

/** How a place is called in a sentence: `top hinge`. */
export const placeSays = (place: PlaceId): string => PLACES[place]?.says ?? place;

/** How it is called on a key of its own. */
export const placeLabel = (place: PlaceId): string => PLACES[place]?.label ?? place;

const WORK: readonly WorkGroup[] = Object.values(HANDBOOKS).flatMap(({ workGroups }) => workGroups);

/** The group that a piece of work stands in; work known by another name elsewhere stands with that. */
export const workGroup = (id: ActionId): WorkGroup | undefined => WORK.find(({ actions }) => actions.includes(id));

/** Whether work is done where the slab is set, so that where has to be said. */
export function isAtPlaces(id: ActionId): boolean {
  const group = workGroup(id);
  return group?.isAtPlaces === true && group.whole?.includes(id) !== true;
}

/** Whether work is told in words alone. */
export const isInWords = (id: ActionId): boolean => Object.values(HANDBOOKS).some(({ inWords }) => inWords === id);

/**
 * What a customer can complain of on this door: of what is not met only where there is something to meet.
 *
 * @param told what has been told already, which stays to be taken back
 */
export function complaintsOn({ tables, meets, finding }: DoorModel, told: readonly string[] = []): FindingAnswer[] {
  const { complaint, meeting } = tables;
  const ofMeeting = (meeting.toldBy ?? []).flatMap((said) => (said.finding === complaint ? said.answers : []));
  return finding(complaint).answers.filter(({ id }) => meets || !ofMeeting.includes(id) || told.includes(id));
}

/** What a hand can try on this door before it is left. */
export function proofTriesFor(kind: DoorKindId, { findings }: Pick<DoorModel, 'findings'>): ProofTry[] {
  const asked = findings.map(({ id }) => id);
  return HANDBOOKS[kind].proofTries.filter(({ finding }) => asked.includes(finding));
}
