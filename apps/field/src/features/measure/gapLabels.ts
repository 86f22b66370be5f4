import type { ReadingEntry } from '@proper-swing/contract';
import { judgeGap, station, WALKING_ORDER, type Diagnosis, type ExpectedGap, type ProfileId, type StationId } from '@proper-swing/core';
import type { GapLabel } from '../../drawing/DoorDrawing';
import { VERDICT_WORDS } from '../../drawing/marks';
import type { LengthWords } from '../call/lengthWords';

export interface DrawnGaps {
  gapsMm: ReadonlyMap<StationId, number>;
  labels: ReadonlyMap<StationId, GapLabel>;
}

/** What the drawing shows: readings in ink with their verdict, everything else as the engine's estimate in pencil. */
export function drawnGaps(
  readings: ReadonlyMap<StationId, ReadingEntry>,
  diagnosis: Diagnosis | undefined,
  profile: ProfileId,
  words: LengthWords,
): DrawnGaps {
  const expected = new Map((diagnosis?.expected ?? []).map((gap) => [gap.station, gap]));
  const gapsMm = new Map<StationId, number>();
  const labels = new Map<StationId, GapLabel>();
  for (const id of WALKING_ORDER) {
    const reading = readings.get(id);
    const estimate = expected.get(id);
    if (reading?.kind === 'figure' && reading.mm !== null) gapsMm.set(id, reading.mm);
    else if (estimate) gapsMm.set(id, reading?.kind === 'rubs' ? Math.min(-0.6, estimate.meanMm) : estimate.meanMm);
    labels.set(id, labelFor(id, reading, estimate, profile, words));
  }
  return { gapsMm, labels };
}

function labelFor(
  id: StationId,
  reading: ReadingEntry | undefined,
  estimate: ExpectedGap | undefined,
  profile: ProfileId,
  words: LengthWords,
): GapLabel {
  const { edge } = station(id);
  if (reading?.kind === 'rubs') return { main: 'rubs', isPencil: false, verdict: 'rub', spoken: 'rubs' };
  if (reading?.kind === 'figure' && reading.mm !== null && edge) {
    const verdict = judgeGap(profile, edge, reading.mm);
    return { main: words.bare(reading.mm), isPencil: false, verdict, spoken: `${words.withUnit(reading.mm)}, ${VERDICT_WORDS[verdict]}` };
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
