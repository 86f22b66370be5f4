import type { Eye } from '../../model/tables';

/** 1/16 in of taper begins to be seen. Common practice, no source. */
export const EYE: Eye = { rubsBelowMm: 0.4, seesMm: 1.6, outOfKeepingMm: 1.2 };
