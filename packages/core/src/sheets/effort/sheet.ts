import { choice, flag, group, lengthMm, number, omittable } from '../../fields/field';
import { FRAMES } from '../../sliding/card/panel';
import { panelHeight, panelWidth } from '../../sliding/card/panelFields';
import { listOf, oneOf, part } from '../shapes';
import { sheet } from '../sheet';
import { EFFORT_RANGES, EFFORT_STEPS, judgeEffort, TRACK_STATES, WHEEL_STATES } from './effort';

const coefficient = number('Pull over weight', { from: 0 });

export const effortSheet = sheet({
  name: 'sliding.effort',
  title: 'Pull of a sliding panel against its weight, and what to do about it',
  request: {
    panel: group(
      'The panel',
      {
        panelWidthMm: panelWidth,
        panelHeightMm: panelHeight,
        frame: choice('What its frame is made of', FRAMES),
        glassMm: lengthMm('Glass in all, both panes of a double one together', 0, 40),
      },
      {},
    ),
    massKg: omittable(number('Weight, where it was weighed, kg', { from: 1, to: 400 })),
    pullN: number('Pull that keeps it moving, N', { above: 0, to: 2000 }),
    pullAfterN: omittable(number('Pull after the last piece of work, N', { above: 0, to: 2000 })),
    track: choice('The track', TRACK_STATES),
    wheels: choice('The wheels, the worse of the two', WHEEL_STATES),
    footGapMm: omittable(lengthMm('Least gap under the panel', 0, 60)),
    isLubricated: flag('The wheels have been lubricated'),
    rollersCost: omittable(number('Price of two rollers, in money of the place', { from: 0 })),
    doorCost: omittable(number('Price of a new door, in the same money', { from: 0 })),
  },
  result: {
    massKg: number('Weight of the panel, kg', {}),
    coefficient,
    range: oneOf(EFFORT_RANGES),
    after: omittable(part({ coefficient, range: oneOf(EFFORT_RANGES), lessByShare: number('How much less the pull is, as a share', {}) })),
    soundN: number('Pull on a clean track with wheels that spin, N', {}),
    next: oneOf(EFFORT_STEPS),
    because: { is: 'text' },
    then: listOf(oneOf(EFFORT_STEPS)),
    costShare: omittable(number('Rollers against a new door, as a share', {})),
  },
  example: {
    panel: { panelWidthMm: 900, panelHeightMm: 2030, frame: 'aluminium', glassMm: 8 },
    pullN: 95,
    track: 'clean',
    wheels: 'stiff',
    isLubricated: false,
    rollersCost: 60,
    doorCost: 1800,
  },
  run: judgeEffort,
});
