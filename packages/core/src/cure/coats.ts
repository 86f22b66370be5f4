/** What must dry or set, with what its label usually says at 20 °C: until the next thing may be done, and until it bears all it is for, hours. */
interface CoatEntry {
  title: string;
  workableHours: number;
  fullHours: number;
  leastCelsius: number;
  /** Dried by the air: damp slows it. Set by moisture: dry air slows it. */
  sets: 'byAir' | 'byMoisture' | 'byItself';
}

/** Common practice, no source: the label of the tin in hand counts, and is typed over these. */
const COAT_TABLE = {
  woodGlue: { title: 'Wood glue, clamped', workableHours: 1, fullHours: 24, leastCelsius: 10, sets: 'byAir' },
  adhesive: { title: 'Construction adhesive', workableHours: 0.5, fullHours: 48, leastCelsius: 5, sets: 'byMoisture' },
  resin: { title: 'Resin, two parts', workableHours: 4, fullHours: 24, leastCelsius: 10, sets: 'byItself' },
  filler: { title: 'Wood filler', workableHours: 2, fullHours: 24, leastCelsius: 5, sets: 'byAir' },
  foam: { title: 'Foam', workableHours: 1, fullHours: 24, leastCelsius: 5, sets: 'byMoisture' },
  preservative: { title: 'Preservative', workableHours: 24, fullHours: 48, leastCelsius: 5, sets: 'byAir' },
  caulk: { title: 'Caulk to be painted', workableHours: 2, fullHours: 48, leastCelsius: 5, sets: 'byAir' },
  silicone: { title: 'Silicone', workableHours: 1, fullHours: 48, leastCelsius: 5, sets: 'byMoisture' },
  primer: { title: 'Primer', workableHours: 4, fullHours: 24, leastCelsius: 8, sets: 'byAir' },
  undercoat: { title: 'Undercoat', workableHours: 6, fullHours: 24, leastCelsius: 8, sets: 'byAir' },
  paint: { title: 'Paint, a coat', workableHours: 6, fullHours: 168, leastCelsius: 8, sets: 'byAir' },
  varnish: { title: 'Varnish, a coat', workableHours: 8, fullHours: 168, leastCelsius: 8, sets: 'byAir' },
} as const satisfies Record<string, CoatEntry>;

export type CoatId = keyof typeof COAT_TABLE;
export const COAT_IDS = Object.keys(COAT_TABLE) as CoatId[];
export const coat = (id: CoatId): CoatEntry => COAT_TABLE[id];

const LABEL_CELSIUS = 20;
/** Ten degrees colder takes twice as long (common practice after Arrhenius, no source). */
const DOUBLES_EACH = 10;
/** Beyond this humidity air dries a coat ever more slowly, below that one moisture sets it slowly (common practice, no source), %. */
const DAMP_FROM = 70;
const DRY_BELOW = 40;
const NO_SLOWER_THAN = 3;

/** By how much longer it takes than the label says; nothing where it does not set at all. */
export function slowness(id: CoatId, celsius: number, humidity: number): number | undefined {
  const { leastCelsius, sets } = COAT_TABLE[id] as CoatEntry;
  if (celsius < leastCelsius) return undefined;
  const byWarmth = 2 ** ((LABEL_CELSIUS - celsius) / DOUBLES_EACH);
  const byDamp = sets === 'byAir' ? 1 + Math.max(0, humidity - DAMP_FROM) / (100 - DAMP_FROM) : 1;
  const byDryness = sets === 'byMoisture' ? 1 + Math.max(0, DRY_BELOW - humidity) / DRY_BELOW : 1;
  return Math.min(NO_SLOWER_THAN, byWarmth * byDamp * byDryness);
}
