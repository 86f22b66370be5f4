import type { ActionEntry } from './actionEntry';

/** Work that no table knows, told in words. */
export const OTHER_ACTIONS = {
  otherWork: {
    order: 13,
    title: 'Other work',
    unit: 'job',
    // Common practice, no source: what is done at a hinge moves it by a card or two.
    effect: { kind: 'unknown', movesSdMm: 0.8 },
    amounts: [],
    minutes: { first: 10, each: 0 },
    irreversibility: 1,
    holds: 0.9,
    forbidden: { why: '' },
    steps: ['Do it, and write down what was done and with what.', 'Read again what it may have moved.'],
    cautions: ['pinch'],
    stopIf: 'It is work for a licensed trade, or the listing of the door does not allow it.',
  },
} as const satisfies Record<string, ActionEntry>;
