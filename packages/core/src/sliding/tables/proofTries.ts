import type { ProofTry } from '../../model/workGroup';
import type { FindingId } from './findings';

/** What a hand tries on a panel before it is left, and the answer it should give. Common practice, no source. */
export const PROOF_TRIES = [
  { finding: 'pull', good: 'free', title: 'runs free over its full travel' },
  { finding: 'where', good: 'nowhere', title: 'sticks nowhere' },
  { finding: 'tick', good: 'none', title: 'does not tick' },
  { finding: 'liftOut', good: 'held', title: 'cannot be lifted out' },
  { finding: 'clip', good: 'home', title: 'lock clips are home' },
  { finding: 'hangers', good: 'tight', title: 'hanger plates are tight' },
  { finding: 'guide', good: 'holds', title: 'its guide holds' },
  { finding: 'corners', good: 'firm', title: 'its pivots hold' },
  { finding: 'brackets', good: 'fast', title: 'its pivot brackets are fast' },
  { finding: 'guideWheel', good: 'runs', title: 'its guide runs in the track' },
  { finding: 'locks', good: 'yes', title: 'locks' },
] as const satisfies readonly ProofTry<FindingId>[];
