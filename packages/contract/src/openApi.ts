import { ENGINE } from './engine/register';
import { SEARCHED } from './names/searched';
import { toJsonSchema, type JsonSchema } from './jsonSchema';
import { RECORD_KINDS } from './record/register';
import { recordSchema } from './record/schemas';
import { API, everyRoute, LARGEST_BATCH, LARGEST_PAGE, MOST_ASKED_FOR, pathOf, ROUTES, type QueryField, type Route } from './routes';

export type { JsonSchema } from './jsonSchema';

interface Media {
  schema: JsonSchema;
  example?: unknown;
}

/** One method at one address. */
export interface Operation {
  summary: string;
  parameters?: Record<string, unknown>[];
  requestBody?: { required: true; content: { 'application/json': Media } };
  responses: Record<string, { description: string; content: Record<string, Media> }>;
}

/** The parts of an OpenAPI 3.1 document that ours has. */
export interface OpenApi {
  openapi: string;
  info: { title: string; version: string; description: string };
  /** By address, then by method. */
  paths: Record<string, Record<string, Operation>>;
  components: { schemas: Record<string, JsonSchema> };
}

const ref = (name: string): JsonSchema => ({ $ref: `#/components/schemas/${name}` });

const listOf = (items: JsonSchema): JsonSchema => ({ type: 'array', items });

const objectOf = (required: Record<string, JsonSchema>, optional: Record<string, JsonSchema> = {}): JsonSchema => ({
  type: 'object',
  required: Object.keys(required),
  properties: { ...required, ...optional },
});

const pageOf = (items: JsonSchema): JsonSchema => objectOf({ items: listOf(items), next: { type: ['string', 'null'] } });

const TEXT = { type: 'string' };

const PROBLEMS: Readonly<Record<number, string>> = {
  400: 'Not JSON, or no address',
  403: 'Asked by a page of elsewhere',
  404: 'There is none',
  409: 'Another one is there under this id or revision',
  413: 'Too large',
  421: 'Asked by a name this server does not go by',
  422: 'A field is wrong; it is named',
  429: 'Asked too often; Retry-After says when again',
  500: 'Something broke on the server; nothing that was confirmed is lost',
  503: 'Busy; to be asked again',
  507: 'No room to write; nothing that was confirmed is lost',
};

/** What any address may answer. */
const ANYWHERE = [400, 403, 421, 429, 500, 503];

const QUERY: Readonly<Record<QueryField['is'], JsonSchema>> = {
  text: TEXT,
  instant: { type: 'string', format: 'date-time' },
  limit: { type: 'integer', minimum: 1, maximum: LARGEST_PAGE },
  flag: { type: 'string', enum: ['yes'] },
};

/** The OpenAPI 3.1 document of the whole API, made from the routes and the schemas that check what comes in. */
export function openApiDocument(version: string): OpenApi {
  const paths: OpenApi['paths'] = {};
  for (const route of everyRoute()) {
    for (const { address, operation } of operationsOf(route)) paths[address] = { ...paths[address], [route.method]: operation };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Proper Swing',
      version,
      description: 'Calls on doors, their readings and corrections, and the engine behind them. Lengths are in millimetres.',
    },
    paths,
    components: { schemas: componentSchemas() },
  };
}

/** The operations of a route: one, but for running the engine, where each function has its own request and answer. */
function operationsOf(route: Route): { address: string; operation: Operation }[] {
  if (route.path === ROUTES.engineRun.path && route.method === 'post') {
    return ENGINE.map(({ name, title, request, result, example }) => ({
      address: pathOf(route, { name }),
      operation: {
        ...operationOf(route, []),
        summary: title,
        requestBody: { required: true, content: { 'application/json': { schema: toJsonSchema(request), example } } },
        responses: { ...responsesOf(route), 200: json(toJsonSchema(result), 'The answer') },
      },
    }));
  }
  const parts = [...route.path.matchAll(/:(\w+)/g)].flatMap(([, name]) => name ?? []);
  const address = `${API}${route.path.replace(/:(\w+)/g, '{$1}')}`;
  return [{ address, operation: operationOf(route, parts) }];
}

function operationOf(route: Route, parts: readonly string[]): Operation {
  const parameters = [
    ...parts.map((name) => ({ name, in: 'path', required: true, schema: TEXT })),
    ...Object.entries(route.query ?? {}).map(([name, { is, says, of }]) => ({
      ...{ name, in: 'query', description: says },
      schema: of === undefined ? QUERY[is] : { ...QUERY[is], enum: of },
    })),
  ];
  return {
    summary: route.summary,
    ...(parameters.length > 0 && { parameters }),
    ...(route.takes !== undefined && { requestBody: { required: true, content: { 'application/json': { schema: ref(route.takes) } } } }),
    responses: responsesOf(route),
  };
}

