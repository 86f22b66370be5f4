import { DomainError } from '../../errors';
import { MM_PER_UNIT } from '../../length/length';
import { USUAL_MM_PER_TURN } from '../../sliding/card/panel';

/** An opening with bypass panels, each on a track of its own; lengths in mm. */
export interface BypassOpening {
  /** Leg to leg, at several heights. */
  widthsMm: readonly number[];
  panels: 2 | 3;
  panelWidthMm: number;
  /** Floor to the underside of the track, at several places along it. */
  heightsMm?: readonly number[];
  /** Underside of the track to the top of a panel, hangers at mid-travel. */
  hangMm?: number;
  floorGapMm: number;
  panelHeightMm?: number;
  thicknessMm?: number;
  /** Between the cheeks of the floor guide. */
  guideSlotMm?: number;
  /** How much higher the foot of the front panel stands than that of the one behind, where they overlap. */
  stepMm?: number;
  /** Under the higher of the two. */
  higherFootMm?: number;
  mmPerTurn?: number;
}

export interface BypassSheet {
  overlapMm: number;
  /** Middle of each overlap from the left leg, panels shut: where a floor guide stands. */
  guidesMm: number[];
  /** Height that each panel should have, and what comes off it. */
  heightMm?: number;
  cutHeightMm?: number;
  /** Play of a panel in its guide, each side. */
  playMm?: number;
  /** What brings the two feet level: one panel, at both of its hangers alike. */
  align?: { panel: 'front' | 'back'; way: 'raise' | 'lower'; quarters: number };
  warnings: string[];
}

/** Panels overlap by about an inch (common practice, no source). */
const OVERLAP_MM = { least: 12, most: 75 };
/** A panel in its guide (common practice, no source). */
const PLAY_MM = { least: 0.75, most: 3 };
/** Hangers go half an inch each way (common practice, no source). */
const HANGER_REACH_MM = MM_PER_UNIT.in / 2;
/** A foot is not let nearer to its floor than this. */
const LEAST_FOOT_MM = 3;
const QUARTERS = 4;

/**
 * Overlap and guides of bypass panels, their length over the floor's high point, and turns that bring two feet level. Panels of one width
 * that reach from leg to leg overlap alike: (n·w − W) / (n − 1) at the narrowest W.
 *
 * @throws DomainError `bypass.hang` when heights are given without how far below the track a panel hangs
 */
export function fitBypass(opening: BypassOpening): BypassSheet {
  const { widthsMm, panels, panelWidthMm, thicknessMm, guideSlotMm } = opening;
  const width = Math.min(...widthsMm);
  const overlapMm = (panels * panelWidthMm - width) / (panels - 1);
  const pitch = panelWidthMm - overlapMm;
  const playMm = thicknessMm === undefined || guideSlotMm === undefined ? undefined : (guideSlotMm - thicknessMm) / 2;
  const heightMm = heightOver(opening);
  const align = alignment(opening);
  return {
    overlapMm,
    guidesMm: Array.from({ length: panels - 1 }, (_, i) => (i + 1) * pitch + overlapMm / 2),
    ...(heightMm !== undefined && { heightMm }),
    ...(heightMm !== undefined && opening.panelHeightMm !== undefined && { cutHeightMm: opening.panelHeightMm - heightMm }),
    ...(playMm !== undefined && { playMm }),
    ...(align !== undefined && { align }),
    warnings: [
      ...(overlapMm < OVERLAP_MM.least ? ['They hardly overlap: a gap shows, and the floor guide has nothing to hold.'] : []),
      ...(overlapMm > OVERLAP_MM.most ? ['They overlap far more than they need: the opening loses by it.'] : []),
      ...(playMm !== undefined && playMm < PLAY_MM.least ? ['The panel binds in its guide: a wider one, or ease the slot.'] : []),
      ...(playMm !== undefined && playMm > PLAY_MM.most ? ['The panel swings in its guide: a narrower one, or pad its cheeks.'] : []),
      ...(Math.abs(opening.stepMm ?? 0) > HANGER_REACH_MM
        ? ['More than hangers reach: a hanger has slipped, or a panel was cut short.']
        : []),
    ],
  };
}

/** Length over the high point of the floor; nothing where no height was read. */
function heightOver({ heightsMm, hangMm, floorGapMm }: BypassOpening): number | undefined {
  if (heightsMm === undefined || heightsMm.length === 0) return undefined;
  if (hangMm === undefined)
    throw new DomainError('bypass.hang', 'hangMm', 'Say how far below the track a panel hangs, to know its length.');
  return Math.min(...heightsMm) - hangMm - floorGapMm;
}

/** The lower panel is raised, unless the higher one has room to come down: then neither nears its track. */
function alignment({ stepMm, higherFootMm, mmPerTurn = USUAL_MM_PER_TURN.bypass }: BypassOpening): BypassSheet['align'] {
  if (stepMm === undefined) return undefined;
  const quarters = Math.round((Math.abs(stepMm) / mmPerTurn) * QUARTERS);
  const comesDown = higherFootMm !== undefined && higherFootMm - Math.abs(stepMm) >= LEAST_FOOT_MM;
  const isFrontHigher = stepMm > 0;
  return { panel: isFrontHigher === comesDown ? 'front' : 'back', way: comesDown ? 'lower' : 'raise', quarters };
}
