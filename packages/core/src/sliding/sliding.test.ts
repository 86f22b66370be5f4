import { DomainError } from '../errors';
import { WALK } from './geometry/stations';
import { panel, readingsOf } from './panel.fixture';
import type { Observed } from './observed';
import { diagnose, planCorrections, whatNext } from './slidingAnswers';
import { slidingModel } from './slidingDoors';

const seen = (observed: Partial<Observed> & Pick<Observed, 'door'>): Observed => ({ readings: [], findings: [], ...observed });
const first = (observed: Observed) => diagnose(observed).causes[0]?.id;
const stepsOf = (observed: Observed) =>
  planCorrections(observed).plans[0]?.steps.map(({ action, place, amount }) => [action, place, amount]);

const glass = panel('glass');
const allAbout = (moved: Readonly<Record<string, number>>, door = glass) => readingsOf(door, moved, WALK);

describe('a sliding panel', () => {
  it('whose closing end has come down by 3 mm is raised there by four half turns of 0.75 mm', () => {
    const observed = seen({ door: glass, readings: allAbout({ leadRise: -3 }), findings: [{ finding: 'screws', answer: 'move' }] });
    expect(first(observed)).toBe('leadLow');
    expect(stepsOf(observed)).toEqual([['turnScrew', 'lead', 4]]);
  });

  it('is turned by what its own screws do, where that is known', () => {
    const door = { ...glass, mmPerTurn: 3 };
    const observed = seen({ door, readings: allAbout({ leadRise: -3 }, door), findings: [{ finding: 'screws', answer: 'move' }] });
    expect(stepsOf(observed)).toEqual([['turnScrew', 'lead', 2]]);
  });

  it('whose screw turns and does nothing gets rollers, not turns', () => {
    const observed = seen({ door: glass, readings: allAbout({ leadRise: -4 }), findings: [{ finding: 'screws', answer: 'nothing' }] });
    expect(first(observed)).toBe('screwDead');
    expect(planCorrections(observed)).toMatchObject({ outcome: 'look again', lookAgain: ['screws', 'screwStops'] });
    const twice = { ...observed, findings: [{ finding: 'screws', answer: 'nothing', again: true }] } as const;
    expect(stepsOf(twice)?.[0]).toEqual(['replaceRollers', undefined, 1]);
  });

  it('that is off its track is set back on it before anything is measured', () => {
    const correction = planCorrections(seen({ door: glass, findings: [{ finding: 'seat', answer: 'off' }] }));
    expect(correction.outcome).toBe('at once');
    expect(correction.plans[0]?.steps[0]?.action).toBe('reseat');
  });

  it('with all in order is left alone', () => {
    const findings = [
      { finding: 'pull', answer: 'free' },
      { finding: 'tick', answer: 'none' },
      { finding: 'track', answer: 'clean' },
      { finding: 'wheels', answer: 'spin' },
    ] as const;
    expect(planCorrections(seen({ door: glass, readings: allAbout({}), findings }))).toMatchObject({ outcome: 'true' });
  });

  it('a dry wheel is freed before a new one is bought, and a seized one is bought', () => {
    const felt = (answer: string) =>
      seen({
        door: glass,
        readings: allAbout({}),
        findings: [
          { finding: 'pull', answer: 'stiff', again: true },
          { finding: 'where', answer: 'along' },
          { finding: 'track', answer: 'clean' },
          { finding: 'wheels', answer, again: true },
        ],
      });
    expect(stepsOf(felt('stiff'))?.[0]?.[0]).toBe('lubricateWheels');
    expect(stepsOf(felt('seized'))?.[0]?.[0]).toBe('replaceRollers');
    // Oil moves no gap; nobody knows how a new wheel will stand, however steady the hand.
    const { chances, uncertainty } = planCorrections(felt('seized')).plans[0] ?? {};
    expect(planCorrections(felt('stiff')).plans[0]?.chances.book).toBeGreaterThan(0.95);
    expect(chances?.book).toBeLessThan(0.85);
    expect(uncertainty?.ifKnown.hand).toBeLessThan(0.85);
  });

  it('a burr tells itself from a flat wheel by where it ticks', () => {
    const ticks = (answer: string) =>
      first(
        seen({
          door: glass,
          readings: allAbout({}),
          findings: [
            { finding: 'trouble', answer: 'ticks' },
            { finding: 'tick', answer },
          ],
        }),
      );
    expect([ticks('place'), ticks('even')]).toEqual(['trackBurr', 'wheelFlat']);
  });

  it('a screen that can be lifted off its track is not free, however well it runs', () => {
    const screen = panel('screen');
    const runs = [
      { finding: 'pull', answer: 'free' },
      { finding: 'tick', answer: 'none' },
    ] as const;
    const loose = planCorrections(seen({ door: screen, readings: allAbout({ headRoom: 4.5 }, screen), findings: runs }));
    expect(loose.plans[0]?.steps.map(({ action }) => action)).toContain('setTopWheels');
    expect(loose.outcome).toBe('cures');
    const held = planCorrections(seen({ door: screen, readings: allAbout({}, screen), findings: runs }));
    expect(held.outcome).toBe('true');
  });

  it('a hung slab whose nut has backed off gets its clip, which holds it', () => {
    const door = panel('pocket');
    const observed = seen({ door, readings: allAbout({ trailRise: -6 }, door), findings: [{ finding: 'clip', answer: 'missing' }] });
    expect(first(observed)).toBe('nutBacked');
    expect(stepsOf(observed)?.[0]?.[0]).toBe('fitClip');
  });

  it('a bypass panel that swings gets its guide', () => {
    const door = panel('bypass');
    const findings = [
      { finding: 'trouble', answer: 'swings' },
      { finding: 'guide', answer: 'lost', again: true },
    ] as const;
    const observed = seen({ door, readings: allAbout({}, door), findings });
    expect(first(observed)).toBe('guideLost');
    expect(stepsOf(observed)?.map(([action]) => action)).toContain('refitGuide');
  });

  it('asks first for what tells most: with a stiff panel, the wheels', () => {
    const observed = seen({
      door: glass,
      findings: [
        { finding: 'trouble', answer: 'stiff' },
        { finding: 'where', answer: 'along' },
        { finding: 'track', answer: 'clean' },
      ],
    });
    const { choices } = whatNext(observed);
    expect(choices.map(({ id }) => id)).toContain('wheels');
  });

  it('chances are of its own kind alone and add up to at least one', () => {
    const { causes } = diagnose(seen({ door: panel('pocket'), findings: [{ finding: 'pull', answer: 'stiff' }] }));
    expect(causes.map(({ id }) => id)).not.toContain('rollersWorn');
    expect(causes.reduce((sum, { probability }) => sum + probability, 0)).toBeGreaterThanOrEqual(1 - 1e-9);
  });

  it('refuses a panel that lies down', () => {
    expect(() => diagnose(seen({ door: { ...glass, panelWidthMm: 3400 } }))).toThrow(DomainError);
  });
});

