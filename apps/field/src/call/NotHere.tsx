import { Press } from '../design/Press';
import { pluralOf } from '../design/plural';
import { Words } from '../design/Words';
import type { NotHere as Missing } from '../offline/useCallRecord';

/** Calls that somebody chose to go on with, though not all of them is here; until the page is opened anew. */
const goneOnWith = new Set<string>();

export const isGoneOnWith = (callId: string): boolean => goneOnWith.has(callId);

/** "18 readings and 1 step". */
function missingWords({ readings, steps }: Missing): string {
  return [
    { count: readings, words: { one: 'reading', other: 'readings' } },
    { count: steps, words: { one: 'step', other: 'steps' } },
  ]
    .filter(({ count }) => count > 0)
    .map(({ count, words }) => `${count} ${pluralOf(count, words)}`)
    .join(' and ');
}

/** Stands in the place of a stage that would look as if nothing had been written yet. */
export function NotHere({ callId, missing, onGoOn }: { callId: string; missing: Missing; onGoOn: () => void }) {
  const goOn = () => {
    goneOnWith.add(callId);
    onGoOn();
  };
  return (
    <>
      <Words kind="title" testID="not-here">
        {missing.isFetching ? `Fetching what was written: ${missingWords(missing)}.` : `Not on this device: ${missingWords(missing)}.`}
      </Words>
      {!missing.isFetching && (
        <Words>
          The server cannot be reached, and this call was not opened here while it could. They come by themselves as soon as it answers.
          What is written now is kept beside them.
        </Words>
      )}
      <Press kind={missing.isFetching ? 'plain' : 'primary'} onPress={goOn} testID="go-on-without">
        Go on without them
      </Press>
    </>
  );
}
