import { EASY_EFFORT, KEEP_IDS, MOST_QUARTERS_A_GO, type KeepId } from './adjusters';
import { quartersSoFar, type HandleFeel, type KeepGo, type MultipointSession } from './session';

/** How far a cam's keep moves when it is turned, mm, + tighter: an eccentric goes by the sine of its angle from the middle. */
export function camMove(session: MultipointSession, keep: KeepId, quarters: number): number {
  const { eccentricMm, quartersEachWay } = session.cam;
  const at = (turned: number) => eccentricMm * Math.sin((turned / quartersEachWay) * (Math.PI / 2));
  const from = quartersSoFar(session, keep);
  return at(from + quarters) - at(from);
}

/** The next cam to turn, by how much, and what is left that way; nothing when all have come to their ends. */
export function nextKeep(
  session: MultipointSession,
  now: HandleFeel,
): { keep: KeepId; quarters: number; leftQuarters: number } | undefined {
  // A bounce wants the keep tighter, a stiff handle easier; with both, the stiffness is seen to first.
  const way = now.effort > EASY_EFFORT ? -1 : 1;
  const inOrder = orderFrom(session);
  for (const keep of inOrder) {
    const left = session.cam.quartersEachWay - way * quartersSoFar(session, keep);
    if (left <= 1e-9 || didNotHelp(session, keep, way)) continue;
    const size = Math.min(MOST_QUARTERS_A_GO, left);
    return { keep, quarters: way * size, leftQuarters: left - size };
  }
  return undefined;
}

/** Centre first; after a go at one hook the other end has its turn. */
function orderFrom({ keepGoes }: MultipointSession): KeepId[] {
  const last = keepGoes.at(-1)?.keep;
  const [centre, ...hooks] = KEEP_IDS;
  return [centre, ...(last === hooks[0] ? [...hooks].reverse() : hooks)];
}

/** A keep whose last go that way changed nothing for the better is left alone. */
function didNotHelp({ keepGoes, handle }: MultipointSession, keep: KeepId, way: number): boolean {
  const place = keepGoes.findLastIndex((go) => go.keep === keep && Math.sign(go.quarters) === way);
  const go = keepGoes[place];
  const before = keepGoes.slice(0, Math.max(0, place)).findLast((each: KeepGo) => each.handle !== undefined)?.handle ?? handle;
  if (place === -1 || go?.handle === undefined || before === undefined) return false;
  return go.handle.effort >= before.effort && Number(go.handle.bounces) >= Number(before.bounces);
}
