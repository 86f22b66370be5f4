import { fireEvent, render, screen } from '@testing-library/react-native';
import { lengthWords } from '../../design/lengthWords';
import { TickTaps } from './TickTaps';

const mm = lengthWords({ system: 'mm' });

/** Taps at times of our own: the slide began at nought. */
function slide(typed: Readonly<Record<string, string>>, ticksAt: readonly number[], endsAt: number) {
  const clock = jest.spyOn(performance, 'now');
  const written: Record<string, string> = {};
  render(<TickTaps typed={typed} onType={(path, text) => (written[path] = text)} words={mm} />);
  clock.mockReturnValue(0);
  fireEvent.press(screen.getByTestId('tap-start'));
  for (const at of ticksAt) {
    clock.mockReturnValue(at);
    fireEvent.press(screen.getByTestId('tap-tick'));
  }
  clock.mockReturnValue(endsAt);
  fireEvent.press(screen.getByTestId('tap-end'));
  clock.mockRestore();
  return written;
}

describe('ticks that are tapped', () => {
  it('are written into the next pass as places, with how far off a tap may be', () => {
    expect(slide({ travelMm: '800', 'pass.1': '100' }, [1000, 3000], 4000)).toEqual({ 'pass.2': '200, 600', sdMm: '12' });
  });

  it('turn round with the panel: the next pass begins where this one ended', () => {
    slide({ travelMm: '800' }, [1000], 4000);
    expect(screen.getByTestId('tick-start-open').props['accessibilityState'] as unknown).toMatchObject({ checked: true });
  });

  it('wait for the travel', () => {
    render(<TickTaps typed={{ travelMm: '' }} onType={() => undefined} words={mm} />);
    expect(screen.queryByTestId('tap-start')).toBeNull();
    expect(screen.getByText(/Write the travel first/)).toBeTruthy();
  });

  it('are thrown away when the slide went wrong', () => {
    const written: string[] = [];
    render(<TickTaps typed={{ travelMm: '800' }} onType={(path) => written.push(path)} words={mm} />);
    fireEvent.press(screen.getByTestId('tap-start'));
    fireEvent.press(screen.getByTestId('tap-tick'));
    fireEvent.press(screen.getByText('Throw this pass away'));
    expect(written).toEqual([]);
    expect(screen.getByTestId('tap-start')).toBeTruthy();
  });
});
