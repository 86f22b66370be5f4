import { format } from 'date-fns/format';
import { isToday } from 'date-fns/isToday';
import type { InStep } from '../../offline/lists';
import { Words } from '../../design/Words';

/** None, not known and not yet known are three things. */
export function noCallsWords({ state, at }: InStep, closed: number): string {
  if (at !== undefined) {
    if (state !== 'here') return `No calls today, as far as was known ${onceWords(at)}.`;
    return closed > 0 ? 'Nothing is left to do today.' : 'No calls today. Begin one with New call.';
  }
  return state === 'asking'
    ? 'Fetching the calls.'
    : 'The calls of today are not known: the server could not be asked. They come as soon as it answers.';
}

/** When the list was last fetched. */
export function InStepLine({ state, at }: InStep) {
  if (at === undefined) return null;
  return (
    <Words kind="small" tone={state === 'failed' ? 'tight' : 'pencil'} testID="in-step">
      {state === 'failed' ? `Not in step with the server since ${onceWords(at)}.` : `In step with the server, ${onceWords(at)}.`}
    </Words>
  );
}

const onceWords = (at: Date) => format(at, isToday(at) ? 'HH:mm' : 'EEE d MMMM, HH:mm');
