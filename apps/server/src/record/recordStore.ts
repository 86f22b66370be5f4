import { recordKind, type Page, type RecordBodies, type RecordKind, type RecordKindEntry } from '@proper-swing/contract';
import { withoutAbsent } from '@proper-swing/contract/fields';
import { isDeepStrictEqual } from 'node:util';
import { In, MoreThan, type DataSource, type EntityManager, type ObjectLiteral, type Repository } from 'typeorm';
import { HttpProblem, problem } from '../http/httpProblem';
import { committing, type Committing } from './committing';
import { readRow, readRows, whereAll } from './readRows';
import { CARD_REVISION, table } from './tables';

type Body = RecordBodies[RecordKind];
type Card = Extract<Body, { revision: number }>;

/** Whether a write put something new in place or found it there already. */
export type Written = 'created' | 'unchanged';

/** A record to be written whose shape was checked. */
export interface Write {
  kind: RecordKindEntry;
  body: Body;
}

/** A record that should be here; of a card the revision. */
export interface AskedFor {
  kind: RecordKindEntry;
  id: string;
  revision?: number;
}

/** Reads and writes the records of every kind, idempotently. */
export interface RecordStore {
  /**
   * Writes a record whose shape was checked.
   *
   * An entry is written once: the same again is `unchanged`, another under the same id is refused. A card takes the
   * revision after the one it has, and only one that was made from that.
   *
   * @throws HttpProblem 409 when another is there, 422 when its parent or the entry it supersedes is not
   */
  put: (kind: RecordKindEntry, body: Body) => Promise<Written>;
  /** Writes records in their order and commits them together; what is wrong with one keeps none of the others out. */
  putEach: (writes: readonly Write[]) => Promise<(Written | HttpProblem)[]>;
  /** Which records, or revisions of cards, are not here, by their places in what was asked for. */
  missing: (of: readonly AskedFor[]) => Promise<number[]>;
  /** The revisions of a card, oldest first, from after one. */
  revisions: (kind: RecordKind, id: string, options: { after: number; limit: number }) => Promise<Page<Body>>;
  get: (kind: RecordKind, id: string) => Promise<Body | undefined>;
  list: (kind: RecordKindEntry, options: { cursor?: string; limit: number; parentId?: string }) => Promise<Page<Body>>;
}

export function recordStore(source: DataSource, { run }: Committing = committing(source)): RecordStore {
  return {
    put: (kind, body) => run((manager) => putOne(manager, { kind, body })),
    putEach: (writes) =>
      run(async (manager) => {
        const written: (Written | HttpProblem)[] = [];
        for (const write of writes) written.push(await putApart(manager, write));
        return written;
      }),
    missing: async (of) => {
      const there = new Set<string>();
      for (const kind of new Set(of.map((each) => each.kind))) {
        const ids = of.flatMap((each) => (each.kind === kind ? [each.id] : []));
        for (const name of await namesHere(source.manager, kind, ids)) there.add(name);
      }
      return of.flatMap((each, at) => (there.has(nameOf(each)) ? [] : [at]));
    },
    revisions: async (kind, id, { after, limit }) => {
      const where = { kind, id, revision: MoreThan(after) };
      const found = await source.manager.getRepository(CARD_REVISION).find({ where, order: { revision: 'ASC' }, take: limit + 1 });
      const items = found.slice(0, limit).map(({ body }) => body as Body);
      const last = found[items.length - 1];
      return { items, next: found.length > limit && last !== undefined ? String(last.revision) : null };
    },
    get: (kind, id) => readRow(source.manager, kind, id),
    list: async (kind, { cursor, limit, parentId }) => {
      const { where, values } = whereAll([
        ...(cursor === undefined ? [] : [{ holds: '"id" > ?', values: [cursor] }]),
        ...(kind.parent === undefined || parentId === undefined ? [] : [{ holds: `"${kind.parent.field}" = ?`, values: [parentId] }]),
      ]);
      const found = await readRows(source.manager, kind.kind, `${where} ORDER BY "id" LIMIT ?`, [...values, limit + 1]);
      const items = found.slice(0, limit);
      const last = items[items.length - 1];
      return { items, next: found.length > limit && last !== undefined ? last.id : null };
    },
  };
}

function rows(manager: EntityManager, kind: RecordKind): Repository<ObjectLiteral> {
  return manager.getRepository<ObjectLiteral>(table(kind));
}

const nameOf = ({ kind, id, revision }: AskedFor): string => (kind.manner === 'card' ? `${id} ${revision}` : id);

async function namesHere(manager: EntityManager, kind: RecordKindEntry, ids: readonly string[]): Promise<string[]> {
  if (kind.manner === 'entry') {
    const found = await rows(manager, kind.kind).find({ where: { id: In([...ids]) }, select: { id: true } });
    return found.map(({ id }) => id as string);
  }
  const found = await manager.find(CARD_REVISION, { where: { kind: kind.kind, id: In([...ids]) }, select: { id: true, revision: true } });
  return found.map(({ id, revision }) => nameOf({ kind, id, revision }));
}

const putOne = (manager: EntityManager, { kind, body }: Write): Promise<Written> =>
  kind.manner === 'card' ? putCard(manager, kind, body) : putEntry(manager, kind, body);

