import { EASY_EFFORT, HINGE_SCREW_IDS, HINGE_SCREWS, KEEPS, CAM_WORDS, OUT_OF_TRAVEL, type HingeScrewId } from './adjusters';
import { camMove, nextKeep } from './keepCams';
import { learnAll, wrongWays, type LearnedTurn, type LearnedTurns } from './learnTurns';
import { gapsNow, handleNow, sealNow, type CamAt, type HandleFeel, type MultipointSession, type SessionGaps } from './session';
import { sideLever, type SideLever } from './sideways';
import { AFTER_HEIGHT, afterSideways, GAP_SLACK_MM, isTooLow, readAfter } from './toRead';
import { QUARTER, roomFor, roundQuarter, screwTurn, travelLeft, within, type ScrewTurn, type TurnsLeft } from './travel';

export type SessionPhase = 'read' | 'height' | 'sideways' | 'pressure' | 'keeps' | 'done' | 'outOfTravel';

export interface CamTurn extends CamAt {
  title: string;
  /** + tighter. */
  quarters: number;
  way: 'tighter' | 'easier';
  /** How far the keep moves, mm. */
  mm: number;
  /** Quarter turns left that way afterwards. */
  leftQuarters: number;
}

export interface NextTurns {
  phase: SessionPhase;
  says: string;
  /** Screws to turn now, in this order. */
  turns: ScrewTurn[];
  cam?: CamTurn;
  /** Gaps as last read, and as they should read after these turns. */
  gaps: SessionGaps;
  expects?: SessionGaps;
  /** Gaps without which the next turn is not known, and those that may be read with them. */
  read: (keyof SessionGaps)[];
  mayRead: (keyof SessionGaps)[];
  learned: LearnedTurns;
  /** Turns left of each screw, toward + and toward −. */
  left: Record<HingeScrewId, TurnsLeft>;
  handle: { before?: HandleFeel; now?: HandleFeel };
  /** What the hinge screws cannot do, mm to be won otherwise, and ways to it. */
  ranOut?: { screw: HingeScrewId; shortMm: number; ways: { id: string; title: string; says: string; caution: string }[] };
  warnings: string[];
}

/** A screw whose turn has not been measured is tried by no more than this first. */
const TRY_TURNS = 1;
const roundUp = (turns: number) => Math.max(QUARTER, Math.ceil(turns / QUARTER - 1e-9) * QUARTER);
const capped = (turns: number, { from }: LearnedTurn) => (from === 'sheet' ? Math.min(turns, TRY_TURNS) : turns);
const tryShare = (turns: number, { from }: LearnedTurn) =>
  from === 'sheet' && Math.abs(turns) > TRY_TURNS ? TRY_TURNS / Math.abs(turns) : 1;

/**
 * What to turn next on a multipoint door: height at the middle hinge until it clears, then sideways top and bottom to the locking
 * gap, then the keeps, centre first. Turns follow from mm a turn: the sheet's until a go was read, then what it really did.
 *
 * @throws DomainError `door.hinges` from the hinge heights
 */
export function nextTurns(session: MultipointSession): NextTurns {
  const lever = sideLever(session);
  const gaps = gapsNow(session);
  const learned = learnAll(session, lever);
  const left = travelLeft(session);
  const now = handleNow(session);
  const base = {
    turns: [],
    gaps,
    read: [],
    mayRead: [],
    learned,
    left,
    handle: { ...(session.handle && { before: session.handle }), ...(now && { now }) },
    warnings: wrongWays(session, lever),
  } satisfies Partial<NextTurns>;

  const last = session.goes.at(-1);
  const isUnread =
    last !== undefined && last.after === undefined && HINGE_SCREW_IDS.some((screw) => screw !== 'pressure' && last.turns[screw]);
  if (gaps.footMm === undefined) {
    const says = 'How does it stand? Height first: read the foot gap, 0 where it stands on its sill.';
    return { ...base, phase: 'read', says, read: ['footMm'], mayRead: ['headMm'] };
  }
  if (isUnread) return { ...base, phase: 'read', says: 'Read what these turns did.', ...readAfter(last.turns, session, learned, lever) };
  const { footMm, latchTopMm, latchBottomMm, headMm } = gaps;
  const { wanted } = session;
  const short = wanted.footMm - footMm;
  if (short > GAP_SLACK_MM) return raise(session, { ...base, footMm, shortMm: short, ...(headMm !== undefined && { headMm }) });
  if (latchTopMm === undefined || latchBottomMm === undefined) {
    const missing = (['latchTopMm', 'latchBottomMm'] as const).filter((key) => gaps[key] === undefined);
    return { ...base, phase: 'read', says: 'It clears. Read the locking gap, 0 where it rubs.', read: missing };
  }
  const inside = (mm: number) => mm >= wanted.minMm - GAP_SLACK_MM && mm <= wanted.maxMm + GAP_SLACK_MM;
  if (!inside(latchTopMm) || !inside(latchBottomMm)) return moveSideways(session, lever, base, latchTopMm, latchBottomMm);
  const pressing = pressHinges(session, base);
  if (pressing !== undefined) return pressing;
  if (now === undefined) return { ...base, phase: 'keeps', says: 'The gaps are right. Shut the door and try the handle.' };
  if (now.effort <= EASY_EFFORT && !now.bounces)
    return { ...base, phase: 'done', says: 'The gaps are right, the handle is easy and the door does not bounce.' };
  return setKeeps(session, base, now);
}

