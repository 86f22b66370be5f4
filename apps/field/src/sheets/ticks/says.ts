import type { TickFinding } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

/** What ticks, as it is kept with a call. */
export function ticksSay({ verdict, spots, wheels, chances, ticks }: TickFinding, { withUnit }: LengthWords): string {
  const where = spots.map(({ atMm }) => withUnit(atMm)).join(' and ');
  const across = wheels.map(({ diameterMm }) => withUnit(diameterMm)).join(' and ');
  switch (verdict) {
    case 'track':
      return `The track, ${where} from the closing jamb.`;
    case 'wheel':
      return `A wheel of about ${across}: it ticks once a turn.`;
    case 'both':
      return `Both: the track at ${where}, and a wheel of about ${across}.`;
    case 'twoWheels':
      return `Two wheels, of about ${across}.`;
    case 'nothing':
      return 'No tick was heard.';
    case 'cannotTell':
      return ticks < 2
        ? 'Too few ticks to tell: slide it more often.'
        : `Cannot tell yet: track ${percent(chances.track)}, wheel ${percent(chances.wheel + chances.twoWheels)}. One more pass.`;
  }
}

export const percent = (chance: number) => `${Math.round(100 * chance)} %`;

/** How sure it is, in words a person would use. */
export const sureWords = (chance: number) => (chance >= 0.99 ? 'sure' : chance >= 0.9 ? 'nearly sure' : 'likely');
