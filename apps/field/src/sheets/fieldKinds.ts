import type { SheetField } from './benchSheet';

export const length = (path: string, label: string, more: Partial<SheetField> = {}): SheetField => ({
  path,
  label,
  kind: 'length',
  ...more,
});
export const figure = (path: string, label: string, unit: string, more: Partial<SheetField> = {}): SheetField => ({
  path,
  label,
  unit,
  kind: 'figure',
  ...more,
});

export const SLAB_WIDTH = length('slabWidthMm', 'Slab width', { usual: 762 });
export const SLAB_HEIGHT = length('slabHeightMm', 'Slab height', { usual: 1981 });
export const THICKNESS = length('thicknessMm', 'Thickness', { usual: 44 });
export const MASS = figure('massKg', 'Weight of slab', 'kg', { usual: '28' });
export const HINGES: SheetField = {
  path: 'hingeHeightsMm',
  label: 'Hinges below top of slab',
  kind: 'lengths',
  usual: [165, 990, 1750],
  hint: 'Top to bottom, a comma between',
};
export const ACROSS = length('acrossMm', 'Leg across wall', { isOptional: true, signed: true, hint: '+ into the room' });
export const ALONG = length('alongMm', 'Leg toward latch', { isOptional: true, signed: true, hint: '+ to the latch' });
