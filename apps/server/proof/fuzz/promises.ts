import { API } from '@proper-swing/contract';
import type { JsonSchema, OpenApi } from '@proper-swing/contract/openApi';
import Ajv2020, { type ValidateFunction } from 'ajv/dist/2020';
import type { Answer, Asked } from '../asker';

/** What of an answer breaks a promise; nothing when it keeps it. */
type Promised = (trial: Asked, answer: Answer) => string | undefined;

/** No answer takes longer, ms. */
const LONGEST_MS = 1000;

/** What every answer keeps, whatever was asked. */
export function promisesOf(api: OpenApi): Readonly<Record<string, Promised>> {
  const schemaFor = schemasOf(api);
  return {
    'no 5xx': (_, { status, text }) => (status >= 500 ? `${status} ${text.slice(0, 300)}` : undefined),
    'within a second': (_, { millis }) => (millis > LONGEST_MS ? `${millis.toFixed(0)} ms` : undefined),
    'a status the description tells of': (trial, { status }) => {
      const told = schemaFor.statuses(trial);
      return told === undefined || told.includes(String(status)) ? undefined : `${status}, told of are ${told.join(', ')}`;
    },
    'a body as its schema says': (trial, answer) => {
      if (trial.method === 'head' || trial.method === 'options') return undefined;
      const body = parsed(answer.text);
      if (body === undefined) return `no JSON: ${answer.text.slice(0, 100)}`;
      const check = schemaFor.body(trial, answer.status);
      return check === undefined || check(body) ? undefined : JSON.stringify(check.errors?.slice(0, 3));
    },
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

/** Finds what the description says of an answer. */
function schemasOf(api: OpenApi) {
  const ajv = new Ajv2020({ strict: false, allErrors: true, validateFormats: false });
  ajv.addSchema({ $id: 'api', ...api });
  const compiled = new Map<string, ValidateFunction>();
  const compile = (pointer: string) => {
    const known = compiled.get(pointer) ?? ajv.compile({ $ref: `api#${pointer}` } satisfies JsonSchema);
    compiled.set(pointer, known);
    return known;
  };
  const addresses = Object.keys(api.paths).map((address) => ({
    address,
    matches: new RegExp(`^${address.replace(/[.]/g, '\\.').replace(/\{\w+\}/g, '[^/]+')}/?$`, 'i'),
  }));
  const operationFor = ({ method, path }: Asked) => {
    const [plain = ''] = path.split('?');
    // An address without parts is meant before one whose part is called the same.
    const found = [...addresses].filter(({ matches }) => matches.test(plain)).sort((a, b) => count(a.address) - count(b.address));
    return found
      .map(({ address }) => ({ address, operation: api.paths[address]?.[method] }))
      .find(({ operation }) => operation !== undefined);
  };
  return {
    statuses: (trial: Asked): string[] | undefined => {
      const operation = operationFor(trial)?.operation;
      return operation && Object.keys(operation.responses);
    },
    body: (trial: Asked, status: number): ValidateFunction | undefined => {
      if (status >= 400) return trial.path.toLowerCase().startsWith(API) ? compile('/components/schemas/Problem') : undefined;
      const found = operationFor(trial);
      const [type] = Object.keys(found?.operation?.responses[status]?.content ?? {});
      if (found === undefined || type === undefined) return undefined;
      const parts = ['paths', found.address, trial.method, 'responses', String(status), 'content', type, 'schema'];
      return compile(`/${parts.map((part) => encodeURIComponent(part.replaceAll('~', '~0').replaceAll('/', '~1'))).join('/')}`);
    },
  };
}

const count = (address: string) => address.split('{').length;
