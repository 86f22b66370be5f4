import { HANDBOOKS, station, type EdgeId, type StationId } from '@proper-swing/core/doors';
import { ON_WHEELS, rolls, type PanelKind } from '@proper-swing/core/sliding/card/panel';
import { bend, DRAWN_MM, GAP_FACTOR, throughStations, written, type Point, type StationPlace } from '../outline';

/** Where everything of a panel's drawing stands, px. It closes to the left; mirrored by the caller. */
export interface PanelOutline {
  opening: { left: number; right: number; top: number; bottom: number };
  /** Path of the panel's edges. */
  panel: string;
  /** Where each gap is: on the panel's edge and on what it runs against. */
  stations: ReadonlyMap<StationId, StationPlace>;
  /** Wheels, or hangers: of the closing end and of the other. Of a bifold its guide, at the closing end. */
  wheels: readonly Point[];
  /** Top and foot pivot of a bifold, and where its leaves meet, at head and foot. */
  leaves: { pivots: readonly [Point, Point]; fold: readonly [Point, Point] } | undefined;
  /** The grip, on the closing stile. */
  grip: Point;
  /** Where the panel ends and the fixed panel, the pocket or the panel behind goes on. */
  behindFrom: number;
  factor: number;
}

export interface PanelInput {
  width: number;
  height: number;
  panelHeightMm: number;
  kind: PanelKind;
  gapsMm: ReadonlyMap<StationId, number>;
}

export const FRAME_PX = 18;
/** Share of the opening that a panel covers on the drawing: the rest shows what stands behind it. The leaves of a bifold fill all of it. */
export const coversOf = (kind: PanelKind): number => (ON_WHEELS.includes(kind) ? 0.78 : 0.96);
const WHEEL_IN_PX = 24;
/** What a gap is drawn as that is not given, mm. */
const USUAL_MM: Readonly<Record<'foot' | 'jamb' | 'head', number>> = { foot: 5, jamb: 6, head: 4 };
/** The panel is held short of its jamb by any amount: drawn is how much more than at its narrowest, from here, mm. */
const NARROWEST_DRAWN_MM = 3;

const { walk } = HANDBOOKS.sliding;
type PanelEdge = keyof typeof USUAL_MM;

/** Where the opening is drawn. */
export const panelOpening = ({ width, height }: { width: number; height: number }): PanelOutline['opening'] => ({
  left: FRAME_PX,
  right: width - 4,
  top: FRAME_PX,
  bottom: height - FRAME_PX,
});

/** Lays out a panel short of its jamb with the gaps widened. */
export function panelOutline({ width, height, panelHeightMm, kind, gapsMm }: PanelInput): PanelOutline {
  const runsBelow = rolls({ kind });
  const opening = panelOpening({ width, height });
  const scale = ((opening.bottom - opening.top) / panelHeightMm) * GAP_FACTOR;
  const panelPx = (opening.right - opening.left) * coversOf(kind);
  const h = opening.bottom - opening.top;
  const jambs = walk.filter((id) => station(id).edge === 'jamb').map((id) => gapsMm.get(id) ?? USUAL_MM.jamb);
  const shownFrom = Math.min(...jambs) - NARROWEST_DRAWN_MM;
  const lines = Object.fromEntries(
    (Object.keys(USUAL_MM) as PanelEdge[]).map((edge) => [edge, throughStations(edge as EdgeId, walk, gapsMm, USUAL_MM[edge])]),
  ) as Record<PanelEdge, (f: number) => number>;
  const px = (edge: PanelEdge, f: number) => {
    const mm = lines[edge](f) - (edge === 'jamb' ? Math.max(0, shownFrom) : 0);
    return Math.max(DRAWN_MM.least, Math.min(DRAWN_MM.most, mm)) * scale;
  };
  const leadX = (f: number) => opening.left + px('jamb', f);
  /** The other stile is as the closing one is: the panel is stiff. */
  const trailX = (f: number) => opening.left + panelPx + px('jamb', f) - px('jamb', 0.5);
  const across = (f: number) => opening.left + f * panelPx;
  const topY = (f: number) => opening.top + px('head', f);
  const footY = (f: number) => opening.bottom - px('foot', f);
  const corner = { topLead: { x: leadX(0), y: topY(0) }, topTrail: { x: trailX(0), y: topY(1) } };
  const foot = { lead: { x: leadX(1), y: footY(0) }, trail: { x: trailX(1), y: footY(1) } };
  const panel = [
    `M${written(corner.topLead)}`,
    `L${written(corner.topTrail)}`,
    `L${written(foot.trail)}`,
    bend(foot.trail, { x: across(0.5), y: footY(0.5) }, foot.lead),
    bend(foot.lead, { x: leadX(0.5), y: opening.top + h / 2 }, corner.topLead),
    'Z',
  ].join(' ');
  const placeOf: Record<PanelEdge, (f: number) => StationPlace> = {
    foot: (f) => ({ onSlab: { x: across(f), y: footY(f) }, onOpening: { x: across(f), y: opening.bottom } }),
    head: (f) => ({ onSlab: { x: across(f), y: topY(f) }, onOpening: { x: across(f), y: opening.top } }),
    jamb: (f) => ({ onSlab: { x: leadX(f), y: opening.top + f * h }, onOpening: { x: opening.left, y: opening.top + f * h } }),
  };
  const wheelY = (at: Point) => (runsBelow ? opening.bottom - 8 : Math.min(at.y, opening.top + 6));
  const [first, last] = runsBelow ? [foot.lead, foot.trail] : [corner.topLead, corner.topTrail];
  const ends = [
    { x: first.x + WHEEL_IN_PX, y: wheelY(first) },
    { x: last.x - WHEEL_IN_PX, y: wheelY(last) },
  ] as const;
  const halfway = (one: Point, other: Point, y: number) => ({ x: (one.x + other.x) / 2, y });
  const leaves = {
    pivots: [ends[1], { x: foot.trail.x - WHEEL_IN_PX, y: opening.bottom - 3 }],
    fold: [halfway(corner.topLead, corner.topTrail, topY(0.5)), halfway(foot.lead, foot.trail, footY(0.5))],
  } as const;
  const isFolding = !ON_WHEELS.includes(kind);
  return {
    opening,
    panel,
    stations: new Map(
      walk.flatMap((id) => {
        const { edge, f = 0.5 } = station(id);
        return edge === undefined ? [] : [[id, placeOf[edge as PanelEdge](f)] as const];
      }),
    ),
    wheels: isFolding ? [ends[0]] : ends,
    leaves: isFolding ? leaves : undefined,
    grip: { x: leadX(0.5) + 14, y: opening.top + h / 2 },
    behindFrom: opening.left + panelPx,
    factor: GAP_FACTOR,
  };
}
