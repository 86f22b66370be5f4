import { DomainError } from '@proper-swing/core';
import { SAMPLE_CLIMATES, type MonthOfAir, type SampleClimateId } from '@proper-swing/core/sheets';

/** A climate of one's own as it is typed: twelve times temperature and humidity, January first: `6/87, 6/84, …`. */
export const writeClimate = (months: readonly MonthOfAir[]): string =>
  months.map(({ celsius, humidity }) => `${celsius}/${humidity}`).join(', ');

/**
 * Reads it again.
 *
 * @throws DomainError `climate.text` where it is not twelve months of temperature and humidity
 */
export function readClimate(text: string): MonthOfAir[] {
  const months = text
    .split(/[,;\n]/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map((part) => {
      const [celsius, humidity] = part.split('/').map((each) => Number(each.trim().replace('−', '-')));
      if (celsius === undefined || humidity === undefined || !Number.isFinite(celsius) || !Number.isFinite(humidity))
        throw new DomainError('climate.text', 'ownClimate', `Cannot read “${part}”: type °C, a stroke, humidity: 6/87.`);
      return { celsius, humidity };
    });
  if (months.length !== 12)
    throw new DomainError('climate.text', 'ownClimate', `Twelve months are wanted, January first: these are ${months.length}.`);
  return months;
}

export const climateOf = (id: string, own: readonly MonthOfAir[] | undefined): readonly MonthOfAir[] | undefined =>
  id === 'own' ? own : SAMPLE_CLIMATES[id as SampleClimateId]?.months;

/** One's own climate, where it is one. */
export function ownMonths(text: string): MonthOfAir[] | undefined {
  try {
    return readClimate(text);
  } catch {
    return undefined;
  }
}
