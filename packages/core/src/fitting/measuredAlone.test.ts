import { fitHead } from './fitHead';
import { fitLining } from './lining';
import { HINGE_SCHOOL_IDS, HINGE_SCHOOLS, markHinges } from './marks';
import { reblock } from './reblock';
import { BARE_FLOOR_MM, shorten, type DoorToShorten } from './shorten';
import { fitPocket } from '../sheets/pocket/pocket';

const IN = 25.4;

describe('a head that is not level (common practice, no source)', () => {
  const head = { heightsMm: [1957, 1947], widthMm: 686, slabHeightMm: 1981, headGapMm: 2, footGapMm: 0 };

  it('is begun at the higher side: 1957 − 2 = 1955, then 10 mm to nothing', () => {
    const found = fitHead(head);
    expect(found).toMatchObject({ highest: 0, firstCutMm: 1955, cutMm: 26, deepestMm: 10 });
    expect(found.taper).toEqual([
      { at: 0, mm: 0 },
      { at: 686, mm: 10 },
    ]);
    expect(fitHead({ ...head, heightsMm: [1947, 1950, 1957] }).highest).toBe(2);
  });

  it('rail 5 off and 3 of gap are 8 off the second leaf’s head', () => {
    expect(fitHead({ ...head, headGapMm: 3, railOffMm: 5 }).railCutMm).toBe(8);
  });
});

describe('shortening (common practice, no source)', () => {
  const door: DoorToShorten = {
    ...{ heightsMm: [80.375 * IN], slabHeightMm: 80 * IN, headGapMm: IN / 8, clearanceMm: 10, thicknessMm: 35 },
    ...{ floor: 'bare', kind: 'solid' },
  };

  it('80-3/8 less 1/8 and 2 in over a bare floor are 78-1/4', () => {
    const found = shorten(door);
    expect(found.lengthMm / IN).toBeCloseTo(78.25, 9);
    expect(found.sums[0]?.steps.map(({ by }) => by)).toEqual([IN / 8, BARE_FLOOR_MM]);
  });

  it('goes by the floor’s high point, and tells the room at its lowest', () => {
    const found = shorten({ ...door, floor: 'finished', heightsMm: [2043, 2040, 2046] });
    expect(found).toMatchObject({ highPoint: 1, runsOffMm: 6, mostClearanceMm: 16 });
    expect(found.lengthMm).toBeCloseTo(2040 - IN / 8 - 10, 9);
  });

  it('what is still to come comes off as well', () => {
    const base = shorten({ ...door, floor: 'finished' }).lengthMm;
    expect(shorten({ ...door, floor: 'toCome', comesMm: 15 }).lengthMm).toBeCloseTo(base - 15, 9);
    expect(shorten({ ...door, floor: 'bare', comesMm: 15 }).lengthMm).toBeCloseTo(base - 15, 9);
  });

  it('says where the guide is clamped, and when the saw goes past the block', () => {
    const found = shorten({ ...door, kind: 'hollow', blockMm: 38, sawBaseMm: 127 });
    expect(found.guideMm).toBeCloseTo(found.cutMm + 127, 9);
    expect(found.blockLeftMm).toBeCloseTo(38 - found.cutMm, 9);
    expect(found.mustReblock).toBe(true);
    expect(shorten({ ...door, kind: 'hollow', blockMm: 80 }).mustReblock).toBe(false);
  });

  it('a pocket slab is 79-3/4 under 80 in (common practice, no source)', () => {
    const pocket = { clearanceMm: IN / 4, trimMm: 12, boardMm: 12, slatMm: 19, panelWidthMm: 762, mmPerTurn: 1.25, areClipsHome: true };
    expect(fitPocket({ ...pocket, heightsMm: [80 * IN, 80.2 * IN, 80.1 * IN] }).lengthMm / IN).toBeCloseTo(79.75, 9);
  });
});

