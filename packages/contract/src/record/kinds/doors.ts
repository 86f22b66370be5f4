import { choice, group, id, named } from '@proper-swing/core/fields/field';
import { HINGED_MAKE, hingedFaults } from '../doorKinds/hinged';
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
    kind: choice('How it opens', ['hinged']),
    make: group('How a door of this kind is made', HINGED_MAKE, { faults: hingedFaults }),
  },
});
