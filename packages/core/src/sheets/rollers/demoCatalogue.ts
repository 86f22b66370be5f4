import type { CatalogueRoller, Groove } from './roller';

const roller = (
  id: string,
  title: string,
  groove: Groove,
  [wheelMm, treadMm, axleMm, lengthMm, widthMm, heightMm, screwMm]: readonly [number, number, number, number, number, number, number],
  price: number,
): CatalogueRoller => ({ id, title, groove, wheelMm, treadMm, axleMm, lengthMm, widthMm, heightMm, screwMm, price });

/** A made-up catalogue, for a workshop that has not read in its own; wheel, tread, axle, housing length, width, height, screw place. */
export const DEMO_CATALOGUE: readonly CatalogueRoller[] = [
  roller('HB-11', 'Hollow Bay single, small', 'grooved', [22, 6.4, 5, 44, 12.5, 20, 9], 9),
  roller('HB-12', 'Hollow Bay single', 'grooved', [25.4, 6.4, 5, 50, 13, 22, 10], 11),
  roller('HB-12L', 'Hollow Bay single, long housing', 'grooved', [25.4, 6.4, 5, 57, 13, 22, 10], 12),
  roller('HB-21', 'Hollow Bay tandem', 'grooved', [28.5, 7, 6, 96, 14.5, 25, 14], 24),
  roller('HB-22', 'Hollow Bay tandem, high', 'grooved', [32, 7, 6, 96, 14.5, 29, 14], 26),
  roller('HB-22S', 'Hollow Bay tandem, screw at 18', 'grooved', [32, 7, 6, 96, 14.5, 29, 18], 26),
  roller('CR-30', 'Crane Row flat', 'flat', [30, 8, 6, 70, 16, 27, 12], 18),
  roller('CR-32', 'Crane Row flat, large', 'flat', [32, 8, 6, 70, 16, 29, 12], 19),
  roller('CR-38', 'Crane Row flat, heavy', 'flat', [38, 9.5, 8, 102, 18, 36, 16], 34),
  roller('TW-20', 'Tern Wharf ridge', 'ridged', [25.4, 5, 5, 48, 12, 21.5, 9], 13),
  roller('TW-24', 'Tern Wharf ridge, wide', 'ridged', [25.4, 6, 5, 48, 13.5, 21.5, 9], 14),
  roller('SN-14', 'Screen wheel, spring arm', 'grooved', [19, 4.5, 4, 62, 9.5, 24, 6], 6),
  roller('SN-16', 'Screen wheel, spring arm, large', 'grooved', [22, 4.5, 4, 62, 9.5, 26, 6], 6.5),
];
