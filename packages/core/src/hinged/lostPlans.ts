import { planingOf } from './actions';
import { share, type Candidate } from './candidates';
import type { LostPlan } from './plan';

/** Why the ways that were tried did not win, the likeliest first. */
export function lostPlans(candidates: readonly Candidate[], chosen: readonly Candidate[], winner: Candidate): LostPlan[] {
  const seen = new Set(chosen.map((each) => waysOf(each)));
  const lost: LostPlan[] = [];
  const byChance = [...candidates].sort((a, b) => share(b.isTrue) - share(a.isTrue));
  for (const each of byChance) {
    const says = waysOf(each);
    if (says === '' || seen.has(says)) continue;
    seen.add(says);
    lost.push({ says, why: whyLost(each, winner) });
    if (lost.length === 4) break;
  }
  return lost;
}

function waysOf({ cures, sides, found: { hinges, planed, strike } }: Candidate): string {
  const titles = [
    ...cures.map(({ title }) => title),
    ...hinges.map((each) => each.action.title),
    ...planed.map(({ edge }) => planingOf(edge).title),
    ...sides.map((each) => each.action.title),
    ...(strike ? [strike.choice.action.title] : []),
  ];
  return [...new Set(titles)].map((title, i) => (i === 0 ? title : `${title.charAt(0).toLowerCase()}${title.slice(1)}`)).join(', then ');
}

function whyLost(each: Candidate, winner: Candidate): string {
  const chance = Math.round((share(winner.isTrue) - share(each.isTrue)) * 100);
  const longer = Math.round(each.minutes - winner.minutes);
  if (chance >= 5) return `true at the first check less often, by ${chance} in 100`;
  if (longer >= 5) return `takes ${longer} minutes longer for no better chance`;
  return each.irreversibility > winner.irreversibility ? 'less easily undone for no better chance' : 'no better, and holds less long';
}
