import loadHighs from 'highs';
import { seededRandom } from '../numbers/seededRandom';
import { makeStacks, MOST_IN_STACK, type StacksToMake } from './packers';

const asked = (stacksMm: number[], kinds: StacksToMake['kinds'], more: Partial<StacksToMake> = {}): StacksToMake => ({
  ...{ stacksMm, kinds, withinMm: 0.01, spareShare: 0 },
  ...more,
});
const plain = [{ mm: 1 }, { mm: 2 }, { mm: 3 }, { mm: 5 }];

/** Every way to choose up to eight pieces, tried one by one. */
function fewestByTrying(wantedMm: number, thicknesses: readonly number[]): number {
  let sums = new Set([0]);
  for (let pieces = 0; pieces <= MOST_IN_STACK; pieces += 1) {
    if ([...sums].some((each) => Math.abs(each - wantedMm) < 0.011)) return pieces;
    sums = new Set([...sums].flatMap((each) => thicknesses.map((mm) => Math.round((each + mm) * 100) / 100)));
  }
  return Infinity;
}

describe('packers', () => {
  it('a quarter of an inch behind stock of an inch in a jamb of 1-1/4 is one packer (common practice, no source)', () => {
    const [stack] = makeStacks(asked([31.75 - 25.4], [{ mm: 3.175 }, { mm: 6.35 }])).stacks;
    expect(stack).toMatchObject({ pieces: [6.35], isExact: true });
  });

  it('makes each stack of the fewest pieces there are: as every way tried one by one', () => {
    const random = seededRandom(18);
    for (let round = 0; round < 200; round += 1) {
      const thicknesses = [1, 1.5, 2, 3, 4, 5, 6].filter(() => random.uniform() < 0.6);
      if (thicknesses.length === 0) continue;
      const wantedMm = Math.round(random.uniform() * 40) / 2;
      const fewest = fewestByTrying(wantedMm, thicknesses);
      const [stack] = makeStacks(
        asked(
          [wantedMm],
          thicknesses.map((mm) => ({ mm })),
        ),
      ).stacks;
      expect({ wantedMm, thicknesses, exact: stack?.isExact }).toEqual({ wantedMm, thicknesses, exact: fewest !== Infinity });
      if (fewest !== Infinity) expect(stack?.pieces.length).toBe(fewest);
    }
  });

  it('shares out what the van holds as a general solver of whole numbers does (HiGHS)', async () => {
    const highs = await loadHighs();
    const random = seededRandom(3);
    let compared = 0;
    for (let round = 0; round < 60; round += 1) {
      const kinds = [1, 2, 3, 5].map((mm) => ({ mm, count: Math.floor(random.uniform() * 7) }));
      const stacksMm = Array.from({ length: 4 }, () => 3 + Math.floor(random.uniform() * 9));
      const name = (i: number, k: number) => `n${i}_${k}`;
      const each = <T>(of: (i: number, k: number) => T) => stacksMm.flatMap((_, i) => kinds.map((__, k) => of(i, k)));
      const program = [
        'Minimize',
        ` obj: ${each((i, k) => name(i, k)).join(' + ')}`,
        'Subject To',
        ...stacksMm.map((mm, i) => ` s${i}: ${kinds.map((kind, k) => `${kind.mm} ${name(i, k)}`).join(' + ')} = ${mm}`),
        ...stacksMm.map((_, i) => ` p${i}: ${kinds.map((__, k) => name(i, k)).join(' + ')} <= ${MOST_IN_STACK}`),
        ...kinds.map(({ count }, k) => ` k${k}: ${stacksMm.map((_, i) => name(i, k)).join(' + ')} <= ${count}`),
        'General',
        ` ${each((i, k) => name(i, k)).join(' ')}`,
        'End',
      ].join('\n');
      const solved = highs.solve(program);
      const made = makeStacks(asked(stacksMm, kinds));
      expect({ round, exact: made.isExact }).toEqual({ round, exact: solved.Status === 'Optimal' });
      if (solved.Status !== 'Optimal') continue;
      compared += 1;
      expect(made.pieces).toBe(Math.round(solved.ObjectiveValue));
      for (const { mm, count } of kinds)
        expect(made.stacks.flatMap(({ pieces }) => pieces).filter((piece) => piece === mm).length).toBeLessThanOrEqual(count);
    }
    expect(compared).toBeGreaterThan(15);
  });

  it('comes as near as it can where no stack is exact, and says by how much', () => {
    expect(makeStacks(asked([7.4], plain)).stacks[0]).toMatchObject({ pieces: [5, 2], isExact: false });
    expect(makeStacks(asked([7.4], plain)).stacks[0]?.offMm).toBeCloseTo(-0.4, 9);
    expect(makeStacks(asked([7.6], plain)).stacks[0]?.pieces).toEqual([5, 3]);
  });

  it('an empty van makes nothing, and a gap of nothing wants nothing', () => {
    expect(makeStacks(asked([6], [{ mm: 3, count: 0 }])).stacks[0]).toMatchObject({ pieces: [], isExact: false });
    expect(makeStacks(asked([0], plain))).toMatchObject({ pieces: 0, isExact: true, take: [] });
  });

  it('takes spares along, and says where they run short', () => {
    const { take } = makeStacks(asked([5, 5, 5, 5, 5], [{ mm: 5, count: 5 }], { spareShare: 0.2 }));
    expect(take).toEqual([{ mm: 5, used: 5, withSpares: 6, isShort: true }]);
  });
});
