import { HINGE_KINDS, limitFaults, PROFILE_IDS, school, SLAB_KINDS, wayIds, type OwnLimits } from '@proper-swing/core';
import { choice, flag, group, named, number, optional, type Faults } from '@proper-swing/core/fields/field';
import { hingeHeights, slabHeight, slabThickness, slabWidth } from '@proper-swing/core/hinged/card/slab';

const limitMm = (says: string) => number(says, { from: 0, to: 100, unit: 'mm' });

const edgeLimits = group(
  'Limits of the gap along one edge',
  { min: limitMm('Least gap'), target: limitMm('Gap to aim at'), max: limitMm('Largest gap') },
  {},
);

/** Limits of one door in place of its profile's; that they make sense is for the core to say. */
export const OWN_LIMITS = optional(
  group(
    'Limits set by hand for this door, in place of those of its profile',
    {
      edges: group('By edge', { hinge: edgeLimits, head: edgeLimits, latch: edgeLimits, foot: edgeLimits }, {}),
      evenWithin: limitMm('Largest difference allowed along the hinge, head or latch edge'),
      reason: named('Why they differ from the profile', 200),
    },
    { faults: (limits: OwnLimits) => limitFaults(limits) },
  ),
);

/** Ways of working chosen for one door; what is not chosen is weighed. */
export const SCHOOLS = optional(
  group(
    'Schools chosen for this door, where good carpenters differ',
    {
      drift: optional(choice(school('drift').title, wayIds('drift'))),
      hingeMove: optional(choice(school('hingeMove').title, wayIds('hingeMove'))),
    },
    {},
  ),
);

/** How a door on hinges is made: what its card holds besides what every door's does. */
export const HINGED_MAKE = {
  hingesOn: choice('Hinge side, seen from where the barrels show', ['left', 'right']),
  slabWidthMm: slabWidth,
  slabHeightMm: slabHeight,
  thicknessMm: slabThickness,
  hingeHeightsMm: hingeHeights,
  hingeKind: choice('Kind of hinge; decides what may be bent or packed', HINGE_KINDS),
  slabKind: choice('Make of the slab; decides whether it may be planed', SLAB_KINDS),
  fireRated: flag('Fire, smoke or security door: nothing outside its certificate'),
  profile: choice('Tolerance profile the gaps are judged by', PROFILE_IDS),
  closer: optional(flag('A closer shuts it: nothing may hold it open')),
  ownLimits: OWN_LIMITS,
  schools: SCHOOLS,
} as const;

/** What is wrong with a make whose parts are each right. */
export const hingedFaults: Faults = ({ hingeHeightsMm, slabHeightMm }: { hingeHeightsMm: readonly number[]; slabHeightMm: number }) =>
  hingeHeightsMm.every((height) => height < slabHeightMm) ? [] : [{ field: 'hingeHeightsMm', message: 'must lie inside the slab' }];
