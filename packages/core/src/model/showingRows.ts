import type { LinearRow } from '../numbers/gaussian';
import type { Finding } from './finding';
import { shareOf, type CardFigures, type Moves } from './moves';

/** A showing with its figure as a linear row over a state. */
export interface ShowingRow {
  /** Which of the check's answers it gives. */
  place: number;
  /** The station whose figure it is, if one reads it. */
  station?: string;
  row: LinearRow;
  /** + when it shows above the border, − below. */
  side: 1 | -1;
  borderMm: number;
  /** mm² */
  softness: number;
}

interface Rows {
  row: (station: string) => LinearRow;
  direction: (moves: Moves) => Float64Array;
  figures: CardFigures;
}

/** @throws RangeError when a showing gives an answer that the check has not */
export function showingRows({ id, answers, follows }: Finding, { row, direction, figures }: Rows): ShowingRow[] {
  return (follows?.shows ?? []).map(({ answer, at: where, border, softMm }) => {
    const place = answers.findIndex((each) => each.id === answer);
    if (place < 0) throw new RangeError(`${id} has no answer "${answer}".`);
    const figure = typeof where === 'string' ? { station: where, row: row(where) } : { row: { coefficients: direction(where), offset: 0 } };
    const [side, at] = 'above' in border ? ([1, border.above] as const) : ([-1, border.below] as const);
    return { place, ...figure, side, borderMm: shareOf(at, figures), softness: softMm * softMm };
  });
}
