import { COAT_IDS, coat, slowness } from './coats';
import { planCure, type CureAsked } from './curePlan';

const asked: CureAsked = {
  coats: [{ id: 'primer' }, { id: 'paint' }],
  ...{ celsius: 20, humidity: 50, nowHour: 9, fromHour: 8, toHour: 17, waitsHours: 1 },
};

describe('what dries when', () => {
  it('at 20 °C and 50 % each takes what its label says', () => {
    for (const id of COAT_IDS) expect(slowness(id, 20, 50)).toBe(1);
    const { coats, visitsHours } = planCure(asked);
    expect(coats[0]).toMatchObject({ onHours: 0, readyHours: 4.25, fullHours: 24.25, visit: 0 });
    expect(coats[1]).toMatchObject({ onHours: 4.25, visit: 1 });
    expect(visitsHours).toEqual([0, 4.25]);
  });

  it('ten degrees colder takes twice as long (common practice, no source)', () => {
    expect(slowness('primer', 10, 50)).toBeCloseTo(2, 9);
    expect(slowness('resin', 30, 50)).toBeCloseTo(0.5, 9);
  });

  it('damp air slows what dries, dry air what sets by moisture; nothing takes more than three times as long', () => {
    expect(slowness('paint', 20, 85)).toBeCloseTo(1.5, 9);
    expect(slowness('resin', 20, 85)).toBe(1);
    expect(slowness('silicone', 20, 20)).toBeCloseTo(1.5, 9);
    expect(slowness('paint', 9, 100)).toBe(3);
  });

  it('too cold, it does not set at all: the plan ends before it and says what it wants', () => {
    const plan = planCure({ ...asked, celsius: 6, coats: [{ id: 'caulk' }, { id: 'paint' }, { id: 'caulk' }] });
    expect(plan.tooCold).toEqual([{ id: 'paint', leastCelsius: coat('paint').leastCelsius }]);
    expect(plan.coats.map(({ id }) => id)).toEqual(['caulk']);
  });

  it('what is ready after work goes on the next morning', () => {
    const { coats } = planCure({ ...asked, nowHour: 14 });
    // Ready at 18:15; the next working day begins at 8, 18 hours from now.
    expect(coats[1]?.onHours).toBe(18);
  });

  it('what is waited for stays one visit', () => {
    const { visitsHours } = planCure({ ...asked, coats: [{ id: 'filler', workableHours: 0.5 }, { id: 'primer' }] });
    expect(visitsHours).toEqual([0]);
  });

  it('what went on later than planned puts off what follows', () => {
    const { coats } = planCure({ ...asked, coats: [{ id: 'primer', onHours: 2 }, { id: 'paint' }] });
    expect(coats[0]).toMatchObject({ onHours: 2, readyHours: 6.25 });
    // 15:15, and still in working hours.
    expect(coats[1]?.onHours).toBe(6.25);
  });

  it('the label in hand counts over the table', () => {
    const { coats } = planCure({ ...asked, coats: [{ id: 'primer', workableHours: 1, fullHours: 5 }] });
    expect(coats[0]).toMatchObject({ readyHours: 1.25, fullHours: 5.25 });
  });
});
