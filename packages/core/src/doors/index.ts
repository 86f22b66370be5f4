// What may be asked of a door without knowing of which kind it is.
export type { DoorModel } from '../model/doorModel';
export { CANNOT_LOOK } from '../model/finding';
export type { SlidingDoor } from '../sliding/card/panel';
export { DOOR_KINDS, modelOfDoor, type AnyDoor, type DoorKindId } from './anyDoor';
export {
  complaintsOn,
  HANDBOOKS,
  isAtPlaces,
  isInWords,
  placeLabel,
  placeSays,
  proofTriesFor,
  workGroup,
  type Handbook,
  type ProofTry,
  type WorkGroup,
} from './handbook';
export {
  action,
  ACTION_IDS,
  answerFaults,
  cause,
  finding,
  FINDING_IDS,
  findingAnswer,
  readingFaults,
  station,
  STATION_IDS,
  TABLES,
  type Action,
  type Cause,
  type Finding,
  type Station,
} from './lookUp';
export type { ActionId, CauseId, EdgeId, EveryName, FindingId, PlaceId, StationId } from './names';
export { proofOf, type AsLeft, type Proof, type Shown } from './proof';
export {
  AS_WELL,
  hasShownWhatItDid,
  kindOfWork,
  knownAs,
  movesGaps,
  reckoningWith,
  recheckAfter,
  saysNotHolding,
  type Reckoning,
} from './work';
export {
  correctionFrom,
  engineRequest,
  type AnsweredFinding,
  type Correction,
  type Diagnosis,
  type DoneStep,
  type EngineQuestion,
  type Estimate,
  type ExpectedGap,
  type GapMove,
  type NextBest,
  type Observed,
  type Plan,
  type PlannedStep,
  type Reading,
  type Round,
} from './asked';
