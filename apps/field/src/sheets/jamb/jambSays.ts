import type { FootPatch, JambDecision, LegMade, MadeStacks, StrikeSplice } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';
import { REMEDY_WORDS } from './jambWords';

export const decideSays = ({ stops, advised, first }: Pick<JambDecision, 'stops' | 'advised' | 'first'>) =>
  stops.length > 0
    ? 'Stop and refer: nothing is cut here yet.'
    : advised === 'leave'
      ? first.length > 0
        ? 'The leg itself is sound: see to the lines below.'
        : 'Nothing marked: probe it, and tap where it is damaged.'
      : `${REMEDY_WORDS[advised ?? 'wholeFrame']}.`;

export const footSays = ({ cutHeightMm, longPointMm, shortPointMm, packMm, isAboveSoft }: FootPatch, { bare, withUnit }: LengthWords) =>
  isAboveSoft
    ? `Cut square ${withUnit(cutHeightMm)} up. Patch ${bare(longPointMm)} to the long point, ${withUnit(shortPointMm)} to the short${packMm > 0 ? `, packed out ${withUnit(packMm)}` : ''}.`
    : `Cut higher: ${withUnit(cutHeightMm)} leaves soft wood.`;

export const spliceSays = ({ cutFromMm, cutToMm, lengthMm, sawDepthMm }: StrikeSplice, { bare, withUnit }: LengthWords) =>
  `Cut out ${bare(cutFromMm)} to ${withUnit(cutToMm)} from the floor, saw ${withUnit(sawDepthMm)} deep: new piece ${withUnit(lengthMm)}.`;

export const legSays = ({ lengthMm, widthMm, stacks }: LegMade, { bare, withUnit }: LengthWords) =>
  `Leg ${bare(lengthMm)} × ${withUnit(widthMm)}; ${stacks.pieces} packers.`;

export const packersSays = ({ stacks, pieces, isExact }: MadeStacks, { bare, unit }: LengthWords) =>
  `${pieces} pieces: ${stacks.map((each) => stackWords(each.pieces, bare)).join('; ')} ${unit}${isExact ? '' : ', not all exact'}.`;

/** `5 + 2`, or a dash where nothing goes in. */
export const stackWords = (pieces: readonly number[], bare: (mm: number) => string): string =>
  pieces.length === 0 ? '–' : pieces.map(bare).join(' + ');
