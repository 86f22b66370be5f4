import { FirstRecord1764000000000 } from './1764000000000-first-record';

/** Oldest first. */
export const MIGRATIONS = [FirstRecord1764000000000];
