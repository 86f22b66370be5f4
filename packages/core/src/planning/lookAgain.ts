import { answerColumn, columnDistance, type Finding } from '../model/finding';
import type { DoorTables } from '../model/tables';

/** A check whose answers differ by less than this share between a fault at work and none says nothing of whether it is gone. */
const TELLS_FROM = 0.35;
const MOST_LOOKS = 2;

/** The checks that tell best whether what an action cures is gone, most telling first. */
export function lookAgainAfter({ causes, findings }: Pick<DoorTables, 'causes' | 'findings'>, action: string): string[] {
  // What only time cures shows nothing today.
  const cured = causes.filter(({ cures, forbidsPlaning }) => cures.includes(action) && forbidsPlaning === undefined);
  return findings
    .filter(({ again }) => again === true)
    .map((each) => ({ id: each.id, tells: Math.max(0, ...cured.map((one) => toldBy(each, one.id))) }))
    .filter(({ tells }) => tells >= TELLS_FROM)
    .sort((a, b) => b.tells - a.tells)
    .slice(0, MOST_LOOKS)
    .map(({ id }) => id);
}

/** Half the sum of the differences between the answers under a cause and the ordinary ones, 0 to 1. */
export function toldBy(finding: Finding, cause: string): number {
  return columnDistance(finding, answerColumn(finding, cause)) / 200;
}
