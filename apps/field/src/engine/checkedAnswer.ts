import type { FieldError } from '@proper-swing/contract';

/** An answer to what a person typed, or what is wrong with it, field by field. */
export type CheckedAnswer = { ok: true; value: unknown } | { ok: false; errors: FieldError[] };
