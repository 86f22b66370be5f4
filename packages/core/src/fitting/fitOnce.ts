import { DomainError } from '../errors';
import { solveLinearProgram } from '../numbers/linearProgram';
import { meetsAnother, type Fitting } from './fitting';
import { fitProgram, MM_ALONG_A_METRE, SHORT_COST } from './fitProgram';
import { alongAt, cutLeaf, LEAF_EDGES, lengthOf, longest, type Cut, type LeafEdge, type Standing } from './leaf';
import { meanOf, outlineAt, type Outline } from './outline';
import { areaBelow, scribedOff, type AreaBelow } from './scribe';
import { edgePoint, placesToKeep, roomAt, tallOf, type StandingLeaf } from './standingLeaf';

export interface FittedEdge extends Cut {
  deepestMm: number;
  areaMm2: number;
  /** Gaps left along it, mm from the foot or the left, and the least and most of them. */
  gaps: Outline;
  leastGapMm: number;
  mostGapMm: number;
  /** How much more than it may would have to come off it. */
  shortMm: number;
}

export interface FittedLeaf {
  standing: Standing;
  edges: FittedEdge[];
}

export interface Fit {
  leaves: FittedLeaf[];
  areaMm2: number;
  deepestMm: number;
  edgesCut: number;
  /** Whether no edge loses more than it may. */
  isPossible: boolean;
}

/** The program is made anew about where the leaves then stand until it holds to within this, mm along a metre, and they stand still to within this, mm. */
const HOLDS = 2e-3;
const STILL_MM = 0.02;
const MOST_ROUNDS = 40;
const KNOWN_ROUNDS = 8;
/** At first a leaf goes anywhere; then so far, and so much less in each that follows, mm. */
const ANYWHERE_MM = 1e5;
const REACHES_MM = 25;
const NARROWS = 0.75;
/** Rounding of a cost, as a share of it. */
const ROUNDING = 1e-9;
/** Less is nothing: no plane takes it, mm. */
export const NOTHING_MM = 1e-4;

/**
 * The fit with its cuts just as they are wished for.
 *
 * @throws DomainError `fit.noAnswer` where the figures are so odd that there is none
 */
export function fitOnce(fitting: Fitting): Fit {
  const fit = fitFrom(fitting);
  if (fit === undefined) throw new DomainError('fit.noAnswer', 'opening', 'No leaf can be fitted by these figures: read them again.');
  return fit;
}

/**
 * The same, begun where the leaves stand.
 *
 * @returns nothing where the cuts that are wished for leave no way to stand near there
 */
export function fitFrom(fitting: Fitting, begun?: readonly Standing[]): Fit | undefined {
  let around = standingAbout(fitting).map((each, n) => ({ ...each, standing: begun?.[n] ?? each.standing }));
  const below: AreaBelow[] = [];
  const learn = () =>
    fitting.leaves.forEach(({ wishes }, n) =>
      LEAF_EDGES.filter((edge) => fitting.aim !== 'depth' && wishes[edge].shape === 'scribe').forEach((edge) =>
        below.push(areaBelow(fitting, around, n, edge)),
      ),
    );
  learn();
  const perRound = below.length;
  for (let round = 0; ; round += 1) {
    const reachMm = round === 0 ? ANYWHERE_MM : REACHES_MM * NARROWS ** (round - 1);
    const { asked, least } = askedWithin(fitting, around, below, reachMm) ?? askedWithin(fitting, around, below, ANYWHERE_MM) ?? {};
    if (asked === undefined || least === undefined) return undefined;
    const within = fitProgram(fitting, around, below, reachMm, least.cost * (1 + ROUNDING) + HOLDS / 2);
    const even = solveLinearProgram(within.program);
    const [used, values] = even === undefined ? [asked, least.values] : [within, even.values];
    const next = used.standings(values).map((standing, n) => ({ ...(around[n] as StandingLeaf), standing }));
    const moved = Math.max(...next.flatMap(({ standing }, n) => movedBy(standing, around[n]?.standing)));
    around = next;
    const fit = fitOf(fitting, around, (n, edge) => used.straightOff(values, n, edge) ?? scribedOff(fitting, around, n, edge));
    const left = around.map((each, n) => leftOf(each, fit.leaves[n]?.edges ?? []));
    const shrunk = Math.max(
      ...left.flatMap((each, n) => extentOf(each).map((mm, i) => Math.abs(mm - (extentOf(around[n] as StandingLeaf)[i] ?? 0)))),
    );
    around = left;
    const above = fitting.aim === 'depth' ? 0 : costOf(fit) - least.cost;
    const rests = Math.max(moved, shrunk) < STILL_MM;
    if ((Math.abs(above) < HOLDS && rests) || round === MOST_ROUNDS) return fit;
    // What was learned far away holds there only: it may be more than there is to pay here.
    below.splice(0, below.length - (above < -HOLDS ? 0 : KNOWN_ROUNDS) * perRound);
    learn();
  }
}

/** The least timber with every leaf within reach of where it stands; nothing where there is no way. */
function askedWithin(fitting: Fitting, around: readonly StandingLeaf[], below: readonly AreaBelow[], reachMm: number) {
  const asked = fitProgram(fitting, around, below, reachMm);
  const least = solveLinearProgram(asked.program);
  return least && { asked, least };
}

