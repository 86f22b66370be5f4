import type { HingeLayout, LaidStrike, StrikeLayout } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

export const BOLT_WORDS: Readonly<Record<LaidStrike['bolt'], string>> = { latch: 'Latch', deadbolt: 'Deadbolt' };

export const strikesSays = ({ strikes, mayCut }: StrikeLayout, { bare, unit }: LengthWords) =>
  mayCut
    ? `${strikes.map(({ bolt, cut }) => `${BOLT_WORDS[bolt]}: hole ${bare(cut.belowHeadMm)} below the head, ${bare(cut.fromStopMm)} from the stop`).join('; ')}, ${unit}.`
    : 'Measure and mark differ: stop and find out why before anything is bored.';

export const hingesSays = ({ recess, marks, boltOffMm }: HingeLayout, { bare, withUnit }: LengthWords) =>
  `Recess ${bare(recess.longMm)} × ${bare(recess.wideMm)} × ${withUnit(recess.deepMm)}${marks.mostOffMm >= 0.5 ? `; frame off by up to ${withUnit(marks.mostOffMm)}` : ''}${boltOffMm !== undefined && Math.abs(boltOffMm) >= 0.5 ? `; strike ${withUnit(Math.abs(boltOffMm))} too ${boltOffMm > 0 ? 'low' : 'high'}` : ''}.`;
