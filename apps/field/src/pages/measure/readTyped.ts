import { DomainError, parseLength } from '@proper-swing/core';
import { station, type Station, type StationId } from '@proper-swing/core/doors';

export type TypedReading = { ok: true; mm: number } | { ok: false; message: string };

/** What a reading of each kind can sensibly be, mm: beyond it the unit or the place is wrong. */
const SENSIBLE: Readonly<Record<Station['kind'], { from: number; to: number; says: string }>> = {
  gap: { from: 0, to: 60, says: 'a gap' },
  stop: { from: 0, to: 40, says: 'a gap at the stop' },
  opening: { from: 300, to: 4000, says: 'an opening' },
  slab: { from: 300, to: 4000, says: 'a slab' },
  lean: { from: -60, to: 60, says: 'a lean' },
  bow: { from: -40, to: 40, says: 'a bow' },
  bolt: { from: -40, to: 40, says: 'a bolt' },
};

/** Gaps that doors have, mm, by where they are read: beyond, the figure or its point is wrong, and it is asked about (common practice, no source). */
const USUAL_UP_TO_MM: Readonly<Partial<Record<string, number>>> = { hinge: 16, head: 20, latch: 20, foot: 35, lift: 40, jamb: 60 };

/** Whether a gap is one that hardly any door has. */
export function isUnheardOf(id: StationId, mm: number): boolean {
  const [where = ''] = id.split('.');
  return station(id).edge !== undefined && mm > (USUAL_UP_TO_MM[where] ?? Infinity);
}

/** Reads what was typed for a station, in the person's units; what is wrong is said in words. */
export function readTyped(id: StationId, text: string, units: 'mm' | 'in'): TypedReading {
  const { kind } = station(id);
  const { from, to, says } = SENSIBLE[kind];
  try {
    const { mm } = parseLength(text, { defaultUnit: units, signed: from < 0 });
    if (mm >= from && mm <= to) return { ok: true, mm };
    return { ok: false, message: `${Math.round(mm)} mm is no size for ${says}: check the figure and its unit.` };
  } catch (error) {
    if (error instanceof DomainError) return { ok: false, message: error.message };
    throw error;
  }
}
