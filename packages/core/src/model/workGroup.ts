/** Work that is written down together: where one looks for it, and whether it is done at the places where the slab is set. */
export interface WorkGroup<Action extends string = string> {
  id: string;
  title: string;
  isAtPlaces?: true;
  actions: readonly Action[];
  /** Those done to the door as a whole. */
  whole?: readonly Action[];
}

/** Checks by what they are of, as they are listed. */
export interface CheckGroup<Finding extends string = string> {
  id: string;
  title: string;
  checks: readonly Finding[];
}

/** What a hand tries on a door before it is left, the answer it should give, and how that is called. */
export interface ProofTry<Finding extends string = string> {
  finding: Finding;
  good: string;
  title: string;
}
