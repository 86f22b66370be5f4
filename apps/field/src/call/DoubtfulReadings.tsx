import { station, type Correction } from '@proper-swing/core/doors';
import type { LengthWords } from '../design/lengthWords';
import { Slip } from '../design/Section';
import { Words } from '../design/Words';

export interface DoubtfulReadingsProps {
  doubtful: Correction['doubtful'];
  words: LengthWords;
}

/** Readings that stand against all the others, with what those say. */
export function DoubtfulReadings({ doubtful, words }: DoubtfulReadingsProps) {
  return (
    <>
      {doubtful.map(({ station: id, readMm, expectedMm, sdMm }) => (
        <Slip key={id} label="Check this one again">
          <Words>{`${station(id).title}: read ${words.withUnit(readMm)}, the rest say ${words.bare(expectedMm)} ±${words.withUnit(sdMm)}.`}</Words>
        </Slip>
      ))}
    </>
  );
}
