import { judgeGap } from './judgeGap';
import { EDGES, PROFILE_IDS, toleranceProfile } from '../hinged/card/profiles';

describe('judging a gap', () => {
  it.each(PROFILE_IDS)('%s: right at its limits and its target, tight below, wide above, a rub at nought', (profile) => {
    const judged = toleranceProfile(profile);
    for (const edge of EDGES) {
      const { min, target, max } = judged.edges[edge];
      expect([min, target, max].map((mm) => judgeGap(judged, edge, mm))).toEqual(['right', 'right', 'right']);
      expect(judgeGap(judged, edge, min - 0.1)).toBe('tight');
      expect(judgeGap(judged, edge, max + 0.1)).toBe('wide');
      expect(judgeGap(judged, edge, 0)).toBe('rub');
      expect(judgeGap(judged, edge, -2)).toBe('rub');
    }
  });

  it('every profile is in order and says where its figures come from', () => {
    for (const id of PROFILE_IDS) {
      const { edges, evenWithin, source } = toleranceProfile(id);
      for (const edge of EDGES) {
        expect(edges[edge].min).toBeLessThan(edges[edge].target);
        expect(edges[edge].target).toBeLessThan(edges[edge].max);
      }
      expect(evenWithin).toBeGreaterThan(0);
      expect(source).not.toBe('');
    }
  });

  // Common practice, no source: hooks of a multipoint lock reach their keeps at 4 to 6 mm, and not at 10.
  it('a composite door wants 4 to 6 mm at its locking side', () => {
    const composite = toleranceProfile('compositeMultipoint');
    expect(judgeGap(composite, 'latch', 5)).toBe('right');
    expect(judgeGap(composite, 'latch', 10)).toBe('wide');
    expect(judgeGap(composite, 'latch', 3.5)).toBe('tight');
  });
});
