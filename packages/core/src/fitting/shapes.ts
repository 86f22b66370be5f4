/**
 * How timber may come off an edge. `scribe` follows every bend; a `line` is one straight cut; `parallel` the same all along, and so is what
 * would have to come off where `none` may.
 */
export const CUT_SHAPES = ['none', 'parallel', 'line', 'scribe'] as const;
export type CutShape = (typeof CUT_SHAPES)[number];

/** A cut to nothing, not at the other end but before it: from the end at 0 to `to`, or from the end at 1. Shares of the edge. */
export interface Taper {
  from: 0 | 1;
  to: number;
}

/** One way timber comes off, per mm of it: how much at a share of the edge, and in the mean over the edge. */
export interface CutPart {
  at: (share: number) => number;
  mean: number;
}

/** The parts of which a straight cut is made up, each at least nought, so that no cut puts timber on; none for what is scribed. */
export function partsOf(shape: CutShape | Taper): CutPart[] {
  if (typeof shape !== 'string') return [taperPart(shape)];
  switch (shape) {
    case 'none':
    case 'parallel':
      return [{ at: () => 1, mean: 1 }];
    case 'line':
      return [taperPart({ from: 0, to: 1 }), taperPart({ from: 1, to: 0 })];
    case 'scribe':
      return [];
  }
}

function taperPart({ from, to }: Taper): CutPart {
  const length = Math.max(Math.abs(from - to), Number.EPSILON);
  return { at: (share) => Math.max(0, 1 - Math.abs(share - from) / length), mean: length / 2 };
}
