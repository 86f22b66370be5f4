import type { SheetName } from '@proper-swing/contract';

/** One figure a sheet asks for: where it goes in the request, and what it usually is. */
export interface SheetField {
  /** Path in the request. */
  path: string;
  label: string;
  kind: 'length' | 'lengths' | 'figure' | 'choice' | 'yes';
  /** Unit of a figure that is no length. */
  unit?: string;
  options?: readonly { id: string; label: string }[];
  /** Typed beforehand: mm of lengths, else as it is typed. */
  usual?: number | readonly number[] | string;
  isOptional?: boolean;
  /** Whether it may carry a minus. */
  signed?: boolean;
  /** Counts only where this other field is filled. */
  needs?: string;
  hint?: string;
}

export interface FieldGroup {
  title: string;
  fields: readonly SheetField[];
}

/** A sheet as the bench shows it. */
export interface BenchSheet {
  name: BenchName;
  title: string;
  about: string;
  groups: readonly FieldGroup[];
  /** Common practice or source the sheet goes by, said under it. */
  basis: string;
}

/** Sheets that are typed; the multipoint session has a page of its own. */
export type BenchName = Exclude<SheetName, 'multipoint.next' | 'multipoint.check'>;

const length = (path: string, label: string, more: Partial<SheetField> = {}): SheetField => ({ path, label, kind: 'length', ...more });
const figure = (path: string, label: string, unit: string, more: Partial<SheetField> = {}): SheetField => ({
  path,
  label,
  unit,
  kind: 'figure',
  ...more,
});

const SLAB_WIDTH = length('slabWidthMm', 'Slab width', { usual: 762 });
const SLAB_HEIGHT = length('slabHeightMm', 'Slab height', { usual: 1981 });
const THICKNESS = length('thicknessMm', 'Thickness', { usual: 44 });
const MASS = figure('massKg', 'Weight of slab', 'kg', { usual: '28' });
const HINGES: SheetField = {
  path: 'hingeHeightsMm',
  label: 'Hinges below top of slab',
  kind: 'lengths',
  usual: [165, 990, 1750],
  hint: 'Top to bottom, a comma between',
};
const WOODS = [
  { id: 'sprucePineFir', label: 'Spruce, pine, fir' },
  { id: 'hemFir', label: 'Hem-fir' },
  { id: 'douglasFir', label: 'Douglas fir' },
  { id: 'southernPine', label: 'Southern pine' },
  { id: 'whitePine', label: 'White pine' },
  { id: 'redOak', label: 'Red oak' },
] as const;
const ACROSS = length('acrossMm', 'Leg across wall', {
  isOptional: true,
  signed: true,
  hint: '+ into the room',
});
const ALONG = length('alongMm', 'Leg toward latch', { isOptional: true, signed: true, hint: '+ to the latch' });

/** Angles at which the floor is read along the arc. */
export const ARC_ANGLES = [15, 30, 45, 60, 75, 90] as const;

