/** What is found by its words, in the order in which it is told. */
export const SEARCHED = ['sites', 'doors', 'calls', 'notes'] as const;
