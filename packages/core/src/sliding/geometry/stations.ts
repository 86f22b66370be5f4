import type { Names } from '../../model/names';
import type { Station as AnyStation } from '../../model/station';
import { isForKind, LOCKED, ROLLING, type PanelKind } from '../card/panel';
import type { EdgeId } from '../card/profiles';
import type { FigureName } from './cardFigures';
import type { ParameterId } from './parameters';
import { WHEEL_F } from './wheels';

interface StationNames extends Names {
  parameter: ParameterId;
  figure: FigureName;
  edge: EdgeId;
}

interface StationEntry extends Omit<AnyStation<StationNames>, 'id'> {
  /** Kinds of panel on which there is something to read; all unless said. */
  onlyFor?: readonly PanelKind[];
}

export interface Station extends StationEntry {
  id: StationId;
}

/** Gaps are read so far in from the ends, as a share of the width (common practice, no source). */
const NEAR = 0.05;
const FAR = 0.95;

/** How far a line that runs down by 1 mm over the panel is down at f: it turns about the middle of the opening, where the panel ends. */
const fromMiddle = (f: number) => 1 - f;

const belly = (f: number) => 4 * f * (1 - f);

/** How much of a rise at the closing end stands at f; the rest is of the other end's. */
const leadShare = (f: number) => (1 - WHEEL_F - f) / (1 - 2 * WHEEL_F);

/** A hump at the middle of the opening, at f of a panel that is shut and covers one half of it: nil at the jamb, all at the middle. */
const atMiddle = (f: number) => f * (2 - f);

/** How far down a closing leaf is at f that hangs down by 1 mm at its end: it reaches to the middle. */
const drooped = (f: number) => Math.max(0, 1 - 2 * f);

/** The same under the straight line between the two wheels, which the panel follows. */
const wheelChord = (f: number) => leadShare(f) * atMiddle(WHEEL_F) + (1 - leadShare(f)) * atMiddle(1 - WHEEL_F);

/** By how much a hump of 1 mm at the middle of the opening lowers the closing end against the other, over the width. */
const humpTurn = (atMiddle(1 - WHEEL_F) - atMiddle(WHEEL_F)) / (1 - 2 * WHEEL_F);

/** Rise of the closing end against the other over the width, for 1 mm at one roller. */
const TURN = 1 / (1 - 2 * WHEEL_F);

const footStation = (title: string, f: number): StationEntry => ({
  title,
  kind: 'gap',
  edge: 'foot',
  f,
  instrument: 'gauge',
  minutes: 0.4,
  howTo: 'Panel nearly shut. Gauge or packers between its foot and what lies under it: sill, track edge or finished floor.',
  weights: {
    leadRise: leadShare(f),
    trailRise: 1 - leadShare(f),
    // On rollers the panel goes up and down with its track; hung, it comes nearer to or further from the floor.
    trackTilt: { times: -fromMiddle(f), of: 'hung' },
    otherTilt: { times: fromMiddle(f), of: 'overFloor' },
    floorRoom: 'overFloor',
    trackHump: { times: wheelChord(f) - atMiddle(f), of: 'rolling' },
    droop: { times: -drooped(f), of: 'pivoted' },
  },
});

const jambStation = (title: string, f: number): StationEntry => ({
  title,
  kind: 'gap',
  edge: 'jamb',
  f,
  instrument: 'gauge',
  minutes: 0.3,
  howTo: 'Stop the panel about 10 mm short of the closing jamb and leave it there for all three: gauge between stile and jamb.',
  weights: {
    jambGap: 1,
    leadRise: { times: TURN * (0.5 - f), of: 'r' },
    trailRise: { times: -TURN * (0.5 - f), of: 'r' },
    trackTilt: { times: -(0.5 - f), of: 'rWheeled' },
    trackHump: { times: -humpTurn * (0.5 - f), of: 'rWheeled' },
    jambLean: -(0.5 - f),
    jambBow: -belly(f),
    rack: 0.5 - f,
    // It turns about its lowest hinge.
    droop: { times: -2 * (1 - f), of: 'rPivoted' },
  },
});

/** Room above at f, or with `sign` −1 how much less of the panel is in the head channel. */
const roomAbove = (f: number, sign: 1 | -1): StationEntry['weights'] => ({
  headRoom: sign,
  leadRise: -sign * leadShare(f),
  trailRise: -sign * (1 - leadShare(f)),
  // On a pivot the panel stays where it is and the track comes down to it.
  trackTilt: { times: sign * fromMiddle(f), of: 'rollsOrStands' },
  otherTilt: { times: -sign * fromMiddle(f), of: 'rolling' },
  trackHump: { times: -sign * wheelChord(f), of: 'rolling' },
  headSag: { times: -sign * atMiddle(f), of: 'rolling' },
  droop: { times: sign * drooped(f), of: 'pivoted' },
});

