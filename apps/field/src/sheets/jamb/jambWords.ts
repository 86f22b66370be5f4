import type { AgainstId, DamageKind, FirstId, FixingState, JambPart, Remedy, StopId } from '@proper-swing/core/sheets';

export const DAMAGE_WORDS: Readonly<Record<DamageKind, string>> = { soft: 'Soft', split: 'Split', kicked: 'Kicked in', cracked: 'Cracked' };

export const PART_WORDS: Readonly<Record<JambPart, string>> = {
  casing: 'Casing',
  inner: 'Inner part',
  stop: 'Stop',
  outer: 'Outer part',
  outerTrim: 'Outer trim',
  threshold: 'Threshold',
  membrane: 'Membrane',
  framing: 'Framing',
};

export const REMEDY_WORDS: Readonly<Record<Remedy, string>> = {
  leave: 'Leave the leg as it is',
  fill: 'Glue or fill it',
  patchFoot: 'Patch the foot',
  splice: 'Let a new length in',
  wholeLeg: 'A whole new leg',
  wholeFrame: 'A new frame or door',
};

/** What a remedy is good for, where nothing speaks against it. */
export const REMEDY_BECAUSE: Readonly<Record<Remedy, string>> = {
  leave: 'Probed all the way down, and nothing is wrong with it.',
  fill: 'Painted and only cracked: under paint it does not show.',
  patchFoot: 'Soft at the foot alone: what bears the door stays where it is.',
  splice: 'Broken at the strike, sound above and below: the new length is screwed to the framing.',
  wholeLeg: 'Nothing is joined, and the new leg stands plumb.',
  wholeFrame: 'All of it new: the wall is opened and made good.',
};

export const AGAINST_WORDS: Readonly<Record<AgainstId, string>> = {
  damaged: 'It is damaged.',
  nothingToFill: 'Nothing is marked that could be filled.',
  nothingToRenew: 'Nothing is marked that is damaged.',
  softWood: 'Soft wood holds no filler: it goes out first.',
  brokenOut: 'Kicked in, the wood is gone or loose.',
  stainShows: 'It is stained: filler shows.',
  tooDeep: 'Deeper than half the leg.',
  trimOnly: 'The leg itself is sound.',
  notAtFoot: 'The damage is not at the foot.',
  tooHigh: 'Soft beyond 30 in: that is no foot.',
  bearingSoft: 'The part that bears the hinges is soft.',
  standsOnSoft: 'The threshold is soft: the patch would stand on it.',
  trimAlone: 'The leg itself is sound.',
  hingeLeg: 'The leg carries the door: a joint would work loose.',
  softAtFoot: 'Soft wood at a joint rots on.',
  longerThanWorth: 'More than half the leg: a whole one is as quick.',
  noSoundEnd: 'No sound wood is left for a joint.',
  legSound: 'The leg itself is sound.',
  thresholdSoft: 'Threshold or framing is soft: a new leg would stand on it.',
};

export const STOP_WORDS: Readonly<Record<StopId, string>> = {
  framingWet: 'The framing is wet or soft. Stop: find the water and let a carpenter judge the framing before anything is closed up.',
  cracksMove: 'Cracks from the corner of the opening grow. Stop: this is structure, refer to a structural engineer.',
  noBearing: 'The head has no lintel that bears. Stop: prop nothing by a leg, refer to a structural engineer.',
  label: 'Fire, smoke or security frame: only as its certificate says. Refer to a competent fire-door person.',
};

export const FIRST_WORDS: Readonly<Record<FirstId, string>> = {
  findWater: 'Where the water came from is found and stopped',
  dryFirst: 'Dried below 18 % before glue, filler or paint',
  mendMembrane: 'Membrane mended, laid over from above',
  renewTrim: 'Trim that is damaged is renewed as well',
  lockTonight: 'It locks tonight, or is boarded up',
};

export const FIXING_WORDS: Readonly<Record<FixingState, string>> = {
  fits: 'reaches far enough into the framing',
  shortBite: 'is the longest that is safe: it bites less than wanted',
  none: 'cannot reach the framing safely: fix it another way',
};
