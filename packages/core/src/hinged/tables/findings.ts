import type { FindingAnswer } from '../../model/finding';
import type { CheckGroup } from '../../model/workGroup';
import type { HingedDoor } from '../card/door';
import { CUSTOMER_FINDINGS } from './customerFindings';
import type { FindingEntry } from './findingEntry';
import { HINGE_FINDINGS } from './hingeFindings';
import { SLAB_AND_FRAME_FINDINGS } from './slabAndFrameFindings';
import { SWING_FINDINGS } from './swingFindings';

/** A quick check on a hinged door, or an answer of the customer. */
export interface Finding extends FindingEntry {
  id: FindingId;
}

/**
 * The checks in working order, and how they turn out under each cause. Common practice, no source: set by judgement, in a
 * form a carpenter can read and correct. Answers may be left out: "not looked" tells nothing.
 */
const FINDING_TABLE = { ...CUSTOMER_FINDINGS, ...HINGE_FINDINGS, ...SWING_FINDINGS, ...SLAB_AND_FRAME_FINDINGS };

export type FindingId = keyof typeof FINDING_TABLE;

export const FINDING_IDS = Object.keys(FINDING_TABLE) as FindingId[];

const FINDING_BY_ID = Object.fromEntries(FINDING_IDS.map((id) => [id, { id, ...FINDING_TABLE[id] }])) as unknown as Record<
  FindingId,
  Finding
>;

export function finding(id: FindingId): Finding {
  return FINDING_BY_ID[id];
}

export const FINDINGS: readonly Finding[] = FINDING_IDS.map(finding);

const idsOf = (table: object) => Object.keys(table) as FindingId[];

/** The checks by what they are of, in the order of the trade: what is looked at first, the door at its hinges. */
export const FINDING_GROUPS: readonly CheckGroup<FindingId>[] = [
  { id: 'hinges', title: 'Hinges', checks: idsOf(HINGE_FINDINGS) },
  { id: 'slabAndFrame', title: 'Slab and frame', checks: idsOf(SLAB_AND_FRAME_FINDINGS) },
  { id: 'swing', title: 'Swing and latch', checks: idsOf(SWING_FINDINGS) },
  { id: 'customer', title: 'What the customer knows', checks: idsOf(CUSTOMER_FINDINGS) },
];

/** The checks that can be made on this door. */
export function findingsFor(door: Pick<HingedDoor, 'hingeKind' | 'hingeHeightsMm' | 'slabKind' | 'closer'>): readonly Finding[] {
  return FINDINGS.filter(
    ({ onlyFor, notSlabs = [], fromHinges = 0, notWithCloser }) =>
      (onlyFor === undefined || onlyFor.includes(door.hingeKind)) &&
      !notSlabs.includes(door.slabKind) &&
      door.hingeHeightsMm.length >= fromHinges &&
      !(notWithCloser && door.closer),
  );
}

/** An answer by its id; `undefined` when the finding has no such answer. */
export function findingAnswer(id: FindingId, answerId: string): FindingAnswer | undefined {
  return finding(id).answers.find((each) => each.id === answerId);
}