export const BENCH_SHEETS: readonly BenchSheet[] = [
  {
    name: 'latch.strike',
    title: 'Bolt and strike',
    about: 'Where the bolt meets its strike, and the least that cures it.',
    basis: 'Files up to 2 mm, moves beyond; play, hold and bore room: common practice, no source.',
    groups: [
      {
        title: 'Where it meets',
        fields: [
          length('lowMm', 'Bolt low by', { signed: true, isOptional: true, hint: 'From the colour mark; − above' }),
          length('playMm', 'Play when latched', { signed: true, usual: 0.4, hint: '− when it must be pushed' }),
          length('gapMm', 'Gap at the bolt', { usual: 3 }),
          { path: 'hasTab', label: 'Strike has a tab', kind: 'yes', isOptional: true },
        ],
      },
      {
        title: 'Bolt and hole',
        fields: [
          length('boltHeightMm', 'Bolt, height', { usual: 16 }),
          length('holeHeightMm', 'Hole, height', { usual: 20 }),
          length('boltThicknessMm', 'Bolt, thickness', { usual: 11 }),
          length('holeWidthMm', 'Hole, width', { usual: 13 }),
          length('throwMm', 'Bolt stands out', { usual: 12 }),
          length('boreMm', 'Bore behind strike', { usual: 15 }),
          length('strikeSunkMm', 'Strike below leg', { usual: 0, signed: true }),
        ],
      },
      {
        title: 'No mark? From the head gaps',
        fields: [
          length('gaps.headLatchMm', 'Head gap, latch end', { isOptional: true }),
          length('gaps.headHingeMm', 'Head gap, hinge end', { needs: 'gaps.headLatchMm', usual: 3 }),
          length('gaps.wantedHeadMm', 'Head gap it was set for', { needs: 'gaps.headLatchMm', usual: 3 }),
        ],
      },
      {
        title: 'What the hinges can still do',
        fields: [
          length('liftMm', 'Lift the latch edge by', { isOptional: true }),
          length('lowerMm', 'Let it down by', { isOptional: true }),
        ],
      },
    ],
  },
  {
    name: 'swing.drift',
    title: 'Drift',
    about: 'Why it moves by itself, where it comes to rest, and both cures side by side.',
    basis: 'Statics of a leaning hinge line; friction 0.2 and slack of pins: common practice, no source.',
    groups: [
      {
        title: 'What was tried',
        fields: [
          {
            path: 'test.did',
            label: 'Let go, it',
            kind: 'choice',
            isOptional: true,
            options: [
              { id: 'stays', label: 'Stays' },
              { id: 'closes', label: 'Closes' },
              { id: 'opens', label: 'Opens' },
            ],
          },
          figure('test.fromDeg', 'Let go at', '°', { needs: 'test.did', usual: '45' }),
          figure('test.restDeg', 'Came to rest at', '°', { needs: 'test.did', isOptional: true }),
          ACROSS,
          ALONG,
        ],
      },
      {
        title: 'The door',
        fields: [SLAB_WIDTH, SLAB_HEIGHT, THICKNESS, MASS, HINGES, figure('opensToDeg', 'Opens to', '°', { usual: '90' })],
      },
      {
        title: 'Spring balance at the latch edge',
        fields: [
          figure('pull.toOpenN', 'Just opens it', 'N', { isOptional: true }),
          figure('pull.toCloseN', 'Just closes it', 'N', { needs: 'pull.toOpenN' }),
          figure('pull.atDeg', 'Held open at', '°', { needs: 'pull.toOpenN', usual: '45' }),
        ],
      },
      {
        title: 'Slab to stop, latch side',
        fields: [
          length('stop.topMm', 'At the top', { isOptional: true }),
          length('stop.bottomMm', 'At the foot', { needs: 'stop.topMm', usual: 0 }),
        ],
      },
    ],
  },
  {
    name: 'swing.edge',
    title: 'Closing edge',
    about: 'Whether the edge passes its leg, the least gap and bevel, and how far it opens.',
    basis: 'Plane geometry; usual bevel 1/8 in in 2 in, door handbooks (from memory).',
    groups: [
      {
        title: 'The edge',
        fields: [
          SLAB_WIDTH,
          THICKNESS,
          length('latchGapMm', 'Latch gap', { usual: 3 }),
          length('bevelMm', 'Bevel as planed', { isOptional: true }),
          length('wantedMm', 'To keep clear', { usual: 1 }),
          length('legProudMm', 'Leg stands proud', { isOptional: true, signed: true, hint: '− set back' }),
        ],
      },
      {
        title: 'The pin',
        fields: [
          length('pinBehindMm', 'Behind hinge edge', { usual: 1.5, signed: true }),
          length('pinProudMm', 'In front of face', { usual: 6, signed: true }),
        ],
      },
      {
        title: 'Stop beside the hinges',
        fields: [
          length('stop.gapMm', 'Slab to stop', { isOptional: true }),
          length('stop.widthMm', 'Stop comes over by', { needs: 'stop.gapMm', usual: 12 }),
          length('stop.hingeGapMm', 'Hinge gap', { needs: 'stop.gapMm', usual: 2 }),
        ],
      },
      {
        title: 'Trim beside the hinges',
        fields: [
          length('trim.proudMm', 'Stands out', { isOptional: true }),
          length('trim.setBackMm', 'Set back from edge', { needs: 'trim.proudMm', usual: 6 }),
          length('trim.hingeGapMm', 'Hinge gap', { needs: 'trim.proudMm', usual: 2 }),
        ],
      },
    ],
  },
  {
    name: 'swing.floor',
    title: 'Floor along the arc',
    about: 'Where the foot drags, how much to raise and what is left to cut.',
    basis: 'Exact rise of a point on a leaning axis; floor straight between readings.',
    groups: [
      {
        title: 'Gaps under the latch corner',
        fields: [
          length('closedGapMm', 'Closed', {}),
          ...ARC_ANGLES.map((deg) => length(`gapAt.${deg}`, `At ${deg}°`, { isOptional: true })),
          length('headGapMm', 'Head gap', { isOptional: true, hint: 'to raise it by' }),
        ],
      },
      {
        title: 'What is wanted',
        fields: [
          length('wantedMm', 'Gap to keep', { usual: 3 }),
          length('leastHeadGapMm', 'Least head gap', { needs: 'headGapMm', usual: 2 }),
        ],
      },
      {
        title: 'Rug or strip',
        fields: [
          length('cover.thicknessMm', 'Thickness', { isOptional: true }),
          figure('cover.fromDeg', 'From', '°', { needs: 'cover.thicknessMm', usual: '20' }),
          figure('cover.toDeg', 'To', '°', { needs: 'cover.thicknessMm', usual: '90' }),
        ],
      },
      {
        title: 'The door',
        fields: [
          SLAB_WIDTH,
          figure('opensToDeg', 'Opens to', '°', { usual: '90' }),
          { ...ACROSS, isOptional: false, usual: 0 },
          { ...ALONG, isOptional: false, usual: 0 },
          length('leanOverMm', 'Read over a height of', { usual: 1981 }),
        ],
      },
    ],
  },
  {
    name: 'swing.twist',
    title: 'Slab against stop',
    about: 'One corner touches first: throw a hinge, move the stop, or replace.',
    basis: 'Plane geometry; warp limit 1/4 in, ANSI/WDMA I.S.1A (from memory); half at the hinge: common practice.',
    groups: [
      {
        title: 'Slab to stop at the latch side',
        fields: [
          length('stopTopMm', 'At the top', {}),
          length('stopBottomMm', 'At the foot', {}),
          length('wantedMm', 'Wanted', { usual: 0, hint: 'For a seal' }),
        ],
      },
      {
        title: 'Both legs across the wall',
        fields: [
          length('hingeAcrossMm', 'Hinge leg', { isOptional: true, signed: true, hint: '+ into the room' }),
          length('latchAcrossMm', 'Latch leg', { isOptional: true, signed: true, hint: '+ into the room' }),
        ],
      },
      { title: 'The door', fields: [SLAB_HEIGHT, HINGES] },
    ],
  },
  {
    name: 'swing.pair',
    title: 'Pair in one plane',
    about: 'Brings the faces of a pair together at the meeting stiles.',
    basis: 'Line through three readings by least squares.',
    groups: [
      {
        title: 'Step between the faces, + when this leaf stands toward the room',
        fields: [
          length('topMm', 'At the top', { signed: true }),
          length('middleMm', 'At the middle', { signed: true }),
          length('bottomMm', 'At the foot', { signed: true }),
        ],
      },
      { title: 'The leaf', fields: [SLAB_HEIGHT, HINGES] },
    ],
  },
  {
    name: 'hinge.load',
    title: 'Hinge load and screws',
    about: 'The pull on each hinge, and what one long screw is worth.',
    basis: 'Statics; National Design Specification for Wood Construction, withdrawal of wood screws, W = 2850·G²·D.',
    groups: [
      { title: 'The door', fields: [SLAB_WIDTH, SLAB_HEIGHT, MASS, HINGES] },
      {
        title: 'Screws',
        fields: [
          figure('short.count', 'In the leaf', 'screws', { usual: '3' }),
          figure('short.number', 'Their number', 'no.', { usual: '9' }),
          length('short.lengthMm', 'Their length', { usual: 19 }),
          figure('long.number', 'Long one, number', 'no.', { usual: '9' }),
          length('long.lengthMm', 'Long one, length', { usual: 76 }),
          length('leafMm', 'Leaf', { usual: 2.5 }),
        ],
      },
      {
        title: 'Behind the leaf',
        fields: [
          length('behind.jambMm', 'Jamb', { usual: 19 }),
          length('behind.spaceMm', 'Packers or air', { usual: 12 }),
          { path: 'behind.jambWood', label: 'Jamb is', kind: 'choice', options: WOODS, usual: 'sprucePineFir' },
          { path: 'behind.framingWood', label: 'Framing is', kind: 'choice', options: WOODS, usual: 'sprucePineFir' },
        ],
      },
    ],
  },
  {
    name: 'hinge.size',
    title: 'Hinges to buy',
    about: 'How many, how high and how wide.',
    basis: 'Tables of door hardware handbooks (from memory); one more for a heavy leaf: common practice.',
    groups: [
      {
        title: 'The door',
        fields: [
          SLAB_WIDTH,
          SLAB_HEIGHT,
          THICKNESS,
          MASS,
          length('backsetMm', 'Backset of the leaf', { usual: 6 }),
          length('clearanceMm', 'Clear of the trim by', { usual: 25 }),
        ],
      },
    ],
  },
  {
    name: 'hinge.continuous',
    title: 'Full-height hinge',
    about: 'Fitting sheet for a worn door: trim, packers, first screws.',
    basis: 'Gaps 1/8 in, settling 1/16 in, bearing 7/8 in: common practice, no source. The hinge’s own sheet decides.',
    groups: [
      {
        title: 'Opening and slab',
        fields: [
          { path: 'openingWidthsMm', label: 'Width at top, middle, foot', kind: 'lengths', hint: 'Three, a comma between' },
          { path: 'openingHeightsMm', label: 'Height at hinge, latch side', kind: 'lengths', hint: 'Two, a comma between' },
          length('slabWidthMm', 'Slab width'),
          length('slabHeightMm', 'Slab height'),
        ],
      },
      {
        title: 'The hinge',
        fields: [
          length('hingeLengthMm', 'Hinge length', { usual: 2108 }),
          length('hingeTakesMm', 'Hinge takes', { usual: 8, hint: 'From its sheet' }),
          length('frameLeafMm', 'Leaf on frame', { usual: 45 }),
          length('frameFaceMm', 'Frame to lie on', { usual: 50 }),
          length('footWantedMm', 'Foot gap wanted', { usual: 10 }),
        ],
      },
    ],
  },
];

export function benchSheet(name: string): BenchSheet | undefined {
  return BENCH_SHEETS.find((each) => each.name === name);
}

/** The name of a sheet in an address, where a dot would read as a file's ending. */
export const inAddress = (name: string) => name.replace('.', '-');

export function sheetAt(address: string): BenchSheet | undefined {
  return BENCH_SHEETS.find(({ name }) => inAddress(name) === address);
}

export const fieldsOf = ({ groups }: BenchSheet): SheetField[] => groups.flatMap(({ fields }) => fields);
