import { findingsFor, type FindingId } from './findings';

import type { HingedDoor } from '../card/door';

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
] as const satisfies readonly { finding: FindingId; good: string; title: string }[];

export type ProofTry = (typeof PROOF_TRIES)[number];

/** Those that a door of this make can be put to. */
export function proofTriesFor(door: Parameters<typeof findingsFor>[0] & Pick<HingedDoor, 'closer'>): ProofTry[] {
  const asked = findingsFor(door).map(({ id }) => id);
  return PROOF_TRIES.filter(({ finding }) => asked.includes(finding));
}
