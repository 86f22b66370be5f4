import { modelOf, type DoorModel } from '../model/doorModel';
import { PASSES_MM } from '../model/profile';
import type { DoorKind } from '../model/tables';
import { checkPanel, LOCKED, mmPerHalfTurn, type SlidingDoor } from './card/panel';
import { EDGES, PROFILES } from './card/profiles';
import { cardFigures } from './geometry/cardFigures';
import { PARAMETERS } from './geometry/parameters';
import { placeLineFor, placesFor } from './geometry/placeLine';
import { hasStation, STATIONS, WALK } from './geometry/stations';
import type { ActionId } from './names/actionIds';
import { ACTIONS, isActionFor } from './tables/actions';
import { CAUSES, hasCause } from './tables/causes';
import { CAUTIONS, CAUTIONS_OF } from './tables/cautions';
import { FINDINGS, findingsFor } from './tables/findings';
import { HEALTHY_SPREAD, SOUND_DOOR, UNEVENNESS_MM } from './tables/healthy';
import { RECHECKS } from './tables/rechecks';
import { SIGNS } from './tables/signs';
import type { SlidingNames } from './tables/slidingNames';

/** A hook finds its keep within so much, mm (common practice, no source). */
const HOOK_ROOM_MM = 3;

/** What is done by the half turn. */
const TURNED: readonly ActionId[] = ['turnScrew', 'turnHanger', 'turnPivot'];

/** Sliding doors, on rollers, hung or on a pivot: all that inference and planning know of them. */
export const SLIDING: DoorKind<SlidingDoor, SlidingNames> = {
  name: 'sliding',
  parameters: PARAMETERS,
  stations: STATIONS,
  walk: WALK,
  usualSpan: 'panelHeightMm',
  sound: SOUND_DOOR,
  spread: HEALTHY_SPREAD,
  unevennessMm: UNEVENNESS_MM,
  edges: EDGES.map((id) => ({ id, isEven: id === 'jamb' })),
  sides: [],
  trust: {
    mistaken: 0.06,
    tails: [
      { share: 0.7, spread: 1 },
      { share: 0.3, spread: 2.2 },
    ],
    pairedSpread: 1.4,
  },
  eye: { rubsBelowMm: 0.4, seesMm: 2, outOfKeepingMm: 2 },
  signs: SIGNS,
  meeting: {
    station: 'lock.low',
    parameter: 'keep',
    limits: { min: -HOOK_ROOM_MM, target: 0, max: HOOK_ROOM_MM },
    toldBy: [
      { finding: 'trouble', answers: ['lock'] },
      { finding: 'locks', answers: ['no'] },
    ],
    clearedBy: [{ finding: 'locks', answers: ['yes'] }],
  },
  causes: CAUSES,
  soundCause: 'runsWell',
  findings: FINDINGS,
  complaint: 'trouble',
  actions: ACTIONS,
  holdingWork: [
    'reseat',
    'fitClip',
    'resetHanger',
    'replaceRollers',
    'replaceHangers',
    'reblockPivot',
    'refixBracket',
    'tightenLeafHinges',
  ],
  lowered: { leadRise: -1, trailRise: -1 },
  misfit: { allowedMm: 1, saidFromMm: 1 },
  rechecks: RECHECKS,
  atOnce: [
    { finding: 'seat', answer: 'off', action: 'reseat' },
    { finding: 'track', answer: 'dirty', action: 'cleanTrack' },
    { finding: 'clip', answer: 'missing', action: 'fitClip' },
    { finding: 'hangers', answer: 'slipped', action: 'resetHanger' },
    { finding: 'brackets', answer: 'loose', action: 'refixBracket' },
    { finding: 'guideWheel', answer: 'out', action: 'refitGuideWheel' },
    { finding: 'leafHinges', answer: 'loose', action: 'tightenLeafHinges' },
  ],
  atOnceUnmeasured: [
    { said: { finding: 'clip', answers: ['missing', 'wrong'] }, actions: ['fitClip'] },
    { said: { finding: 'hangers', answers: ['slipped'] }, actions: ['resetHanger'] },
    { said: { finding: 'corners', answers: ['loose'] }, actions: ['reblockPivot'] },
    { said: { finding: 'brackets', answers: ['loose'] }, actions: ['refixBracket'] },
    { said: { finding: 'guideWheel', answers: ['out'] }, actions: ['refitGuideWheel'] },
  ],
  lookFirst: [],
  deniesFree: [
    { finding: 'pull', answers: ['stiff', 'stuck'] },
    { finding: 'tick', answers: ['place', 'even'] },
    { finding: 'wheels', answers: ['chipped', 'seized'] },
    // What is not held where it runs comes off, however well it runs today.
    { finding: 'seat', answers: ['off'] },
    { finding: 'liftOut', answers: ['out'] },
    { finding: 'headRub', answers: ['middle', 'nowhere'] },
    { finding: 'clip', answers: ['missing', 'wrong'] },
    { finding: 'hangers', answers: ['slipped'] },
    { finding: 'corners', answers: ['loose'] },
    { finding: 'brackets', answers: ['loose'] },
    { finding: 'guideWheel', answers: ['out'] },
  ],
  asWell: [],
  // Nothing is shared out: a panel stands on its track, and its head is set by itself.
  opposite: [],
  cautions: CAUTIONS,
  phrases: {
    fallsShort: 'The rollers and what can be mended on site do not make this door run and meet. Look at frame and track, or measure again.',
  },
  figures: cardFigures,
  profileOf: ({ kind }) => PROFILES[kind],
  places: (door) => {
    checkPanel(door);
    return placesFor(door.kind);
  },
  placeLine: placeLineFor,
  meets: ({ kind }) => LOCKED.includes(kind),
  hasCause: (id, { kind }) => hasCause(id, kind),
  hasStation: (id, { kind }) => hasStation(id, kind),
  hasFinding: (id, { kind }) => findingsFor(kind).some((each) => each.id === id),
  hasCaution: (name, { kind }) => CAUTIONS_OF[name]?.includes(kind) !== false,
  forbids: (id, { kind }) => (isActionFor(id, kind) ? undefined : { why: 'This kind of panel has no such part.', isObvious: true }),
  leavesOut: () => undefined,
  goesByTheBook: () => false,
  letStandMm: (door) => Math.max(PASSES_MM, mmPerHalfTurn(door)),
  mmPerUnit: (id, door) => (TURNED.includes(id) ? mmPerHalfTurn(door) : undefined),
  warnings: ({ kind }) => (kind === 'glass' ? [CAUTIONS.glass] : []),
};

/** @throws DomainError when the card makes no sense */
export function slidingModel(door: SlidingDoor): DoorModel {
  return modelOf(SLIDING, door);
}
