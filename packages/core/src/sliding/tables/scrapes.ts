import type { Moves, Share } from '../../model/moves';
import type { Showing } from '../../model/finding';
import type { TableNames } from '../geometry/tableNames';
import type { CauseId } from './causes';

type Names = TableNames & { cause: CauseId };
type Border = Share<Names['figure']>;

/** The gaps under the panel, of which one that is gone scrapes. */
const FOOT = ['foot.lead', 'foot.middle', 'foot.trail'] as const;

/** Room above where the panel passes the middle of its opening, which a sagging head or a hump of the track takes away. */
const MIDWAY: Moves<Names> = { headRoom: 1, leadRise: -0.5, trailRise: -0.5, headSag: -1, trackHump: -1 };

/** How much further from its jamb the closing edge stands at the top than at the foot. */
export const TOP_BACK: Moves<Names> = {
  leadRise: 'r',
  trailRise: { times: -1, of: 'r' },
  trackTilt: { times: -1, of: 'rWheeled' },
  trackHump: { times: -1, of: 'rWheeled' },
  jambLean: -1,
  rack: 1,
  droop: { times: -2, of: 'rPivoted' },
};

type Shows = readonly Showing<Names>[];

const below = (answer: string, at: Showing<Names>['at'], border: Border, softMm: number): Showing<Names> => ({
  answer,
  at,
  border: { below: border },
  softMm,
});

/** It scrapes on what lies under it. */
export const scrapesAt = (answer: string, mm: number, softMm: number): Shows => FOOT.map((at) => below(answer, at, mm, softMm));

/** The head holds it at its ends, whatever the place of its travel. */
export const gripsAtEnds = (answer: string, mm: number, softMm: number): Shows =>
  (['lift.lead', 'lift.trail'] as const).map((at) => below(answer, at, mm, softMm));

/** The head holds it midway. */
export const gripsMidway = (answer: string, mm: number, softMm: number): Shows => [below(answer, MIDWAY, mm, softMm)];

/** What brakes a panel and shows in no gap: with one of these at work, how it runs does not follow from its gaps. */
export const BRAKES: readonly CauseId[] = [
  'rollersWorn',
  'wheelStiff',
  'rollerSeized',
  'wheelFlat',
  'wrongRoller',
  'trackDirty',
  'trackBurr',
  'trackBent',
  'trackWorn',
  'stripDrags',
  'offTrack',
  'slabBowed',
  'trimTight',
  'fixingThrough',
  'guideWheelOut',
];
