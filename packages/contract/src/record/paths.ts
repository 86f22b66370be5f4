import type { RecordKind } from './kinds';

export const API = '/api';

/** Addresses of the API, for both sides of the wire. */
export const PATHS = {
  health: `${API}/health`,
  openapi: `${API}/openapi.json`,
  record: (kind: RecordKind, id: string) => `${API}/${kind}/${id}`,
  list: (kind: RecordKind) => `${API}/${kind}`,
  callSummaries: `${API}/call-summaries`,
  callRecord: (callId: string) => `${API}/calls/${callId}/record`,
  doorHistory: (doorId: string) => `${API}/doors/${doorId}/history`,
  engine: `${API}/engine`,
  engineRun: (name: string) => `${API}/engine/${name}`,
} as const;
