import { DomainError } from '../errors';
import { inOrder, outlineAt, type OutlinePoint } from '../fitting/outline';
import { sum, type Sum } from '../fitting/sums';
import { judgeFixing, type FixingInHand } from './fixing';
import { makeStacks, type MadeStacks, type PackerKind } from './packers';
import type { JambSide } from './survey';

/** A leg that is made anew; lengths in mm, heights above the floor. */
export interface LegToMake {
  side: JambSide;
  /** Floor to the underside of the head beside the leg, and how far the leg goes up into the head. */
  headMm: number;
  notchMm: number;
  headThicknessMm: number;
  footGapMm: number;
  thicknessMm: number;
  wallMm: number;
  /** Between the legs when it is done: slab and both gaps. */
  clearMm: number;
  /** Face of the leg that stays, plumb, to the framing, at heights. */
  roughMm: readonly OutlinePoint[];
  /** Lock, or hinges. */
  heldAtMm: readonly number[];
  kinds: readonly PackerKind[];
  screwMm: number;
  behindMm?: number;
}

export interface LegMade {
  lengthMm: number;
  widthMm: number;
  notch: { upMm: number; deepMm: number };
  /** From the top down, as they are set. */
  packers: { atMm: number; gapMm: number; pieces: number[]; offMm: number }[];
  stacks: MadeStacks;
  /** How far the framing is off plumb beside the new leg, from foot to top: + where the gap is wider at the top. */
  framingLeansMm: number;
  screw: FixingInHand;
  sums: Sum[];
}

/** Packers so far from top and foot; no fixings nearer than this (common practice, no source), mm. */
export const PACKER_FROM_END_MM = 100;
const ONE_WITHIN_MM = 150;
/** Two a fixing at least: one from each side, so that the leg is not twisted (common practice, no source). */
const SPARE_SHARE = 0.2;
const WITHIN_MM = 0.25;
const BITE_MM = 30;

/**
 * Length, notch and packers of a new leg that is to stand plumb: how thick each stack is follows from what was measured to the framing.
 *
 * @throws DomainError `leg.narrow` where there is no room for the leg
 */
export function makeLeg(leg: LegToMake): LegMade {
  const { headMm, notchMm, headThicknessMm, footGapMm, thicknessMm, wallMm, clearMm, roughMm, heldAtMm, kinds, screwMm, behindMm } = leg;
  const length = sum('length', headMm).plus(notchMm).less(footGapMm);
  const rough = inOrder(roughMm);
  const places = [headMm - PACKER_FROM_END_MM, PACKER_FROM_END_MM].concat(
    heldAtMm.filter((at) => at > PACKER_FROM_END_MM + ONE_WITHIN_MM && at < headMm - PACKER_FROM_END_MM - ONE_WITHIN_MM),
  );
  const fromTop = [...new Set(places)].sort((a, b) => b - a);
  const gapAt = (at: number) => outlineAt(rough, at) - clearMm - thicknessMm;
  const gaps = fromTop.map(gapAt);
  if (Math.min(...gaps) < 0)
    throw new DomainError('leg.narrow', 'roughMm', 'There is no room for a leg of this thickness: the framing comes in too far.');
  const stacks = makeStacks({ stacksMm: gaps, kinds, withinMm: WITHIN_MM, spareShare: SPARE_SHARE });
  const top = fromTop[0] ?? 0;
  const first = sum('stack', outlineAt(rough, top)).less(clearMm).less(thicknessMm);
  return {
    lengthMm: length.gives,
    widthMm: wallMm,
    notch: { upMm: notchMm, deepMm: headThicknessMm },
    packers: fromTop.map((atMm, i) => ({
      ...{ atMm, gapMm: gaps[i] ?? 0, pieces: stacks.stacks[i]?.pieces ?? [], offMm: stacks.stacks[i]?.offMm ?? 0 },
    })),
    stacks,
    framingLeansMm: (gaps[0] ?? 0) - (gaps.at(-1) ?? 0),
    screw: judgeFixing({ throughMm: thicknessMm + Math.max(...gaps), biteMm: BITE_MM, behindMm }, screwMm),
    sums: [length.done, first.done],
  };
}
