import { findingAnswer, station, type FindingId, type Proof, type StationId } from '@proper-swing/core/doors';
import { capital } from '../../design/capital';

/** A count with its noun: `9 gaps`. */
const gaps = (count: number) => `${count} ${count === 1 ? 'gap' : 'gaps'}`;

const named = (ids: readonly StationId[]) => ids.map((id) => station(id).title.toLowerCase()).join('; ');

const titles = (tries: Proof['untried']) => tries.map(({ title }) => title).join('; ');

const sentences = (parts: readonly string[]) => parts.map((part) => `${capital(part)}.`).join(' ');

/**
 * The verdict in words, each part with what it rests on: `Free by 6 tries; even by 9 gaps. 3 gaps not read.`
 *
 * @param tries what was tried by hand, and how it went
 */
export function verdictWords(proof: Proof, tries: ReadonlyMap<FindingId, string>, isAsFound: boolean): string {
  return sentences([...failing(proof, tries), ...claims(proof, isAsFound), ...leftOpen(proof)]);
}

/** What is shown, the best of it. */
function claims({ free, even, book, gauged, seen, isEvenByEye, good }: Proof, isAsFound: boolean): string[] {
  const by = `${gaps(gauged.length)}${isAsFound ? ' as found' : ''}`;
  const best = book === 'shown' ? 'by the book' : even === 'shown' ? 'even' : undefined;
  const byEye = isEvenByEye ? [`even by eye, ${gaps(gauged.length + seen.length)}${isAsFound ? ' as found' : ''}`] : [];
  if (free === 'shown') return [[`free by ${good.length} tries`, ...(best === undefined ? byEye : [`${best} by ${by}`])].join('; ')];
  // Gaps alone say nothing of how it swings.
  return best === undefined ? byEye : [`by gauge ${best}: ${by}`];
}

/** What nobody has tried or gauged. */
function leftOpen({ free, even, isEvenByEye, good, untried, unread, unjudged, gauged, seen, looksOut }: Proof): string[] {
  const notLooked = unread.length - seen.length;
  return [
    ...(free === 'unknown' && good.length === 0 ? ['not tried by hand: free is not claimed'] : []),
    ...(free === 'unknown' && good.length > 0 ? [`not tried: ${titles(untried)}`] : []),
    ...(looksOut.length > 0 ? [`by eye tight or wide: ${named(looksOut)}`] : []),
    ...(even === 'unknown' && !isEvenByEye && unjudged.length > 0
      ? [`even is not claimed: too little is gauged along the ${unjudged.join(', ')}`]
      : []),
    ...(even !== 'unknown' && gauged.length > 0 && notLooked > 0 ? [`${gaps(notLooked)} not read`] : []),
    ...(even !== 'unknown' && seen.length > 0 ? [`${gaps(seen.length)} by eye only`] : []),
  ];
}

/** What keeps the door from being free, and from being even. */
function failing({ rubs, loose, bad, uneven }: Proof, tries: ReadonlyMap<FindingId, string>): string[] {
  const free = [
    ...(rubs.length > 0 ? [`it rubs at the ${named(rubs)}`] : []),
    ...(loose.length > 0 ? [`it can be lifted out at the ${named(loose)}`] : []),
    ...bad.flatMap(({ finding }) => findingAnswer(finding, tries.get(finding) ?? '')?.says ?? []),
  ];
  return [
    ...(free.length > 0 ? [`not free: ${free.join('; ')}`] : []),
    ...(uneven.length > 0 ? [`not even: ${uneven.join(', ')} gap`] : []),
  ];
}

/**
 * Whether a call can be closed without a word: free and even are shown, or even by eye where nobody gauges; where no gap was ever gauged on it, as on a call for a rattle, free
 * is enough.
 */
export const isProved = ({ free, even, isEvenByEye }: Proof, isGapRead: boolean): boolean =>
  free === 'shown' && (even === 'shown' || isEvenByEye || (even === 'unknown' && !isGapRead));

/** Why a call is closed though the door is not proved; other words can be typed. */
export const REASONS_LEFT = [
  'Has to dry: come back',
  'Waits for parts',
  'The customer will have it so',
  'Referred to another trade',
] as const;
