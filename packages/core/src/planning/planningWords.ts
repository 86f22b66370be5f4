/** Sentences in which the planner speaks; what is peculiar to a kind of door stands in its tables. */
export const PLANNING_WORDS = {
  leftOutAtWish: 'Left out at your wish.',
  couldAsWellBe: (title: string) => `It could as well be: ${title.toLowerCase()}. Settle that before the first step.`,
  sharedOut: (mm: number) => `${Math.round(mm * 2) / 2} mm more than slab and limits together: it is shared out as it hangs.`,
  shareOut: (mm: number) => `${Math.round(mm * 2) / 2} mm more than slab and limits together: share it out.`,
  bestFound: 'The best of what was tried: there were more ways to set this door than could all be tried.',
  findOut: (title: string) => `Find out: ${title}`,
  lessOftenTrue: (inHundred: number) => `true at the first check less often, by ${inHundred} in 100`,
  takesLonger: (minutes: number) => `takes ${minutes} minutes longer for no better chance`,
  lessEasilyUndone: 'less easily undone for no better chance',
  holdsLessLong: 'no better, and holds less long',
  /** "Tighten the hinge screws, then bend the knuckles" */
  oneThenAnother: (titles: readonly string[]) =>
    titles.map((title, i) => (i === 0 ? title : `${title.charAt(0).toLowerCase()}${title.slice(1)}`)).join(', then '),
};
