/** A line along the opening that turns about its middle; x from the closing jamb. */
export interface TrueLine {
  /** How far it runs down at the closing end over the opening, mm. */
  tilt: number;
  /** At the middle, mm; + up. */
  belly: number;
}

/** Height of a line at x from the closing jamb, mm; + up. */
export function lineAt({ tilt, belly }: TrueLine, openingW: number, x: number): number {
  const s = x / openingW;
  return -tilt * (0.5 - s) + belly * 4 * s * (1 - s);
}

export interface Pose {
  /** Where a point of the panel stands: u from its closing edge, v up from its foot. */
  place: (u: number, v: number) => { x: number; y: number };
}
