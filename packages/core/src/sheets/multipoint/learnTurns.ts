import { takeReading, type Gaussian } from '../../numbers/gaussian';
import { INSTRUMENTS } from '../../length/instruments';
import { TURN_SHARE_SD, type AdjustableHinge, type HingeScrewId } from './adjusters';
import type { MultipointSession, SessionGaps } from './session';
import type { SideLever } from './sideways';

/** What a turn of a screw does, mm, as far as it is known. */
export interface LearnedTurn {
  mmPerTurn: number;
  sdMm: number;
  /** From the sheet until a go with it has been read. */
  from: 'sheet' | 'measured';
}

export type LearnedTurns = Record<'height' | 'topSide' | 'bottomSide', LearnedTurn>;

/** Turns of the two side screws that change the locking gap, and what it changed by, mm. */
export interface SideGo {
  topTurns: number;
  bottomTurns: number;
  /** Gap before less gap after, where it was read, top and foot. */
  closedMm: { top?: number; bottom?: number };
}

/** Doubt of a difference of two gauge readings, mm². */
const DIFFERENCE_VARIANCE = 2 * (INSTRUMENTS.gauge.sdMm ?? 0.15) ** 2;
/** Two screws of one hinge maker err alike: the share of the doubt they have in common (common practice, no source). */
const ALIKE = 0.6;

/**
 * Millimetres a turn of each side screw, from the sheet's figure and every go that was read: a normal belief about both, corrected
 * in closed form by each reading, closed = top turns × k_top × share of the top hinge there + the same for the bottom.
 *
 * @param shares how far each station follows each hinge: the slab is rigid
 */
export function learnSides(
  { side }: AdjustableHinge,
  goes: readonly SideGo[],
  shares: Readonly<Record<'top' | 'bottom', { top: number; bottom: number }>>,
): { top: LearnedTurn; bottom: LearnedTurn } {
  const variance = (side.mmPerTurn * TURN_SHARE_SD) ** 2;
  const belief: Gaussian = {
    mean: Float64Array.of(side.mmPerTurn, side.mmPerTurn),
    cov: Float64Array.of(variance, variance * ALIKE, variance * ALIKE, variance),
  };
  for (const { topTurns, bottomTurns, closedMm } of goes) {
    for (const at of ['top', 'bottom'] as const) {
      const closed = closedMm[at];
      if (closed === undefined) continue;
      const coefficients = Float64Array.of(topTurns * shares[at].top, bottomTurns * shares[at].bottom);
      takeReading(belief, { coefficients, offset: 0 }, closed, DIFFERENCE_VARIANCE);
    }
  }
  const learned = (place: 0 | 1, turned: boolean): LearnedTurn => ({
    mmPerTurn: belief.mean[place] ?? side.mmPerTurn,
    sdMm: Math.sqrt(Math.max(0, belief.cov[place * 3] ?? 0)),
    from: turned ? 'measured' : 'sheet',
  });
  const read = goes.filter(({ closedMm }) => closedMm.top !== undefined || closedMm.bottom !== undefined);
  return {
    top: learned(
      0,
      read.some(({ topTurns }) => topTurns !== 0),
    ),
    bottom: learned(
      1,
      read.some(({ bottomTurns }) => bottomTurns !== 0),
    ),
  };
}

/** Millimetres a turn of the height screw, in the same way. */
export function learnHeight({ height }: AdjustableHinge, goes: readonly { turns: number; raisedMm: number }[]): LearnedTurn {
  const belief: Gaussian = {
    mean: Float64Array.of(height.mmPerTurn),
    cov: Float64Array.of((height.mmPerTurn * TURN_SHARE_SD) ** 2),
  };
  for (const { turns, raisedMm } of goes) {
    takeReading(belief, { coefficients: Float64Array.of(turns), offset: 0 }, raisedMm, DIFFERENCE_VARIANCE);
  }
  return {
    mmPerTurn: belief.mean[0] ?? height.mmPerTurn,
    sdMm: Math.sqrt(Math.max(0, belief.cov[0] ?? 0)),
    from: goes.some(({ turns }) => turns !== 0) ? 'measured' : 'sheet',
  };
}

/** What was read before and after each go. */
function readGoes(session: MultipointSession): { turns: Partial<Record<HingeScrewId, number>>; before: SessionGaps; after: SessionGaps }[] {
  let before = session.found;
  return session.goes.flatMap(({ turns, after }) => {
    if (after === undefined) return [];
    const go = { turns, before, after };
    before = { ...before, ...after };
    return [go];
  });
}

/** What a turn of each screw does, from all that was read. */
export function learnAll(session: MultipointSession, lever: SideLever): LearnedTurns {
  const goes = readGoes(session);
  const sides = goes.map(({ turns, before, after }): SideGo => {
    const closed = (key: 'latchTopMm' | 'latchBottomMm') => difference(before[key], after[key]);
    const top = closed('latchTopMm');
    const bottom = closed('latchBottomMm');
    return {
      topTurns: turns.topSide ?? 0,
      bottomTurns: turns.bottomSide ?? 0,
      closedMm: { ...(top !== undefined && { top }), ...(bottom !== undefined && { bottom }) },
    };
  });
  const heights = goes.flatMap(({ turns, before, after }) => {
    // A door that rubbed stood on its threshold: what it was raised until it came free is not known.
    const raisedMm = before.footMm === 0 ? undefined : difference(after.footMm, before.footMm);
    return turns.height === undefined || raisedMm === undefined ? [] : [{ turns: turns.height, raisedMm }];
  });
  const { top, bottom } = learnSides(
    session.hinge,
    sides.filter(({ topTurns, bottomTurns }) => topTurns !== 0 || bottomTurns !== 0),
    lever.shares,
  );
  return { height: learnHeight(session.hinge, heights), topSide: top, bottomSide: bottom };
}

const difference = (from: number | undefined, to: number | undefined) => (from === undefined || to === undefined ? undefined : from - to);

/** A gap that clearly went the other way than the turns meant it to, mm. */
const WRONG_WAY_MM = 0.6;

/** Screws that, by what the gaps did after the last go, were turned in the other sense. */
export function wrongWays(session: MultipointSession, lever: SideLever): string[] {
  const last = readGoes(session).at(-1);
  if (last === undefined) return [];
  const { topSide = 0, bottomSide = 0 } = last.turns;
  return (['top', 'bottom'] as const).flatMap((at) => {
    const key = at === 'top' ? ('latchTopMm' as const) : ('latchBottomMm' as const);
    const closed = difference(last.before[key], last.after[key]) ?? 0;
    const meant = topSide * lever.shares[at].top + bottomSide * lever.shares[at].bottom;
    return closed * meant < 0 && Math.abs(closed) > WRONG_WAY_MM
      ? [
          `The locking gap at the ${at === 'top' ? 'top' : 'foot'} went the other way: that screw turns in the other sense. Take the go back and log it the other way.`,
        ]
      : [];
  });
}
