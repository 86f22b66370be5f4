import type { DoorModel } from '../model/doorModel';
import { share, type Candidate } from './candidate';
import type { LostPlan } from './correction';
import { PLANNING_WORDS } from './planningWords';
import { planingOf } from './steps';

const MOST_TOLD = 4;
/** A difference in chance, in a hundred, or in minutes, that is worth telling. */
const WORTH_TELLING = 5;

/** Why the ways that were tried did not win, the likeliest first. */
export function lostPlans(model: DoorModel, candidates: readonly Candidate[], chosen: readonly Candidate[], winner: Candidate): LostPlan[] {
  const seen = new Set(chosen.map((each) => saysWork(model, each)));
  const lost: LostPlan[] = [];
  const byChance = [...candidates].sort((a, b) => share(b.isTrue) - share(a.isTrue));
  for (const each of byChance) {
    const says = saysWork(model, each);
    if (says === '' || seen.has(says)) continue;
    seen.add(says);
    lost.push({ says, why: whyLost(each, winner) });
    if (lost.length === MOST_TOLD) break;
  }
  return lost;
}

function saysWork({ tables }: DoorModel, { cures, sides, found: { settings, planed, strike } }: Candidate): string {
  const titles = [
    ...cures.map(({ title }) => title),
    ...settings.map(({ action }) => action.title),
    ...planed.map(({ edge }) => planingOf(tables, edge).title),
    ...sides.map(({ action }) => action.title),
    ...(strike ? [strike.choice.action.title] : []),
  ];
  return PLANNING_WORDS.oneThenAnother([...new Set(titles)]);
}

function whyLost(each: Candidate, winner: Candidate): string {
  const chance = Math.round((share(winner.isTrue) - share(each.isTrue)) * 100);
  const longer = Math.round(each.minutes - winner.minutes);
  if (chance >= WORTH_TELLING) return PLANNING_WORDS.lessOftenTrue(chance);
  if (longer >= WORTH_TELLING) return PLANNING_WORDS.takesLonger(longer);
  return each.irreversibility > winner.irreversibility ? PLANNING_WORDS.lessEasilyUndone : PLANNING_WORDS.holdsLessLong;
}
