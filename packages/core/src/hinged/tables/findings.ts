import type { Finding as AnyFinding, FindingAnswer } from '../../model/finding';
import type { HingedDoor } from '../card/door';
import type { HingeKind } from '../card/doorKinds';
import type { TableNames } from '../geometry/tableNames';
import type { CauseId } from './causes';

interface FindingEntry extends Omit<AnyFinding<TableNames & { cause: CauseId }>, 'id'> {
  /** Kinds of hinge it can be tried on; all unless said. */
  onlyFor?: readonly HingeKind[];
}

/** A quick check on a hinged door, or an answer of the customer. */
export interface Finding extends FindingEntry {
  id: FindingId;
}

const answer = (id: string, label: string, says: string): FindingAnswer => ({ id, label, says });

/**
 * The checks in working order, and how they turn out under each cause. Common practice, no source: set by judgement, in a
 * form a carpenter can read and correct. Answers may be left out: "not looked" tells nothing.
 */
const FINDING_TABLE = {
  complaint: {
    stage: 'listen',
    question: 'What does the customer say?',
    howTo: 'One answer: what bothers them most.',
    minutes: 0.2,
    answers: [
      answer('rubsLatchTop', 'Rubs at the top of the latch side', 'the customer says it rubs at the top of the latch side'),
      answer('rubsLatchSide', 'Rubs along the latch side', 'the customer says it rubs along the latch side'),
      answer('rubsHead', 'Rubs at the head', 'the customer says it rubs at the head'),
      answer('dragsFloor', 'Drags on the floor', 'the customer says it drags on the floor'),
      answer('wontLatch', 'Will not latch', 'the customer says it will not latch'),
      answer('springsBack', 'Springs back open', 'the customer says it springs back'),
      answer('sticksWhenWet', 'Sticks in wet weather', 'the customer says it sticks in wet weather'),
      answer('rattles', 'Rattles', 'the customer says it rattles'),
      answer('swingsItself', 'Swings by itself', 'the customer says it swings by itself'),
      answer('hardToLock', 'Hard to lock', 'the customer says it is hard to lock'),
      answer('other', 'Something else', 'the complaint is something else'),
    ],
    chances: {
      otherwise: [8, 8, 8, 8, 16, 4, 6, 8, 6, 8, 20],
      nothingWrong: [4, 4, 4, 6, 9, 3, 4, 6, 5, 9, 46],
      looseTopScrews: [37, 12, 2, 10, 11, 1, 1, 3, 2, 7, 14],
      strippedTopHoles: [40, 13, 2, 11, 11, 1, 1, 2, 2, 7, 10],
      neverFixed: [47, 16, 2, 7, 8, 1, 1, 2, 1, 7, 8],
      spreadKnuckles: [33, 11, 3, 9, 12, 2, 2, 3, 2, 2, 21],
      wornPins: [14, 5, 3, 16, 28, 2, 2, 3, 3, 3, 21],
      looseBottomScrews: [3, 34, 11, 5, 11, 2, 2, 3, 2, 9, 18],
      hingeBound: [2, 2, 3, 3, 13, 61, 1, 2, 2, 1, 10],
      frameRacked: [9, 5, 22, 8, 25, 2, 2, 2, 2, 8, 15],
      latchLegOut: [17, 28, 2, 3, 11, 2, 2, 3, 3, 7, 22],
      latchLegBowed: [2, 33, 3, 3, 12, 2, 3, 4, 3, 10, 25],
      hingeLegBowed: [5, 12, 4, 4, 12, 20, 3, 3, 4, 9, 24],
      headOut: [3, 3, 50, 3, 7, 2, 2, 2, 2, 6, 20],
      swollenSlab: [17, 33, 2, 3, 5, 1, 28, 1, 1, 1, 8],
      slabOversize: [16, 34, 12, 3, 8, 2, 2, 1, 2, 8, 12],
      floorHigh: [1, 1, 1, 83, 3, 1, 1, 1, 1, 2, 5],
      strikeOff: [2, 2, 2, 3, 65, 2, 1, 2, 2, 7, 12],
      strikeDepth: [1, 2, 2, 2, 31, 2, 1, 44, 2, 4, 9],
      hingeLineOut: [1, 1, 1, 2, 3, 1, 1, 2, 81, 1, 6],
      twistedOpening: [2, 3, 2, 3, 58, 4, 1, 7, 3, 4, 13],
      warpedSlab: [2, 3, 3, 3, 56, 4, 3, 7, 2, 4, 13],
      adjustersHeight: [1, 2, 7, 17, 11, 1, 1, 2, 2, 48, 8],
      adjustersSideways: [6, 5, 2, 5, 8, 1, 1, 3, 2, 57, 10],
      keepsOut: [1, 1, 1, 2, 5, 1, 1, 5, 1, 77, 5],
      rottenFoot: [4, 5, 5, 14, 11, 18, 3, 3, 4, 7, 26],
      brokenLeg: [2, 4, 3, 3, 31, 3, 2, 6, 3, 14, 29],
    },
  },
  season: {
    stage: 'listen',
    question: 'Does the weather matter?',
    howTo: 'Ask: worse in wet months and free in dry ones, or the same all year?',
    minutes: 0.3,
    answers: [
      answer('worseWet', 'Worse when wet', 'it is worse in wet months'),
      answer('same', 'The same all year', 'it is the same all year'),
    ],
    chances: {
      otherwise: [14, 86],
      swollenSlab: [86, 14],
      slabOversize: [24, 76],
      warpedSlab: [26, 74],
      rottenFoot: [18, 82],
    },
  },
  event: {
    stage: 'listen',
    question: 'What happened before it started?',
    howTo: 'Ask: a slam, a kick, building work, settlement, new paint, nothing?',
    minutes: 0.3,
    answers: [
      answer('blow', 'A slam or a kick', 'it began with a slam or a kick'),
      answer('building', 'Building work or settlement', 'it began with building work or settlement'),
      answer('gradual', 'Crept in', 'it crept in'),
      answer('always', 'Since it was hung or painted', 'it has been so since it was hung or painted'),
      answer('floor', 'A new floor or carpet', 'it began with a new floor'),
    ],
    chances: {
      otherwise: [8, 8, 59, 20, 5],
      nothingWrong: [7, 8, 54, 25, 6],
      looseTopScrews: [17, 3, 75, 4, 1],
      strippedTopHoles: [22, 4, 69, 4, 1],
      neverFixed: [14, 6, 69, 10, 1],
      spreadKnuckles: [30, 2, 62, 5, 1],
      wornPins: [2, 2, 93, 1, 2],
      looseBottomScrews: [26, 5, 63, 5, 1],
      hingeBound: [3, 3, 18, 74, 2],
      frameRacked: [3, 57, 36, 3, 1],
      latchLegOut: [46, 19, 23, 10, 2],
      latchLegBowed: [9, 15, 40, 35, 1],
      hingeLegBowed: [4, 14, 41, 39, 2],
      headOut: [2, 49, 28, 19, 2],
      swollenSlab: [2, 5, 78, 13, 2],
      slabOversize: [2, 4, 14, 78, 2],
      floorHigh: [1, 11, 19, 12, 57],
      strikeOff: [5, 12, 36, 44, 3],
      strikeDepth: [6, 8, 35, 49, 2],
      hingeLineOut: [1, 22, 28, 46, 3],
      twistedOpening: [3, 20, 26, 48, 3],
      warpedSlab: [2, 4, 70, 23, 1],
      rottenFoot: [2, 3, 92, 2, 1],
      brokenLeg: [91, 1, 4, 3, 1],
    },
  },
  liftPlay: {
    stage: 'test',
    again: true,
    question: 'Lift the latch edge: play?',
    howTo: 'Door ajar. Lift the handle edge gently and watch the top hinge.',
    minutes: 0.3,
    answers: [
      answer('none', 'None', 'there is no play when the latch edge is lifted'),
      answer('some', 'A little', 'there is a little play when the latch edge is lifted'),
      answer('much', 'Clear play', 'there is clear play when the latch edge is lifted'),
    ],
    chances: {
      otherwise: [90, 9, 1],
      looseTopScrews: [7, 44, 49],
      strippedTopHoles: [3, 28, 69],
      neverFixed: [20, 61, 19],
      spreadKnuckles: [40, 55, 5],
      wornPins: [3, 41, 56],
      looseBottomScrews: [30, 62, 8],
      rottenFoot: [74, 20, 6],
    },
  },
  topScrews: {
    stage: 'look',
    again: true,
    question: 'Top hinge screws?',
    howTo: 'Hand driver on each screw of the top hinge: does it hold, turn up tight, or turn for ever?',
    minutes: 1,
    answers: [
      answer('tight', 'All tight', 'every screw of the top hinge is tight'),
      answer('loose', 'Turn up tight', 'screws of the top hinge could be turned'),
      answer('spinning', 'Spin, do not bite', 'screws of the top hinge spin'),
    ],
    chances: {
      otherwise: [88, 10, 2],
      looseTopScrews: [3, 92, 5],
      strippedTopHoles: [3, 13, 84],
      wornPins: [83, 15, 2],
    },
  },
  bottomScrews: {
    stage: 'look',
    again: true,
    question: 'Bottom hinge screws?',
    howTo: 'The same at the bottom hinge.',
    minutes: 0.8,
    answers: [
      answer('tight', 'All tight', 'every screw of the bottom hinge is tight'),
      answer('loose', 'Turn up tight', 'screws of the bottom hinge could be turned'),
      answer('spinning', 'Spin, do not bite', 'screws of the bottom hinge spin'),
    ],
    chances: {
      otherwise: [92, 6, 2],
      looseBottomScrews: [5, 85, 10],
      rottenFoot: [9, 32, 59],
    },
  },
  topLeaves: {
    stage: 'look',
    again: true,
    question: 'Top hinge leaves, door shut?',
    howTo: 'Look at the barrel side: do the two leaves lie parallel, or open toward the barrel?',
    minutes: 0.5,
    answers: [
      answer('parallel', 'Parallel', 'the leaves of the top hinge lie parallel'),
      answer('spread', 'Spread', 'the leaves of the top hinge are spread'),
    ],
    chances: {
      otherwise: [93, 7],
      spreadKnuckles: [11, 89],
      wornPins: [79, 21],
    },
  },
  pins: {
    stage: 'look',
    again: true,
    question: 'Pins and knuckles?',
    howTo: 'Look for grey dust, a pin that walks up, daylight between knuckles.',
    minutes: 0.5,
    answers: [
      answer('snug', 'Snug', 'pins and knuckles are snug'),
      answer('worn', 'Worn or dusty', 'pins and knuckles are worn'),
      answer('walks', 'A pin walks out', 'a pin walks out by itself'),
    ],
    chances: {
      otherwise: [89, 8, 3],
      spreadKnuckles: [74, 19, 7],
      wornPins: [9, 81, 10],
      hingeLegBowed: [75, 9, 16],
    },
  },
  hingeSeat: {
    stage: 'look',
    question: 'How do the leaves and screw heads sit?',
    howTo: 'Open wide and look between the leaves: flush, sunk below the edge, or screw heads proud?',
    minutes: 0.5,
    answers: [
      answer('flush', 'Flush', 'leaves and screw heads sit flush'),
      answer('deep', 'Leaf too deep', 'a leaf is let in too deep'),
      answer('proud', 'Screw heads proud', 'screw heads stand proud'),
    ],
    chances: {
      otherwise: [88, 7, 5],
      looseTopScrews: [64, 3, 33],
      strippedTopHoles: [63, 3, 34],
      looseBottomScrews: [64, 4, 32],
      hingeBound: [9, 63, 28],
      rottenFoot: [73, 5, 22],
    },
  },
  hingeLegFirm: {
    stage: 'test',
    again: true,
    question: 'Push the hinge leg by the top hinge: firm?',
    howTo: 'Thumb on the leg beside the top hinge, door ajar, other hand lifting the latch edge. Does the leg itself move?',
    minutes: 0.3,
    answers: [answer('firm', 'Firm', 'the hinge leg is firm'), answer('gives', 'Gives', 'the hinge leg gives')],
    chances: {
      otherwise: [94, 6],
      neverFixed: [13, 87],
      rottenFoot: [70, 30],
    },
  },
  springBack: {
    stage: 'test',
    again: true,
    question: 'Close slowly: does the hinge edge spring?',
    howTo: 'Push shut with one finger at the latch. Spring-back means the hinge edge meets the leg first.',
    minutes: 0.3,
    answers: [
      answer('yes', 'Springs back', 'the door springs back from the hinge edge'),
      answer('no', 'Closes freely', 'the door closes without springing'),
    ],
    chances: {
      otherwise: [3, 97],
      hingeBound: [87, 13],
      hingeLegBowed: [31, 69],
      twistedOpening: [7, 93],
      rottenFoot: [25, 75],
    },
  },
  firstContact: {
    stage: 'test',
    again: true,
    question: 'Close slowly: what touches first?',
    howTo: 'Bring it home with one finger; stop at the first contact and look where it is.',
    minutes: 0.5,
    answers: [
      answer('nothing', 'Nothing before the stop', 'nothing touches before the stop'),
      answer('latchTop', 'Latch edge, upper half', 'the latch edge touches first in its upper half'),
      answer('latchMid', 'Latch edge, middle', 'the latch edge touches first in the middle'),
      answer('latchBottom', 'Latch edge, lower half', 'the latch edge touches first in its lower half'),
      answer('head', 'Head', 'the head touches first'),
      answer('hinge', 'Hinge edge', 'the hinge edge touches first'),
      answer('corner', 'One corner of the stop', 'one corner of the stop touches first'),
      answer('floor', 'Floor', 'the floor touches first'),
    ],
    chances: {
      otherwise: [84, 3, 3, 2, 3, 1, 2, 2],
      looseTopScrews: [42, 46, 2, 1, 1, 1, 2, 5],
      strippedTopHoles: [34, 53, 2, 1, 1, 1, 2, 6],
      neverFixed: [25, 65, 2, 1, 1, 1, 2, 3],
      spreadKnuckles: [53, 36, 2, 1, 1, 1, 2, 4],
      wornPins: [72, 11, 2, 1, 1, 1, 2, 10],
      looseBottomScrews: [49, 2, 2, 34, 8, 1, 2, 2],
      hingeBound: [17, 2, 1, 2, 2, 73, 2, 1],
      frameRacked: [57, 5, 2, 4, 24, 2, 2, 4],
      latchLegOut: [52, 20, 3, 20, 1, 1, 2, 1],
      latchLegBowed: [55, 4, 32, 4, 1, 1, 2, 1],
      hingeLegBowed: [66, 4, 5, 6, 2, 14, 2, 1],
      headOut: [45, 2, 1, 1, 48, 1, 1, 1],
      swollenSlab: [21, 26, 25, 24, 1, 1, 1, 1],
      slabOversize: [32, 20, 19, 16, 9, 1, 1, 2],
      floorHigh: [77, 1, 1, 1, 1, 1, 1, 17],
      twistedOpening: [14, 1, 1, 1, 1, 1, 80, 1],
      warpedSlab: [13, 1, 1, 1, 1, 2, 80, 1],
      adjustersHeight: [72, 2, 2, 2, 10, 1, 2, 9],
      adjustersSideways: [76, 7, 3, 5, 1, 2, 2, 4],
      rottenFoot: [68, 2, 2, 1, 2, 22, 1, 2],
    },
  },
  halfOpen: {
    stage: 'test',
    again: true,
    question: 'Let go half open: what does it do?',
    howTo: 'Open it half way, let go without a push. A true door stays put.',
    minutes: 0.3,
    answers: [
      answer('stays', 'Stays', 'the door stays half open'),
      answer('closes', 'Closes', 'the door closes by itself'),
      answer('opens', 'Opens', 'the door opens by itself'),
    ],
    chances: {
      otherwise: [86, 9, 5],
      hingeLineOut: [4, 48, 48],
      twistedOpening: [78, 13, 9],
    },
  },
  floorDrag: {
    stage: 'test',
    again: true,
    question: 'Swing it right round: does it drag?',
    howTo: 'From shut to wide open, listening at the foot.',
    minutes: 0.3,
    answers: [
      answer('free', 'Free all the way', 'the foot is free all the way'),
      answer('partWay', 'Drags part-way', 'the foot drags part-way open'),
      answer('shut', 'Drags near shut', 'the foot drags near shut'),
    ],
    chances: {
      otherwise: [93, 2, 5],
      looseTopScrews: [83, 5, 12],
      strippedTopHoles: [81, 5, 14],
      neverFixed: [85, 4, 11],
      spreadKnuckles: [85, 4, 11],
      wornPins: [80, 6, 14],
      floorHigh: [5, 91, 4],
      adjustersHeight: [77, 8, 15],
    },
  },
  latch: {
    stage: 'test',
    again: true,
    question: 'Does it latch?',
    howTo: 'Push it shut with one finger; then lift, then push; then try to rattle it.',
    minutes: 0.4,
    answers: [
      answer('alone', 'By itself', 'it latches by itself'),
      answer('lift', 'Only lifted or pressed down', 'it latches only when the handle is lifted or pressed down'),
      answer('push', 'Only pushed', 'it latches only when pushed'),
      answer('rattles', 'Latches and rattles', 'it latches and rattles'),
      answer('never', 'Not at all', 'it does not latch at all'),
    ],
    chances: {
      otherwise: [68, 12, 14, 5, 1],
      nothingWrong: [79, 10, 5, 5, 1],
      looseTopScrews: [31, 45, 17, 3, 4],
      strippedTopHoles: [25, 51, 17, 2, 5],
      neverFixed: [21, 45, 29, 2, 3],
      spreadKnuckles: [47, 34, 14, 3, 2],
      wornPins: [30, 61, 4, 3, 2],
      looseBottomScrews: [48, 29, 18, 3, 2],
      hingeBound: [21, 10, 61, 2, 6],
      frameRacked: [29, 58, 6, 2, 5],
      latchLegOut: [58, 10, 22, 6, 4],
      latchLegBowed: [55, 10, 25, 6, 4],
      headOut: [59, 11, 26, 3, 1],
      swollenSlab: [34, 7, 56, 1, 2],
      slabOversize: [45, 15, 36, 2, 2],
      strikeOff: [12, 74, 2, 1, 11],
      strikeDepth: [7, 5, 33, 54, 1],
      twistedOpening: [25, 7, 57, 9, 2],
      warpedSlab: [25, 7, 57, 9, 2],
      adjustersHeight: [27, 61, 5, 2, 5],
      adjustersSideways: [60, 22, 9, 4, 5],
      rottenFoot: [61, 15, 20, 3, 1],
      brokenLeg: [28, 18, 7, 21, 26],
    },
  },
  slabFlat: {
    stage: 'look',
    question: 'Sight across the slab: flat?',
    howTo: 'Open it, sight one closing edge against the other, or lay a straightedge from corner to corner.',
    minutes: 0.6,
    answers: [answer('flat', 'Flat', 'the slab is flat'), answer('warped', 'Warped', 'the slab is warped')],
    chances: {
      otherwise: [95, 5],
      warpedSlab: [11, 89],
    },
  },
  edges: {
    stage: 'look',
    question: 'Top and bottom edges sealed?',
    howTo: 'Mirror or fingertip along the top edge; look at the foot when it is down.',
    minutes: 0.4,
    answers: [answer('sealed', 'Sealed', 'the edges are sealed'), answer('bare', 'Bare', 'an edge is bare')],
    chances: {
      otherwise: [72, 28],
      swollenSlab: [21, 79],
      warpedSlab: [61, 39],
    },
  },
  paint: {
    stage: 'look',
    question: 'Paint on the edges?',
    howTo: 'Look at the latch edge and the leg: thin, or coat upon coat?',
    minutes: 0.2,
    answers: [answer('thin', 'Thin', 'the paint is thin'), answer('thick', 'Coat upon coat', 'paint has built up')],
    chances: {
      otherwise: [85, 15],
      slabOversize: [43, 57],
    },
  },
  crack: {
    stage: 'look',
    question: 'Cracks at the corners of the head?',
    howTo: 'Look at paint and plaster where head and legs meet, both sides.',
    minutes: 0.3,
    answers: [
      answer('none', 'None', 'there is no crack at the head'),
      answer('crack', 'Cracked', 'there is a crack at a corner of the head'),
    ],
    chances: {
      otherwise: [90, 10],
      neverFixed: [65, 35],
      frameRacked: [34, 66],
      latchLegOut: [72, 28],
      headOut: [52, 48],
      brokenLeg: [62, 38],
    },
  },
  legSound: {
    stage: 'look',
    question: 'Timber of the legs sound?',
    howTo: 'Press a blade into the feet; look at the strike for splits.',
    minutes: 0.4,
    answers: [
      answer('sound', 'Sound', 'the legs are sound'),
      answer('soft', 'Soft at the foot', 'a leg is soft at the foot'),
      answer('split', 'Split at the strike', 'the leg is split at the strike'),
    ],
    chances: {
      otherwise: [95, 3, 2],
      rottenFoot: [8, 90, 2],
      brokenLeg: [6, 2, 92],
    },
  },
  handle: {
    stage: 'test',
    again: true,
    onlyFor: ['adjustable'],
    question: 'Lift the handle, open and shut?',
    howTo: 'Multipoint locks only. First with the door open, then shut.',
    minutes: 0.4,
    answers: [
      answer('easy', 'Easy both ways', 'the handle is easy'),
      answer('stiffShut', 'Stiff when shut', 'the handle is stiff only when shut'),
      answer('stiffOpen', 'Stiff even open', 'the handle is stiff even when open'),
    ],
    chances: {
      otherwise: [61, 33, 6],
      nothingWrong: [73, 21, 6],
      looseTopScrews: [48, 46, 6],
      strippedTopHoles: [43, 52, 5],
      neverFixed: [38, 57, 5],
      frameRacked: [38, 56, 6],
      latchLegBowed: [29, 64, 7],
      hingeLegBowed: [52, 42, 6],
      headOut: [74, 20, 6],
      slabOversize: [32, 62, 6],
      floorHigh: [72, 21, 7],
      strikeOff: [32, 61, 7],
      strikeDepth: [76, 19, 5],
      hingeLineOut: [73, 21, 6],
      twistedOpening: [65, 29, 6],
      warpedSlab: [63, 29, 8],
      adjustersHeight: [18, 76, 6],
      adjustersSideways: [27, 67, 6],
      keepsOut: [3, 91, 6],
      brokenLeg: [34, 60, 6],
    },
  },
} as const satisfies Record<string, FindingEntry>;

export type FindingId = keyof typeof FINDING_TABLE;

export const FINDING_IDS = Object.keys(FINDING_TABLE) as FindingId[];

const FINDING_BY_ID = Object.fromEntries(FINDING_IDS.map((id) => [id, { id, ...FINDING_TABLE[id] }])) as unknown as Record<
  FindingId,
  Finding
>;

export function finding(id: FindingId): Finding {
  return FINDING_BY_ID[id];
}

export const FINDINGS: readonly Finding[] = FINDING_IDS.map(finding);

/** The checks that can be made on this door. */
export function findingsFor({ hingeKind }: Pick<HingedDoor, 'hingeKind'>): readonly Finding[] {
  return FINDINGS.filter(({ onlyFor }) => onlyFor === undefined || onlyFor.includes(hingeKind));
}

/** An answer by its id; `undefined` when the finding has no such answer. */
export function findingAnswer(id: FindingId, answerId: string): FindingAnswer | undefined {
  return finding(id).answers.find((each) => each.id === answerId);
}
