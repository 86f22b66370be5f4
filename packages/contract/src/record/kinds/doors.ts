import { DOOR_KINDS } from '@proper-swing/core/doors';
import { choice, group, id, named, optional, variant } from '@proper-swing/core/fields/field';
import { HINGED_MAKE, hingedFaults } from '../doorKinds/hinged';
import { SLIDING_MAKE, slidingFaults } from '../doorKinds/sliding';
import { card } from '../kind';

/** A door of some kind: what every door has, its kind, and how one of that kind is made. */
export const doors = card({
  kind: 'doors',
  title: 'Door',
  table: 'door',
  inCall: 'door',
  parent: { field: 'siteId', kind: 'sites' },
  filledWith: { kind: 'hinged', make: '{}' },
  fields: {
    siteId: id('Site it belongs to'),
    title: named('Which door, as people there call it'),
    closesWith: optional(id('The door it closes with: the other leaf of a pair')),
    kind: choice('How it opens', DOOR_KINDS),
    make: variant('How a door of this kind is made', 'kind', {
      hinged: group('How a door on hinges is made', HINGED_MAKE, { faults: hingedFaults }),
      sliding: group('How a sliding door is made', SLIDING_MAKE, { faults: slidingFaults }),
    }),
  },
});