type Base = Pick<NextTurns, 'turns' | 'gaps' | 'read' | 'mayRead' | 'learned' | 'left' | 'handle' | 'warnings'>;

function raise(session: MultipointSession, at: Base & { footMm: number; headMm?: number; shortMm: number }): NextTurns {
  const { footMm, headMm, shortMm, ...base } = at;
  const room = headMm === undefined ? Infinity : Math.max(0, headMm - session.wanted.headMm);
  const perTurn = base.learned.height.mmPerTurn;
  const wantedTurns = Math.min(shortMm, room) / perTurn;
  const turns = roundUp(capped(wantedTurns, base.learned.height));
  const canTurn = base.left.height.plus;
  if (canTurn < QUARTER) return outOfTravel(base, 'height', shortMm);
  if (room < QUARTER * perTurn) {
    return {
      ...base,
      phase: 'outOfTravel',
      says: 'The head gap leaves no room to raise the door: look at threshold and frame.',
      ranOut: { screw: 'height', shortMm, ways: waysOut() },
    };
  }
  const done = Math.min(turns, canTurn);
  return {
    ...base,
    phase: 'height',
    says: 'Height first: take the weight off with a lever, turn, let it down, read.',
    turns: [screwTurn('height', done, perTurn, canTurn)],
    expects: { footMm: footMm + done * perTurn, ...(headMm !== undefined && { headMm: headMm - done * perTurn }) },
    ...AFTER_HEIGHT,
  };
}

function moveSideways(session: MultipointSession, lever: SideLever, base: Base, topMm: number, bottomMm: number): NextTurns {
  const { wanted } = session;
  const { topSide, bottomSide } = base.learned;
  const moves = lever.forClosing(topMm - wanted.targetMm, bottomMm - wanted.targetMm);
  const want = { top: moves.top / topSide.mmPerTurn, bottom: moves.bottom / bottomSide.mmPerTurn };
  // Both screws go back by one share, so that the first try turns the slab as the whole will.
  const share = Math.min(tryShare(want.top, topSide), tryShare(want.bottom, bottomSide));
  const fits = (screw: HingeScrewId, turns: number) => within(turns, base.left[screw]);
  const aim = { top: want.top * share, bottom: want.bottom * share };
  const gapsAfter = (top: number, bottom: number) => {
    const moved = { top: top * topSide.mmPerTurn, bottom: bottom * bottomSide.mmPerTurn };
    const at = (place: 'top' | 'bottom') => moved.top * lever.shares[place].top + moved.bottom * lever.shares[place].bottom;
    return { moved, latchTopMm: topMm - at('top'), latchBottomMm: bottomMm - at('bottom') };
  };
  const aimed = gapsAfter(aim.top, aim.bottom);
  const best = nearestQuarters(fits('topSide', aim.top), fits('bottomSide', aim.bottom), (top, bottom) => {
    const after = gapsAfter(top, bottom);
    return Math.max(Math.abs(after.latchTopMm - aimed.latchTopMm), Math.abs(after.latchBottomMm - aimed.latchBottomMm));
  });
  const shortTop = Math.abs(want.top) - roomFor(want.top, base.left.topSide);
  const shortBottom = Math.abs(want.bottom) - roomFor(want.bottom, base.left.bottomSide);
  const [screw, shortTurns, per] =
    shortTop >= shortBottom ? (['topSide', shortTop, topSide] as const) : (['bottomSide', shortBottom, bottomSide] as const);
  const shortMm = shortTurns * per.mmPerTurn;
  const ranOut = shortMm > QUARTER * per.mmPerTurn ? { screw, shortMm, ways: waysOut() } : undefined;
  if (best.top === 0 && best.bottom === 0) return { ...outOfTravel(base, screw, Math.max(shortMm, 0)) };
  const { moved, ...gaps } = gapsAfter(best.top, best.bottom);
  const middle = moved.top * lever.middle.top + moved.bottom * lever.middle.bottom;
  // The middle screw is of the same make as the two that were measured.
  const perMiddle = (topSide.mmPerTurn + bottomSide.mmPerTurn) / 2;
  const middleTurns = within(roundQuarter(middle / perMiddle), base.left.middleSide);
  const drop = lever.drop(moved.top, moved.bottom);
  const turns = [
    screwTurn('topSide', best.top, topSide.mmPerTurn, base.left.topSide[best.top >= 0 ? 'plus' : 'minus']),
    ...(session.door.hingeHeightsMm.length > 2
      ? [screwTurn('middleSide', middleTurns, perMiddle, base.left.middleSide[middleTurns >= 0 ? 'plus' : 'minus'])]
      : []),
    screwTurn('bottomSide', best.bottom, bottomSide.mmPerTurn, base.left.bottomSide[best.bottom >= 0 ? 'plus' : 'minus']),
  ].filter((each) => each.turns !== 0);
  const { footMm = 0, headMm } = base.gaps;
  const isLow = isTooLow(session, footMm - drop);
  return {
    ...base,
    phase: 'sideways',
    says:
      topSide.from === 'sheet' && share < 1
        ? 'A first try: turn, read, and the next turns are reckoned from what these really did.'
        : 'Sideways to the locking gap; the middle hinge follows so that it does not bind.',
    turns,
    expects: { ...gaps, footMm: footMm - drop, ...(headMm !== undefined && { headMm: headMm + drop }) },
    ...afterSideways(isLow),
    ...(ranOut && { ranOut }),
    warnings: [...base.warnings, ...(isLow ? ['These turns let the latch end down: read the foot gap after them.'] : [])],
  };
}

