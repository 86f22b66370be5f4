import { fireEvent, render, screen } from '@testing-library/react-native';
import { router } from 'expo-router';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { NoSuchPage } from './NoSuchPage';
import { PageFailure } from './PageFailure';

const METRICS = { frame: { x: 0, y: 0, width: 390, height: 664 }, insets: { top: 0, left: 0, right: 0, bottom: 0 } };

const show = (error: Error) => {
  const [retry, reload] = [jest.fn(() => Promise.resolve()), jest.fn()];
  render(
    <SafeAreaProvider initialMetrics={METRICS}>
      <PageFailure error={error} retry={retry} reload={reload} />
    </SafeAreaProvider>,
  );
  return { retry, reload };
};

describe('a page that breaks', () => {
  it.each([
    'Failed to fetch dynamically imported module: /_expo/static/js/pages-0a.js',
    'Loading module /_expo/static/js/web/pages-a1.js failed.',
    'error loading dynamically imported module',
  ])('for want of a part of the program says so, and opens anew: %s', (message) => {
    const { reload, retry } = show(new TypeError(message));
    expect(screen.getByText('A part of the program is missing')).toBeTruthy();
    expect(screen.getByText(/What you wrote is kept on this device/)).toBeTruthy();
    fireEvent.press(screen.getByText('Open it anew'));
    expect([reload.mock.calls.length, retry.mock.calls.length]).toEqual([1, 0]);
  });

  it('for another reason tells it and tries again', () => {
    const { reload, retry } = show(new RangeError('There is no station "roof".'));
    expect(screen.getByText(/There is no station "roof"/)).toBeTruthy();
    fireEvent.press(screen.getByText('Try again'));
    expect([retry.mock.calls.length, reload.mock.calls.length]).toEqual([1, 0]);
  });
});

it('an address that is no page says so and leads to the calls', () => {
  const replace = jest.spyOn(router, 'replace').mockImplementation(() => undefined);
  render(
    <SafeAreaProvider initialMetrics={METRICS}>
      <NoSuchPage />
    </SafeAreaProvider>,
  );
  expect(screen.getByText('There is no such page')).toBeTruthy();
  fireEvent.press(screen.getByTestId('onward'));
  expect(replace).toHaveBeenCalledWith('/');
});
