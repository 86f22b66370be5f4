import { ACTIONS } from './tables/actions';
import { lookAgainAfter as lookAgainByTables } from '../planning/lookAgain';
import { HINGED } from './hingedDoors';

const lookAgainAfter = (action: string) => lookAgainByTables(HINGED, action);

describe('what to look at again after work', () => {
  // Common practice, no source: after screws, try them and lift the latch edge; after the strike, the latch; after a pin, let go.
  it.each([
    ['tighten', 'topScrews'],
    ['longScrew', 'liftPlay'],
    ['tightenBottom', 'bottomScrews'],
    ['bendKnuckles', 'topLeaves'],
    ['shim', 'springBack'],
    ['moveStrike', 'latch'],
    ['bendPin', 'halfOpen'],
    ['trimFoot', 'floorDrag'],
    ['turnKeeps', 'handle'],
  ] as const)('after %s: %s', (action, check) => {
    expect(lookAgainAfter(action)).toContain(check);
  });

  it('no more than two, none that is about the past, and nothing after what only time cures', () => {
    for (const { id } of ACTIONS) {
      const asked = lookAgainAfter(id);
      expect(asked.length).toBeLessThanOrEqual(2);
      expect(HINGED.findings.filter(({ id }) => asked.includes(id)).every(({ again }) => again)).toBe(true);
      expect(asked).not.toContain('event');
    }
    expect(lookAgainAfter('dryAndSeal')).toEqual([]);
  });
});
