export { check, type Checked, type FieldError } from './validate';
export { toJsonSchema, type JsonSchema } from './jsonSchema';
export type { DiagnoseRequest, PlanRequest } from './engine/hingedSchemas';
export * from './record/schemas';
export { RECORD_KINDS, recordKind, type RecordBodies, type RecordKind, type RecordKindEntry } from './record/kinds';
export type { CallRecord, CallSummary, DoorHistory, Health, Page, Problem } from './record/answers';
export { SHEET_NAMES, type SheetName } from './sheets/sheet';
export { standing, type Correctable } from './record/standing';
export { API, PATHS } from './record/paths';