const movedBy = (a: Standing, b: Standing = a) => [a.xMm - b.xMm, a.yMm - b.yMm, a.leansMm - b.leansMm].map(Math.abs);
const extentOf = ({ acrossMm, alongMm }: StandingLeaf) => [...acrossMm, ...alongMm];
const costOf = ({ leaves }: Fit) =>
  leaves.flatMap(({ edges }) => edges).reduce((sum, { areaMm2, shortMm }) => sum + areaMm2 / MM_ALONG_A_METRE + SHORT_COST * shortMm, 0);

/** Leaves beside each other, low in the opening. */
function standingAbout({ opening, leaves }: Fitting): StandingLeaf[] {
  let xMm = outlineAt(opening.hingeLeg, 0);
  return leaves.map(({ leaf, wishes }): StandingLeaf => {
    const standing = { xMm: xMm + wishes.left.gapMm, yMm: outlineAt(opening.floor, 0) + wishes.foot.gapMm, leansMm: 0 };
    xMm += longest(leaf.right) + wishes.left.gapMm;
    return { leaf, standing, acrossMm: [0, longest(leaf.right)], alongMm: [0, tallOf(leaf)] };
  });
}

/** What of a leaf is left between its cuts. */
function leftOf({ leaf, standing }: StandingLeaf, cuts: readonly Cut[]): StandingLeaf {
  const { left, right, head, foot } = cutLeaf(leaf, cuts);
  return { leaf, standing, acrossMm: [shortest(left), longest(right)], alongMm: [shortest(foot), longest(head)] };
}

const shortest = (outline: Outline) => Math.min(...outline.map(({ mm }) => mm));

function fitOf(fitting: Fitting, around: readonly StandingLeaf[], offOf: (n: number, edge: LeafEdge) => Outline): Fit {
  const cuts = around.map((_, n) =>
    LEAF_EDGES.map((edge): Cut => ({ edge, off: offOf(n, edge).map(({ at, mm }) => ({ at, mm: mm < NOTHING_MM ? 0 : mm })) })),
  );
  const cut = around.map((each, n): StandingLeaf => ({ ...each, leaf: cutLeaf(each.leaf, cuts[n] ?? []) }));
  const leaves = fitting.leaves.map(({ leaf, wishes }, n): FittedLeaf => {
    const edges = (cuts[n] ?? []).map(({ edge, off }): FittedEdge => {
      const gaps = gapsAlong(fitting, around, cut, n, edge);
      const deepestMm = Math.max(0, ...off.map(({ mm }) => mm));
      const { shape, mayLoseMm } = wishes[edge];
      const left = gaps.map(({ mm }) => mm);
      return {
        ...{ edge, off, gaps, deepestMm },
        areaMm2: meanOf(off) * lengthOf(leaf, edge),
        leastGapMm: Math.min(...left),
        mostGapMm: Math.max(...left),
        shortMm: Math.max(0, deepestMm - (shape === 'none' ? 0 : mayLoseMm)),
      };
    });
    return { standing: (around[n] as StandingLeaf).standing, edges };
  });
  const edges = leaves.flatMap((each) => each.edges);
  return {
    leaves,
    areaMm2: edges.reduce((sum, { areaMm2 }) => sum + areaMm2, 0),
    deepestMm: Math.max(...edges.map(({ deepestMm }) => deepestMm)),
    edgesCut: edges.filter(({ deepestMm }) => deepestMm > 0).length,
    isPossible: edges.every(({ shortMm }) => shortMm < SHORT_FROM_MM),
  };
}

/** Less is not told, mm. */
const SHORT_TOLD_FROM_MM = 0.05;

/** Where more than may come off a leaf would have to, mm. */
export const shortAt = ({ edges }: FittedLeaf): { edge: LeafEdge; mm: number }[] =>
  edges.flatMap(({ edge, shortMm }) => (shortMm > SHORT_TOLD_FROM_MM ? [{ edge, mm: shortMm }] : []));

/** Less too little to lose than this is rounding, mm. */
const SHORT_FROM_MM = 1e-3;

/** The gaps left along an edge, where what is left of the leaf or the opening bends. */
function gapsAlong(fitting: Fitting, around: readonly StandingLeaf[], cut: readonly StandingLeaf[], n: number, edge: LeafEdge): Outline {
  const own = cut[n] as StandingLeaf;
  const asTall: StandingLeaf = { ...own, standing: turnedAs(own, around[n] as StandingLeaf) };
  const others = cut.map((each, k): StandingLeaf => ({ ...each, standing: turnedAs(each, around[k] as StandingLeaf) }));
  return placesToKeep(fitting, others, n, edge).map((alongMm) => {
    const point = edgePoint(asTall, edge, alongMm);
    const other = others[1 - n];
    if (!meetsAnother(fitting, n, edge) || other === undefined) return { at: alongMm, mm: roomAt(fitting, edge, point) };
    const met = edge === 'right' ? 'left' : 'right';
    const there = alongAt(other.standing, tallOf(other.leaf), other.leaf, met, point.y);
    return { at: alongMm, mm: Math.abs(edgePoint(other, met, there).x - point.x) };
  });
}

/** A lean is told over the height of the slab: over that of what is left of it, it is in proportion. */
const turnedAs = (cut: StandingLeaf, whole: StandingLeaf): Standing => ({
  ...whole.standing,
  leansMm: (whole.standing.leansMm * tallOf(cut.leaf)) / tallOf(whole.leaf),
});
