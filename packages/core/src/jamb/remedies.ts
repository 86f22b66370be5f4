import { MM_PER_UNIT } from '../length/length';
import { DAMAGE_KINDS, ofLeg, softTopMm, type Damage, type DamageKind, type JambPart, type JambSurvey } from './survey';

/** What can be done about a damaged leg, from least to most invasive. */
export const REMEDIES = ['leave', 'fill', 'patchFoot', 'splice', 'wholeLeg', 'wholeFrame'] as const;
export type Remedy = (typeof REMEDIES)[number];

export interface RemedyEntry {
  minutes: number;
  parts: readonly string[];
  /** How long it lasts, years. */
  lastsYears: number;
}

/** Times, parts and how long it lasts: common practice, no source. */
export const REMEDY_TABLE: Readonly<Record<Remedy, RemedyEntry>> = {
  leave: { minutes: 0, parts: [], lastsYears: 10 },
  fill: { minutes: 40, parts: ['glue or two-part filler', 'primer and paint'], lastsYears: 5 },
  patchFoot: {
    minutes: 150,
    parts: ['treated dry stock', 'packers', 'adhesive', 'four 2 in brads', 'caulk and silicone', 'primer and paint'],
    lastsYears: 12,
  },
  splice: {
    minutes: 120,
    parts: ['jamb stock', 'packers', '3 in screws', 'filler', 'strike plates and long screws', 'primer and paint'],
    lastsYears: 20,
  },
  wholeLeg: { minutes: 120, parts: ['leg stock', '10 to 12 packers', 'nails or screws', 'filler', 'primer and paint'], lastsYears: 25 },
  wholeFrame: { minutes: 480, parts: ['frame or door set', 'packers, fixings, foam', 'sealants', 'trim'], lastsYears: 30 },
};

/** A foot is patched up to here: 30 in (common practice, no source), mm. */
const PATCHED_UP_TO_MM = 30 * MM_PER_UNIT.in;
/** It is a foot where the damage begins no higher than this. */
const FOOT_FROM_MM = 100;
/** Resin takes the place of so little: a third of the thickness, a hand long (common practice, no source). */
const RESIN = { depthShare: 1 / 3, lengthMm: 150 };
/** Filled no deeper than half the leg (common practice, no source). */
const FILLED_DEPTH_SHARE = 1 / 2;
/** Sound wood that a splice wants beyond the break at each end, and the longest share of a leg that is worth one (common practice, no source). */
export const SOUND_BEYOND_MM = 50;
const SPLICED_SHARE = 0.6;

const has = (damages: readonly Damage[], kinds: readonly DamageKind[], parts?: readonly JambPart[]) =>
  damages.some(({ kind, part }) => kinds.includes(kind) && (parts === undefined || parts.includes(part)));
/** Where damage is more than a matter of trim. */
const BEARING_PARTS: readonly JambPart[] = ['inner', 'outer', 'threshold', 'framing'];
const lengthOf = (damages: readonly Damage[]) =>
  damages.length === 0 ? 0 : Math.max(...damages.map(({ toMm }) => toMm)) - Math.min(...damages.map(({ fromMm }) => fromMm));

const takesResin = ({ school, thicknessMm }: JambSurvey, { depthMm = thicknessMm, fromMm, toMm, part }: Damage) =>
  school === 'resin' && part !== 'inner' && depthMm <= RESIN.depthShare * thicknessMm && toMm - fromMm <= RESIN.lengthMm;

const isLegSound = (survey: JambSurvey) => ofLeg(survey).length === 0;

/** What speaks against a remedy: as named rules, each enough by itself. */
export const AGAINST = {
  damaged: { remedy: 'leave', holds: (survey: JambSurvey) => has(survey.damages, DAMAGE_KINDS, BEARING_PARTS) },
  nothingToFill: { remedy: 'fill', holds: isLegSound },
  softWood: {
    remedy: 'fill',
    holds: (survey: JambSurvey) => ofLeg(survey).some((each) => each.kind === 'soft' && !takesResin(survey, each)),
  },
  brokenOut: { remedy: 'fill', holds: (survey: JambSurvey) => has(ofLeg(survey), ['kicked']) },
  stainShows: { remedy: 'fill', holds: (survey: JambSurvey) => survey.finish === 'stained' && ofLeg(survey).length > 0 },
  tooDeep: {
    remedy: 'fill',
    holds: (survey: JambSurvey) => ofLeg(survey).some(({ depthMm = 0 }) => depthMm > FILLED_DEPTH_SHARE * survey.thicknessMm),
  },
  trimOnly: { remedy: 'patchFoot', holds: isLegSound },
  notAtFoot: {
    remedy: 'patchFoot',
    // A crack above is filled beside the patch.
    holds: (survey: JambSurvey) => {
      const broken = ofLeg(survey).filter(({ kind }) => kind !== 'cracked');
      return broken.length === 0 || broken.some(({ fromMm }) => fromMm > FOOT_FROM_MM);
    },
  },
  tooHigh: { remedy: 'patchFoot', holds: (survey: JambSurvey) => softTopMm(ofLeg(survey)) > PATCHED_UP_TO_MM },
  bearingSoft: { remedy: 'patchFoot', holds: (survey: JambSurvey) => has(survey.damages, ['soft'], ['inner']) },
  standsOnSoft: { remedy: 'patchFoot', holds: (survey: JambSurvey) => has(survey.damages, ['soft'], ['threshold']) },
  trimAlone: { remedy: 'splice', holds: isLegSound },
  hingeLeg: { remedy: 'splice', holds: ({ side }: JambSurvey) => side === 'hinge' },
  softAtFoot: { remedy: 'splice', holds: (survey: JambSurvey) => has(ofLeg(survey), ['soft']) },
  longerThanWorth: { remedy: 'splice', holds: (survey: JambSurvey) => lengthOf(ofLeg(survey)) > SPLICED_SHARE * survey.legMm },
  noSoundEnd: {
    remedy: 'splice',
    holds: (survey: JambSurvey) => ofLeg(survey).some(({ toMm }) => toMm > survey.legMm - SOUND_BEYOND_MM),
  },
  legSound: { remedy: 'wholeLeg', holds: isLegSound },
  nothingToRenew: { remedy: 'wholeFrame', holds: (survey: JambSurvey) => !has(survey.damages, DAMAGE_KINDS, BEARING_PARTS) },
  thresholdSoft: { remedy: 'wholeLeg', holds: (survey: JambSurvey) => has(survey.damages, ['soft'], ['threshold', 'framing']) },
} as const satisfies Record<string, { remedy: Remedy; holds: (survey: JambSurvey) => boolean }>;
export type AgainstId = keyof typeof AGAINST;
export const AGAINST_IDS = Object.keys(AGAINST) as AgainstId[];
