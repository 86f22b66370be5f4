import { DRY_ENOUGH_PERCENT, ROT_FROM_PERCENT } from '../timber/moisture';
import { AGAINST, AGAINST_IDS, REMEDIES, REMEDY_TABLE, type AgainstId, type Remedy, type RemedyEntry } from './remedies';
import type { JambSchool, JambSurvey } from './survey';

/** What is seen to by others before any repair: the work stops and is referred. */
const STOPS = {
  framingWet: ({ framingIsWet, damages }: JambSurvey) =>
    framingIsWet === true || damages.some(({ kind, part }) => kind === 'soft' && part === 'framing'),
  cracksMove: ({ cracksMove }: JambSurvey) => cracksMove === true,
  noBearing: ({ headLacksBearing }: JambSurvey) => headLacksBearing === true,
  label: ({ hasLabel }: JambSurvey) => hasLabel === true,
} as const satisfies Record<string, (survey: JambSurvey) => boolean>;
export type StopId = keyof typeof STOPS;
export const STOP_IDS = Object.keys(STOPS) as StopId[];

/** What is done before or beside the repair. */
const FIRST = {
  findWater: ({ moisturePercent, damages }: JambSurvey) =>
    (moisturePercent ?? 0) > ROT_FROM_PERCENT || damages.some(({ kind }) => kind === 'soft'),
  dryFirst: ({ moisturePercent }: JambSurvey) => (moisturePercent ?? 0) > DRY_ENOUGH_PERCENT,
  mendMembrane: ({ damages }: JambSurvey) => damages.some(({ part }) => part === 'membrane'),
  renewTrim: ({ damages }: JambSurvey) => damages.some(({ part, kind }) => TRIM.some((each) => each === part) && kind !== 'cracked'),
  lockTonight: ({ side, damages }: JambSurvey) => side === 'strike' && damages.some(({ kind }) => kind === 'kicked' || kind === 'split'),
} as const satisfies Record<string, (survey: JambSurvey) => boolean>;
const TRIM = ['stop', 'casing', 'outerTrim'] as const;
export type FirstId = keyof typeof FIRST;
export const FIRST_IDS = Object.keys(FIRST) as FirstId[];

/** In which order each school would rather. */
const ORDER: Readonly<Record<JambSchool, readonly Remedy[]>> = {
  treatedPatch: REMEDIES,
  resin: REMEDIES,
  wholeLeg: ['leave', 'fill', 'wholeLeg', 'splice', 'patchFoot', 'wholeFrame'],
};

export interface RemedyOption extends RemedyEntry {
  remedy: Remedy;
  isPossible: boolean;
  against: AgainstId[];
}

export interface JambDecision {
  stops: StopId[];
  first: FirstId[];
  /** What is advised, where nothing stops the work. */
  advised?: Remedy;
  /** As the school prefers them. */
  options: RemedyOption[];
}

/** What may be done about a leg and what is advised: the first remedy in the school’s order that no rule speaks against. */
export function decideRepair(survey: JambSurvey): JambDecision {
  const stops = STOP_IDS.filter((id) => STOPS[id](survey));
  const options = ORDER[survey.school].map((remedy): RemedyOption => {
    const against = AGAINST_IDS.filter((id) => AGAINST[id].remedy === remedy && AGAINST[id].holds(survey));
    return { remedy, isPossible: against.length === 0, against, ...REMEDY_TABLE[remedy] };
  });
  const advised = options.find(({ isPossible }) => isPossible)?.remedy;
  return {
    stops,
    first: FIRST_IDS.filter((id) => FIRST[id](survey)),
    ...(stops.length === 0 && advised !== undefined && { advised }),
    options,
  };
}
