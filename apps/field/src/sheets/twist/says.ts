import type { Twist, TwistRemedy } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

export function twistWords({ says, throws, stopMove }: TwistRemedy, { withUnit }: LengthWords): string {
  const parts = [
    ...(throws ? [`${throws.hinge} hinge ${withUnit(throws.mm)} toward the ${throws.toward}`] : []),
    ...(stopMove ? [`stop ${withUnit(stopMove.topMm)} at the top, ${withUnit(stopMove.bottomMm)} at the foot`] : []),
  ];
  return parts.length === 0 ? says : `${says.replace(/\.$/, '')}: ${parts.join('; ')}.`;
}

export function twistSays({ remedies: [first], twistMm }: Twist, words: LengthWords): string {
  return `${words.withUnit(Math.abs(twistMm))} more at the ${twistMm >= 0 ? 'top' : 'foot'}. ${first ? twistWords(first, words) : ''}`;
}
