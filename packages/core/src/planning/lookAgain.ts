import type { DoorModel } from '../model/doorModel';
import { answerColumn, columnDistance, isTry, type Finding } from '../model/finding';
import { sumOf } from '../numbers/sumOf';

/** A check whose answers differ by less than this share between a fault at work and none says nothing of whether it is gone. */
const TELLS_FROM = 0.35;
const MOST_LOOKS = 2;

/** The checks that tell best whether what an action cures is gone: what is looked at, then what is tried. */
export function lookAgainAfter({ causes, findings }: Pick<DoorModel, 'causes' | 'findings'>, action: string): string[] {
  // What only time cures shows nothing today.
  const cured = causes.filter(({ cures, forbidsPlaning }) => cures.includes(action) && forbidsPlaning === undefined);
  return findings
    .filter(({ again }) => again === true)
    .map((each) => ({ id: each.id, isTry: isTry(each), tells: cured.map((one) => toldBy(each, one.id)) }))
    .filter(({ tells }) => Math.max(...tells) >= TELLS_FROM)
    .sort((a, b) => sumOf(b.tells) - sumOf(a.tells))
    .slice(0, MOST_LOOKS)
    .sort((a, b) => Number(a.isTry) - Number(b.isTry))
    .map(({ id }) => id);
}

/** Whether work after which no gap is read has been looked at enough: it was tried, or all was looked at that was to be. */
export function isLookedAtAfter(model: Pick<DoorModel, 'causes' | 'findings'>, action: string, looked: readonly string[]): boolean {
  const tried = model.findings.some((each) => isTry(each) && looked.includes(each.id));
  return tried || (looked.length > 0 && lookAgainAfter(model, action).every((id) => looked.includes(id)));
}

/** Half the sum of the differences between the answers under a cause and the ordinary ones, 0 to 1. */
export function toldBy(finding: Finding, cause: string): number {
  return columnDistance(finding, answerColumn(finding, cause)) / 200;
}
