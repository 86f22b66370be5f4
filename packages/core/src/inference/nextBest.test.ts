import { HATCH, hatch, soundHatch, sunkPeg, woodCheck, type Hatch } from '../hatch.fixture';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { believe } from './believe';
import { withChances } from './belief.fixture';
import { nextBest, whatNext } from './nextBest';
import type { Observations } from './observed';

const nothing: Observations = { readings: [], findings: [] };
const believed = (kind: DoorKind<Hatch> = HATCH, observed = nothing) => believe(modelOf(kind, hatch), observed);
const check = (id: string, otherwise: number, under: Readonly<Record<string, number>>) => ({
  ...woodCheck,
  id,
  chances: {
    otherwise: [otherwise, 100 - otherwise],
    ...Object.fromEntries(Object.entries(under).map(([cause, crushed]) => [cause, [crushed, 100 - crushed]])),
  },
});

it('names the checks that would tell most, the best first, and none that was answered or would tell nothing', () => {
  const kind = { ...HATCH, findings: [check('weak', 60, { sunk: 50 }), check('strong', 90, { sunk: 5 }), check('mute', 50, { sunk: 50 })] };
  const told = (answered: readonly string[]) =>
    whatNext(modelOf(kind, hatch), { readings: [], findings: answered.map((finding) => ({ finding, answer: 'crushed' })) }).checks;
  expect(told([])[0]).toBe('strong');
  expect(told([])).not.toContain('mute');
  expect(told(['strong'])).not.toContain('strong');
  // Beside the best only what would tell much as well is named.
  const { choices } = whatNext(modelOf({ ...kind, stations: kind.stations.slice(0, 1), walk: ['gap.left'] }, hatch), nothing);
  expect([choices[0]?.id, choices.some(({ id }) => id === 'weak'), choices.slice(1).every(({ bits }) => bits >= 0.05)]).toEqual([
    'strong',
    false,
    true,
  ]);
  // Nor one that was answered since the work.
  const findings = [{ finding: 'strong', answer: 'sound' }];
  const since = whatNext(modelOf(kind, hatch), { ...nothing, rounds: [{ done: [], readings: [], findings }] });
  expect(since.checks).not.toContain('strong');
});

describe('the cause is settled', () => {
  const asksToKnow = (chances: Readonly<Record<string, number>>) =>
    nextBest(nothing, withChances(believed(), chances)).choices[0]?.why.startsWith('known only to') === true;

  it('when one is 85 in 100 likely and every other at most 15', () => {
    expect(asksToKnow({ sunk: 0.85, sound: 0.15 })).toBe(true);
    expect(asksToKnow({ sunk: 0.84, sound: 0.1 })).toBe(false);
    expect(asksToKnow({ sunk: 0.9, sound: 0.16 })).toBe(false);
    expect(asksToKnow({ sunk: 0.9, sound: 0.9 })).toBe(true);
    expect(asksToKnow({ sunk: 0.1, sound: 0.1 })).toBe(false);
  });

  // Mutual information of the answer and two causes that are each other's contrary, by its definition, counted for both.
  it('when nothing that is left would tell a twentieth of a bit', () => {
    const entropy = (p: number) => -p * Math.log2(p) - (1 - p) * Math.log2(1 - p);
    const told = (a: number, b: number) => {
      const yes = (a + b) / 2;
      return 2 * (1 - yes * entropy(a / (a + b)) - (1 - yes) * entropy((1 - a) / (2 - a - b)));
    };
    const left = (sunk: number) => {
      const kind = {
        ...HATCH,
        findings: [check('wood', 50, { sunk })],
        stations: HATCH.stations.slice(0, 1),
        walk: ['gap.left'],
        signs: [],
      };
      return whatNext(modelOf({ ...kind, meeting: { ...HATCH.meeting, station: 'gap.left' } }, hatch), nothing);
    };
    expect([told(0.5, 0.68) < 0.05, told(0.5, 0.69) > 0.05]).toEqual([true, true]);
    expect(left(68).choices.find(({ id }) => id === 'wood')?.bits).toBeCloseTo(told(0.5, 0.68), 9);
    expect([left(68).enough, left(69).enough]).toEqual([true, false]);
  });

  it('and then the gap that is least known is asked for first, if it is known to less than 0.9 mm', () => {
    const spread = [
      { why: 'rough', sd: 2, moves: { left: 1 } },
      { why: 'rough', sd: 3, moves: { right: 1 } },
    ];
    const settled = (kind: DoorKind<Hatch>) => nextBest(nothing, withChances(believed(kind), { sound: 1 }));
    const only = { ...HATCH, causes: [soundHatch] };
    expect(settled({ ...only, spread }).choices.map(({ id }) => id)).toEqual(['gap.right', 'gap.left']);
    const known = (sd: number) => settled({ ...only, spread: [{ why: 'set by eye', sd, moves: { left: 1 } }] }).enough;
    // √(0.87² + 0.1² + 0.15²) = 0.888 mm, and 0.907 mm from 0.89 mm.
    expect([known(0.87), known(0.89)]).toEqual([true, false]);
  });
});

