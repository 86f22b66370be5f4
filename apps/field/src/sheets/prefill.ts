import type { CallRecord, HingedMake, SlidingMake } from '@proper-swing/contract';
import { profileOf, slabMass } from '@proper-swing/core';
import type { Estimate } from '@proper-swing/core/doors';
import { answersByFinding, lastReadings } from '../record/observed';
import { triedScrews, type TriedScrews } from '../record/triedScrews';
import type { BenchSheet } from './benchSheet';
import type { Typed } from './typedSheet';

export interface Prefilled {
  typed: Typed;
  /** Where a figure comes from, in words, where it is worth saying: `as read`, `estimated ±0.8`. */
  origin: Readonly<Record<string, string>>;
}

/** What a call already knows of a sheet's figures: the door's card, readings, and the estimate where it serves. */
export function prefill(
  { stations, estimated, checks }: BenchSheet,
  record: CallRecord,
  estimate: Estimate | undefined,
  bare: (mm: number) => string,
): Prefilled {
  const typed: Record<string, string> = {};
  const origin: Record<string, string> = {};
  const put: Put = (path, text, from) => {
    typed[path] = text;
    if (from !== undefined) origin[path] = from;
  };
  const { door } = record;
  if (door.kind === 'hinged') putSlab(put, door.make, bare);
  else {
    putPanel(put, door.make, bare);
    putTried(put, triedScrews(record), bare);
  }
  const readings = lastReadings(record);
  for (const [path, station] of Object.entries(stations)) {
    const read = readings.get(station);
    if (read?.kind === 'rubs') put(path, bare(0), 'as read');
    else if (read?.mm != null) put(path, bare(read.mm), 'as read');
    else if (estimated.includes(path)) {
      const expected = estimate?.expected.find((each) => each.station === station);
      const least = station === 'bolt.low' ? -Infinity : 0;
      if (expected) put(path, bare(Math.max(least, expected.meanMm)), `estimated ±${bare(expected.sdMm)}`);
    }
  }
  const answers = answersByFinding(record);
  for (const [path, finding] of Object.entries(checks)) {
    const answer = answers.get(finding);
    if (answer !== undefined) put(path, answer, 'as read');
  }
  return { typed, origin };
}

type Put = (path: string, text: string, from?: string) => void;
type Bare = (mm: number) => string;

function putSlab(put: Put, make: HingedMake, bare: Bare): void {
  put('slabWidthMm', bare(make.slabWidthMm));
  put('slabHeightMm', bare(make.slabHeightMm));
  put('leanOverMm', bare(make.slabHeightMm));
  put('thicknessMm', bare(make.thicknessMm));
  put('hingeHeightsMm', make.hingeHeightsMm.map(bare).join(', '));
  put('massKg', String(Math.round(slabMass(make))), 'about');
  put('gaps.wantedHeadMm', bare(profileOf(make).edges.head.target));
}

function putPanel(put: Put, { panelKind, panelWidthMm, panelHeightMm, frame, glassMm, mmPerTurn }: SlidingMake, bare: Bare): void {
  put('kind', panelKind);
  put('panelWidthMm', bare(panelWidthMm));
  put('panelHeightMm', bare(panelHeightMm));
  put('slabHeightMm', bare(panelHeightMm));
  put('panel.panelWidthMm', bare(panelWidthMm));
  put('panel.panelHeightMm', bare(panelHeightMm));
  put('leafWidthMm', bare(panelWidthMm / 2));
  put('leafHeightMm', bare(panelHeightMm));
  put('panel.frame', frame);
  if (panelKind === 'screen') put('panel.glassMm', bare(0));
  else if (glassMm != null) put('panel.glassMm', bare(glassMm));
  if (mmPerTurn != null) put('mmPerTurn', bare(mmPerTurn));
}

/** A first turn as the sheets ask for it, from what the screws have done on this call. */
function putTried(put: Put, { lead, trail }: TriedScrews, bare: Bare): void {
  if (lead === undefined && trail === undefined) return;
  const from = 'as turned on this call';
  put('tried.turns', '1', from);
  if (lead !== undefined) put('tried.leadMm', bare(lead), from);
  if (trail !== undefined) put('tried.trailMm', bare(trail), from);
}
