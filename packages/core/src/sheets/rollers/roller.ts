/** What is measured of a roller, mm; screw place from the end of its housing to the middle of its screw. */
export const ROLLER_MEASURES = ['wheelMm', 'treadMm', 'axleMm', 'lengthMm', 'widthMm', 'heightMm', 'screwMm'] as const;
export type RollerMeasure = (typeof ROLLER_MEASURES)[number];

export const GROOVES = ['grooved', 'flat', 'ridged'] as const;
export type Groove = (typeof GROOVES)[number];

/** A roller as far as it was measured. */
export type MeasuredRoller = Partial<Readonly<Record<RollerMeasure, number>>> & { groove?: Groove };

/** A roller of the catalogue. */
export type CatalogueRoller = Readonly<Record<RollerMeasure, number>> & { id: string; title: string; groove: Groove; price?: number };

/** How far a measure may differ and the roller still serve, mm (common practice, no source). */
export const TOLERANCES_MM: Readonly<Record<RollerMeasure, number>> = {
  wheelMm: 0.5,
  treadMm: 0.5,
  axleMm: 0.3,
  lengthMm: 1,
  widthMm: 0.5,
  heightMm: 0.7,
  screwMm: 1,
};
