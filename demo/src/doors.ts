import type { DemoDoor } from './workshop';

const INTERIOR = { slabWidthMm: 762, slabHeightMm: 1981, thicknessMm: 40, hingeHeightsMm: [165, 990, 1750], hingeKind: 'butt', slabKind: 'solidTimber', fireRated: false, profile: 'interiorTimber' } as const;

export const DOORS: readonly DemoDoor[] = [
  { ...INTERIOR, key: 'kitchen', site: 'wexmoor', title: 'Kitchen', hingesOn: 'left' },
  { ...INTERIOR, key: 'bathroom', site: 'wexmoor', title: 'Upstairs bathroom', hingesOn: 'right', slabWidthMm: 686, slabKind: 'hollowCore', thicknessMm: 35, hingeHeightsMm: [152, 1727] },
  { ...INTERIOR, key: 'front', site: 'wexmoor', title: 'Front door', hingesOn: 'right', slabWidthMm: 900, slabHeightMm: 2050, thicknessMm: 68, hingeHeightsMm: [180, 1020, 1860], hingeKind: 'adjustable', slabKind: 'composite', profile: 'compositeMultipoint' },
  { ...INTERIOR, key: 'committee', site: 'hall', title: 'Committee room', hingesOn: 'left', slabWidthMm: 838 },
  { ...INTERIOR, key: 'stage', site: 'hall', title: 'Door beside the stage', hingesOn: 'right', slabWidthMm: 838, profile: 'interiorTight' },
  { ...INTERIOR, key: 'store', site: 'school', title: 'Store cupboard, year 1', hingesOn: 'left', hingeKind: 'butt' },
  { ...INTERIOR, key: 'classroom', site: 'school', title: 'Classroom 2 to corridor', hingesOn: 'right', slabWidthMm: 926, thicknessMm: 44, hingeHeightsMm: [165, 570, 1180, 1750], hingeKind: 'ballBearing', fireRated: true, profile: 'fireDoor' },
  { ...INTERIOR, key: 'kiln', site: 'pottery', title: 'Kiln room', hingesOn: 'left', slabWidthMm: 914, slabHeightMm: 2134, thicknessMm: 44, hingeHeightsMm: [180, 1060, 1940], hingeKind: 'ballBearing', slabKind: 'steel', profile: 'steelFrame' },
  { ...INTERIOR, key: 'stair', site: 'flats', title: 'Stair door, second floor', hingesOn: 'left', slabWidthMm: 838, thicknessMm: 44, hingeKind: 'ballBearing', fireRated: true, profile: 'fireDoor' },
  { ...INTERIOR, key: 'flat7', site: 'flats', title: 'Flat 7, living room', hingesOn: 'right', slabKind: 'glazed' },
  { ...INTERIOR, key: 'back', site: 'cottage', title: 'Back door', hingesOn: 'left', slabWidthMm: 813, slabHeightMm: 1956, thicknessMm: 44, slabKind: 'framed', hingeHeightsMm: [165, 980, 1720], profile: 'exteriorTimber' },
  { ...INTERIOR, key: 'pantry', site: 'cottage', title: 'Pantry', hingesOn: 'right', slabWidthMm: 610, slabHeightMm: 1829, slabKind: 'framed', hingeHeightsMm: [152, 1580], thicknessMm: 32 },
];
