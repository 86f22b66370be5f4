import { choice, flag, group, lengthMm, list, number, omittable } from '../../fields/field';
import { decideRepair, FIRST_IDS, STOP_IDS } from '../../jamb/decideRepair';
import { AGAINST_IDS, REMEDIES } from '../../jamb/remedies';
import { DAMAGE_KINDS, JAMB_FINISHES, JAMB_PARTS, JAMB_SCHOOLS, JAMB_SIDES } from '../../jamb/survey';
import { LARGEST_MM, listOf, oneOf, part, yesOrNo } from '../shapes';
import { sheet } from '../sheet';

const yes = (says: string) => omittable(flag(says));

export const decideSheet = sheet({
  name: 'jamb.decide',
  title: 'What to do about a damaged leg',
  request: {
    side: choice('Which leg', JAMB_SIDES),
    legMm: lengthMm('Height of the leg', 300, LARGEST_MM),
    thicknessMm: lengthMm('Thickness of the leg', 10, 120),
    damages: list(
      'What is wrong, place by place',
      group(
        'A damaged length',
        {
          kind: choice('How', DAMAGE_KINDS),
          part: choice('Of which part', JAMB_PARTS),
          fromMm: lengthMm('From, above the threshold', 0, LARGEST_MM),
          toMm: lengthMm('To', 0, LARGEST_MM),
          depthMm: omittable(lengthMm('How deep a probe goes in, or the crack', 0, 300)),
        },
        {
          faults: ({ fromMm, toMm }: { fromMm: number; toMm: number }) =>
            toMm < fromMm ? [{ field: 'toMm', message: 'must be above where it begins' }] : [],
        },
      ),
      { most: 20 },
    ),
    finish: choice('It is', JAMB_FINISHES),
    school: choice('A soft foot is rather', JAMB_SCHOOLS),
    moisturePercent: omittable(number('Moisture of the sound wood beside it, %', { from: 0, to: 100 })),
    framingIsWet: yes('The framing behind is wet or soft'),
    cracksMove: yes('Cracks from the corner of the opening are fresh or grow'),
    headLacksBearing: yes('The head has no lintel that bears'),
    hasLabel: yes('The frame is of a fire, smoke or security door'),
  },
  result: {
    stops: listOf(oneOf(STOP_IDS)),
    first: listOf(oneOf(FIRST_IDS)),
    advised: omittable(choice('What is advised', REMEDIES)),
    options: listOf(
      part({
        remedy: oneOf(REMEDIES),
        isPossible: yesOrNo,
        against: listOf(oneOf(AGAINST_IDS)),
        minutes: number('Minutes at work', {}),
        parts: listOf({ is: 'text' }),
        lastsYears: number('How long it lasts, years', {}),
      }),
    ),
  },
  example: {
    side: 'strike',
    legMm: 2040,
    thicknessMm: 31.75,
    damages: [{ kind: 'soft', part: 'outer', fromMm: 0, toMm: 240, depthMm: 20 }],
    finish: 'painted',
    school: 'treatedPatch',
  },
  run: decideRepair,
});
