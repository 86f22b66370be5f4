import { lazy } from 'react';
import type { ActionId } from '@proper-swing/core';
import type { StrikeFit, StrikeRemedy } from '@proper-swing/core/sheets';
import { benchSheet, workInMm } from '../benchSheet';
import { length } from '../fieldKinds';
import { remedyWords } from './says';

const STRIKE_ACTIONS: Partial<Record<StrikeRemedy['id'], ActionId>> = {
  fileHole: 'fileStrike',
  moveUpDown: 'moveStrike',
  bendTab: 'bendTab',
  fileDepth: 'moveStrikeDepth',
  moveInOut: 'moveStrikeDepth',
};

export const strikeSheet = benchSheet<StrikeFit>({
  name: 'latch.strike',
  title: 'Bolt and strike',
  about: 'Where the bolt meets its strike, and the least that cures it.',
  basis: ({ withUnit }) => `Files up to ${withUnit(2)}, moves beyond; play, hold and bore room: common practice.`,
  groups: [
    {
      title: 'Where it meets',
      fields: [
        length('lowMm', 'Bolt low by', { signed: true, isOptional: true, hint: 'From the colour mark; − above' }),
        length('playMm', 'Play when latched', { signed: true, usual: 0.4, hint: '− when it must be pushed' }),
        length('gapMm', 'Gap at the bolt', { usual: 3 }),
        { path: 'hasTab', label: 'Strike has a tab', kind: 'yes', isOptional: true },
      ],
    },
    {
      title: 'Bolt and hole',
      fields: [
        length('boltHeightMm', 'Bolt, height', { usual: 16 }),
        length('holeHeightMm', 'Hole, height', { usual: 20 }),
        length('boltThicknessMm', 'Bolt, thickness', { usual: 11 }),
        length('holeWidthMm', 'Hole, width', { usual: 13 }),
        length('throwMm', 'Bolt stands out', { usual: 12 }),
        length('boreMm', 'Bore behind strike', { usual: 15 }),
        length('strikeSunkMm', 'Strike below leg', { usual: 0, signed: true }),
      ],
    },
    {
      title: 'No mark? From the head gaps',
      fields: [
        length('gaps.headLatchMm', 'Head gap, latch end', { isOptional: true }),
        length('gaps.headHingeMm', 'Head gap, hinge end', { needs: 'gaps.headLatchMm', usual: 3 }),
        length('gaps.wantedHeadMm', 'Head gap it was set for', { needs: 'gaps.headLatchMm', usual: 3 }),
      ],
    },
    {
      title: 'What the hinges can still do',
      fields: [length('liftMm', 'Lift the latch edge by', { isOptional: true }), length('lowerMm', 'Let it down by', { isOptional: true })],
    },
  ],
  serves: ['fileStrike', 'moveStrike', 'bendTab', 'moveStrikeDepth'],
  stations: { lowMm: 'bolt.low', gapMm: 'latch.mid', 'gaps.headLatchMm': 'head.latch', 'gaps.headHingeMm': 'head.hinge' },
  estimated: ['lowMm', 'gapMm'],
  Answer: lazy(async () => ({ default: (await import('./StrikeAnswer')).StrikeAnswer })),
  says: ({ remedies }, words) => `${remedies.map((each) => remedyWords(each, words)).join('; ')}.`,
  work: ({ remedies, others }) =>
    [...remedies, ...others].flatMap(({ id, title, mm }) => {
      const done = STRIKE_ACTIONS[id];
      return done === undefined ? [] : [workInMm(done, null, mm, title)];
    }),
});
