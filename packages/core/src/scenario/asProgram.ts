import type { RandomStream } from '../numbers/seededRandom';
import { action } from '../hinged/actions';
import { EXAMPLE_DOOR } from '../hinged/exampleDoor';
import { evenGuard, gapBoard, gapChanges } from '../hinged/gapsRound';
import { hingeLine } from '../hinged/hingeLine';
import { PARAMETER_COUNT } from '../hinged/parameters';
import type { HingeChoice, SearchSpace } from '../hinged/searchPlan';

/** What random spaces are judged by. */
export const board = gapBoard(EXAMPLE_DOOR, false);
const line = hingeLine(EXAMPLE_DOOR, PARAMETER_COUNT);

/** A small search space on three hinges and a strike. */
export function spaceFrom(start: Float64Array): SearchSpace {
  const atHinge = line.moves.map((move, hinge) => {
    const perMm = gapChanges(board, EXAMPLE_DOOR, move);
    return [-3, -2, -1, 1, 2, 3].map((amount): HingeChoice => {
      const shiftMm = amount * 0.6;
      return {
        action: action('bendKnuckles'),
        hinge,
        amount,
        shiftMm,
        changes: perMm.map((c) => c * shiftMm),
        price: 8 + 3 * Math.abs(amount) + hinge,
      };
    });
  });
  return {
    board,
    start,
    atHinge,
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
    gapChanges(board, EXAMPLE_DOOR, move).forEach((c, i) => {
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
  const choices = space.atHinge.flatMap((list, h) => list.map((choice, c) => ({ ...choice, name: `x_${h}_${c}` })));
  const costs: [number, string][] = choices.map(({ price, name }) => [price, name]);
  const rows: string[] = [];
  const free: string[] = [];
  space.atHinge.forEach((list, h) => rows.push(`${terms(list.map((_, c) => [1, `x_${h}_${c}`]))} <= 1`));
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
    const off = choices.map(({ hinge, shiftMm, name }): [number, string] => [shiftMm * (line.misfit[hinge]?.[j] ?? 0), name]);
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
