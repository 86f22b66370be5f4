import type { Adjustment, CallRecord, HingedMake, ReadingEntry } from '@proper-swing/contract';
import type { HingeScrewId, StationId } from '@proper-swing/core';
import type { HandleFeel, HingeGo, KeepGo, MultipointSession, SealFeel, SessionGaps } from '@proper-swing/core/sheets';
import { readingsByStation, standingWork, workRounds } from '../../record/observed';
import { camOf } from '../../record/workWords';
import type { DoneWork } from '../../record/writeAdjustment';
import type { SessionSettings } from './sessionSettings';

/** Where the gaps of a session are read. */
export const GAP_STATIONS = {
  latchTopMm: 'latch.top',
  latchBottomMm: 'latch.bottom',
  footMm: 'foot.latch',
  headMm: 'head.latch',
} as const satisfies Record<keyof SessionGaps, StationId>;

export const GAP_KEYS = Object.keys(GAP_STATIONS) as (keyof SessionGaps)[];

/** Half turns are what the record counts a hinge screw in; height counts down there and up here. */
const HALVES = 2;

/** What a go is logged as: a piece of work for each screw turned. */
export function workOfTurns(turns: Partial<Record<HingeScrewId, number>>): DoneWork[] {
  return (Object.entries(turns) as [HingeScrewId, number][]).flatMap(([screw, n]) => (n === 0 ? [] : [workOfScrew(screw, n)]));
}

function workOfScrew(screw: HingeScrewId, turns: number): DoneWork {
  const unit = 'half turns';
  if (screw === 'height') return { action: 'turnHeight', hinge: 'middle', amount: -turns * HALVES, unit };
  if (screw === 'pressure') return { action: 'turnPressure', amount: turns * HALVES, unit };
  const hinge = ({ topSide: 'top', middleSide: 'middle', bottomSide: 'bottom' } as const)[screw];
  return { action: 'turnSideways', hinge, amount: turns * HALVES, unit };
}

function turnOfWork({ action, hinge, amount }: Adjustment): { screw: HingeScrewId; turns: number } | undefined {
  if (action === 'turnHeight') return { screw: 'height', turns: -amount / HALVES };
  if (action === 'turnPressure') return { screw: 'pressure', turns: amount / HALVES };
  if (action !== 'turnSideways') return undefined;
  if (hinge === 'top') return { screw: 'topSide', turns: amount / HALVES };
  return { screw: hinge === 'bottom' ? 'bottomSide' : 'middleSide', turns: amount / HALVES };
}

/** The session of a call as its record tells it: readings as found, turns with the check after them, cams with how the handle felt. */
export function sessionOf(record: CallRecord, make: HingedMake, settings: SessionSettings): MultipointSession {
  const { slabWidthMm, slabHeightMm, hingeHeightsMm } = make;
  const { handle, seal, ...rest } = settings;
  return {
    door: { slabWidthMm, slabHeightMm, hingeHeightsMm },
    ...rest,
    ...(handle && { handle }),
    ...(seal && { seal }),
    found: gapsFrom([...readingsByStation(record, 'found').values()]),
    goes: workRounds(record).flatMap(({ work, readings }): HingeGo[] => {
      const turns: Partial<Record<HingeScrewId, number>> = {};
      let felt: SealFeel | undefined;
      for (const each of work) {
        const turn = turnOfWork(each);
        if (turn === undefined) continue;
        turns[turn.screw] = (turns[turn.screw] ?? 0) + turn.turns;
        felt = each.felt?.seal ?? felt;
      }
      const after = readings && gapsFrom(readings);
      if (Object.keys(turns).length === 0 && (after === undefined || Object.keys(after).length === 0)) return [];
      return [{ turns, ...(after && { after }), ...(felt && { seal: felt }) }];
    }),
    keepGoes: standingWork(record).flatMap(({ action, keep, screws, amount, felt }): KeepGo[] => {
      if (action !== 'turnKeeps' || !keep) return [];
      const now = feelOf(felt);
      const cam = camOf({ screws });
      return [{ keep, ...(cam && { cam }), quarters: amount, ...(now && { handle: now }) }];
    }),
  };
}

/** How the handle felt, once both questions were answered. */
export function feelOf(felt: Adjustment['felt']): HandleFeel | undefined {
  return felt?.effort == null || felt.bounces == null ? undefined : { effort: felt.effort, bounces: felt.bounces };
}

function gapsFrom(readings: readonly ReadingEntry[]): SessionGaps {
  const gaps: SessionGaps = {};
  for (const key of GAP_KEYS) {
    const read = readings.find(({ station }) => station === GAP_STATIONS[key]);
    if (read?.kind === 'rubs') gaps[key] = 0;
    else if (read?.mm != null) gaps[key] = read.mm;
  }
  return gaps;
}
