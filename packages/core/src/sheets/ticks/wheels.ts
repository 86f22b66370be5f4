import { heardAt, heardNear, logMean, offLattice, reachOf, unheard, type Base, type Hearing, type Pass } from './tickModel';

// Asked for hundreds of thousands of times: a name of the module is found faster than one of the world around it.
const { exp, log } = Math;

/** A wheel that ticks once a turn: its circumference with its standard deviation, mm, and where the first tick of each pass falls. */
export interface TickingWheel {
  turnMm: number;
  sdMm: number;
  firstMm: readonly number[];
}

/** Wheels of sliding doors are from 14 to 52 mm across (common practice, no source). */
export const WHEEL_DIAMETERS_MM = { from: 14, to: 52 } as const;

/** A wheel slips, so that its spacing differs by so much from pass to pass, as a share (common practice, no source). */
const SLIPS = 0.02;
/** Turns tried are so far apart that the last tick of the travel moves by this share of the error of a position. */
const STEP = 0.8;

interface Tried {
  gain: number;
  firstMm: number;
}

/**
 * The likeliest further wheel, and by how much the evidence grows with it: the likelihood averaged over its circumference, alike on a
 * log scale, over its phase in each pass, which slipping and turning round leave free, and over how it slips.
 */
export function furtherWheel(hearing: Hearing, passes: readonly Pass[], base: Base): { wheel: TickingWheel; gain: number; base: Base } {
  const { sdMm } = hearing;
  const turns = turnsToTry(hearing);
  const perPass = passes.map((pass, p) => turns.map((turnMm) => overPhases(pass, base[p] ?? [], turnMm, hearing)));
  const smoothed = perPass.map((tried) =>
    slipped(
      tried.map((each) => each.gain),
      turns,
    ),
  );
  const together = turns.map((_, i) => smoothed.reduce((sum, each) => sum + (each[i] ?? 0), 0));
  const best = together.indexOf(Math.max(...together));
  const most = together[best] ?? 0;
  const weights = together.map((each) => Math.exp(each - most));
  const near = turns.map((turn, i) => (Math.abs(turn / (turns[best] ?? 1) - 1) < 2 * SLIPS ? (weights[i] ?? 0) : 0));
  const total = near.reduce((sum, each) => sum + each, 0);
  const turnMm = turns.reduce((sum, turn, i) => sum + turn * (near[i] ?? 0), 0) / total;
  const variance = turns.reduce((sum, turn, i) => sum + (turn - turnMm) ** 2 * (near[i] ?? 0), 0) / total;
  // Within its slip each pass has a turn of its own: the one that fits it best.
  const fits = perPass.map((tried) =>
    tried.reduce<{ turnMm: number } & Tried>(
      (found, each, i) => {
        const turn = turns[i] ?? 1;
        return Math.abs(turn / turnMm - 1) < 1.5 * SLIPS && each.gain > found.gain ? { turnMm: turn, ...each } : found;
      },
      { turnMm, gain: -Infinity, firstMm: 0 },
    ),
  );
  return {
    wheel: { turnMm, sdMm: Math.sqrt(variance + (SLIPS * turnMm) ** 2 / 3 / passes.length), firstMm: fits.map(({ firstMm }) => firstMm) },
    gain: logMean(together),
    base: passes.map((pass, p) => {
      const { turnMm: turn, firstMm } = fits[p] ?? { turnMm, firstMm: 0 };
      return pass.map((x, k) => (base[p]?.[k] ?? 0) + heardAt(offLattice(x - firstMm, turn), sdMm));
    }),
  };
}

/** Distances that ticks of a wheel may have, alike on a log scale. */
function turnsToTry({ travelMm, sdMm }: Hearing): number[] {
  const [from, to] = [Math.PI * WHEEL_DIAMETERS_MM.from, Math.PI * WHEEL_DIAMETERS_MM.to];
  const list: number[] = [];
  for (let turn = from; turn <= to; turn += (STEP * sdMm * turn) / travelMm) list.push(turn);
  return list;
}

/**
 * One pass with ticks so far apart: averaged over where the first of them falls, and where it falls best. Each tick is weighed only at the
 * phases that bring one near it; from phase to phase its Gaussian is a product, and the logarithm is taken once a phase.
 */
function overPhases(pass: Pass, base: readonly number[], turnMm: number, { travelMm, sdMm }: Hearing): Tried {
  const count = Math.max(4, Math.ceil(turnMm / (STEP * sdMm)));
  const stepMm = turnMm / count;
  const likelihoods = new Float64Array(count).fill(1);
  const reachMm = Math.min(reachOf(sdMm), turnMm / 2);
  const bends = exp(-((stepMm / sdMm) ** 2));
  for (let k = 0; k < pass.length; k += 1) {
    const x = pass[k] ?? 0;
    const intoTurnMm = x - Math.floor(x / turnMm) * turnMm;
    const from = Math.ceil((intoTurnMm - reachMm) / stepMm);
    const to = Math.min(Math.floor((intoTurnMm + reachMm) / stepMm), from + count - 1);
    const offMm = intoTurnMm - from * stepMm;
    let more = heardNear(offMm, sdMm) / (base[k] ?? 1);
    let grows = exp((offMm * stepMm - stepMm ** 2 / 2) / sdMm ** 2);
    for (let i = from; i <= to; i += 1) {
      const phase = i < 0 ? i + count : i < count ? i : i - count;
      likelihoods[phase] = (likelihoods[phase] ?? 1) * (1 + more);
      more *= grows;
      grows *= bends;
    }
  }
  const gains = Array.from(likelihoods, (each, i) => log(each) + unheard(Math.floor((travelMm - i * stepMm) / turnMm) + 1));
  const best = gains.indexOf(Math.max(...gains));
  return { firstMm: best * stepMm, gain: logMean(gains) };
}

/** The likelihood at each turn averaged over what slip makes of it. */
function slipped(gains: readonly number[], turns: readonly number[]): number[] {
  let from = 0;
  let to = 0;
  return turns.map((turn) => {
    while ((turns[from] ?? 0) < turn * (1 - SLIPS)) from += 1;
    while (to < turns.length && (turns[to] ?? 0) <= turn * (1 + SLIPS)) to += 1;
    return logMean(gains.slice(from, to));
  });
}
