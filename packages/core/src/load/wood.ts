/** A timber a hinge is screwed to. */
export interface Wood {
  id: WoodId;
  title: string;
  /** Specific gravity, oven dry. */
  gravity: number;
}

/** Specific gravities of the National Design Specification for Wood Construction, table of assigned specific gravities (from memory). */
const WOOD_TABLE = {
  sprucePineFir: { title: 'Spruce, pine, fir', gravity: 0.42 },
  hemFir: { title: 'Hem-fir', gravity: 0.43 },
  douglasFir: { title: 'Douglas fir', gravity: 0.5 },
  southernPine: { title: 'Southern pine', gravity: 0.55 },
  whitePine: { title: 'White pine', gravity: 0.36 },
  redOak: { title: 'Red oak', gravity: 0.67 },
} as const satisfies Record<string, Omit<Wood, 'id'>>;

export type WoodId = keyof typeof WOOD_TABLE;

export const WOOD_IDS = Object.keys(WOOD_TABLE) as WoodId[];

export function wood(id: WoodId): Wood {
  return { id, ...WOOD_TABLE[id] };
}
