import { DomainError } from '../../errors';
import { ROLLER_MEASURES, TOLERANCES_MM, type CatalogueRoller, type MeasuredRoller, type RollerMeasure } from './roller';

export const FITS = ['fits', 'near', 'no'] as const;
export type Fit = (typeof FITS)[number];

interface Difference {
  measure: RollerMeasure;
  /** How much larger the catalogue's is, mm, and in units of what it may differ. */
  byMm: number;
  units: number;
}

export interface RankedRoller {
  id: string;
  title: string;
  fit: Fit;
  /** Root mean square of the differences, in units of tolerance. */
  misfit: number;
  /** The measures that differ by more than they may, worst first. */
  differs: Difference[];
  otherGroove: boolean;
  price?: number;
}

export interface RollerMatch {
  ranked: RankedRoller[];
  /** Rollers that cannot be told apart by what was measured, and what would tell them. */
  alike: string[];
  ask?: { measure: RollerMeasure; between: { id: string; mm: number }[] };
}

/** Beyond so many units of tolerance it is another roller. */
const NEAR_UP_TO = 2;
/** Two fit alike when their misfit differs by less than this. */
const ALIKE_WITHIN = 0.4;
/** A gauge tells this much, in units of tolerance. */
const TELLS_FROM = 1;
/** A groove on a ridge, or a flat wheel on either, does not run: as bad as this. */
const OTHER_GROOVE_UNITS = 6;
const SHOWN = 5;

/**
 * Rollers of a catalogue against the old one, by how far each measure differs in units of what it may (a chi-square distance for
 * independent measures, divided by their number).
 *
 * @throws DomainError `rollers.measured` when fewer than two measures were taken
 */
export function matchRoller({ measured, catalogue }: { measured: MeasuredRoller; catalogue: readonly CatalogueRoller[] }): RollerMatch {
  const taken = ROLLER_MEASURES.filter((each) => measured[each] !== undefined);
  if (taken.length < 2) throw new DomainError('rollers.measured', 'measured', 'Measure two things at least: the wheel and its housing.');
  const all = catalogue.map((each) => weigh(measured, taken, each)).sort((a, b) => a.misfit - b.misfit);
  const [best] = all;
  const alike =
    best === undefined || best.fit === 'no' ? [] : all.filter(({ fit, misfit }) => fit === best.fit && misfit - best.misfit < ALIKE_WITHIN);
  const ids = alike.map(({ id }) => id);
  const ask =
    ids.length > 1
      ? decidingMeasure(
          catalogue.filter(({ id }) => ids.includes(id)),
          measured,
        )
      : undefined;
  return { ranked: all.slice(0, SHOWN), alike: ids.length > 1 ? ids : [], ...(ask && { ask }) };
}

function weigh(
  measured: MeasuredRoller,
  taken: readonly RollerMeasure[],
  { id, title, groove, price, ...own }: CatalogueRoller,
): RankedRoller {
  const differences = taken.map((measure): Difference => {
    const byMm = own[measure] - (measured[measure] ?? 0);
    return { measure, byMm, units: Math.abs(byMm) / TOLERANCES_MM[measure] };
  });
  const otherGroove = measured.groove !== undefined && measured.groove !== groove;
  const worst = Math.max(otherGroove ? OTHER_GROOVE_UNITS : 0, ...differences.map(({ units }) => units));
  const squares = differences.reduce((sum, { units }) => sum + units * units, otherGroove ? OTHER_GROOVE_UNITS ** 2 : 0);
  return {
    id,
    title,
    // A float of a hundredth is no difference.
    fit: worst <= 1 + 1e-6 ? 'fits' : worst <= NEAR_UP_TO + 1e-6 ? 'near' : 'no',
    misfit: Math.sqrt(squares / (differences.length + (measured.groove === undefined ? 0 : 1))),
    differs: differences.filter(({ units }) => units > 1 + 1e-6).sort((a, b) => b.units - a.units),
    otherGroove,
    ...(price !== undefined && { price }),
  };
}

/** The measure not yet taken that differs most among rollers alike; none when nothing that can be measured does. */
function decidingMeasure(alike: readonly CatalogueRoller[], measured: MeasuredRoller): RollerMatch['ask'] {
  const spread = ROLLER_MEASURES.filter((each) => measured[each] === undefined).map((measure) => {
    const figures = alike.map((each) => each[measure]);
    return { measure, units: (Math.max(...figures) - Math.min(...figures)) / TOLERANCES_MM[measure] };
  });
  const most = spread.reduce<(typeof spread)[number] | undefined>(
    (best, each) => (each.units > (best?.units ?? TELLS_FROM) ? each : best),
    undefined,
  );
  return most && { measure: most.measure, between: alike.map((each) => ({ id: each.id, mm: each[most.measure] })) };
}
