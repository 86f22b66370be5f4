/** Standard acceleration of free fall, m/s²: what a kilogram weighs, N (3rd General Conference on Weights and Measures, 1901). */
export const GRAVITY = 9.80665;
