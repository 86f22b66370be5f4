import type { SlidingMake } from '@proper-swing/contract';
import type { ReadsMake, SlidingField } from './cardFields';

const LENGTHS = ['panelWidthMm', 'panelHeightMm'] as const;
/** Lengths that may stay unknown. */
const MAYBE_LENGTHS = ['glassMm', 'mmPerTurn', 'travelMm', 'channelMm'] as const;
const MAYBE_COUNTS = ['panels', 'slides'] as const;

/** The make of a sliding door as the form shows it; what nobody knows is empty. */
export function slidingDraft(make: SlidingMake, bare: (mm: number) => string): Record<SlidingField, string> {
  const known = (mm: number | null | undefined) => (mm == null ? '' : bare(mm));
  const count = (of: number | null | undefined) => (of == null ? '' : String(of));
  return {
    panelKind: make.panelKind,
    closesTo: make.closesTo,
    frame: make.frame,
    panels: count(make.panels),
    slides: count(make.slides),
    panelWidthMm: bare(make.panelWidthMm),
    panelHeightMm: bare(make.panelHeightMm),
    glassMm: known(make.glassMm),
    screwsAt: make.screwsAt ?? '',
    liftsBy: make.liftsBy ?? '',
    mmPerTurn: known(make.mmPerTurn),
    travelMm: known(make.travelMm),
    channelMm: known(make.channelMm),
  };
}

/** The make as the form says; what was not touched stays as it was, what was emptied is not known. */
export function slidingMake(make: SlidingMake, { draft, isTouched, read, fault }: ReadsMake<SlidingField>): SlidingMake {
  const next: Record<string, unknown> = { ...make };
  for (const field of LENGTHS) if (isTouched(field)) next[field] = read(field, draft[field]);
  for (const field of MAYBE_LENGTHS) if (isTouched(field)) next[field] = draft[field].trim() === '' ? null : read(field, draft[field]);
  for (const field of MAYBE_COUNTS) {
    if (!isTouched(field)) continue;
    const text = draft[field].trim();
    const count = Number(text);
    if (text !== '' && !Number.isInteger(count)) fault(field, 'Type a whole number.');
    next[field] = text === '' ? null : count;
  }
  for (const field of ['panelKind', 'closesTo', 'frame'] as const) next[field] = draft[field];
  for (const field of ['screwsAt', 'liftsBy'] as const) if (isTouched(field)) next[field] = draft[field] === '' ? null : draft[field];
  return next as unknown as SlidingMake;
}
