import type { HingedMake } from '@proper-swing/contract';
import { yesNo, type HingedField, type ReadsMake } from './cardFields';

const LENGTHS = ['slabWidthMm', 'slabHeightMm', 'thicknessMm'] as const;

/** The make of a door on hinges as the form shows it. */
export function hingedDraft(make: HingedMake, bare: (mm: number) => string): Record<HingedField, string> {
  return {
    hingesOn: make.hingesOn,
    hingeKind: make.hingeKind,
    slabKind: make.slabKind,
    fireRated: yesNo(make.fireRated),
    closer: yesNo(make.closer === true),
    slabWidthMm: bare(make.slabWidthMm),
    slabHeightMm: bare(make.slabHeightMm),
    thicknessMm: bare(make.thicknessMm),
    hingeHeightsMm: make.hingeHeightsMm.map(bare).join(', '),
  };
}

/** The make as the form says; what was not touched stays as it was. */
export function hingedMake(make: HingedMake, { draft, isTouched, read }: ReadsMake<HingedField>): HingedMake {
  const [slabWidthMm, slabHeightMm, thicknessMm] = LENGTHS.map((field) => (isTouched(field) ? read(field, draft[field]) : make[field])) as [
    number,
    number,
    number,
  ];
  return {
    ...make,
    hingesOn: draft.hingesOn as HingedMake['hingesOn'],
    hingeKind: draft.hingeKind as HingedMake['hingeKind'],
    slabKind: draft.slabKind as HingedMake['slabKind'],
    fireRated: draft.fireRated === 'yes',
    ...((isTouched('closer') || make.closer !== undefined) && { closer: draft.closer === 'yes' }),
    slabWidthMm,
    slabHeightMm,
    thicknessMm,
    hingeHeightsMm: isTouched('hingeHeightsMm')
      ? draft.hingeHeightsMm.split(/[,;]/).map((text) => Math.round(read('hingeHeightsMm', text) * 10) / 10)
      : make.hingeHeightsMm,
  };
}
