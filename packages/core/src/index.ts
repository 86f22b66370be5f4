export { DomainError } from './errors';

export { MM_PER_UNIT, type Length, type LengthUnit } from './length/length';
export { parseLength, type ParseLengthOptions } from './length/parseLength';
export { formatLength, formatNumber, type LengthStyle } from './length/formatLength';
export { toInchFraction, roundHalfEven, type Denominator, type InchFraction } from './length/fraction';
export { INSTRUMENTS, INSTRUMENT_IDS, instrumentSd, type Instrument, type InstrumentId } from './length/instruments';

export { seededRandom, type RandomStream } from './numbers/seededRandom';

export { PARAMETERS, PARAMETER_TITLES, type ParameterId } from './hinged/parameters';
export {
  placeHinges,
  profileOf,
  slenderness,
  HINGE_LAYOUT_IDS,
  HINGE_LAYOUTS,
  type HingeLayoutId,
  usualHingeHeights,
  type HingedDoor,
  type HingeKind,
  type HingeName,
  type PlacedHinge,
  type SlabKind,
} from './hinged/door';
export {
  EDGES,
  EVEN_EDGES,
  GAUGE_TELLS_MM,
  PROFILE_IDS,
  toleranceProfile,
  type EdgeId,
  type GapLimits,
  type ProfileId,
  type ToleranceProfile,
} from './hinged/profiles';
export {
  FURTHER_STATIONS,
  STATION_IDS,
  station,
  stationRow,
  WALKING_ORDER,
  type Station,
  type StationId,
  type StationKind,
} from './hinged/stations';
export { HEALTHY_SPREAD, UNEVENNESS_MM, type Spreading } from './hinged/healthy';
export { CAUSES, CAUSE_IDS, cause, type Cause, type CauseForm, type CauseId } from './hinged/causes';
export {
  FINDINGS,
  FINDING_IDS,
  finding,
  findingAnswer,
  answerChances,
  findingsFor,
  type Finding,
  type FindingAnswer,
  type FindingId,
} from './hinged/findings';
export { ACTION_IDS, type ActionId } from './hinged/actionIds';
export { ACTIONS, action, isForbiddenOn, type Action, type ActionEffect } from './hinged/actions';
export { CAUTIONS, type CautionId } from './hinged/cautions';
export { judgeGap, type GapVerdict } from './hinged/judgeGap';
export {
  chosenWay,
  school,
  schoolsFor,
  SCHOOL_IDS,
  wayIds,
  type School,
  type SchoolChoices,
  type SchoolId,
  type WayId,
} from './hinged/schools';
export { limitFaults, type LimitFault, type LimitField, type OwnLimits } from './hinged/ownLimits';
export type { AnsweredFinding, DoneStep, Observed, Reading, Round } from './hinged/readings';
export type { Diagnosis, Estimate, ExpectedGap, RankedCause, Supposition } from './hinged/diagnose';
export type { NextBest, NextChoice } from './hinged/nextBest';
export type { Evidence, Strength } from './hinged/evidence';
export type { DoubtfulReading } from './hinged/doubtful';
export type { Stepwise } from './stepwise';
export type { Correction, GapMove, LostPlan, Plan, PlanAim, PlanOptions, PlanOutcome } from './hinged/plan';
export { recheckAfter, type PlannedStep } from './hinged/planSteps';
export { tryOut, type Setting, type Tried, type TriedGap } from './hinged/whatIf';
export type { PlaningLine } from './hinged/planing';
export { ACCESS_LIMITS, type AccessLimit } from './swing/accessLimits';
export {
  ADJUSTABLE_HINGES,
  HANDLE_EFFORTS,
  HINGE_SCREW_IDS,
  HINGE_SCREWS,
  KEEP_IDS,
  KEEPS,
  LOCKING_GAP,
  SEAL_FEELS,
  USUAL_CAM,
  type AdjustableHinge,
  type AdjustableHingeId,
  type HingeScrewId,
  type KeepId,
} from './multipoint/adjusters';
export { THREAD_SHARE } from './load/screwHold';
export { slabMass } from './load/slabMass';
export { SIDES, type SideId } from './hinged/sides';
