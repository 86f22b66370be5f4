import type { CheckGroup } from '../../model/workGroup';
import { isForKind, type PanelKind } from '../card/panel';
import type { FindingEntry } from './findingEntry';
import { TRACK_FINDINGS, WHEEL_FINDINGS } from './partFindings';
import { PIVOT_FINDINGS } from './pivotFindings';
import { SLIDE_FINDINGS } from './slideFindings';

export interface Finding extends FindingEntry {
  id: FindingId;
}

/** The checks in working order. Answers may be left out: "not looked" tells nothing. */
const FINDING_TABLE = { ...SLIDE_FINDINGS, ...TRACK_FINDINGS, ...WHEEL_FINDINGS, ...PIVOT_FINDINGS };

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
const isTold = (id: FindingId) => finding(id).stage === 'listen';

/** The checks by what they are of, in working order. */
export const CHECK_GROUPS: readonly CheckGroup<FindingId>[] = [
  { id: 'running', title: 'How it runs', checks: idsOf(SLIDE_FINDINGS).filter((id) => !isTold(id)) },
  { id: 'trackAndPanel', title: 'Track, frame and panel', checks: idsOf(TRACK_FINDINGS) },
  { id: 'wheels', title: 'Wheels, screws and hangers', checks: idsOf(WHEEL_FINDINGS) },
  { id: 'pivots', title: 'Pivots, guide, leaf hinges', checks: idsOf(PIVOT_FINDINGS) },
  { id: 'told', title: 'What the customer knows', checks: idsOf(SLIDE_FINDINGS).filter(isTold) },
];

/** The checks that can be made on a kind of panel. */
export function findingsFor(kind: PanelKind): readonly Finding[] {
  return FINDINGS.filter((each) => isForKind(each, kind));
}
