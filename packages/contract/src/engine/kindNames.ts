import type { Fault, WrittenReading } from '@proper-swing/core/model/sense';

/** The words in which a kind of door is asked about and answered. */
export interface KindNames {
  stations: readonly string[];
  causes: readonly string[];
  findings: readonly string[];
  actions: readonly string[];
  edges: readonly string[];
  /** Where its slab can be set. */
  places: readonly string[];
  /** How a place is called in requests and answers, and in a sentence. */
  placeKey: 'hinge' | 'place';
  placeWord: string;
  /** Which way a shift there is +. */
  plusIs: string;
  /** What setting the places by itself is called in an answer. */
  aloneKey: 'hingesAlone' | 'settingAlone';
  readingFaults: (reading: WrittenReading) => readonly Fault[];
}
