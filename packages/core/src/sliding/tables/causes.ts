import { NO_PART, type Cause as AnyCause, type CauseForm as AnyForm, type FaultAxis as AnyAxis } from '../../model/cause';
import type { Moves as AnyMoves } from '../../model/moves';
import { HUNG, isForKind, ON_WHEELS, OVER_FLOOR, ROLLING, type PanelKind } from '../card/panel';
import { FOOT_OUT, LEAN } from '../geometry/placeLine';
import type { TableNames } from '../geometry/tableNames';

type FaultAxis = AnyAxis<TableNames>;
type Moves = AnyMoves<TableNames>;
type CauseForm = AnyForm<TableNames>;

interface CauseEntry extends Omit<AnyCause<TableNames>, 'id'> {
  /** Kinds of panel that can have it; all unless said. */
  onlyFor?: readonly PanelKind[];
}

/** A reason for a sliding door's trouble. Sizes and shares are common practice, no source. */
export interface Cause extends CauseEntry {
  id: CauseId;
}

const axis = (measure: string, mean: FaultAxis['mean'], sd: number, moves: Moves): FaultAxis => ({ measure, mean, sd, moves });
const one = (...axes: FaultAxis[]): CauseForm[] => [{ id: 'usual', share: 1, axes }];
/** It shows in no gap. */
const UNSEEN: readonly CauseForm[] = [{ id: 'usual', share: 1, axes: [] }];
/** The same at one end or at the other. */
const eitherEnd = (measure: string, mean: number, sd: number): CauseForm[] => [
  { id: 'lead', share: 0.5, axes: [axis(measure, mean, sd, { leadRise: -1 })] },
  { id: 'trail', share: 0.5, axes: [axis(measure, mean, sd, { trailRise: -1 })] },
];
/** The same fault one way or the other. */
const eitherWay = (measure: string, mean: number, sd: number, moves: Moves): CauseForm[] => [
  { id: 'plus', share: 0.5, axes: [axis(measure, mean, sd, moves)] },
  { id: 'minus', share: 0.5, axes: [axis(measure, -mean, sd, moves)] },
];
/** All of the panel lower on its track. */
const LOWERED: Moves = { leadRise: -1, trailRise: -1 };

