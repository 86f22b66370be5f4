import fc, { type Arbitrary } from 'fast-check';

const nested = (depth: number): unknown => (depth === 0 ? [] : [nested(depth - 1)]);

/** What a broken or hostile client puts where something else belongs. */
const HOSTILE: readonly unknown[] = [
  ...[null, true, false, '', ' ', '0', 'NaN', '-1', 'undefined', 'bananas', [], {}, [[]], [null], { length: 1e9 }],
  ...[0, -0, -1, -50, 1e-320, 1e21, 1e308, -1e308, 2 ** 53, 0.1 + 0.2, 4.9999999999, 99999],
  ...['2026-02-30T08:00:00Z', '2026-13-01T00:00:00.000Z', '+275760-09-13T00:00:00.001Z', '1970-01-01T00:00:00Z'],
  ...[
    '\u0000',
    '\ud800',
    '\udfff x',
    '\u202e',
    '😀'.repeat(300),
    'x'.repeat(5000),
    '../../etc',
    "'; DROP TABLE call; --",
    '%00',
    '\r\nX: y',
  ],
  ...[nested(40), Array.from({ length: 500 }, () => 0), { constructor: { prototype: {} } }, { toString: 'x' }, { then: 1 }],
];

const hostile = fc.constantFrom(...HOSTILE);

/** A way to harm one value: another in its place, or, of a list or object, one part too few or too many. */
const harmOnce = fc.record({
  how: fc.constantFrom('replace', 'replace', 'replace', 'drop', 'add', 'repeat'),
  /** Which of its values is harmed, as a share of all there are. */
  at: fc.double({ min: 0, max: 0.999999, noNaN: true }),
  value: hostile,
  key: fc.constantFrom('colour', '__proto__', 'constructor', 'length', '', 'id', 'toJSON', 'a.b', '0'),
});

type Harm = typeof harmOnce extends Arbitrary<infer T> ? T : never;

/** The values an arbitrary makes, each with one to three places harmed. */
export const harmed = (sound: Arbitrary<unknown>): Arbitrary<unknown> =>
  fc.tuple(sound, fc.array(harmOnce, { minLength: 1, maxLength: 3 })).map(([value, harms]) => harms.reduce(harmedBy, value));

function harmedBy(value: unknown, harm: Harm): unknown {
  const place = placesIn(value);
  return changedAt(value, { left: Math.floor(harm.at * place) }, harm);
}

function placesIn(value: unknown): number {
  if (typeof value !== 'object' || value === null) return 1;
  return Object.values(value).reduce<number>((sum, each) => sum + placesIn(each), 1);
}

function changedAt(value: unknown, counting: { left: number }, harm: Harm): unknown {
  if (counting.left === 0) {
    counting.left -= 1;
    return changed(value, harm);
  }
  counting.left -= 1;
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) return value.map((each: unknown) => changedAt(each, counting, harm));
  return fromEntries(Object.entries(value).map(([key, each]) => [key, changedAt(each, counting, harm)]));
}

function changed(value: unknown, { how, value: other, key, at }: Harm): unknown {
  if (how === 'replace' || typeof value !== 'object' || value === null) return other;
  if (Array.isArray(value)) {
    const list = value as unknown[];
    const place = Math.floor(at * list.length);
    if (how === 'drop') return list.filter((_, i) => i !== place);
    return how === 'add' ? [...list, other] : [...list, ...list];
  }
  const entries = Object.entries(value);
  if (how === 'drop') return fromEntries(entries.filter((_, i) => i !== Math.floor(at * entries.length)));
  return fromEntries([...entries, [key, other]]);
}

/** Unlike Object.fromEntries, `__proto__` is a key as JSON has it. */
function fromEntries(entries: [string, unknown][]): unknown {
  const made = {};
  for (const [key, value] of entries) Object.defineProperty(made, key, { value, enumerable: true, configurable: true, writable: true });
  return made;
}
