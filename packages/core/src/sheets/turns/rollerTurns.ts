import { DomainError } from '../../errors';
import { rolls, USUAL_MM_PER_TURN, type PanelKind } from '../../sliding/card/panel';
import { PROFILES } from '../../sliding/card/profiles';
import { WHEEL_F } from '../../sliding/geometry/wheels';
import { THREADS, type ThreadId } from './threads';

/** A panel as it stands; lengths in mm. `lead` is the end that closes. */
export interface PanelToSet {
  kind: PanelKind;
  panelWidthMm: number;
  panelHeightMm: number;
  /** Gaps at the closing jamb, the panel held short of it. */
  jambTopMm: number;
  jambFootMm: number;
  /** Gaps under the panel. */
  footLeadMm: number;
  footTrailMm: number;
  /** How far each end can be lifted; read on panels that roll. */
  liftLeadMm?: number;
  liftTrailMm?: number;
  /** What the first turn with each screw did: turns, + those that raise, and how far the end came up. */
  tried?: { turns: number; leadMm?: number; trailMm?: number };
  /** The screw, where its thread is known, and mm of lift for each mm it moves. */
  thread?: ThreadId;
  linkage?: number;
  /** Turns left before a screw comes to its end. */
  leftLeadTurns?: number;
  leftTrailTurns?: number;
}

export type TurnSource = 'tried' | 'thread' | 'usual';

interface SetEnd {
  /** Quarter turns, + those that raise. */
  quarters: number;
  mmPerTurn: number;
  from: TurnSource;
  footMm: number;
  liftMm?: number;
  /** Lift left before the panel could be taken out, mm; none where it cannot be. */
  captureMm?: number;
}

export const TURN_LIMITS = ['nothing', 'drags', 'liftsOut', 'binds', 'travel', 'deadScrew'] as const;
/** What keeps the ends from going further. */
export type TurnLimit = (typeof TURN_LIMITS)[number];

export interface RollerTurns {
  lead: SetEnd;
  trail: SetEnd;
  /** Top less foot at the closing jamb, now and after, mm. */
  taperMm: number;
  taperAfterMm: number;
  /** What stops it short of even, if anything. */
  limit: TurnLimit;
  /** The end that stops it. */
  limitAt: 'lead' | 'trail' | 'both';
  /** What to do then; empty when it comes even. */
  advice: string;
}

/** A taper that no eye sees over a panel, mm (common practice, no source). */
const EVEN_WITHIN_MM = 1;
/** Less than this for a full turn, and the screw does nothing. */
const DEAD_BELOW_MM = 0.15;
const MOST_QUARTERS = 32;
/** How a mm of taper, of foot gap off its target, and a quarter turn weigh against each other: even first, then height, then work. */
const WEIGHTS = { taper: 10, foot: 1, quarter: 0.02 };

const ADVICE: Readonly<Record<TurnLimit, string>> = {
  nothing: '',
  drags: 'One end would drag before the gap is even: raise the other, or look at jamb and track.',
  liftsOut: 'A quarter more and it could be lifted out: the head is too high for this panel, or the rollers too small.',
  binds: 'A quarter more and it binds under the head: look whether the head has come down.',
  travel: 'A screw comes to its end: set both ends to mid-travel and begin again, or fit a roller of another height.',
  deadScrew: 'That screw turns and does nothing: the roller is broken or seized. Take it out.',
};

/** Less of a turn than this tells nothing of what a turn does. */
const LEAST_TRIED_TURNS = 0.125;

/**
 * Turns at each end that make the closing gap even, with the panel neither dragging nor able to be lifted out.
 *
 * Raising one end by s turns the panel by s over the distance of the rollers, so that the closing gap's taper over the height changes by
 * s·h/(w·(1 − 2i)), rollers at i of the width from each end (rigid body, small angles; as in the sliding door's stations). All quarter
 * turns of both screws are tried.
 *
 * @throws DomainError `turns.lift` when the panel can be lifted out as it stands and its room above was read on one end only; `turns.tried`
 * when less than an eighth of a turn was tried
 */
