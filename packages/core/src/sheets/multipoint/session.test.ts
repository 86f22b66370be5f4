import { DomainError } from '../../errors';
import { seededRandom } from '../../numbers/seededRandom';
import { ADJUSTABLE_HINGES, LOCKING_GAP, USUAL_CAM } from './adjusters';
import { checkGo } from './checkGo';
import { camMove } from './keepCams';
import { nextTurns, type NextTurns } from './nextTurns';
import type { HandleFeel, MultipointSession, SessionGaps } from './session';

const START: MultipointSession = {
  door: { slabWidthMm: 900, slabHeightMm: 2050, hingeHeightsMm: [180, 1020, 1860] },
  hinge: ADJUSTABLE_HINGES.twoWay,
  cam: USUAL_CAM,
  wanted: { ...LOCKING_GAP, footMm: 3, headMm: 3 },
  found: { latchTopMm: 10, latchBottomMm: 10, footMm: 6, headMm: 5 },
  handle: { effort: 4, bounces: false },
  goes: [],
  keepGoes: [],
};

/** A door as it is: what a turn really does, by the geometry of a slab on two hinges. */
function turnedDoor(gaps: SessionGaps, { turns }: NextTurns, real: { side: number; height: number }): SessionGaps {
  const by = new Map(turns.map((each) => [each.screw, each.turns]));
  const top = (by.get('topSide') ?? 0) * real.side;
  const bottom = (by.get('bottomSide') ?? 0) * real.side;
  const up = (by.get('height') ?? 0) * real.height;
  const moved = (heightMm: number) => top + ((bottom - top) * (heightMm - 180)) / (1860 - 180);
  const drop = ((top - bottom) / (1860 - 180)) * 900;
  return {
    latchTopMm: (gaps.latchTopMm ?? 0) - moved(0.05 * 2050),
    latchBottomMm: (gaps.latchBottomMm ?? 0) - moved(0.95 * 2050),
    footMm: Math.max(0, (gaps.footMm ?? 0) + up - drop),
    headMm: (gaps.headMm ?? 0) - up + drop,
  };
}

const asGo = ({ turns }: NextTurns, after: SessionGaps) => ({
  turns: Object.fromEntries(turns.map(({ screw, turns: n }) => [screw, n])),
  after,
});

/** Follows the session on a door whose screws really do so much a turn, until it asks for no more hinge turns. */
function follow(start: MultipointSession, real: { side: number; height: number }, noise: () => number = () => 0) {
  let session = start;
  let truth = start.found;
  const phases: string[] = [];
  for (let i = 0; i < 12; i += 1) {
    const next = nextTurns(session);
    phases.push(next.phase);
    if (next.turns.length === 0) return { session, truth, phases, next };
    truth = turnedDoor(truth, next, real);
    const read = Object.fromEntries(Object.entries(truth as Record<string, number>).map(([key, mm]) => [key, Math.max(0, mm + noise())]));
    session = { ...session, goes: [...session.goes, asGo(next, read)] };
  }
  throw new Error('no end');
}

