import { length, figure, SLAB_WIDTH, SLAB_HEIGHT, THICKNESS, MASS, HINGES } from './fieldKinds';
import type { BenchSheet } from './sheetFields';

const ACROSS = length('acrossMm', 'Leg across wall', {
  isOptional: true,
  signed: true,
  hint: '+ into the room',
});
const ALONG = length('alongMm', 'Leg toward latch', { isOptional: true, signed: true, hint: '+ to the latch' });

/** Angles at which the floor is read along the arc. */
export const ARC_ANGLES = [15, 30, 45, 60, 75, 90] as const;

/** Sheets about the way the slab swings and hangs. */
export const SWING_SHEETS: readonly BenchSheet[] = [
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
];
