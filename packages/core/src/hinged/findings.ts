import type { CauseId } from './causes';

/** How likely an answer is under a cause; `otherwise` covers every cause not named. */
export type LikelihoodRow = { otherwise: number } & Partial<Record<CauseId, number>>;

export interface FindingAnswer {
  id: string;
  label: string;
  /** As it reads in a sentence of evidence. */
  says: string;
  likelihood: LikelihoodRow;
}

/** A quick check or an answer of the customer; answers are exclusive. */
export interface Finding {
  id: FindingId;
  question: string;
  howTo: string;
  minutes: number;
  answers: readonly FindingAnswer[];
}

/**
 * Chances of each answer under each cause. Common practice, no source: set by judgement, in a form a carpenter can read
 * and correct. A column need not sum to one over answers left out ("not looked").
 */
const FINDING_TABLE = {
  complaint: {
    question: 'What does the customer say?',
    howTo: 'One answer: what bothers them most.',
    minutes: 0.2,
    answers: [
      {
        id: 'rubsLatchTop',
        label: 'Rubs at the top of the latch side',
        says: 'the customer says it rubs at the top of the latch side',
        likelihood: {
          otherwise: 0.12,
          nothingWrong: 0.05,
          looseTopScrews: 0.5,
          strippedTopHoles: 0.5,
          spreadKnuckles: 0.5,
          frameRacked: 0.2,
          latchLegOut: 0.25,
          hingeBound: 0.03,
        },
      },
      {
        id: 'rubsLatchSide',
        label: 'Rubs along the latch side',
        says: 'the customer says it rubs along the latch side',
        likelihood: { otherwise: 0.1, nothingWrong: 0.05, swollenSlab: 0.4, latchLegOut: 0.3, hingeBound: 0.02 },
      },
      {
        id: 'rubsHead',
        label: 'Rubs at the head',
        says: 'the customer says it rubs at the head',
        likelihood: { otherwise: 0.05, headOut: 0.5, frameRacked: 0.25 },
      },
      {
        id: 'dragsFloor',
        label: 'Drags on the floor',
        says: 'the customer says it drags on the floor',
        likelihood: { otherwise: 0.05, looseTopScrews: 0.15, strippedTopHoles: 0.18, spreadKnuckles: 0.12 },
      },
      {
        id: 'wontLatch',
        label: 'Will not latch',
        says: 'the customer says it will not latch',
        likelihood: { otherwise: 0.2, nothingWrong: 0.25, swollenSlab: 0.12, hingeBound: 0.25 },
      },
      {
        id: 'springsBack',
        label: 'Springs back open',
        says: 'the customer says it springs back',
        likelihood: { otherwise: 0.03, hingeBound: 0.5 },
      },
      {
        id: 'sticksWhenWet',
        label: 'Sticks in wet weather',
        says: 'the customer says it sticks in wet weather',
        likelihood: { otherwise: 0.04, swollenSlab: 0.4 },
      },
      {
        id: 'other',
        label: 'Something else',
        says: 'the complaint is something else',
        likelihood: { otherwise: 0.1, nothingWrong: 0.35 },
      },
    ],
  },
  topScrews: {
    question: 'Top hinge screws?',
    howTo: 'Hand driver on each screw of the top hinge: does it hold, turn up tight, or turn for ever?',
    minutes: 1,
    answers: [
      {
        id: 'tight',
        label: 'All tight',
        says: 'every screw of the top hinge is tight',
        likelihood: { otherwise: 0.85, looseTopScrews: 0.04, strippedTopHoles: 0.05 },
      },
      {
        id: 'loose',
        label: 'Turn up tight',
        says: 'screws of the top hinge could be turned',
        likelihood: { otherwise: 0.12, looseTopScrews: 0.9, strippedTopHoles: 0.15 },
      },
      {
        id: 'spinning',
        label: 'Spin, do not bite',
        says: 'screws of the top hinge spin',
        likelihood: { otherwise: 0.03, looseTopScrews: 0.06, strippedTopHoles: 0.8 },
      },
    ],
  },
  topLeaves: {
    question: 'Top hinge leaves, door shut?',
    howTo: 'Look at the barrel side: do the two leaves lie parallel, or open toward the barrel?',
    minutes: 0.5,
    answers: [
      {
        id: 'parallel',
        label: 'Parallel',
        says: 'the leaves of the top hinge lie parallel',
        likelihood: { otherwise: 0.9, spreadKnuckles: 0.15 },
      },
      {
        id: 'spread',
        label: 'Spread',
        says: 'the leaves of the top hinge are spread',
        likelihood: { otherwise: 0.1, spreadKnuckles: 0.85 },
      },
    ],
  },
  liftPlay: {
    question: 'Lift the latch edge: play?',
    howTo: 'Door ajar. Lift the handle edge gently and watch the top hinge.',
    minutes: 0.3,
    answers: [
      {
        id: 'none',
        label: 'None',
        says: 'there is no play when the latch edge is lifted',
        likelihood: { otherwise: 0.8, looseTopScrews: 0.12, strippedTopHoles: 0.06, spreadKnuckles: 0.5 },
      },
      {
        id: 'some',
        label: 'A little',
        says: 'there is a little play when the latch edge is lifted',
        likelihood: { otherwise: 0.17, looseTopScrews: 0.43, strippedTopHoles: 0.34, spreadKnuckles: 0.4 },
      },
      {
        id: 'much',
        label: 'Clear play',
        says: 'there is clear play when the latch edge is lifted',
        likelihood: { otherwise: 0.03, looseTopScrews: 0.45, strippedTopHoles: 0.6, spreadKnuckles: 0.1 },
      },
    ],
  },
  springBack: {
    question: 'Close slowly: does the hinge edge spring?',
    howTo: 'Push shut with one finger at the latch. Spring-back means the hinge edge meets the leg first.',
    minutes: 0.3,
    answers: [
      {
        id: 'yes',
        label: 'Springs back',
        says: 'the door springs back from the hinge edge',
        likelihood: { otherwise: 0.06, hingeBound: 0.85 },
      },
      {
        id: 'no',
        label: 'Closes freely',
        says: 'the door closes without springing',
        likelihood: { otherwise: 0.94, hingeBound: 0.15 },
      },
    ],
  },
  hingeSeat: {
    question: 'How do the leaves and screw heads sit?',
    howTo: 'Open wide and look between the leaves: flush, sunk below the edge, or screw heads proud?',
    minutes: 0.5,
    answers: [
      {
        id: 'flush',
        label: 'Flush',
        says: 'leaves and screw heads sit flush',
        likelihood: { otherwise: 0.85, hingeBound: 0.1, looseTopScrews: 0.6, strippedTopHoles: 0.6 },
      },
      {
        id: 'deep',
        label: 'Leaf too deep',
        says: 'a leaf is let in too deep',
        likelihood: { otherwise: 0.08, hingeBound: 0.6 },
      },
      {
        id: 'proud',
        label: 'Screw heads proud',
        says: 'screw heads stand proud',
        likelihood: { otherwise: 0.07, hingeBound: 0.3, looseTopScrews: 0.35, strippedTopHoles: 0.35 },
      },
    ],
  },
  season: {
    question: 'Does the weather matter?',
    howTo: 'Ask: worse in wet months and free in dry ones, or the same all year?',
    minutes: 0.3,
    answers: [
      {
        id: 'worseWet',
        label: 'Worse when wet',
        says: 'it is worse in wet months',
        likelihood: { otherwise: 0.12, swollenSlab: 0.8, nothingWrong: 0.15 },
      },
      {
        id: 'same',
        label: 'The same all year',
        says: 'it is the same all year',
        likelihood: { otherwise: 0.88, swollenSlab: 0.2, nothingWrong: 0.85 },
      },
    ],
  },
  event: {
    question: 'What happened before it started?',
    howTo: 'Ask: a slam, a kick, building work, settlement, nothing?',
    minutes: 0.3,
    answers: [
      {
        id: 'blow',
        label: 'A slam or a kick',
        says: 'it began with a slam or a kick',
        likelihood: { otherwise: 0.07, latchLegOut: 0.4, looseTopScrews: 0.18, strippedTopHoles: 0.2, spreadKnuckles: 0.25 },
      },
      {
        id: 'building',
        label: 'Building work or settlement',
        says: 'it began with building work or settlement',
        likelihood: { otherwise: 0.07, frameRacked: 0.45, headOut: 0.4, latchLegOut: 0.2 },
      },
      {
        id: 'gradual',
        label: 'Crept in',
        says: 'it crept in',
        likelihood: {
          otherwise: 0.6,
          looseTopScrews: 0.75,
          strippedTopHoles: 0.7,
          spreadKnuckles: 0.65,
          latchLegOut: 0.25,
          frameRacked: 0.4,
          hingeBound: 0.2,
        },
      },
      {
        id: 'always',
        label: 'Since it was hung or painted',
        says: 'it has been so since it was hung or painted',
        likelihood: {
          otherwise: 0.12,
          hingeBound: 0.65,
          headOut: 0.3,
          nothingWrong: 0.3,
          looseTopScrews: 0.04,
          strippedTopHoles: 0.04,
          spreadKnuckles: 0.04,
        },
      },
    ],
  },
} as const satisfies Record<string, Omit<Finding, 'id'>>;

export type FindingId = keyof typeof FINDING_TABLE;

export const FINDING_IDS = Object.keys(FINDING_TABLE) as FindingId[];

export function finding(id: FindingId): Finding {
  return { id, ...FINDING_TABLE[id] };
}

export const FINDINGS: readonly Finding[] = FINDING_IDS.map(finding);

/** An answer by its id; `undefined` when the finding has no such answer. */
export function findingAnswer(id: FindingId, answerId: string): FindingAnswer | undefined {
  return finding(id).answers.find((answer) => answer.id === answerId);
}

/** Chance of an answer under a cause. */
export function answerLikelihood(answer: FindingAnswer, causeId: CauseId): number {
  return answer.likelihood[causeId] ?? answer.likelihood.otherwise;
}
