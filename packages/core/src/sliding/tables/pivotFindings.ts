import { answer, type FindingEntry } from './findingEntry';

/** Pivots and guide of a bifold. Chances: common practice, no source. */
export const PIVOT_FINDINGS = {
  corners: {
    stage: 'look',
    again: true,
    onlyFor: ['bifold'],
    question: 'Do the pivots hold in their corners?',
    howTo: 'Leaves half folded: push the leaf up and down, and its top to and fro. Does the pivot move in the wood?',
    minutes: 0.6,
    answers: [
      answer('firm', 'Both hold', 'both pivots hold in their corners'),
      answer('loose', 'One works in the wood', 'a pivot works in the wood of its corner'),
    ],
    chances: { otherwise: [94, 6], pivotLoose: [8, 92] },
  },
  brackets: {
    stage: 'look',
    again: true,
    onlyFor: ['bifold'],
    question: 'Pivot brackets at floor and track?',
    howTo: 'Push each with a thumb: does it slide or lift? Look at its screws.',
    minutes: 0.4,
    answers: [answer('fast', 'Both fast', 'both pivot brackets are fast'), answer('loose', 'One moves', 'a pivot bracket moves')],
    chances: { otherwise: [94, 6], bracketLoose: [7, 93] },
  },
  gives: {
    stage: 'test',
    again: true,
    onlyFor: ['bifold'],
    question: 'Work the leaves with both hands: what gives?',
    howTo: 'Leaves half folded. Lift, press and pull at the pivot side, then at the handle; feel with the other hand where it moves.',
    minutes: 0.7,
    answers: [
      answer('nothing', 'Nothing', 'nothing gives when the leaves are worked'),
      answer('corner', 'A pivot in its corner', 'a pivot gives in its corner when the leaves are worked'),
      answer('bracket', 'A bracket', 'a pivot bracket gives when the leaves are worked'),
      answer('joint', 'The joint of the leaves', 'the joint of the leaves gives when they are worked'),
    ],
    chances: { otherwise: [88, 4, 4, 4], pivotLoose: [10, 80, 6, 4], bracketLoose: [9, 6, 81, 4], leafHinge: [11, 4, 3, 82] },
  },
  guideWheel: {
    stage: 'look',
    again: true,
    onlyFor: ['bifold'],
    question: 'Guide wheel in the track?',
    howTo: 'Fold and look up: does the wheel run in the track, and does its spring push it back when it is pressed down?',
    minutes: 0.3,
    answers: [
      answer('runs', 'Runs in it', 'the guide wheel runs in its track'),
      answer('out', 'Out, worn or dead', 'the guide wheel is out of its track or worn'),
    ],
    chances: { otherwise: [95, 5], guideWheelOut: [6, 94] },
  },
  leafHinges: {
    stage: 'look',
    again: true,
    onlyFor: ['bifold'],
    question: 'Hinges between the bifold’s leaves?',
    howTo: 'Lift the closing leaf at its handle: does a hinge leaf move on the wood?',
    minutes: 0.4,
    answers: [
      answer('tight', 'Tight', 'the hinges between the leaves are tight'),
      answer('loose', 'Loose', 'a hinge between the leaves is loose'),
    ],
    chances: { otherwise: [94, 6], leafHinge: [8, 92] },
  },
} as const satisfies Record<string, FindingEntry>;
