import { expectAt } from '@proper-swing/core/inference/expectation';
import { STATION_IDS, WALK } from '@proper-swing/core/sliding/geometry/stations';
import { slidingModel } from '@proper-swing/core/sliding/slidingDoors';
import { findingsFor } from '@proper-swing/core/sliding/tables/findings';
import type { DoorWorld } from '../doorWorld';
import { makeSlidingScenario, SLIDING_OWN, type SlidingTraits } from './makeSliding';
import { answerSliding, readSliding } from './slidingTechnician';
import { GAPS, poseOf, trueFigure, type SlidingFaultId, type TrueSliding } from './trueSliding';

/** Sliding panels of a made-up world. */
export const slidingWorld = (traits: SlidingTraits = SLIDING_OWN): DoorWorld<TrueSliding, SlidingFaultId> => ({
  traits,
  stations: STATION_IDS,
  walk: WALK,
  sortOf: ({ card }) => card.kind,
  make: (random, options) => makeSlidingScenario(random, options, traits),
  read: readSliding,
  checks: ({ card }) => findingsFor(card.kind).map(({ id }) => id),
  answer: answerSliding,
  model: ({ card }) => slidingModel(card),
  errors: (door, belief) => {
    const pose = poseOf(door);
    const { w, h } = door.panel;
    // How far the closing end stands up over the width, from where its top stands back.
    const risen = w * Math.atan2(pose.place(0, h).x - pose.place(0, 0).x - door.panel.shear, h);
    const at = (id: string) => {
      const place = belief.model.layout.parameterAt(id);
      return belief.held.reduce((sum, { posterior, probability }) => sum + probability * (posterior.mean[place] ?? 0), 0);
    };
    const believed = (at('leadRise') - at('trailRise')) / 0.86 - at('trackTilt') - at('trackHump');
    return { turnMm: believed - risen, gapsMm: GAPS.map((id) => expectAt(belief, id).mean - trueFigure(door, id, pose)) };
  },
});
