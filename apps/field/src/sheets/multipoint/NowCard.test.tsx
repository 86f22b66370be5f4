import { nextTurns, type MultipointSession } from '@proper-swing/core/sheets';
import { ADJUSTABLE_HINGES, LOCKING_GAP, USUAL_CAM } from '@proper-swing/core';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { lengthWords } from '../../design/lengthWords';
import { NowCard } from './NowCard';
import { SessionLog } from './SessionLog';
import type { SettingsTyped } from './sessionSettings';
import type { SessionStore, TypedGap } from './sessionStore';

const words = lengthWords({ system: 'mm' });

const FOUND: MultipointSession = {
  door: { slabWidthMm: 900, slabHeightMm: 2050, hingeHeightsMm: [180, 1020, 1860] },
  hinge: ADJUSTABLE_HINGES.twoWay,
  cam: USUAL_CAM,
  wanted: { ...LOCKING_GAP, footMm: 3, headMm: 3 },
  found: { latchTopMm: 10, latchBottomMm: 10, footMm: 6 },
  goes: [],
  keepGoes: [],
};

function show(change: Partial<MultipointSession> = {}, typed: SettingsTyped = {}) {
  const session = { ...FOUND, ...change };
  const gaps: TypedGap[][] = [];
  const settings: object[] = [];
  const store: SessionStore = {
    session,
    settings: typed,
    settingErrors: {},
    setSettings: (by) => settings.push(by),
    writeGaps: (typed) => gaps.push([...typed]),
    logTurns: () => undefined,
    logSeal: () => undefined,
    logKeep: () => undefined,
  };
  let isDone = false;
  render(<NowCard store={store} next={nextTurns(session)} words={words} onDone={() => (isDone = true)} />);
  return { gaps, settings, isDone: () => isDone };
}

describe('what to do now', () => {
  it('asks for the gaps it lacks, and names the one that cannot be read', () => {
    const { gaps } = show({ found: { footMm: 6 } });
    fireEvent.press(screen.getByTestId('write-gaps'));
    expect(screen.getAllByText('Read this gap; 0 where it rubs.')).toHaveLength(2);
    fireEvent.changeText(screen.getByTestId('gap-latchTopMm'), '3/8"');
    fireEvent.changeText(screen.getByTestId('gap-latchBottomMm'), '10x');
    fireEvent.press(screen.getByTestId('write-gaps'));
    expect(gaps).toEqual([]);
    fireEvent.changeText(screen.getByTestId('gap-latchBottomMm'), '10');
    fireEvent.press(screen.getByTestId('write-gaps'));
    expect(gaps[0]?.map(({ key, mm }) => [key, Number(mm.toFixed(3))])).toEqual([
      ['latchTopMm', 9.525],
      ['latchBottomMm', 10],
    ]);
  });

  it('shows each screw with its turns, its way and what is left, and the caution beside them', () => {
    show();
    expect(screen.getAllByText('1 turn')).toHaveLength(3);
    expect(screen.getAllByText('toward the latch: 1 mm, then 5 turns left')).toHaveLength(3);
    expect(screen.getByText(/do not force it/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('turn-topSide-more'));
    expect(screen.getByText('1¼ turns')).toBeTruthy();
  });

  it('a door to be raised is taken on a lever first', () => {
    show({ found: { ...FOUND.found, footMm: 0 } });
    expect(screen.getByTestId('turn-height')).toBeTruthy();
    expect(screen.getByText(/A door off its hinges falls/)).toBeTruthy();
  });

  it('asks how the handle goes once the gaps are right', () => {
    const { settings } = show({ found: { ...FOUND.found, latchTopMm: 5, latchBottomMm: 5 } });
    fireEvent.press(screen.getByTestId('effort-3'));
    fireEvent.press(screen.getByTestId('bounces-yes'));
    expect(settings).toEqual([{ 'handle.effort': '3' }, { 'handle.bounces': 'yes' }]);
  });

  it('a cam is not logged before the handle was tried', () => {
    show({ found: { ...FOUND.found, latchTopMm: 5, latchBottomMm: 5 }, handle: { effort: 4, bounces: false } });
    expect(screen.getByText('¼ turn easier')).toBeTruthy();
    fireEvent.press(screen.getByTestId('log-cam'));
    expect(screen.getByTestId('refused')).toHaveTextContent(/try the handle first/);
  });

  it('ends with the door measured as left', () => {
    const { isDone } = show({ found: { ...FOUND.found, latchTopMm: 5, latchBottomMm: 5 }, handle: { effort: 1, bounces: false } });
    fireEvent.press(screen.getByTestId('session-done'));
    expect(isDone()).toBe(true);
  });
});

describe('the sense of a screw', () => {
  it('is asked until it is told, then said for the way that is wanted', () => {
    const { settings } = show();
    expect(screen.getByText('Hex key 4 mm. Which way is toward the latch? Try a quarter, look, and tell:')).toBeTruthy();
    fireEvent.press(screen.getByTestId('sense-side-clockwise'));
    expect(settings).toEqual([{ 'sense.side': 'clockwise' }]);
  });

  it('told for the other way, it turns over', () => {
    const narrow = { latchTopMm: 2, latchBottomMm: 2, footMm: 6 };
    const { settings } = show({ found: narrow });
    fireEvent.press(screen.getByTestId('sense-side-clockwise'));
    expect(settings).toEqual([{ 'sense.side': 'anticlockwise' }]);
    screen.unmount();
    show({ found: narrow }, { 'sense.side': 'anticlockwise', 'key.side': 'T25' });
    expect(screen.getByTestId('sense-side')).toHaveTextContent('T25, clockwise: toward the hinges.');
  });
});

it('the panel of turns says what each go did', () => {
  const goes = [{ turns: { topSide: 1, height: -0.5 }, after: { latchTopMm: 8.7 } }, { turns: { bottomSide: 2 } }];
  const keepGoes = [{ keep: 'centre' as const, quarters: -1, handle: { effort: 3 as const, bounces: true } }];
  render(<SessionLog session={{ ...FOUND, goes, keepGoes }} words={words} />);
  expect(screen.getByText('1. top hinge 1 turn toward the latch; height ½ turn down')).toBeTruthy();
  expect(screen.getByText('locking gap, top 8.7 mm')).toBeTruthy();
  expect(screen.getByText('not read yet')).toBeTruthy();
  expect(screen.getByText('3. Centre keep, at the latch: ¼ turn easier')).toBeTruthy();
  expect(screen.getByText('handle: hard with one hand, bounces')).toBeTruthy();
});
