import { spliceStrike, type StrikeToSplice } from './spliceStrike';

const leg: StrikeToSplice = {
  ...{ breakFromMm: 820, breakToMm: 1260, legMm: 2040, jambThicknessMm: 19, gapBehindMm: 12, screwMm: 76.2 },
  ...{ oldShimsMm: [1050], boltsMm: [965, 1120] },
  widths: [
    { at: 700, mm: 116 },
    { at: 1400, mm: 117.4 },
  ],
};

describe('a strike leg that was kicked in (common practice, no source)', () => {
  it('is cut in sound wood both ways, the saw as deep as the jamb', () => {
    expect(spliceStrike(leg)).toMatchObject({ cutFromMm: 770, cutToMm: 1310, lengthMm: 540, sawDepthMm: 19 });
  });

  it('the width is carried straight across the break, and what is read in it does not count', () => {
    const read = { ...leg, widths: [...leg.widths, { at: 1050, mm: 90 }] };
    const { widths, crookedMm } = spliceStrike(read);
    for (const { at, mm } of widths) expect(mm).toBeCloseTo(116 + (1.4 * (at - 700)) / 700, 9);
    expect(widths.map(({ at }) => at)).toEqual([770, 1050, 1310]);
    expect(crookedMm).toBeCloseTo(0, 9);
    // The sound edge itself bends: it is scribed.
    expect(spliceStrike({ ...leg, widths: [...leg.widths, { at: 1600, mm: 115 }] }).crookedMm).toBeGreaterThan(1);
  });

  it('goes to the floor or into the head where no sound wood is left for a joint', () => {
    expect(spliceStrike({ ...leg, breakFromMm: 60 })).toMatchObject({ reachesFloor: true, cutFromMm: 0 });
    expect(spliceStrike({ ...leg, breakToMm: 1960 })).toMatchObject({ reachesHead: true, cutToMm: 2040 });
  });

  it('packers and screws on either side of every bolt but not in its bore, at old shims, near both ends, none farther apart than 400', () => {
    const { fixings } = spliceStrike({ ...leg, breakFromMm: 500, breakToMm: 1600, widths: [{ at: 300, mm: 116 }] });
    const at = fixings.map(({ atMm }) => atMm);
    for (const bolt of leg.boltsMm) {
      expect(Math.min(...at.map((each) => Math.abs(each - bolt)))).toBeGreaterThanOrEqual(40);
      for (const way of [-1, 1]) expect(at.some((each) => way * (each - bolt) > 0 && Math.abs(each - bolt) <= 100)).toBe(true);
    }
    expect(fixings.find(({ isOldShim }) => isOldShim)?.atMm).toBe(1050);
    for (const [i, each] of at.slice(1).entries()) expect(each - (at[i] ?? 0)).toBeLessThanOrEqual(400);
    expect([at[0], at.at(-1)]).toEqual([510, 1590]);
  });

  it('3 in go through jamb and shims and an inch into the framing, but not through a pipe', () => {
    expect(spliceStrike(leg).screw).toMatchObject({ isLongEnough: true });
    expect(spliceStrike({ ...leg, behindMm: 60 }).screw).toMatchObject({ isLongEnough: false });
    expect(spliceStrike({ ...leg, screwMm: 50 }).screw.isLongEnough).toBe(false);
  });

  it('a screw holds in the framing what the National Design Specification gives its thread there (values from memory)', () => {
    const { eachHoldsN, allHoldN, fixings } = spliceStrike(leg);
    // Number 9 in spruce, pine, fir: 2850 · 0.42² · 0.177 = 89 lb an inch, nine tenths of it always there; 76.2 − 19 − 12 mm in the framing.
    const poundsPerInch = 2850 * 0.42 ** 2 * 0.177;
    expect(eachHoldsN).toBeCloseTo((0.9 * poundsPerInch * 4.4482216 * (76.2 - 31)) / 25.4, 0);
    expect(allHoldN).toBeCloseTo(eachHoldsN * fixings.length, 6);
    expect(spliceStrike({ ...leg, screwMm: 25.4 }).eachHoldsN).toBe(0);
    expect(spliceStrike({ ...leg, wood: 'douglasFir' }).eachHoldsN).toBeGreaterThan(eachHoldsN);
  });

  it('wants a width in sound wood', () => {
    expect(() => spliceStrike({ ...leg, widths: [{ at: 1000, mm: 116 }] })).toThrow('sound wood');
  });
});
