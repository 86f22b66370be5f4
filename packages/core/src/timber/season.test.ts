import { SAMPLE_CLIMATES } from './climate';
import { forecastSeason, type SlabInSeason } from './season';
import { widthChange } from './slabBuilds';

const slab: SlabInSeason = {
  ...{ species: 'redOak', cut: 'flat', build: 'plank', slabWidthMm: 762, stileMm: 110, exposure: 'outside', finish: 'bare' },
  climate: SAMPLE_CLIMATES.wetSummer.months,
  ...{ month: 8, gapMm: 0.5, leastMm: 2, mostMm: 12 },
};

describe('a slab through the year', () => {
  it('a door that is tight in the wet season is not planed then: it says how much it will have and when to come back', () => {
    const found = forecastSeason(slab);
    expect(['sealWhenDry', 'planeWhenDry']).toContain(found.advice);
    expect(found.driest.gapMm).toBeGreaterThan(4);
    expect(found.backInMonths).toBeGreaterThan(1);
    // Warm and wet in August, dry from late winter on.
    expect([12, 1, 2, 3, 4]).toContain(found.backMonth);
    const back = found.months.find(({ month }) => month === found.backMonth);
    expect(back?.percent).toBeLessThan(found.nowPercent);
  });

  it('what is too wide for its opening even sealed is planed, but not before it is dry', () => {
    const found = forecastSeason({ ...slab, leastMm: 8, mostMm: 30 });
    expect(found.advice).toBe('planeWhenDry');
    expect(found.planeMm).toBeCloseTo(8 - found.sealedMm, 9);
    expect(found.thenDriestMm).toBeCloseTo(found.driest.gapMm + found.planeMm, 9);
  });

  it('every gap is today’s less what the width gains', () => {
    const { months, nowPercent } = forecastSeason(slab);
    for (const { percent, gapMm } of months) expect(gapMm).toBeCloseTo(0.5 - widthChange(slab, percent - nowPercent), 9);
    expect(months.map(({ month }) => month)).toEqual([9, 10, 11, 12, 1, 2, 3, 4, 5, 6, 7, 8]);
  });

  it('the same door in its dry season is planed now, by what the wettest month will want', () => {
    const dry = forecastSeason({ ...slab, month: 3, gapMm: 3, mostMm: 30 });
    expect(dry.advice).toBe('planeNow');
    expect(dry.backInMonths).toBe(0);
    expect(dry.sealedMm + dry.planeMm).toBeCloseTo(2, 9);
  });

  it('a door with room enough in the wettest month is left alone', () => {
    expect(forecastSeason({ ...slab, gapMm: 4 }).advice).toBe('leave');
  });

  it('sealed first it may need no plane at all', () => {
    const found = forecastSeason({ ...slab, leastMm: 1, gapMm: 0.5 });
    expect(found.sealedMm).toBeGreaterThan(1);
    expect(found).toMatchObject({ advice: 'sealWhenDry', planeMm: 0 });
  });

  it('planed for the wet it would be too wide in the dry: said, and not hidden', () => {
    expect(forecastSeason({ ...slab, leastMm: 6, mostMm: 7 }).advice).toBe('tooNarrowWhenDry');
  });

  it('tighter than the air alone makes it, a meter comes before the plane; in the dry season it is simply too wide', () => {
    const framed: SlabInSeason = {
      ...slab,
      species: 'whitePine',
      build: 'framed',
      exposure: 'between',
      finish: 'sealed',
      gapMm: 0,
      leastMm: 3,
    };
    const found = forecastSeason(framed);
    expect(found.advice).toBe('meterFirst');
    expect(found.planeMm).toBe(0);
    expect(found.backInMonths).toBeGreaterThan(0);
    expect(forecastSeason({ ...framed, meterPercent: found.nowPercent + 3 }).advice).not.toBe('meterFirst');
    expect(forecastSeason({ ...framed, month: 3 }).advice).toBe('planeNow');
  });

  it('wetter than the air can make it has water from elsewhere', () => {
    const found = forecastSeason({ ...slab, meterPercent: 24 });
    expect(found.advice).toBe('findWater');
    expect(found.nowPercent).toBe(24);
    expect(found.backInMonths).toBeGreaterThan(0);
  });

  it('a veneered slab hardly moves, and its doubt is smaller', () => {
    const veneered = forecastSeason({ ...slab, build: 'veneered' });
    expect(veneered.movesMm).toBeLessThan(forecastSeason(slab).movesMm / 5);
    expect(veneered.doubtMm).toBeLessThan(forecastSeason(slab).doubtMm);
  });
});
