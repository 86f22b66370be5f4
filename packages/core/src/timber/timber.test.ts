import { airInside, SAMPLE_CLIMATES, type MonthOfAir } from './climate';
import { judgeMoisture, type TimberToJudge } from './judgeMoisture';
import { equilibriumMoisture, saturationHPa } from './moisture';
import { acrossGrain, species, type SpeciesId } from './species';
import { widthChange, type SlabOfTimber } from './slabBuilds';
import { askedByAir, settledYear, yearFrom } from './yearOfMoisture';

const celsius = (fahrenheit: number) => ((fahrenheit - 32) * 5) / 9;

describe('moisture of timber in air (Wood Handbook, USDA Forest Products Laboratory, chapter 4, table of moisture content in equilibrium; cells from memory)', () => {
  it.each([
    [70, 30, 6.2],
    [70, 50, 9.2],
    [70, 65, 12.0],
    [70, 80, 16.0],
    [70, 10, 2.5],
    [70, 20, 4.5],
    [70, 40, 7.7],
    [70, 60, 11.0],
    [70, 90, 20.5],
    [30, 50, 9.5],
    [30, 65, 12.4],
    [90, 50, 8.9],
    [90, 80, 15.4],
    [110, 50, 8.4],
    [110, 65, 11.0],
  ])('%d °F and %d %% make %d %%', (fahrenheit, humidity, percent) => {
    expect(equilibriumMoisture(celsius(fahrenheit), humidity)).toBeCloseTo(percent, 0);
    expect(Math.abs(equilibriumMoisture(celsius(fahrenheit), humidity) - percent)).toBeLessThan(0.15);
  });

  it('dry air leaves none', () => {
    expect(equilibriumMoisture(20, 0)).toBe(0);
  });
});

describe('vapour of saturated air (tables of the WMO guide, from memory)', () => {
  it.each([
    [0, 6.11],
    [10, 12.27],
    [20, 23.37],
    [30, 42.4],
  ])('%d °C: %d hPa', (at, hPa) => {
    expect(saturationHPa(at) / hPa).toBeCloseTo(1, 2);
  });
});

const slab: SlabOfTimber = { species: 'whiteOak', cut: 'flat', build: 'plank', slabWidthMm: 762, stileMm: 110 };

describe('movement (Wood Handbook, chapter 13, table of coefficients for dimensional change, from memory)', () => {
  it.each<[SpeciesId, number, number]>([
    ['whiteOak', 0.0018, 0.00365],
    ['redOak', 0.00158, 0.00369],
    ['sugarMaple', 0.00165, 0.00353],
    ['walnut', 0.0019, 0.00274],
    ['tulipPoplar', 0.00158, 0.00289],
    ['douglasFir', 0.00165, 0.00267],
    ['whitePine', 0.00071, 0.00212],
    ['yellowPine', 0.00165, 0.00259],
  ])('%s: %d across the rings, %d along them', (id, radial, tangential) => {
    expect(species(id)).toMatchObject({ radial, tangential });
    expect(acrossGrain(id, 'mixed')).toBeCloseTo((radial + tangential) / 2, 9);
  });

  it('the worked example of that chapter (from memory): a flat-sawn board of white fir, 232 mm wide at 8 %, is 1.7 mm wider at 11 %', () => {
    expect(widthChange({ ...slab, slabWidthMm: 232, species: 'whiteFir' }, 3)).toBeCloseTo(1.7, 1);
  });

  it('a framed slab moves by its stiles alone, one that is glued crosswise hardly', () => {
    expect(widthChange({ ...slab, build: 'framed' }, 4)).toBeCloseTo(0.00365 * 220 * 4, 9);
    expect(widthChange({ ...slab, build: 'veneered' }, 4)).toBeLessThan(1);
    expect(widthChange({ ...slab, build: 'moulded' }, 4)).toBeLessThan(widthChange(slab, 4) / 5);
  });
});

describe('a year of moisture', () => {
  const steady: MonthOfAir[] = Array.from({ length: 12 }, () => ({ celsius: 20, humidity: 50 }));

  it('rests at what steady air makes of it, and comes there from elsewhere', () => {
    const air = { exposure: 'outside', finish: 'bare', build: 'plank' } as const;
    for (const each of settledYear(steady, air)) expect(each).toBeCloseTo(equilibriumMoisture(20, 50), 6);
    const dries = yearFrom(steady, air, 3, 16);
    expect(dries[0]).toBeLessThan(16);
    expect(dries.at(-1)).toBeCloseTo(equilibriumMoisture(20, 50), 1);
  });

  it('sealed it swings less than bare, and later', () => {
    const climate = SAMPLE_CLIMATES.wetSummer.months;
    const swing = (finish: 'bare' | 'sealed') => {
      const year = settledYear(climate, { exposure: 'outside', finish, build: 'plank' });
      return Math.max(...year) - Math.min(...year);
    };
    expect(swing('sealed')).toBeLessThan(0.7 * swing('bare'));
  });

  it('a door between two climates has the mean of both faces', () => {
    const of = (exposure: 'inside' | 'between' | 'outside') => askedByAir(SAMPLE_CLIMATES.inlandCold.months, exposure);
    of('between').forEach((percent, month) =>
      expect(percent).toBeCloseTo(((of('inside')[month] ?? 0) + (of('outside')[month] ?? 0)) / 2, 9),
    );
    expect(of('outside')[0]).toBeGreaterThan((of('inside')[0] ?? 0) + 5);
  });

  it('heated rooms are dry in a cold winter', () => {
    const winter = airInside({ celsius: -6, humidity: 80 });
    expect(winter.celsius).toBe(20);
    expect(winter.humidity).toBeLessThan(40);
    expect(airInside({ celsius: 24, humidity: 60 })).toEqual({ celsius: 24, humidity: expect.closeTo(60, 6) });
  });
});

describe('timber judged', () => {
  const given: TimberToJudge = { ...slab, celsius: 21.1, humidity: 65, toCelsius: 21.1, toHumidity: 50 };

  it('rots above 20, is too wet to paint above 18, settles first when it is far off, else it fits', () => {
    expect(judgeMoisture({ ...given, meterPercent: 21 }).state).toBe('rots');
    expect(judgeMoisture({ ...given, meterPercent: 19 }).state).toBe('tooWet');
    expect(judgeMoisture(given).state).toBe('settles');
    expect(judgeMoisture({ ...given, toHumidity: 60 }).state).toBe('fits');
  });

  it('gets narrower by what the air takes out of it', () => {
    const { widerMm, nowPercent, thenPercent, perPercentMm } = judgeMoisture(given);
    expect(widerMm).toBeCloseTo((thenPercent - nowPercent) * 762 * 0.00365, 9);
    expect(perPercentMm).toBeCloseTo(762 * 0.00365, 9);
  });
});