export function setRollers(panel: PanelToSet): RollerTurns {
  const { kind, panelWidthMm, panelHeightMm, jambTopMm, jambFootMm, footLeadMm, footTrailMm, liftLeadMm, liftTrailMm } = panel;
  if ((liftLeadMm === undefined) !== (liftTrailMm === undefined))
    throw new DomainError(
      'turns.lift',
      liftLeadMm === undefined ? 'liftLeadMm' : 'liftTrailMm',
      'Read the room above at both ends, or at neither.',
    );
  if (panel.tried !== undefined && panel.tried.turns !== 0 && Math.abs(panel.tried.turns) < LEAST_TRIED_TURNS)
    throw new DomainError('turns.tried', 'tried.turns', 'So little of a turn shows nothing: turn each screw an eighth at least.');
  const { foot, head } = PROFILES[kind].edges;
  const letsGo = rolls({ kind }) ? (head.letsGoFrom ?? Infinity) : Infinity;
  const perTurn = { lead: mmATurn(panel, 'lead'), trail: mmATurn(panel, 'trail') };
  const dead = (['lead', 'trail'] as const).filter((end) => perTurn[end].from === 'tried' && Math.abs(perTurn[end].mm) < DEAD_BELOW_MM);
  const taperMm = jambTopMm - jambFootMm;
  const perMm = panelHeightMm / (panelWidthMm * (1 - 2 * WHEEL_F));
  const most = (end: 'lead' | 'trail') => {
    const left = end === 'lead' ? panel.leftLeadTurns : panel.leftTrailTurns;
    // Nothing is set to an end that is broken: it will stand elsewhere once it has been mended.
    return dead.length > 0 ? 0 : Math.min(MOST_QUARTERS, left === undefined ? Infinity : Math.floor(left * 4));
  };

  interface Go {
    lead: number;
    trail: number;
    cost: number;
    taper: number;
  }
  const at = (lead: number, trail: number) => ({ leadMm: (lead / 4) * perTurn.lead.mm, trailMm: (trail / 4) * perTurn.trail.mm });
  const stops = (lead: number, trail: number): { limit: TurnLimit; at: 'lead' | 'trail' } | undefined => {
    const { leadMm, trailMm } = at(lead, trail);
    const ends = [
      { end: 'lead' as const, quarters: lead, footMm: footLeadMm + leadMm, was: footLeadMm, liftMm: liftLeadMm, by: leadMm },
      { end: 'trail' as const, quarters: trail, footMm: footTrailMm + trailMm, was: footTrailMm, liftMm: liftTrailMm, by: trailMm },
    ];
    for (const { end, quarters, footMm, was, liftMm, by } of ends) {
      if (Math.abs(quarters) > most(end)) return { limit: 'travel', at: end };
      // What is out of bounds as it stands may only come nearer to them.
      if (footMm < Math.min(foot.min, was) - 1e-9) return { limit: 'drags', at: end };
      if (liftMm === undefined) continue;
      if (liftMm - by >= Math.max(letsGo, liftMm + 1e-9)) return { limit: 'liftsOut', at: end };
      if (liftMm - by < Math.min(head.min, liftMm) - 1e-9) return { limit: 'binds', at: end };
    }
    return undefined;
  };
  const go = (lead: number, trail: number): Go => {
    const { leadMm, trailMm } = at(lead, trail);
    const taper = taperMm + perMm * (leadMm - trailMm);
    const footOff = Math.abs(footLeadMm + leadMm - foot.target) + Math.abs(footTrailMm + trailMm - foot.target);
    const over = [liftLeadMm === undefined ? 0 : liftLeadMm - leadMm, liftTrailMm === undefined ? 0 : liftTrailMm - trailMm];
    const loose = over.reduce((sum, each) => sum + Math.max(0, each - head.max), 0);
    const cost =
      WEIGHTS.taper * Math.max(0, Math.abs(taper) - EVEN_WITHIN_MM / 2) +
      WEIGHTS.foot * (footOff + 3 * loose) +
      WEIGHTS.quarter * (Math.abs(lead) + Math.abs(trail));
    return { lead, trail, cost, taper };
  };
  let best = go(0, 0);
  let freest = best;
  for (let lead = -MOST_QUARTERS; lead <= MOST_QUARTERS; lead += 1)
    for (let trail = -MOST_QUARTERS; trail <= MOST_QUARTERS; trail += 1) {
      const each = go(lead, trail);
      if (each.cost < freest.cost) freest = each;
      if (each.cost < best.cost && stops(lead, trail) === undefined) best = each;
    }
  const isEven = Math.abs(best.taper) <= EVEN_WITHIN_MM;
  const stop = isEven ? undefined : stops(freest.lead, freest.trail);
  const limit: TurnLimit = dead.length > 0 ? 'deadScrew' : (stop?.limit ?? 'nothing');
  const { leadMm, trailMm } = at(best.lead, best.trail);
  const endOf = (end: 'lead' | 'trail', quarters: number, by: number, footMm: number, liftMm: number | undefined): SetEnd => ({
    quarters,
    mmPerTurn: perTurn[end].mm,
    from: perTurn[end].from,
    footMm: footMm + by,
    ...(liftMm !== undefined && { liftMm: liftMm - by }),
    ...(liftMm !== undefined && letsGo < Infinity && { captureMm: letsGo - (liftMm - by) }),
  });
  return {
    lead: endOf('lead', best.lead, leadMm, footLeadMm, liftLeadMm),
    trail: endOf('trail', best.trail, trailMm, footTrailMm, liftTrailMm),
    taperMm,
    taperAfterMm: best.taper,
    limit,
    limitAt: dead.length === 2 ? 'both' : (dead[0] ?? stop?.at ?? 'both'),
    advice: ADVICE[limit],
  };
}

function mmATurn({ tried, thread, linkage, kind }: PanelToSet, end: 'lead' | 'trail'): { mm: number; from: TurnSource } {
  const moved = end === 'lead' ? tried?.leadMm : tried?.trailMm;
  if (tried !== undefined && moved !== undefined && tried.turns !== 0) return { mm: moved / tried.turns, from: 'tried' };
  if (thread !== undefined) return { mm: THREADS[thread].pitchMm * (linkage ?? 1), from: 'thread' };
  return { mm: USUAL_MM_PER_TURN[kind], from: 'usual' };
}
