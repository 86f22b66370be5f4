import type { RecordKind } from './record/register';
import { pathOf, recordRoutes, ROUTES } from './routes';

/** Addresses of the API as the app calls them. */
export const PATHS = {
  health: pathOf(ROUTES.health),
  record: (kind: RecordKind, id: string) => pathOf(recordRoutes(kind).write, { id }),
  revisions: (kind: RecordKind, id: string) => `${pathOf(recordRoutes(kind).read, { id })}/revisions`,
  list: (kind: RecordKind) => pathOf(recordRoutes(kind).list),
  recordBatch: pathOf(ROUTES.recordBatch),
  recordsMissing: pathOf(ROUTES.recordsMissing),
  callSummaries: pathOf(ROUTES.callSummaries),
  workingSet: pathOf(ROUTES.workingSet),
  callRecord: (callId: string) => pathOf(ROUTES.callRecord, { id: callId }),
  search: pathOf(ROUTES.search),
  siteSummaries: pathOf(ROUTES.siteSummaries),
  doorSummaries: pathOf(ROUTES.doorSummaries),
  siteHistory: (siteId: string) => pathOf(ROUTES.siteHistory, { id: siteId }),
  doorHistory: (doorId: string) => pathOf(ROUTES.doorHistory, { id: doorId }),
} as const;
