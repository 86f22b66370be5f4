import { isSetAt, placeOfWork } from '../model/action';
import type { Observed } from './observed';
import { panel, readingsOf } from './panel.fixture';
import { WALK } from './geometry/stations';
import { untakenLooks } from '../planning/untakenLooks';
import { movesGaps } from '../doors';
import { ACTION_IDS } from './names/actionIds';
import { slidingModel } from './slidingDoors';
import { cause } from './tables/causes';
import { believe, diagnose, planCorrections, whatNext } from './slidingAnswers';
import { action } from './tables/actions';
import { findingsFor } from './tables/findings';

const glass = panel('glass');
const screen = panel('screen');
const read = (door: Observed['door'], moved: Readonly<Record<string, number>> = {}) => readingsOf(door, moved, WALK);
const chancesOf = (observed: Observed) => Object.fromEntries(diagnose(observed).causes.map(({ id, probability }) => [id, probability]));

describe('how a panel runs', () => {
  const stiff = [
    { finding: 'pull', answer: 'stiff' },
    { finding: 'where', answer: 'along' },
  ] as const;

  it('does not come of an end that is low and clears its sill: something else brakes it as well', () => {
    const clears = chancesOf({ door: glass, readings: read(glass, { leadRise: -3.5 }), findings: [...stiff] });
    const scrapes = chancesOf({ door: glass, readings: read(glass, { leadRise: -7 }), findings: [...stiff] });
    const brakes = (chances: Readonly<Record<string, number>>) =>
      (['wheelStiff', 'rollerSeized', 'rollersWorn', 'trackDirty', 'stripDrags'] as const).reduce((sum, id) => sum + (chances[id] ?? 0), 0);
    expect(clears['leadLow']).toBeGreaterThan(0.2);
    expect(brakes(clears)).toBeGreaterThan(brakes(scrapes) + 0.3);
  });

  it('a length of wiped track, and a panel with its weight taken, tell dirt, wheels and strip apart', () => {
    const lead = (finding: 'wiped' | 'lifted', answer: string) => {
      const chances = chancesOf({ door: glass, readings: read(glass), findings: [...stiff, { finding, answer }] });
      return (id: string) => chances[id] ?? 0;
    };
    expect(lead('wiped', 'easier')('trackDirty')).toBeGreaterThan(lead('wiped', 'same')('trackDirty') + 0.3);
    expect(lead('lifted', 'same')('stripDrags')).toBeGreaterThan(lead('lifted', 'easier')('stripDrags') + 0.2);
  });

  it.each([
    ['headRub', 'middle'],
    ['tick', 'even'],
    ['wheels', 'chipped'],
  ] as const)('is not called in order while %s says %s', (finding, answer) => {
    const runs = { finding: 'pull', answer: 'free' } as const;
    const outcome = (said: string) =>
      planCorrections({ door: screen, readings: read(screen), findings: [runs, { finding, answer: said, again: true }] }).outcome;
    expect(outcome(answer)).not.toBe('true');
    const inOrder = { headRub: 'play', tick: 'none', wheels: 'spin' } as const;
    expect(outcome(inOrder[finding])).toBe('true');
  });
});

it('a door that ticks after its work has its wheels looked at, however even it hangs', () => {
  const turned = { action: 'turnScrew', place: 'lead', amount: 4 } as const;
  const after = (findings: Observed['findings']) =>
    planCorrections({
      door: glass,
      readings: read(glass, { leadRise: -3 }),
      findings: [
        { finding: 'screws', answer: 'move' },
        { finding: 'trouble', answer: 'ticks' },
      ],
      rounds: [{ done: [turned], readings: readingsOf(glass, {}), findings }],
    });
  const ticks = after([{ finding: 'tick', answer: 'even' }]);
  expect([ticks.outcome, ticks.lookAgain]).toEqual(['look again', expect.arrayContaining(['wheels'])]);
});

