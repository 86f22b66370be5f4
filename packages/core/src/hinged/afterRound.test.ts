import { causeChances, expectAt } from '../inference/expectation';
import { isTreated } from '../inference/treated';
import { cause } from './tables/causes';
import type { StationId } from './geometry/stations';
import { EVEN_GAPS, EXAMPLE_DOOR, readingsOf, SAGGING_READINGS, SPREAD_TOP } from './exampleDoor';
import { believe, planCorrections } from './hingedAnswers';
import type { Observed, Round } from './observed';

const door = EXAMPLE_DOOR;
const sagging: Observed = { door, readings: SAGGING_READINGS, findings: [{ finding: 'topScrews', answer: 'loose' }] };
const at = (observed: Observed, id: StationId) => expectAt(believe(observed), id);
const after = (...rounds: Round[]): Observed => ({ ...sagging, rounds });

describe('learning from work', () => {
  it('foretells what tightening does before anything is read again, with more doubt than before', () => {
    const before = at(sagging, 'hinge.top');
    const worked = at(after({ done: [{ action: 'tighten', hinge: 'top', amount: 1 }], readings: [] }), 'hinge.top');
    expect(worked.mean).toBeLessThan(before.mean - 1.5);
    expect(worked.variance).toBeGreaterThan(before.variance);
  });

  it('what the check reads corrects the door everywhere, not only where it was read', () => {
    const tighten = { action: 'tighten', hinge: 'top', amount: 1 } as const;
    const unread = at(after({ done: [tighten], readings: [] }), 'latch.top');
    const read = at(after({ done: [tighten], readings: readingsOf({ 'hinge.top': 2.8, 'head.latch': 3.9 }) }), 'latch.top');
    expect(Math.sqrt(read.variance)).toBeLessThan(Math.sqrt(unread.variance));
    expect(read.mean).toBeLessThan(unread.mean);
  });

  it('a tightening that moves nothing speaks for stripped holes', () => {
    const chance = (observed: Observed, id: string) => causeChances(believe(observed)).find((each) => each.id === id)?.probability ?? 0;
    const unanswered = { ...sagging, findings: [] };
    const failed = {
      ...unanswered,
      rounds: [
        {
          done: [{ action: 'tighten' as const, hinge: 'top' as const, amount: 1 }],
          readings: readingsOf({ 'hinge.top': 4.7, 'hinge.mid': 3, 'head.latch': 5 }),
        },
      ],
    };
    expect(chance(failed, 'looseTopScrews')).toBeLessThan(chance(unanswered, 'looseTopScrews') / 4);
    expect(chance(failed, 'strippedTopHoles')).toBeGreaterThan(chance(unanswered, 'strippedTopHoles'));
  });

  it('screws that spin after they were tightened speak for stripped holes; screws that now hold speak for loose ones', () => {
    const chances = (answer?: string) => {
      const observed: Observed = {
        ...sagging,
        findings: [],
        rounds: [
          {
            done: [{ action: 'tighten', hinge: 'top', amount: 1 }],
            readings: [],
            ...(answer !== undefined && { findings: [{ finding: 'topScrews', answer }] }),
          },
        ],
      };
      const all = causeChances(believe(observed));
      expect(all.every(({ probability }) => probability >= 0 && probability <= 1)).toBe(true);
      const of = (id: string) => all.find((each) => each.id === id)?.probability ?? 0;
      return { loose: of('looseTopScrews'), stripped: of('strippedTopHoles') };
    };
    const unasked = chances();
    expect(chances('spinning').stripped).toBeGreaterThan(Math.max(unasked.stripped, 0.8));
    expect(chances('tight').loose).toBeGreaterThan(unasked.loose);
    expect(chances('tight').stripped).toBeLessThan(unasked.stripped / 5);
    expect(() => chances('purple')).toThrow('not an answer');
  });

  it('learns what a layer of card does here: more than foretold makes the next plan use fewer', () => {
    const even = readingsOf({
      ...{ 'hinge.top': 2, 'hinge.mid': 2, 'hinge.bottom': 2, 'head.hinge': 3, 'head.mid': 3, 'head.latch': 3 },
      ...{ 'latch.top': 3, 'latch.mid': 3, 'latch.bottom': 3 },
    });
    const observed: Observed = { door, readings: even, findings: [] };
    const shimmed = (mm: number): Observed => ({
      ...observed,
      rounds: [
        {
          done: [{ action: 'shim', hinge: 'bottom', amount: 4 }],
          readings: readingsOf({ 'hinge.bottom': 2 + mm, 'latch.bottom': 3 - mm, 'hinge.top': 1.9 }),
        },
      ],
    });
    const learned = (mm: number) => believe(shimmed(mm)).learned.get('shim') ?? 1;
    expect(learned(2.5)).toBeGreaterThan(1.05);
    expect(learned(1.3)).toBeLessThan(0.95);
    expect(believe(observed).learned.get('shim')).toBeUndefined();
  });

  it('does not propose again what has been done and worked', () => {
    const done = after({
      done: [{ action: 'tighten', hinge: 'top', amount: 1 }],
      readings: readingsOf({
        'hinge.top': 2.1,
        'hinge.mid': 2,
        'hinge.bottom': 1.8,
        'head.latch': 3.2,
        'latch.top': 2.9,
        'latch.mid': 3.1,
        'latch.bottom': 3.2,
      }),
    });
    expect(planCorrections(done).plans.flatMap(({ steps }) => steps.map(({ action }) => action))).not.toContain('tighten');
  });

  it('reckons with hinges that work has left off their line: what was packed too far is taken back', () => {
    const packed = (amount: number, isChecked = true) =>
      planCorrections({
        door,
        readings: readingsOf({ ...EVEN_GAPS, 'bolt.low': 0 }),
        findings: [],
        rounds: [
          { done: [{ action: 'shimStrip', hinge: 'middle', amount }], readings: [] },
          // Gauged all round since: else nothing is set back.
          { done: [], readings: isChecked ? readingsOf({ ...EVEN_GAPS, 'bolt.low': 0 }) : [] },
        ],
      }).plans[0];
    expect(packed(1)).toMatchObject({ steps: [], misfit: [{ hinge: 'middle' }] });
    // Four strips leave the middle hinge 2.8 mm off the line of the ends, though every gap may still be inside.
    const middle = packed(4)?.steps.find(({ hinge }) => hinge === 'middle');
    expect(middle?.shiftMm).toBeLessThan(0);
    // Until every gap has been gauged since, nothing is set back.
    expect(packed(4, false)?.steps).toEqual([]);
  });

  it('a spread hinge that was bent has been treated, wherever it stands now', () => {
    const spread: Observed = {
      door,
      readings: SAGGING_READINGS,
      findings: SPREAD_TOP,
    };
    const bent = (hinge: 'top' | 'middle'): Observed => ({
      ...spread,
      rounds: [{ done: [{ action: 'bendKnuckles', hinge, amount: -1 }], readings: [] }],
    });
    const belief = (observed: Observed) => isTreated(believe(observed), cause('spreadKnuckles'));
    expect([belief(spread), belief(bent('middle')), belief(bent('top'))]).toEqual([false, false, true]);
  });

  it('a planed edge and a moved strike are carried forward', () => {
    const worked = after({
      done: [
        { action: 'planeLatch', amount: 3, planed: { fromMm: 3, toMm: 0 } },
        { action: 'moveStrike', amount: 2 },
      ],
      readings: [],
    });
    expect(at(worked, 'latch.top').mean - at(sagging, 'latch.top').mean).toBeCloseTo(2.85, 1);
    expect(at(worked, 'latch.bottom').mean - at(sagging, 'latch.bottom').mean).toBeCloseTo(0.15, 1);
    expect(at(worked, 'bolt.low').mean).toBeCloseTo(0, 1);
  });
});
