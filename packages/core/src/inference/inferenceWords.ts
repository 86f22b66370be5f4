import type { Cause } from '../model/cause';

/** Sentences in which the inference speaks. */
export const INFERENCE_WORDS = {
  knownOnlyTo: (sdMm: number) => `known only to ±${sdMm.toFixed(1)} mm`,
  standsAgainst: (readMm: number, expectedMm: number) => `read ${readMm.toFixed(1)}, the others say ${expectedMm.toFixed(1)} mm`,
  confirms: 'confirms the cause',
  tellsApart: (one: readonly Cause[], other: readonly Cause[]) => `tells ${called(one)} from ${called(other)}`,
  showsWhether: ({ called: name }: Cause) => `shows whether it is also ${name}`,
  rubs: (title: string) => `${title.toLowerCase()}: rubs`,
};

const called = (causes: readonly Cause[]) => causes.map((each) => each.called).join(' with ');
