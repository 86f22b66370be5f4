import { modelOf, type DoorModel } from '../model/doorModel';
import { PASSES_MM } from '../model/profile';
import type { DoorKind } from '../model/tables';
import { placeHinges, profileOf, type HingedDoor } from './card/door';
import { EDGES, EVEN_EDGES, type EdgeId } from './card/profiles';
import { leftOutBySchool } from './card/schools';
import { cardFigures } from './geometry/cardFigures';
import { hingeLine } from './geometry/hingeLine';
import { PARAMETERS } from './geometry/parameters';
import { STATIONS, WALKING_ORDER } from './geometry/stations';
import type { HingedNames } from './tables/hingedNames';
import { AS_WELL } from './tables/asWell';
import { action, ACTIONS, isForbiddenOn } from './tables/actions';
import { CAUSES, hasCause } from './tables/causes';
import { CAUTIONS } from './tables/cautions';
import { FINDINGS, findingsFor } from './tables/findings';
import { HEALTHY_SPREAD, SOUND_DOOR, UNEVENNESS_MM } from './tables/healthy';
import { HALF_TURN_MM } from './tables/hingeActions';
import { HOLDING_WORK } from './tables/holdingWork';
import { RECHECKS } from './tables/rechecks';
import { side, SIDE_IDS } from './tables/sides';
import { SIGNS } from './tables/signs';
import { EYE } from './tables/eye';
import { NOT_HOLDING } from './tables/notHolding';
import { TRUST } from './tables/trust';
import { BOLT_ROOM_MM } from './tables/strikeActions';

/** A foot gap too wide is closed with a threshold or a brush, not by hanging the door: only too little counts, mm. */
const FOOT_MAX_MM = 60;

const BOLT_LIMITS = { min: -BOLT_ROOM_MM, target: 0, max: BOLT_ROOM_MM };

const isEven = (edge: EdgeId) => (EVEN_EDGES as readonly EdgeId[]).includes(edge);

/** Doors on hinges: all that inference and planning know of them. */
export const HINGED: DoorKind<HingedDoor, HingedNames> = {
  name: 'hinged',
  parameters: PARAMETERS,
  stations: STATIONS,
  walk: WALKING_ORDER,
  usualSpan: 'slabWidthMm',
  sound: SOUND_DOOR,
  spread: HEALTHY_SPREAD,
  unevennessMm: UNEVENNESS_MM,
  edges: EDGES.map((id) => ({ id, isEven: isEven(id), ...(id === 'foot' && { onlyWhenRead: { maxMm: FOOT_MAX_MM } }) })),
  sides: SIDE_IDS.map(side),
  trust: TRUST,
  eye: EYE,
  signs: SIGNS,
  meeting: {
    station: 'bolt.low',
    parameter: 'strike',
    limits: BOLT_LIMITS,
    toldBy: [
      { finding: 'complaint', answers: ['wontLatch'] },
      { finding: 'handle', answers: ['stiffShut'] },
    ],
    clearedBy: [{ finding: 'latch', answers: ['alone'] }],
  },
  causes: CAUSES,
  soundCause: 'nothingWrong',
  findings: FINDINGS,
  complaint: 'complaint',
  actions: ACTIONS,
  holdingWork: HOLDING_WORK,
  lowered: { headGap: 1 },
  // A butt hinge gives so much before it binds (common practice, no source).
  misfit: { allowedMm: 0.8, saidFromMm: 0.4 },
  rechecks: RECHECKS,
  opposite: [['hinge', 'latch']],
  atOnce: [
    { finding: 'topScrews', answer: 'loose', action: 'tighten' },
    { finding: 'bottomScrews', answer: 'loose', action: 'tightenBottom' },
  ],
  atOnceUnmeasured: NOT_HOLDING,
  // Knuckles that are spread are bent, and no recess cut for them (common practice, no source).
  lookFirst: [{ action: 'deepen', place: 'top', finding: 'topLeaves' }],
  deniesFree: [{ finding: 'springBack', answers: ['yes'] }],
  asWell: AS_WELL,
  cautions: CAUTIONS,
  phrases: { fallsShort: 'The hinges and a plane cannot make this door true. Look at the lining, or measure again.' },
  figures: cardFigures,
  profileOf,
  places: (door) => placeHinges(door).map(({ name }) => name),
  placeLine: hingeLine,
  hasCause,
  hasFinding: (id, door) => findingsFor(door).some((each) => each.id === id),
  forbids: (id, door) => (isForbiddenOn(action(id), door) ? action(id).forbidden : undefined),
  leavesOut: (id, door) => leftOutBySchool(door.schools, id),
  // A listing, the hooks of a multipoint lock and limits that someone set for this door ask for their figures.
  goesByTheBook: ({ fireRated, profile, hingeKind, ownLimits }) =>
    fireRated || profile === 'fireDoor' || hingeKind === 'adjustable' || ownLimits !== undefined,
  // No screw is turned for less than it can be set to; a listing and limits that someone set allow no more than a gauge read again.
  letStandMm: ({ fireRated, profile, hingeKind, ownLimits }) =>
    hingeKind === 'adjustable' && !fireRated && profile !== 'fireDoor' && ownLimits === undefined ? HALF_TURN_MM : PASSES_MM,
  warnings: ({ fireRated }) => (fireRated ? [CAUTIONS.fireDoor] : []),
};

/** @throws DomainError when the card makes no sense */
export function hingedModel(door: HingedDoor): DoorModel {
  return modelOf(HINGED, door);
}
