// How the slab hangs, what it is made of, and what its hinges are called.

/** `fullHeight`: one hinge as high as the slab; `faceFixed`: screwed on the face of slab and frame, as tees and straps are. */
export type HingeKind = 'butt' | 'ballBearing' | 'cast' | 'adjustable' | 'fullHeight' | 'faceFixed';
export type SlabKind = 'solidTimber' | 'framed' | 'hollowCore' | 'composite' | 'steel' | 'glazed';

/** From the top down; a door has two to four of them. */
export const HINGE_NAMES = ['top', 'upper', 'middle', 'lower', 'bottom'] as const;
export type HingeName = (typeof HINGE_NAMES)[number];

/** The two leaves of a hinge by what they are screwed to. */
export const HINGE_LEAVES = ['frame', 'door'] as const;
export type HingeLeaf = (typeof HINGE_LEAVES)[number];

export const HINGE_KINDS = ['butt', 'ballBearing', 'cast', 'adjustable', 'fullHeight', 'faceFixed'] as const satisfies readonly HingeKind[];
export const SLAB_KINDS = ['solidTimber', 'framed', 'hollowCore', 'composite', 'steel', 'glazed'] as const satisfies readonly SlabKind[];
