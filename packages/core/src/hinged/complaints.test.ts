import { EXAMPLE_DOOR as door } from './exampleDoor';
import { believe, diagnose, planFor } from './hingedAnswers';
import type { AnsweredFinding, Observed } from './observed';
import type { CauseId } from './tables/causes';

const told = (...answers: string[]): Observed => ({
  door,
  readings: [],
  findings: answers.map((answer): AnsweredFinding => ({ finding: 'complaint', answer })),
});
const chance = (observed: Observed, cause: CauseId) => diagnose(observed).causes.find(({ id }) => id === cause)?.probability ?? 0;

describe('more than one complaint', () => {
  it('each speaks for its own cause, and what is told besides counts for less than what is told alone', () => {
    const both = told('rubsHead', 'rattles');
    expect(chance(both, 'headOut')).toBeGreaterThan(chance(told('rattles'), 'headOut'));
    expect(chance(both, 'strikeDepth')).toBeGreaterThan(chance(told('rubsHead'), 'strikeDepth'));
    expect(chance(both, 'headOut')).toBeGreaterThan(chance(told('rattles', 'rubsHead'), 'headOut'));
  });

  it('what stands beside the gaps is read for each', () => {
    const stations = (observed: Observed) => planFor(observed, believe(observed)).unknown.map(({ station }) => station);
    expect(stations(told('swingsItself', 'rattles'))).toEqual(expect.arrayContaining(['plumb.across', 'stop.top']));
    expect(stations(told('rattles'))).not.toContain('plumb.across');
  });
});
