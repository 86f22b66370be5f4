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
/** A field of which one of a few answers is chosen: what each is called, by its id. */
export const choice = (
  path: string,
  label: string,
  labels: Readonly<Record<string, string>>,
  more: Partial<SheetField> = {},
): SheetField => ({
  path,
  label,
  kind: 'choice',
  options: Object.entries(labels).map(([id, called]) => ({ id, label: called })),
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

/** How a sliding panel runs, with its size. */
export const PANEL_KIND = choice(
  'kind',
  'The panel is',
  { glass: 'Glass, on rollers', screen: 'A screen', pocket: 'Pocket, hung', bypass: 'Bypass, hung' },
  { usual: 'glass' },
);
export const PANEL_WIDTH = length('panelWidthMm', 'Panel width', { usual: 900 });
export const PANEL_HEIGHT = length('panelHeightMm', 'Panel height', { usual: 2030 });

/** The list that an error of one of its entries, or of a part of one, is typed in. */
export const inList = (field: string): string => field.replace(/\[\d+\].*$/, '');

/** Lines that were ticked off; they are no part of the request. */
export const DONE: SheetField = {
  path: 'done',
  label: 'Lines ticked off',
  kind: 'filled',
  isOptional: true,
  startsOver: true,
  read: () => undefined,
};
