import { fireEvent, render, screen } from '@testing-library/react-native';
import { examplePanel, exampleRecord } from '../../record/exampleRecord';
import { CallSheets } from './CallSheets';
import { isSheetFor, sheetsFor, sheetsOf } from '../../sheets/register';

const writtenAt = '2026-03-02T08:30:00Z';

describe('the sheets of a call', () => {
  it('come first where they reckon the work of the plan, the rest behind one tap', () => {
    render(<CallSheets record={exampleRecord()} actions={['throwHinge', 'fileStrike']} />);
    expect(screen.getByTestId('sheet-swing.drift')).toBeTruthy();
    expect(screen.getByTestId('sheet-latch.strike')).toBeTruthy();
    expect(screen.queryByTestId('sheet-hinge.size')).toBeNull();
    fireEvent.press(screen.getByTestId('all-sheets'));
    for (const { name } of sheetsOf('hinged')) expect(screen.getByTestId(`sheet-${name}`)).toBeTruthy();
  });

  it('say what was kept, and nothing of what was replaced or of the session’s settings', () => {
    const entry = { writtenAt, callId: 'call', figures: [] };
    const worksheets = [
      { ...entry, id: 'a', sheet: 'latch.strike' as const, says: 'File the bottom.' },
      { ...entry, id: 'b', sheet: 'latch.strike' as const, says: 'Move the strike.', supersedes: 'a' },
      { ...entry, id: 'c', sheet: 'multipoint.next' as const, says: '' },
    ];
    render(<CallSheets record={{ ...exampleRecord(), worksheets }} actions={[]} />);
    expect(screen.getByText('Move the strike.')).toBeTruthy();
    expect(screen.queryByText('File the bottom.')).toBeNull();
  });

  it('of a sliding door are those of its kind: a wardrobe is not asked for a pocket, bypass alone for its overlap', () => {
    const { door } = examplePanel();
    const titles = (panelKind: 'glass' | 'bypass' | 'bifold') =>
      sheetsOf('sliding').flatMap((each) => (isSheetFor(each, { ...door, make: { ...door.make, panelKind } }) ? each.name : []));
    expect(titles('bypass')).toEqual(expect.arrayContaining(['sliding.bypass', 'sliding.turns', 'sliding.ticks']));
    expect(titles('bypass')).not.toContain('sliding.pocket');
    expect(titles('bifold')).toEqual(['sliding.effort', 'sliding.bifold']);
    expect(titles('glass')).not.toContain('sliding.bypass');
  });

  it('follow the work, each once', () => {
    expect(sheetsFor(['tighten', 'longScrew', 'moveStop']).map(({ name }) => name)).toEqual(['hinge.load', 'swing.twist']);
    expect(sheetsFor(['shim'])).toEqual([]);
  });
});
