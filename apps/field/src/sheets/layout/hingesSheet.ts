import { HINGE_SCHOOL_IDS, type HingeLayout } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet, type ListedStep, type StepWork } from '../benchSheet';
import { choice, DONE, figure, length, SLAB_HEIGHT, THICKNESS, inList } from '../fieldKinds';
import { mmInRecord } from '../recordLengths';
import { hingesSays } from './layoutSays';

const AT_HEAD: ListedStep = { id: 'water-head', says: 'Head drip or flashing over the trim: water no longer runs in from above' };
const AT_FOOT: ListedStep = {
  id: 'water-foot',
  says: 'Foot clear of the threshold, sweep and threshold sealed: it no longer stands in water',
};

/** Where water came from, and what stops it. */
const WATER: Readonly<Record<string, readonly ListedStep[]>> = { none: [], head: [AT_HEAD], foot: [AT_FOOT], both: [AT_HEAD, AT_FOOT] };

function hingeSteps({ marks, recess, longScrew }: HingeLayout, water: string): ListedStep[] {
  const work: StepWork = {
    ...{ action: 'hangSlab', amount: 1, unit: 'slab' },
    part: `${marks.marks.length} hinges ${mmInRecord(recess.longMm)}, screws ${mmInRecord(longScrew.lengthMm)} over the framing`,
    remark: `Recesses ${mmInRecord(recess.wideMm)} wide, ${mmInRecord(recess.deepMm)} deep.`,
  };
  return [
    ...(WATER[water] ?? []),
    { id: 'carried', says: 'Hinges and lock marked from the old slab, edge to edge, TOP to TOP' },
    ...marks.marks.map((_, i) => ({ id: `hinge-${i + 1}`, says: `Hinge ${i + 1}: line, cross on the side it goes, on slab and frame` })),
    { id: 'recessed', says: ({ withUnit }) => `Recesses ${withUnit(recess.deepMm)} deep, knuckles on the side it opens to` },
    { id: 'painted', says: 'Recesses, top and foot painted, old holes filled: before it hangs' },
    { id: 'blocks', says: 'Slab on blocks, one screw a hinge, tried', work },
    { id: 'screws', says: ({ withUnit }) => `The other screws, ${withUnit(longScrew.lengthMm)} where a hole lies over the framing`, work },
  ];
}

export const layoutHingesSheet = benchSheet<HingeLayout>({
  name: 'layout.hinges',
  shelf: 'jambs',
  title: 'Hinges and lock carried over',
  about: 'From the old slab to the new one: marks, recess, screws that reach the framing, jig, and how far the frame is off.',
  basis: 'Recess as deep as a leaf; long screw an inch into the framing; measure the hinge in hand: common practice.',
  groups: [
    {
      title: 'The old slab',
      fields: [
        { path: 'oldTopsMm', label: 'Tops of its hinges below its top', kind: 'lengths', isOptional: true, hint: 'Empty: by school' },
        { path: 'frameTopsMm', label: 'Tops of the recesses below the head', kind: 'lengths', isOptional: true },
        length('oldBoltMm', 'Bolt below its top', { isOptional: true }),
        length('strikeMm', 'Strike below the head', { isOptional: true }),
        choice('water', 'Water came', { none: 'Not at all', head: 'From the head', foot: 'At the foot', both: 'Both' }, { usual: 'none' }),
      ],
    },
    {
      title: 'The new slab',
      fields: [
        SLAB_HEIGHT,
        { ...THICKNESS, path: 'slabThicknessMm' },
        length('headGapMm', 'Head gap', { usual: 3, hint: '2 to 3 mm' }),
        figure('hinges', 'How many hinges', '', { usual: '3' }),
        choice('school', 'School, inches', Object.fromEntries(HINGE_SCHOOL_IDS.map((id) => [id, id])), { usual: '7/11' }),
      ],
    },
    {
      title: 'The hinge',
      fields: [
        length('hingeMm', 'Long', { usual: 102 }),
        length('leafWideMm', 'Leaf, from the pin', { usual: 44 }),
        length('leafMm', 'Leaf, thick', { usual: 2.5 }),
        length('backsetMm', 'Back from the far face', { usual: 6 }),
        choice('pattern', 'Holes', { zigzag: 'Zigzag', line: 'In line' }, { usual: 'zigzag' }),
        figure('screws', 'Screws in a leaf', '', { usual: '4' }),
      ],
    },
    {
      title: 'Jamb and jig',
      fields: [
        length('jambMm', 'Jamb thickness', { usual: 19 }),
        length('packMm', 'Packers behind it', { usual: 6 }),
        length('framingFromMm', 'Framing begins', { isOptional: true, hint: 'Across, from the knuckles’ edge' }),
        length('framingToMm', 'Framing ends', { isOptional: true }),
        length('bushMm', 'Guide bush', { isOptional: true }),
        length('cutterMm', 'Cutter', { isOptional: true }),
        DONE,
      ],
    },
  ],
  Answer: lazy(async () => ({ default: (await import('./HingesAnswer')).HingesAnswer })),
  says: hingesSays,
  list: { steps: (layout, _request, { water = 'none' }) => hingeSteps(layout, water) },
  shape: ({ water: _, ...rest }: { water?: string }) => rest,
  fieldOf: inList,
});
