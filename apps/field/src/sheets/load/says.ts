import type { HingeLoads } from '@proper-swing/core/sheets';

export function loadSays({ asItIs, withLong, gain }: HingeLoads): string {
  const framing = asItIs.framingN === 0 && withLong.framingN > 0 ? ' Now it hangs on the framing, not on the jamb’s nails.' : '';
  return `One long screw: the top hinge holds ${gain.toFixed(1)} times what it did.${framing}`;
}
