import { fireEvent, render, screen } from '@testing-library/react-native';
import { Said } from './Said';
// Fetched at the first tap; here beforehand, so that no time is waited for.
import './TermSlip';

const tap = (id: string) => fireEvent.press(screen.getByTestId(id), { preventDefault: jest.fn() });

describe('a sentence with words of the trade', () => {
  it('shows under it what a tapped word means, one at a time, and folds it again', async () => {
    render(<Said>Door half open: do its leaves or knuckles give?</Said>);
    expect(screen.queryByTestId('term-leaf')).toBeNull();
    tap('says-leaf');
    expect(await screen.findByTestId('drawn-leaf')).toBeTruthy();
    tap('says-knuckle');
    expect(await screen.findByText(/The rolled part of a hinge that the pin goes through/)).toBeTruthy();
    expect(screen.queryByTestId('term-leaf')).toBeNull();
    tap('says-knuckle');
    expect(screen.queryByTestId('term-knuckle')).toBeNull();
    tap('says-leaf');
    fireEvent.press(await screen.findByTestId('close-term'));
    expect(screen.queryByTestId('term-leaf')).toBeNull();
  });
});
