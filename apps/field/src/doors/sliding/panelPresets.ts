import type { SlidingMake } from '@proper-swing/contract';
import { MM_PER_UNIT } from '@proper-swing/core';

/** A usual make of sliding door: everything a new one needs but its place and its sizes when they differ. */
export interface PanelPreset extends Pick<SlidingMake, 'panelKind' | 'frame' | 'panelWidthMm' | 'panelHeightMm'> {
  id: string;
  label: string;
  /** As it is sold where doors are sold in inches. */
  inInches: Pick<SlidingMake, 'panelWidthMm' | 'panelHeightMm'>;
}

const inches = (width: number, height: number) => ({ panelWidthMm: width * MM_PER_UNIT.in, panelHeightMm: height * MM_PER_UNIT.in });

/** Common sizes; any of it can be corrected (common practice, no source). */
export const PANEL_PRESETS: readonly PanelPreset[] = [
  {
    id: 'glassPanel',
    label: 'Sliding glass',
    panelKind: 'glass',
    frame: 'aluminium',
    panelWidthMm: 900,
    panelHeightMm: 2030,
    inInches: inches(36, 80),
  },
  {
    id: 'screen',
    label: 'Screen',
    panelKind: 'screen',
    frame: 'aluminium',
    panelWidthMm: 900,
    panelHeightMm: 2000,
    inInches: inches(36, 79),
  },
  { id: 'pocket', label: 'Pocket', panelKind: 'pocket', frame: 'timber', panelWidthMm: 762, panelHeightMm: 2000, inInches: inches(30, 80) },
  { id: 'bypass', label: 'Bypass', panelKind: 'bypass', frame: 'timber', panelWidthMm: 762, panelHeightMm: 2000, inInches: inches(30, 80) },
  { id: 'bifold', label: 'Bifold', panelKind: 'bifold', frame: 'timber', panelWidthMm: 762, panelHeightMm: 1981, inInches: inches(30, 79) },
];

/** Which way a panel closes, seen from inside. */
export const CLOSES_TO = [
  { id: 'left', label: 'To the left' },
  { id: 'right', label: 'To the right' },
] as const;
