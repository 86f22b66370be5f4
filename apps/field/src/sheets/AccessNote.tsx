import { ACCESS_LIMITS, type AccessLimit } from '@proper-swing/core';
import { Slip } from '../design/Section';
import { Words } from '../design/Words';

/** What accessibility rules ask, as information with its source; the rules of the place decide. */
export function AccessNote({ ids }: { ids: readonly AccessLimit['id'][] }) {
  return (
    <Slip label="On an accessible route, for information">
      {ACCESS_LIMITS.filter(({ id }) => ids.includes(id)).map(({ id, title, value, unit, source }) => (
        <Words key={id}>{`${title}: ${value} ${unit}. ${source}.`}</Words>
      ))}
      <Words tone="pencil">The rules of the place decide.</Words>
    </Slip>
  );
}
