import type { PanelKind } from './card/panel';
import { WALK } from './geometry/stations';
import type { Observed } from './observed';
import { panel, readingsOf } from './panel.fixture';
import { diagnose } from './slidingAnswers';
import type { CauseId } from './tables/causes';
import { findingsFor } from './tables/findings';

type Findings = Observed['findings'];

const chanceOf = (kind: PanelKind, id: CauseId, findings: Findings, moved: Readonly<Record<string, number>> = {}) => {
  const door = panel(kind);
  return diagnose({ door, readings: readingsOf(door, moved, WALK), findings }).causes.find((each) => each.id === id)?.probability ?? 0;
};

const STIFF = [
  { finding: 'pull', answer: 'stiff' },
  { finding: 'where', answer: 'along' },
] as const;

describe('checks that tell one cause from its likes', () => {
  it.each([
    ['oiled axles speak of stiff wheels', 'glass', 'wheelStiff', 'oiled', 'easier', 'same', STIFF],
    ['a wheel that knocks on its axle is worn', 'glass', 'rollersWorn', 'rocked', 'rocks', 'firm', STIFF],
    ['a screw without a stop is dead', 'glass', 'screwDead', 'screwStops', 'endless', 'stops', []],
    ['a hanger that gives has its nut backed off', 'pocket', 'nutBacked', 'hangerGives', 'gives', 'firm', []],
    ['or its plate slipped', 'bypass', 'hangerSlipped', 'hangerGives', 'gives', 'firm', []],
    ['a pivot that gives is loose in its corner', 'bifold', 'pivotLoose', 'gives', 'corner', 'nothing', []],
    ['a bracket that gives is loose', 'bifold', 'bracketLoose', 'gives', 'bracket', 'nothing', []],
    ['leaves that give at their joint have loose hinges', 'bifold', 'leafHinge', 'gives', 'joint', 'nothing', []],
  ] as const)('%s', (_, kind, cause, finding, yes, no, besides) => {
    const chance = (answer: string) => chanceOf(kind, cause, [...besides, { finding, answer }]);
    expect(chance(yes)).toBeGreaterThan(3 * chance(no));
  });

  it('top wheels that clamp are told by backing them off, where there is hardly room above the screen', () => {
    const clamped = (answer: 'easier' | 'same', moved: Readonly<Record<string, number>>) =>
      chanceOf('screen', 'topWheelsHard', [{ finding: 'backedOff', answer }], moved);
    expect(clamped('easier', { headRoom: -2.5 })).toBeGreaterThan(clamped('same', { headRoom: -2.5 }) + 0.2);
    expect(clamped('easier', {})).toBeLessThan(0.1);
  });

  it('are asked of the panels that have what is tried', () => {
    const asks = (kind: PanelKind) =>
      findingsFor(kind).flatMap(({ id }) =>
        ['rocked', 'oiled', 'backedOff', 'gives', 'wiped', 'screwStops', 'hangerGives'].includes(id) ? [id] : [],
      );
    expect(asks('glass').toSorted()).toEqual(['oiled', 'rocked', 'screwStops', 'wiped']);
    expect(asks('screen').toSorted()).toEqual(['backedOff', 'oiled', 'rocked', 'screwStops', 'wiped']);
    expect(asks('pocket').toSorted()).toEqual(['hangerGives', 'oiled', 'wiped']);
    expect(asks('bifold').toSorted()).toEqual(['gives', 'wiped']);
  });
});

describe('shapes of a fault', () => {
  it('one roller worn more than the other lets down its end', () => {
    const worn = [...STIFF, { finding: 'wheels', answer: 'wobbles' }, { finding: 'screws', answer: 'move' }] as const;
    for (const moved of [{ leadRise: -3 }, { trailRise: -3 }]) {
      expect(chanceOf('glass', 'rollersWorn', [...worn], moved)).toBeGreaterThan(0.8);
    }
  });

  it('a pivot can work in its corner before anything has come down', () => {
    const works = [
      { finding: 'corners', answer: 'loose' },
      { finding: 'gives', answer: 'corner' },
      { finding: 'pull', answer: 'free' },
    ] as const;
    expect(chanceOf('bifold', 'pivotLoose', [...works])).toBeGreaterThan(0.9);
  });

  it('a sill that has sunk in the middle is out of level as well', () => {
    const door = panel('glass');
    const sunk = readingsOf(door, { trackHump: -5 });
    const { causes } = diagnose({ door, readings: sunk, findings: [] });
    expect(causes[0]?.id).toBe('trackOut');
  });
});
