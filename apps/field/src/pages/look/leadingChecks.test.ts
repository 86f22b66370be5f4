import type { FindingId } from '@proper-swing/core/doors';
import { withNext } from './leadingChecks';

const answered =
  (...ids: FindingId[]) =>
  (id: FindingId) =>
    ids.includes(id);

it('the first three stand until all are answered, whatever would tell most by then; then the next come below', () => {
  const first = withNext([], ['topScrews', 'liftPlay', 'springBack'], answered());
  expect(first).toEqual(['topScrews', 'liftPlay', 'springBack']);
  expect(withNext(first, ['season', 'event'], answered('topScrews'))).toBe(first);
  expect(withNext(first, ['season', 'liftPlay'], answered(...first))).toEqual(['topScrews', 'liftPlay', 'springBack', 'season']);
  expect(withNext(first, [], answered(...first))).toBe(first);
});
