/**
 * A hinge line that leans: how far its top stands off its foot.
 *
 * Plan axes at the hinge line, door closed: x toward the latch, z toward the room the door opens into, y up.
 */
export interface AxisLean {
  /** Top toward the latch, mm over `overMm`; − away from it. */
  alongMm: number;
  /** Top toward the room the door opens into, mm over `overMm`; − away from it. */
  acrossMm: number;
  /** Height the lean is over, mm. */
  overMm: number;
}

/** How much the height of a point changes, mm a mm, for each mm it lies toward the latch and toward the room. */
export interface AxisTilt {
  /** Weight of the offset p(θ) in the turned direction of the closed door. */
  along: number;
  /** Weight of the offset q(θ) square to it. */
  across: number;
}

/**
 * Heights about a leaning axis, exact: with slopes α, β the axis is n = (α, 1, β)/N; the closed door points along
 * e₁ = (1, −α, 0)/c and swings toward e₃ = e₁ × n, so a point at p·e₁ + q·e₃ stands at −p·α/c − q·β/(c·N) above the axis.
 *
 * Source: vector product, derived in docs/decisions/0010; to first order the usual w(α cos θ + β sin θ).
 */
export function axisTilt({ alongMm, acrossMm, overMm }: AxisLean): AxisTilt {
  const alpha = alongMm / overMm;
  const beta = acrossMm / overMm;
  const c = Math.hypot(1, alpha);
  const n = Math.hypot(alpha, 1, beta);
  return { along: alpha / c, across: beta / (c * n) };
}

/**
 * How far a point of the slab rises from where it is with the door closed, mm; − falls.
 *
 * @param xMm from the axis toward the latch, door closed
 * @param zMm from the axis toward the room, door closed
 * @param angle opening angle, radians
 */
export function riseAt({ along, across }: AxisTilt, xMm: number, zMm: number, angle: number): number {
  const p = xMm * Math.cos(angle) - zMm * Math.sin(angle);
  const q = xMm * Math.sin(angle) + zMm * Math.cos(angle);
  return (xMm - p) * along + (zMm - q) * across;
}

export const toRadians = (degrees: number) => (degrees * Math.PI) / 180;
export const toDegrees = (radians: number) => (radians * 180) / Math.PI;
