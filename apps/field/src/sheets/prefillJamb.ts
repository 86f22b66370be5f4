import type { CallRecord } from '@proper-swing/contract';
import { softTopMm, type Damage, type Remedy } from '@proper-swing/core/sheets';
import { keptFigure } from '../call/stages';
import { readDamages } from './damageText';
import type { BenchName } from './benchSheet';
import { readDone } from './ticks';

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
  if (name === 'cure.clock') putCoats(put, record, kept('remedy') as Remedy | undefined);
}

/** What is put on after what was done; what was glued already is on. */
function putCoats(put: Put, record: CallRecord, remedy: Remedy | undefined): void {
  const ofFoot = (field: string) => keptFigure(record, 'jamb.foot', field);
  const isWet = ofFoot('stock') === 'wet';
  const coats = remedy === undefined ? (record.call.job === 'changeSlab' ? CHANGED : undefined) : COATS[remedy];
  if (coats === undefined) return;
  put('coats', remedy === 'patchFoot' && isWet ? UNPAINTED : coats);
  if (remedy === 'patchFoot' && readDone(ofFoot('done') ?? '').some(({ id }) => id === 'glued')) put('done', 'coat-1');
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
/** Wet stock is painted another day. */
const UNPAINTED = 'adhesive caulk';
/** A new slab has its bare places painted before it hangs. */
const CHANGED = 'primer paint';
