import type { Action } from './model/action';
import type { CauseForm } from './model/cause';
import { PASSES_MM } from './model/profile';
import type { DoorKind } from './model/tables';

/** A loft hatch on two pegs: the smallest kind of door there can be, made of tables alone. */
export interface Hatch {
  widthMm: number;
  pegged: boolean;
}

/** Two gaps, at the left and the right peg; one thing that can go wrong: the right peg sinks, and the gap there opens. */
export const HATCH: DoorKind<Hatch> = {
  name: 'hatch',
  parameters: ['left', 'right'],
  stations: [
    {
      id: 'gap.left',
      title: 'Gap at the left peg',
      kind: 'gap',
      edge: 'rim',
      f: 0.1,
      instrument: 'gauge',
      minutes: 0.2,
      howTo: 'Gauge beside the peg.',
      weights: { left: 1 },
    },
    {
      id: 'gap.right',
      title: 'Gap at the right peg',
      kind: 'gap',
      edge: 'rim',
      f: 0.9,
      instrument: 'gauge',
      minutes: 0.2,
      howTo: 'Gauge beside the peg.',
      weights: { right: 1 },
    },
    {
      id: 'bolt',
      title: 'Bolt below its keeper',
      kind: 'bolt',
      instrument: 'rule',
      minutes: 1,
      howTo: 'Look.',
      weights: { right: 1 },
      offset: { times: -1, of: 'wanted' },
    },
  ],
  walk: ['gap.left', 'gap.right'],
  usualSpan: 'width',
  sound: { left: 'wanted', right: 'wanted' },
  spread: [
    { why: 'pegs are set by eye', sd: 0.4, moves: { left: 1 } },
    { why: 'pegs are set by eye', sd: 0.4, moves: { right: 1 } },
  ],
  unevennessMm: 0.1,
  edges: [{ id: 'rim', isEven: true }],
  sides: [],
  eye: { rubsBelowMm: 0.4, seesMm: 1.6, outOfKeepingMm: 1.2 },
  trust: { mistaken: 0, tails: [{ share: 1, spread: 1 }], pairedSpread: 1 },
  signs: [
    {
      id: 'taper',
      part: 'rim',
      combination: { 'gap.right': 1, 'gap.left': -1 },
      above: 'rim wider at the right peg',
      below: 'rim wider at the left peg',
      even: 'rim even',
      compare: 'taper',
    },
  ],
  meeting: { station: 'bolt', parameter: 'right', limits: { min: -4, target: 0, max: 4 } },
  causes: [
    {
      id: 'sound',
      title: 'Nothing wrong',
      called: 'a sound hatch',
      says: 'It lies as it should.',
      prior: 0.5,
      part: 'none',
      forms: [{ id: 'usual', share: 1, axes: [] }],
      cures: [],
    },
    {
      id: 'sunk',
      title: 'Right peg sunk',
      called: 'a sunk peg',
      says: 'The right peg has sunk into the trimmer.',
      prior: 0.5,
      part: 'peg',
      forms: [{ id: 'usual', share: 1, axes: [{ measure: 'peg down', mean: 4, sd: 1.5, moves: { right: 1 } }] }],
      at: 'rightPeg',
      cures: ['packPeg'],
    },
  ],
  soundCause: 'sound',
  complaint: 'wood',
  findings: [
    {
      id: 'wood',
      stage: 'look',
      question: 'Is the wood crushed under the right peg?',
      howTo: 'Look under it.',
      minutes: 0.3,
      answers: [
        { id: 'crushed', label: 'Crushed', says: 'the wood is crushed' },
        { id: 'sound', label: 'Sound', says: 'the wood is sound' },
      ],
      chances: { otherwise: [5, 95], sunk: [90, 10] },
      again: true,
    },
  ],
  actions: [
    {
      id: 'packPeg',
      order: 1,
      title: 'Pack the peg',
      unit: 'card',
      effect: { kind: 'shift', mmPerUnit: -1, sdShare: 0.05 },
      amounts: [1, 2, 3, 4, 5],
      minutes: { first: 4, each: 1 },
      irreversibility: 0,
      holds: 0.9,
      steps: ['Lift the hatch.', 'Lay card under the peg.'],
      cautions: ['head'],
      stopIf: 'The trimmer is split.',
    },
  ],
  holdingWork: ['packPeg'],
  lowered: { left: -1, right: -1 },
  misfit: { allowedMm: 1, saidFromMm: 0.5 },
  atOnce: [],
  atOnceUnmeasured: [],
  lookFirst: [],
  deniesFree: [],
  asWell: [],
  opposite: [],
  rechecks: [{ effects: ['shift'], place: 'rightPeg', stations: ['gap.right'] }],
  cautions: { head: 'Mind your head.' },
  phrases: { fallsShort: 'Pegs cannot make this hatch lie flush.' },
  figures: ({ widthMm }) => ({ width: widthMm, wanted: 2 }),
  profileOf: () => ({ edges: { rim: { min: 1, target: 2, max: 3 } }, evenWithin: 1 }),
  places: () => ['leftPeg', 'rightPeg'],
  placeLine: (_, size) => {
    const [left, right] = [new Float64Array(size), new Float64Array(size)];
    left[0] = 1;
    right[1] = 1;
    return {
      moves: [left, right],
      misfit: [
        [0, 0],
        [0, 0],
      ],
    };
  },
  hasCause: () => true,
  hasFinding: () => true,
  forbids: (_, { pegged }) => (pegged ? undefined : { why: 'This hatch has no pegs.' }),
  leavesOut: () => undefined,
  goesByTheBook: () => true,
  letStandMm: () => PASSES_MM,
  warnings: () => [],
};

/** A hatch as it is made. */
export const hatch: Hatch = { widthMm: 700, pegged: true };

const [pack] = HATCH.actions;
const [sound, sunk] = HATCH.causes;
const [wood] = HATCH.findings;
if (pack === undefined || sound === undefined || sunk === undefined || wood === undefined) throw new Error('the hatch has its tables');

export const packPeg = pack;
export const soundHatch = sound;
export const sunkPeg = sunk;
export const woodCheck = wood;

/** Other work of the hatch: packing, but for what is said. */
export const hatchWork = (id: string, more: Partial<Action> = {}): Action => ({ ...pack, id, title: id, ...more });

/** A way for a peg to be off: by so many mm at the right, or by a share of them. */
export const pegForm = (id: string, share: number, mean: number, sd: number, right = 1): CauseForm => ({
  id,
  share,
  axes: [{ measure: 'peg down', mean, sd, moves: { right } }],
});
