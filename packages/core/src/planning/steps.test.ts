import { planingOf, recheckAfter, stepsOf } from './steps';
import { model, action, plan, setting } from './planning.fixture';

describe('the steps of a plan', () => {
  const found = plan({
    settings: [setting(1), setting(2), setting(0)],
    planed: [{ edge: 'rim', fromMm: 1, toMm: 2.5 }],
    strike: { choice: { action: action('strike'), upToMm: 3, price: 1 }, mm: -1.3 },
  });
  const steps = stepsOf(model, {
    found,
    cures: [action('saw'), action('glue')],
    sides: [
      { action: action('wait'), mm: 1 },
      { action: action('set'), mm: 1.26 },
    ],
  });

  it('take the cause away first, cut last but for the strike, and set the end places before those between', () => {
    expect(steps.map(({ action: id, place }) => [id, place])).toEqual([
      ['wait', undefined],
      ['glue', 'rightPeg'],
      ['packPeg', 'leftPeg'],
      ['packPeg', 'rightPeg'],
      ['packPeg', 'midPeg'],
      ['saw', undefined],
      ['plane', undefined],
      ['set', undefined],
      ['strike', undefined],
    ]);
  });

  it('tell how much: the greater depth of a plane, half millimetres of what is brought to a figure', () => {
    const of = (id: string) => steps.find((step) => step.action === id);
    expect(of('plane')).toMatchObject({ amount: 2.5, planed: { fromMm: 1, toMm: 2.5 } });
    expect([of('strike')?.amount, of('set')?.amount]).toEqual([-1.5, 1.5]);
  });

  it('take the minutes of their amount', () => {
    const [step] = stepsOf(model, { found: plan({ settings: [setting(2, 'packPeg', 3)] }) });
    expect(step?.minutes).toBe(4 + 2 * 1);
  });

  it('stop watched work at its set point', () => {
    const [step] = stepsOf(model, {
      found: plan(),
      cures: [action('glue')],
      setPoints: [{ action: 'glue', station: 'gap.right', mm: 2.25 }],
    });
    expect(step?.until).toEqual({ station: 'gap.right', mm: 2.25 });
  });

  it('are checked where the tables say, by place, or where the side is read', () => {
    expect(recheckAfter(model.tables, 'packPeg', 'rightPeg')).toEqual(['gap.right']);
    expect(recheckAfter(model.tables, 'packPeg', 'leftPeg')).toEqual([]);
    expect(recheckAfter(model.tables, 'set')).toEqual(['bolt']);
    expect(() => recheckAfter(model.tables, 'pray')).toThrow('no action "pray"');
    expect(() => planingOf(model.tables, 'hinge')).toThrow('Nothing takes timber off the hinge edge.');
  });
});
