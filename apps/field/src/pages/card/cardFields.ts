/** Fields of the form by what they belong to; each stands on the form as its text. */
export const SITE_FIELDS = ['name', 'address', 'contact', 'remarks'] as const;
export const CALL_FIELDS = ['complaint', 'scheduledFor'] as const;

export const HINGED_FIELDS = [
  'hingesOn',
  'hingeKind',
  'slabKind',
  'fireRated',
  'closer',
  'slabWidthMm',
  'slabHeightMm',
  'thicknessMm',
  /** Hinge centres below the top of the slab, with commas between. */
  'hingeHeightsMm',
] as const;

export const SLIDING_FIELDS = [
  'panelKind',
  'closesTo',
  'frame',
  'panels',
  'slides',
  'panelWidthMm',
  'panelHeightMm',
  'glassMm',
  'screwsAt',
  'liftsBy',
  'mmPerTurn',
  'travelMm',
  'channelMm',
] as const;

export type HingedField = (typeof HINGED_FIELDS)[number];
export type SlidingField = (typeof SLIDING_FIELDS)[number];
export type CardField = (typeof SITE_FIELDS)[number] | (typeof CALL_FIELDS)[number] | 'title' | HingedField | SlidingField;

/** What is wrong, by field. */
export type CardErrors = Partial<Record<CardField, string>>;

/** How a make is read back from the form. */
export interface ReadsMake<Field extends CardField> {
  draft: Readonly<Record<Field, string>>;
  isTouched: (field: Field) => boolean;
  /** A length as typed, mm; what is wrong with it is noted at its field. */
  read: (field: Field, text: string) => number;
  /** Notes what is wrong at a field. */
  fault: (field: Field, message: string) => void;
}

export const yesNo = (is: boolean) => (is ? 'yes' : 'no');
