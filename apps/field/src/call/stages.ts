/** The strip of a call, in the order of work. */
export const CALL_STAGES = [
  { id: 'listen', title: 'Listen', path: '' },
  { id: 'look', title: 'Look', path: '/look' },
  { id: 'measure', title: 'Measure', path: '/measure' },
  { id: 'find', title: 'Find', path: '/find' },
  { id: 'fix', title: 'Fix', path: '/fix' },
  { id: 'prove', title: 'Prove', path: '/prove' },
] as const;

export type CallStage = (typeof CALL_STAGES)[number]['id'];