describe('a lining (common practice, no source)', () => {
  const lining = {
    widthsMm: [765, 774, 772],
    slabWidthMm: 762,
    hingeGapMm: 1.5,
    latchGapMm: 1.5,
    hingeLeansMm: 0,
    hingeBowsMm: 0,
    legMm: 1995,
  };

  it('765, 774 and 772 for a slab of 762: the latch leg comes in by nothing, 9 and 7', () => {
    const found = fitLining(lining);
    expect(found).toMatchObject({ wantedMm: 765, advice: 'wedge', mostMm: 9, leastMm: 0 });
    expect(found.moves.map(({ latchMm }) => latchMm)).toEqual([0, 9, 7]);
    expect(found.moves.map(({ hingeMm }) => hingeMm)).toEqual([0, 0, 0]);
  });

  it('the hinge leg is brought plumb and straight, and only in; the latch leg ends parallel to it', () => {
    const found = fitLining({ ...lining, hingeLeansMm: -4, hingeBowsMm: 1 });
    for (const { hingeMm } of found.moves) expect(hingeMm).toBeGreaterThanOrEqual(0);
    const stands = [-4, -1, 0];
    const after = found.moves.map(({ hingeMm }, i) => (stands[i] ?? 0) + hingeMm);
    for (const mm of after) expect(mm).toBeCloseTo(after[0] ?? NaN, 9);
    for (const { hingeMm, latchMm, widthMm } of found.moves) expect(widthMm - hingeMm - latchMm).toBeCloseTo(765, 9);
  });

  it.each([
    ['asItIs', [765, 765.2, 765]],
    ['share', [766, 765.5, 765]],
    ['wedge', [765, 774, 772]],
    ['pack', [785, 785, 785]],
    ['plane', [760, 762, 765]],
  ])('%s', (advice, widthsMm) => expect(fitLining({ ...lining, widthsMm }).advice).toBe(advice));

  it('one that is narrow at one end only is brought to that, and the gaps give way; not where they would be gone', () => {
    const wider = { ...lining, hingeGapMm: 2, latchGapMm: 3 };
    expect(fitLining(wider)).toMatchObject({
      wantedMm: 767,
      targetMm: 765,
      advice: 'wedge',
      moves: [{ latchMm: 0 }, { latchMm: 9 }, { latchMm: 7 }],
    });
    expect(fitLining({ ...wider, widthsMm: [763, 774, 772] })).toMatchObject({ targetMm: 767, advice: 'plane' });
    expect(fitLining({ ...wider, widthsMm: [764, 765, 764] })).toMatchObject({ targetMm: 767, advice: 'plane' });
  });
});

describe('hinge marks (common practice, no source)', () => {
  const hinges = { slabHeightMm: 1981, headGapMm: 3, hingeMm: 89, hinges: 3, school: '7/11' as const, leafMm: 2.5 };

  it.each(HINGE_SCHOOL_IDS)('%s inches from the top and from the foot, the frame’s lower by the head gap', (school) => {
    const { marks } = markHinges({ ...hinges, school });
    expect(marks[0]?.slabTopMm).toBeCloseTo(HINGE_SCHOOLS[school].topIn * IN, 9);
    expect(1981 - (marks[2]?.slabFootMm ?? 0)).toBeCloseTo(HINGE_SCHOOLS[school].bottomIn * IN, 9);
    for (const { slabTopMm, frameTopMm } of marks) expect(frameTopMm - slabTopMm).toBeCloseTo(3, 9);
    const [a, b, c] = marks.map(({ slabTopMm }) => slabTopMm);
    expect((b ?? 0) - (a ?? 0)).toBeCloseTo((c ?? 0) - (b ?? 0), 9);
  });

  it('marks carried over tell how far the frame’s recesses are off', () => {
    const found = markHinges({ ...hinges, oldTopsMm: [170, 900, 1600], frameTopsMm: [175, 905, 1604] });
    expect(found.marks.map(({ frameOffMm }) => frameOffMm)).toEqual([2, 2, 1]);
    expect(found.mostOffMm).toBe(2);
    expect(found.gapByFrameMm).toBeCloseTo(3 + 5 / 3, 9);
  });

  it('refuses what does not go on the slab', () => {
    expect(() => markHinges({ ...hinges, slabHeightMm: 400 })).toThrow('do not fit');
    expect(() => markHinges({ ...hinges, oldTopsMm: [170, 900] })).toThrow('3');
  });
});

describe('a hollow slab cut past its rail', () => {
  const slab = { blockMm: 38, cutMm: 45, slabWidthMm: 762, thicknessMm: 35, stileMm: 28, skinMm: 3.2, carriesPivot: false };

  it('its plug goes between stiles and skins', () => {
    expect(reblock(slab)).toMatchObject({ leftMm: 0, mustReblock: true, plugWidthMm: 706, plugHeightMm: 38, needsNewPlug: false });
    expect(reblock(slab).plugThicknessMm).toBeCloseTo(28.6, 9);
  });

  it('a pivot asks for more than skins do', () => {
    expect(reblock({ ...slab, cutMm: 24 }).mustReblock).toBe(false);
    expect(reblock({ ...slab, cutMm: 24, carriesPivot: true }).mustReblock).toBe(true);
    expect(reblock({ ...slab, cutMm: 8 })).toMatchObject({ mustReblock: false, needsNewPlug: true });
  });
});
