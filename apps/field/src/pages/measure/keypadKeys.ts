import type { GapByEye } from '@proper-swing/core';
import { station, type StationId } from '@proper-swing/core/doors';
import type { GapPad, Preferences } from '../../offline/preferences';
import { GAUGE_STEPS_MM } from '../../record/gaugeSteps';

/** One key: what stands on it and what it does. `enter` finishes the reading with that text. */
export type KeypadKey = { id: string; label: string; isWide?: true } & (
  | { does: 'type'; text: string }
  | { does: 'enter'; text: string }
  | { does: 'append-enter'; text: string }
  | { does: 'see'; seen: GapByEye }
  | { does: 'pad'; pad: GapPad }
  | { id: ActKey; does: 'act' }
);

export type ActKey = 'next' | 'back' | 'rubs' | 'unreachable' | 'sixtyFourth';
type Rows = readonly (readonly KeypadKey[])[];

const type = (text: string, label = text): KeypadKey => ({ id: `type-${text}`, label, does: 'type', text });
const enter = (text: string, label = text): KeypadKey => ({ id: `enter-${text}`, label, does: 'enter', text });
const act = (id: ActKey, label: string): KeypadKey => ({ id, label, does: 'act' });
const see = (seen: GapByEye, label: string): KeypadKey => ({ id: `see-${seen}`, label, does: 'see', seen });
const wide = (key: KeypadKey): KeypadKey => ({ ...key, isWide: true });
const half: KeypadKey = { id: 'half', label: '½', does: 'append-enter', text: '.5' };

const RUBS = act('rubs', 'Rubs');
const UNREACHABLE = act('unreachable', "Can't reach");
const BACK = act('back', 'Erase');
const NEXT = act('next', 'Next');
const GAUGE: KeypadKey = { id: 'pad-gauge', label: 'Gauge', does: 'pad', pad: 'gauge' };
const DIGITS: KeypadKey = { id: 'pad-digits', label: '0–9', does: 'pad', pad: 'digits' };
const EYE: KeypadKey = { id: 'pad-eye', label: 'By eye', does: 'pad', pad: 'eye' };

/** A step of the gauge: `3.5` stands on its key as `3½`. */
const step = (mm: number) => enter(String(mm), String(mm).replace(/^0?(\d*)\.5$/, '$1½'));
const gauge = (...rows: readonly (readonly number[])[]): Rows => [
  ...rows.map((row, i) => [...row.map(step), ...(i === rows.length - 1 ? [BACK] : [])]),
  [RUBS, UNREACHABLE, EYE, DIGITS, NEXT],
];

/** A gap in millimetres, by the steps of a gauge: one tap a reading; where gaps are wider in coarser steps. */
const GAP_MM = gauge(...GAUGE_STEPS_MM.fine);
const WIDE_MM = gauge(...GAUGE_STEPS_MM.wide);

/** A gap in fractions: one tap a reading; on a gauge that tells 64ths, a key that adds one to the next. */
const gapInInches = (finest: number): Rows => [
  [enter('1/32'), enter('1/16'), enter('3/32'), enter('1/8'), enter('5/32')],
  [enter('3/16'), enter('7/32'), enter('1/4'), enter('9/32'), enter('5/16')],
  [enter('3/8'), enter('7/16'), enter('1/2'), finest === 64 ? act('sixtyFourth', '+1/64') : enter('5/8'), BACK],
  [RUBS, UNREACHABLE, EYE, DIGITS, NEXT],
];
const GAP_IN = gapInInches(32);
const GAP_IN_64 = gapInInches(64);

/** Digit by digit. */
const GAP_MM_DIGITS: Rows = [
  [type('7'), type('8'), type('9'), RUBS, GAUGE],
  [type('4'), type('5'), type('6'), UNREACHABLE, EYE],
  [type('1'), type('2'), type('3'), wide(BACK)],
  [type('.'), type('0'), half, wide(NEXT)],
];
const GAP_IN_DIGITS: Rows = [
  [type('7'), type('8'), type('9'), RUBS, GAUGE],
  [type('4'), type('5'), type('6'), UNREACHABLE, EYE],
  [type('1'), type('2'), type('3'), type('/'), BACK],
  [type('0'), type(' ', 'space'), wide(NEXT)],
];

/** By people who do not gauge. */
const GAP_BY_EYE: Rows = [
  [RUBS, see('tight', 'Tight')],
  [see('ok', 'OK'), see('wide', 'Wide')],
  [UNREACHABLE, GAUGE, BACK, NEXT],
];

const LENGTH_MM: Rows = [
  [type('7'), type('8'), type('9'), UNREACHABLE],
  [type('4'), type('5'), type('6'), BACK],
  [type('1'), type('2'), type('3'), type('-', '+/−')],
  [type('.'), type('0'), half, NEXT],
];

const LENGTH_IN: Rows = [
  [type('7'), type('8'), type('9'), type('/')],
  [type('4'), type('5'), type('6'), type(' ', 'space')],
  [type('1'), type('2'), type('3'), BACK],
  [type('-', '+/−'), type('0'), UNREACHABLE, NEXT],
];

/** Where a level or a rule shows nothing amiss that is one tap, by the name the trade has for it. */
const NOUGHTS: Readonly<Partial<Record<string, string>>> = { plumb: 'Plumb', level: 'Level', straight: 'Straight', bolt: 'In line' };

/** The keys of a length with one more for nought; the last key of the other rows takes its width. */
const withNought = (rows: Rows, label: string): Rows =>
  rows.map((row, i) => (i === 0 ? [...row, enter('0', label)] : row.map((key, at) => (at === row.length - 1 ? wide(key) : key))));

const GAP_PADS: Readonly<Record<Preferences['units'], Readonly<Record<Exclude<GapPad, 'gauge'>, Rows>>>> = {
  mm: { digits: GAP_MM_DIGITS, eye: GAP_BY_EYE },
  in: { digits: GAP_IN_DIGITS, eye: GAP_BY_EYE },
};

/**
 * The keys for a station, in the person's units and by the pad they chose last.
 *
 * @param isWide the gap there is a wide one
 */
export function keypadFor(
  id: StationId,
  { units, finest, gapPad }: Pick<Preferences, 'units' | 'finest' | 'gapPad'>,
  isWide = false,
): Rows {
  const { kind } = station(id);
  if (kind !== 'gap') {
    const rows = units === 'mm' ? LENGTH_MM : LENGTH_IN;
    const nought = NOUGHTS[id.split('.')[0] ?? ''];
    return nought === undefined ? rows : withNought(rows, nought);
  }
  if (gapPad !== 'gauge') return GAP_PADS[units][gapPad];
  if (units === 'in') return finest === 64 ? GAP_IN_64 : GAP_IN;
  return isWide ? WIDE_MM : GAP_MM;
}
