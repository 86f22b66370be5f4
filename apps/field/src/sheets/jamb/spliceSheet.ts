import { wood, WOOD_IDS, type StrikeSplice, type StrikeToSplice } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet, type ListedStep, type StepWork } from '../benchSheet';
import { choice, DONE, figure, length, inList } from '../fieldKinds';
import { mmInRecord } from '../recordLengths';
import { BEHIND, places } from './jambFields';
import { spliceSays } from './jambSays';

function spliceSteps({ lengthMm, cutFromMm, cutToMm, fixings, sawDepthMm }: StrikeSplice, { screwMm }: StrikeToSplice): ListedStep[] {
  const work: StepWork = {
    ...{ action: 'repairLeg', amount: 1, unit: 'leg' },
    part: `Jamb stock ${mmInRecord(lengthMm)}, ${fixings.length} screws ${mmInRecord(screwMm)}, packers`,
    remark: `Cut out ${mmInRecord(cutFromMm)} to ${mmInRecord(cutToMm)} above the floor.`,
  };
  return [
    { id: 'strip', says: 'Weatherstrip off, before any width is taken', work },
    {
      id: 'cut',
      says: ({ withUnit }) => `Plunged ${withUnit(sawDepthMm)} deep, as the jamb is thick; ends squared, broken piece out`,
      work,
    },
    { id: 'marked', says: 'New piece held up: ends marked by it, back scribed, the break skipped', work },
    { id: 'ripped', says: 'Ripped to the line, cut side hidden at the wall', work },
    { id: 'packed', says: 'Packers where the old shims were', work },
    { id: 'screwed', says: ({ withUnit }) => `Pre-drilled, ${withUnit(screwMm)} screws at the shimmed centre, flush with the leg`, work },
    { id: 'filled', says: 'Shims cut off, joints filled and sanded', work },
    { id: 'locked', says: 'Both bolts throw with two fingers: it locks tonight' },
  ];
}

export const jambSpliceSheet = benchSheet<StrikeSplice>({
  name: 'jamb.splice',
  shelf: 'jambs',
  title: 'A strike side kicked in',
  about: 'Where to cut, the new piece scribed past the break, packers and screws: locked the same evening.',
  basis: '50 mm of sound wood beyond the break, 3 in screws an inch into the framing: common practice.',
  groups: [
    {
      title: 'The break',
      fields: [
        length('breakFromMm', 'From, above the floor'),
        length('breakToMm', 'Up to'),
        length('jambThicknessMm', 'Jamb thickness', { usual: 19 }),
        length('legMm', 'Height of the leg', { usual: 2040 }),
        places('widths', 'Widths of the leg, strip off: how high: how wide', '700: 116; 1400: 117'),
        { path: 'boltsMm', label: 'Bolts above the floor', kind: 'lengths', usual: [965, 1120] },
      ],
    },
    {
      title: 'What holds it',
      fields: [
        { path: 'oldShimsMm', label: 'Old shims above the floor', kind: 'lengths', isOptional: true },
        length('gapBehindMm', 'Jamb to framing', { usual: 12 }),
        length('screwMm', 'Screws', { usual: 76.2 }),
        figure('screwNumber', 'Number of the screws', '', { usual: '9' }),
        choice('wood', 'Framing', Object.fromEntries(WOOD_IDS.map((id) => [id, wood(id).title])), { usual: 'sprucePineFir' }),
        BEHIND,
        DONE,
      ],
    },
  ],
  serves: ['repairLeg'],
  Answer: lazy(async () => ({ default: (await import('./SpliceAnswer')).SpliceAnswer })),
  says: spliceSays,
  list: { steps: (splice, request) => spliceSteps(splice, request as StrikeToSplice) },
  shape: (typed: { oldShimsMm?: readonly number[] }) => ({ ...typed, oldShimsMm: typed.oldShimsMm ?? [] }),
  fieldOf: inList,
});
