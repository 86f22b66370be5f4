import { MISSING, type MissingId, type SlabFit } from '@proper-swing/core/sheets';
import { CAUTIONS } from '@proper-swing/core/hinged/tables/cautions';
import type { LengthWords } from '../../design/lengthWords';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';

const CONTRADICTS = {
  lean: 'Both legs’ levels and the widths cannot all be true: they differ by',
  bow: 'The straightedge and the middle width cannot both be true: they differ by',
  level: 'Head, floor and heights cannot all be true: they differ by',
} as const;

/** What is missing and what contradicts what, before anything is cut. */
export function BeforeCutting({
  missing,
  contradictions,
  words,
}: {
  missing: readonly MissingId[];
  contradictions: SlabFit['contradictions'];
  words: LengthWords;
}) {
  if (missing.length + contradictions.length === 0) return null;
  return (
    <Slip label="Read this first">
      {missing.map((id) => (
        <Words key={id} testID={`missing-${id}`}>
          {MISSING[id].says}
        </Words>
      ))}
      {contradictions.map(({ of, differMm, mayMm }) => (
        <Words key={of} tone="tight" testID={`contradicts-${of}`}>
          {`${CONTRADICTS[of]} ${words.withUnit(differMm)}, and may by ${words.withUnit(mayMm)}. Read them again.`}
        </Words>
      ))}
    </Slip>
  );
}

export function CutCautions() {
  return (
    <Slip label="Take care">
      <Words>Two trestles, slab clamped, cord behind the saw; the guard closes by itself.</Words>
      <Words>{CAUTIONS.eyes}</Words>
      <Words>{CAUTIONS.oldPaint}</Words>
    </Slip>
  );
}
