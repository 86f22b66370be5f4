import { turnWords } from '../turnWords';
import { HANDLE_EFFORTS, HINGE_SCREWS, type HingeScrewId } from '@proper-swing/core';
import type { HandleFeel, SessionGaps } from '@proper-swing/core/sheets';

export const GAP_WORDS: Readonly<Record<keyof SessionGaps, string>> = {
  latchTopMm: 'Locking gap, top',
  latchBottomMm: 'Locking gap, foot',
  footMm: 'Foot gap, latch end',
  headMm: 'Head gap, latch end',
};

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;

/** Quarter turns of a cam as they are said: `¼ turn`, `⅛ turn`. */
export function camWords(quarters: number): string {
  const eighths = Math.round(Math.abs(quarters) * 2);
  const whole = Math.floor(eighths / 8);
  return `${whole === 0 ? '' : whole}${EIGHTHS[eighths % 8] ?? ''} turn`;
}

/** How far a screw is turned and which way: `¼ turn toward the hinges`, `no turn`. */
export function turnedWords(screw: HingeScrewId, turns: number): string {
  const { plus, minus } = HINGE_SCREWS[screw];
  return turns === 0 ? 'no turn' : `${turnWords(turns)} ${turns > 0 ? plus : minus}`;
}

/** `hard with one hand, bounces` */
export function feelWords({ effort, bounces }: HandleFeel): string {
  const title = HANDLE_EFFORTS.find((each) => each.effort === effort)?.title.toLowerCase() ?? '';
  return bounces ? `${title}, bounces` : title;
}