/** What refuses a record does so before anything of it is written, so that the others can be committed. */
async function putApart(manager: EntityManager, write: Write): Promise<Written | HttpProblem> {
  try {
    return await putOne(manager, write);
  } catch (error) {
    if (error instanceof HttpProblem) return error;
    throw error;
  }
}

async function putEntry(manager: EntityManager, kind: RecordKindEntry, body: Body): Promise<Written> {
  const there = await readRow(manager, kind.kind, body.id);
  if (there !== undefined) {
    if (sameBody(there, body)) return 'unchanged';
    throw problem(
      409,
      'Another one is there',
      `${kind.title} ${body.id} was written before with other contents. Correct it with a new entry that supersedes it.`,
    );
  }
  await requireParent(manager, kind, body);
  for (const [field, of] of Object.entries({ supersedes: kind.kind, ...kind.names })) {
    const named = (body as unknown as Record<string, string | null | undefined>)[field];
    if (named != null) await requireOfSameCall(manager, kind, body, { field, of: of, id: named });
  }
  await rows(manager, kind.kind).insert(atRest(kind, body));
  return 'created';
}

async function putCard(manager: EntityManager, kind: RecordKindEntry, body: Body): Promise<Written> {
  if (!('revision' in body)) throw new TypeError(`${kind.kind} is no card`);
  const revisions = manager.getRepository(CARD_REVISION);
  const written = await revisions.findOneBy({ kind: kind.kind, id: body.id, revision: body.revision });
  if (written !== null) {
    if (sameBody(written.body as Body, body)) return 'unchanged';
    throw problem(
      409,
      'Another revision is there',
      `${kind.title} ${body.id} has another revision ${body.revision}. Read it again and correct that.`,
      [{ field: 'revision', message: 'was written before with other contents' }],
    );
  }
  const last = await revisions.findOne({ where: { kind: kind.kind, id: body.id }, order: { revision: 'DESC' } });
  const next = (last?.revision ?? 0) + 1;
  if (body.revision !== next) {
    throw problem(409, 'Revision out of turn', `${kind.title} ${body.id} is at revision ${next - 1}.`, [
      { field: 'revision', message: `must be ${next}` },
    ]);
  }
  if (body.madeFrom != null && (last?.body as Card | undefined)?.writtenAt !== body.madeFrom) {
    throw problem(409, 'Made from another revision', `${kind.title} ${body.id} was changed elsewhere. Read it again and correct that.`, [
      { field: 'madeFrom', message: 'is not when the last revision was written' },
    ]);
  }
  await requireParent(manager, kind, body);
  await revisions.insert({ kind: kind.kind, id: body.id, revision: body.revision, body });
  // The transaction is the store's own.
  await rows(manager, kind.kind).save(atRest(kind, body), { transaction: false });
  return 'created';
}

async function requireParent(manager: EntityManager, { parent }: RecordKindEntry, body: Body): Promise<void> {
  if (parent === undefined) return;
  const id = (body as unknown as Record<string, string>)[parent.field];
  await requireRow(manager, parent.kind, id ?? '', parent.field);
}

/** An entry may only correct, or be about, what belongs to its own call. */
async function requireOfSameCall(
  manager: EntityManager,
  { kind }: RecordKindEntry,
  body: Body,
  { field, of, id }: { field: string; of: RecordKind; id: string },
): Promise<void> {
  const named = await readRow(manager, of, id);
  if (named === undefined) throw unknown(of, id, field);
  if ((await callOf(manager, named)) === (await callOf(manager, body))) return;
  throw problem(422, 'Names something of another call', `${field}: ${id} is not of the call of this ${kind}.`, [
    { field, message: 'belongs to another call' },
  ]);
}

/** The call an entry belongs to, by its own word or by its walk-round's. */
async function callOf(manager: EntityManager, entry: Body): Promise<unknown> {
  if ('callId' in entry) return entry['callId'];
  return (await readRow(manager, 'reading-sets', (entry as { setId: string }).setId))?.callId;
}

async function requireRow(manager: EntityManager, kind: RecordKind, id: string, field: string): Promise<void> {
  if ((await readRow(manager, kind, id)) === undefined) throw unknown(kind, id, field);
}

function unknown(kind: RecordKind, id: string, field: string): HttpProblem {
  const title = recordKind(kind)?.title ?? kind;
  return problem(422, 'Names something unknown', `${field}: there is no ${title.toLowerCase()} ${id}.`, [
    { field, message: `there is no ${title.toLowerCase()} with this id` },
  ]);
}

/** A record as it is kept. Optional fields have one form at rest, so that the same record is the same however it was sent: a flag is down, the rest null. */
export function atRest({ fields }: RecordKindEntry, body: Body): Body {
  const given = body as ObjectLiteral;
  return Object.fromEntries(
    Object.entries(fields).map(([name, field]) => [name, (given[name] as unknown) ?? (field.is === 'flag' ? false : null)]),
  ) as unknown as Body;
}

function sameBody(a: Body, b: Body): boolean {
  const plain = (body: Body) => withoutAbsent({ ...body, ...('withdrawn' in body && body.withdrawn !== true && { withdrawn: null }) });
  return isDeepStrictEqual(plain(a), plain(b));
}
