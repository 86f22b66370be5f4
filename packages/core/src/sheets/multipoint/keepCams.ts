import { EASY_EFFORT, KEEP_IDS, MOST_QUARTERS_A_GO, type KeepId } from './adjusters';
import { quartersSoFar, type HandleFeel, type MultipointSession } from './session';

/** How far a cam's keep moves when it is turned, mm, + tighter: an eccentric goes by the sine of its angle from the middle. */
export function camMove(session: MultipointSession, keep: KeepId, quarters: number): number {
  const { eccentricMm, quartersEachWay } = session.cam;
  const at = (turned: number) => eccentricMm * Math.sin((turned / quartersEachWay) * (Math.PI / 2));
  const from = quartersSoFar(session, keep);
  return at(from + quarters) - at(from);
}

export interface NextKeep {
  keep: KeepId;
  /** + tighter. */
  quarters: number;
  /** Quarter turns left that way afterwards. */
  leftQuarters: number;
  /** Whether it undoes the last go. */
  putsBack: boolean;
}

/** The next cam to turn; the one just turned goes back when that made it worse. Nothing when all have come to their ends. */
export function nextKeep(session: MultipointSession, now: HandleFeel): NextKeep | undefined {
  const back = putBack(session);
  if (back !== undefined) return back;
  // A bounce wants the keep tighter, a stiff handle easier; with both, the stiffness is seen to first.
  const way = now.effort > EASY_EFFORT ? -1 : 1;
  for (const keep of orderFrom(session)) {
    const left = leftThatWay(session, keep, way);
    if (left <= 1e-9 || didNotHelp(session, keep, way)) continue;
    const size = Math.min(MOST_QUARTERS_A_GO, left);
    return { keep, quarters: way * size, leftQuarters: left - size, putsBack: false };
  }
  return undefined;
}

/** Centre first; after a go at one hook the other end has its turn. */
function orderFrom({ keepGoes }: MultipointSession): KeepId[] {
  const last = keepGoes.at(-1)?.keep;
  const [centre, ...hooks] = KEEP_IDS;
  return [centre, ...(last === hooks[0] ? [...hooks].reverse() : hooks)];
}

function leftThatWay(session: MultipointSession, keep: KeepId, way: number): number {
  return session.cam.quartersEachWay - way * quartersSoFar(session, keep);
}

function putBack(session: MultipointSession): NextKeep | undefined {
  const { keepGoes } = session;
  const last = keepGoes.at(-1);
  const earlier = keepGoes.at(-2);
  const before = feltBefore(session, keepGoes.length - 1);
  if (last?.handle === undefined || before === undefined) return undefined;
  // What was itself a way back is not turned again.
  if (earlier?.keep === last.keep && earlier.quarters === -last.quarters) return undefined;
  const { effort, bounces } = last.handle;
  const isWorse = effort > before.effort || (effort === before.effort && bounces && !before.bounces);
  if (!isWorse) return undefined;
  const quarters = -last.quarters;
  const leftQuarters = leftThatWay(session, last.keep, Math.sign(quarters)) - Math.abs(quarters);
  return { keep: last.keep, quarters, leftQuarters, putsBack: true };
}

/** How the handle felt before a go. */
function feltBefore({ keepGoes, handle }: MultipointSession, place: number): HandleFeel | undefined {
  return keepGoes.slice(0, Math.max(0, place)).findLast((each) => each.handle !== undefined)?.handle ?? handle;
}

/** A keep whose last go that way changed nothing for the better is left alone. */
function didNotHelp(session: MultipointSession, keep: KeepId, way: number): boolean {
  const place = session.keepGoes.findLastIndex((go) => go.keep === keep && Math.sign(go.quarters) === way);
  const felt = session.keepGoes[place]?.handle;
  const before = feltBefore(session, place);
  if (felt === undefined || before === undefined) return false;
  return felt.effort >= before.effort && Number(felt.bounces) >= Number(before.bounces);
}
