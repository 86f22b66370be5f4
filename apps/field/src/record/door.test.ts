import type { Door } from '@proper-swing/contract';
import { exampleRecord } from './exampleRecord';
import { bookFor } from './door';

const { door } = exampleRecord({ found: {} });
const panel = (panelKind: 'glass' | 'pocket' | 'bifold') =>
  ({ ...door, kind: 'sliding', make: { panelKind, panelWidthMm: 900, panelHeightMm: 2000, frame: 'timber', closesTo: 'left' } }) as Door;
const groupsOf = (kind: 'glass' | 'pocket' | 'bifold') => bookFor(panel(kind)).workGroups.map(({ id }) => id);

describe('the book for one door', () => {
  it('has only groups of work that the panel has parts for', () => {
    expect(groupsOf('glass')).not.toContain('pivots');
    expect(groupsOf('bifold')).toContain('pivots');
    expect(groupsOf('glass')).toContain('wheels');
  });

  it('has no work that a slab simply cannot have', () => {
    const actions = bookFor(door).workGroups.flatMap((group) => group.actions);
    expect(actions).toContain('shim');
    expect(bookFor(panel('pocket')).workGroups.flatMap((group) => group.actions)).not.toContain('turnScrew');
  });
});
