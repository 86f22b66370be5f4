import { expectAt } from '../inference/expectation';
import { EXAMPLE_DOOR as door, EVEN_GAPS, readingsOf } from './exampleDoor';
import { believe, planFor } from './hingedAnswers';
import type { AnsweredFinding, DoneStep, Observed } from './observed';
import { ACTION_IDS } from './names/actionIds';
import { knownAs, recheckAfter, reckoningWith } from '../doors/work';
import { WORK_GROUPS } from './tables/workGroups';

const sagging = readingsOf({
  ...EVEN_GAPS,
  'hinge.top': 4.6,
  'hinge.mid': 3.2,
  'latch.top': 0.4,
  'latch.mid': 1.7,
  'head.mid': 4,
  'head.latch': 5,
});
const loose: AnsweredFinding[] = [
  { finding: 'topScrews', answer: 'loose' },
  { finding: 'bottomScrews', answer: 'loose' },
];
const after = (...done: DoneStep[]) => {
  const observed: Observed = { door, readings: sagging, findings: loose, rounds: [{ done, readings: [] }] };
  const belief = believe(observed);
  return (planFor(observed, belief).plans[0]?.steps ?? []).map(({ action }) => action);
};
const sdAt = (station: string, ...done: DoneStep[]) =>
  Math.sqrt(expectAt(believe({ door, readings: sagging, findings: [], rounds: [{ done, readings: [] }] }), station).variance);

describe('work at a hinge of its own', () => {
  it('is known by the name it has there: what was tightened at the bottom is not asked for again', () => {
    expect(after()).toEqual(expect.arrayContaining(['tighten', 'tightenBottom']));
    const bottom = after({ action: 'tighten', hinge: 'bottom', amount: 1 });
    expect(bottom).not.toContain('tightenBottom');
    expect(bottom).toContain('tighten');
    expect(after({ action: 'fillHoles', hinge: 'bottom', amount: 1 })).not.toContain('longScrewBottom');
  });

  it('between the ends it has cured nothing at the top, and leaves the gaps there less known', () => {
    const middle: DoneStep = { action: 'tighten', hinge: 'middle', amount: 1 };
    expect(after(middle)).toContain('tighten');
    expect(after({ action: 'tighten', hinge: 'top', amount: 1 })).not.toContain('tighten');
    expect(sdAt('hinge.mid', middle)).toBeGreaterThan(1.5 * sdAt('hinge.mid'));
  });

  it('told in words, it may have moved the hinge it was done at, and nothing where no hinge is named', () => {
    const told = (hinge?: DoneStep['hinge']): DoneStep => ({ action: 'otherWork', amount: 1, ...(hinge && { hinge }) });
    // One standard deviation of 0.8 mm at the place, beside what was known of the gap before.
    const before = sdAt('hinge.bottom');
    expect(sdAt('hinge.bottom', told('bottom'))).toBeGreaterThan(Math.hypot(before, 0.6));
    expect(sdAt('hinge.bottom', told())).toBeCloseTo(before, 9);
    expect([recheckAfter('otherWork', 'bottom')[0], recheckAfter('otherWork')]).toEqual(['hinge.bottom', []]);
    expect(recheckAfter('tighten', 'middle')).toContain('hinge.mid');
    expect(recheckAfter('tighten', 'bottom')).toContain('hinge.bottom');
  });

  it('is said to be reckoned with, by its place alone, or not at all', () => {
    expect([
      reckoningWith('tighten', 'top'),
      reckoningWith('tighten', 'bottom'),
      reckoningWith('tighten', 'middle'),
      reckoningWith('shimStrip', 'middle'),
      reckoningWith('replaceHinge', 'bottom'),
      reckoningWith('otherWork', 'top'),
      reckoningWith('otherWork', undefined),
    ]).toEqual(['known', 'known', 'place', 'known', 'place', 'place', 'nothing']);
  });

  it('can be written down, all of it, each in one place', () => {
    const listed: string[] = WORK_GROUPS.flatMap(({ actions }) => [...actions]);
    expect(new Set(listed).size).toBe(listed.length);
    const elsewhere: string[] = WORK_GROUPS.flatMap(({ actions }) => actions.map((id) => knownAs(id, 'bottom')));
    expect(ACTION_IDS.filter((id) => !listed.includes(id) && !elsewhere.includes(id))).toEqual([]);
  });
});