describe('a panel that was worked on', () => {
  const worked = (findings: Observed['findings']) =>
    seen({
      door: glass,
      readings: allAbout({ leadRise: -3 }),
      findings: [{ finding: 'screws', answer: 'move' }],
      rounds: [
        { done: [{ action: 'turnScrew', place: 'lead', amount: 4 }], readings: allAbout({}).slice(0, 6) },
        { done: [], readings: readingsOf(glass), findings },
      ],
    });

  it('is done when it was gauged all round and stands on its track', () => {
    expect(
      planCorrections(
        worked([
          { finding: 'seat', answer: 'on' },
          { finding: 'pull', answer: 'free' },
        ]),
      ).outcome,
    ).toBe('done');
  });

  it('is never called done while a wheel is seen off its track: it is set back', () => {
    const correction = planCorrections(
      worked([
        { finding: 'seat', answer: 'off' },
        { finding: 'pull', answer: 'free' },
      ]),
    );
    expect(correction.outcome).not.toBe('done');
    expect(correction.plans[0]?.steps.map(({ action }) => action)).toContain('reseat');
  });

  it('nor while it still pulls hard', () => {
    expect(planCorrections(worked([{ finding: 'pull', answer: 'stuck' }])).outcome).not.toBe('done');
  });

  it('nor while a hanger’s clip is seen missing', () => {
    const door = panel('pocket');
    const after = (answer: string): Observed => ({
      ...seen({ door, readings: allAbout({ leadRise: -3 }, door) }),
      rounds: [
        { done: [{ action: 'turnHanger', place: 'lead', amount: 5 }], readings: allAbout({}, door).slice(0, 6) },
        { done: [], readings: readingsOf(door), findings: [{ finding: 'clip', answer }] },
      ],
    });
    expect(planCorrections(after('home')).outcome).toBe('done');
    expect(planCorrections(after('missing')).outcome).not.toBe('done');
  });
});

