import type { Adjustment, CallRecord, HingedMake, SlidingMake } from '@proper-swing/contract';
import { profileOf, slabMass } from '@proper-swing/core';
import type { FitSlabKind } from '@proper-swing/core/sheets';
import type { ActionId, Estimate } from '@proper-swing/core/doors';
import { keptFigure } from '../call/stages';
import { answersByFinding, lastReadings, standingWork } from '../record/observed';
import { triedScrews, type TriedScrews } from '../record/triedScrews';
import { fieldsOf, type BenchSheet } from './benchSheet';
import { BUILT_AS } from './builtAs';
import { putSurvey } from './prefillJamb';
import type { Typed } from './typedSheet';

export interface Prefilled {
  typed: Typed;
  /** Where a figure comes from, in words, where it is worth saying: `as read`, `estimated ±0.8`. */
  origin: Readonly<Record<string, string>>;
}

/** What a call already knows of a sheet's figures: the door's card, readings, and the estimate where it serves. */
export function prefill(sheet: BenchSheet, record: CallRecord, estimate: Estimate | undefined, bare: (mm: number) => string): Prefilled {
  const typed: Record<string, string> = {};
  const origin: Record<string, string> = {};
  const { stations, estimated, checks } = sheet;
  const fields = new Map(fieldsOf(sheet).map((field) => [field.path, field]));
  const put: Put = (path, text, from) => {
    // A panel that is hung in a pocket is no kind of slab: what a sheet does not offer is not chosen in it.
    if (fields.get(path)?.options?.every(({ id }) => id !== text)) return;
    typed[path] = text;
    if (from !== undefined) origin[path] = from;
  };
  const { door } = record;
  if (door.kind === 'hinged') {
    putSlab(sheet.shelf === 'jambs' ? notOfLeg(put) : put, door.make, bare);
    putFitting(put, door.make, bare);
  } else {
    putPanel(put, door.make, bare);
    putTried(put, triedScrews(record), bare);
  }
  if (sheet.name === 'fit.reblock' || sheet.name === 'fit.marks') putCuts(put, record, bare);
  if (sheet.name === 'fit.marks' || sheet.name === 'layout.hinges' || sheet.name === 'layout.strike') putHeadGap(put, record);
  if (sheet.shelf === 'jambs') putSurvey(put, record, sheet.name, bare);
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

/** On a jamb a thickness is that of the leg, which the card of a door does not know. */
const notOfLeg =
  (put: Put): Put =>
  (path, text, from) => {
    if (path !== 'thicknessMm') put(path, text, from);
  };

function putSlab(put: Put, make: HingedMake, bare: Bare): void {
  put('slabWidthMm', bare(make.slabWidthMm));
  put('slabHeightMm', bare(make.slabHeightMm));
  put('leanOverMm', bare(make.slabHeightMm));
  put('thicknessMm', bare(make.thicknessMm));
  put('slabThicknessMm', bare(make.thicknessMm));
  put('build', BUILT_AS[make.slabKind]);
  put('hingeHeightsMm', make.hingeHeightsMm.map(bare).join(', '));
  put('massKg', String(Math.round(slabMass(make))), 'about');
  put('gaps.wantedHeadMm', bare(profileOf(make).edges.head.target));
}

/** The slab as the sheets of fitting ask for it. */
function putFitting(put: Put, make: HingedMake, bare: Bare): void {
  const { slabWidthMm, slabHeightMm, slabKind, fireRated, hingeHeightsMm } = make;
  const { edges } = profileOf(make);
  put('slabWidthsMm', bare(slabWidthMm));
  put('slabHeightsMm', bare(slabHeightMm));
  put('widthMm', bare(slabWidthMm));
  put('kind', FITTED_AS[slabKind]);
  put('hasLabel', fireRated ? 'yes' : 'no');
  put('hinges', String(hingeHeightsMm.length));
  for (const leaf of ['left', 'right']) {
    put(`${leaf}.widthsMm`, bare(slabWidthMm));
    put(`${leaf}.heightsMm`, bare(slabHeightMm));
  }
  for (const edge of ['hinge', 'latch', 'head', 'foot'] as const) {
    put(`gaps.${edge}`, bare(edges[edge].target));
    if (NOT_CUT.includes(slabKind)) put(`mayLose.${edge}`, bare(0), 'its skin');
  }
  put('headGapMm', bare(edges.head.target));
  put('leastMm', bare(edges.latch.min), 'by the card');
  put('hingeGapMm', bare(edges.hinge.target));
  put('latchGapMm', bare(edges.latch.target));
}

/** How a slab is made, as far as a saw is concerned. */
const FITTED_AS: Readonly<Record<HingedMake['slabKind'], FitSlabKind>> = {
  solidTimber: 'solid',
  framed: 'framed',
  hollowCore: 'hollow',
  glazed: 'glazed',
  composite: 'solid',
  steel: 'solid',
};

/** What was cut off on this call, where a sheet goes on from the cut: the foot alone, and what is left of the height at the hinge side. */
function putCuts(put: Put, record: CallRecord, bare: Bare): void {
  const { door } = record;
  const cuts = standingWork(record).filter(({ action: id, remark }) => CUTS_HEIGHT.includes(id) && remark === '');
  const off = ({ fromMm, amount }: Adjustment) => fromMm ?? amount;
  const foot = cuts.findLast(({ action: id }) => id !== 'planeHead');
  if (foot) put('cutMm', bare(foot.amount), CUT_HERE);
  if (cuts.length === 0 || door.kind !== 'hinged') return;
  put('slabHeightMm', bare(door.make.slabHeightMm - cuts.reduce((sum, cut) => sum + off(cut), 0)), CUT_HERE);
}

/** Marks on the frame are lower by the head gap that the slab was cut for. */
function putHeadGap(put: Put, record: CallRecord): void {
  for (const [name, field] of [
    ['fit.slab', 'gaps.head'],
    ['fit.pair', 'gaps.headMm'],
  ] as const) {
    const typed = keptFigure(record, name, field);
    if (typed !== undefined) put('headGapMm', typed, CUT_HERE);
  }
}

const CUTS_HEIGHT: readonly ActionId[] = ['planeHead', 'planeFoot', 'trimFoot'];
const CUT_HERE = 'as cut here';

/** Nothing is planed off a skin of steel or plastic. */
const NOT_CUT: readonly HingedMake['slabKind'][] = ['composite', 'steel'];

function putPanel(put: Put, { panelKind, panelWidthMm, panelHeightMm, frame, glassMm, mmPerTurn }: SlidingMake, bare: Bare): void {
  put('kind', panelKind);
  put('panelWidthMm', bare(panelWidthMm));
  put('panelHeightMm', bare(panelHeightMm));
  put('slabHeightMm', bare(panelHeightMm));
  put('panel.panelWidthMm', bare(panelWidthMm));
  put('panel.panelHeightMm', bare(panelHeightMm));
  put('slabWidthsMm', bare(panelWidthMm));
  put('slabHeightsMm', bare(panelHeightMm));
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
