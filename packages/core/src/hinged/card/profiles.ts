import type { Limits, ToleranceProfile } from '../../model/profile';

export type EdgeId = 'hinge' | 'head' | 'latch' | 'foot';
export const EDGES = ['hinge', 'head', 'latch', 'foot'] as const satisfies readonly EdgeId[];
/** Edges along which the gap must be even; the floor is as it is. */
export const EVEN_EDGES = ['hinge', 'head', 'latch'] as const satisfies readonly EdgeId[];

/** What a hinged door is judged by, with where the figures come from. */
export interface HingedProfile extends ToleranceProfile<EdgeId> {
  id: ProfileId;
  title: string;
  edges: Readonly<Record<EdgeId, Limits>>;
  source: string;
}

const PROFILE_TABLE = {
  interiorTimber: {
    title: 'Interior timber',
    edges: {
      hinge: { min: 1.5, target: 2, max: 3 },
      head: { min: 2, target: 3, max: 4 },
      latch: { min: 2, target: 3, max: 4 },
      foot: { min: 3, target: 8, max: 20 },
    },
    evenWithin: 1,
    source: 'Common practice, no source',
  },
  interiorTight: {
    title: 'Interior, tight school',
    edges: {
      hinge: { min: 1, target: 1.6, max: 2.4 },
      head: { min: 2.2, target: 3.2, max: 4 },
      latch: { min: 2.2, target: 3.2, max: 4 },
      foot: { min: 3, target: 8, max: 20 },
    },
    evenWithin: 0.8,
    source: 'Common practice, no source: 1/16 in at the hinges, 1/8 in at the latch',
  },
  eighthAllRound: {
    title: 'Interior, 1/8 in all round',
    edges: {
      hinge: { min: 2.2, target: 3.2, max: 4.2 },
      head: { min: 2.2, target: 3.2, max: 4.2 },
      latch: { min: 2.2, target: 3.2, max: 4.2 },
      foot: { min: 3, target: 8, max: 20 },
    },
    evenWithin: 1,
    source: 'Common practice, no source: 1/8 in all round',
  },
  twoAllRound: {
    title: 'Interior, 2 mm all round',
    edges: {
      hinge: { min: 1.2, target: 2, max: 2.8 },
      head: { min: 1.2, target: 2, max: 2.8 },
      latch: { min: 1.2, target: 2, max: 2.8 },
      foot: { min: 3, target: 8, max: 20 },
    },
    evenWithin: 0.8,
    source: 'Common practice, no source: 2 mm all round',
  },
  exteriorTimber: {
    title: 'Exterior timber',
    edges: {
      hinge: { min: 2, target: 3, max: 4 },
      head: { min: 2, target: 3, max: 4 },
      latch: { min: 2, target: 3, max: 4 },
      foot: { min: 3, target: 6, max: 12 },
    },
    evenWithin: 1,
    source: 'Common practice, no source: 3 mm all round',
  },
  compositeMultipoint: {
    title: 'Composite with multipoint lock',
    edges: {
      hinge: { min: 3, target: 5, max: 7 },
      head: { min: 3, target: 5, max: 7 },
      latch: { min: 4, target: 5, max: 6 },
      foot: { min: 3, target: 6, max: 12 },
    },
    evenWithin: 1.5,
    source: 'Common practice, no source: 4–6 mm at the locking side',
  },
  steelFrame: {
    title: 'Steel door in a steel frame',
    edges: {
      hinge: { min: 1.6, target: 3.2, max: 4.8 },
      head: { min: 1.6, target: 3.2, max: 4.8 },
      latch: { min: 1.6, target: 3.2, max: 4.8 },
      foot: { min: 3, target: 12, max: 19 },
    },
    evenWithin: 1.6,
    source: 'ANSI/SDI A250.8: 1/8 in ± 1/16 in at head and jambs (from memory)',
  },
  fireDoor: {
    title: 'Fire door, as its listing says',
    edges: {
      hinge: { min: 2, target: 3, max: 4 },
      head: { min: 2, target: 3, max: 4 },
      latch: { min: 2, target: 3, max: 4 },
      foot: { min: 3, target: 8, max: 10 },
    },
    evenWithin: 1.5,
    source: 'Default 2–4 mm, common practice; the certificate of the door decides',
  },
} as const satisfies Record<string, Omit<HingedProfile, 'id'>>;

export type ProfileId = keyof typeof PROFILE_TABLE;

export const PROFILE_IDS = Object.keys(PROFILE_TABLE) as ProfileId[];

/** The gaps a door should have. */
export function toleranceProfile(id: ProfileId): HingedProfile {
  return { id, ...PROFILE_TABLE[id] };
}
