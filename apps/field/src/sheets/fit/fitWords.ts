import type { Fill, FitWarning, LiningAdvice, PairEdge, PairLeafId, SlabEdge, Tool, ToolRule } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';

export const EDGE_WORDS: Readonly<Record<SlabEdge | PairEdge, string>> = {
  hinge: 'Hinge edge',
  latch: 'Latch edge',
  outer: 'Outer edge',
  meeting: 'Meeting edge',
  head: 'Head',
  foot: 'Foot',
};

export const LEAF_WORDS: Readonly<Record<PairLeafId, string>> = { left: 'Left leaf', right: 'Right leaf' };

/** Where the marks of an edge are measured from. */
export const datumOf = (edge: SlabEdge | PairEdge) => (edge === 'head' || edge === 'foot' ? 'the HINGE SIDE' : 'the TOP');

export const TOOL_WORDS: Readonly<Record<Tool, string>> = { handPlane: 'Plane, by hand', saw: 'Saw to the line', plane: 'Plane' };

export const WHY_TOOL: Readonly<Record<ToolRule, string>> = {
  crooked: 'The line bends: a long power plane cuts straight across it. Short strokes for the waste, then long ones.',
  deep: 'Straightedge clamped, fine blade; score the face side first. Then plane to the line.',
  endGrain: 'End grain: saw it, or plane from both ends to the middle.',
  shallow: 'Set fine, whole strokes.',
};

export const FILL_WORDS: Readonly<Record<Fill, string>> = {
  live: 'Leave it: the gap shows a little wide.',
  straighten: 'The opening is hollow there, the slab is not too small: bring the leg in, see A lining, or live with it.',
  pack: 'Pack the hinges or the lining out: nothing shows but the packer’s edge.',
  strip: 'Glue a strip on the edge, of the slab’s own timber: the joint shows unless it is painted.',
  newSlab: 'No cut and no strip makes this slab fit: order another.',
};

export const WARNING_WORDS: Readonly<Record<FitWarning, string>> = {
  label: 'It carries a fire label: nothing is cut off it on site beyond what its listing allows. Ask its maker.',
  deepenRecesses: 'Hinge recesses get shallower by the cut: deepen them by',
  backset: 'The lock comes nearer to the edge: less backset, and a latch front to let in again, by',
  block: 'The saw goes past the solid rail: strip the skins off the plug, glue it back. Left of the rail:',
  handleHigh: 'The handle will stand high: above the floor',
  handleLow: 'The handle will stand low: above the floor',
  topEnd: 'Handles of an arched slab stand about 44 in from the top: is this end the top? Below this end:',
  stop: 'Slab and rebate are not as deep: the stop is moved by',
  seal: 'Seal every cut edge, all six faces, before it hangs: bare end grain swells in a wet week.',
};

export const LINING_WORDS: Readonly<Record<LiningAdvice, string>> = {
  asItIs: 'The lining is right as it is.',
  share: 'A little more than wanted: share it between the gaps.',
  wedge: 'Cut the nails, wedge the legs over, keep them plumb and straight; foam sparingly, fix the trim again.',
  pack: 'More than wedges can do: pack the leg out, or plane a new one.',
  plane: 'Too narrow for this slab: let a leg out, or take it off the slab.',
};

/** `2 to 4.9 mm`; one figure where both are written alike. */
export function rangeWords(leastMm: number, mostMm: number, { bare, withUnit }: LengthWords): string {
  return bare(leastMm) === bare(mostMm) ? withUnit(mostMm) : `${bare(leastMm)} to ${withUnit(mostMm)}`;
}
