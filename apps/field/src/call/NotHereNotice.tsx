import { Notice } from '../design/Notice';
import { pluralOf } from '../design/plural';
import type { NotHere } from '../offline/useCallRecord';

/** Says what of a call is not on this device, where its page would look as if there were nothing. */
export function NotHereNotice({ readings, steps, isFetching }: NotHere) {
  const what = [
    { count: readings, words: { one: 'reading', other: 'readings' } },
    { count: steps, words: { one: 'step', other: 'steps' } },
  ]
    .filter(({ count }) => count > 0)
    .map(({ count, words }) => `${count} ${pluralOf(count, words)}`)
    .join(' and ');
  return (
    <Notice tone={isFetching ? 'ink' : 'tight'} testID="not-here">
      {isFetching
        ? `Fetching what was written: ${what}.`
        : `Not on this device: ${what}. The server cannot be reached, so what stands here is not all there is.`}
    </Notice>
  );
}
