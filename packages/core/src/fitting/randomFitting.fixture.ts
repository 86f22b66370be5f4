import type { RandomStream } from '../numbers/seededRandom';
import type { FitAim, Fitting, LeafToFit } from './fitting';
import { leafOf, lengthOf } from './leaf';
import { drawOpening, type MeasuredOpening } from './opening';
import type { CutShape } from './shapes';

/** A crooked opening, and one slab or a pair that is somewhat too large for it. */
export function randomFitting(random: RandomStream, leaves: 1 | 2, aim: FitAim = 'area'): Fitting {
  const between = (from: number, to: number) => from + (to - from) * random.uniform();
  const off = (sd: number) => sd * random.normal();
  const [wide, tall] = [leaves === 1 ? between(600, 1000) : between(1100, 1700), between(1900, 2200)];
  const measured: MeasuredOpening = {
    widths: [0.05, 0.5, 0.95].map((share) => ({ at: tall * share, mm: wide + off(4) })),
    heights: [0, 0.5, 1].map((share) => ({ at: wide * share, mm: tall + off(4) })),
    plumb: { hingeMm: off(5) },
    straight: { hingeMm: off(2) },
    level: { floorMm: off(3) },
  };
  const shapes: readonly CutShape[] = ['line', 'scribe'];
  /** Edges that meet are not scribed. */
  const met = (of: number, wish: LeafToFit['wishes']['left'], n = 0) =>
    leaves === 2 && of === n ? { ...wish, shape: 'line' as const } : wish;
  const leaf = (n: number): LeafToFit => {
    const [width, height] = [wide / leaves + between(-8, 6), tall + between(-15, 6)];
    const wish = () => ({ gapMm: between(1.5, 4), mayLoseMm: 40, shape: shapes[Math.floor(random.uniform() * 2)] ?? 'line' });
    return {
      leaf: leafOf({
        widths: [0, 0.5, 1].map((share) => ({ at: height * share, mm: width + off(0.7) })),
        heights: [0, 1].map((share) => ({ at: width * share, mm: height + off(0.7) })),
      }),
      wishes: { left: met(1, wish(), n), right: met(0, wish(), n), head: wish(), foot: { ...wish(), gapMm: between(4, 12) } },
      mayLeanMm: random.uniform() < 0.3 ? 0 : 30,
    };
  };
  const pair = { meetingMm: between(2, 4) };
  return { opening: drawOpening(measured), leaves: leaves === 1 ? [leaf(0)] : [leaf(0), leaf(1)], aim, ...pair };
}

/** How long all edges are that may be cut, mm. */
export const edgesOf = ({ leaves }: Pick<Fitting, 'leaves'>) =>
  leaves.reduce((sum, { leaf }) => sum + 2 * lengthOf(leaf, 'left') + 2 * lengthOf(leaf, 'head'), 0);
