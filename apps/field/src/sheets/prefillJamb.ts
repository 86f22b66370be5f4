import type { CallRecord } from '@proper-swing/contract';
import { softTopMm, type Damage, type Remedy } from '@proper-swing/core/sheets';
import { keptFigure } from '../call/stages';
import { readDamages } from './damageText';
import type { BenchName } from './benchSheet';

type Put = (path: string, text: string, from?: string) => void;
type Bare = (mm: number) => string;

const PROBED = 'as probed';

/** What the survey of a jamb tells the sheets that follow it. */
export function putSurvey(put: Put, record: CallRecord, name: BenchName, bare: Bare): void {
  const kept = (field: string) => keptFigure(record, 'jamb.decide', field);
  const damages = readDamages(kept('damages') ?? '');
  const ofLeg = damages.filter(({ part }) => part === 'inner' || part === 'outer');
  const carried = { legMm: ['legMm'], thicknessMm: ['thicknessMm', 'jambThicknessMm', 'jambMm'], side: ['side'] } as const;
  for (const [from, paths] of Object.entries(carried)) {
    const typed = kept(from);
    if (typed !== undefined) for (const path of paths) put(path, typed, PROBED);
  }
  if (name === 'jamb.foot' && damages.length > 0) put('softTopMm', bare(softTopMm(ofLeg)), PROBED);
  if (name === 'jamb.splice') putBreak(put, ofLeg, bare);
  if (name === 'cure.clock') {
    const coats = COATS[(kept('remedy') as Remedy | undefined) ?? 'leave'] ?? (record.call.job === 'changeSlab' ? CHANGED : undefined);
    if (coats !== undefined) put('coats', coats, 'as usual');
  }
}

function putBreak(put: Put, ofLeg: readonly Damage[], bare: Bare): void {
  const broken = ofLeg.filter(({ kind }) => kind !== 'soft');
  if (broken.length === 0) return;
  put('breakFromMm', bare(Math.min(...broken.map(({ fromMm }) => fromMm))), PROBED);
  put('breakToMm', bare(Math.max(...broken.map(({ toMm }) => toMm))), PROBED);
}

/** What is put on after each remedy, in order (common practice, no source). */
const COATS: Readonly<Partial<Record<Remedy, string>>> = {
  fill: 'filler primer paint',
  patchFoot: 'adhesive caulk primer paint',
  splice: 'filler primer paint',
  wholeLeg: 'filler caulk primer paint',
};
/** A new slab has its bare places painted before it hangs. */
const CHANGED = 'primer paint';
