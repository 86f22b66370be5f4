import { EXAMPLE_DOOR } from '../hinged/exampleDoor';
import { panel } from '../sliding/panel.fixture';
import { modelOfDoor } from './anyDoor';
import { complaintsOn } from './handbook';

const complaints = (kind: 'glass' | 'pocket' | 'bypass' | 'bifold') =>
  complaintsOn(modelOfDoor({ kind: 'sliding', card: panel(kind) })).map(({ id }) => id);

describe('what a customer can complain of', () => {
  it('is a lock only where there is one', () => {
    for (const kind of ['glass', 'pocket'] as const) expect(complaints(kind)).toContain('lock');
    for (const kind of ['bypass', 'bifold'] as const) {
      expect(complaints(kind)).not.toContain('lock');
      expect(complaints(kind)).toContain('stiff');
    }
  });

  it('stays when it was told, so that it can be taken back', () => {
    const bifold = modelOfDoor({ kind: 'sliding', card: panel('bifold') });
    expect(complaintsOn(bifold, ['lock']).map(({ id }) => id)).toContain('lock');
  });

  it('is anything that the table has on a door with hinges', () => {
    const model = modelOfDoor({ kind: 'hinged', card: EXAMPLE_DOOR });
    expect(complaintsOn(model)).toEqual(model.finding(model.tables.complaint).answers);
  });
});
