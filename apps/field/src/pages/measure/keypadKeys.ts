import type { Station } from '@proper-swing/core';
import type { Preferences } from '../../offline/preferences';

/** One key: what stands on it and what it does. `enter` finishes the reading with that text. */
export type KeypadKey =
  | { id: string; label: string; does: 'type'; text: string }
  | { id: string; label: string; does: 'enter'; text: string }
  | { id: string; label: string; does: 'append-enter'; text: string }
  | { id: ActKey; label: string; does: 'act' };

export type ActKey = 'next' | 'back' | 'rubs' | 'unreachable' | 'digits' | 'fractions' | 'sixtyFourth';

const type = (text: string, label = text): KeypadKey => ({ id: `type-${text}`, label, does: 'type', text });
const enter = (text: string): KeypadKey => ({ id: `enter-${text}`, label: text, does: 'enter', text });
const act = (id: ActKey, label: string): KeypadKey => ({ id, label, does: 'act' });

const RUBS = act('rubs', 'Rubs');
const UNREACHABLE = act('unreachable', "Can't reach");
const BACK = act('back', 'Erase');
const NEXT = act('next', 'Next');

/** A gap in millimetres: the half finishes the reading, since a gauge reads no finer. */
const GAP_MM: readonly (readonly KeypadKey[])[] = [
  [type('7'), type('8'), type('9'), RUBS],
  [type('4'), type('5'), type('6'), UNREACHABLE],
  [type('1'), type('2'), type('3'), BACK],
  [type('.'), type('0'), { id: 'half', label: '½', does: 'append-enter', text: '.5' }, NEXT],
];

/** A gap in fractions: one tap a reading; on a gauge that tells 64ths, a key that adds one to the next. */
const gapInInches = (finest: number): readonly (readonly KeypadKey[])[] => [
  [enter('1/32'), enter('1/16'), enter('3/32'), enter('1/8'), enter('5/32')],
  [enter('3/16'), enter('7/32'), enter('1/4'), enter('9/32'), enter('5/16')],
  [enter('3/8'), enter('7/16'), enter('1/2'), finest === 64 ? act('sixtyFourth', '+1/64') : enter('5/8'), BACK],
  [RUBS, UNREACHABLE, act('digits', '0–9'), NEXT],
];
const GAP_IN = gapInInches(32);
const GAP_IN_64 = gapInInches(64);

const LENGTH_MM: readonly (readonly KeypadKey[])[] = [
  [type('7'), type('8'), type('9'), UNREACHABLE],
  [type('4'), type('5'), type('6'), BACK],
  [type('1'), type('2'), type('3'), type('-', '+/−')],
  [type('.'), type('0'), { id: 'half', label: '½', does: 'append-enter', text: '.5' }, NEXT],
];

const LENGTH_IN: readonly (readonly KeypadKey[])[] = [
  [type('7'), type('8'), type('9'), type('/')],
  [type('4'), type('5'), type('6'), type(' ', 'space')],
  [type('1'), type('2'), type('3'), BACK],
  [type('-', '+/−'), type('0'), UNREACHABLE, NEXT],
];

const GAP_IN_DIGITS: readonly (readonly KeypadKey[])[] = [
  [type('7'), type('8'), type('9'), type('/')],
  [type('4'), type('5'), type('6'), RUBS],
  [type('1'), type('2'), type('3'), BACK],
  [act('fractions', '1/32…'), type('0'), type(' ', 'space'), NEXT],
];

/** The keys for a station, in the person's units. */
export function keypadFor(
  kind: Station['kind'],
  { units, finest }: Pick<Preferences, 'units' | 'finest'>,
  wantsDigits: boolean,
): readonly (readonly KeypadKey[])[] {
  if (kind === 'gap') {
    if (units === 'mm') return GAP_MM;
    return wantsDigits ? GAP_IN_DIGITS : finest === 64 ? GAP_IN_64 : GAP_IN;
  }
  return units === 'mm' ? LENGTH_MM : LENGTH_IN;
}
