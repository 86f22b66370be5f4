import { coat, type CoatId, type CurePlan } from '@proper-swing/core/sheets';

/** Hours as a person says them: minutes below two hours, days from two on. */
export function hoursWords(hours: number): string {
  if (hours < 2) return `${Math.round(hours * 60)} min`;
  if (hours < 48) return `${Math.round(hours)} h`;
  return `${Math.round(hours / 24)} days`;
}

export const cureSays = ({ coats, visitsHours, fullHours, tooCold }: CurePlan): string => {
  if (tooCold.length > 0)
    return `Too cold: ${tooCold.map(({ id, leastCelsius }) => `${coat(id).title.toLowerCase()} wants ${leastCelsius} °C`).join(', ')}. Warm it, or put it off.`;
  const returns = visitsHours.length - 1;
  return `${coats.length} ${coats.length === 1 ? 'coat' : 'coats'}, ${returns === 0 ? 'all in this visit' : `back ${returns === 1 ? 'once' : `${returns} times`}`}; all hard after ${hoursWords(fullHours)}.`;
};

/** What may be done while it is not through yet, and what may not. */
export const MEANWHILE: Readonly<Partial<Record<CoatId, string>>> = {
  woodGlue: 'Glue: leave the clamps on; do not hang a door on it.',
  adhesive: 'Adhesive: nailed it may be painted round, but bears no door until it is through.',
  resin: 'Resin: no sanding until it is hard; it gets warm.',
  filler: 'Filler: no sanding and no screws.',
  foam: 'Foam: no cutting for an hour; spread the legs, it presses.',
  preservative: 'Preservative: nothing sticks to it while it is wet; keep hands and pets off.',
  caulk: 'Caulk: keep rain off; painted too soon it cracks.',
  silicone: 'Silicone: keep water off; never painted.',
  primer: 'Primer: do not shut the door on it: it sticks.',
  undercoat: 'Undercoat: do not shut the door on it: it sticks.',
  paint: 'Paint: shut it on a strip of paper; hard only after a week, and it takes up part of a gap.',
  varnish: 'Varnish: shut it on a strip of paper; hard only after a week.',
};
