import { fireEvent, render, screen } from '@testing-library/react-native';
import { lengthWords } from '../design/lengthWords';
import { exampleRecord } from '../record/exampleRecord';
import { observedAt } from '../record/observed';
import { diagnosisOf } from '../engine/askEngine.fixture';
import { CauseCard } from './CauseCard';
import { percent } from '../record/percent';

const words = lengthWords({ system: 'mm' });
const record = exampleRecord({
  found: { 'latch.top': 'rubs', 'latch.bottom': 4.6, 'hinge.top': 4.8, 'hinge.bottom': 1.8, 'head.latch': 5, 'head.hinge': 3 },
});
const observed = { ...observedAt(record, 'found'), findings: [{ finding: 'topScrews', answer: 'loose' } as const] };

describe('a cause on the Find page', () => {
  const [first] = diagnosisOf(observed).causes;
  if (first === undefined) throw new Error('no cause');

  it('shows how likely it is and the evidence in words, and its numbers on asking', () => {
    render(<CauseCard cause={first} rank={1} words={words} />);
    expect(screen.getByText('Top hinge screws loose')).toBeTruthy();
    expect(screen.getByTestId('likelihood-looseTopScrews')).toHaveTextContent('very likely');
    expect(screen.getByText('Fits loose top screws')).toBeTruthy();
    expect(screen.getByText('Screws of the top hinge could be turned')).toBeTruthy();
    // The figures are for whoever asks for them.
    expect([screen.queryByText(/this gives about/), screen.queryByText(new RegExp(percent(first.probability)))]).toEqual([null, null]);
    fireEvent.press(screen.getByTestId('why-looseTopScrews'));
    expect(screen.getByText(`Chance: ${percent(first.probability)}.`)).toBeTruthy();
    expect(screen.getAllByText(/read 4.8; this gives about/)).toHaveLength(1);
  });

  it('keeps less likely causes folded until they are tapped', () => {
    render(<CauseCard cause={first} rank={2} words={words} />);
    expect(screen.queryByText('Fits loose top screws')).toBeNull();
    fireEvent.press(screen.getByText('Top hinge screws loose'));
    expect(screen.getByText('Fits loose top screws')).toBeTruthy();
  });
});

describe('percent', () => {
  it('never claims certainty', () => {
    expect([percent(0.999), percent(0.001), percent(0.5), percent(0.876)]).toEqual(['over 99 %', 'under 1 %', '50 %', '88 %']);
  });
});
