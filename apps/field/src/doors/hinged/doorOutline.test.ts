import type { StationId } from '@proper-swing/core';
import { doorOutline } from './doorOutline';

const sized = { width: 240, height: 300, slabHeightMm: 2000, hingeHeightsMm: [150, 1000, 1750] };

const distance = (outline: ReturnType<typeof doorOutline>, id: StationId) => {
  const place = outline.stations.get(id);
  if (place === undefined) throw new Error(`no ${id}`);
  return Math.abs(place.onSlab.x - place.onOpening.x) + Math.abs(place.onSlab.y - place.onOpening.y);
};

describe('the door drawing', () => {
  it('draws a gap of 3 mm twenty times larger than the door', () => {
    const outline = doorOutline({ ...sized, gapsMm: new Map([['latch.mid', 3]]) });
    const pxPerMm = (outline.opening.bottom - outline.opening.top) / 2000;
    expect(distance(outline, 'latch.mid')).toBeCloseTo(3 * 20 * pxPerMm, 6);
    expect(outline.factor).toBe(20);
  });

  it('shows a sag: the latch gap narrows toward the top, and a rub runs into the leg', () => {
    const gapsMm = new Map<StationId, number>([
      ['latch.top', -1],
      ['latch.mid', 2],
      ['latch.bottom', 5],
    ]);
    const outline = doorOutline({ ...sized, gapsMm });
    const top = outline.stations.get('latch.top');
    expect(top?.onSlab.x).toBeGreaterThan(outline.opening.right);
    expect(distance(outline, 'latch.mid')).toBeLessThan(distance(outline, 'latch.bottom'));
  });

  it('keeps nonsense on the paper', () => {
    const outline = doorOutline({
      ...sized,
      gapsMm: new Map<StationId, number>([
        ['foot.mid', 500],
        ['head.mid', -80],
      ]),
    });
    expect(outline.slab).not.toContain('NaN');
    expect(distance(outline, 'foot.mid')).toBeLessThan(40);
  });

  it('puts a barrel at each hinge, from the top down', () => {
    const { hinges } = doorOutline({ ...sized, gapsMm: new Map() });
    expect(hinges).toHaveLength(3);
    expect(hinges.map(({ y }) => y)).toEqual([...hinges.map(({ y }) => y)].sort((a, b) => a - b));
  });
});
