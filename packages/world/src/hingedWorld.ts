import { findingsFor, STATION_IDS, WALKING_ORDER, type CauseId, type FindingId, type StationId } from '@proper-swing/core';
import { hingedModel } from '@proper-swing/core/hinged/hingedDoors';
import { expectAt } from '@proper-swing/core/inference/expectation';
import type { DoorWorld } from './doorWorld';
import { makeScenario } from './makeDoor';
import { answerCheck, takeReading } from './technician';
import { GAP_STATIONS, poseOf, trueGap, type TrueDoor } from './trueDoor';
import { TABLES_OWN, type FaultId, type WorldTraits } from './worldTraits';

/** Hinged doors of a made-up world. */
export const hingedWorld = (traits: WorldTraits = TABLES_OWN): DoorWorld<TrueDoor, FaultId> => ({
  traits,
  stations: STATION_IDS,
  walk: WALKING_ORDER,
  sortOf: ({ card }) => card.slabKind,
  make: (random, options) => makeScenario(random, options, traits),
  read: (door, station, random) => takeReading(door, station as StationId, random),
  checks: ({ card }) => findingsFor(card).map(({ id }) => id),
  answer: ({ door, causes }, finding, random) => answerCheck(door, causes as readonly CauseId[], finding as FindingId, random),
  model: ({ card }) => hingedModel(card),
  errors: (door, belief) => {
    const pose = poseOf(door);
    const drop = door.card.slabWidthMm * Math.sin(pose.angle);
    const dropAt = belief.model.layout.parameterAt('drop');
    const turned = belief.held.reduce((sum, { posterior, probability }) => sum + probability * (posterior.mean[dropAt] ?? 0), 0);
    return { turnMm: turned - drop, gapsMm: GAP_STATIONS.map((id) => expectAt(belief, id).mean - trueGap(door, id, pose)) };
  },
});
