/** A crooked line by some of its points, mm: how far it stands off at places along it, straight in between and on beyond the ends. */
export type Outline = readonly OutlinePoint[];

export interface OutlinePoint {
  at: number;
  mm: number;
}

export const straightAt = (mm: number): Outline => [{ at: 0, mm }];

/** How far the line stands off at a place. */
export function outlineAt(outline: Outline, at: number): number {
  const [first] = outline;
  if (first === undefined) return 0;
  let i = 1;
  while (i < outline.length - 1 && (outline[i]?.at ?? 0) < at) i += 1;
  const [a, b] = [outline[i - 1] ?? first, outline[i] ?? first];
  return b.at === a.at ? a.mm : a.mm + ((b.mm - a.mm) * (at - a.at)) / (b.at - a.at);
}

/** Two lines added up, with the points of both. */
export function addOutlines(a: Outline, b: Outline, times = 1): Outline {
  return placesOf(a, b).map((at) => ({ at, mm: outlineAt(a, at) + times * outlineAt(b, at) }));
}

/** Where either line bends, in order. */
export function placesOf(...outlines: readonly Outline[]): number[] {
  const places: number[] = [];
  for (const outline of outlines) for (const { at } of outline) places.push(at);
  return places.sort((a, b) => a - b).filter((at, i) => at !== places[i - 1]);
}

/** The line as readings make it, in order. */
export const inOrder = (points: readonly OutlinePoint[]): Outline => [...points].sort((a, b) => a.at - b.at);

/** The mean of a line over its length, where that is one. */
export const meanOf = (outline: Outline) =>
  outline.reduce((sum, { at, mm }, i) => {
    const before = outline[i - 1];
    return before === undefined ? sum : sum + ((at - before.at) * (mm + before.mm)) / 2;
  }, 0);
