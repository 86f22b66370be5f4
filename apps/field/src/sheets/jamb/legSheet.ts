import type { LegMade, LegToMake } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet, type ListedStep, type StepWork } from '../benchSheet';
import { choice, DONE, length } from '../fieldKinds';
import { mmInRecord } from '../recordLengths';
import { BEHIND, inKinds, packerKinds, PACKERS, places } from './jambFields';
import { legSays } from './jambSays';

interface TypedLeg {
  thicknessesMm: readonly number[];
  counts?: readonly number[];
  heldAtMm?: readonly number[];
}

function legSteps({ lengthMm, widthMm, stacks, packers }: LegMade, { thicknessMm, screwMm }: LegToMake): ListedStep[] {
  const work: StepWork = {
    ...{ action: 'replaceLeg', amount: 1, unit: 'leg' },
    part: `Stock ${mmInRecord(thicknessMm)} × ${mmInRecord(widthMm)}, ${mmInRecord(lengthMm)} long; ${stacks.pieces} packers; screws ${mmInRecord(screwMm)}`,
    remark: `Packers at ${packers.map(({ atMm }) => Math.round(atMm)).join(', ')} mm above the floor.`,
  };
  return [
    { id: 'hardware', says: 'Strike or hinges off, door supported', work },
    { id: 'stop', says: 'Stop strip off', work },
    { id: 'casing', says: 'Casing off from the foot up, chisel flat to the trim, close to each nail', work },
    { id: 'out', says: 'Leg rocked off the head nails; nails nipped over scrap', work },
    { id: 'cut', says: ({ bare, withUnit }) => `Leg cut ${bare(lengthMm)} × ${withUnit(widthMm)}, notch for the head`, work },
    { id: 'top', says: 'Packed at the top first, equal counts from either side', work },
    { id: 'plumb', says: 'Plumb to the foot, straight, packed at foot and lock', work },
    { id: 'proud', says: 'Nails left proud: not rocking, flush with the wall, gap even', work },
    { id: 'home', says: 'Driven home, packers cut off', work },
    { id: 'back', says: 'Stop, hardware, casing back on', work },
    { id: 'locked', says: 'It shuts and locks tonight' },
  ];
}

export const jambLegSheet = benchSheet<LegMade>({
  name: 'jamb.leg',
  shelf: 'jambs',
  title: 'A whole leg',
  about: 'Length, notch and packers of a new leg that stands plumb, from what is measured to the framing.',
  basis: 'Packers 100 mm from top and foot and at the lock, set from the top; screws 30 mm into the framing: common practice.',
  groups: [
    {
      title: 'The leg',
      fields: [
        choice('side', 'It carries', { strike: 'The strike', hinge: 'The hinges' }, { usual: 'strike' }),
        length('headMm', 'Floor to head, beside it'),
        length('clearMm', 'Between the legs', { hint: 'Slab and both gaps' }),
        places('roughMm', 'From the other leg to the framing: how high: how far', '100: 800; 1900: 804'),
        length('thicknessMm', 'Leg thickness', { usual: 25 }),
        length('wallMm', 'Wall with its boards', { usual: 120 }),
      ],
    },
    {
      title: 'Head and foot',
      fields: [
        length('notchMm', 'Up into the head', { usual: 10 }),
        length('headThicknessMm', 'Head thickness', { usual: 25 }),
        length('footGapMm', 'Room under it', { usual: 3 }),
      ],
    },
    {
      title: 'What holds it',
      fields: [
        { path: 'heldAtMm', label: 'Lock, or hinges, above the floor', kind: 'lengths', usual: [1000] },
        ...PACKERS,
        length('screwMm', 'Screws', { usual: 76.2 }),
        BEHIND,
        DONE,
      ],
    },
  ],
  serves: ['repairLeg'],
  Answer: lazy(async () => ({ default: (await import('./LegAnswer')).LegAnswer })),
  says: legSays,
  list: { steps: (leg, request) => legSteps(leg, request as LegToMake) },
  shape: ({ thicknessesMm, counts, heldAtMm, ...rest }: TypedLeg) => ({
    ...rest,
    heldAtMm: heldAtMm ?? [],
    kinds: packerKinds(thicknessesMm, counts),
  }),
  fieldOf: inKinds,
});
