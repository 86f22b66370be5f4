import { inverse, Matrix } from 'ml-matrix';
import { ADJUSTABLE_HINGES, TURN_SHARE_SD } from './adjusters';
import { learnHeight, learnSides, type SideGo } from './learnTurns';
import { sideLever } from './sideways';

const HINGE = ADJUSTABLE_HINGES.twoWay;
const DOOR = { slabWidthMm: 900, slabHeightMm: 2050, hingeHeightsMm: [180, 1020, 1860] };
const { shares, forClosing, middle, drop } = sideLever({ door: DOOR });

/** Mean of a normal belief after linear readings, by the normal equations: (P + XᵀX/σ²)⁻¹(P·m + Xᵀy/σ²). */
function byNormalEquations(goes: readonly SideGo[]): number[] {
  const variance = (HINGE.side.mmPerTurn * TURN_SHARE_SD) ** 2;
  const prior = inverse(
    new Matrix([
      [variance, variance * 0.6],
      [variance * 0.6, variance],
    ]),
  );
  const noise = 2 * 0.15 ** 2;
  const rows = goes.flatMap(({ topTurns, bottomTurns, closedMm }) =>
    (['top', 'bottom'] as const).flatMap((at) =>
      closedMm[at] === undefined ? [] : [{ x: [topTurns * shares[at].top, bottomTurns * shares[at].bottom], y: closedMm[at] }],
    ),
  );
  const x = new Matrix(rows.map((row) => row.x));
  const y = Matrix.columnVector(rows.map((row) => row.y));
  const start = Matrix.columnVector([1, 1]).mul(HINGE.side.mmPerTurn);
  const information = Matrix.add(prior, x.transpose().mmul(x).div(noise));
  return inverse(information)
    .mmul(Matrix.add(prior.mmul(start), x.transpose().mmul(y).div(noise)))
    .to1DArray();
}

describe('what a turn does here', () => {
  const goes: SideGo[] = [
    { topTurns: 1, bottomTurns: 1, closedMm: { top: 1.3, bottom: 1.2 } },
    { topTurns: 3, bottomTurns: 2.5, closedMm: { top: 3.9, bottom: 3 } },
    { topTurns: -0.5, bottomTurns: 0, closedMm: { top: -0.7 } },
  ];

  it('follows every go that was read as the normal equations do (ml-matrix)', () => {
    for (let upTo = 1; upTo <= goes.length; upTo += 1) {
      const { top, bottom } = learnSides(HINGE, goes.slice(0, upTo), shares);
      const [wantedTop = 0, wantedBottom = 0] = byNormalEquations(goes.slice(0, upTo));
      expect(top.mmPerTurn).toBeCloseTo(wantedTop, 9);
      expect(bottom.mmPerTurn).toBeCloseTo(wantedBottom, 9);
    }
  });

  it('gets surer with every go, and says from where it is known', () => {
    const sds = [0, 1, 2, 3].map((upTo) => learnSides(HINGE, goes.slice(0, upTo), shares).top.sdMm);
    expect(sds).toEqual([...sds].sort((a, b) => b - a));
    expect(learnSides(HINGE, [], shares).top.from).toBe('sheet');
    expect(learnSides(HINGE, goes.slice(2), shares)).toMatchObject({ top: { from: 'measured' }, bottom: { from: 'sheet' } });
  });

  it('two screws of one make err alike: what one does moves the belief about the other', () => {
    const { bottom } = learnSides(HINGE, [{ topTurns: 2, bottomTurns: 0, closedMm: { top: 3 } }], shares);
    expect(bottom.mmPerTurn).toBeGreaterThan(HINGE.side.mmPerTurn + 0.1);
  });

  it('height is learned from what the foot gap gained', () => {
    const { mmPerTurn, from } = learnHeight(HINGE, [{ turns: 2, raisedMm: 1.6 }]);
    expect(from).toBe('measured');
    expect(mmPerTurn).toBeGreaterThan(0.75);
    expect(mmPerTurn).toBeLessThan(1);
  });
});

describe('a rigid slab on two side screws', () => {
  it('moves that close the gaps by so much do close them by so much', () => {
    const moves = forClosing(4, 2.5);
    expect(moves.top * shares.top.top + moves.bottom * shares.top.bottom).toBeCloseTo(4, 9);
    expect(moves.top * shares.bottom.top + moves.bottom * shares.bottom.bottom).toBeCloseTo(2.5, 9);
  });

  it('both alike move it across without a turn; the middle follows', () => {
    expect(drop(2, 2)).toBeCloseTo(0, 12);
    expect(middle.top + middle.bottom).toBeCloseTo(1, 12);
    expect(shares.top.top + shares.top.bottom).toBeCloseTo(1, 12);
  });

  it('the top toward the latch more than the bottom lets the latch edge down by that over the spacing, times the width', () => {
    expect(drop(1, 0)).toBeCloseTo(900 / (1860 - 180), 9);
  });
});
