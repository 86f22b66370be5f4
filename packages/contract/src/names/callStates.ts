/** Where a call stands; `open` is booked and not yet begun. */
export const CALL_STATES = ['open', 'onTheWay', 'onSite', 'noAccess', 'comeBack', 'done', 'cancelled'] as const;

export type CallState = (typeof CALL_STATES)[number];

/** Nothing is left to do. */
export const CLOSED_STATES = ['done', 'cancelled'] as const satisfies readonly CallState[];

export const isOpenState = (state: CallState): boolean => !(CLOSED_STATES as readonly CallState[]).includes(state);
