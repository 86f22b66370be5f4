/** A length in what is written into the record, which everybody reads in mm. */
export const mmInRecord = (mm: number): string => `${Number(mm.toFixed(1))} mm`;
