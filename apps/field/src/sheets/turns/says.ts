import type { RollerTurns } from '@proper-swing/core/sheets';
import { capital } from '../../design/capital';
import type { LengthWords } from '../../design/lengthWords';
import { turnWords } from '../turnWords';

export type PanelEnd = 'lead' | 'trail';

export const END_WORDS: Readonly<Record<PanelEnd, string>> = { lead: 'closing end', trail: 'other end' };

/** What to turn at an end: `2¼ turns up`, `leave`. */
export const endWords = (quarters: number): string =>
  quarters === 0 ? 'leave' : `${turnWords(Math.abs(quarters) / 4)} ${quarters > 0 ? 'up' : 'down'}`;

export function turnsSay({ lead, trail, taperAfterMm, limit }: RollerTurns, { withUnit }: LengthWords): string {
  if (lead.quarters === 0 && trail.quarters === 0)
    return limit === 'nothing' ? 'Leave both screws: the closing gap is even.' : 'No turn helps as it stands.';
  const ends = (['lead', 'trail'] as const).map((end) => {
    const { quarters } = end === 'lead' ? lead : trail;
    return quarters === 0 ? `leave the ${END_WORDS[end]}` : `${END_WORDS[end]} ${endWords(quarters)}`;
  });
  const after = Math.abs(taperAfterMm) < 0.05 ? 'even' : `even within ${withUnit(Math.abs(taperAfterMm))}`;
  return `${capital(ends.join('; '))}. Closing gap then ${after}.`;
}
