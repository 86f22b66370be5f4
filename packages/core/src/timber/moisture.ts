/**
 * Moisture content that timber comes to in air of a temperature and humidity, % of its dry mass: two hydrates in solution
 * (Hailwood and Horrobin), with the coefficients of the Wood Handbook, USDA Forest Products Laboratory, chapter 4 (from memory).
 *
 * @param celsius temperature, −30 to 60
 * @param humidity relative humidity, 0 to 100 %
 */
export function equilibriumMoisture(celsius: number, humidity: number): number {
  const h = humidity / 100;
  const w = 349 + 1.29 * celsius + 0.0135 * celsius ** 2;
  const k = 0.805 + 0.000736 * celsius - 0.00000273 * celsius ** 2;
  const k1 = 6.27 - 0.00938 * celsius - 0.000303 * celsius ** 2;
  const k2 = 1.91 + 0.0407 * celsius - 0.000293 * celsius ** 2;
  const kh = k * h;
  const hydrates = (k1 * kh + 2 * k1 * k2 * kh ** 2) / (1 + k1 * kh + k1 * k2 * kh ** 2);
  return (1800 / w) * (kh / (1 - kh) + hydrates);
}

/** Pressure of water vapour in saturated air over water, hPa (Magnus’ formula, WMO guide to instruments, from memory). */
export const saturationHPa = (celsius: number): number => 6.112 * Math.exp((17.62 * celsius) / (243.12 + celsius));

/** Timber that stays below this does not rot, % (Wood Handbook, chapter 14, from memory). */
export const ROT_FROM_PERCENT = 20;
/** Paint, filler and adhesive want timber no wetter than this, % (common practice, no source). */
export const DRY_ENOUGH_PERCENT = 18;