describe('setting a multipoint door', () => {
  // Common practice, no source: 4–6 mm at the locking side; 10 mm is too wide for the hooks.
  it('takes a locking gap of 10 mm to inside 4–6 mm in two goes, by what the first really did', () => {
    const { truth, phases, next } = follow(START, { side: 1.25, height: 1 });
    expect(phases).toEqual(['sideways', 'sideways', 'keeps']);
    expect(truth.latchTopMm).toBeCloseTo(5, 0);
    expect(truth.latchBottomMm).toBeCloseTo(5, 0);
    expect(next.learned.topSide).toMatchObject({ from: 'measured' });
    expect(next.learned.topSide.mmPerTurn).toBeCloseTo(1.25, 1);
  });

  // Common practice, no source: 10 mm to 4 mm by the side screws.
  it('takes 10 mm to 4 mm where that is aimed at', () => {
    const { truth, next } = follow({ ...START, wanted: { ...START.wanted, targetMm: 4 } }, { side: 1, height: 1 });
    expect(truth.latchTopMm).toBeCloseTo(4, 0);
    expect(next.left.topSide).toEqual({ plus: 0, minus: 12 });
  });

  it('the first try of an untried screw is one turn at most, and the middle hinge follows', () => {
    const { turns, says } = nextTurns(START);
    expect(turns.map(({ screw, turns: n }) => [screw, n])).toEqual([
      ['topSide', 1],
      ['middleSide', 1],
      ['bottomSide', 1],
    ]);
    expect(says).toContain('first try');
  });

  it('what it expects is what the slab on its two hinges does', () => {
    const tapering = { ...START, found: { latchTopMm: 9, latchBottomMm: 6.5, footMm: 8, headMm: 5 } };
    const next = nextTurns(tapering);
    const after = turnedDoor(tapering.found, next, { side: 1, height: 1 });
    for (const key of ['latchTopMm', 'latchBottomMm', 'footMm', 'headMm'] as const)
      expect(next.expects?.[key]).toBeCloseTo(after[key] ?? 0, 9);
  });

  it('height comes first, and only until it clears', () => {
    const dragging = { ...START, found: { ...START.found, footMm: 1 } };
    const next = nextTurns(dragging);
    expect(next).toMatchObject({ phase: 'height', turns: [{ screw: 'height', turns: 1, way: 'up' }] });
    const { truth, phases } = follow(dragging, { side: 1, height: 0.8 });
    expect(phases.indexOf('sideways')).toBeGreaterThan(phases.lastIndexOf('height'));
    expect(truth.footMm).toBeGreaterThanOrEqual(2.9);
  });

  it('comes inside the locking gap on 300 doors with screws of unknown make, readings with a gauge’s error', () => {
    const random = seededRandom(31);
    let goes = 0;
    for (let i = 0; i < 300; i += 1) {
      const found = {
        latchTopMm: 3 + 7 * random.uniform(),
        latchBottomMm: 3 + 7 * random.uniform(),
        footMm: 6 * random.uniform(),
        headMm: 10,
      };
      const real = { side: 0.8 + 0.7 * random.uniform(), height: 0.8 + 0.7 * random.uniform() };
      const { truth, session, next } = follow({ ...START, found }, real, () => 0.15 * random.normal());
      if (next.phase === 'outOfTravel') continue;
      goes += session.goes.length;
      for (const mm of [truth.latchTopMm, truth.latchBottomMm]) {
        expect(mm).toBeGreaterThan(3.4);
        expect(mm).toBeLessThan(6.6);
      }
    }
    expect(goes / 300).toBeLessThan(4);
  });

  it('asks for no gap that the next turn does not need: the foot first, the locking gap once it clears', () => {
    const toRead = (more: Partial<MultipointSession>) => {
      const { phase, turns, read, mayRead } = nextTurns({ ...START, ...more });
      return [phase, turns.length, read, mayRead];
    };
    expect(toRead({ found: {} })).toEqual(['read', 0, ['footMm'], ['headMm']]);
    // It stands on its sill and will not shut: nobody can read a locking gap yet, and it is raised without.
    expect(nextTurns({ ...START, found: { footMm: 0 } })).toMatchObject({ phase: 'height', read: ['footMm'], mayRead: ['headMm'] });
    expect(toRead({ found: { footMm: 6 } })).toEqual(['read', 0, ['latchTopMm', 'latchBottomMm'], []]);
    expect(toRead({ found: { footMm: 6, latchTopMm: 10 } })).toEqual(['read', 0, ['latchBottomMm'], []]);
  });

  it('asks after a go what it did, and for the foot where the turns may have let it down', () => {
    const after = (turns: MultipointSession['goes'][number]['turns'], footMm: number) => {
      const { phase, read, mayRead } = nextTurns({ ...START, found: { ...START.found, footMm }, goes: [{ turns }] });
      return [phase, read, mayRead];
    };
    expect(after({ height: 1 }, 6)).toEqual(['read', ['footMm'], ['headMm']]);
    expect(after({ topSide: 1, bottomSide: 1 }, 6)).toEqual(['read', ['latchTopMm', 'latchBottomMm'], ['footMm']]);
    // Only the top goes over: the latch edge comes down.
    expect(after({ topSide: 3 }, START.wanted.footMm)).toEqual(['read', ['latchTopMm', 'latchBottomMm', 'footMm'], []]);
  });

  it('says when a screw turns in the other sense', () => {
    const { warnings } = nextTurns({
      ...START,
      goes: [{ turns: { topSide: 1, bottomSide: 1 }, after: { latchTopMm: 11, latchBottomMm: 11 } }],
    });
    expect(warnings.join()).toContain('other sense');
  });

  it('stops where the travel ends, and says what is short and what else there is', () => {
    const short = { ...START, hinge: { ...START.hinge, side: { mmPerTurn: 1, turnsEachWay: 2 } } };
    const { next, truth } = follow(short, { side: 1, height: 1 });
    expect(truth.latchTopMm).toBeCloseTo(8, 0);
    expect(next.phase).toBe('outOfTravel');
    expect(next.ranOut?.shortMm).toBeCloseTo(3, 0);
    expect(next.ranOut?.ways.map(({ id }) => id)).toEqual(['packHinges', 'toeAndHeel', 'frame']);
    expect(nextTurns({ ...START, found: { ...START.found, footMm: 0, headMm: 3 } }).phase).toBe('outOfTravel');
  });

  it('refuses turns past the travel', () => {
    expect(() => checkGo(START, { turns: { topSide: 7 } })).toThrow('only 6 turns are left');
    expect(() => checkGo(START, { turns: { topSide: 6 } })).not.toThrow();
  });
});