const liftStation = (title: string, f: number): StationEntry => ({
  title,
  kind: 'gap',
  edge: 'head',
  f,
  instrument: 'rule',
  minutes: 0.6,
  howTo:
    'On rollers: rule against the frame, lift this end until it stops, read how far it came. Hung: from the top of the slab to the track.',
  weights: roomAbove(f, 1),
});

const engageStation = (title: string, f: number): StationEntry => ({
  title,
  kind: 'stop',
  f,
  instrument: 'rule',
  minutes: 0.8,
  howTo: 'Mark the stile at the lip of the head channel, lift the panel out or look from the end: how much of it was inside.',
  offset: 'channelMm',
  onlyFor: ROLLING,
  weights: roomAbove(f, -1),
});

const lineStation = (title: string, kind: 'lean' | 'bow', howTo: string, weights: StationEntry['weights']): StationEntry => ({
  title,
  kind,
  instrument: kind === 'lean' ? 'spiritLevel' : 'rule',
  minutes: 0.8,
  howTo,
  weights,
});

/** Source of the weights: small-angle kinematics of a rigid panel on two wheels, derived in docs/decisions/0021. */
const STATION_TABLE = {
  'foot.lead': footStation('Under the panel, closing end', NEAR),
  'foot.middle': footStation('Under the panel, middle', 0.5),
  'foot.trail': footStation('Under the panel, other end', FAR),
  'jamb.top': jambStation('Closing gap, top', NEAR),
  'jamb.mid': jambStation('Closing gap, middle', 0.5),
  'jamb.foot': jambStation('Closing gap, foot', FAR),
  'lift.lead': liftStation('Room above, closing end', NEAR),
  'lift.trail': liftStation('Room above, other end', FAR),
  'engage.lead': engageStation('In the head channel, closing end', NEAR),
  'engage.trail': engageStation('In the head channel, other end', FAR),
  'lock.low': {
    title: 'Hook below its keep',
    kind: 'bolt',
    instrument: 'rule',
    minutes: 0.6,
    howTo: 'Panel nearly shut. Square the middle of the hook over to the jamb, measure down to it from the middle of the keep.',
    weights: { leadRise: -1, keep: -1 },
    onlyFor: LOCKED,
  },
  'level.track': {
    ...lineStation(
      'Track runs down at the closing end',
      'lean',
      'Level along the track over the full opening. + runs down at the closing end.',
      {
        trackTilt: 'spans',
      },
    ),
    span: 'openingWidthMm',
  },
  'straight.track': lineStation(
    'Track up in the middle',
    'bow',
    'Line or straightedge from end to end of the track; read at the middle. + stands up.',
    { trackHump: 1 },
  ),
  'level.other': {
    ...lineStation(
      'Head (floor under a hung door) runs down at the closing end',
      'lean',
      'Level along the head of a door on rollers, along the floor under a hung one. + runs down at the closing end.',
      { otherTilt: 'spans' },
    ),
    span: 'openingWidthMm',
  },
  'straight.head': {
    ...lineStation('Head down in the middle', 'bow', 'Line along the underside of the head; read at the middle. + hangs down.', {
      headSag: 1,
    }),
    onlyFor: ROLLING,
  },
  'plumb.jamb': {
    ...lineStation('Closing jamb leans', 'lean', 'Level on the closing jamb, in the wall’s plane. + leans toward the panel at the top.', {
      jambLean: 1,
    }),
    span: 'panelHeightMm',
  },
  'rack.diagonals': {
    title: 'Diagonals of the panel differ',
    kind: 'lean',
    instrument: 'tape',
    minutes: 1.2,
    howTo: 'Corner to corner both ways. From the closing foot less from the closing top: + when the closing stile leans back at its top.',
    weights: { rack: { times: -1, of: 'diagonal' } },
    onlyFor: ROLLING,
  },
} as const satisfies Record<string, StationEntry>;

export type StationId = keyof typeof STATION_TABLE;

export const STATION_IDS = Object.keys(STATION_TABLE) as StationId[];

export const WALK: readonly StationId[] = [
  'foot.lead',
  'foot.middle',
  'foot.trail',
  'jamb.top',
  'jamb.mid',
  'jamb.foot',
  'lift.lead',
  'lift.trail',
];

/** What is read besides the gaps. */
export const FURTHER: readonly StationId[] = STATION_IDS.filter((id) => !WALK.includes(id));

export function station(id: StationId): Station {
  return { id, ...STATION_TABLE[id] };
}

export const STATIONS: readonly Station[] = STATION_IDS.map(station);

/** Whether there is anything to read at a station on a kind of panel. */
export function hasStation(id: StationId, kind: PanelKind): boolean {
  return isForKind(station(id), kind);
}
