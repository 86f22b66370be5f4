import { hatch, hatchWork } from '../hatch.fixture';
import { modelOf } from '../model/doorModel';
import { planingOf, recheckAfter, stepsOf } from './steps';
import { KIND, model, action, plan, setting } from './planning.fixture';

const skew = model.side('skew');

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

  it('bring places between to the line once the others have been set', () => {
    const own = modelOf(
      {
        ...KIND,
        name: 'asWell',
        asWell: ['wait'],
        actions: KIND.actions.map((each) => (each.id === 'wait' ? { ...each, order: 6 } : each)),
      },
      hatch,
    );
    const ids = stepsOf(own, { found: plan({ settings: [setting(2)] }), sides: [{ action: action('wait'), mm: 1 }] }).map(
      (each) => each.action,
    );
    expect(ids).toEqual(['packPeg', 'wait']);
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

  it('are done where their work belongs, at the place that was set, or nowhere in particular', () => {
    const placed = { ...action('packPeg'), at: 'leftPeg' };
    const wide = modelOf({ ...KIND, actions: KIND.actions.map((each) => (each.id === 'packPeg' ? placed : each)) }, hatch);
    const stepAt = (where: 0 | 'whole') => stepsOf(wide, { found: plan({ settings: [{ ...setting(where), action: placed }] }) })[0];
    expect(stepAt(0)).toMatchObject({ place: 'leftPeg', shiftMm: -1 });
    expect([stepAt('whole')?.place, stepAt('whole')?.shiftMm]).toEqual(['leftPeg', undefined]);
    const beside = { ...action('set'), at: 'rightPeg' };
    expect(stepsOf(wide, { found: plan(), sides: [{ action: beside, mm: 1 }] })[0]?.place).toBe('rightPeg');
    expect(Object.keys(stepsOf(model, { found: plan({ settings: [setting('whole')] }) })[0] ?? {})).not.toContain('place');
  });

  it('stop only the watched work at its set point', () => {
    const steps = stepsOf(model, {
      found: plan(),
      cures: [action('saw'), action('glue')],
      setPoints: [{ action: 'glue', station: 'gap.right', mm: 2.25 }],
    });
    expect(steps.map(({ action: id, until }) => [id, until?.mm])).toEqual([
      ['glue', 2.25],
      ['saw', undefined],
    ]);
    expect(steps.map((step) => 'until' in step)).toEqual([true, false]);
  });

  it('come in their order whatever order they were found in', () => {
    const one = stepsOf(model, {
      found: plan({ settings: [setting(0)] }),
      cures: [action('saw')],
      sides: [{ action: action('wait'), mm: 1 }],
    });
    expect(one.map(({ action: id }) => id)).toEqual(['wait', 'packPeg', 'saw']);
  });

  it('name the parts they take, where they take any', () => {
    const carded = { ...action('packPeg'), parts: 'card' };
    const kind = { ...KIND, actions: KIND.actions.map((each) => (each.id === 'packPeg' ? carded : each)) };
    const found = plan({ settings: [setting(0)], planed: [{ edge: 'rim', fromMm: 1, toMm: 1 }] });
    const steps = stepsOf(modelOf(kind, hatch), { found });
    expect(steps.map((step) => ('parts' in step ? step.parts : 'none'))).toEqual(['card', 'none']);
  });

  it('are checked by the row of the tables for their effect, their edge and their place', () => {
    const foot = hatchWork('shoot', { effect: { kind: 'plane', edge: 'foot' } });
    const rows = {
      actions: [action('glue'), action('plane'), foot, action('packPeg'), action('hold')],
      sides: [{ ...skew, id: 'other', readAt: ['gap.left'] }, skew],
      rechecks: [
        { effects: ['cure' as const], edge: 'rim', stations: ['none'] },
        { effects: ['plane' as const], edge: 'foot', stations: ['foot.mid'] },
        { effects: ['plane' as const], edge: 'rim', stations: ['rim.mid'] },
        { effects: ['shift' as const], place: 'leftPeg', stations: ['gap.left'] },
        { effects: ['shift' as const], stations: ['gap.right'] },
        { effects: ['hold' as const], actions: ['lean'], stations: ['gap.left'], ifReadBefore: ['gap.right', 'foot.mid'] },
      ],
    };
    expect([recheckAfter(rows, 'plane'), recheckAfter(rows, 'shoot')]).toEqual([['rim.mid'], ['foot.mid']]);
    expect([recheckAfter(rows, 'packPeg', 'leftPeg'), recheckAfter(rows, 'packPeg'), recheckAfter(rows, 'packPeg', 'rightPeg')]).toEqual([
      ['gap.left'],
      ['gap.right'],
      ['gap.right'],
    ]);
    // A row for an edge is for planing there, and for no other work.
    expect([recheckAfter(rows, 'glue'), recheckAfter(rows, 'hold')]).toEqual([[], []]);
    // A row may be for one piece of work, and ask again for what was read before only.
    const leans = { ...rows, actions: [hatchWork('lean', { effect: action('hold').effect })] };
    expect(recheckAfter(leans, 'lean')).toEqual(['gap.left']);
    expect(recheckAfter(leans, 'lean', undefined, ['foot.mid', 'rim.mid'])).toEqual(['gap.left', 'foot.mid']);
    const setsSkew = { ...rows, actions: [action('set')] };
    expect(recheckAfter(setsSkew, 'set')).toEqual(['bolt']);
    expect(recheckAfter({ ...setsSkew, sides: [] }, 'set')).toEqual([]);
    expect(planingOf({ actions: [action('glue'), foot, action('plane')] }, 'rim').id).toBe('plane');
  });
});
