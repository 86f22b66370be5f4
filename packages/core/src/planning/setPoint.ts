/** Where work that is done by watching a gap is to be stopped. */
export interface SetPoint {
  action: string;
  station: string;
  mm: number;
}

/** A gap watched while a screw draws is stopped within this, mm, one standard deviation (common practice, no source). */
export const WATCHED_SD_MM = 0.2;

/** Drawn up hard, a leaf goes no further than this share of the way back to where it once was (common practice, no source). */
export const MOST_DRAWN = 1.05;

/** Set points are told in quarters of a millimetre, as thick as the steps of a gauge. */
export const SET_POINT_STEP_MM = 0.25;
