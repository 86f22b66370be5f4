import { addSpread, type Gaussian, type LinearRow } from '../numbers/gaussian';
import type { Action } from './action';
import type { Cause } from './cause';
import type { Finding } from './finding';
import { showingRows, type ShowingRow } from './showingRows';
import { stateLayout, type StateLayout } from './layout';
import { shareOf, type CardFigures, type Moves } from './moves';
import type { Names } from './names';
import type { ToleranceProfile } from './profile';
import type { Station } from './station';
import type { DoorKind, DoorTables, PlaceLine, Ruling, Side, Verdict } from './tables';

/** One door as inference and planning see it: the tables of its kind with all that its card decides worked out. */
export interface DoorModel {
  tables: DoorTables;
  layout: StateLayout;
  figures: CardFigures;
  profile: ToleranceProfile;
  /** Names of the places where the slab can be set, first to last. */
  places: readonly string[];
  placeLine: PlaceLine;
  /** Whether a bolt, a latch or a hook of it has something to meet. */
  meets: boolean;
  /** State change for one millimetre down, all of the slab. */
  lowered: Float64Array;
  /** A sound door: mean and covariance of the state. */
  sound: Gaussian;
  /** What a door of this card can have, and what can be checked on it. */
  causes: readonly Cause[];
  /** What can be read on this door. */
  stations: readonly Station[];
  findings: readonly Finding[];
  warnings: readonly string[];
  /** @throws RangeError when the kind has no such station, cause, check, action or side */
  station: (id: string) => Station;
  cause: (id: string) => Cause;
  finding: (id: string) => Finding;
  action: (id: string) => Action;
  side: (id: string) => Side;
  /** A direction in the state, padded with zeros to `size` entries. */
  direction: (moves: Moves, size?: number) => Float64Array;
  /** The reading at a station as a linear row over a state, padded with zeros to `size`. The same row is handed out again: not to be changed. */
  row: (station: string, size?: number) => LinearRow;
  /** A figure beside the gaps as a linear row over a state. */
  sideRow: (side: string, size?: number) => LinearRow;
  /** The figures that the answers of a check follow; none when they follow no figures. */
  showings: (finding: string) => readonly ShowingRow[];
  /** Length a level spans at a station, mm. */
  span: (station: string) => number;
  /** What work on this door is for. */
  binds: Verdict;
  /** On a door that is free and even a figure this far beyond the book is let stand, mm. */
  letStandMm: number;
  hasCaution: (name: string) => boolean;
  forbids: (action: string) => Ruling | undefined;
  leavesOut: (action: string) => string | undefined;
}

/** The models of the last few doors of each kind: each reading of a door asks for the same one again, by a new card. */
const MODELS = new WeakMap<object, Map<string, DoorModel>>();
const MOST_KEPT = 8;

/**
 * A door of a kind, by its card.
 *
 * @throws DomainError when the card makes no sense
 */
export function modelOf<Card, N extends Names>(kind: DoorKind<Card, N>, card: Card): DoorModel {
  const kept = MODELS.get(kind) ?? new Map<string, DoorModel>();
  MODELS.set(kind, kept);
  const key = JSON.stringify(card);
  const known = kept.get(key);
  if (known !== undefined) return known;
  // Inside, names are any text: what a kind says more closely is what it was checked by when its tables were written.
  const made = makeModel(kind as unknown as DoorKind<Card>, card);
  if (kept.size >= MOST_KEPT) kept.clear();
  kept.set(key, made);
  return made;
}

function makeModel<Card>(kind: DoorKind<Card>, card: Card): DoorModel {
  const figures = kind.figures(card);
  const layout = stateLayout(kind.parameters, kind.walk);
  const tables: DoorTables = { ...kind, actions: kind.actions.map((each) => asOnCard(each, kind.mmPerUnit?.(each.id, card))) };
  const station = byId(kind.stations, 'station');
  const side = byId(kind.sides, 'side');
  const direction = (moves: Moves, size = layout.size) => {
    const vector = new Float64Array(size);
    for (const [parameter, share] of Object.entries(moves)) {
      if (share !== undefined) vector[layout.parameterAt(parameter)] = shareOf(share, figures);
    }
    return vector;
  };
  const row = keptRows((id, size) => {
    const { weights, offset } = station(id);
    const coefficients = direction(weights, size);
    const uneven = layout.unevennessAt(id);
    if (uneven !== undefined && uneven < size) coefficients[uneven] = 1;
    return { coefficients, offset: offset === undefined ? 0 : shareOf(offset, figures) };
  });
  const showings = new Map(
    kind.findings.map((each) => [each.id, showingRows(each, { row: (id) => row(id, layout.size), direction, figures })]),
  );
  const sideRow = keptRows((id, size) => ({ coefficients: direction(side(id).weights, size), offset: 0 }));
  return {
    tables,
    layout,
    figures,
    profile: kind.profileOf(card),
    places: kind.places(card),
    placeLine: kind.placeLine(card, layout.size),
    meets: kind.meets?.(card) ?? true,
    lowered: direction(kind.lowered),
    sound: soundDoor(kind, layout, direction),
    causes: kind.causes.filter(({ id }) => kind.hasCause(id, card)),
    findings: kind.findings.filter(({ id }) => kind.hasFinding(id, card)),
    stations: kind.stations.filter(({ id }) => kind.hasStation?.(id, card) ?? true),
    warnings: kind.warnings(card),
    station,
    cause: byId(kind.causes, 'cause'),
    finding: byId(kind.findings, 'check'),
    action: byId(tables.actions, 'action'),
    side,
    direction,
    row: (id, size = layout.size) => row(id, size),
    sideRow: (id, size = layout.size) => sideRow(id, size),
    showings: (id) => showings.get(id) ?? [],
    span: (id) => shareOf(station(id).span ?? kind.usualSpan, figures),
    binds: kind.goesByTheBook(card) ? 'book' : 'even',
    letStandMm: kind.letStandMm(card),
    hasCaution: (name) => kind.hasCaution?.(name, card) ?? true,
    forbids: (id) => kind.forbids(id, card),
    leavesOut: (id) => kind.leavesOut(id, card),
  };
}

/** An action as its unit is on this door. */
function asOnCard(action: Action, mmPerUnit: number | undefined): Action {
  const { effect } = action;
  if (mmPerUnit === undefined || !(effect.kind === 'shift' || effect.kind === 'lower')) return action;
  return { ...action, effect: { ...effect, mmPerUnit } };
}

function soundDoor({ sound, spread, unevennessMm }: DoorTables, layout: StateLayout, direction: DoorModel['direction']): Gaussian {
  const { size, parameterCount } = layout;
  const cov = new Float64Array(size * size);
  for (const { sd, moves } of spread) addSpread(cov, direction(moves), sd * sd);
  for (let i = parameterCount; i < size; i += 1) cov[i * size + i] = unevennessMm * unevennessMm;
  return { mean: direction(sound), cov };
}

function byId<T extends { id: string }>(list: readonly T[], called: string): (id: string) => T {
  const table = new Map(list.map((each) => [each.id, each]));
  return (id) => {
    const found = table.get(id);
    if (found === undefined) throw new RangeError(`There is no ${called} "${id}".`);
    return found;
  };
}

/** Rows are asked for thousands of times in one search. */
function keptRows(make: (id: string, size: number) => LinearRow): (id: string, size: number) => LinearRow {
  const kept = new Map<string, LinearRow>();
  return (id, size) => {
    const key = `${id}/${size}`;
    const row = kept.get(key) ?? make(id, size);
    kept.set(key, row);
    return row;
  };
}
