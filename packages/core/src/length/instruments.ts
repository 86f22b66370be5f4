/** What a reading was taken with; each has a standard uncertainty. */
export type InstrumentId = 'gauge' | 'rule' | 'tape' | 'eye' | 'spiritLevel' | 'digitalLevel' | 'laser';

export interface Instrument {
  id: InstrumentId;
  title: string;
  /** Standard uncertainty of one length reading, mm; absent for levels. */
  sdMm?: number;
  /** Standard uncertainty of a lean, mm per metre of length; absent for rules. */
  sdMmPerM?: number;
}

/** Common practice, no source: what a careful hand gets from each instrument on site. */
export const INSTRUMENTS: Readonly<Record<InstrumentId, Instrument>> = {
  gauge: { id: 'gauge', title: 'Wedge or feeler gauge', sdMm: 0.15 },
  rule: { id: 'rule', title: 'Steel rule', sdMm: 0.4 },
  tape: { id: 'tape', title: 'Tape', sdMm: 0.8 },
  eye: { id: 'eye', title: 'By eye', sdMm: 1 },
  spiritLevel: { id: 'spiritLevel', title: 'Spirit level', sdMmPerM: 0.5 },
  // 0.1° is 1.75 mm in a metre.
  digitalLevel: { id: 'digitalLevel', title: 'Phone or digital level', sdMmPerM: 1.75 },
  laser: { id: 'laser', title: 'Laser line', sdMm: 1 },
};

export const INSTRUMENT_IDS = Object.keys(INSTRUMENTS) as InstrumentId[];

/**
 * Standard uncertainty in mm of a reading taken with an instrument.
 *
 * @param instrument which one
 * @param spanMm length the level spans, for leans: height of the leg or width of the head
 */
export function instrumentSd(instrument: InstrumentId, spanMm: number): number {
  const { sdMm, sdMmPerM } = INSTRUMENTS[instrument];
  return sdMm ?? ((sdMmPerM ?? 1) * spanMm) / 1000;
}
