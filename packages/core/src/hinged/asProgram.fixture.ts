import type { RandomStream } from '../numbers/seededRandom';
import { evenGuard, gapBoard, gapChanges } from '../planning/board';
import type { SearchSpace, Setting } from '../planning/searchSpace';
import { EXAMPLE_DOOR } from './exampleDoor';
import { hingedModel } from './hingedDoors';
import { action } from './tables/actions';

const model = hingedModel(EXAMPLE_DOOR);
const line = model.placeLine;

/** What random spaces are judged by. */
export const board = gapBoard(model, new Set());

/** A small search space on three hinges and a strike. */
export function spaceFrom(start: Float64Array): SearchSpace {
  const settings = line.moves.map((move, place) => {
    const perMm = gapChanges(board, model, move);
    return [-3, -2, -1, 1, 2, 3].map((amount): Setting => {
      const shiftMm = amount * 0.6;
      return {
        action: action('bendKnuckles'),
        where: place,
        amount,
        shiftMm,
        changes: perMm.map((c) => c * shiftMm),
        price: 8 + 3 * Math.abs(amount) + place,
      };
    });
  });
  return {
    board,
    start,
    settings,
    mustUse: [],
    planes: [],
    strikes: [
      { action: action('fileStrike'), upToMm: 3.2, price: 20 },
      { action: action('moveStrike'), upToMm: 15, price: 32 },
    ],
    line,
    misfitNow: [] as readonly number[],
    guard: evenGuard(board, 0.2),
    misfitAllowedMm: 0.8,
  };
}

/** Gaps of a door whose hinges have moved by chance. */
export function randomStart(random: RandomStream, wild: number): Float64Array {
  const start = Float64Array.from(board.limits, ({ target }) => target + 0.15 * random.normal());
  line.moves.forEach((move) => {
    const push = wild * random.normal();
    gapChanges(board, model, move).forEach((c, i) => {
      start[i] = (start[i] ?? 0) + c * push;
    });
  });
  start[board.bolt] = (start[board.bolt] ?? 0) + 2.5 * random.normal();
  return start;
}

/** The same search as a mixed-integer linear program in CPLEX LP text, written from the definitions. */
export function asProgram(space: SearchSpace): string {
  const terms = (pairs: readonly (readonly [number, string])[]) =>
    pairs.map(([c, name]) => `${c < 0 ? '-' : '+'} ${Math.abs(c)} ${name}`).join(' ');
  const choices = space.settings.flatMap((list, h) => list.map((choice, c) => ({ ...choice, name: `x_${h}_${c}` })));
  const costs: [number, string][] = choices.map(({ price, name }) => [price, name]);
  const rows: string[] = [];
  const free: string[] = [];
  space.settings.forEach((list, h) => rows.push(`${terms(list.map((_, c) => [1, `x_${h}_${c}`]))} <= 1`));
  board.stations.forEach((_, i) => {
    free.push(`g_${i}`);
    rows.push(`g_${i} ${terms(choices.map(({ changes, name }) => [-(changes[i] ?? 0), name]))} = ${space.start[i] ?? 0}`);
    const limit = board.limits[i];
    if (limit === undefined) return;
    const inset = Math.min(space.guard.stations[i] ?? 0, (limit.max - limit.min) / 4);
    const relief = i === board.bolt ? ' + 100 s_0 + 100 s_1' : '';
    for (const [name, price, by] of [
      [`o_${i}`, 200, 0],
      [`p_${i}`, 60, inset],
    ] as const) {
      costs.push([price, name]);
      rows.push(`${name} + g_${i}${relief} >= ${limit.min + by}`, `${name} - g_${i}${relief} >= ${by - limit.max}`);
    }
  });
  space.strikes.forEach(({ price, upToMm }, k) => {
    costs.push([price, `s_${k}`]);
    rows.push(`g_${board.bolt} + 100 s_${k} <= ${100 + upToMm}`, `- g_${board.bolt} + 100 s_${k} <= ${100 + upToMm}`);
  });
  board.evenEdges.forEach((edge, e) => {
    free.push(`low_${e}`, `high_${e}`);
    for (const i of edge) rows.push(`g_${i} - low_${e} >= 0`, `high_${e} - g_${i} >= 0`);
    const guarded = Math.max(board.evenWithin / 2, board.evenWithin - (space.guard.edges[e] ?? 0));
    costs.push([200, `u_${e}`], [60, `v_${e}`]);
    rows.push(`u_${e} - high_${e} + low_${e} >= ${-board.evenWithin}`, `v_${e} - high_${e} + low_${e} >= ${-guarded}`);
  });
  line.misfit.forEach((_, j) => {
    const off = choices.map(({ where, shiftMm, name }): [number, string] => [
      where === 'whole' ? 0 : shiftMm * (line.misfit[where]?.[j] ?? 0),
      name,
    ]);
    const now = space.misfitNow[j] ?? 0;
    costs.push([200, `m_${j}`]);
    rows.push(
      `m_${j} ${terms(off.map(([c, name]) => [-c, name]))} >= ${now - space.misfitAllowedMm}`,
      `m_${j} ${terms(off)} >= ${-now - space.misfitAllowedMm}`,
    );
  });
  return [
    'Minimize',
    ` obj: ${terms(costs)}`,
    'Subject To',
    ...rows.map((row, i) => ` c${i}: ${row}`),
    'Bounds',
    ...free.map((name) => ` ${name} free`),
    'Binary',
    ` ${[...choices.map(({ name }) => name), 's_0', 's_1'].join(' ')}`,
    'End',
  ].join('\n');
}
