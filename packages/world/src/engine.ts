import type { Observed } from '@proper-swing/core';
import { believe } from '@proper-swing/core/hinged/hingedAnswers';
import type { Belief } from '@proper-swing/core/inference/belief';

/** What weighs the observations of a door. */
export type Engine = (observed: Observed) => Belief;

/** The engine with its own tables. */
export const AS_SHIPPED: Engine = (observed) => believe(observed);