/** Turns of the pressure screws at a go (common practice, no source). */
const PRESSURE_GO = 0.5;

/** Three-way hinges: the hinge side on its seal, before the keeps are asked to press the lock side. */
function pressHinges(session: MultipointSession, base: Base): NextTurns | undefined {
  const { pressure } = session.hinge;
  const seal = sealNow(session);
  if (pressure === undefined || seal === undefined || seal === 'even') return undefined;
  const last = session.goes.at(-1);
  if (last?.turns.pressure !== undefined && last.seal === undefined)
    return { ...base, phase: 'pressure', says: 'Shut the door and look at the seal on the hinge side.' };
  const turns = within(seal === 'loose' ? PRESSURE_GO : -PRESSURE_GO, base.left.pressure);
  if (turns === 0) return undefined;
  return {
    ...base,
    phase: 'pressure',
    says: 'All pressure screws alike, half a turn; then look at the seal on the hinge side again.',
    turns: [screwTurn('pressure', turns, pressure.mmPerTurn, roomFor(turns, base.left.pressure))],
  };
}

function setKeeps(session: MultipointSession, base: Base, now: HandleFeel): NextTurns {
  const next = nextKeep(session, now);
  if (next === undefined) {
    return {
      ...base,
      phase: 'outOfTravel',
      says: 'Every keep is at the end of its range and the handle is not easy: look at the lock itself with the door open, and at the hooks’ height in their keeps.',
    };
  }
  const { keep, cam, quarters, leftQuarters, putsBack } = next;
  const title = cam === undefined ? KEEPS[keep].title : `${KEEPS[keep].title}, ${CAM_WORDS[cam]}`;
  return {
    ...base,
    phase: 'keeps',
    says: putsBack
      ? `${title}: that made it worse. Turn it back, then try the handle.`
      : `${title}: at most a quarter turn, then try the handle.`,
    cam: {
      keep,
      ...(cam && { cam }),
      title,
      quarters,
      way: quarters > 0 ? 'tighter' : 'easier',
      mm: camMove(session, next, quarters),
      leftQuarters,
    },
  };
}

function outOfTravel(base: Base, screw: HingeScrewId, shortMm: number): NextTurns {
  return {
    ...base,
    phase: 'outOfTravel',
    says: `${HINGE_SCREWS[screw].title}: its travel is used up. Do not force it.`,
    ranOut: { screw, shortMm, ways: waysOut() },
  };
}

const waysOut = () => OUT_OF_TRAVEL.map((each) => ({ ...each }));

/** The quarters round an aim that come nearest to it, by a measure of two screws together. */
function nearestQuarters(top: number, bottom: number, worth: (top: number, bottom: number) => number): { top: number; bottom: number } {
  const near = (turns: number) => [Math.floor(turns / QUARTER) * QUARTER, Math.ceil(turns / QUARTER) * QUARTER];
  const choices = near(top).flatMap((t) => near(bottom).map((b) => ({ top: t, bottom: b, off: worth(t, b) })));
  const best = choices.reduce((least, each) => (each.off < least.off - 1e-9 ? each : least));
  return { top: best.top + 0, bottom: best.bottom + 0 };
}
