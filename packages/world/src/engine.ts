import { findingsFor, type CauseId, type FindingId, type HingedDoor, seededRandom } from '@proper-swing/core';
import { HINGED } from '@proper-swing/core/hinged/hingedDoors';
import * as inference from '@proper-swing/core/inference/believe';
import { modelOf } from '@proper-swing/core/model/doorModel';
import { WORLD_FAULTS } from './faults';
import { befall } from './befall';
import { makeSoundDoor } from './makeDoor';
import type { Engine } from './studyDiagnosis';
import { answerCheck } from './technician';
import type { TrueDoor } from './trueDoor';
import { FAULT_IDS, type WorldTraits } from './worldTraits';

/** Doors of each cause whose answers are counted. */
const COUNTED = 150;

/**
 * The engine given a world's own mix of faults, their sizes and how people answer there: the limit of what its way of weighing can
 * tell in that world. Sizes as the mean and spread of the multiples drawn; answers counted on doors of that world.
 *
 * @param soundShare share of doors with nothing wrong
 */
export function ownTables(world: WorldTraits, soundShare: number): Engine<TrueDoor> {
  const counts = countAnswers(world);
  const oftenOf = (id: CauseId) => (id === 'nothingWrong' ? 0 : WORLD_FAULTS[id].often * world.often[id]);
  const all = FAULT_IDS.reduce((sum, id) => sum + oftenOf(id), 0);
  const kind: typeof HINGED = {
    ...HINGED,
    causes: HINGED.causes.map((cause) => {
      if (cause.id === 'nothingWrong') return { ...cause, prior: soundShare };
      const [least, most] = world.size[cause.id];
      const times = (least + most) / 2;
      return {
        ...cause,
        prior: ((1 - soundShare) * oftenOf(cause.id)) / all,
        forms: cause.forms.map((form) => ({
          ...form,
          axes: form.axes.map((axis) =>
            typeof axis.mean === 'number'
              ? { ...axis, mean: axis.mean * times, sd: Math.hypot(axis.sd * times, (axis.mean * (most - least)) / Math.sqrt(12)) }
              : axis,
          ),
        })),
      };
    }),
    findings: HINGED.findings.map((finding) => {
      const columns = counts.get(finding.id);
      return columns === undefined ? finding : { ...finding, chances: columns };
    }),
  };
  return ({ card }, seen) => inference.believe(modelOf(kind, card), seen);
}

type Columns = { otherwise: number[] } & Partial<Record<CauseId, number[]>>;

/** How each check was answered under each cause, in percent; half an answer is added to each so that none is impossible. */
function countAnswers(world: WorldTraits): Map<FindingId, Columns> {
  const random = seededRandom(4_242);
  const counts = new Map<FindingId, Columns>();
  for (const id of ['nothingWrong', ...FAULT_IDS] as const) {
    for (let n = 0; n < COUNTED; n += 1) {
      const door = makeSoundDoor(random, world);
      if (id !== 'nothingWrong') {
        if (WORLD_FAULTS[id].onlyFor?.(door) === false) continue;
        befall(WORLD_FAULTS, door, id, random);
      }
      for (const { id: finding, answers } of findingsFor(door.card satisfies HingedDoor)) {
        const columns = counts.get(finding) ?? { otherwise: answers.map(() => 0.5) };
        const own = columns[id] ?? answers.map(() => 0.5);
        const place = answers.findIndex((each) => each.id === answerCheck(door, [id], finding, random).answer);
        own[place] = (own[place] ?? 0) + 1;
        columns.otherwise[place] = (columns.otherwise[place] ?? 0) + 1;
        columns[id] = own;
        counts.set(finding, columns);
      }
    }
  }
  const inPercent = (column: readonly number[]) => {
    const sum = column.reduce((all, each) => all + each, 0);
    return column.map((each) => (100 * each) / sum);
  };
  for (const [finding, columns] of counts) {
    const entries = Object.entries(columns).map(([id, column]) => [id, inPercent(column)]);
    counts.set(finding, Object.fromEntries(entries) as Columns);
  }
  return counts;
}