describe('why a look is taken', () => {
  const lifted = {
    ...sunkPeg,
    id: 'lifted',
    part: 'trimmer',
    called: 'a lifted trimmer',
    forms: [{ id: 'usual', share: 1, axes: [{ measure: 'up', mean: -0.2, sd: 0.1, moves: { left: 1 } }] }],
  };
  const kind = (causes: DoorKind<Hatch>['causes'], findings: ReturnType<typeof check>[]) =>
    ({ ...HATCH, causes, findings }) as DoorKind<Hatch>;
  const why = (made: DoorKind<Hatch>, id: string, observed = nothing) => {
    const everyGap = HATCH.stations.map(({ id: station }) => station);
    const bare = { ...made, stations: made.stations.map((each) => ({ ...each, minutes: 90 })) };
    const { choices } = nextBest(
      { ...observed, readings: everyGap.map((station) => ({ station, mm: 2 })) },
      believe(modelOf(bare, hatch), observed),
    );
    return choices.find((each) => each.id === id)?.why;
  };
  const crushed = { readings: [], findings: [{ finding: 'wood', answer: 'crushed' }] };

  it('is the two suppositions that it parts best', () => {
    expect(why(kind([soundHatch, sunkPeg], [check('wood', 5, { sunk: 90 })]), 'wood')).toMatch(
      /^tells (a sound hatch from a sunk peg|a sunk peg from a sound hatch)$/,
    );
    const three = [
      { ...soundHatch, prior: 0.2 },
      { ...sunkPeg, prior: 0.5 },
      { ...lifted, prior: 0.3, part: 'peg' },
    ];
    expect(why(kind(three, [check('lift', 5, { lifted: 90 })]), 'lift')).toBe('tells a sunk peg from a lifted trimmer');
    expect(why(kind(three, [check('wood', 5, { sunk: 90, lifted: 80 })]), 'wood')).toBe('tells a sunk peg from a sound hatch');
  });

  it('is whether a likely cause is at work with another', () => {
    const pair = [
      { ...soundHatch, prior: 0.1 },
      { ...sunkPeg, prior: 0.8 },
      { ...lifted, prior: 0.1 },
    ];
    const findings = [check('wood', 1, { sunk: 99 }), check('lift', 5, { lifted: 90 })];
    expect(why(kind(pair, findings), 'lift', crushed)).toBe('shows whether it is also a lifted trimmer');
  });

  it('is to confirm where there is only one supposition', () => {
    expect(why(kind([soundHatch], [check('wood', 5, {})]), 'wood')).toBe('confirms the cause');
  });
});

test('what was read and answered is not asked for again, and the rest is three at most', () => {
  const many = { ...HATCH, findings: ['a', 'b', 'c', 'd'].map((id) => check(id, 5, { sunk: 90 })) } as DoorKind<Hatch>;
  const asked = (observed: Observations) => whatNext(modelOf(many, hatch), observed).choices.map(({ id }) => id);
  expect(asked(nothing)).toHaveLength(3);
  expect(asked({ readings: [], findings: [{ finding: 'a', answer: 'sound' }] })).not.toContain('a');
});

it('it is not enough while a reading stands against all the others: that is taken again first', () => {
  const at = [0.1, 0.5, 0.9];
  const [left, , bolt] = HATCH.stations;
  if (left === undefined || bolt === undefined) throw new Error('the hatch has its stations');
  const rim: DoorKind<Hatch> = {
    ...HATCH,
    name: 'rim',
    stations: [...at.map((f) => ({ ...left, id: `gap.${f}`, f, weights: { left: 1 - f, right: f } })), bolt],
    walk: at.map((f) => `gap.${f}`),
    signs: [],
    causes: [soundHatch],
    findings: [],
  };
  const read = (middle: number, again: boolean): Observations => ({
    readings: [
      ...at.map((f) => ({ station: `gap.${f}`, mm: f === 0.5 ? middle : 2, ...(again && f === 0.5 && { again: true as const }) })),
      { station: 'bolt', mm: 0 },
    ],
    findings: [],
  });
  const next = (observed: Observations) => whatNext(modelOf(rim, hatch), observed);
  expect(next(read(2, false)).enough).toBe(true);
  const doubted = next(read(3.4, false));
  expect([doubted.enough, doubted.choices[0]?.id, doubted.choices[0]?.again]).toEqual([false, 'gap.0.5', true]);
  expect(doubted.choices[0]?.why).toMatch(/^read 3\.4, the others say 2\.\d mm$/);
  expect(next(read(3.4, true)).enough).toBe(true);
});
