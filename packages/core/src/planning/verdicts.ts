import type { Eye, Verdict } from '../model/tables';
import { isTrue, type GapBoard } from './board';

/** By verdict. */
export type Verdicts<T> = Readonly<Record<Verdict, T>>;

/**
 * What the gaps of a door, and its bolt, allow it to be called; what stands beside the gaps is judged elsewhere.
 *
 * @param withinMm what no gauge tells, mm
 */
export function verdictsOn(board: GapBoard, eye: Eye, gaps: Float64Array, withinMm: number): Verdicts<boolean> {
  const free = isFree(board, eye, gaps, withinMm);
  return { free, even: free && isEven(board, eye, gaps), book: isTrue(board, gaps, withinMm) };
}

function isFree(board: GapBoard, { rubsBelowMm }: Eye, gaps: Float64Array, withinMm: number): boolean {
  return board.limits.every(({ min, max, letsGoFrom = Infinity }, i) => {
    const figure = gaps[i] ?? 0;
    if (figure >= letsGoFrom) return false;
    if (i === board.bolt) return figure >= min - withinMm && figure <= max + withinMm;
    return figure >= Math.min(min, rubsBelowMm);
  });
}

function isEven(board: GapBoard, { seesMm, outOfKeepingMm }: Eye, gaps: Float64Array): boolean {
  return board.evenEdges.every((edge) => {
    let [low, high, sum, least, most] = [Infinity, -Infinity, 0, 0, 0];
    for (const i of edge) {
      const gap = gaps[i] ?? 0;
      low = Math.min(low, gap);
      high = Math.max(high, gap);
      sum += gap;
      least += board.limits[i]?.min ?? 0;
      most += board.limits[i]?.max ?? 0;
    }
    const beyond = outOfKeepingMm * edge.length;
    return high - low <= Math.max(seesMm, board.evenWithin) && sum >= least - beyond && sum <= most + beyond;
  });
}
