import { MM_PER_UNIT } from '../length/length';
import { sum, type Sum } from '../fitting/sums';

export const BOLTS = ['latch', 'deadbolt'] as const;
export type Bolt = (typeof BOLTS)[number];

/** One bolt and its strike; lengths in mm. */
export interface BoltToLay {
  /** Middle of the bolt below the top of the slab. */
  belowTopMm: number;
  /** Middle of the bolt from the face of the slab that meets the stop. */
  fromFaceMm: number;
  /** Where the bolt’s colour marked the jamb: below the head, and from the stop. */
  markBelowHeadMm?: number;
  markFromStopMm?: number;
  plateMm: number;
  plateWideMm: number;
  plateThickMm: number;
}

export interface StrikesToLay {
  headGapMm: number;
  /** Between slab and stop when it is shut. */
  stopGapMm: number;
  boreMm: number;
  jambThicknessMm: number;
  /** The slab, where its holes are bored as well: edge to the middle of the handle, and its thickness. */
  backsetMm?: number;
  slabThicknessMm?: number;
  latch: BoltToLay;
  deadbolt?: BoltToLay;
}

export const LAY_STATES = ['measured', 'agree', 'differ'] as const;
export type LayState = (typeof LAY_STATES)[number];

export interface LaidStrike {
  bolt: Bolt;
  /** Middle of the hole below the head and from the stop: by measure, by the mark, and by which it is cut. */
  byMeasure: { belowHeadMm: number; fromStopMm: number };
  byMark?: { belowHeadMm: number; fromStopMm: number };
  offMm: { down: number; across: number };
  state: LayState;
  cut: { belowHeadMm: number; fromStopMm: number };
  plate: { topMm: number; footMm: number; nearMm: number; farMm: number; recessMm: number };
  bore: { mm: number; deepMm: number; isThrough: boolean };
}

/** A bolt’s holes in the slab: middle below its top, from the edge, and of the edge’s hole from the face that meets the stop. */
export interface SlabBore {
  bolt: Bolt;
  belowTopMm: number;
  backsetMm: number;
  fromFaceMm: number;
  /** How far that is off the middle of the edge, + toward the far face. */
  offMiddleMm?: number;
}

export interface StrikeLayout {
  strikes: LaidStrike[];
  /** Where the backset is known. */
  slab: SlabBore[];
  /** Where measure and mark differ, nothing is cut. */
  mayCut: boolean;
  sums: Sum[];
}

/** Measure and mark agree within a sixteenth of an inch (common practice, no source). */
export const AGREE_WITHIN_MM = MM_PER_UNIT.in / 16;
/** A latch’s hole goes half through the jamb, a deadbolt’s right through (common practice, no source). */
const LATCH_SHARE = 1 / 2;

/** Where the strikes go on a jamb: reckoned from the slab, and marked by the bolts themselves; the mark is cut where both agree. */
export function layStrikes(asked: StrikesToLay): StrikeLayout {
  const { headGapMm, stopGapMm, boreMm, jambThicknessMm, backsetMm, slabThicknessMm, latch, deadbolt } = asked;
  const sums: Sum[] = [];
  const lay = (bolt: Bolt, of: BoltToLay): LaidStrike => {
    const height = sum('boltMark', of.belowTopMm).plus(headGapMm);
    const byMeasure = { belowHeadMm: height.gives, fromStopMm: stopGapMm + of.fromFaceMm };
    const { markBelowHeadMm, markFromStopMm } = of;
    const isMarked = markBelowHeadMm !== undefined || markFromStopMm !== undefined;
    const byMark = { belowHeadMm: markBelowHeadMm ?? byMeasure.belowHeadMm, fromStopMm: markFromStopMm ?? byMeasure.fromStopMm };
    const offMm = { down: byMark.belowHeadMm - byMeasure.belowHeadMm, across: byMark.fromStopMm - byMeasure.fromStopMm };
    const agrees = Math.max(Math.abs(offMm.down), Math.abs(offMm.across)) <= AGREE_WITHIN_MM + 1e-9;
    const state = !isMarked ? 'measured' : agrees ? 'agree' : 'differ';
    const top = sum('plateTop', byMark.belowHeadMm).less(of.plateMm / 2);
    sums.push(height.done, top.done);
    return {
      ...{ bolt, byMeasure, offMm, state, cut: byMark },
      ...(isMarked && { byMark }),
      plate: {
        topMm: top.gives,
        footMm: top.gives + of.plateMm,
        nearMm: byMark.fromStopMm - of.plateWideMm / 2,
        farMm: byMark.fromStopMm + of.plateWideMm / 2,
        recessMm: of.plateThickMm,
      },
      bore: {
        mm: boreMm,
        deepMm: bolt === 'deadbolt' ? jambThicknessMm : jambThicknessMm * LATCH_SHARE,
        isThrough: bolt === 'deadbolt',
      },
    };
  };
  const bolts: readonly (readonly [Bolt, BoltToLay])[] = [['latch', latch], ...(deadbolt ? [['deadbolt', deadbolt] as const] : [])];
  const strikes = bolts.map(([bolt, of]) => lay(bolt, of));
  const slab = bolts.flatMap(([bolt, { belowTopMm, fromFaceMm }]): SlabBore[] =>
    backsetMm === undefined
      ? []
      : [
          {
            ...{ bolt, belowTopMm, backsetMm, fromFaceMm },
            ...(slabThicknessMm !== undefined && { offMiddleMm: fromFaceMm - slabThicknessMm / 2 }),
          },
        ],
  );
  return { strikes, slab, mayCut: strikes.every(({ state }) => state !== 'differ'), sums };
}
