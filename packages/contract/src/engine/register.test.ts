import Ajv2020 from 'ajv/dist/2020';
import { DomainError } from '@proper-swing/core';
import { describeEngine, ENGINE, engineFunction, EngineRequestError, runEngine } from './register';

const byName = (name: string) => {
  const found = engineFunction(name);
  if (found === undefined) throw new Error(`no ${name}`);
  return found;
};

const diagnose = byName('hinged.diagnose');
const example = diagnose.example as { door: Record<string, unknown>; readings: unknown[]; findings: unknown[] };

function fieldsRefused(input: unknown): string[] {
  try {
    runEngine(diagnose, input);
  } catch (error) {
    if (error instanceof EngineRequestError) return error.errors.map(({ field }) => field);
    if (error instanceof DomainError) return [error.field];
    throw error;
  }
  return [];
}

describe('the register of engine functions', () => {
  it.each(ENGINE.map(({ name }) => name))('%s: request and result of the example pass its JSON Schemas, judged by ajv', (name) => {
    const { request, result, example: shown, title } = describeEngine(byName(name));
    const ajv = new Ajv2020({ strict: true, allErrors: true });
    expect(title).not.toBe('');
    expect(ajv.validate(request, shown.request) ? [] : ajv.errors).toEqual([]);
    const sent = JSON.parse(JSON.stringify(shown.result)) as unknown;
    expect(ajv.validate(result, sent) ? [] : ajv.errors).toEqual([]);
  });

  it('every number of a request says its unit or meaning', () => {
    const bare: string[] = [];
    const walk = (schema: Record<string, unknown>, path: string) => {
      if (schema['type'] === 'number' && schema['description'] === undefined) bare.push(path);
      for (const [key, value] of Object.entries((schema['properties'] ?? {}) as Record<string, Record<string, unknown>>))
        walk(value, `${path}.${key}`);
      if (schema['items'] !== undefined) walk(schema['items'] as Record<string, unknown>, `${path}[]`);
    };
    for (const each of ENGINE) {
      const { request, result } = describeEngine(each);
      walk(request, `${each.name} request`);
      walk(result, `${each.name} result`);
    }
    expect(bare).toEqual([]);
  });

  it.each<[string, unknown, string]>([
    ['readings that are no list', { ...example, readings: 'x' }, 'readings'],
    ['a negative width', { ...example, door: { ...example.door, slabWidthMm: -762 } }, 'door.slabWidthMm'],
    ['a width that is not a number', { ...example, door: { ...example.door, slabWidthMm: NaN } }, 'door.slabWidthMm'],
    ['an endless width', { ...example, door: { ...example.door, slabWidthMm: Infinity } }, 'door.slabWidthMm'],
    ['a figure as text', { ...example, readings: [{ station: 'hinge.top', mm: '3' }] }, 'readings[0].mm'],
    ['an unknown station', { ...example, readings: [{ station: 'roof', mm: 3 }] }, 'readings[0].station'],
    ['a negative gap', { ...example, readings: [{ station: 'hinge.top', mm: -3 }] }, 'readings[0].mm'],
    ['neither figure nor rub', { ...example, readings: [{ station: 'hinge.top' }] }, 'readings[0]'],
    ['a level that rubs', { ...example, readings: [{ station: 'plumb.hinge', rubs: true }] }, 'readings[0].rubs'],
    ['an unknown key', { ...example, colour: 'green' }, 'colour'],
    ['hinges out of order', { ...example, door: { ...example.door, hingeHeightsMm: [900, 100] } }, 'door.hingeHeightsMm'],
    ['an answer that is none', { ...example, findings: [{ finding: 'topScrews', answer: 'green' }] }, 'findings[0].answer'],
    ['no body', undefined, 'door'],
    ['a number for a body', 7, '(body)'],
  ])('refuses %s and names the field', (_, input, field) => {
    expect(fieldsRefused(input)).toContain(field);
  });

  it('every fault is told at once', () => {
    expect(
      fieldsRefused({ ...example, readings: [{ station: 'roof' }], door: { ...example.door, profile: 'none', fireRated: 'no' } }),
    ).toEqual(expect.arrayContaining(['readings[0].station', 'door.profile', 'door.fireRated']));
  });
});
