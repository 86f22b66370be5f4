import { tryOut, type HingedDoor } from '@proper-swing/core';
import { diagnose, estimate, planningOf, whatNext } from '@proper-swing/core/engine';
import type { EngineFunction } from './engineFunction';
import { HINGED_WORDS, hingedDoorSchema } from './hingedShapes';
import { kindFunctions } from './kindFunctions';
import { whatIfRequest, whatIfResult, type WhatIfRequest } from './whatIfSchemas';

const exampleObserved = {
  door: {
    slabWidthMm: 762,
    slabHeightMm: 1981,
    hingeHeightsMm: [165, 990, 1750],
    hingeKind: 'butt',
    slabKind: 'solidTimber',
    fireRated: false,
    profile: 'interiorTimber',
  },
  readings: [
    { station: 'latch.bottom', mm: 4.6 },
    { station: 'latch.mid', mm: 2.6 },
    { station: 'latch.top', rubs: true },
    { station: 'head.latch', mm: 5 },
    { station: 'head.hinge', mm: 3 },
    { station: 'hinge.top', mm: 4.8 },
    { station: 'hinge.bottom', mm: 1.8, instrument: 'rule' },
  ],
  findings: [{ finding: 'topScrews', answer: 'loose' }],
};

/** What is asked of a door on hinges. */
export const HINGED_FUNCTIONS: readonly EngineFunction[] = [
  ...kindFunctions({
    prefix: 'hinged',
    titles: {
      diagnose: 'Name the likely causes of a hinged door’s trouble and estimate every gap',
      next: 'Say which reading or check would tell most next, and whether enough has been read',
      plan: 'Plan the correction of a hinged door inside its tolerance profile',
      estimate: 'Estimate every gap and the chance of every cause, without the evidence',
    },
    names: HINGED_WORDS,
    door: hingedDoorSchema.required(),
    example: exampleObserved,
    diagnose,
    estimate,
    whatNext,
    planningOf,
  }),
  {
    name: 'hinged.whatIf',
    title: 'Try a setting of the hinges, or timber off an edge, on the gaps as they are',
    request: whatIfRequest,
    result: whatIfResult,
    example: {
      door: exampleObserved.door,
      gaps: [
        { station: 'latch.bottom', mm: 4.6 },
        { station: 'latch.mid', mm: 2.6 },
        { station: 'latch.top', mm: 0.6 },
        { station: 'hinge.top', mm: 3 },
        { station: 'hinge.bottom', mm: 1.8 },
      ],
      hinges: [{ hinge: 'bottom', mm: 1 }],
    },
    run: ({ door, gaps, hinges, lowerMm = 0, planed = [] }: WhatIfRequest) =>
      tryOut(door satisfies HingedDoor, new Map(gaps.map(({ station, mm }) => [station, mm])), { hinges, lowerMm, planed }),
  },
];
