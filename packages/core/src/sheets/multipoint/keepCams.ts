import { EASY_EFFORT, KEEP_IDS, MOST_QUARTERS_A_GO } from './adjusters';
import { isSameCam, quartersSoFar, type CamAt, type HandleFeel, type MultipointSession } from './session';

/** How far a cam's keep moves when it is turned, mm, + tighter: an eccentric goes by the sine of its angle from the middle. */
export function camMove(session: MultipointSession, cam: CamAt, quarters: number): number {
  const { eccentricMm, quartersEachWay } = session.cam;
  const at = (turned: number) => eccentricMm * Math.sin((turned / quartersEachWay) * (Math.PI / 2));
  const from = quartersSoFar(session, cam);
  return at(from + quarters) - at(from);
}

export interface NextKeep extends CamAt {
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
  for (const cam of orderFrom(session)) {
    const left = leftThatWay(session, cam, way);
    if (left <= 1e-9 || didNotHelp(session, cam, way)) continue;
    const size = Math.min(MOST_QUARTERS_A_GO, left);
    return { ...cam, quarters: way * size, leftQuarters: left - size, putsBack: false };
  }
  return undefined;
}

/** Centre first; after a go at one hook the other end has its turn. Of two cams in a keep the one turned last waits for the other. */
function orderFrom({ keepGoes, cam: { perKeep = 1 } }: MultipointSession): CamAt[] {
  const last = keepGoes.at(-1)?.keep;
  const [centre, ...hooks] = KEEP_IDS;
  const keeps = [centre, ...(last === hooks[0] ? [...hooks].reverse() : hooks)];
  if (perKeep === 1) return keeps.map((keep) => ({ keep }));
  return keeps.flatMap((keep): CamAt[] => {
    const isLowerNext = (keepGoes.findLast((go) => go.keep === keep)?.cam ?? 2) === 1;
    return isLowerNext
      ? [
          { keep, cam: 2 },
          { keep, cam: 1 },
        ]
      : [
          { keep, cam: 1 },
          { keep, cam: 2 },
        ];
  });
}

function leftThatWay(session: MultipointSession, cam: CamAt, way: number): number {
  return session.cam.quartersEachWay - way * quartersSoFar(session, cam);
}

function putBack(session: MultipointSession): NextKeep | undefined {
  const { keepGoes } = session;
  const last = keepGoes.at(-1);
  const earlier = keepGoes.at(-2);
  const before = feltBefore(session, keepGoes.length - 1);
  if (last?.handle === undefined || before === undefined) return undefined;
  // What was itself a way back is not turned again.
  if (earlier !== undefined && isSameCam(earlier, last) && earlier.quarters === -last.quarters) return undefined;
  const { effort, bounces } = last.handle;
  const isWorse = effort > before.effort || (effort === before.effort && bounces && !before.bounces);
  if (!isWorse) return undefined;
  const quarters = -last.quarters;
  const leftQuarters = leftThatWay(session, last, Math.sign(quarters)) - Math.abs(quarters);
  return { keep: last.keep, ...(last.cam && { cam: last.cam }), quarters, leftQuarters, putsBack: true };
}

/** How the handle felt before a go. */
function feltBefore({ keepGoes, handle }: MultipointSession, place: number): HandleFeel | undefined {
  return keepGoes.slice(0, Math.max(0, place)).findLast((each) => each.handle !== undefined)?.handle ?? handle;
}

/** A cam whose last go that way changed nothing for the better is left alone. */
function didNotHelp(session: MultipointSession, cam: CamAt, way: number): boolean {
  const place = session.keepGoes.findLastIndex((go) => isSameCam(go, cam) && Math.sign(go.quarters) === way);
  const felt = session.keepGoes[place]?.handle;
  const before = feltBefore(session, place);
  if (felt === undefined || before === undefined) return false;
  return felt.effort >= before.effort && Number(felt.bounces) >= Number(before.bounces);
}
