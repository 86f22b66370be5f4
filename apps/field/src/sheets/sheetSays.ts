import type {
  Drift,
  EdgeClearance,
  FittingSheet,
  FloorClearance,
  HingeLoads,
  HingesToBuy,
  PairThrow,
  StrikeFit,
  StrikeRemedy,
  Twist,
  TwistRemedy,
} from '@proper-swing/core/sheets';
import type { LengthWords } from '../design/lengthWords';
import type { BenchName } from './sheetFields';

/** `File the bottom of the hole 1.7 mm down` */
export function remedyWords({ title, mm, way }: StrikeRemedy, { withUnit }: LengthWords): string {
  return mm === 0 ? title : `${title}: ${withUnit(mm)}${way === '' || title.includes(way) ? '' : ` ${way}`}`;
}

export function leanWords(acrossMm: number, { withUnit }: LengthWords): string {
  if (Math.abs(acrossMm) < 0.05) return 'plumb';
  return `${withUnit(Math.abs(acrossMm))} ${acrossMm > 0 ? 'into the room' : 'away from the room'}`;
}

export function edgeSays({ passes, clearanceMm, bevelHelps, leastBevelMm, leastGapMm }: EdgeClearance, { withUnit }: LengthWords): string {
  if (passes) return `It passes with ${withUnit(clearanceMm)} to spare.`;
  const state = clearanceMm < 0 ? `It binds by ${withUnit(-clearanceMm)}` : `It passes by ${withUnit(clearanceMm)} only`;
  const gap = `give it a gap of ${withUnit(leastGapMm)}`;
  return bevelHelps ? `${state}: bevel it ${withUnit(leastBevelMm)}, or ${gap}.` : `${state}: no bevel cures that, ${gap}.`;
}

export function floorSays({ shortMm, dragsFromDeg, dragsToDeg, raiseMm, cutMm }: FloorClearance, { withUnit }: LengthWords): string {
  if (shortMm === 0) return 'It clears the floor all round.';
  const where = `Short by ${withUnit(shortMm)} between ${Math.round(dragsFromDeg ?? 0)}° and ${Math.round(dragsToDeg ?? 0)}°`;
  const acts = [...(raiseMm > 0.05 ? [`raise ${withUnit(raiseMm)}`] : []), ...(cutMm > 0.05 ? [`cut ${withUnit(cutMm)}`] : [])];
  return `${where}: ${acts.join(', then ')}.`;
}

export function driftSays({ halfOpen: { fromDeg, moves, restDeg, atStop }, lean }: Drift, words: LengthWords): string {
  if (moves === 'stays') return `Let go at ${Math.round(fromDeg)}° it stays.`;
  const atItsStop = moves === 'opens' ? 'right to its stop' : 'and shuts';
  const end = atStop ? atItsStop : `and rests at ${Math.round(restDeg)}°`;
  return `Let go at ${Math.round(fromDeg)}° it ${moves} by itself ${end}: the top leans ${leanWords(lean.acrossMm, words)}.`;
}

export function twistWords({ says, throws, stopMove }: TwistRemedy, { withUnit }: LengthWords): string {
  const parts = [
    ...(throws ? [`${throws.hinge} hinge ${withUnit(throws.mm)} toward the ${throws.toward}`] : []),
    ...(stopMove ? [`stop ${withUnit(stopMove.topMm)} at the top, ${withUnit(stopMove.bottomMm)} at the foot`] : []),
  ];
  return parts.length === 0 ? says : `${says.replace(/\.$/, '')}: ${parts.join('; ')}.`;
}

function twistSays({ remedies: [first], twistMm }: Twist, words: LengthWords): string {
  return `${words.withUnit(Math.abs(twistMm))} more at the ${twistMm >= 0 ? 'top' : 'foot'}. ${first ? twistWords(first, words) : ''}`;
}

export function throwWords(mm: number, { withUnit }: LengthWords): string {
  return Math.abs(mm) < 0.05 ? 'leave it' : `${withUnit(Math.abs(mm))} ${mm > 0 ? 'toward the room' : 'toward the stop'}`;
}

function pairSays({ topHingeMm, bottomHingeMm }: PairThrow, words: LengthWords): string {
  return `Top hinge: ${throwWords(topHingeMm, words)}. Bottom hinge: ${throwWords(bottomHingeMm, words)}.`;
}

export function loadSays({ asItIs, withLong, gain }: HingeLoads): string {
  const framing = asItIs.framingN === 0 && withLong.framingN > 0 ? ' Now it hangs on the framing, not on the jamb’s nails.' : '';
  return `One long screw: the top hinge holds ${gain.toFixed(1)} times what it did.${framing}`;
}

export function sizeSays({ count, heightIn, widthIn }: HingesToBuy): string {
  return `${count} hinges, ${heightIn} in high and ${widthIn} in wide open.`;
}

export function continuousSays({ trimMm, footTrimMm, packersMm, bearsEnough }: FittingSheet, { withUnit }: LengthWords): string {
  const trim = Math.max(...trimMm);
  const parts = [
    ...(bearsEnough ? [] : ['Too little frame for the leaf: refer or pack the frame']),
    trim > 0 ? `take up to ${withUnit(trim)} off the latch edge` : 'the width fits',
    ...(footTrimMm > 0 ? [`${withUnit(footTrimMm)} off the foot`] : []),
    `pack it up ${withUnit(packersMm)}`,
  ];
  const said = parts.join('; ');
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
}

/** The answer of a sheet in words, as it is kept with a call. */
export const SHEET_SAYS: Readonly<Record<BenchName, (result: never, words: LengthWords) => string>> = {
  'latch.strike': ({ remedies }: StrikeFit, words) => `${remedies.map((each) => remedyWords(each, words)).join('; ')}.`,
  'swing.drift': driftSays,
  'swing.edge': edgeSays,
  'swing.floor': floorSays,
  'swing.twist': twistSays,
  'swing.pair': pairSays,
  'hinge.load': (result: HingeLoads) => loadSays(result),
  'hinge.size': (result: HingesToBuy) => sizeSays(result),
  'hinge.continuous': continuousSays,
};
