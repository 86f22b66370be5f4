import type { FrameMaterial } from '../../sliding/card/panel';

/** Density of window glass, kg for each m² and mm of thickness: 2,500 kg/m³ (EN 572-1, from memory). */
export const GLASS_KG_PER_M2_MM = 2.5;

/** Stiles and rails of a sliding panel, kg for each metre round it, and rollers and lock, kg (common practice, no source). */
const FRAME_KG_PER_M: Readonly<Record<FrameMaterial, number>> = { aluminium: 1.6, vinyl: 2.2, timber: 3 };
const HARDWARE_KG = 2;

/** A glazed panel; lengths in mm. */
export interface GlazedPanel {
  panelWidthMm: number;
  panelHeightMm: number;
  frame: FrameMaterial;
  /** Glass in all: both panes of a double one together; nought for a screen. */
  glassMm: number;
}

/** About what a panel weighs, kg. */
export function panelMass({ panelWidthMm, panelHeightMm, frame, glassMm }: GlazedPanel): number {
  const areaM2 = (panelWidthMm * panelHeightMm) / 1e6;
  const roundM = (2 * (panelWidthMm + panelHeightMm)) / 1000;
  return areaM2 * glassMm * GLASS_KG_PER_M2_MM + roundM * FRAME_KG_PER_M[frame] + HARDWARE_KG;
}
