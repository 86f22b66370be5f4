import { ENGINE } from './engine/register';
import { toJsonSchema, type JsonSchema } from './jsonSchema';
import { RECORD_KINDS, type RecordKindEntry } from './record/kinds';
import { API, PATHS } from './record/paths';

const problem = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
});

const json = (schema: JsonSchema, description: string) => ({ description, content: { 'application/json': { schema } } });

/** The OpenAPI 3.1 document of the whole API, made from the same schemas that check what comes in. */
export function openApiDocument(version: string): Record<string, unknown> {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Proper Swing',
      version,
      description: 'Calls on doors, their readings and corrections, and the engine behind them. Lengths are in millimetres.',
    },
    paths: {
      [PATHS.health]: { get: { summary: 'Whether the server is up', responses: { 200: json({ type: 'object' }, 'It is') } } },
      ...Object.assign({}, ...RECORD_KINDS.map(recordPaths)),
      ...Object.assign(
        {},
        ...ENGINE.map(({ name, title, request, result, example }) => ({
          [PATHS.engineRun(name)]: {
            post: {
              summary: title,
              requestBody: { required: true, content: { 'application/json': { schema: toJsonSchema(request), example } } },
              responses: {
                200: json(toJsonSchema(result), 'The answer'),
                400: problem('Not JSON'),
                413: problem('Too large'),
                422: problem('A field is wrong; it is named'),
              },
            },
          },
        })),
      ),
    },
    components: {
      schemas: {
        ...Object.fromEntries(RECORD_KINDS.map(({ kind, schema }) => [kind, toJsonSchema(schema)])),
        Problem: {
          type: 'object',
          required: ['type', 'title', 'status', 'detail'],
          properties: {
            type: { type: 'string' },
            title: { type: 'string' },
            status: { type: 'integer' },
            detail: { type: 'string' },
            instance: { type: 'string' },
            errors: {
              type: 'array',
              items: {
                type: 'object',
                required: ['field', 'message'],
                properties: { field: { type: 'string' }, message: { type: 'string' } },
              },
            },
          },
        },
      },
    },
  };
}

function recordPaths({ kind, title, manner, parent }: RecordKindEntry): Record<string, unknown> {
  const schema = { $ref: `#/components/schemas/${kind}` };
  const filter =
    parent === undefined
      ? []
      : [{ name: parent.field, in: 'query', schema: { type: 'string' }, description: `Only those of this ${parent.kind}` }];
  return {
    [`${API}/${kind}/{id}`]: {
      parameters: [{ name: 'id', in: 'path', required: true, schema: { type: 'string' } }],
      get: { summary: `Read: ${title}`, responses: { 200: json(schema, title), 404: problem('There is none') } },
      put: {
        summary: manner === 'card' ? `Write or correct: ${title}` : `Write once: ${title}. The same again is harmless.`,
        requestBody: { required: true, content: { 'application/json': { schema } } },
        responses: {
          200: json(schema, 'It was there already'),
          201: json(schema, 'Written'),
          409: problem('Another one is there under this id or revision'),
          422: problem('A field is wrong; it is named'),
        },
      },
    },
    [`${API}/${kind}`]: {
      get: {
        summary: `List: ${title}`,
        parameters: [
          { name: 'cursor', in: 'query', schema: { type: 'string' } },
          { name: 'limit', in: 'query', schema: { type: 'integer', minimum: 1, maximum: 200 } },
          ...filter,
        ],
        responses: {
          200: json(
            {
              type: 'object',
              required: ['items', 'next'],
              properties: { items: { type: 'array', items: schema }, next: { type: ['string', 'null'] } },
            },
            'A page',
          ),
        },
      },
    },
  };
}
