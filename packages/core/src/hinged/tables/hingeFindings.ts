import { answer, type FindingEntry } from './findingEntry';

/** Checks at the hinges and what holds them. Chances: common practice, no source. */
export const HINGE_FINDINGS = {
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
      rottenFoot: [80, 16, 4],
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
      rottenFoot: [58, 15, 27],
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
} as const satisfies Record<string, FindingEntry>;
