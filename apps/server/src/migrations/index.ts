import { FirstRecord1764000000000 } from './1764000000000-first-record';
import { PlanedDepths1764115200000 } from './1764115200000-planed-depths';
import { OwnLimits1795600000000 } from './1795600000000-own-limits';
import { Schools1795612000000 } from './1795612000000-schools';
import { CheckedAgain1795616000000 } from './1795616000000-checked-again';
import { Worksheets1795620000000 } from './1795620000000-worksheets';
import { DoorKinds1795700000000 } from './1795700000000-door-kinds';
import { EntrySequence1795710000000 } from './1795710000000-entry-sequence';

/** Oldest first. */
export const MIGRATIONS = [
  FirstRecord1764000000000,
  PlanedDepths1764115200000,
  OwnLimits1795600000000,
  Schools1795612000000,
  CheckedAgain1795616000000,
  Worksheets1795620000000,
  DoorKinds1795700000000,
  EntrySequence1795710000000,
];