describe('work on a panel', () => {
  it('new rollers stand where they stand: an end that came up with them is no slip of the gauge', () => {
    const found = allAbout({ leadRise: -3 });
    const seized = [{ finding: 'wheels', answer: 'seized', again: true }] as const;
    const raised = readingsOf(glass, { leadRise: -1.8, trailRise: 1.2 }, ['foot.lead', 'foot.trail', 'jamb.top', 'jamb.foot', 'lift.lead']);
    const observed = seen({
      door: glass,
      readings: found,
      findings: seized,
      rounds: [{ done: [{ action: 'replaceRollers', amount: 1 }], readings: raised }],
    });
    const low = planCorrections(observed);
    expect(low).toMatchObject({ outcome: 'cures', doubtful: [], cause: { id: 'leadLow' } });
    // What has been treated is told as treated, and only where nothing else is still to be.
    const stood = planCorrections({ ...observed, readings: allAbout({}) });
    expect([stood.cause.id, stood.cause.isTreated, low.cause.isTreated]).toEqual(['rollerSeized', true, undefined]);
  });

  // Common practice, no source: a slab is raised by its hangers as far as they go before it is cut.
  it('a slab that is a little too near its floor is raised; one that rubs all along is cut, and not gauged again first', () => {
    const door = panel('pocket');
    const at = (foot: number) =>
      seen({
        door,
        readings: [...readingsOf(door, {}, WALK).filter(({ station }) => !station.startsWith('foot')), ...underneath(foot)],
        findings: [
          { finding: 'trouble', answer: 'scrapes' },
          { finding: 'clip', answer: 'home' },
          { finding: 'began', answer: 'afterWork' },
          { finding: 'slabStraight', answer: 'straight' },
        ],
      });
    const underneath = (mm: number) =>
      (['foot.lead', 'foot.middle', 'foot.trail'] as const).map((station) =>
        mm === 0 ? { station, rubs: true as const } : { station, mm },
      );
    expect(stepsOf(at(0.5))?.map(([action]) => action)).toEqual(['turnHanger', 'turnHanger', 'moveKeep']);
    expect(stepsOf(at(0))).toEqual([['trimSlab', undefined, 1]]);
  });

  it('can be lifted out from so much room above as its kind lets go at', () => {
    const borders = (kind: 'glass' | 'screen') =>
      slidingModel(panel(kind))
        .showings('liftOut')
        .map(({ borderMm }) => borderMm);
    expect([borders('glass'), borders('screen')]).toEqual([
      [9, 9],
      [4.5, 4.5],
    ]);
  });

  // Common practice, no source: top wheels are let out until the screen can just not be lifted out, by watching it.
  it('a screen that lifts out has its top wheels set by the room above, and no other screw is turned', () => {
    const door = panel('screen');
    const observed = seen({
      door,
      readings: readingsOf(door, { headRoom: 4 }, WALK),
      findings: [
        { finding: 'trouble', answer: 'jumps' },
        { finding: 'liftOut', answer: 'out' },
        { finding: 'seat', answer: 'on' },
      ],
    });
    const { plans, advice } = planCorrections(observed);
    expect(plans[0]?.steps).toMatchObject([{ action: 'setTopWheels', until: { station: 'lift.lead' } }]);
    expect(plans[0]?.steps[0]?.until?.mm).toBeLessThan(3);
    expect(advice).toEqual([]);
  });
});
