/** Half turns of a screw that a plan may ask for at one place. */
export const HALF_TURNS = [-10, -9, -8, -7, -6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10];
