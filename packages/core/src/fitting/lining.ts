import { sum, type Sum } from './sums';

/** A lining and the slab that is to hang in it; widths and legs at the same places from the top down, evenly, mm. */
export interface LiningToFit {
  widthsMm: readonly number[];
  slabWidthMm: number;
  hingeGapMm: number;
  latchGapMm: number;
  /** Lean of the hinge leg over its height, + when its top stands toward the latch; and how far its middle is off a straight line, + toward the latch. */
  hingeLeansMm: number;
  hingeBowsMm: number;
  /** How long the legs are. */
  legMm: number;
}

export interface LiningMove {
  /** From the top. */
  atMm: number;
  /** Each leg, + into the opening. */
  hingeMm: number;
  latchMm: number;
  /** Width as read, and how much more it is than what it is brought to. */
  widthMm: number;
  moreMm: number;
}

export const LINING_ADVICE = ['asItIs', 'share', 'wedge', 'pack', 'plane'] as const;
export type LiningAdvice = (typeof LINING_ADVICE)[number];

export interface LiningFit {
  wantedMm: number;
  /** What it is brought to: as wanted, or its narrowest place where that leaves gaps one can live with. */
  targetMm: number;
  moves: LiningMove[];
  advice: LiningAdvice;
  mostMm: number;
  leastMm: number;
  /** What would stay of the lean of the hinge leg, where it is left as it stands: a door on it swings by itself. */
  leansIfLeftMm: number;
  sums: Sum[];
}

/** Less is shared between the gaps; a lining is wedged over by so much, and packed beyond (common practice, no source), mm. */
const SHARED_UP_TO_MM = 1.5;
const WEDGED_UP_TO_MM = 15;
/** Both gaps together are never less than this (common practice, no source), mm. */
const LEAST_GAPS_MM = 2;

/**
 * Brings the legs of a lining to the width of slab and gaps: the hinge leg only until it is plumb and straight, the latch leg by the rest, so
 * that both end plumb, straight and parallel.
 */
export function fitLining({ widthsMm, slabWidthMm, hingeGapMm, latchGapMm, hingeLeansMm, hingeBowsMm, legMm }: LiningToFit): LiningFit {
  const wanted = sum('lining', slabWidthMm).plus(hingeGapMm).plus(latchGapMm);
  const narrowestMm = Math.min(...widthsMm);
  // A leg that is nailed to its post is wedged in and not let out: where it is narrow only somewhere, the gaps give way.
  const isNarrowSomewhere = narrowestMm < wanted.gives && Math.max(...widthsMm) > wanted.gives + SHARED_UP_TO_MM;
  const targetMm = isNarrowSomewhere && narrowestMm >= slabWidthMm + LEAST_GAPS_MM ? narrowestMm : wanted.gives;
  const share = (i: number) => (widthsMm.length === 1 ? 0.5 : i / (widthsMm.length - 1));
  const stands = widthsMm.map((_, i) => hingeLeansMm * (1 - share(i)) + hingeBowsMm * (1 - Math.abs(2 * share(i) - 1)));
  const line = Math.max(...stands);
  const moves = widthsMm.map((widthMm, i): LiningMove => {
    const hingeMm = line - (stands[i] ?? 0);
    const moreMm = widthMm - targetMm;
    return { atMm: share(i) * legMm, hingeMm, latchMm: moreMm - hingeMm, widthMm, moreMm };
  });
  const more = moves.map(({ moreMm }) => moreMm);
  const [most, least] = [Math.max(...more), Math.min(...more)];
  return {
    wantedMm: wanted.gives,
    targetMm,
    moves,
    advice: adviceFor(most, least),
    mostMm: most,
    leastMm: least,
    leansIfLeftMm: hingeLeansMm,
    sums: [wanted.done],
  };
}

const RULES: readonly { advice: LiningAdvice; holds: (most: number, least: number) => boolean }[] = [
  { advice: 'plane', holds: (_most, least) => least < -SHARED_UP_TO_MM },
  { advice: 'asItIs', holds: (most, least) => most < 0.5 && least > -0.5 },
  { advice: 'share', holds: (most) => most <= SHARED_UP_TO_MM },
  { advice: 'wedge', holds: (most) => most <= WEDGED_UP_TO_MM },
  { advice: 'pack', holds: () => true },
];

const adviceFor = (most: number, least: number) => RULES.find(({ holds }) => holds(most, least))?.advice ?? 'pack';
