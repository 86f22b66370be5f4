import { ACTIONS } from '../tables/actions';
import { usualHingeHeights, HINGE_LAYOUTS } from './door';
import { EVEN_GAPS, EXAMPLE_DOOR, readingsOf } from '../exampleDoor';
import { planCorrections } from '../hingedAnswers';
import type { Observed } from '../observed';
import { schoolsFor } from '../tables/schoolsFor';
import { leftOutBySchool, school, SCHOOL_IDS, type SchoolChoices } from './schools';

const drifting = (schools?: SchoolChoices): Observed => ({
  door: { ...EXAMPLE_DOOR, schools },
  readings: readingsOf({ ...EVEN_GAPS, 'bolt.low': 0, 'plumb.across': 6.5 }),
  findings: [{ finding: 'halfOpen', answer: 'closes' }],
});
const planned = (observed: Observed) => planCorrections(observed).plans.flatMap(({ steps }) => steps.map(({ action }) => action));

describe('schools', () => {
  it('by none chosen both are weighed; by one chosen the other is left out, and the plan says why', () => {
    expect(planned(drifting())).toEqual(expect.arrayContaining(['bendPin', 'throwHinge']));
    expect(planned(drifting({ drift: 'friction' }))).not.toContain('throwHinge');
    expect(planned(drifting({ drift: 'geometry' }))).toContain('throwHinge');
    expect(planned(drifting({ drift: 'geometry' }))).not.toContain('bendPin');
    const { ruledOut } = planCorrections(drifting({ drift: 'geometry' }));
    expect(ruledOut.find(({ action }) => action === 'bendPin')?.why).toContain('geometry');
    expect(leftOutBySchool({ hingeMove: 'packing' }, 'bendKnuckles')).toContain('packing');
    expect(leftOutBySchool(null, 'bendKnuckles')).toBeUndefined();
  });

  it('leaves out only actions that there are, and never all ways of doing a thing', () => {
    const known = ACTIONS.map(({ id }) => id);
    for (const id of SCHOOL_IDS) {
      const ways = Object.values(school(id).ways);
      expect(ways.length).toBeGreaterThan(1);
      for (const { leavesOut } of ways) {
        expect(known).toEqual(expect.arrayContaining([...leavesOut]));
        expect(ways.some((other) => other.leavesOut.every((action) => !leavesOut.includes(action)))).toBe(true);
      }
    }
  });

  it('gives no choice where the door leaves none: a fire door none at all, adjustable hinges none in moving them', () => {
    expect(schoolsFor(EXAMPLE_DOOR)).toEqual(SCHOOL_IDS);
    expect(schoolsFor({ ...EXAMPLE_DOOR, hingeKind: 'adjustable' })).not.toContain('hingeMove');
    expect(schoolsFor({ ...EXAMPLE_DOOR, fireRated: true })).toEqual([]);
  });

  // Common practice, no source: top hinge 5, 6 or 7 in down, bottom hinge 9, 10 or 11 in up, the third midway.
  it.each([
    ['fiveAndNine', 5, 9],
    ['sixAndTen', 6, 10],
    ['sevenAndTen', 7, 10],
    ['sevenAndEleven', 7, 11],
  ] as const)('sets hinges where the layout %s has them', (layout, down, up) => {
    const [top, middle, bottom] = usualHingeHeights(2032, 3, layout);
    expect(top).toBe(Math.round(down * 25.4));
    expect(bottom).toBe(Math.round(2032 - up * 25.4));
    expect(middle).toBeCloseTo(((top ?? 0) + (bottom ?? 0)) / 2, -0.5);
    expect(HINGE_LAYOUTS[layout].label).toContain(`${down}`);
  });
});
