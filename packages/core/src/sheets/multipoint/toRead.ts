import type { HingeScrewId } from './adjusters';
import type { LearnedTurns } from './learnTurns';
import { gapsNow, type MultipointSession, type SessionGaps } from './session';
import type { SideLever } from './sideways';

/** Gaps without which the next turn is not known, and those that may be read with them. */
export interface ToRead {
  read: (keyof SessionGaps)[];
  mayRead: (keyof SessionGaps)[];
}

/** A gauge tells no less, mm (common practice, no source). */
export const GAP_SLACK_MM = 0.05;

export const AFTER_HEIGHT: ToRead = { read: ['footMm'], mayRead: ['headMm'] };

/** The foot is read where the turns may have let it down too far. */
export const afterSideways = (isLow: boolean): ToRead => ({
  read: isLow ? ['latchTopMm', 'latchBottomMm', 'footMm'] : ['latchTopMm', 'latchBottomMm'],
  mayRead: isLow ? [] : ['footMm'],
});

export const isTooLow = ({ wanted }: MultipointSession, footMm: number): boolean => footMm < wanted.footMm - GAP_SLACK_MM;

/** What to read after turns that were made, by what a turn of these screws does. */
export function readAfter(
  { topSide, middleSide, bottomSide }: Partial<Record<HingeScrewId, number>>,
  session: MultipointSession,
  learned: LearnedTurns,
  lever: SideLever,
): ToRead {
  if (topSide === undefined && bottomSide === undefined && middleSide === undefined) return AFTER_HEIGHT;
  const drop = lever.drop((topSide ?? 0) * learned.topSide.mmPerTurn, (bottomSide ?? 0) * learned.bottomSide.mmPerTurn);
  const { footMm = 0 } = gapsNow(session);
  return afterSideways(isTooLow(session, footMm - drop));
}
