import type { Door } from '@proper-swing/contract';
import type { ActionId } from '@proper-swing/core/doors';
import type { HingeMarks, LiningFit, PairEdge, PairFit, Reblocking, Shortening, SlabEdge, SlabFit } from '@proper-swing/core/sheets';
import type { ListedStep, SheetList, StepWork } from '../benchSheet';
import { EDGE_WORDS } from './fitWords';
import { readMade, readMadePair } from './made';

/** What a cut along an edge is called in the record of a door on hinges. */
const EDGE_ACTIONS: Readonly<Record<SlabEdge | PairEdge, ActionId>> = {
  hinge: 'planeHinge',
  outer: 'planeHinge',
  latch: 'planeLatch',
  meeting: 'planeLatch',
  head: 'planeHead',
  foot: 'planeFoot',
};

interface Cut {
  edge: SlabEdge | PairEdge;
  marks: readonly { mm: number }[];
}

/** A cut as the record of a door has it: deepest, and at both ends; a sliding panel's in words. */
function cutWork({ edge, marks }: Cut, kind: Door['kind'], remark: string): StepWork {
  const figures = marks.map(({ mm }) => mm);
  const amount = Math.round(Math.max(0, ...figures) * 10) / 10;
  if (kind === 'sliding') {
    const where = remark === '' ? '' : `${remark}, `;
    return { action: 'workOnPanel', amount: 1, unit: 'job', remark: `${where}${EDGE_WORDS[edge].toLowerCase()}: ${amount} mm off` };
  }
  const action = EDGE_ACTIONS[edge];
  const ends = action === 'planeHinge' ? {} : { fromMm: figures[0] ?? 0, toMm: figures.at(-1) ?? 0 };
  return { action, amount, unit: 'mm', ...ends, remark };
}

/** The edge that is nearer to the frame’s side the door hangs on is of this door; the other leaf has its own. */
const isOwnLeaf = (leaf: 'left' | 'right', door: Door) => door.kind !== 'hinged' || door.make.hingesOn === leaf;

/** All six, or a wet week swells it. */
const FACES: readonly ListedStep[] = [
  ['top', 'Top sealed'],
  ['foot', 'Foot sealed'],
  ['hinge', 'Hinge edge sealed, recesses twice'],
  ['latch', 'Latch edge sealed'],
  ['inside', 'Face inside sealed'],
  ['outside', 'Face outside sealed'],
].map(([id = '', says = '']) => ({ id: `seal-${id}`, says, work: { action: 'sealFaces', amount: 1, unit: 'slab' } }));

const HUNG: ListedStep = { id: 'hung', says: 'Hung', work: { action: 'hangSlab', amount: 1, unit: 'slab' } };

export const SLAB_LIST: SheetList<SlabFit> = {
  canBeWorked: ({ isPossible, open }) => isPossible && !open.some(({ fill }) => fill === 'newSlab'),
  cutsLeft: ({ cuts }) => cuts.length,
  cutWork: (made, { kind }) => readMade(made).map((cut) => cutWork(cut, kind, '')),
  steps: (fit) => {
    const { warnings } = fit;
    if (SLAB_LIST.canBeWorked?.(fit) === false || warnings.some(({ id }) => id === 'label')) return [];
    const plug: ListedStep[] = warnings.some(({ id }) => id === 'block') ? [PLUG] : [];
    return [...plug, { id: 'strips', says: 'Two strips go in, all the way down both sides' }, ...FACES];
  },
};

const PLUG: ListedStep = { id: 'plug', says: 'Plug glued back, dry', work: { action: 'reglueBlock', amount: 1, unit: 'slab' } };

export const PAIR_LIST: SheetList<PairFit> = {
  canBeWorked: ({ isPossible }) => isPossible,
  cutsLeft: ({ left, right }) => left.cuts.length + right.cuts.length,
  cutWork: (made, door) => readMadePair(made).map((cut) => cutWork(cut, door.kind, isOwnLeaf(cut.leaf, door) ? '' : 'Other leaf')),
  steps: ({ isPossible }) =>
    isPossible
      ? [
          { id: 'rails', says: 'Rails run on from leaf to leaf' },
          ...FACES.map((face) => ({ ...face, says: `${String(face.says)}, both leaves` })),
        ]
      : [],
};

export const SHORTEN_LIST: SheetList<Shortening> = {
  steps: ({ cutMm, mustReblock }) => [
    ...(cutMm > 0
      ? [{ id: 'cut', says: 'Cut off the foot', mm: cutMm, work: { action: 'trimFoot', amount: cutMm, unit: 'mm' } } satisfies ListedStep]
      : []),
    ...(mustReblock ? [PLUG] : []),
    ...(cutMm > 0 ? [{ id: 'seal', says: 'Cut edge sealed' }] : []),
    HUNG,
  ],
};

export const LINING_LIST: SheetList<LiningFit> = {
  steps: ({ moves, advice }) => {
    if (advice !== 'wedge' && advice !== 'pack') return [];
    const moved = (of: 'hingeMm' | 'latchMm') => moves.some((move) => Math.abs(move[of]) >= 0.5);
    return [
      ...(moved('hingeMm')
        ? [{ id: 'hingeLeg', says: 'Hinge leg over', work: { action: 'wedgeHingeLeg', amount: 1, unit: 'leg' } } satisfies ListedStep]
        : []),
      ...(moved('latchMm')
        ? [{ id: 'latchLeg', says: 'Latch leg over', work: { action: 'wedgeLatchLeg', amount: 1, unit: 'leg' } } satisfies ListedStep]
        : []),
      { id: 'plumb', says: 'Both legs plumb and straight, widths read again' },
      { id: 'fixed', says: 'Fixed, void foamed sparingly, trim back on' },
    ];
  },
};

export const MARKS_LIST: SheetList<HingeMarks> = {
  steps: ({ marks }) => [
    { id: 'cross', says: 'A cross on the side the hinge goes, slab and frame' },
    ...marks.map((_, i) => ({ id: `hinge-${i + 1}`, says: `Hinge ${i + 1} marked on slab and frame together` })),
    { id: 'recess', says: 'Recesses as deep as a leaf, knuckles to the post' },
    HUNG,
  ],
};

export const REBLOCK_LIST: SheetList<Reblocking> = {
  steps: ({ mustReblock }) =>
    mustReblock
      ? [
          { id: 'skins', says: 'Skins off the plug, both sides' },
          { id: 'glued', says: 'Glued in, flush with the cut' },
          { id: 'held', says: 'Clamped overnight, or pinned and the holes filled' },
        ]
      : [],
};
