import { DEMO_CATALOGUE } from './demoCatalogue';
import { matchRoller } from './matchRoller';
import { ROLLER_MEASURES, TOLERANCES_MM, type MeasuredRoller } from './roller';

const match = (measured: MeasuredRoller) => matchRoller({ measured, catalogue: DEMO_CATALOGUE });

describe('a roller against the catalogue', () => {
  it.each(DEMO_CATALOGUE.map((each) => [each.id, each] as const))(
    '%s measured in full is itself',
    (id, { title: _t, id: _i, price: _p, ...measured }) => {
      const { ranked, alike } = match(measured);
      expect(ranked[0]).toMatchObject({ id, fit: 'fits', misfit: 0, differs: [] });
      expect(alike.filter((each) => each !== id)).toEqual([]);
    },
  );

  it('two that differ in one measure are told apart by it, and it is asked for', () => {
    const { alike, ask } = match({ wheelMm: 32, treadMm: 7, lengthMm: 96, widthMm: 14.4, groove: 'grooved' });
    expect(alike.sort()).toEqual(['HB-22', 'HB-22S']);
    expect(ask?.measure).toBe('screwMm');
    expect(ask?.between.map(({ mm }) => mm).sort()).toEqual([14, 18]);
    const told = match({ wheelMm: 32, treadMm: 7, lengthMm: 96, widthMm: 14.4, screwMm: 17.6, groove: 'grooved' });
    expect(told.ranked[0]?.id).toBe('HB-22S');
    expect(told.alike).toEqual([]);
    expect(told.ask).toBeUndefined();
  });

  it('says what differs and by how much, worst first, in units of what it may', () => {
    const { ranked } = match({ wheelMm: 32, lengthMm: 97.5, heightMm: 25.2, groove: 'grooved' });
    const high = ranked.find(({ id }) => id === 'HB-22');
    expect(high?.differs.map(({ measure }) => measure)).toEqual(['heightMm', 'lengthMm']);
    expect(high?.differs[0]?.byMm).toBeCloseTo(3.8, 9);
    expect(high?.differs[0]?.units).toBeCloseTo(3.8 / TOLERANCES_MM.heightMm, 9);
    expect(high?.fit).toBe('no');
  });

  it('another groove is no match, whatever else is', () => {
    const { ranked } = match({ wheelMm: 25.4, treadMm: 6.4, lengthMm: 50, groove: 'ridged' });
    expect(ranked.find(({ id }) => id === 'HB-12')).toMatchObject({ fit: 'no', otherGroove: true });
  });

  it('just inside its tolerance fits, just beyond is near', () => {
    const off = (mm: number) => match({ wheelMm: 25.4 + mm, lengthMm: 50, groove: 'grooved' }).ranked.find(({ id }) => id === 'HB-12')?.fit;
    expect([off(0.5), off(0.55), off(1.1)]).toEqual(['fits', 'near', 'no']);
  });

  it('wants two measures', () => expect(() => match({ wheelMm: 25 })).toThrow('two things'));

  it('every measure has a tolerance', () => {
    for (const measure of ROLLER_MEASURES) expect(TOLERANCES_MM[measure]).toBeGreaterThan(0);
  });
});
