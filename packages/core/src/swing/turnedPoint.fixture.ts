/** A vector in the axes of `axisTilt`: toward the latch, up, toward the room. */
export type Vector = readonly [number, number, number];

export const dotOf = (a: Vector, b: Vector) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

export const cross = (a: Vector, b: Vector): Vector => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];

const scaled = (a: Vector, by: number): Vector => [a[0] * by, a[1] * by, a[2] * by];
const plus = (...all: readonly Vector[]): Vector =>
  all.reduce<Vector>((sum, each) => [sum[0] + each[0], sum[1] + each[1], sum[2] + each[2]], [0, 0, 0]);
const unit = (a: Vector) => scaled(a, 1 / Math.hypot(...a));

/** Direction of a hinge line that leans by so much over a height. */
export const axisOf = (alongMm: number, acrossMm: number, overMm: number): Vector => unit([alongMm / overMm, 1, acrossMm / overMm]);

/** A point turned about an axis through the origin by Rodrigues' rotation formula; + turns the closed door toward the room. */
export function turned(point: Vector, axis: Vector, angle: number): Vector {
  // The door opens from x toward z: against the right-hand sense about an upward axis.
  const a = -angle;
  return plus(scaled(point, Math.cos(a)), scaled(cross(axis, point), Math.sin(a)), scaled(axis, dotOf(axis, point) * (1 - Math.cos(a))));
}

/** The closed slab's point at so much from the axis toward the latch and toward the room, square to a leaning axis. */
export function onClosedDoor(xMm: number, zMm: number, axis: Vector): Vector {
  const e1 = unit([1, -axis[0] / axis[1], 0]);
  return plus(scaled(e1, xMm), scaled(unit(cross(e1, axis)), zMm));
}
