import { coat, slowness, type CoatId } from './coats';

export interface CoatAsked {
  id: CoatId;
  /** What the label in hand says, where that is not the usual. */
  workableHours?: number;
  fullHours?: number;
  /** When it was really put on, hours from the start. */
  onHours?: number;
}

/** Coats in the order they are put on, and the air they dry in. */
export interface CureAsked {
  coats: readonly CoatAsked[];
  celsius: number;
  humidity: number;
  /** Time of day now, and when work begins and ends, hours. */
  nowHour: number;
  fromHour: number;
  toHour: number;
  /** How long the technician would rather wait than come back, hours. */
  waitsHours: number;
}

export interface CuredCoat {
  id: CoatId;
  /** From now, hours: put on, ready for the next, bears all. */
  onHours: number;
  readyHours: number;
  fullHours: number;
  /** Counted from 0, the visit of today. */
  visit: number;
}

export interface CurePlan {
  coats: CuredCoat[];
  /** When each visit begins, hours from now; today’s is the first. */
  visitsHours: number[];
  /** When the last coat bears all it is for, hours from now. */
  fullHours: number;
  /** What does not set in this cold, with the least it wants. */
  tooCold: { id: CoatId; leastCelsius: number }[];
}

const DAY = 24;
/** Putting a coat on takes so long at least, hours (common practice, no source). */
const PUT_ON_HOURS = 0.25;

/**
 * Lays coats on a timeline from now: each goes on when the one before is ready, in working hours. Where that is longer away than anybody waits,
 * it is a visit of its own. With something that does not set in this cold the plan ends before it.
 */
export function planCure({ coats, celsius, humidity, nowHour, fromHour, toHour, waitsHours }: CureAsked): CurePlan {
  const tooCold = [...new Set(coats.map(({ id }) => id))].flatMap((id) =>
    slowness(id, celsius, humidity) === undefined ? [{ id, leastCelsius: coat(id).leastCelsius }] : [],
  );
  const worked = (hours: number): number => {
    const hour = (((nowHour + hours) % DAY) + DAY) % DAY;
    if (hour < fromHour) return hours + fromHour - hour;
    return hour <= toHour - PUT_ON_HOURS ? hours : hours + DAY - hour + fromHour;
  };
  const laid: CuredCoat[] = [];
  const visitsHours = [0];
  let at = 0;
  for (const { id, onHours, ...label } of coats) {
    const slower = slowness(id, celsius, humidity);
    if (slower === undefined) break;
    // Whoever is there goes on past the end of the day rather than leave the first coat off.
    const on = onHours ?? (laid.length === 0 ? 0 : worked(at));
    const last = laid.at(-1);
    const leaves = last !== undefined && on - last.onHours > waitsHours + PUT_ON_HOURS;
    if (leaves) visitsHours.push(on);
    const { workableHours, fullHours } = { ...coat(id), ...label };
    const ready = on + PUT_ON_HOURS + workableHours * slower;
    laid.push({ id, onHours: on, readyHours: ready, fullHours: on + PUT_ON_HOURS + fullHours * slower, visit: visitsHours.length - 1 });
    at = ready;
  }
  return { coats: laid, visitsHours, fullHours: Math.max(0, ...laid.map((each) => each.fullHours)), tooCold };
}
