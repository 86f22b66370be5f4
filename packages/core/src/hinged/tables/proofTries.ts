import type { ProofTry } from '../../model/workGroup';
import type { FindingId } from './findings';

/** What a hand tries on a door before it is left, and the answer it should give. Common practice, no source. */
export const PROOF_TRIES = [
  { finding: 'floorDrag', good: 'free', title: 'swings free' },
  { finding: 'firstContact', good: 'nothing', title: 'touches nothing' },
  { finding: 'springBack', good: 'no', title: 'does not spring' },
  { finding: 'halfOpen', good: 'stays', title: 'stays half open' },
  { finding: 'latch', good: 'alone', title: 'latches by itself' },
  { finding: 'letsGo', good: 'freely', title: 'lets go' },
  { finding: 'liftPlay', good: 'none', title: 'has no play' },
  { finding: 'handle', good: 'easy', title: 'handle is easy' },
] as const satisfies readonly ProofTry<FindingId>[];
