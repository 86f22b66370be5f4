// What pages and server share by name and shape. Nothing here checks anything: checks are in ./schemas, ./engine and ./sheets.
export type { FieldError } from './validate';
export { PATHS } from './paths';
export {
  API,
  everyRoute,
  LARGEST_BATCH,
  LARGEST_PAGE,
  LIST_ORDERS,
  MOST_DOORS_AT_HAND,
  MOST_ASKED_FOR,
  MOST_FOUND,
  pathOf,
  recordRoutes,
  ROUTES,
  SERVED_SINCE,
  type Route,
  type RouteId,
} from './routes';
export { SEARCHED } from './names/searched';
export { SHEET_NAMES, type SheetName } from '@proper-swing/core/sheets/names';
export { STAGES, type Stage } from './names/stages';
export { JOBS, type Job } from './names/jobs';
export { CALL_STATES, CLOSED_STATES, isOpenState, type CallState } from './names/callStates';
export type {
  CallRecord,
  CallSummary,
  DoorHistory,
  DoorSummary,
  Health,
  Page,
  Problem,
  RecordBatch,
  RecordBatchAnswers,
  RecordsAskedFor,
  RecordsMissing,
  SearchHit,
  SearchResults,
  SiteHistory,
  SiteSummary,
  WorkingSet,
} from './record/answers';
export { OF_WRITING } from './record/kind';
export { mergeRecord } from './record/mergeRecord';
export {
  emptyLists,
  RECORD_KINDS,
  recordKind,
  type Adjustment,
  type Call,
  type CardsOfCall,
  type Door,
  type FindingEntry,
  type HingedDoorCard,
  type HingedMake,
  type ListsOfCall,
  type Note,
  type ReadingEntry,
  type ReadingSet,
  type RecordBodies,
  type RecordKind,
  type RecordKindEntry,
  type Site,
  type SlidingDoorCard,
  type SlidingMake,
  type Worksheet,
} from './record/register';
export { byWriteOrder, sequenceOf, standingInSequence, type Sequenced } from './record/sequence';
export { standing, type Correctable } from './record/standing';
