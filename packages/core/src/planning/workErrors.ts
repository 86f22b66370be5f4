import type { RandomStream } from '../numbers/seededRandom';

/**
 * How each kind of work will turn out on one drawn door: standard normals, drawn beforehand so that all plans are tried with the
 * same hand.
 */
export interface WorkErrors {
  ofCure: (k: number) => number;
  ofSetting: (k: number) => number;
  ofPlaning: number;
  ofStrike: number;
  ofSide: number;
  /** Not of work: of a reading that may still be taken. */
  ofReading: number;
  /** Of the k-th end at which what was put in stands anew. */
  ofStanding: (k: number) => number;
}

const DRAWN = 16;
const FIRST_SETTING = 3;
const PLANING = 9;
const STRIKE = 11;
const SIDE = 12;
const READING = 13;
const FIRST_STANDING = 14;

export function drawWorkErrors(random: RandomStream): WorkErrors {
  return workErrorsFrom(Array.from({ length: DRAWN }, () => random.normal()));
}

/** @param normals sixteen standard normals */
export function workErrorsFrom(normals: readonly number[]): WorkErrors {
  const at = (i: number) => normals[i] ?? 0;
  return {
    ofCure: at,
    ofSetting: (k) => at(FIRST_SETTING + k),
    ofPlaning: at(PLANING),
    ofStrike: at(STRIKE),
    ofSide: at(SIDE),
    ofReading: at(READING),
    ofStanding: (k) => at(FIRST_STANDING + k),
  };
}
