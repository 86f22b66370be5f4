import {
  type AnsweredFinding,
  formatLength,
  parseLength,
  tryOut,
  type Denominator,
  type DoneStep,
  type HingedDoor,
  type Observed,
  type Reading,
  type Round,
  type Stepwise,
} from '@proper-swing/core';
import { diagnose, estimate, planningOf, toEnd, whatNext } from '@proper-swing/core/engine';
import { SHEETS } from '../sheets';
import { check, type FieldError } from '../validate';
import { toJsonSchema, type JsonSchema } from '../jsonSchema';
import { diagnoseResult, estimateResult, nextResult } from './diagnosisSchemas';
import type { EngineFunction as PlainFunction } from './engineFunction';
import { diagnoseRequest, planRequest, type DiagnoseRequest, type PlanRequest } from './hingedRequests';
import { parseLengthRequest, parseLengthResult, type ParseLengthRequest } from './lengthSchemas';
import { planResult } from './planSchemas';
import { whatIfRequest, whatIfResult, type WhatIfRequest } from './whatIfSchemas';

type TellSoFar = (soFar: unknown, stands: boolean) => void;

/** A function of the engine, some of which take long enough to be told of and stopped. */
export interface EngineFunction extends PlainFunction {
  /** The same a piece at a time; told an answer before all of it is worked out, and whether it stands but for that. */
  inSteps?: (request: never, tell?: TellSoFar) => Stepwise<unknown>;
}

/** What `describe` prints. */
export interface EngineDescription {
  name: string;
  title: string;
  request: JsonSchema;
  result: JsonSchema;
  example: { request: unknown; result: unknown };
}

/** A request that the engine will not take, with every faulty field. */
export class EngineRequestError extends Error {
  constructor(readonly errors: readonly FieldError[]) {
    super(errors.map(({ field, message }) => `${field}: ${message}`).join('\n'));
    this.name = 'EngineRequestError';
  }
}

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

export const ENGINE: readonly EngineFunction[] = [
  {
    name: 'length.parse',
    title: 'Read a length as the trade writes it',
    request: parseLengthRequest,
    result: parseLengthResult,
    example: { text: '2-1/4"' },
    run: ({ text, defaultUnit, signed, finest }: ParseLengthRequest) => {
      const length = parseLength(text, { field: 'text', ...(defaultUnit && { defaultUnit }), ...(signed !== undefined && { signed }) });
      return {
        ...length,
        asMm: formatLength(length.mm, { system: 'mm', decimals: 2 }),
        asInches: formatLength(length.mm, { system: 'in', finest: (finest ?? 32) as Denominator }),
      };
    },
  },
  {
    name: 'hinged.diagnose',
    title: 'Name the likely causes of a hinged door’s trouble and estimate every gap',
    request: diagnoseRequest,
    result: diagnoseResult,
    example: exampleObserved,
    run: (request: DiagnoseRequest) => diagnose(observedFrom(request)),
  },
  {
    name: 'hinged.estimate',
    title: 'Estimate every gap and the chance of every cause, without the evidence',
    request: diagnoseRequest,
    result: estimateResult,
    example: exampleObserved,
    run: (request: DiagnoseRequest) => estimate(observedFrom(request)),
  },
  {
    name: 'hinged.next',
    title: 'Say which reading or check would tell most next, and whether enough has been read',
    request: diagnoseRequest,
    result: nextResult,
    example: exampleObserved,
    run: (request: DiagnoseRequest) => whatNext(observedFrom(request)),
  },
  {
    name: 'hinged.plan',
    title: 'Plan the correction of a hinged door inside its tolerance profile',
    request: planRequest,
    result: planResult,
    example: exampleObserved,
    run: (request: PlanRequest) => toEnd(planningFrom(request)),
    inSteps: planningFrom,
  },
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
  ...SHEETS,
];

export function engineFunction(name: string): EngineFunction | undefined {
  return ENGINE.find((each) => each.name === name);
}

/**
 * Checks a request and runs the function on it.
 *
 * @throws EngineRequestError naming the fields that are wrong; DomainError when the core finds the sense wrong
 */
export function runEngine({ request, run }: EngineFunction, input: unknown): unknown {
  const checked = check(request, input);
  if (!checked.ok) throw new EngineRequestError(checked.errors);
  return run(checked.value as never);
}

export function describeEngine(each: EngineFunction): EngineDescription {
  const { name, title, request, result, example } = each;
  return {
    name,
    title,
    request: toJsonSchema(request),
    result: toJsonSchema(result),
    example: { request: example, result: runEngine(each, example) },
  };
}

function planningFrom({ without, seed, ...rest }: PlanRequest, tell?: TellSoFar) {
  return planningOf(observedFrom(rest), { ...(without && { without }), ...(seed !== undefined && { seed }) }, tell);
}

export function observedFrom({ door, readings, findings, unreachable, rounds }: DiagnoseRequest): Observed {
  return {
    door: door satisfies HingedDoor,
    readings: readings.map(readingFrom),
    findings: findings.map(findingFrom),
    ...(unreachable && { unreachable }),
    ...(rounds && { rounds: rounds.map(roundFrom) }),
  };
}

type RoundRequest = NonNullable<DiagnoseRequest['rounds']>[number];

function roundFrom({ done, readings, findings }: RoundRequest): Round {
  return { done: done.map(doneFrom), readings: readings.map(readingFrom), ...(findings && { findings: findings.map(findingFrom) }) };
}

function findingFrom({ finding, answer, again }: DiagnoseRequest['findings'][number]): AnsweredFinding {
  return { finding, answer, ...(again && { again: true }) };
}

function doneFrom({ action, hinge, amount, planed }: RoundRequest['done'][number]): DoneStep {
  return { action, amount, ...(hinge && { hinge }), ...(planed && { planed }) };
}

function readingFrom({ station, mm, instrument, stepMm, again }: DiagnoseRequest['readings'][number]): Reading {
  const tool = { ...(instrument !== undefined && { instrument }), ...(again === true && { again }) };
  return mm === undefined ? { station, rubs: true, ...tool } : { station, mm, ...tool, ...(stepMm !== undefined && { stepMm }) };
}