describe('top wheels', () => {
  const raised: Observed = {
    door: screen,
    readings: read(screen, { leadRise: -3, trailRise: -3 }),
    findings: [
      { finding: 'screws', answer: 'move' },
      { finding: 'wheels', answer: 'spin' },
      { finding: 'trackFelt', answer: 'true' },
    ],
    rounds: [
      {
        done: [
          { action: 'turnScrew', place: 'lead', amount: 5 },
          { action: 'turnScrew', place: 'trail', amount: 5 },
        ],
        // The bottom is right, and the head now holds it.
        readings: read(screen, { headRoom: -1.6 }),
      },
    ],
  };
  const first = (observed: Observed) => planCorrections(observed).plans[0]?.steps[0];

  it('are set again by the room above once the bottom wheels have raised a screen', () => {
    const step = first(raised);
    expect(step).toMatchObject({ action: 'setTopWheels', place: 'topWheels', until: { station: 'lift.lead' } });
    expect(step?.until?.mm).toBeGreaterThan(0.4);
    expect(step?.until?.mm).toBeLessThan(3);
  });

  it('are moved by what was logged whether or not it was said where', () => {
    const room = (step: { action: 'setTopWheels'; place?: 'topWheels'; amount: number }) => {
      const { held, model } = believe({ door: screen, readings: read(screen), findings: [], rounds: [{ done: [step], readings: [] }] });
      return held[0]?.posterior.mean[model.layout.parameterAt('headRoom')] ?? NaN;
    };
    const said = room({ action: 'setTopWheels', place: 'topWheels', amount: 2 });
    expect(room({ action: 'setTopWheels', amount: 2 })).toBeCloseTo(said, 9);
    expect(said).toBeGreaterThan(room({ action: 'setTopWheels', place: 'topWheels', amount: -2 }) + 3);
  });

  it('set by watching are not set again straight away, though a rule still reads them out', () => {
    const done = { action: 'setTopWheels', place: 'topWheels', amount: 1.5 } as const;
    const still: Observed = { ...raised, rounds: [...(raised.rounds ?? []), { done: [done], readings: read(screen, { headRoom: -1.6 }) }] };
    expect(first(still)?.action).not.toBe('setTopWheels');
  });

  it('are no place for a roller screw, nor a roller for them', () => {
    expect([isSetAt(action('turnScrew'), 'topWheels'), isSetAt(action('turnScrew'), 'lead')]).toEqual([false, true]);
    expect([isSetAt(action('setTopWheels'), 'lead'), isSetAt(action('setTopWheels'), undefined)]).toEqual([false, false]);
    expect([placeOfWork(action('turnScrew'), undefined), placeOfWork(action('setTopWheels'), undefined)]).toEqual([undefined, 'topWheels']);
  });
});

it('new rollers have screws of their own: what a dead one did is forgotten', () => {
  const dead = { action: 'turnScrew', place: 'lead', amount: 4 } as const;
  const low = read(glass, { leadRise: -4 });
  const turned: Observed = { door: glass, readings: low, findings: [], rounds: [{ done: [dead], readings: low }] };
  expect(believe(turned).learned.get('turnScrew')).toBeLessThan(0.8);
  const renewed = { done: [{ action: 'replaceRollers', amount: 1 } as const], readings: read(glass) };
  expect(believe({ ...turned, rounds: [...(turned.rounds ?? []), renewed] }).learned.size).toBe(0);
});