const SET: MultipointSession = {
  ...START,
  found: { latchTopMm: 5, latchBottomMm: 5, footMm: 6, headMm: 5 },
  handle: { effort: 4, bounces: true },
};

function refusal(act: () => void): string {
  try {
    act();
  } catch (error) {
    if (error instanceof DomainError) return error.code;
    throw error;
  }
  return 'taken';
}

describe('the keeps', () => {
  // Common practice, no source: at most a quarter turn at a go, never right round, centre first.
  it('refuses a half turn of a cam, a turn past its end, and a hook before the centre', () => {
    expect(refusal(() => checkGo(SET, { keep: 'centre', quarters: 2 }))).toBe('cam.quarter');
    expect(refusal(() => checkGo(SET, { keep: 'centre', quarters: -2 }))).toBe('cam.quarter');
    expect(refusal(() => checkGo(SET, { keep: 'topHook', quarters: 1 }))).toBe('keep.order');
    const once = { ...SET, keepGoes: [{ keep: 'centre' as const, quarters: -1 }] };
    expect(refusal(() => checkGo(once, { keep: 'centre', quarters: -1 }))).toBe('cam.range');
    expect(refusal(() => checkGo(once, { keep: 'centre', quarters: 1 }))).toBe('taken');
    expect(refusal(() => checkGo(once, { keep: 'topHook', quarters: -1 }))).toBe('taken');
  });

  it('goes centre, then one hook, then the opposite end, and ends when the handle is easy', () => {
    const feel = (effort: HandleFeel['effort'], bounces = false): HandleFeel => ({ effort, bounces });
    let session = SET;
    const asked: string[] = [];
    for (const handle of [feel(4), feel(3), feel(2)]) {
      const { cam } = nextTurns(session);
      if (cam === undefined) throw new Error('no cam');
      asked.push(cam.keep);
      expect(cam.quarters).toBe(-1);
      session = { ...session, keepGoes: [...session.keepGoes, { keep: cam.keep, quarters: cam.quarters, handle }] };
    }
    expect(asked).toEqual(['centre', 'topHook', 'bottomHook']);
    expect(nextTurns(session).phase).toBe('done');
    expect(nextTurns(session).handle).toEqual({ before: SET.handle, now: feel(2) });
  });

  it('a cam that made it worse goes back first, and is then left alone', () => {
    const stiff = { effort: 3, bounces: false } as const;
    const worse = {
      ...SET,
      handle: stiff,
      keepGoes: [{ keep: 'centre' as const, quarters: -1, handle: { effort: 4, bounces: false } as const }],
    };
    expect(nextTurns(worse).cam).toMatchObject({ keep: 'centre', quarters: 1, way: 'tighter', leftQuarters: 1 });
    expect(nextTurns(worse).says).toContain('made it worse');
    const back = { ...worse, keepGoes: [...worse.keepGoes, { keep: 'centre' as const, quarters: 1, handle: stiff }] };
    expect(nextTurns(back).cam).toMatchObject({ keep: 'topHook', quarters: -1 });
  });

  it('a bounce with an easy handle is taken out at the centre', () => {
    expect(nextTurns({ ...SET, handle: { effort: 2, bounces: true } }).cam).toMatchObject({ keep: 'centre', quarters: 1, way: 'tighter' });
  });

  it('an eccentric moves by the sine of its turn and not at all past its end', () => {
    expect(camMove(SET, { keep: 'centre' }, 1)).toBeCloseTo(USUAL_CAM.eccentricMm, 9);
    expect(camMove(SET, { keep: 'centre' }, 0.5)).toBeCloseTo(USUAL_CAM.eccentricMm * Math.SQRT1_2, 9);
    const turned = { ...SET, keepGoes: [{ keep: 'centre' as const, quarters: 0.5 }] };
    expect(camMove(turned, { keep: 'centre' }, 0.5)).toBeCloseTo(USUAL_CAM.eccentricMm * (1 - Math.SQRT1_2), 9);
  });

  it('a three-way hinge is set on its seal before the keeps, and only a three-way one', () => {
    const loose = { ...SET, hinge: ADJUSTABLE_HINGES.threeWay, seal: 'loose' as const };
    const next = nextTurns(loose);
    expect(next).toMatchObject({ phase: 'pressure', turns: [{ screw: 'pressure', turns: 0.5, way: 'tighter on the seal' }] });
    // Turned, it is looked at before it is turned again.
    expect(nextTurns({ ...loose, goes: [{ turns: { pressure: 0.5 } }] })).toMatchObject({ phase: 'pressure', turns: [] });
    const set = { ...loose, goes: [{ turns: { pressure: 0.5 }, seal: 'even' as const }] };
    expect(nextTurns(set)).toMatchObject({ phase: 'keeps', left: { pressure: { plus: 1.5, minus: 2.5 } } });
    expect(nextTurns({ ...loose, hinge: ADJUSTABLE_HINGES.twoWay }).phase).toBe('keeps');
  });

  it('two cams of a keep are turned in turn, and each has its own range', () => {
    const stiff = (effort: HandleFeel['effort']): HandleFeel => ({ effort, bounces: false });
    let session: MultipointSession = { ...SET, handle: stiff(4), cam: { ...USUAL_CAM, perKeep: 2 } };
    const asked: string[] = [];
    for (const handle of [stiff(3), stiff(3), stiff(3), stiff(3), stiff(2)]) {
      const { cam } = nextTurns(session);
      if (cam === undefined) throw new Error('no cam');
      asked.push(cam.title);
      const { keep, cam: which, quarters } = cam;
      session = { ...session, keepGoes: [...session.keepGoes, { keep, ...(which && { cam: which }), quarters, handle }] };
    }
    // Turned by half of what it has, the upper one waits for the lower.
    const halfway = { ...session, keepGoes: [{ keep: 'centre' as const, cam: 1 as const, quarters: -0.5, handle: stiff(3) }] };
    expect(nextTurns(halfway).cam).toMatchObject({ keep: 'centre', cam: 2 });
    expect(asked).toEqual([
      'Centre keep, at the latch, upper cam',
      'Centre keep, at the latch, lower cam',
      'Top hook keep, upper cam',
      'Bottom hook keep, upper cam',
      'Top hook keep, lower cam',
    ]);
    expect(nextTurns(session).phase).toBe('done');
    expect(refusal(() => checkGo(session, { keep: 'centre', cam: 1, quarters: -1 }))).toBe('cam.range');
    expect(refusal(() => checkGo(session, { keep: 'bottomHook', cam: 2, quarters: -1 }))).toBe('taken');
  });

  it('looks elsewhere when every cam is at its end', () => {
    const used = (['centre', 'topHook', 'bottomHook'] as const).map((keep) => ({
      keep,
      quarters: -1,
      handle: { effort: 4, bounces: false } as const,
    }));
    expect(nextTurns({ ...SET, keepGoes: used })).toMatchObject({ phase: 'outOfTravel' });
  });
});
