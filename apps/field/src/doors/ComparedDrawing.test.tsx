import { render, screen } from '@testing-library/react-native';
import { comparedGaps } from '../record/comparedGaps';
import { exampleRecord, type ExampleReadings } from '../record/exampleRecord';
import { readingsByStation } from '../record/observed';
import { ComparedDrawing } from './ComparedDrawing';

const SAGGING = { 'latch.top': 'rubs', 'latch.mid': 2.6, 'latch.bottom': 4.6, 'hinge.top': 4.8 } as const;
const TRUE = { 'latch.top': 2.8, 'latch.mid': 3, 'latch.bottom': 3.2, 'hinge.top': 2.1 } as const;

function show(found: ExampleReadings, left: ExampleReadings) {
  const record = exampleRecord({ found, left });
  const gaps = comparedGaps(record.door, readingsByStation(record, 'found'), readingsByStation(record, 'left'));
  render(<ComparedDrawing door={record.door} gaps={gaps} dashed="as it was found" testID="drawing" />);
}

describe('a door drawn at two times', () => {
  it('has the later figures, what they were before, and says what its dashes are', () => {
    show(SAGGING, TRUE);
    expect(screen.getByTestId('gap-latch.top')).toHaveTextContent('2.8');
    expect(screen.getByText('was rubs')).toBeTruthy();
    expect(screen.getByText('was 4.8')).toBeTruthy();
    expect(screen.getByText('Dashed: as it was found')).toBeTruthy();
  });

  it('is drawn alone where too little was gauged before', () => {
    show({ 'latch.top': 'rubs' }, TRUE);
    expect(screen.getByTestId('drawing')).toBeTruthy();
    expect(screen.queryByText(/Dashed/)).toBeNull();
  });

  it('is not drawn where too little was gauged after', () => {
    show(SAGGING, { 'latch.top': 2.8 });
    expect(screen.queryByTestId('drawing')).toBeNull();
  });
});
