import type { ValuesOf } from '@proper-swing/core/fields/value';
import type { HINGED_MAKE } from './doorKinds/hinged';
import type { SLIDING_MAKE } from './doorKinds/sliding';
import type { BodyOf, RecordDescription } from './kind';
import { adjustments } from './kinds/adjustments';
import { calls } from './kinds/calls';
import { doors } from './kinds/doors';
import { findings } from './kinds/findings';
import { notes } from './kinds/notes';
import { readings } from './kinds/readings';
import { readingSets } from './kinds/readingSets';
import { sites } from './kinds/sites';
import { worksheets } from './kinds/worksheets';

/** Every kind of record, parents before children: the order in which they can be written. */
const KINDS = [sites, doors, calls, readingSets, readings, findings, adjustments, notes, worksheets] as const;

type Kinds = (typeof KINDS)[number];

export type RecordKind = Kinds['kind'];

/** What each kind of record holds, by the name its address uses. */
export type RecordBodies = { [D in Kinds as D['kind']]: D['kind'] extends 'doors' ? DoorOf<BodyOf<D>> : BodyOf<D> };

/** A door is of one kind, and made as doors of that kind are. */
type DoorOf<Body> = Omit<Body, 'kind' | 'make'> & ({ kind: 'hinged'; make: HingedMake } | { kind: 'sliding'; make: SlidingMake });

type NamedInCall<M extends 'card' | 'entry'> = Extract<Kinds, { manner: M; inCall: string }>;

/** The cards a call's record is about, by their name in it. */
export type CardsOfCall = { [D in NamedInCall<'card'> as D['inCall']]: RecordBodies[D['kind']] };

/** What is written on a call, by its name in the call's record. */
export type ListsOfCall = { [D in NamedInCall<'entry'> as D['inCall']]: BodyOf<D>[] };

export interface RecordKindEntry extends RecordDescription<RecordKind> {
  parent?: { field: string; kind: RecordKind };
}

export const RECORD_KINDS: readonly RecordKindEntry[] = KINDS;

export function recordKind(kind: string): RecordKindEntry | undefined {
  return RECORD_KINDS.find((each) => each.kind === kind);
}

/** The lists of a call's record that hold nothing yet. */
export function emptyLists(): ListsOfCall {
  const names = RECORD_KINDS.flatMap(({ manner, inCall }) => (manner === 'entry' && inCall !== undefined ? [inCall] : []));
  return Object.fromEntries(names.map((name) => [name, []])) as unknown as ListsOfCall;
}

export type Site = RecordBodies['sites'];
export type Door = RecordBodies['doors'];
/** How a door on hinges is made. */
export type HingedMake = ValuesOf<typeof HINGED_MAKE>;
/** How a sliding door is made. */
export type SlidingMake = ValuesOf<typeof SLIDING_MAKE>;
export type HingedDoorCard = Extract<Door, { kind: 'hinged' }>;
export type SlidingDoorCard = Extract<Door, { kind: 'sliding' }>;
export type Call = RecordBodies['calls'];
export type ReadingSet = RecordBodies['reading-sets'];
export type ReadingEntry = RecordBodies['readings'];
export type FindingEntry = RecordBodies['findings'];
export type Adjustment = RecordBodies['adjustments'];
export type Note = RecordBodies['notes'];
export type Worksheet = RecordBodies['worksheets'];
