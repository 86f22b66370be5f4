import { drawOpening, outlineAt, type MeasuredOpening, type SlabFit } from '@proper-swing/core/sheets';

/** Where an opening is drawn, px. */
export interface DrawnBox {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** What is crooked is drawn so many px out at the most, and at most so many times as much. */
const CROOKED_PX = 16;
const WIDENED_TIMES = 4;
const STEPS = Array.from({ length: 21 }, (_, i) => i / 20);

export interface DrawnOpening {
  /** Its outline, and the slab in it where that is known, as paths. */
  outline: string;
  slab: string;
  /** How many times what is crooked is widened. */
  scale: number;
  tallMm: number;
  wideMm: number;
}

/** An opening with its crookedness widened, and the slab in it with its gaps widened as much. */
export function openingShape(opening: MeasuredOpening, edges: SlabFit['edges'], { left, right, top, bottom }: DrawnBox): DrawnOpening {
  const { hingeLeg, latchLeg, head, floor } = drawOpening(opening);
  const tall = Math.max(...opening.heights.map(({ mm }) => mm));
  const wide = Math.max(...opening.widths.map(({ mm }) => mm));
  const crooked = STEPS.flatMap((share) => [
    outlineAt(hingeLeg, share * tall),
    outlineAt(latchLeg, share * tall) - wide,
    outlineAt(head, share * wide) - tall,
    outlineAt(floor, share * wide),
  ]);
  const scale = Math.min(WIDENED_TIMES, CROOKED_PX / Math.max(0.5, ...crooked.map(Math.abs)));
  const gapAt = (edge: SlabFit['edges'][number]['edge'], at: number) =>
    outlineAt(edges.find((each) => each.edge === edge)?.gaps ?? [], at) * scale;
  const line = (points: readonly [number, number][]) => points.map(([px, py], i) => `${i === 0 ? 'M' : 'L'}${px} ${py}`).join(' ');
  const hingeX = (share: number) => left + outlineAt(hingeLeg, share * tall) * scale;
  const latchX = (share: number) => right + (outlineAt(latchLeg, share * tall) - wide) * scale;
  const headY = (share: number) => top - (outlineAt(head, share * wide) - tall) * scale;
  const floorY = (share: number) => bottom - outlineAt(floor, share * wide) * scale;
  const between = (from: number, to: number, share: number) => from + (to - from) * share;
  const sides = {
    hinge: (share: number, inset = 0): [number, number] => [hingeX(share) + inset, between(floorY(0), headY(0), share)],
    latch: (share: number, inset = 0): [number, number] => [latchX(share) - inset, between(floorY(1), headY(1), share)],
    head: (share: number, inset = 0): [number, number] => [between(hingeX(1), latchX(1), share), headY(share) + inset],
    floor: (share: number, inset = 0): [number, number] => [between(hingeX(0), latchX(0), share), floorY(share) - inset],
  };
  const opened = [
    ...STEPS.map((share) => sides.hinge(share)),
    ...STEPS.map((share) => sides.head(share)),
    ...[...STEPS].reverse().map((share) => sides.latch(share)),
    ...[...STEPS].reverse().map((share) => sides.floor(share)),
  ];
  const fromTop = (share: number) => (1 - share) * tall;
  const inside = STEPS.filter((share) => share > 0.02 && share < 0.98);
  const slab = [
    ...inside.map((share) => sides.hinge(share, gapAt('hinge', fromTop(share)))),
    ...inside.map((share) => sides.head(share, gapAt('head', share * wide))),
    ...[...inside].reverse().map((share) => sides.latch(share, gapAt('latch', fromTop(share)))),
    ...[...inside].reverse().map((share) => sides.floor(share, gapAt('foot', share * wide))),
  ];
  return { outline: `${line(opened)} Z`, slab: edges.length > 0 ? `${line(slab)} Z` : '', scale, tallMm: tall, wideMm: wide };
}
