import type { FootPatch, FootToPatch } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet, type ListedStep, type StepWork } from '../benchSheet';
import { choice, DONE, figure, length } from '../fieldKinds';
import { mmInRecord } from '../recordLengths';
import { BEHIND } from './jambFields';
import { footSays } from './jambSays';

/** The work as the record tells it: sizes, stock, packers, fixings. */
const patched = ({ cutHeightMm, longPointMm, shortPointMm, packMm }: FootPatch, { stockThicknessMm, bradMm }: FootToPatch): StepWork => ({
  ...{ action: 'repairFoot', amount: 1, unit: 'leg' },
  part: `Treated stock ${mmInRecord(stockThicknessMm)}, packers ${mmInRecord(packMm)}, 4 brads ${mmInRecord(bradMm)}`,
  remark: `Cut ${mmInRecord(cutHeightMm)} up; patch ${mmInRecord(longPointMm)} to the long point, ${mmInRecord(shortPointMm)} to the short.`,
});

function footSteps(patch: FootPatch, request: FootToPatch): ListedStep[] {
  const { isAboveSoft, isTall, packMm, planeMm, windowsMm } = patch;
  if (!isAboveSoft || isTall) return [];
  const work = patched(patch, request);
  return [
    { id: 'cut', says: ({ withUnit }) => `Square line ${withUnit(patch.cutHeightMm)} up; scored between jamb and trim, cut`, work },
    { id: 'out', says: 'Outer part out in small pieces, the part that bears the hinges kept', work },
    { id: 'dry', says: 'Behind it dry and sound, probed again', work },
    ...(planeMm > 0
      ? [{ id: 'planed', says: ({ withUnit }) => `Stock planed ${withUnit(planeMm)} thinner`, work } satisfies ListedStep]
      : []),
    ...(packMm > 0
      ? [
          { id: 'windows', says: `${windowsMm.length} windows cut in the membrane`, work },
          {
            id: 'packers',
            says: ({ withUnit }) => `Packers of ${withUnit(packMm)} proved dry, then glued to the framing`,
            work,
          } satisfies ListedStep,
        ]
      : []),
    { id: 'patch', says: 'Patch cut, TOP and outside written on it', work },
    { id: 'rebate', says: 'Rebate cut in two passes, slot for the weatherstrip', work },
    { id: 'fitted', says: 'Proved dry: flush, strip goes in', work },
    { id: 'glued', says: 'Adhesive on, under the upper part and behind the trim as well', work },
    { id: 'nailed', says: 'Four brads, tapped and pried flush, left to set', work },
    { id: 'eased', says: ({ withUnit }) => `Edges eased ${withUnit(patch.easeMm)}`, work },
    { id: 'sound-leg', says: ({ withUnit }) => `Sound leg undercut ${withUnit(patch.undercutMm)}, silicone in` },
  ];
}

/** A person who reads inches cuts at half of one. */
const HALF_INCH_MM = 12.7;

interface TypedFoot {
  stock?: string;
}

export const jambFootSheet = benchSheet<FootPatch>({
  name: 'jamb.foot',
  shelf: 'jambs',
  title: 'A rotten foot',
  about: 'Cut height, patch to the long and the short point, packers, rebate, brads: the whole patch in figures.',
  basis: 'Cut 16 in up or 2 in above the softest wood, undercut and easing of 1/8 in, tongue and slot: common practice.',
  groups: [
    {
      title: 'The foot',
      fields: [
        length('softTopMm', 'Top of soft wood', { hint: 'Above the threshold, by the probe' }),
        figure('pitchDegrees', 'Threshold falls', '°', { usual: '5', hint: 'Measure it: sills about 15°' }),
        length('jambThicknessMm', 'Jamb thickness', { usual: 31.75 }),
        length('stockThicknessMm', 'Stock thickness', { usual: 25.4 }),
        length('partWidthMm', 'Part that comes out, wide', { usual: 70 }),
        choice('stock', 'Stock is', { dry: 'Dry', wet: 'Wet' }, { usual: 'dry' }),
      ],
    },
    {
      title: 'How it is cut',
      fields: [
        choice('measuredAt', 'Height measured at the edge', { inner: 'Inside', outer: 'Outside' }, { usual: 'inner' }),
        length('cutHeightMm', 'Cut at', { isOptional: true, hint: 'If not as advised' }),
        length('footGapMm', 'Room for silicone', { usual: 3 }),
        length('tongueMm', 'Tongue wanted', { usual: 6.35 }),
        length('slotMm', 'Slot for the strip', { usual: 3.175 }),
        length('rebateMm', 'Rebate goes in', { usual: 12.7 }),
        length('bradMm', 'Brads', { usual: 50.8 }),
        BEHIND,
        DONE,
      ],
    },
  ],
  serves: ['repairFoot'],
  Answer: lazy(async () => ({ default: (await import('./FootAnswer')).FootAnswer })),
  says: footSays,
  list: {
    canBeWorked: ({ isAboveSoft, isTall }) => isAboveSoft && !isTall,
    steps: (patch, request) => footSteps(patch, request as FootToPatch),
  },
  shape: ({ stock: _, ...rest }: TypedFoot, units) => ({ ...rest, ...(units === 'in' && { roundToMm: HALF_INCH_MM }) }),
});
