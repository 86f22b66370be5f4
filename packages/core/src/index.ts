export { DomainError } from './errors';

export { MM_PER_UNIT, type Length, type LengthUnit } from './length/length';
export { readingStep } from './length/readingStep';
export { parseLength, type ParseLengthOptions } from './length/parseLength';
export { formatLength, formatNumber, type LengthStyle } from './length/formatLength';
export { toInchFraction, roundHalfEven, type Denominator, type InchFraction } from './length/fraction';
export { INSTRUMENTS, INSTRUMENT_IDS, instrumentSd, type Instrument, type InstrumentId } from './length/instruments';

export { seededRandom, type RandomStream } from './numbers/seededRandom';

export { PARAMETERS, type ParameterId } from './hinged/geometry/parameters';
export {
  placeHinges,
  profileOf,
  slenderness,
  HINGE_LAYOUT_IDS,
  HINGE_LAYOUTS,
  type HingeLayoutId,
  usualHingeHeights,
  type HingedDoor,
  type PlacedHinge,
} from './hinged/card/door';
export {
  HINGE_KINDS,
  HINGE_LEAVES,
  HINGE_NAMES,
  SLAB_KINDS,
  type HingeKind,
  type HingeLeaf,
  type HingeName,
  type SlabKind,
} from './hinged/card/doorKinds';
export { EDGES, EVEN_EDGES, PROFILE_IDS, toleranceProfile, type EdgeId, type HingedProfile, type ProfileId } from './hinged/card/profiles';
export { GAUGE_TELLS_MM, unevenBeyond, type Limits } from './model/profile';
export { FURTHER_STATIONS, STATION_IDS, station, WALKING_ORDER, type Station, type StationId } from './hinged/geometry/stations';
export type { StationKind } from './model/station';
export { HEALTHY_SPREAD, UNEVENNESS_MM } from './hinged/tables/healthy';
export { CAUSES, CAUSE_IDS, cause, type Cause, type CauseForm, type CauseId } from './hinged/tables/causes';
export { readingFaults, type Fault } from './hinged/tables/sense';
export { FINDINGS, FINDING_IDS, finding, findingAnswer, findingsFor, type Finding, type FindingId } from './hinged/tables/findings';
export { answerChances, type FindingAnswer } from './model/finding';
export { ACTION_IDS, type ActionId } from './hinged/names/actionIds';
export { ACTIONS, action, isForbiddenOn } from './hinged/tables/actions';
export type { Action, ActionEffect } from './hinged/tables/actionEntry';
export { unitMeasure, UNITS, type UnitMeasure, type UnitName } from './model/units';
export { CAUTIONS, type CautionId } from './hinged/tables/cautions';
export { GAPS_BY_EYE, gapByEye, type GapByEye } from './model/gapByEye';
export { judgeGap, type GapVerdict } from './model/judgeGap';
export { chosenWay, school, SCHOOL_IDS, wayIds, type School, type SchoolChoices, type SchoolId, type WayId } from './hinged/card/schools';
export { schoolsFor } from './hinged/tables/schoolsFor';
export { limitFaults, type LimitFault, type LimitField, type OwnLimits } from './hinged/card/ownLimits';
export type { AnsweredFinding, DoneStep, Observed, Reading, Round } from './hinged/observed';
export type { Diagnosis, Estimate, NextBest } from './hinged/hingedAnswers';
export type { ExpectedGap, RankedCause, Supposition } from './inference/diagnosis';
export type { NextChoice } from './inference/nextBest';
export type { Evidence, Strength } from './inference/evidence';
export type { DoubtfulReading } from './inference/doubtful';
export type { Stepwise } from './stepwise';
export type { Correction, GapMove, Plan, PlannedStep, PlanOptions } from './hinged/hingedPlan';
export { PLAN_OUTCOMES, type LostPlan, type PlanOutcome } from './planning/correction';
export type { PlanAim } from './planning/plan';
export { workOfSetting, type SettingWork } from './hinged/plan/settingWork';
export { tryOut, type Setting, type Tried, type TriedGap } from './hinged/plan/whatIf';
export type { PlaningLine } from './model/planingLine';
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
  CAM_WORDS,
  USUAL_CAM,
  USUAL_KEYS,
  type AdjustableHinge,
  type AdjustableHingeId,
  type CamPlace,
  type HingeScrewId,
  type KeepId,
} from './sheets/multipoint/adjusters';
export { THREAD_SHARE } from './load/screwHold';
export { slabMass } from './load/slabMass';
export { SIDES, type SideId } from './hinged/tables/sides';
