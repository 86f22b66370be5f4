import { seededRandom } from '../chance/seededRandom';
import { action } from './actions';
import { PARAMETER_COUNT } from './parameters';
import { EXAMPLE_DOOR } from './exampleDoor';
import { gapBoard, gapChanges, offCentre, outsideBy } from './gapsRound';
import { hingeLine } from './hingeLine';
import { leavesOutside, searchPlan, type HingeChoice, type SearchSpace } from './searchPlan';

const board = gapBoard(EXAMPLE_DOOR, false);
const line = hingeLine(EXAMPLE_DOOR, PARAMETER_COUNT);

function spaceFrom(start: Float64Array): SearchSpace {
  const atHinge = line.moves.map((move, hinge) => {
    const perMm = gapChanges(board, EXAMPLE_DOOR, move);
    return [-2, -1, 1, 2].map((amount): HingeChoice => {
      const shiftMm = amount * 0.9;
      return {
        action: action('bendKnuckles'),
        hinge,
        amount,
        shiftMm,
        changes: perMm.map((c) => c * shiftMm),
        price: 8 + 3 * Math.abs(amount) + hinge,
      };
    });
  });
  return { board, start, cures: [], atHinge, mustUse: [], planes: [], line, guardMm: 0.2, misfitAllowedMm: 0.8 };
}

/** Every combination, priced afresh from the definitions. */
function bestByTryingAll(space: SearchSpace): { outside: number; price: number } {
  let best = { outside: Infinity, price: Infinity };
  const walk = (hinge: number, chosen: HingeChoice[]) => {
    const choices = space.atHinge[hinge];
    if (choices !== undefined) {
      for (const choice of [undefined, ...choices]) walk(hinge + 1, choice ? [...chosen, choice] : chosen);
      return;
    }
    const gaps = Float64Array.from(space.start, (gap, i) => gap + chosen.reduce((sum, c) => sum + (c.changes[i] ?? 0), 0));
    const misfits = line.misfit.map((_, j) => chosen.reduce((sum, c) => sum + c.shiftMm * (line.misfit[c.hinge]?.[j] ?? 0), 0));
    const outside = outsideBy(board, gaps, 0) + misfits.reduce((sum, m) => sum + Math.max(0, Math.abs(m) - 0.8), 0);
    const price = chosen.reduce((sum, c) => sum + c.price, 0) + 20 * outsideBy(board, gaps, 0.2) + 12 * offCentre(board, gaps);
    const steps = Math.round(outside / 0.01) - Math.round(best.outside / 0.01);
    if (steps < 0 || (steps === 0 && price < best.price) || best.outside === Infinity) best = { outside, price };
  };
  walk(0, []);
  return best;
}

describe('searchPlan', () => {
  it('finds on 120 random doors what trying every combination finds', () => {
    const random = seededRandom(11);
    let cured = 0;
    for (let n = 0; n < 120; n += 1) {
      const wild = n % 2 === 0 ? 1.2 : 0.4;
      const start = Float64Array.from(board.limits, ({ target }) => target + 0.15 * random.normal());
      line.moves.forEach((move) => {
        const push = wild * random.normal();
        gapChanges(board, EXAMPLE_DOOR, move).forEach((c, i) => {
          start[i] = (start[i] ?? 0) + c * push;
        });
      });
      const space = spaceFrom(start);
      const found = searchPlan(space);
      const expected = bestByTryingAll(space);
      expect(found.outside).toBeCloseTo(expected.outside, 6);
      expect(found.price).toBeCloseTo(expected.price, 6);
      if (!leavesOutside(found)) cured += 1;
    }
    expect(cured).toBeGreaterThan(40);
    expect(cured).toBeLessThan(120);
  });

  it('must use the action that treats the cause, even where doing nothing is cheaper', () => {
    const space = { ...spaceFrom(Float64Array.from(board.limits, ({ target }) => target)), mustUse: ['bendKnuckles' as const] };
    expect(searchPlan(space).hinges).toHaveLength(1);
    expect(searchPlan({ ...space, mustUse: [] }).hinges).toHaveLength(0);
  });
});
