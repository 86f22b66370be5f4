import { byATick, heardAt, logMean, unheard, type Base, type Hearing, type Pass } from './tickModel';

/** A spot on the track, mm from the closing jamb, with its standard deviation, and in how many passes it was heard. */
export interface Spot {
  atMm: number;
  sdMm: number;
  passes: number;
}

/** How finely places are tried, as a share of the error of a position. */
const STEP = 0.4;
/** A tick so many errors from a place is its. */
const ITS_WITHIN = 2.5;

/** The likeliest further spot, and by how much the evidence grows with it: the likelihood averaged over the travel. */
export function furtherSpot(hearing: Hearing, passes: readonly Pass[], base: Base): { spot: Spot; gain: number; base: Base } {
  const { travelMm, sdMm } = hearing;
  const places = Array.from({ length: Math.ceil(travelMm / (STEP * sdMm)) + 1 }, (_, i) => i * STEP * sdMm);
  const gainAt = (at: number) =>
    passes.reduce(
      (sum, pass, p) => pass.reduce((gain, x, k) => gain + byATick(heardAt(x - at, sdMm), base[p]?.[k] ?? 1), sum + unheard(1)),
      0,
    );
  const each = places.map(gainAt);
  const best = each.indexOf(Math.max(...each));
  const near = passes.map((pass) => pass.filter((x) => Math.abs(x - (places[best] ?? 0)) < ITS_WITHIN * sdMm));
  const all = near.flat();
  const atMm = all.length === 0 ? (places[best] ?? 0) : all.reduce((sum, x) => sum + x, 0) / all.length;
  return {
    spot: { atMm, sdMm: sdMm / Math.sqrt(Math.max(1, all.length)), passes: near.filter((its) => its.length > 0).length },
    gain: logMean(each),
    base: passes.map((pass, p) => pass.map((x, k) => (base[p]?.[k] ?? 0) + heardAt(x - atMm, sdMm))),
  };
}
