import { DomainError } from '../../errors';

/** Kinds of sliding door, by how the panel runs. */
export const PANEL_KINDS = ['glass', 'screen', 'pocket', 'bypass', 'bifold'] as const;
export type PanelKind = (typeof PANEL_KINDS)[number];

/** Panels that roll on a track below, and those that hang from one above. */
export const ROLLING: readonly PanelKind[] = ['glass', 'screen'];
export const HUNG: readonly PanelKind[] = ['pocket', 'bypass'];
/** Those whose weight wheels carry; the leaves of a bifold stand on a pivot and are only guided. */
export const ON_WHEELS: readonly PanelKind[] = [...ROLLING, ...HUNG];
/** Those that end over a floor, and not over a track. */
export const OVER_FLOOR: readonly PanelKind[] = [...HUNG, 'bifold'];

/** Whether an entry of a table is for a kind of panel: it is for all unless it says for which. */
export const isForKind = ({ onlyFor }: { onlyFor?: readonly PanelKind[] }, kind: PanelKind): boolean => onlyFor?.includes(kind) !== false;

/** Those that hook into a keep. */
export const LOCKED: readonly PanelKind[] = ['glass', 'screen', 'pocket'];

export const FRAMES = ['aluminium', 'vinyl', 'timber'] as const;
export type FrameMaterial = (typeof FRAMES)[number];

/** Where roller or hanger screws are reached. */
export const SCREW_PLACES = ['edges', 'faces', 'plugs', 'strip', 'above', 'foot'] as const;
export type ScrewPlace = (typeof SCREW_PLACES)[number];

/** A sliding panel and its opening as the engine sees them; lengths in millimetres. Of a bifold, the panel is both its leaves, shut. */
export interface SlidingDoor {
  kind: PanelKind;
  panelWidthMm: number;
  panelHeightMm: number;
  frame: FrameMaterial;
  /** What a full turn of a roller or hanger screw lifts, where someone has measured it. */
  mmPerTurn?: number | null | undefined;
  /** How deep the head channel is from its lip to its ceiling; panels on rollers only. */
  channelMm?: number | null | undefined;
}

/** Roller and hanger screws by kind of panel: mm a turn when nobody has measured it (common practice, no source). */
export const USUAL_MM_PER_TURN: Readonly<Record<PanelKind, number>> = {
  glass: 1.5,
  screen: 1.25,
  pocket: 1.25,
  bypass: 1.25,
  bifold: 1.25,
};

/** Depth of a head channel when nobody has measured it (common practice, no source). */
export const USUAL_CHANNEL_MM = 20;

export const rolls = ({ kind }: Pick<SlidingDoor, 'kind'>): boolean => ROLLING.includes(kind);

/** Half a turn of a roller or hanger screw, mm: the least that is worth turning. */
export const mmPerHalfTurn = ({ kind, mmPerTurn }: Pick<SlidingDoor, 'kind' | 'mmPerTurn'>): number =>
  (mmPerTurn ?? USUAL_MM_PER_TURN[kind]) / 2;

/** @throws DomainError `door.panel` when the panel is wider than sliding panels are high, so that the figures are likely swapped */
export function checkPanel({ panelWidthMm, panelHeightMm }: Pick<SlidingDoor, 'panelWidthMm' | 'panelHeightMm'>): void {
  if (panelWidthMm > panelHeightMm * 1.5)
    throw new DomainError('door.panel', 'door.panelWidthMm', 'A panel is no more than one and a half times as wide as it is high.');
}
