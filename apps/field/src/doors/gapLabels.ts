import type { ReadingEntry, Door } from '@proper-swing/contract';
import { judgeGap, type GapVerdict } from '@proper-swing/core';
import { station, type DoorModel, type Estimate, type ExpectedGap, type StationId } from '@proper-swing/core/doors';
import { handbookOf, modelFor } from '../record/door';
import type { GapLabel } from './gapLabel';
import { VERDICT_WORDS } from '../design/drawing/marks';
import { byEyeWords } from '../record/readingWords';
import type { LengthWords } from '../design/lengthWords';

/** The gaps as the engine holds them, read or not: what the door is drawn by. */
export function estimatedGaps(estimate: Estimate | undefined): ReadonlyMap<StationId, number> {
  return new Map((estimate?.expected ?? []).map(({ station: id, meanMm }) => [id, meanMm]));
}

/** What stands beside the gaps: readings in ink with their verdict, everything else as the engine's estimate in pencil. */
export function gapLabels(
  readings: ReadonlyMap<StationId, ReadingEntry>,
  estimate: Estimate | undefined,
  door: Door,
  words: LengthWords,
): ReadonlyMap<StationId, GapLabel> {
  const expected = new Map((estimate?.expected ?? []).map((gap) => [gap.station, gap]));
  const { profile } = modelFor(door);
  return new Map(handbookOf(door).walk.map((id) => [id, labelFor(id, readings.get(id), expected.get(id), profile, words)]));
}

/** By eye, with the mark of what the word says. */
const EYE_VERDICTS: Readonly<Record<string, GapVerdict>> = { tight: 'tight', ok: 'right', wide: 'wide' };

function labelFor(
  id: StationId,
  reading: ReadingEntry | undefined,
  estimate: ExpectedGap | undefined,
  profile: DoorModel['profile'],
  words: LengthWords,
): GapLabel {
  const { edge } = station(id);
  if (reading?.kind === 'rubs') return { main: 'rubs', isPencil: false, verdict: 'rub', spoken: 'rubs' };
  if (reading?.kind === 'figure' && reading.mm !== null && edge) {
    const verdict = judgeGap(profile, edge, reading.mm);
    return { main: words.bare(reading.mm), isPencil: false, verdict, spoken: `${words.withUnit(reading.mm)}, ${VERDICT_WORDS[verdict]}` };
  }
  if (reading?.kind === 'eye') {
    const verdict = EYE_VERDICTS[reading.typed];
    return {
      main: byEyeWords(reading),
      isPencil: false,
      ...(verdict && { verdict }),
      spoken: `${reading.typed} by eye`,
    };
  }
  const notReached = reading?.kind === 'unreachable' ? ', not reached' : '';
  if (estimate === undefined) return { main: '–', isPencil: true, spoken: `not read${notReached}` };
  const { meanMm, sdMm } = estimate;
  const main = meanMm <= 0 ? 'rub?' : `≈${words.bare(meanMm)}`;
  return {
    main,
    sub: `±${words.bare(sdMm)}`,
    isPencil: true,
    spoken: `not read${notReached}; about ${meanMm <= 0 ? 'nothing, it may rub' : words.withUnit(meanMm)}, give or take ${words.withUnit(sdMm)}`,
  };
}
