import { GAUGE_TELLS_MM, unevenBeyond } from '../../model/profile';
import { profileOf, type HingedDoor } from '../card/door';
import { EVEN_EDGES, type EdgeId } from '../card/profiles';
import type { GapByEye } from '../tables/gapByEye';
import { judgeGap } from '../geometry/judgeGap';
import { station, WALKING_ORDER, type StationId } from '../geometry/stations';
import { EYE } from '../tables/eye';
import type { FindingId } from '../tables/findings';
import { proofTriesFor, type ProofTry } from '../tables/proofTries';

/** Whether something is shown, shown not to be so, or not known. */
export type Shown = 'shown' | 'fails' | 'unknown';

/** What is known of a door as it is left. */
export interface AsLeft {
  door: HingedDoor;
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
  uneven: EdgeId[];
  /** Edges with too few gaps gauged to call them even. */
  unjudged: EdgeId[];
  outside: StationId[];
}

/** An edge is called even from so many of its gaps. */
const LEAST_ON_EDGE = 2;

/**
 * What may be said of a door as it is left: *free* rests on tries by hand and fails by a rub; *even* on the gaps gauged along hinge side,
 * head and latch side; *by the book* on every gap. What nobody tried or gauged is never claimed.
 */
export function proofOf({ door, gapsMm, seen: looked = NOTHING_SEEN, unreachable = NONE, tries }: AsLeft): Proof {
  const profile = profileOf(door);
  const asked = proofTriesFor(door);
  const good = asked.filter((each) => tries.get(each.finding) === each.good);
  const untried = asked.filter(({ finding }) => !tries.has(finding));
  const bad = asked.filter((each) => !good.includes(each) && !untried.includes(each));
  const gauged = WALKING_ORDER.filter((id) => gapsMm.has(id));
  const unread = WALKING_ORDER.filter((id) => !gapsMm.has(id) && !unreachable.has(id));
  const seen = WALKING_ORDER.filter((id) => looked.has(id) && !gapsMm.has(id));
  const looksOut = seen.filter((id) => looked.get(id) !== 'ok');
  const rubs = gauged.filter((id) => (gapsMm.get(id) ?? 0) < EYE.rubsBelowMm);
  const along = (edge: EdgeId) => gauged.filter((id) => station(id).edge === edge).map((id) => gapsMm.get(id) ?? 0);
  const allowed = Math.max(EYE.seesMm, profile.evenWithin) + GAUGE_TELLS_MM;
  const isOutOfKeeping = (edge: EdgeId, figures: readonly number[]) => {
    const mean = figures.reduce((sum, mm) => sum + mm, 0) / figures.length;
    const { min, max } = profile.edges[edge];
    return mean < min - EYE.outOfKeepingMm || mean > max + EYE.outOfKeepingMm;
  };
  const uneven = EVEN_EDGES.filter((edge) => {
    const figures = along(edge);
    return figures.length > 0 && (unevenBeyond(figures, allowed) > 0 || isOutOfKeeping(edge, figures));
  });
  const unjudged = EVEN_EDGES.filter((edge) => along(edge).length < LEAST_ON_EDGE);
  const isEvenByEye =
    seen.length > 0 &&
    uneven.length === 0 &&
    looksOut.length === 0 &&
    EVEN_EDGES.every((edge) => [...gauged, ...seen].filter((id) => station(id).edge === edge).length >= LEAST_ON_EDGE);
  const outside = gauged.filter((id) => {
    const { edge } = station(id);
    return edge !== undefined && judgeGap(profile, edge, gapsMm.get(id) ?? 0) !== 'right';
  });
  const isOffBook = outside.length > 0 || EVEN_EDGES.some((edge) => unevenBeyond(along(edge), profile.evenWithin + GAUGE_TELLS_MM) > 0);
  const isFree = shown(bad.length > 0 || rubs.length > 0, untried.length === 0);
  return {
    ...{ good, bad, untried, gauged, seen, looksOut, unread, rubs, uneven, unjudged, outside },
    isEvenByEye: isEvenByEye && isFree !== 'fails',
    free: isFree,
    even: shown(isFree === 'fails' || uneven.length > 0, unjudged.length === 0 && looksOut.length === 0),
    book: shown(isFree === 'fails' || isOffBook, unread.length === 0 && gauged.length > 0),
  };
}

const NONE: ReadonlySet<StationId> = new Set();
const NOTHING_SEEN: ReadonlyMap<StationId, GapByEye> = new Map();

const shown = (fails: boolean, isKnown: boolean): Shown => (fails ? 'fails' : isKnown ? 'shown' : 'unknown');
