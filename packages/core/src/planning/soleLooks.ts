import { answersUnder } from '../inference/answerChances';
import type { Belief } from '../inference/belief';
import { believe } from '../inference/believe';
import { causeChances } from '../inference/expectation';
import type { AnsweredFinding, Observations } from '../inference/observed';
import type { Cause } from '../model/cause';
import { isAskedFor } from './rulings';

/** An answer so many times as likely under a cause as otherwise speaks for it. */
const SPEAKS_FROM = 3;

/**
 * Looks on which alone it rests that one of these causes is as likely as `from`: without them none would be.
 *
 * @param from chance, 0 to 1
 */
export function soleLooks(belief: Belief, observed: Observations, causes: readonly Cause[], from: number): string[] {
  const chanceOf = (of: Belief, { id }: Cause) => causeChances(of).find((each) => each.id === id)?.probability ?? 0;
  const believed = causes.filter((each) => chanceOf(belief, each) >= from);
  const looks = observed.findings.filter((each) => each.again !== true && believed.some((cause) => speaksFor(belief, each, cause)));
  return looks
    .filter((look) => {
      const without = believe(belief.model, { ...observed, findings: observed.findings.filter((each) => each !== look) });
      return believed.some((cause) => speaksFor(belief, look, cause) && chanceOf(without, cause) < from);
    })
    .map(({ finding }) => finding);
}

function speaksFor({ model }: Belief, { finding: id, answer }: AnsweredFinding, cause: Cause): boolean {
  const finding = model.finding(id);
  const place = finding.answers.findIndex((each) => each.id === answer);
  const chance = (ids: readonly string[]) => answersUnder(finding, ids).asTold[place] ?? 0;
  return finding.stage !== 'listen' && chance([cause.id]) >= SPEAKS_FROM * chance([]);
}

/** Looks without which nothing is done for a likely cause: all that cures it is for what an eye has found, and none has found it yet. */
export function looksNeeded(belief: Belief, { findings }: Observations, treat: readonly Cause[]): string[] {
  const asked = treat.flatMap(({ cures }) => {
    const work = cures.map(belief.model.action);
    return work.some((each) => isAskedFor(belief, each)) ? [] : work.flatMap(({ whenFound }) => whenFound?.finding ?? []);
  });
  return [...new Set(asked)].filter((id) => !findings.some(({ finding, again }) => finding === id && again === true));
}
