import { DomainError } from '../errors';
import { MM_PER_UNIT } from '../length/length';
import { sum, type Sum } from './sums';

/** Where hinges are set by school: top of the top one below the top, foot of the bottom one above the foot, in (common practice, no source). */
export const HINGE_SCHOOLS = {
  '5/9': { topIn: 5, bottomIn: 9 },
  '6/10': { topIn: 6, bottomIn: 10 },
  '7/10': { topIn: 7, bottomIn: 10 },
  '7/11': { topIn: 7, bottomIn: 11 },
} as const;
export type HingeSchool = keyof typeof HINGE_SCHOOLS;
export const HINGE_SCHOOL_IDS = Object.keys(HINGE_SCHOOLS) as HingeSchool[];

/** Hinges to be marked on slab and frame; lengths in mm. */
export interface HingesToMark {
  slabHeightMm: number;
  headGapMm: number;
  hingeMm: number;
  hinges: number;
  school: HingeSchool;
  /** Thickness of a leaf of the hinge: how deep its recess is. */
  leafMm: number;
  /** Tops of the hinges of the old slab below its top, carried over in place of a school. */
  oldTopsMm?: readonly number[];
  /** Tops of the recesses in the frame below its head, where they are there already. */
  frameTopsMm?: readonly number[];
}

export interface HingeMark {
  /** Top and foot of the hinge: on the slab below its top, on the frame below its head. */
  slabTopMm: number;
  slabFootMm: number;
  frameTopMm: number;
  frameFootMm: number;
  /** By how much the frame's recess is off the mark, + when it is lower; absent without one. */
  frameOffMm?: number;
}

export interface HingeMarks {
  marks: HingeMark[];
  recessMm: number;
  /** The most that frame and slab differ: from half a millimetre on the recess in the frame is what counts. */
  mostOffMm: number;
  /** Head gap that the frame's own recesses would give. */
  gapByFrameMm?: number;
  sums: Sum[];
}

/**
 * Marks for hinges: slab and frame are marked together, the frame's lower by the head gap.
 *
 * @throws DomainError `marks.short` where the hinges do not fit on the slab, `marks.count` where old marks are not as many as the hinges
 */
export function markHinges({ slabHeightMm, headGapMm, hingeMm, hinges, school, leafMm, oldTopsMm, frameTopsMm }: HingesToMark): HingeMarks {
  for (const [field, tops] of [
    ['oldTopsMm', oldTopsMm],
    ['frameTopsMm', frameTopsMm],
  ] as const) {
    if (tops !== undefined && tops.length !== hinges)
      throw new DomainError('marks.count', field, `As many as there are hinges: ${hinges}.`);
  }
  const tops = oldTopsMm ?? topsBySchool(slabHeightMm, hingeMm, hinges, school);
  if (tops.some((top, i) => top + hingeMm > (tops[i + 1] ?? slabHeightMm)))
    throw new DomainError('marks.short', 'slabHeightMm', 'The hinges do not fit on a slab of this height.');
  const marks = tops.map((top, i): HingeMark => {
    const frameTopMm = top + headGapMm;
    const frame = frameTopsMm?.[i];
    return {
      ...{ slabTopMm: top, slabFootMm: top + hingeMm, frameTopMm, frameFootMm: frameTopMm + hingeMm },
      ...(frame !== undefined && { frameOffMm: frame - frameTopMm }),
    };
  });
  const offs = marks.flatMap(({ frameOffMm }) => frameOffMm ?? []);
  const first = marks[0];
  return {
    marks,
    recessMm: leafMm,
    mostOffMm: Math.max(0, ...offs.map(Math.abs)),
    ...(offs.length > 0 && { gapByFrameMm: headGapMm + offs.reduce((total, mm) => total + mm, 0) / offs.length }),
    sums: first ? [sum('frameMark', first.slabTopMm).plus(headGapMm).done] : [],
  };
}

function topsBySchool(slabHeightMm: number, hingeMm: number, hinges: number, school: HingeSchool): number[] {
  const { topIn, bottomIn } = HINGE_SCHOOLS[school];
  const first = topIn * MM_PER_UNIT.in;
  const last = slabHeightMm - bottomIn * MM_PER_UNIT.in - hingeMm;
  return Array.from({ length: hinges }, (_, i) => first + ((last - first) * i) / (hinges - 1));
}
