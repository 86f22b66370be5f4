// Calculations that stand by themselves and are quick enough for a page; kept apart so that only the pages that use them load them.
export { passClosingEdge, USUAL_BEVEL, type ClosingEdge, type EdgeClearance } from './edge/closingEdge';
export { clearFloor, type ArcReading, type FloorArc, type FloorClearance } from './floor/floorArc';
export { weighDrift, type Drift, type DriftedDoor } from './drift/drift';
export type { DriftCures, FrictionCure, HingeThrow } from './drift/driftCures';
export { planePair, type PairPlane, type PairThrow } from './pair/pair';
export { weighTwist, WARP_LIMIT_MM, type Twist, type TwistedDoor, type TwistRemedy } from './twist/twist';
export { fitStrike, LEAST_HOLD_MM, type LatchAtStrike, type StrikeFit, type StrikeRemedy } from './strike/strike';
export { EXAMPLE_LATCH } from './strike/exampleLatch';
export { EXAMPLE_FITTING } from './continuous/exampleFitting';
export { loadHinges, type HingeLoads, type LoadedHinges, type TopScrews } from './load/hingeLoad';
export { chooseHinges, hingeWidth, type DoorToHang, type HingesToBuy } from './size/hingeSize';
export { wood, WOOD_IDS, type WoodId } from '../load/wood';
export {
  fitContinuous,
  CONTINUOUS_GAP_MM,
  LEAST_BEARING_MM,
  SETTLING_MM,
  type ContinuousHinge,
  type FittingSheet,
} from './continuous/fittingSheet';
export { findTicks, TICK_VERDICTS, type HeardTicks, type TickFinding, type TickVerdict } from './ticks/findTicks';
export { EFFORT_ENDS, effortRange, judgeEffort, type Effort, type EffortStep, type EffortRange, type PulledPanel } from './effort/effort';
export { setRollers, type PanelToSet, type RollerTurns } from './turns/rollerTurns';
export { THREADS, THREAD_IDS } from './turns/threads';
export { fitPocket, POCKET_CLEARANCE_MM, type PocketOpening, type PocketSheet } from './pocket/pocket';
export { matchRoller, type RankedRoller, type RollerMatch } from './rollers/matchRoller';
export { DEMO_CATALOGUE } from './rollers/demoCatalogue';
export {
  GROOVES,
  ROLLER_MEASURES,
  TOLERANCES_MM,
  type CatalogueRoller,
  type Groove,
  type MeasuredRoller,
  type RollerMeasure,
} from './rollers/roller';
export { fitBypass, type BypassOpening, type BypassSheet } from './bypass/bypass';
export { fitBifold, type BifoldOpening, type BifoldSheet } from './bifold/bifold';
export { checkGo } from './multipoint/checkGo';
export { nextTurns, type CamTurn, type NextTurns, type SessionPhase } from './multipoint/nextTurns';
export type { ScrewTurn } from './multipoint/travel';
export {
  gapsNow,
  handleNow,
  quartersSoFar,
  sealNow,
  turnedSoFar,
  type CamAt,
  type HandleFeel,
  type HingeGo,
  type KeepGo,
  type MultipointSession,
  type SealFeel,
  type SessionGaps,
} from './multipoint/session';
export {
  fitSlab,
  slabLeaf,
  SLAB_EDGES,
  type FitWarning,
  type Fill,
  type MadeCut,
  type SlabEdge,
  type SlabFit,
  type SlabToFit,
} from '../fitting/fitSlab';
export {
  fitPair,
  PAIR_EDGES,
  PAIR_LEAVES,
  type MadePairCut,
  type PairEdge,
  type PairLeafId,
  type PairFit,
  type PairLeafFit,
  type PairToFit,
} from '../fitting/fitPair';
export type { FitSlabKind } from '../fitting/slabKinds';
export type { HeadFit } from '../fitting/fitHead';
export type { Shortening } from '../fitting/shorten';
export type { LiningAdvice, LiningFit, LiningToFit } from '../fitting/lining';
export { HINGE_SCHOOL_IDS, type HingeMarks, type HingesToMark } from '../fitting/marks';
export type { Reblocking } from '../fitting/reblock';
export type { Sum, SumOf } from '../fitting/sums';
export type { CutLine, Tool, ToolRule } from '../fitting/cutList';
export { drawOpening, MISSING, type MeasuredOpening, type MissingId } from '../fitting/opening';
export { drawnEdge, type HingesOn } from '../fitting/leaf';
export { outlineAt, type Outline } from '../fitting/outline';
export {
  DAMAGE_KINDS,
  JAMB_PARTS,
  softTopMm,
  type Damage,
  type DamageKind,
  type JambPart,
  type JambSide,
  type JambSurvey,
} from '../jamb/survey';
export { REMEDIES, type AgainstId, type Remedy } from '../jamb/remedies';
export type { FirstId, JambDecision, StopId } from '../jamb/decideRepair';
export type { FootPatch, FootToPatch } from '../jamb/footPatch';
export type { StrikeSplice, StrikeToSplice } from '../jamb/spliceStrike';
export type { LegMade, LegToMake } from '../jamb/wholeLeg';
export type { MadeStacks, PackerKind, StacksToMake } from '../jamb/packers';
export type { Fixing, FixingState } from '../jamb/fixing';
export type { LaidStrike, StrikeLayout, StrikesToLay } from '../jamb/strikeLayout';
export type { HingeLayout, HingesToLay } from '../jamb/hingeLayout';
export { coat, COAT_IDS, type CoatId } from '../cure/coats';
export type { CureAsked, CuredCoat, CurePlan } from '../cure/curePlan';
export { SAMPLE_CLIMATES, SAMPLE_CLIMATE_IDS, type MonthOfAir, type SampleClimateId } from '../timber/climate';
export type { MoistureJudged, MoistureState, TimberToJudge } from '../timber/judgeMoisture';
export { askedByAir, settledYear } from '../timber/yearOfMoisture';
export { widthChange } from '../timber/slabBuilds';
export { equilibriumMoisture } from '../timber/moisture';
export type { MonthOfSlab, SeasonAdvice, SeasonForecast, SlabInSeason } from '../timber/season';
export { species, SPECIES_IDS, type SpeciesId } from '../timber/species';
