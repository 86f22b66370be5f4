import type { GapByEye } from '../model/gapByEye';
import { judgeGap, letsGo } from '../model/judgeGap';
import { GAUGE_TELLS_MM, unevenBeyond, type EdgeLimits } from '../model/profile';
import { modelOfDoor, type AnyDoor } from './anyDoor';
import { HANDBOOKS, proofTriesFor, type ProofTry } from './handbook';
import { station } from './lookUp';
import type { EdgeId, FindingId, StationId } from './names';

/** Whether something is shown, shown not to be so, or not known. */
export type Shown = 'shown' | 'fails' | 'unknown';

/** What is known of a door as it is left. */
export interface AsLeft {
  door: AnyDoor;
  /** Gaps that were gauged, mm; nought where it rubs. */
  gapsMm: ReadonlyMap<StationId, number>;
  /** Gaps judged by eye alone. */
  seen?: ReadonlyMap<StationId, GapByEye>;
  /** Where no gauge can be got to. */
  unreachable?: ReadonlySet<StationId>;
  /** What was tried by hand, and how it went. */
  tries: ReadonlyMap<FindingId, string>;
}

/** The three verdicts, each with what it rests on. */
export interface Proof {
  free: Shown;
  even: Shown;
  book: Shown;
  /** Tries that went as they should, that did not, and that nobody made. */
  good: ProofTry[];
  bad: ProofTry[];
  untried: ProofTry[];
  /** Gaps round the door that were gauged, and those that were not and can be. */
  gauged: StationId[];
  /** Those judged by eye and not gauged. */
  seen: StationId[];
  /** Of those the ones that look tight or wide. */
  looksOut: StationId[];
  /** Nothing looks out, and each edge was gauged or looked at as often as it must be: even for who does not gauge. */
  isEvenByEye: boolean;
  unread: StationId[];
  rubs: StationId[];
  /** Gaps so wide that they let the slab go. */
  loose: StationId[];
  uneven: EdgeId[];
  /** Edges with too few gaps gauged to call them even. */
  unjudged: EdgeId[];
  outside: StationId[];
}

/** An edge is called even from so many of its gaps. */
const LEAST_ON_EDGE = 2;

/**
 * What may be said of a door as it is left: *free* rests on tries by hand and fails by a rub or by a gap that lets the slab go; *even* on
 * the gaps gauged along each edge that must be even; *by the book* on every gap. What nobody tried or gauged is never claimed.
 */
export function proofOf({ door, gapsMm, seen: looked = NOTHING_SEEN, unreachable = NONE, tries }: AsLeft): Proof {
  const model = modelOfDoor(door);
  const {
    profile,
    tables: { eye },
  } = model;
  const { walk, evenEdges } = HANDBOOKS[door.kind];
  const limitsOf = (edge: EdgeId) => profile.edges[edge] ?? NO_LIMITS;
  const asked = proofTriesFor(door.kind, model);
  const good = asked.filter((each) => tries.get(each.finding) === each.good);
  const untried = asked.filter(({ finding }) => !tries.has(finding));
  const bad = asked.filter((each) => !good.includes(each) && !untried.includes(each));
  const gauged = walk.filter((id) => gapsMm.has(id));
  const unread = walk.filter((id) => !gapsMm.has(id) && !unreachable.has(id));
  const seen = walk.filter((id) => looked.has(id) && !gapsMm.has(id));
  const looksOut = seen.filter((id) => looked.get(id) !== 'ok');
  const mmAt = (id: StationId) => gapsMm.get(id) ?? 0;
  const rubs = gauged.filter((id) => mmAt(id) < eye.rubsBelowMm);
  const loose = gauged.filter((id) => {
    const { edge } = station(id);
    return edge !== undefined && letsGo(profile, edge, mmAt(id));
  });
  const along = (edge: EdgeId) => gauged.filter((id) => station(id).edge === edge).map(mmAt);
  const allowed = Math.max(eye.seesMm, profile.evenWithin) + GAUGE_TELLS_MM;
  const isOutOfKeeping = (edge: EdgeId, figures: readonly number[]) => {
    const mean = figures.reduce((sum, mm) => sum + mm, 0) / figures.length;
    const { min, max } = limitsOf(edge);
    return mean < min - eye.outOfKeepingMm || mean > max + eye.outOfKeepingMm;
  };
  const uneven = evenEdges.filter((edge) => {
    const figures = along(edge);
    return figures.length > 0 && (unevenBeyond(figures, allowed) > 0 || isOutOfKeeping(edge, figures));
  });
  const unjudged = evenEdges.filter((edge) => along(edge).length < LEAST_ON_EDGE);
  const isEvenByEye =
    seen.length > 0 &&
    uneven.length === 0 &&
    looksOut.length === 0 &&
    evenEdges.every((edge) => [...gauged, ...seen].filter((id) => station(id).edge === edge).length >= LEAST_ON_EDGE);
  const outside = gauged.filter((id) => {
    const { edge } = station(id);
    return edge !== undefined && judgeGap(profile, edge, mmAt(id)) !== 'right';
  });
  const isOffBook = outside.length > 0 || evenEdges.some((edge) => unevenBeyond(along(edge), profile.evenWithin + GAUGE_TELLS_MM) > 0);
  const isFree = shown(bad.length > 0 || rubs.length > 0 || loose.length > 0, untried.length === 0);
  return {
    ...{ good, bad, untried, gauged, seen, looksOut, unread, rubs, loose, uneven, unjudged, outside },
    isEvenByEye: isEvenByEye && isFree !== 'fails',
    free: isFree,
    even: shown(isFree === 'fails' || uneven.length > 0, unjudged.length === 0 && looksOut.length === 0),
    book: shown(isFree === 'fails' || isOffBook, unread.length === 0 && gauged.length > 0),
  };
}

const NONE: ReadonlySet<StationId> = new Set();
const NOTHING_SEEN: ReadonlyMap<StationId, GapByEye> = new Map();
const NO_LIMITS: EdgeLimits = { min: 0, target: 0, max: Infinity };

const shown = (fails: boolean, isKnown: boolean): Shown => (fails ? 'fails' : isKnown ? 'shown' : 'unknown');
