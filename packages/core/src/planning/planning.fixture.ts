import { HATCH, hatch, hatchWork, packPeg, soundHatch, sunkPeg, type Hatch } from '../hatch.fixture';
import { believe } from '../inference/believe';
import { withChances } from '../inference/belief.fixture';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { gapBoard } from './board';
import { candidate, untreated, type Trial } from './candidate';
import type { FoundPlan, Setting } from './searchSpace';
import { workErrorsFrom } from './workErrors';

/** The hatch with work of every kind: what parts of the planner are tested on. */
export const KIND: DoorKind<Hatch> = {
  ...HATCH,
  sides: [{ id: 'skew', title: 'skew', weights: { left: 1, right: -1 }, worked: 'right', min: -1, target: 0, max: 1, readAt: ['bolt'] }],
  actions: [
    hatchWork('plane', { effect: { kind: 'plane', edge: 'rim' }, order: 3, irreversibility: 5, amounts: [] }),
    hatchWork('glue', { effect: { kind: 'cure', cures: ['sunk'], share: 0.9, shareSd: 0.1, leftSdMm: 0 }, order: 5, at: 'rightPeg' }),
    hatchWork('saw', { effect: { kind: 'cure', cures: ['sunk'], share: 1, shareSd: 0, leftSdMm: 0 }, order: 2, irreversibility: 5 }),
    hatchWork('strike', { effect: { kind: 'strike', upToMm: 3, leftSdMm: 0.2 }, order: 9, amounts: [] }),
    hatchWork('set', { effect: { kind: 'set', side: 'skew', cures: ['sunk'], leftSdMm: 0.1 }, order: 4, amounts: [] }),
    hatchWork('hold', { effect: { kind: 'hold', side: 'skew', cures: ['sunk'], againstMm: 2 }, order: 4, amounts: [1] }),
    hatchWork('wait', { effect: { kind: 'wait', cures: ['damp'] }, order: 1, amounts: [1] }),
    packPeg,
  ],
  causes: [
    soundHatch,
    { ...sunkPeg, cures: ['packPeg', 'glue'] },
    { ...sunkPeg, id: 'damp', part: 'wood', title: 'Damp wood', cures: ['wait'], forbidsPlaning: 'It will shrink.' },
  ],
  places: () => ['leftPeg', 'midPeg', 'rightPeg'],
  placeLine: (_, size) => ({
    moves: [0, 0, 1].map((at) => Float64Array.from({ length: size }, (_each, i) => (i === at ? 1 : 0))),
    misfit: [
      [0.2, -0.4, 0.2],
      [-0.4, 0.8, -0.4],
      [0.2, -0.4, 0.2],
    ],
  }),
};
export const model = modelOf(KIND, hatch);
export const board = gapBoard(model, new Set());
export const action = (id: string) => model.action(id);
/** Gaps, bolt, and behind them the one side. */
export const gaps = (left: number, right: number, bolt = 0, skew = 0) => Float64Array.from([left, right, bolt, skew]);
export const plan = (more: Partial<FoundPlan> = {}): FoundPlan => ({
  settings: [],
  planed: [],
  gaps: gaps(2, 2),
  misfit: [0, 0, 0],
  outside: 0,
  price: 0,
  ...more,
});
export const setting = (place: Setting['where'], id = 'packPeg', amount = 1): Setting => ({
  action: action(id),
  where: place,
  amount,
  shiftMm: -amount,
  changes: gaps(0, -amount),
  price: 5,
});

export const believedAt = (chances: Readonly<Record<string, number>>) =>
  withChances(believe(model, { readings: [], findings: [] }), chances);

export const trial: Trial = {
  model,
  board,
  drawn: [0, 1, 2, 3].map((n) => ({
    gaps: gaps(2, 2 + 0.4 * n),
    faults: new Map(),
    errors: workErrorsFrom([]),
    state: new Float64Array(model.layout.size),
    supposition: 0,
  })),
  beside: { sides: [], judged: new Set(), work: {} },
  misfitNow: [0, 0, 0],
};
export const leftAlone = candidate(trial, untreated(trial), plan());
