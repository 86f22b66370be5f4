import { believe, expectAt } from './belief';
import type { CauseId } from './causes';
import { doubtfulReadings, type DoubtfulReading } from './doubtful';
import { weighEvidence, type Evidence } from './evidence';
import type { Observed } from './readings';
import { STATION_IDS, type StationId } from './stations';

export interface RankedCause {
  id: CauseId;
  title: string;
  says: string;
  /** 0 to 1; all causes together sum to one. */
  probability: number;
  for: Evidence[];
  against: Evidence[];
  advice?: string;
}

/** What is expected at a station, read or not, mm. */
export interface ExpectedGap {
  station: StationId;
  meanMm: number;
  sdMm: number;
}

export interface Diagnosis {
  /** Likeliest first. */
  causes: RankedCause[];
  /** Every station. A mean below nought is where the slab would have to overlap: it rubs. */
  expected: ExpectedGap[];
  doubtful: DoubtfulReading[];
}

/**
 * Names the likely causes of a hinged door's trouble and estimates every gap round it, from whatever was read.
 *
 * Any subset of readings will do, including none; then the answer is what doors in general are like.
 *
 * @throws DomainError when the door, a reading or a finding makes no sense
 */
export function diagnose(observed: Observed): Diagnosis {
  const belief = believe(observed);
  const evidence = weighEvidence(belief);
  const causes = belief.held.flatMap((held, i) => {
    const [leading] = held.hypothesis.causes;
    if (leading === undefined) return [];
    const { id, title, says, advice } = leading;
    return [
      {
        id,
        title,
        says,
        probability: held.probability,
        ...(evidence[i] ?? { for: [], against: [] }),
        ...(advice !== undefined && { advice }),
      },
    ];
  });
  const expected = STATION_IDS.map((id) => {
    const { mean, variance } = expectAt(belief, id);
    return { station: id, meanMm: mean, sdMm: Math.sqrt(variance) };
  });
  return { causes, expected, doubtful: doubtfulReadings(observed, belief) };
}
