import { DomainError } from '../../errors';
import { furtherSpot, type Spot } from './spots';
import { noise, type Base, type Hearing, type Pass } from './tickModel';
import { furtherWheel, type TickingWheel } from './wheels';

/** What was heard: one list of positions a pass, mm from the closing jamb. */
export interface HeardTicks {
  travelMm: number;
  passes: readonly { atMm: readonly number[] }[];
  /** Error of one position, mm. */
  sdMm: number;
  /** Diameters of the wheels where they were measured, mm. */
  leadWheelMm?: number;
  trailWheelMm?: number;
}

export const TICK_VERDICTS = ['track', 'wheel', 'both', 'twoWheels', 'nothing', 'cannotTell'] as const;
export type TickVerdict = (typeof TICK_VERDICTS)[number];

export interface TickFinding {
  verdict: TickVerdict;
  /** Chance of each, 0 to 1; they add up to one. */
  chances: { track: number; wheel: number; both: number; twoWheels: number; nothing: number };
  spots: Spot[];
  /** Those that tick; `standAtMm` is where their last pass has the flat underneath, nearest to the middle of the travel. */
  wheels: (TickingWheel & { diameterMm: number; diameterSdMm: number; end: 'lead' | 'trail' | 'either'; standAtMm: number })[];
  /** Ticks heard in all. */
  ticks: number;
}

type Class = keyof TickFinding['chances'];

/** How often each is behind a tick before anything is heard (common practice, no source). */
const PRIOR: Readonly<Record<Class, number>> = { track: 0.4, wheel: 0.4, both: 0.07, twoWheels: 0.08, nothing: 0.05 };
/** Below this chance it is not told; fewer ticks than this tell nothing. */
const TOLD_FROM = 0.8;
const LEAST_TICKS = 2;
const LEAST_PASSES = 2;
const MOST_SPOTS = 4;
/** A position is known no finer than this share of the travel: a wheel slips by more, and what is finer only takes longer. */
const FINEST = 1 / 600;

interface Account {
  spots: Spot[];
  wheels: TickingWheel[];
  base: Base;
  evidence: number;
}

/**
 * Tells a spot on the track from a wheel that ticks once a turn. A spot is heard at the same place in every pass; a wheel at even
 * distances of its circumference, πd, at another phase each pass. Accounts of both kinds are built up piece by piece, each piece kept as long
 * as the evidence grows with it, and weighed against each other.
 *
 * @throws DomainError `ticks.outside` when a tick lies beyond the travel
 */
export function findTicks({ travelMm, passes, sdMm, leadWheelMm, trailWheelMm }: HeardTicks): TickFinding {
  const heard: Pass[] = passes.map(({ atMm }) => atMm);
  heard.forEach((pass, i) =>
    pass.forEach((x) => {
      if (x > travelMm) throw new DomainError('ticks.outside', `passes[${i}].atMm`, 'A tick lies beyond the end of the travel.');
    }),
  );
  const hearing: Hearing = { travelMm, sdMm: Math.max(sdMm, travelMm * FINEST) };
  const empty: Account = { spots: [], wheels: [], base: noise(hearing, heard), evidence: 0 };
  const spot = withSpots(hearing, heard, empty, 1);
  const wheel = withWheel(hearing, heard, empty);
  const accounts: Readonly<Record<Class, Account>> = {
    nothing: empty,
    track: spot,
    wheel,
    both: better(withSpots(hearing, heard, wheel, 1), withWheel(hearing, heard, spot)),
    twoWheels: withWheel(hearing, heard, wheel),
  };
  const classes = Object.keys(accounts) as Class[];
  const weighed = classes.map((each) => Math.log(PRIOR[each]) + accounts[each].evidence);
  const most = Math.max(...weighed);
  const total = weighed.reduce((sum, each) => sum + Math.exp(each - most), 0);
  const chances = Object.fromEntries(
    classes.map((each, i) => [each, Math.exp((weighed[i] ?? 0) - most) / total]),
  ) as TickFinding['chances'];
  const top = classes.reduce((best, each) => (chances[each] > chances[best] ? each : best));
  const ticks = heard.reduce((sum, pass) => sum + pass.length, 0);
  const { spots, wheels } = accounts[top];
  // What was heard in one pass only may be anything.
  const isBorneOut = spots.every(({ passes: times }) => times >= Math.min(LEAST_PASSES, heard.length));
  const isTold = ticks >= LEAST_TICKS && isBorneOut && chances[top] >= TOLD_FROM;
  return {
    verdict: ticks === 0 ? 'nothing' : isTold ? top : 'cannotTell',
    chances,
    spots: [...spots].sort((a, b) => a.atMm - b.atMm),
    wheels: wheels.map((each) => ({
      ...each,
      diameterMm: each.turnMm / Math.PI,
      diameterSdMm: each.sdMm / Math.PI,
      end: endOf(each.turnMm / Math.PI, leadWheelMm, trailWheelMm),
      standAtMm: tickNearest(travelMm / 2, each.firstMm.at(-1) ?? 0, each.turnMm),
    })),
    ticks,
  };
}

const better = (a: Account, b: Account) => (b.evidence > a.evidence ? b : a);

function withWheel(hearing: Hearing, passes: readonly Pass[], account: Account): Account {
  const { wheel, gain, base } = furtherWheel(hearing, passes, account.base);
  return { ...account, wheels: [...account.wheels, wheel], base, evidence: account.evidence + gain };
}

/** At least so many spots, and more as long as the evidence grows. */
function withSpots(hearing: Hearing, passes: readonly Pass[], account: Account, least: number): Account {
  let found = account;
  for (let n = 1; n <= MOST_SPOTS; n += 1) {
    const { spot, gain, base } = furtherSpot(hearing, passes, found.base);
    if (n > least && gain <= 0) break;
    found = { ...found, spots: [...found.spots, spot], base, evidence: found.evidence + gain };
  }
  return found;
}

/** The place of a lattice that is nearest to another: there, the flat of a wheel that has not slipped since lies underneath it. */
const tickNearest = (mm: number, firstMm: number, turnMm: number) => firstMm + Math.round((mm - firstMm) / turnMm) * turnMm;

/** Wheels that differ by more than this can be told apart, as a share of the diameter. */
const TELLS_APART = 0.05;

function endOf(diameterMm: number, lead: number | undefined, trail: number | undefined): 'lead' | 'trail' | 'either' {
  if (lead === undefined || trail === undefined || Math.abs(lead - trail) < TELLS_APART * lead) return 'either';
  return Math.abs(diameterMm - lead) < Math.abs(diameterMm - trail) ? 'lead' : 'trail';
}
