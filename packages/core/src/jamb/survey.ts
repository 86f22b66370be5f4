/** What is wrong with a piece of a jamb. */
export const DAMAGE_KINDS = ['soft', 'split', 'kicked', 'cracked'] as const;
export type DamageKind = (typeof DAMAGE_KINDS)[number];

/** The parts of a leg and what is about it: the inner part bears the hinges or the strike, the outer one the weather. */
export const JAMB_PARTS = ['inner', 'outer', 'stop', 'casing', 'outerTrim', 'threshold', 'membrane', 'framing'] as const;
export type JambPart = (typeof JAMB_PARTS)[number];

/** One damaged length; heights above the threshold, mm. */
export interface Damage {
  kind: DamageKind;
  part: JambPart;
  fromMm: number;
  toMm: number;
  /** How deep a probe goes in, or the crack. */
  depthMm?: number;
}

export const JAMB_SIDES = ['hinge', 'strike'] as const;
export type JambSide = (typeof JAMB_SIDES)[number];
export const JAMB_FINISHES = ['painted', 'stained'] as const;
/** How practitioners differ over a foot that is soft: a patch of treated stock, resin, or the whole leg. */
export const JAMB_SCHOOLS = ['treatedPatch', 'resin', 'wholeLeg'] as const;
export type JambSchool = (typeof JAMB_SCHOOLS)[number];

/** A leg of a frame as it was probed; lengths in mm. */
export interface JambSurvey {
  side: JambSide;
  legMm: number;
  thicknessMm: number;
  damages: readonly Damage[];
  finish: (typeof JAMB_FINISHES)[number];
  school: JambSchool;
  /** What a meter says in the sound wood beside it, %. */
  moisturePercent?: number;
  framingIsWet?: boolean;
  cracksMove?: boolean;
  headLacksBearing?: boolean;
  hasLabel?: boolean;
}

const LEG_PARTS: readonly JambPart[] = ['inner', 'outer'];

/** What is damaged of the leg itself. */
export const ofLeg = ({ damages }: Pick<JambSurvey, 'damages'>): Damage[] => damages.filter(({ part }) => LEG_PARTS.includes(part));

/** Top of what is soft, 0 where nothing is. */
export const softTopMm = (damages: readonly Damage[]): number =>
  Math.max(0, ...damages.filter(({ kind }) => kind === 'soft').map(({ toMm }) => toMm));
