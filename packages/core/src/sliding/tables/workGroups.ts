import type { WorkGroup as AnyGroup } from '../../model/workGroup';
import type { ActionId } from '../names/actionIds';

/** Everything that can be written down of a sliding door, by where on it it is done. */
export const WORK_GROUPS = [
  { id: 'track', title: 'Track', actions: ['cleanTrack', 'fileBurr', 'straightenTrack', 'coverTrack', 'levelTrack', 'reseat'] },
  {
    id: 'wheels',
    title: 'Wheels, hangers',
    isAtPlaces: true,
    actions: ['turnScrew', 'turnHanger', 'lubricateWheels', 'replaceRollers', 'setTopWheels', 'fitClip', 'resetHanger', 'replaceHangers'],
    whole: ['lubricateWheels', 'replaceRollers', 'setTopWheels', 'fitClip', 'resetHanger', 'replaceHangers'],
  },
  {
    id: 'pivots',
    title: 'Pivots, guide',
    isAtPlaces: true,
    actions: ['turnPivot', 'setTopPivot', 'reblockPivot', 'refixBracket', 'refitGuideWheel', 'tightenLeafHinges'],
    whole: ['turnPivot', 'setTopPivot', 'reblockPivot', 'refixBracket', 'refitGuideWheel', 'tightenLeafHinges'],
  },
  { id: 'panel', title: 'Panel', actions: ['squarePanel', 'refitStrip', 'straightenSlab', 'trimSlab'] },
  { id: 'frame', title: 'Frame, guide', actions: ['refitGuide', 'moveKeep', 'liftHead', 'squareOpening', 'easeTrim', 'shortenFixing'] },
  { id: 'otherOfPanel', title: 'In words', isAtPlaces: true, actions: ['workOnPanel'] },
] as const satisfies readonly AnyGroup<ActionId>[];
