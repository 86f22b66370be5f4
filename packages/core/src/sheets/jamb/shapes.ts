import { number, omittable } from '../../fields/field';
import { FIXING_STATES } from '../../jamb/fixing';
import { listOf, mm, oneOf, part, yesOrNo } from '../shapes';

/** What sheets of jambs ask for and answer alike. */
const fixingFields = {
  state: oneOf(FIXING_STATES),
  lengthMm: mm('The shortest sold that does'),
  biteMm: mm('Of it in the framing'),
  leastMm: mm('Least length'),
  mostMm: omittable(mm('Never longer than')),
};
export const fixing = part(fixingFields);
export const fixingInHand = part({ ...fixingFields, isLongEnough: yesOrNo });

export const stacks = part({
  stacks: listOf(part({ wantedMm: mm('Wanted'), pieces: listOf(mm('A piece')), offMm: mm('Thicker than wanted by'), isExact: yesOrNo })),
  pieces: number('Pieces in all', { whole: true }),
  take: listOf(
    part({
      mm: mm('Thickness'),
      used: number('Used', { whole: true }),
      withSpares: number('To take along', { whole: true }),
      isShort: yesOrNo,
    }),
  ),
  isExact: yesOrNo,
});
