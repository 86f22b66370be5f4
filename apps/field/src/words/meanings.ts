import type { SheetId } from './drawings';
import type { TermId } from './terms';

/** What a word means, and what is pointed at. */
export interface Meaning {
  title: string;
  says: string;
  sheet: SheetId;
  /** The shapes of that sheet that are meant. */
  part: string;
}

/** The words of the trade as the tool uses them, in the order a door is looked over. Common practice, no source. */
export const MEANINGS: Readonly<Record<TermId, Meaning>> = {
  slab: { title: 'Slab', says: 'The door itself, without its frame and hinges.', sheet: 'opening', part: 'slab' },
  leg: {
    title: 'Leg',
    says: 'An upright of the frame: the hinge leg carries the hinges, the latch leg the strike.',
    sheet: 'opening',
    part: 'leg',
  },
  head: { title: 'Head', says: 'The top of the opening, or the top edge of the slab.', sheet: 'opening', part: 'head' },
  foot: { title: 'Foot', says: 'The lower end of the slab or of a leg.', sheet: 'opening', part: 'foot' },
  lining: { title: 'Lining, jamb', says: 'The boards that line the opening: two legs and the head.', sheet: 'hinge', part: 'lining' },
  casing: {
    title: 'Casing',
    says: 'The moulding on the wall that covers the joint between lining and plaster.',
    sheet: 'hinge',
    part: 'casing',
  },
  reveal: {
    title: 'Reveal',
    says: 'How far one board stands back from the edge of the next: here the casing from the edge of the lining.',
    sheet: 'hinge',
    part: 'reveal',
  },
  stop: { title: 'Stop', says: 'The strip of the frame that the shut slab lies against.', sheet: 'hinge', part: 'stop' },
  leaf: { title: 'Leaf', says: 'One of the two plates of a hinge: one on the frame, one on the slab.', sheet: 'hinge', part: 'leaf' },
  seat: {
    title: 'Seat',
    says: 'The recess a leaf is let into. A deeper seat draws the slab toward that leg.',
    sheet: 'hinge',
    part: 'seat',
  },
  knuckle: { title: 'Knuckle, barrel', says: 'The rolled part of a hinge that the pin goes through.', sheet: 'hinge', part: 'knuckle' },
  pin: { title: 'Pin', says: 'The rod in the knuckles that the door turns on.', sheet: 'hinge', part: 'pin' },
  throw: {
    title: 'Throw',
    says: 'To move a hinge across the wall, toward the room or toward the stop. It moves the pin, not the gap.',
    sheet: 'hinge',
    part: 'throw',
  },
  framing: {
    title: 'Framing',
    says: 'The studs of the wall behind the lining: what long screws are to reach.',
    sheet: 'jamb',
    part: 'framing',
  },
  membrane: {
    title: 'Membrane',
    says: 'The sheet between framing and jamb of an outside door, which keeps water out of the wall.',
    sheet: 'jamb',
    part: 'membrane',
  },
  rebate: {
    title: 'Rebate',
    says: 'A step cut along an edge, in which a stop, a strip or another piece lies.',
    sheet: 'jamb',
    part: 'rebate',
  },
  tongue: {
    title: 'Tongue',
    says: 'What stays of an edge beside a rebate, and goes into a slot or lies against the strip.',
    sheet: 'jamb',
    part: 'tongue',
  },
  brad: { title: 'Brad', says: 'A thin nail with hardly a head, driven through the patch into the framing.', sheet: 'jamb', part: 'brad' },
  backset: { title: 'Backset', says: 'From the edge of the slab to the middle of its handle or lock.', sheet: 'opening', part: 'backset' },
  packer: {
    title: 'Packer, shim',
    says: 'A thin layer behind a leaf. It pushes the slab away from that leg at that hinge.',
    sheet: 'hinge',
    part: 'packer',
  },
  bind: {
    title: 'Bind',
    says: 'The hinge side is pressed before the door is shut: it pushes back or springs open.',
    sheet: 'swing',
    part: 'bind',
  },
  strike: {
    title: 'Strike',
    says: 'The plate on the latch leg that the bolt slides over and drops behind.',
    sheet: 'latch',
    part: 'strike',
  },
  keep: { title: 'Keep', says: 'What a bolt, a hook or a cam goes into on the frame.', sheet: 'multipoint', part: 'keep' },
  hook: { title: 'Hook', says: 'A bolt of a multipoint lock that swings out and grips its keep.', sheet: 'multipoint', part: 'hook' },
  cam: {
    title: 'Cam',
    says: 'A stud that is not round about its middle: turned, it presses the door more or less against its seal.',
    sheet: 'multipoint',
    part: 'cam',
  },
  bevel: {
    title: 'Bevel',
    says: 'The slant of the latch edge, a few degrees, so that it clears the leg as it swings in.',
    sheet: 'latch',
    part: 'bevel',
  },
  arris: { title: 'Arris', says: 'The sharp corner where two faces meet.', sheet: 'latch', part: 'arris' },
  plumb: { title: 'Plumb', says: 'Truly upright, as a weight on a string hangs.', sheet: 'opening', part: 'plumb' },
  taper: { title: 'Taper', says: 'A gap that is wider at one end than at the other.', sheet: 'opening', part: 'taper' },
  twist: {
    title: 'Twist',
    says: 'A slab that is not flat: it meets the stop at one end of the latch edge and stands off at the other.',
    sheet: 'edge',
    part: 'twist',
  },
  drift: { title: 'Drift', says: 'A door that swings by itself from where it was left.', sheet: 'swing', part: 'drift' },
  closer: { title: 'Closer', says: 'An arm or a spring that shuts the door by itself.', sheet: 'swing', part: 'closer' },
  roller: {
    title: 'Roller',
    says: 'The wheel in its housing that carries an end of a panel. A screw at that end sets how high.',
    sheet: 'panel',
    part: 'roller',
  },
  crown: { title: 'Crown', says: 'The rounded top of a track, on which the wheels run.', sheet: 'panel', part: 'crown' },
  channel: {
    title: 'Channel',
    says: 'The groove in the head that the top of a panel stands in. Lifted far enough into it, the panel comes out at its foot.',
    sheet: 'panel',
    part: 'channel',
  },
  stile: { title: 'Stile', says: 'An upright of the frame of a panel or a framed slab.', sheet: 'panel', part: 'stile' },
  weatherstrip: {
    title: 'Weatherstrip',
    says: 'Pile or rubber in a groove that closes a gap against wind and rain.',
    sheet: 'panel',
    part: 'weatherstrip',
  },
  hanger: {
    title: 'Hanger',
    says: 'Wheels in the track above with a bolt down to a plate on the slab. Its nut sets how high that end hangs.',
    sheet: 'hung',
    part: 'hanger',
  },
  clip: {
    title: 'Lock clip',
    says: 'What keeps the nut of a hanger from turning: one part under the plate, one over.',
    sheet: 'hung',
    part: 'clip',
  },
  guide: {
    title: 'Guide',
    says: 'What keeps the foot of a hung slab in line. Of a bifold: the wheel of the closing leaf in the track.',
    sheet: 'hung',
    part: 'guide',
  },
  pivot: { title: 'Pivot', says: 'One of the two pins in the corners of a bifold that it turns on.', sheet: 'bifold', part: 'pivot' },
  bracket: {
    title: 'Pivot bracket',
    says: 'What a pivot stands in, at the floor and in the track.',
    sheet: 'bifold',
    part: 'bracket',
  },
};
