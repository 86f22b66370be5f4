import type { RecheckRow } from '../../model/tables';
import type { SlidingNames } from './slidingNames';

/** What to read after work. The first row that fits holds. Common practice, no source. */
export const RECHECKS: readonly RecheckRow<SlidingNames>[] = [
  {
    effects: ['shift', 'unknown'],
    place: 'lead',
    stations: ['foot.lead', 'jamb.top', 'jamb.foot'],
    ifReadBefore: ['lift.lead', 'lock.low'],
  },
  { effects: ['shift', 'unknown'], place: 'trail', stations: ['foot.trail', 'jamb.top', 'jamb.foot'], ifReadBefore: ['lift.trail'] },
  {
    effects: ['cure'],
    actions: [
      'cleanTrack',
      'fileBurr',
      'lubricateWheels',
      'refitStrip',
      'refitGuide',
      'refitGuideWheel',
      'shortenFixing',
      'easeTrim',
      'straightenSlab',
      'straightenTrack',
    ],
    stations: [],
  },
  {
    effects: ['shift', 'unknown'],
    place: 'footPivot',
    stations: ['foot.lead', 'foot.trail', 'lift.lead', 'lift.trail'],
  },
  { effects: ['shift', 'unknown'], place: 'topPivot', stations: ['jamb.top', 'jamb.mid', 'jamb.foot', 'foot.lead'] },
  { effects: ['shift', 'unknown'], place: 'topWheels', stations: ['lift.lead', 'lift.trail'] },
  { effects: ['cure'], actions: ['liftHead'], stations: ['lift.lead', 'lift.trail'] },
  { effects: ['cure'], actions: ['squareOpening', 'squarePanel'], stations: ['jamb.top', 'jamb.mid', 'jamb.foot'] },
  { effects: ['cure'], actions: ['trimSlab'], stations: ['foot.lead', 'foot.middle', 'foot.trail'] },
  {
    effects: ['cure'],
    stations: ['foot.lead', 'foot.trail', 'jamb.top', 'jamb.foot', 'lift.lead', 'lift.trail'],
    ifReadBefore: ['lock.low'],
  },
  { effects: ['strike'], stations: ['lock.low'] },
];