describe('before a panel is taken apart', () => {
  it('whoever planned it has looked at what it is for', () => {
    const low: Observed = {
      door: screen,
      readings: [...read(screen, { leadRise: -2.5, trailRise: -2.5 })],
      findings: [
        { finding: 'trouble', answer: 'scrapes' },
        { finding: 'pull', answer: 'stiff' },
        { finding: 'screws', answer: 'move' },
        { finding: 'wheels', answer: 'spin' },
      ],
    };
    const { outcome, lookAgain, plans } = planCorrections(low);
    expect([outcome, plans[0]?.steps]).toEqual(['look again', []]);
    expect(lookAgain).toEqual(expect.arrayContaining(['trackFelt']));
    const worn = { finding: 'trackFelt', answer: 'flat', again: true } as const;
    const looked = planCorrections({ ...low, findings: [...low.findings, worn, { finding: 'track', answer: 'worn', again: true }] });
    expect(looked.plans[0]?.steps.map(({ action: id }) => id)).toContain('coverTrack');
    const round = planCorrections({ ...low, findings: [...low.findings, { finding: 'trackFelt', answer: 'true' }] });
    expect(round.plans[0]?.steps.map(({ action: id }) => id)).not.toContain('coverTrack');
    const felt: Observed = { ...low, findings: [...low.findings, { finding: 'trackFelt', answer: 'true' }] };
    const left = (observed: Observed) => untakenLooks(believe(observed), observed, [cause('trackWorn')]);
    expect([left(low), left(felt)]).toEqual([
      ['trackFelt', 'track'],
      ['track', 'where'],
    ]);
  });

  it('a look that cannot be had is not waited for, nor asked for again', () => {
    const low: Observed = {
      door: screen,
      readings: [...read(screen, { leadRise: -2.5, trailRise: -2.5 })],
      findings: [
        { finding: 'trouble', answer: 'scrapes' },
        { finding: 'pull', answer: 'stiff', again: true },
      ],
    };
    const asked = planCorrections(low);
    expect(asked.outcome).toBe('look again');
    const checks = findingsFor('screen').flatMap(({ id, stage }) => (stage === 'listen' || id === 'pull' ? [] : [id]));
    const without = { ...low, unreachable: checks };
    expect(planCorrections(without)).toMatchObject({ lookAgain: [], outcome: expect.not.stringMatching('look again') as string });
    expect(checks.filter((id) => whatNext(without).checks.includes(id))).toEqual([]);
    expect(whatNext(low).checks.length).toBeGreaterThan(1);
  });

  it('is told of the glass where there is some, and of the open wall where it opens one', () => {
    const told = (kind: 'glass' | 'screen' | 'pocket') => ['glass', 'openWall', 'pinch'].filter(slidingModel(panel(kind)).hasCaution);
    expect([told('glass'), told('screen'), told('pocket')]).toEqual([['glass', 'openWall', 'pinch'], ['openWall', 'pinch'], ['pinch']]);
  });
});

describe('after work', () => {
  const stiffAndDirty: Observed = {
    door: glass,
    readings: read(glass),
    findings: [
      { finding: 'pull', answer: 'stiff' },
      { finding: 'track', answer: 'dirty' },
      { finding: 'locks', answer: 'yes' },
    ],
  };
  const after = (action: 'cleanTrack' | 'turnScrew') =>
    planCorrections({ ...stiffAndDirty, rounds: [{ done: [{ action, place: 'lead', amount: 1 }], readings: [] }] }).tryAgain;

  it('that moves no gap only what was found wrong is tried again; a lock once the panel stands otherwise', () => {
    expect(after('cleanTrack')).toEqual(['pull']);
    expect(after('turnScrew')).toEqual(expect.arrayContaining(['pull', 'locks']));
  });

  it('on the track nobody wipes a length of it to see whether it was dirty', () => {
    const cleaned = planCorrections(stiffAndDirty).plans[0]?.steps[0];
    expect([cleaned?.action, cleaned?.lookAgain]).toEqual(['cleanTrack', ['track', 'pull']]);
  });

  it('cleaning, filing and oiling move no gap; new rollers, clips and screws do', () => {
    const moving = ACTION_IDS.filter(movesGaps);
    expect(moving).toEqual(expect.arrayContaining(['turnScrew', 'setTopWheels', 'replaceRollers', 'fitClip', 'reseat', 'liftHead']));
    for (const id of ['cleanTrack', 'fileBurr', 'lubricateWheels', 'refitStrip', 'refitGuide', 'moveKeep'] as const)
      expect(moving).not.toContain(id);
  });
});
