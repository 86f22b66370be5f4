/** Rollers, hangers, pivots and guides sit so far in from the ends, as a share of the width (common practice, no source). */
export const WHEEL_F = 0.07;
