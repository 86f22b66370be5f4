import { length, figure, SLAB_WIDTH, SLAB_HEIGHT, THICKNESS, MASS, HINGES } from './fieldKinds';
import type { BenchSheet } from './sheetFields';

const WOODS = [
  { id: 'sprucePineFir', label: 'Spruce, pine, fir' },
  { id: 'hemFir', label: 'Hem-fir' },
  { id: 'douglasFir', label: 'Douglas fir' },
  { id: 'southernPine', label: 'Southern pine' },
  { id: 'whitePine', label: 'White pine' },
  { id: 'redOak', label: 'Red oak' },
] as const;
/** Sheets about hinges and their fixings. */
export const HINGE_SHEETS: readonly BenchSheet[] = [
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