const CAUSE_TABLE = {
  runsWell: {
    title: 'Nothing wrong',
    called: 'a sound door',
    says: 'The panel runs and hangs as a sound one does; what differs is the building.',
    prior: 0.08,
    part: NO_PART,
    forms: UNSEEN,
    cures: [],
  },
  leadLow: {
    title: 'Low at the closing end',
    called: 'a closing end set low',
    says: 'The roller or hanger at the closing end is set low, so the panel stands out of square to its jamb.',
    prior: 0.08,
    part: 'setting',
    onlyFor: ON_WHEELS,
    forms: one(axis('closing end low', 4, 1.6, { leadRise: -1 })),
    cures: ['turnScrew', 'turnHanger'],
  },
  trailLow: {
    title: 'Low at the other end',
    called: 'the other end set low',
    says: 'The roller or hanger away from the closing jamb is set low.',
    prior: 0.06,
    part: 'setting',
    onlyFor: ON_WHEELS,
    forms: one(axis('other end low', 4, 1.6, { trailRise: -1 })),
    cures: ['turnScrew', 'turnHanger'],
  },
  bothLow: {
    title: 'Set low at both ends',
    called: 'a panel set low',
    says: 'Both ends are set low: the panel scrapes, or can be lifted out.',
    prior: 0.04,
    part: 'setting',
    onlyFor: ON_WHEELS,
    forms: one(axis('both ends low', 3.5, 1.3, LOWERED)),
    cures: ['turnScrew', 'turnHanger'],
  },
  rollersWorn: {
    title: 'Rollers worn out',
    called: 'worn rollers',
    says: 'The wheels have worn down on their axles: the panel has come down and grinds.',
    prior: 0.08,
    part: 'wheels',
    onlyFor: ROLLING,
    forms: [
      { id: 'alike', share: 0.7, axes: [axis('panel come down', 2.5, 0.9, LOWERED)] },
      { id: 'lead', share: 0.15, axes: [axis('closing end come down', 3, 1.1, { leadRise: -1 })] },
      { id: 'trail', share: 0.15, axes: [axis('other end come down', 3, 1.1, { trailRise: -1 })] },
    ],
    harmsUnseen: true,
    cures: ['replaceRollers'],
    advice: 'Both ends are replaced together: one new wheel beside a worn one stands high.',
  },
  wheelStiff: {
    title: 'Wheels stiff on their axles',
    called: 'stiff wheels',
    says: 'Hair and dried grease hold the wheels; they turn, but unwillingly.',
    prior: 0.08,
    part: 'axles',
    onlyFor: ON_WHEELS,
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['lubricateWheels', 'replaceRollers', 'replaceHangers'],
  },
  rollerSeized: {
    title: 'A wheel seized',
    called: 'a seized wheel',
    says: 'A wheel no longer turns and is dragged along its track.',
    prior: 0.1,
    part: 'wheels',
    onlyFor: ON_WHEELS,
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['replaceRollers', 'replaceHangers'],
  },
  wheelFlat: {
    title: 'A wheel flat or chipped',
    called: 'a flat or chipped wheel',
    says: 'A wheel has a flat or a chipped flange: it ticks once a turn and jumps.',
    prior: 0.07,
    part: 'wheels',
    onlyFor: ON_WHEELS,
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['replaceRollers', 'replaceHangers'],
  },
  wrongRoller: {
    title: 'The wrong roller fitted',
    called: 'a wrong roller',
    says: 'A roller of another size or groove was fitted at one end.',
    prior: 0.03,
    part: 'wheels',
    onlyFor: ROLLING,
    forms: [...eitherEnd('that end low', 3.5, 1.2), ...eitherEnd('that end low', -3.5, 1.2)].map((form, i) => ({
      ...form,
      id: `${form.id}${i}`,
      share: form.share / 2,
    })),
    harmsUnseen: true,
    cures: ['replaceRollers'],
  },
  screwDead: {
    title: 'An adjusting screw that does nothing',
    called: 'a dead adjusting screw',
    says: 'The screw turns and the panel does not move: the roller’s linkage is broken and that end is down.',
    prior: 0.05,
    part: 'linkage',
    onlyFor: ROLLING,
    forms: eitherEnd('that end down', 4.5, 1.6),
    harmsUnseen: true,
    cures: ['replaceRollers'],
  },
  trackDirty: {
    title: 'Track dirty',
    called: 'a dirty track',
    says: 'Grit and hair lie in the track, and the wheels climb over them.',
    prior: 0.13,
    part: 'trackDirt',
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['cleanTrack'],
  },
  trackBurr: {
    title: 'Track dented or burred at a place',
    called: 'a burr on the track',
    says: 'A dent or burr stands up from the track, and every wheel ticks over it.',
    prior: 0.05,
    part: 'track',
    onlyFor: ON_WHEELS,
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['fileBurr'],
  },
  trackBent: {
    title: 'Track bent',
    called: 'a bent track',
    says: 'The track is bent at a place, so that the wheels bind there or ride up.',
    prior: 0.035,
    part: 'track',
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['straightenTrack', 'coverTrack'],
  },
  trackWorn: {
    title: 'Track worn down',
    called: 'a worn track',
    says: 'The crown of the track is worn flat and the panel has come down with it.',
    prior: 0.035,
    part: 'track',
    onlyFor: ROLLING,
    forms: one(axis('panel come down', 1.5, 0.6, LOWERED)),
    harmsUnseen: true,
    cures: ['coverTrack'],
  },
  trackOut: {
    title: 'Track out of level or humped',
    called: 'a track out of level',
    says: 'The sill or track runs off or stands up in the middle, and the panel leans with it or rolls by itself.',
    prior: 0.06,
    part: 'line',
    onlyFor: ON_WHEELS,
    forms: [
      { id: 'down', share: 0.35, axes: [axis('track runs down', 5, 1.8, { trackTilt: 1 })] },
      { id: 'up', share: 0.35, axes: [axis('track runs down', -5, 1.8, { trackTilt: 1 })] },
      { id: 'humped', share: 0.2, axes: [axis('track stands up', 4.5, 1.5, { trackHump: 1 })] },
      { id: 'sunk', share: 0.1, axes: [axis('track stands up', -4, 1.5, { trackHump: 1 })] },
    ],
    cures: ['levelTrack', 'turnScrew', 'turnHanger'],
    advice: 'A few millimetres are taken up at the rollers; more is a matter of the sill or beam under the track.',
  },
  openingRacked: {
    title: 'Frame racked',
    called: 'a racked frame',
    says: 'The frame has gone out of square: the closing jamb leans and the panel no longer meets it.',
    prior: 0.05,
    part: 'frame',
    forms: eitherWay('lean of the jamb', 6, 2.2, { jambLean: 1 }),
    cures: ['turnScrew', 'turnHanger', 'setTopPivot', 'squareOpening'],
  },
  headSag: {
    title: 'Head sagging on the panel',
    called: 'a sagging head',
    says: 'The head has come down in the middle and grips the panel there.',
    prior: 0.045,
    part: 'head',
    onlyFor: ROLLING,
    forms: one(axis('head down in the middle', 5, 1.8, { headSag: 1 })),
    harmsUnseen: true,
    cures: ['liftHead'],
    advice: 'A head that keeps dropping carries load it should not: that is for a structural engineer.',
  },
  topWheelsHard: {
    title: 'Top wheels set too hard',
    called: 'top wheels set hard',
    says: 'The wheels at the head are wound out so far that they clamp the screen in its frame.',
    prior: 0.05,
    part: 'topWheels',
    onlyFor: ['screen'],
    forms: one(axis('too little room above', 2.2, 0.8, { headRoom: -1 })),
    cures: ['setTopWheels'],
  },
  topWheelsSlack: {
    title: 'Top wheels set too slack',
    called: 'slack top wheels',
    says: 'The wheels at the head are wound in, so the screen can lift and jump off its track.',
    prior: 0.05,
    part: 'topWheels',
    onlyFor: ['screen'],
    forms: one(axis('too much room above', 4.5, 1.6, { headRoom: 1 })),
    cures: ['setTopWheels'],
  },
  panelRacked: {
    title: 'Panel racked at a corner',
    called: 'a racked panel',
    says: 'A corner joint of the panel has opened and the panel is no longer square.',
    prior: 0.04,
    part: 'panel',
    onlyFor: ROLLING,
    forms: eitherWay('stile leaning back', 5, 1.8, { rack: 1 }),
    harmsUnseen: true,
    cures: ['squarePanel'],
  },
  stripDrags: {
    title: 'Weatherstrip dragging',
    called: 'a dragging weatherstrip',
    says: 'The pile or rubber has come out of its groove, swollen or torn, and brakes the panel all along.',
    prior: 0.05,
    part: 'strip',
    onlyFor: ROLLING,
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['refitStrip'],
  },
  offTrack: {
    title: 'Off its track',
    called: 'a panel off its track',
    says: 'A wheel stands beside its track: debris, a knock, a walk-through or a pet.',
    prior: 0.06,
    part: 'seat',
    onlyFor: ['glass', 'screen', 'bypass'],
    forms: eitherEnd('that end down', 7, 2.2),
    harmsUnseen: true,
    cures: ['reseat'],
  },
  nutBacked: {
    title: 'Hanger nut backed off, clip missing',
    called: 'a hanger nut that backs off',
    says: 'The lock clip is missing or on the wrong side, so the hanger unscrews itself and the slab comes down.',
    prior: 0.09,
    part: 'hanger',
    onlyFor: ['pocket'],
    forms: eitherEnd('that end come down', 7, 2.8),
    harmsUnseen: true,
    cures: ['fitClip'],
  },
  hangerSlipped: {
    title: 'Hanger slipped',
    called: 'a slipped hanger',
    says: 'A hanger has slipped in its slot or lost its screw, and that end hangs down.',
    prior: 0.09,
    part: 'hanger',
    onlyFor: ['bypass'],
    forms: eitherEnd('that end down', 10, 3.5),
    harmsUnseen: true,
    cures: ['resetHanger'],
  },
  slabLong: {
    title: 'Slab too long for its floor',
    called: 'a slab too long',
    says: 'The slab was cut too long, or a new floor came up to it.',
    prior: 0.07,
    part: 'slab',
    onlyFor: OVER_FLOOR,
    forms: one(axis('floor too near', 7, 2.5, { floorRoom: -1 })),
    cures: ['turnHanger', 'turnPivot', 'trimSlab'],
  },
  slabBowed: {
    title: 'Slab bowed',
    called: 'a bowed slab',
    says: 'The slab is bowed and rubs on the pocket or on the other panel.',
    prior: 0.05,
    part: 'slab',
    onlyFor: OVER_FLOOR,
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['straightenSlab'],
  },
  trimTight: {
    title: 'Trim too tight on the slab',
    called: 'tight trim',
    says: 'The split jamb or trim stands too close and rubs the slab’s faces.',
    prior: 0.07,
    part: 'trim',
    onlyFor: ['pocket'],
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['easeTrim'],
  },
  fixingThrough: {
    title: 'A fixing through the lining',
    called: 'a fixing into the pocket',
    says: 'A nail or screw of trim or shelf comes through the lining and scores the slab.',
    prior: 0.05,
    part: 'lining',
    onlyFor: ['pocket'],
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['shortenFixing'],
  },
  guideLost: {
    title: 'Floor guide lost or loose',
    called: 'a lost floor guide',
    says: 'The guide at the floor is gone or loose: the foot of the slab swings and knocks.',
    prior: 0.08,
    part: 'guide',
    onlyFor: HUNG,
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['refitGuide'],
  },
  pivotLow: {
    title: 'Foot pivot set low or high',
    called: 'a foot pivot set wrong',
    says: 'The screw of the foot pivot has turned: both leaves stand too low, or too near their track.',
    prior: 0.08,
    part: 'footPivot',
    onlyFor: ['bifold'],
    forms: [
      { id: 'low', share: 0.7, axes: [axis('leaves low', 6, 2.2, LOWERED)] },
      { id: 'high', share: 0.3, axes: [axis('leaves low', -4, 1.5, LOWERED)] },
    ],
    cures: ['turnPivot'],
  },
  topPivotOff: {
    title: 'Top pivot out of place',
    called: 'a top pivot out of place',
    says: 'The top pivot stands too far from its jamb or too near it, so the leaves lean and do not meet evenly.',
    prior: 0.1,
    part: 'topPivot',
    onlyFor: ['bifold'],
    forms: eitherWay('top pivot out', 5, 1.8, LEAN),
    cures: ['setTopPivot'],
  },
  pivotLoose: {
    title: 'A pivot loose in its corner',
    called: 'a pivot loose in its corner',
    says: 'The wood round a pivot has gone, or was cut away: the pivot works in its hole and the leaf drops or leans.',
    prior: 0.12,
    part: 'corner',
    onlyFor: ['bifold'],
    forms: [
      { id: 'foot', share: 0.4, axes: [axis('leaves dropped', 6, 2.4, LOWERED)] },
      { id: 'top', share: 0.4, axes: [axis('top pivot out', 6, 2.4, LEAN)] },
      { id: 'works', share: 0.2, axes: [] },
    ],
    harmsUnseen: true,
    cures: ['reblockPivot'],
  },
  bracketLoose: {
    title: 'A pivot bracket loose or low',
    called: 'a loose pivot bracket',
    says: 'The bracket at the floor or in the track has come off its fixings and slides.',
    prior: 0.1,
    part: 'bracket',
    onlyFor: ['bifold'],
    forms: [
      { id: 'floor', share: 0.6, axes: [axis('foot pivot out', 6, 2.4, FOOT_OUT)] },
      { id: 'track', share: 0.4, axes: [axis('top pivot out', 6, 2.4, LEAN)] },
    ],
    harmsUnseen: true,
    cures: ['refixBracket'],
  },
  guideWheelOut: {
    title: 'Guide off its track',
    called: 'a guide off its track',
    says: 'The guide wheel of the closing leaf is out of the track, worn or without its spring: the leaves swing and jam.',
    prior: 0.12,
    part: 'guide',
    onlyFor: ['bifold'],
    forms: UNSEEN,
    harmsUnseen: true,
    cures: ['refitGuideWheel'],
  },
  leafHinge: {
    title: 'Hinges between the leaves loose',
    called: 'loose hinges between the leaves',
    says: 'The hinges that join the leaves have worked loose, and the closing leaf hangs down from the other.',
    prior: 0.08,
    part: 'leafHinges',
    onlyFor: ['bifold'],
    forms: one(axis('closing leaf down', 2, 0.8, { droop: 1 })),
    harmsUnseen: true,
    cures: ['tightenLeafHinges'],
  },
} as const satisfies Record<string, CauseEntry>;

export type CauseId = keyof typeof CAUSE_TABLE;

export const CAUSE_IDS = Object.keys(CAUSE_TABLE) as CauseId[];

const CAUSE_BY_ID = Object.fromEntries(CAUSE_IDS.map((id) => [id, { id, ...CAUSE_TABLE[id] }])) as unknown as Record<CauseId, Cause>;

export function cause(id: CauseId): Cause {
  return CAUSE_BY_ID[id];
}

export const CAUSES: readonly Cause[] = CAUSE_IDS.map(cause);

export function hasCause(id: CauseId, kind: PanelKind): boolean {
  return isForKind(cause(id), kind);
}
