import type { ActionId } from '../names/actionIds';

/** One way of treating a thing, with what it leaves out and why one may want it. */
export interface SchoolWay {
  label: string;
  says: string;
  leavesOut: readonly ActionId[];
}

/** A point on which good carpenters differ. */
export interface School {
  title: string;
  /** When no way is chosen for a door. */
  both: string;
  ways: Readonly<Record<string, SchoolWay>>;
}

/**
 * Points on which good carpenters differ; a door may be treated by one way of each, and by default all are weighed. How wide a
 * gap should be is a school too: those are the tolerance profiles. Common practice, no source.
 */
const SCHOOL_TABLE = {
  drift: {
    title: 'A door that swings by itself',
    both: 'Friction is quick and geometry lasts: both are weighed.',
    ways: {
      friction: {
        label: 'Friction',
        says: 'A bent pin holds it in a few minutes. The lean stays, and the pin wears.',
        leavesOut: ['throwHinge'],
      },
      geometry: {
        label: 'Geometry',
        says: 'The hinge line is brought plumb. It takes longer, moves the stop and the latch, and stays.',
        leavesOut: ['bendPin', 'bendNextPin'],
      },
    },
  },
  hingeMove: {
    title: 'Moving a hinge',
    both: 'Card and wrench are weighed by how sure they are and how long they take.',
    ways: {
      packing: {
        label: 'Packing',
        says: 'Card behind the leaf, or a deeper seat: a known thickness, and it can be taken out again.',
        leavesOut: ['bendKnuckles'],
      },
      bending: {
        label: 'Bending',
        says: 'A wrench on the knuckles: nothing behind the leaf and no screw disturbed, but by trial.',
        leavesOut: ['shim', 'shimStrip', 'deepen'],
      },
    },
  },
} as const satisfies Record<string, School>;

export type SchoolId = keyof typeof SCHOOL_TABLE;
export type WayId<S extends SchoolId> = Extract<keyof (typeof SCHOOL_TABLE)[S]['ways'], string>;

export const SCHOOL_IDS = Object.keys(SCHOOL_TABLE) as SchoolId[];

/** The ways chosen for a door; what is not chosen is weighed. */
export type SchoolChoices = { readonly [S in SchoolId]?: WayId<S> | null | undefined };

export function school(id: SchoolId): School {
  return SCHOOL_TABLE[id];
}

export function wayIds<S extends SchoolId>(id: S): WayId<S>[] {
  return Object.keys(school(id).ways) as WayId<S>[];
}

/** The way chosen on one point; `undefined` when all are weighed. */
export function chosenWay(choices: SchoolChoices | null | undefined, id: SchoolId): SchoolWay | undefined {
  const way = choices?.[id];
  return way == null ? undefined : school(id).ways[way];
}

/** Why an action is left out on a door by its schools; `undefined` when it is not. */
export function leftOutBySchool(choices: SchoolChoices | null | undefined, id: ActionId): string | undefined {
  for (const point of SCHOOL_IDS) {
    const way = chosenWay(choices, point);
    if (way?.leavesOut.includes(id)) return `This door’s school: ${way.label.toLowerCase()}. ${way.says}`;
  }
  return undefined;
}