function responsesOf({ method, gives, problems = [] }: Route): Operation['responses'] {
  const isWrite = method === 'put';
  return {
    200: json(ref(gives), isWrite ? 'It was there already' : 'The answer'),
    ...(isWrite && { 201: json(ref(gives), 'Written') }),
    ...Object.fromEntries([...problems, ...ANYWHERE].map((status) => [status, problem(PROBLEMS[status] ?? '')])),
  };
}

const json = (schema: JsonSchema, description: string) => ({ description, content: { 'application/json': { schema } } });

const problem = (description: string) => ({ description, content: { 'application/problem+json': { schema: ref('Problem') } } });

function componentSchemas(): Record<string, JsonSchema> {
  const inCall = (manner: 'card' | 'entry') =>
    RECORD_KINDS.flatMap((each) => (each.manner === manner && each.inCall !== undefined ? [[each.inCall, ref(each.kind)] as const] : []));
  const cards = Object.fromEntries(inCall('card'));
  const lists = Object.fromEntries(inCall('entry').map(([name, schema]) => [name, listOf(schema)]));
  const count = { type: 'integer', minimum: 0 };
  const callSummary = objectOf({ ...cards, readingCount: count, adjustmentCount: count });
  const visited = { callCount: count, openCount: count, lastCall: { type: ['string', 'null'] } };
  const doorSummary = objectOf({ door: ref('doors'), site: ref('sites'), ...visited });
  return {
    ...Object.fromEntries(RECORD_KINDS.map(({ kind }) => [kind, toJsonSchema(recordSchema(kind))])),
    ...Object.fromEntries(RECORD_KINDS.map(({ kind }) => [`${kind}Page`, pageOf(ref(kind))])),
    CallRecord: objectOf({ ...cards, ...lists }),
    CallSummaryPage: pageOf(callSummary),
    DoorHistory: objectOf({ door: ref('doors'), site: ref('sites'), calls: listOf(ref('CallRecord')), next: { type: ['string', 'null'] } }),
    DoorSummaryPage: pageOf(doorSummary),
    SiteSummaryPage: pageOf(objectOf({ site: ref('sites'), doorCount: count, ...visited })),
    SiteHistory: objectOf({
      ...{ site: ref('sites'), doors: listOf(doorSummary), calls: listOf(callSummary) },
      next: { type: ['string', 'null'] },
    }),
    SearchResults: objectOf({
      hits: listOf(
        objectOf({ kind: { enum: SEARCHED }, site: ref('sites') }, { door: ref('doors'), call: ref('calls'), note: ref('notes') }),
      ),
    }),
    WorkingSet: objectOf({ histories: listOf(ref('DoorHistory')), sites: listOf(ref('sites')) }),
    RecordBatch: objectOf({
      writes: {
        ...listOf(objectOf({ kind: { enum: RECORD_KINDS.map(({ kind }) => kind) }, body: { type: 'object' } })),
        maxItems: LARGEST_BATCH,
      },
    }),
    RecordBatchAnswers: objectOf({
      answers: listOf(objectOf({ status: { type: 'integer' } }, { body: { type: 'object' }, problem: ref('Problem') })),
    }),
    RecordsAskedFor: objectOf({
      of: {
        ...listOf(objectOf({ kind: { enum: RECORD_KINDS.map(({ kind }) => kind) }, id: TEXT }, { revision: count })),
        maxItems: MOST_ASKED_FOR,
      },
    }),
    RecordsMissing: objectOf({ missing: listOf(count) }),
    Health: objectOf({ status: { type: 'string', enum: ['ok'] }, version: TEXT }),
    EngineList: listOf(objectOf({ name: TEXT, title: TEXT })),
    EngineDescription: objectOf({
      name: TEXT,
      title: TEXT,
      request: { type: 'object' },
      result: { type: 'object' },
      example: objectOf({ request: {}, result: {} }),
    }),
    OpenApi: { type: 'object' },
    Problem: objectOf(
      { type: TEXT, title: TEXT, status: { type: 'integer' }, detail: TEXT },
      { instance: TEXT, errors: listOf(objectOf({ field: TEXT, message: TEXT })) },
    ),
  };
}
