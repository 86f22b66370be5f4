/** A sum as a person does it on a board: from one figure, step by step, to what comes of it. */
export interface Sum {
  of: SumOf;
  fromMm: number;
  steps: SumStep[];
}

export interface SumStep {
  does: 'less' | 'plus' | 'over';
  /** How often, where it is more than once: 3 × 2. */
  times: number;
  /** What is taken or added, mm; or into how many it is shared. */
  by: number;
  gives: number;
}

export const SUMS_OF = [
  'leafWidth',
  'leafLength',
  'otherLength',
  'firstCut',
  'headCut',
  'length',
  'slabCut',
  'lining',
  'guide',
  'plug',
  'frameMark',
  'longPoint',
  'shortPoint',
  'pack',
  'tongue',
  'piece',
  'stack',
  'boltMark',
  'plateTop',
  'jig',
] as const;
export type SumOf = (typeof SUMS_OF)[number];

/** Begins a sum; each step is done on what the one before gives. */
export function sum(of: SumOf, fromMm: number): SumInHand {
  return inHand({ of, fromMm, steps: [] });
}

export interface SumInHand {
  less: (by: number, times?: number) => SumInHand;
  plus: (by: number, times?: number) => SumInHand;
  over: (parts: number) => SumInHand;
  gives: number;
  done: Sum;
}

function inHand(done: Sum): SumInHand {
  const gives = done.steps.at(-1)?.gives ?? done.fromMm;
  const step = (does: SumStep['does'], by: number, times: number, given: number) =>
    inHand({ ...done, steps: [...done.steps, { does, times, by, gives: given }] });
  return {
    less: (by, times = 1) => step('less', by, times, gives - times * by),
    plus: (by, times = 1) => step('plus', by, times, gives + times * by),
    over: (parts) => step('over', parts, 1, gives / parts),
    gives,
    done,
  };
}
