import { DomainError } from '../../errors';
import { HINGE_SCREWS, HINGE_SCREW_IDS, KEEP_IDS, MOST_QUARTERS_A_GO, type HingeScrewId } from './adjusters';
import { quartersSoFar, type CamAt, type MultipointSession } from './session';
import { roomFor, travelLeft } from './travel';

/**
 * Whether a go may be logged: screws within their travel, a cam by a quarter at most and within its range, the centre before the hooks.
 *
 * @throws DomainError `screw.travel`, `cam.quarter`, `cam.range`, `keep.order` at the field, in words
 */
export function checkGo(
  session: MultipointSession,
  go: { turns: Partial<Record<HingeScrewId, number>> } | (CamAt & { quarters: number }),
): void {
  if ('turns' in go) {
    const left = travelLeft(session);
    for (const screw of HINGE_SCREW_IDS) {
      const turns = go.turns[screw] ?? 0;
      if (Math.abs(turns) > roomFor(turns, left[screw]) + 1e-9)
        throw new DomainError(
          'screw.travel',
          `turns.${screw}`,
          `${HINGE_SCREWS[screw].title}: only ${roomFor(turns, left[screw])} turns are left that way. Do not force it.`,
        );
    }
    return;
  }
  checkCam(session, go, go.quarters);
}

function checkCam(session: MultipointSession, at: CamAt, quarters: number): void {
  if (Math.abs(quarters) > MOST_QUARTERS_A_GO)
    throw new DomainError('cam.quarter', 'quarters', 'A cam is turned by a quarter turn at most. Try the handle, then go on.');
  if (Math.abs(quartersSoFar(session, at) + quarters) > session.cam.quartersEachWay + 1e-9)
    throw new DomainError('cam.range', 'quarters', 'That would take the cam past its end: never right round. Go on at another keep.');
  const [centre] = KEEP_IDS;
  if (at.keep !== centre && !session.keepGoes.some((go) => go.keep === centre))
    throw new DomainError('keep.order', 'keep', 'The centre keep first: it takes out the bounce. The hooks follow.');
}
