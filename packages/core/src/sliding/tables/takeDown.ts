import { PANEL_KINDS, type PanelKind } from '../card/panel';
import type { CautionId } from './cautions';

/** One thing to do, with the caution that belongs to it. */
export interface TakeDownStep {
  says: string;
  caution?: CautionId;
}

/** How a panel comes out and goes back: each in its order, not to be changed. Common practice, no source. */
export interface TakeDown {
  before: readonly CautionId[];
  down: readonly TakeDownStep[];
  back: readonly TakeDownStep[];
  /** What is tried before it is left. */
  last: string;
}

const TAKE_DOWN: Readonly<Record<PanelKind, TakeDown>> = {
  glass: {
    before: ['openWall', 'glass'],
    down: [
      { says: 'Screen first: wheels wound in, a thin blade under the foot, or the added head piece loosened; foot out, head down.' },
      { says: 'Photograph screws, stops and packers as they are.' },
      { says: 'Fixed panel, where it stands in the way: brackets off, slide it to the middle, lift, foot out.', caution: 'glass' },
      {
        says: 'Sliding panel: roller screws wound in until it is low, slide it to the middle, lift into the head, foot out toward you.',
        caution: 'glass',
      },
      { says: 'Onto padded trestles, never flat on one corner; the glass upright while it is carried.', caution: 'support' },
      { says: 'Where the roller is behind the stile: its two screws out, then the stile eased off with a rubber mallet.', caution: 'eyes' },
      { says: 'Old rollers out; note which way each lay and where its screw was.' },
    ],
    back: [
      { says: 'New rollers in, both ends, wound in; stile home, its screws in.' },
      { says: 'Track vacuumed, washed and dried.' },
      { says: 'Panel in: head first into its channel, foot over the sill, down onto the track.', caution: 'glass' },
      {
        says: 'Set: each end raised until the closing gap is even and it cannot be lifted out. Test it now, before the rest goes back.',
        caution: 'pinch',
      },
      { says: 'Fixed panel back, brackets on.', caution: 'glass' },
      { says: 'Screen last: bottom wheels 2 to 4 mm, then the top wheels until it can just not be lifted.' },
    ],
    last: 'Slide the full travel both ways, lock it, try to lift it at each end.',
  },
  screen: {
    before: ['openWall'],
    down: [
      { says: 'Top wheels wound in, both ends.' },
      { says: 'Bottom wheels wound in; where they will not go, a thin blade under each to lift it over the sill.', caution: 'pinch' },
      { says: 'Foot out over the blade, then the head down out of its channel. Hold it by the stiles: the mesh carries nothing.' },
      { says: 'Weatherstrip peeled from its top end, where it is to be changed.' },
    ],
    back: [
      { says: 'Wheels cleaned, silicone on the axle from both sides; a chipped one replaced.', caution: 'solvent' },
      { says: 'Head first into its channel, top wheels in; foot rolled over a blade onto the track.' },
      { says: 'Bottom wheels: 2 to 4 mm over the sill at both ends.' },
      { says: 'Top wheels: one out until the screen can just not be lifted; where it binds, back a little; then the other end.' },
    ],
    last: 'Slide the full travel both ways, latch it, try to lift it at each corner.',
  },
  pocket: {
    before: ['oldPaint', 'cables'],
    down: [
      { says: 'Choose the side with the least paint, paper and wiring; only that side is opened.' },
      { says: 'Score the paint along casing and split piece; casing off, because it holds that piece.', caution: 'eyes' },
      { says: 'Free the split piece by cutting its nails; the other side stays.', caution: 'cables' },
      { says: 'Clips off, slab held; hanger away from the pocket first, then the other.', caution: 'support' },
    ],
    back: [
      { says: 'Hangers set to mid-travel, half an inch left each way.' },
      { says: 'Hang the hanger nearest the pocket first, then the other.', caution: 'support' },
      { says: 'Turn one hanger until the closing gap is even from top to foot.' },
      {
        says: 'Lock clips: one part under the plate, one over, pushed home, both hangers. Look again: without them it ends up stuck in its pocket.',
      },
      { says: 'Run it over the full travel.' },
      { says: 'Split piece back with fixings too short to reach the slab; run the door after each.', caution: 'pocketFixing' },
      { says: 'Casing loose where a painter follows, with the room beside the slab written down.' },
    ],
    last: 'Slide the full travel both ways and try the latch.',
  },
  bypass: {
    before: ['support'],
    down: [
      { says: 'Floor guide off.' },
      { says: 'Front panel: foot toward you, lift its wheels out of the front track.', caution: 'support' },
      { says: 'Back panel the same, out of the back track.', caution: 'support' },
    ],
    back: [
      { says: 'Hanger plates tight; stripped holes filled, the second hole used as well.' },
      { says: 'Back panel first: both wheels hooked on.', caution: 'support' },
      { says: 'Front panel.', caution: 'support' },
      { says: 'Heights: each panel even to its jamb, both alike where they overlap.' },
      { says: 'Floor guide on, with the least play that does not rub.' },
    ],
    last: 'Slide both past each other over the full travel; push each foot across: the guide holds it.',
  },
  bifold: {
    before: ['support', 'pinch'],
    down: [
      { says: 'Leaves folded right back. Pencil marks at both pivot brackets.' },
      { says: 'Guide wheel pressed down and out of the track.', caution: 'pinch' },
      { says: 'Folded leaves lifted until the foot pivot is clear of its bracket, foot out toward you.', caution: 'support' },
      { says: 'Top pivot down out of its bracket; leaves onto trestles.', caution: 'support' },
    ],
    back: [
      { says: 'Pivots in solid wood, at mid-travel; a block glued in where a cut or wear has taken it.' },
      { says: 'Top pivot into its bracket first, pressed up against its spring.', caution: 'support' },
      { says: 'Foot pivot onto its bracket, the teeth home in the notch of its old mark.', caution: 'pinch' },
      { says: 'Guide wheel pressed down, under the track, and let up.' },
      { says: 'Height by the foot pivot, lean by the top one: the closing gap even, the leaves clear of the track.' },
      { says: 'Bracket screws tight, keeper up to the top bracket.' },
    ],
    last: 'Fold and unfold it ten times; push up under the closing leaf: the guide stays in its track.',
  },
};

export function takeDown(kind: PanelKind): TakeDown {
  return TAKE_DOWN[kind];
}

export const TAKE_DOWNS: readonly (TakeDown & { kind: PanelKind })[] = PANEL_KINDS.map((kind) => ({ kind, ...TAKE_DOWN[kind] }));
