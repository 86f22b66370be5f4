import { WARP_LIMIT_MM, weighTwist, type TwistedDoor } from './twist';

const DOOR: TwistedDoor = { slabHeightMm: 2000, hingeHeightsMm: [200, 1000, 1750], stopTopMm: 6, stopBottomMm: 0 };

/** Offset of a flat slab at a height, turned about two hinges that have moved by so much: a straight line through both. */
const lineThrough = (topMm: number, bottomMm: number) => (heightMm: number) =>
  topMm + ((bottomMm - topMm) * (heightMm - 200)) / (1750 - 200);

const remedy = (door: TwistedDoor, id: string) => {
  const found = weighTwist(door).remedies.find((each) => each.id === id);
  if (found === undefined) throw new Error(`no ${id}`);
  return found;
};

describe('a slab that meets its stop at one corner', () => {
  it('throwing a hinge all of it brings both corners to one distance, as a plane through the hinges does', () => {
    const { throws, stopTopMm, stopBottomMm } = remedy(DOOR, 'throwHinge');
    expect(stopTopMm).toBeCloseTo(stopBottomMm, 9);
    const signed = (throws?.toward === 'room' ? 1 : -1) * (throws?.mm ?? 0);
    const moved = throws?.hinge === 'top' ? lineThrough(signed, 0) : lineThrough(0, signed);
    expect(stopTopMm).toBeCloseTo(6 + moved(100), 9);
    expect(stopBottomMm).toBeCloseTo(0 + moved(1900), 9);
  });

  it('half at the hinge, half at the stop: the hinge moves half as far and the lean it starts is half', () => {
    const [all, half] = [remedy(DOOR, 'throwHinge'), remedy(DOOR, 'shareIt')];
    expect(half.throws?.mm).toBeCloseTo((all.throws?.mm ?? 0) / 2, 9);
    expect(Math.abs(half.leanMm)).toBeCloseTo(Math.abs(all.leanMm) / 2, 9);
    expect(half).toMatchObject({ stopTopMm: 0, stopBottomMm: 0 });
  });

  it('moving the stop leaves the hinges alone', () => {
    expect(remedy(DOOR, 'moveStop')).toMatchObject({ stopMove: { topMm: 6, bottomMm: 0 }, leanMm: 0, hingeSideMm: 0 });
  });

  it('tells the opening’s share from the slab’s by the two legs', () => {
    const { byOpeningMm, bySlabMm, warpOverLimit } = weighTwist({ ...DOOR, hingeAcrossMm: 2, latchAcrossMm: -3 });
    expect(byOpeningMm).toBeCloseTo(5 * 0.9, 9);
    expect(bySlabMm).toBeCloseTo(6 - 4.5, 9);
    expect(warpOverLimit).toBe(false);
  });

  // ANSI/WDMA I.S.1A allows 1/4 in of warp in a door up to 3'6" × 7'0" (from memory).
  it('a slab warped by more than 1/4 in is to be replaced first', () => {
    expect(WARP_LIMIT_MM).toBeCloseTo(25.4 / 4, 2);
    const warped = weighTwist({ ...DOOR, stopTopMm: 9, hingeAcrossMm: 0, latchAcrossMm: 0 });
    expect(warped.warpOverLimit).toBe(true);
    expect(warped.remedies[0]?.id).toBe('replace');
  });

  it('leaves a millimetre alone', () => {
    expect(weighTwist({ ...DOOR, stopTopMm: 1 }).remedies[0]?.id).toBe('leave');
  });

  it('mirrored top for foot, the throws mirror', () => {
    const upright = { ...DOOR, hingeHeightsMm: [250, 1000, 1750] };
    const over = weighTwist({ ...upright, stopTopMm: 0, stopBottomMm: 6 }).remedies[0];
    const under = weighTwist({ ...upright, stopTopMm: 6, stopBottomMm: 0 }).remedies[0];
    expect(over?.throws?.mm ?? 0).toBeCloseTo(under?.throws?.mm ?? 0, 9);
    expect(over?.id).toBe(under?.id);
  });
});
