import { chooseFixing } from './fixing';
import { layHinges, type HingesToLay } from './hingeLayout';
import { AGREE_WITHIN_MM, layStrikes, type StrikesToLay } from './strikeLayout';

const IN = 25.4;
const plate = { plateMm: 57, plateWideMm: 28, plateThickMm: 1.6 };
const asked: StrikesToLay = {
  ...{ headGapMm: 3, stopGapMm: 1, boreMm: IN, jambThicknessMm: 20 },
  latch: { belowTopMm: 1040, fromFaceMm: 22, ...plate },
  deadbolt: { belowTopMm: 900, fromFaceMm: 22, ...plate },
};

describe('strikes (common practice, no source)', () => {
  it('hole on the jamb is lower than the bolt on the slab by the head gap; 1 in, half for the latch, through for the deadbolt', () => {
    const { strikes, mayCut } = layStrikes(asked);
    expect(strikes[0]).toMatchObject({
      cut: { belowHeadMm: 1043, fromStopMm: 23 },
      bore: { deepMm: 10, isThrough: false },
      state: 'measured',
    });
    expect(strikes[1]).toMatchObject({ bore: { mm: IN, deepMm: 20, isThrough: true } });
    expect(mayCut).toBe(true);
  });

  it('about 1-1/16 in from the stop for a slab of 1-3/4 with its bolt in the middle and a strip of 3/16', () => {
    const [strike] = layStrikes({ ...asked, stopGapMm: (3 / 16) * IN, latch: { ...asked.latch, fromFaceMm: (7 / 8) * IN } }).strikes;
    expect((strike?.cut.fromStopMm ?? 0) / IN).toBeCloseTo(1 + 1 / 16, 9);
  });

  it('where mark and measure agree within 1/16 in the mark is cut, beyond that nothing is', () => {
    const marked = (down: number) => layStrikes({ ...asked, latch: { ...asked.latch, markBelowHeadMm: 1043 + down, markFromStopMm: 23 } });
    expect(marked(AGREE_WITHIN_MM).strikes[0]).toMatchObject({ state: 'agree', cut: { belowHeadMm: 1043 + AGREE_WITHIN_MM } });
    expect(marked(AGREE_WITHIN_MM).mayCut).toBe(true);
    expect(marked(-1.7).strikes[0]).toMatchObject({ state: 'differ', offMm: { across: 0 } });
    expect(marked(-1.7).mayCut).toBe(false);
    expect(AGREE_WITHIN_MM).toBeCloseTo(IN / 16, 9);
  });

  it('the slab is bored at the backset, its edge in the middle of its thickness or as far off as the bolt is', () => {
    expect(layStrikes(asked).slab).toEqual([]);
    const { slab } = layStrikes({ ...asked, backsetMm: 60, slabThicknessMm: 40 });
    expect(slab).toEqual([
      { bolt: 'latch', belowTopMm: 1040, backsetMm: 60, fromFaceMm: 22, offMiddleMm: 2 },
      { bolt: 'deadbolt', belowTopMm: 900, backsetMm: 60, fromFaceMm: 22, offMiddleMm: 2 },
    ]);
  });

  it('the plate is traced about the hole', () => {
    expect(layStrikes(asked).strikes[0]?.plate).toEqual({ topMm: 1043 - 28.5, footMm: 1043 + 28.5, nearMm: 9, farMm: 37, recessMm: 1.6 });
  });
});

const hinges: HingesToLay = {
  ...{ slabHeightMm: 1981, headGapMm: 3, hingeMm: 100, hinges: 3, school: '7/11', leafMm: 2.5, slabThicknessMm: 44, backsetMm: 6 },
  ...{ leafWideMm: 44, pattern: 'zigzag', screws: 4, jambMm: 19, packMm: 6 },
};

describe('hinges let in', () => {
  it('the recess is as deep as a leaf and as wide as it lies on; the pin stands off by the rest', () => {
    expect(layHinges(hinges)).toMatchObject({ recess: { longMm: 100, wideMm: 38, deepMm: 2.5 }, knuckleOutMm: 6 });
  });

  it('marks the holes that lie over the framing', () => {
    const { holes } = layHinges({ ...hinges, framingFromMm: 20 });
    expect(holes.map(({ downMm }) => downMm)).toEqual([12.5, 37.5, 62.5, 87.5]);
    expect(holes.map(({ reaches }) => reaches)).toEqual([false, true, false, true]);
    expect(layHinges(hinges).holes.some(({ reaches }) => reaches)).toBe(false);
    expect(layHinges({ ...hinges, pattern: 'line' }).holes.every(({ fromEdgeMm }) => fromEdgeMm === 19)).toBe(true);
  });

  it('a jig opens wider than the recess by bush less cutter', () => {
    expect(layHinges({ ...hinges, bushMm: 16, cutterMm: 12 }).jig).toEqual({ longMm: 104, wideMm: 42 });
    expect(layHinges(hinges).jig).toBeUndefined();
  });

  it('what the old slab hands over is compared with the frame: hinges and lock', () => {
    const carried = layHinges({ ...hinges, oldTopsMm: [180, 900, 1600], frameTopsMm: [183, 903.5, 1602], oldBoltMm: 1000, strikeMm: 1005 });
    expect(carried.marks.marks.map(({ frameOffMm }) => frameOffMm)).toEqual([0, 0.5, -1]);
    expect(carried.boltOffMm).toBe(2);
  });

  it('a leaf that is narrower than the edge it is to lie on is refused', () => {
    expect(() => layHinges({ ...hinges, leafWideMm: 30 })).toThrow('set it back more');
  });
});

describe('a fixing', () => {
  it('is the shortest sold that reaches so far into the framing', () => {
    expect(chooseFixing({ throughMm: 31, biteMm: 25.4 })).toMatchObject({ state: 'fits', lengthMm: 2.25 * IN });
  });

  it('stays short of what lies behind, with less bite, or none', () => {
    expect(chooseFixing({ throughMm: 31, biteMm: 25.4, behindMm: 50 })).toMatchObject({
      state: 'shortBite',
      lengthMm: 1.75 * IN,
      mostMm: 47,
    });
    expect(chooseFixing({ throughMm: 31, biteMm: 25.4, behindMm: 36 }).state).toBe('none');
  });
});
