import { isOpenState, type Call, type CallState } from '@proper-swing/contract';

/** What a person may say of a call, and where it then stands. */
export interface CallMove {
  to: CallState;
  says: string;
  from: readonly CallState[];
  /** A reason is asked for, with these at a tap. */
  reasons?: readonly string[];
}

const BEFORE_WORK = ['open', 'onTheWay', 'noAccess', 'comeBack'] as const satisfies readonly CallState[];

/** In the order of the day. */
export const CALL_MOVES: readonly CallMove[] = [
  { to: 'onTheWay', says: 'On my way', from: ['open', 'noAccess', 'comeBack'] },
  { to: 'onSite', says: 'I am here', from: BEFORE_WORK },
  {
    to: 'noAccess',
    says: 'No access',
    from: ['open', 'onTheWay', 'onSite'],
    reasons: ['Nobody there', 'No key', 'The way to the door was blocked', 'The room was in use'],
  },
  {
    to: 'comeBack',
    says: 'Come back another day',
    from: ['open', 'onTheWay', 'noAccess', 'onSite'],
    reasons: ['Waiting for a part', 'Left to dry', 'The owner is to decide', 'Another trade first', 'Out of time'],
  },
  {
    to: 'cancelled',
    says: 'Cancel the call',
    from: [...BEFORE_WORK, 'onSite'],
    reasons: ['The customer called it off', 'Put right by somebody else', 'Booked twice'],
  },
  { to: 'open', says: 'Open it again', from: ['done', 'cancelled'] },
];

export const movesFrom = (state: CallState): CallMove[] => CALL_MOVES.filter(({ from }) => from.includes(state));

const STATE_WORDS: Readonly<Record<CallState, string>> = {
  open: 'booked',
  onTheWay: 'on the way',
  onSite: 'on site',
  noAccess: 'no access',
  comeBack: 'come back',
  done: '✓ done',
  cancelled: '× cancelled',
};

/** Where a call stands, in words. */
export const stateWords = (state: CallState): string => STATE_WORDS[state];

/** Somebody has set out, or is there. */
export const isUnderWay = ({ state }: Call): boolean => state === 'onTheWay' || state === 'onSite';

export const isOpen = ({ state }: Call): boolean => isOpenState(state);

/** It was tried in vain, or has to be come back to: it wants another day. */
export const wantsAnotherDay = ({ state }: Call): boolean => state === 'noAccess' || state === 'comeBack';
