import type { RandomStream } from '@proper-swing/core';
import type { Belief } from '@proper-swing/core/inference/belief';
import type { AnsweredFinding, Reading } from '@proper-swing/core/inference/observed';
import type { DoorModel } from '@proper-swing/core/model/doorModel';
import type { WorldTraits } from './worldTraits';

/** One door with what has befallen it. */
export interface Befallen<Door> {
  door: Door;
  causes: readonly string[];
}

/** How many of a world's doors have no fault, and how many two, as shares. */
export interface WorldOptions {
  twoFaults: number;
  sound: number;
}

/** Made-up doors of one kind, and how they are looked at: what a study of diagnosis needs to know of them. */
export interface DoorWorld<Door, F extends string> {
  traits: WorldTraits<F>;
  stations: readonly string[];
  /** The gaps in walking order. */
  walk: readonly string[];
  /** By which sort its doors are counted apart. */
  sortOf: (door: Door) => string;
  make: (random: RandomStream, options: WorldOptions) => Befallen<Door>;
  read: (door: Door, station: string, random: RandomStream) => Reading;
  /** The checks that can be made on a door, and how one turns out. */
  checks: (door: Door) => readonly string[];
  answer: (befallen: Befallen<Door>, finding: string, random: RandomStream) => AnsweredFinding;
  model: (door: Door) => DoorModel;
  /** What the belief says the turn of the panel is less what it is, and the same of each gap, mm. */
  errors: (door: Door, belief: Belief) => { turnMm: number; gapsMm: readonly number[] };
}
