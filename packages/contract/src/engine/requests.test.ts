import { ENGINE, runEngine } from '.';
import { toJsonSchema, type JsonSchema } from '../jsonSchema';
import { check } from '../validate';
import type { Observed } from '@proper-swing/core';
import { withoutAbsent } from '../fields/withoutAbsent';

const faultsOf = (request: Parameters<typeof check>[0], input: unknown) => {
  const checked = check(request, input);
  return checked.ok ? [] : checked.errors.map(({ field }) => field);
};

interface Figure {
  path: string[];
  minimum?: number;
  maximum?: number;
}

/** Every figure of a request that its example fills, with its limits. */
function figuresIn(schema: JsonSchema, example: unknown, path: string[] = []): Figure[] {
  const { type, properties, items, minimum, maximum } = schema as {
    type?: string;
    properties?: Record<string, JsonSchema>;
    items?: JsonSchema;
    minimum?: number;
    maximum?: number;
  };
  if ((type === 'number' || type === 'integer') && typeof example === 'number') {
    return [{ path, ...(minimum !== undefined && { minimum }), ...(maximum !== undefined && { maximum }) }];
  }
  if (properties !== undefined && typeof example === 'object' && example !== null) {
    return Object.entries(properties).flatMap(([name, each]) =>
      figuresIn(each, (example as Record<string, unknown>)[name], [...path, name]),
    );
  }
  if (items !== undefined && Array.isArray(example)) return example.slice(0, 1).flatMap((each) => figuresIn(items, each, [...path, '0']));
  return [];
}

/** Every place in a request, lists by their first. */
function placesIn(example: unknown, path: string[] = []): string[][] {
  const within = typeof example === 'object' && example !== null ? Object.entries(example) : [];
  return within
    .filter(([name]) => !Array.isArray(example) || name === '0')
    .flatMap(([name, each]) => [[...path, name], ...placesIn(each, [...path, name])]);
}

/** A copy of the example with another value at a path. */
function withValue(example: unknown, [name = '', ...rest]: readonly string[], value: unknown): unknown {
  const put = (was: unknown) => (rest.length === 0 ? value : withValue(was, rest, value));
  if (Array.isArray(example)) return example.map((each: unknown, i) => (String(i) === name ? put(each) : each));
  const object = example as Record<string, unknown>;
  return { ...object, [name]: put(object[name]) };
}

const inWords = (path: readonly string[]) =>
  path.reduce((sum, part) => (/^\d+$/.test(part) ? `${sum}[${part}]` : sum === '' ? part : `${sum}.${part}`), '');

describe.each(ENGINE.map(({ name, ...rest }) => ({ name, ...rest })))('the request of $name', ({ name, request, example }) => {
  const figures = figuresIn(toJsonSchema(request), example);

  it('takes its example', () => expect(faultsOf(request, example)).toEqual([]));

  if (name !== 'length.parse') {
    it('refuses each figure just outside its limits, and what is no number, at its field', () => {
      expect(figures.length).toBeGreaterThan(0);
      for (const { path, minimum, maximum } of figures) {
        const outside = [
          ...(minimum === undefined ? [] : [minimum - 0.001]),
          ...(maximum === undefined ? [] : [maximum + 0.001]),
          NaN,
          'x',
        ];
        for (const value of outside) {
          const faults = faultsOf(request, withValue(example, path, value));
          expect([inWords(path), value, faults.includes(inWords(path))]).toEqual([inWords(path), value, true]);
        }
      }
    });

    it('limits every length: nothing larger than any door gets into the arithmetic', () => {
      for (const { path, minimum, maximum } of figures.filter(({ path: at }) => /Mm$/.test(at.join('.')))) {
        expect([inWords(path), minimum !== undefined && maximum !== undefined]).toEqual([inWords(path), true]);
      }
    });
  }

  it('judges what is of another shape, in any place, and does not break', () => {
    const shapes = [1e21, 'x', true, null, [], {}, [[1]]];
    for (const path of placesIn(example)) {
      for (const shape of shapes) expect(() => faultsOf(request, withValue(example, path, shape))).not.toThrow();
    }
  });

  it('refuses what it does not know', () => {
    expect(faultsOf(request, { ...(example as object), colour: 'red' })).toContain('colour');
  });
});

describe('what is asked of the engine', () => {
  const { example } = ENGINE.find(({ name }) => name === 'hinged.plan') ?? {};
  const asked = example as Observed;
  const rounds = [
    {
      done: [{ action: 'planeLatch' as const, hinge: 'top' as const, amount: 2, planed: { fromMm: 2, toMm: 1 } }],
      readings: [
        { station: 'hinge.top' as const, mm: 2.1, instrument: 'rule' as const, stepMm: 0.5, again: true as const },
        { station: 'latch.top' as const, rubs: true as const, again: true as const },
      ],
      findings: [{ finding: 'topScrews' as const, answer: 'tight' }],
    },
  ];

  it('loses nothing on the way: readings with their instruments, rubs, checks, work and what was read after it', () => {
    const unreachable = ['plumb.across' as const, 'topScrews' as const];
    const observed = withoutAbsent({ ...asked, unreachable, rounds });
    expect(observed.door).toEqual(asked.door);
    expect(observed.readings).toEqual(asked.readings);
    expect(observed.findings).toEqual(asked.findings);
    expect(observed.rounds).toEqual(rounds);
    expect(observed.unreachable).toEqual(unreachable);
  });

  it('a plan hears what is not to be done, and its seed', () => {
    const plan = ENGINE.find(({ name }) => name === 'hinged.plan');
    if (plan === undefined) throw new Error('the engine plans');
    const planned = (more: object) =>
      runEngine(plan, { ...asked, ...more }) as { ruledOut: { action: string }[]; plans: { chances: object }[] };
    expect(planned({ without: ['shimStrip'] }).ruledOut.map(({ action }) => action)).toContain('shimStrip');
    const chances = [1, 2, 3].map((seed) => JSON.stringify(planned({ seed }).plans[0]?.chances));
    expect(new Set(chances).size).toBeGreaterThan(1);
    expect(JSON.stringify(planned({ seed: 1 }).plans[0]?.chances)).toBe(chances[0]);
  });
});
