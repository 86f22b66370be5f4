/** The calculations of the bench, in the order it shows them. */
export const SHEET_NAMES = [
  'latch.strike',
  'multipoint.next',
  'multipoint.check',
  'swing.edge',
  'swing.floor',
  'swing.drift',
  'swing.twist',
  'swing.pair',
  'hinge.load',
  'hinge.size',
  'hinge.continuous',
  'sliding.turns',
  'sliding.effort',
  'sliding.ticks',
  'sliding.rollers',
  'sliding.pocket',
  'sliding.bifold',
  'sliding.bypass',
] as const;

export type SheetName = (typeof SHEET_NAMES)[number];
