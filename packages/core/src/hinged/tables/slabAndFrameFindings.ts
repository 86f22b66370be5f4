import { bothWays } from './feltFrom';
import { answer, type FindingEntry } from './findingEntry';

/** Checks of the slab, the legs and the lock. Chances: common practice, no source. */
export const SLAB_AND_FRAME_FINDINGS = {
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
    follows: {
      share: 0.85,
      otherwise: 'easy',
      notUnder: ['keepsOut', 'brokenLeg'],
      shows: [
        ...bothWays('stiffShut', 'bolt.low', 2, 0.6),
        { answer: 'stiffShut', at: 'latch.mid', border: { above: 6.5 }, softMm: 0.5 },
        { answer: 'stiffShut', at: 'latch.mid', border: { below: 3.5 }, softMm: 0.5 },
      ],
    },
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
