import { minutesOf, type Action } from '../model/action';
import type { DoorModel } from '../model/doorModel';
import { GAUGE_TELLS_MM } from '../model/profile';
import { outsideBy, type GapBoard } from './board';
import type { DrawnDoor } from './drawnDoors';
import type { Verdict } from '../model/tables';
import { endsAs, NO_VERDICT, type SidesJudged } from './outcome';
import type { Verdicts } from './verdicts';
import type { FoundPlan, RequiredSetting } from './searchSpace';
import type { SetPoint } from './setPoint';
import { planingOf, type PlannedWork, type SideStep } from './steps';

/** Minutes a technician would rather spend than make one step less reversible. */
export const IRREVERSIBILITY_PRICE = 4;
/** What a plan leaves outside and may still be said to do, mm. */
export const DOES_WITHIN_MM = 0.3;

/** A place this many times as far off the line as it gives binds for certain. */
const BINDS_FROM = 2;

/** Work that may be proposed, tried on the drawn doors. */
export interface Candidate extends Required<PlannedWork> {
  mustUse: readonly RequiredSetting[];
  /** The verdict that plans are chosen for on this door, and by drawn door whether it holds in the end. */
  verdict: Verdict;
  isTrue: readonly boolean[];
  /** Share of the drawn doors that end with each verdict. */
  chances: Verdicts<number>;
  minutes: number;
  irreversibility: number;
  holds: number;
  hidesCause: boolean;
}

/** What candidates are judged on. */
export interface Trial {
  model: DoorModel;
  drawn: readonly DrawnDoor[];
  board: GapBoard;
  beside: SidesJudged;
  /** How far work so far has left each place off the line of all, mm. */
  misfitNow: readonly number[];
}

/** What a plan does about the causes before anything is set, and the drawn doors after it. */
export interface Treated {
  cures: readonly Action[];
  setPoints: readonly SetPoint[];
  sides: readonly SideStep[];
  /** Settings that a cause is cured by, of which one is used. */
  mustUse: readonly RequiredSetting[];
  hidesCause: boolean;
  after: readonly Float64Array[];
}

/** Nothing done about any cause. */
export function untreated({ drawn }: Trial): Treated {
  return { cures: [], setPoints: [], sides: [], mustUse: [], hidesCause: false, after: drawn.map(({ gaps }) => gaps) };
}

/** Nothing set, with the gaps as they then are. */
export function nothingSet({ board, misfitNow }: Pick<Trial, 'board' | 'misfitNow'>, gaps: Float64Array): FoundPlan {
  return { settings: [], planed: [], gaps, misfit: misfitNow, outside: outsideBy(board, gaps), price: 0 };
}

/** A plan tried on the drawn doors. */
export function candidate(trial: Trial, { cures, setPoints, sides, mustUse, hidesCause, after }: Treated, found: FoundPlan): Candidate {
  const { model, drawn, board } = trial;
  const beside = { ...trial.beside, work: { ...trial.beside.work, ...sideWorkOf(sides) }, followsSettings: mustUse.length > 0 };
  const work = [
    ...cures.map((action) => ({ action, amount: 1 })),
    ...sides.map(({ action }) => ({ action, amount: 1 })),
    ...found.settings.map(({ action, amount }) => ({ action, amount })),
    ...found.planed.map(({ edge }) => ({ action: planingOf(model.tables, edge), amount: 1 })),
    ...(found.strike ? [{ action: found.strike.choice.action, amount: 1 }] : []),
  ];
  // A place far off the line of the others binds, whatever the gaps are.
  const isOffLine = found.misfit.some((mm) => Math.abs(mm) > BINDS_FROM * model.tables.misfit.allowedMm);
  const ends = drawn.map((door, i) =>
    isOffLine ? NO_VERDICT : endsAs(door, after[i] ?? door.gaps, found, beside, board, model.tables.eye, GAUGE_TELLS_MM),
  );
  const shareOf = (verdict: Verdict) => share(ends.map((each) => each[verdict]));
  return {
    cures,
    setPoints,
    sides,
    mustUse,
    found,
    verdict: model.binds,
    isTrue: ends.map((each) => each[model.binds]),
    chances: { free: shareOf('free'), even: shareOf('even'), book: shareOf('book') },
    minutes: work.reduce((sum, { action, amount }) => sum + minutesOf(action, amount), 0),
    irreversibility: work.reduce((sum, { action }) => sum + action.irreversibility, 0),
    holds: work.reduce((least, { action }) => Math.min(least, action.holds), 1),
    hidesCause,
  };
}

function sideWorkOf(sides: readonly SideStep[]): SidesJudged['work'] {
  const work: Record<string, { leftSdMm: number } | { againstMm: number }> = {};
  for (const { action } of sides) {
    const { effect } = action;
    if (effect.kind === 'set') work[effect.side] = { leftSdMm: effect.leftSdMm };
    if (effect.kind === 'hold') work[effect.side] = { againstMm: effect.againstMm };
  }
  return work;
}

/** The share of the drawn doors that end true. */
export const share = (ended: readonly boolean[]) => ended.filter(Boolean).length / Math.max(1, ended.length);

export const isSame = (a: Candidate, b: Candidate) => workKey(a) === workKey(b);

/** Names the work of a candidate: the same key, the same work. */
export const workKey = ({ cures, setPoints, sides, found: { settings, planed, strike } }: Candidate) =>
  [
    ...cures.map(({ id }) => id),
    ...setPoints.map((point) => `${point.action}:${point.mm}`),
    ...sides.map((each) => each.action.id),
    ...settings.map(({ action, where, amount }) => `${action.id}@${where}×${amount}`),
    ...planed.map(({ edge, fromMm, toMm }) => `${edge}:${fromMm}-${toMm}`),
    strike?.choice.action.id ?? '',
  ].join();

/** Only the places, and what holds them; the strike may follow the bolt. */
export function setsOnly({ tables }: DoorModel, { cures, found }: Candidate): boolean {
  return found.planed.length === 0 && cures.every(({ id }) => tables.holdingWork.includes(id));
}

/** Whether work only lets the door dry: nothing may be cut to its wet size. */
export function waitsForDrying({ cause }: DoorModel, { sides }: Pick<Candidate, 'sides'>): boolean {
  return sides.some(
    ({ action: { effect } }) => effect.kind === 'wait' && effect.cures.some((id) => cause(id).forbidsPlaning !== undefined),
  );
}
