import fc from 'fast-check';
import { dot } from '../../numbers/gaussian';
import { gapBoard } from '../../planning/board';
import { EXAMPLE_DOOR } from '../exampleDoor';
import { hingedModel } from '../hingedDoors';
import { hingeLine } from './hingeLine';
import { PARAMETERS, type ParameterId } from './parameters';
import { station, WALKING_ORDER, type StationId } from './stations';

const model = hingedModel(EXAMPLE_DOOR);
const { parameterAt } = model.layout;

const { slabWidthMm: w, slabHeightMm: h } = EXAMPLE_DOOR;

type State = Record<
  'hingeGap' | 'headGap' | 'drop' | 'hingeLean' | 'latchLean' | 'headTilt' | 'floorTilt' | 'sideRoom' | 'heightRoom',
  number
>;

const state = fc.record<State>({
  hingeGap: fc.double({ min: 0.5, max: 5, noNaN: true }),
  headGap: fc.double({ min: 0.5, max: 6, noNaN: true }),
  drop: fc.double({ min: -8, max: 8, noNaN: true }),
  hingeLean: fc.double({ min: -10, max: 10, noNaN: true }),
  latchLean: fc.double({ min: -10, max: 10, noNaN: true }),
  headTilt: fc.double({ min: -8, max: 8, noNaN: true }),
  floorTilt: fc.double({ min: -8, max: 8, noNaN: true }),
  sideRoom: fc.double({ min: 2, max: 12, noNaN: true }),
  heightRoom: fc.double({ min: 5, max: 25, noNaN: true }),
});

function linearGap(id: StationId, values: Partial<Record<ParameterId, number>>): number {
  const { coefficients, offset } = model.row(id, PARAMETERS.length);
  const vector = new Float64Array(PARAMETERS.length);
  for (const [parameter, value] of Object.entries(values)) vector[parameterAt(parameter)] = value;
  return offset + dot(coefficients, vector);
}

/**
 * The same door by exact plane geometry, written without the linear model: slab corners turned by a rotation matrix about
 * the middle of the hinge edge, legs and head as straight lines, gaps measured square to the door's own axes.
 */
function exactGap(id: StationId, s: State): number {
  const angle = Math.asin(s.drop / w);
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  // Middle of the hinge edge; the upper hinge corner ends up headGap below the head line's hinge end.
  const pivot = { x: s.hingeGap, y: s.headGap + (h / 2) * cos };
  const onSlab = (along: number, down: number) => ({
    x: pivot.x + along * cos - (down - h / 2) * sin,
    y: pivot.y + along * sin + (down - h / 2) * cos,
  });
  const legX = (lean: number, y: number) => lean * (0.5 - y / h);
  const { edge, f = 0 } = station(id);
  if (edge === 'hinge') {
    const p = onSlab(0, f * h);
    return p.x - legX(s.hingeLean, p.y);
  }
  if (edge === 'latch') {
    const p = onSlab(w, f * h);
    return w + s.sideRoom + legX(s.latchLean, p.y) - p.x;
  }
  if (edge === 'head') {
    const p = onSlab(f * w, 0);
    return p.y - s.headTilt * (p.x / w);
  }
  const p = onSlab(f * w, h);
  return h + s.heightRoom + s.floorTilt * (p.x / w) - p.y;
}

describe('gaps round a door against exact geometry', () => {
  it('agrees within 0.35 mm at the worst faults together, and to a few hundredths as a rule', () => {
    const errors: number[] = [];
    fc.assert(
      fc.property(state, (s) => {
        for (const id of WALKING_ORDER) {
          errors.push(linearGap(id, s) - exactGap(id, s));
          expect(Math.abs(linearGap(id, s) - exactGap(id, s))).toBeLessThan(0.35);
        }
      }),
      { numRuns: 300 },
    );
    const rms = Math.sqrt(errors.reduce((sum, e) => sum + e * e, 0) / errors.length);
    expect(rms).toBeLessThan(0.08);
  });

  it('a sagging door opens the hinge gap and closes the latch gap at the top, and opens the head at the latch end', () => {
    const sag = { drop: 3 };
    expect(linearGap('hinge.top', sag)).toBeGreaterThan(linearGap('hinge.bottom', sag));
    expect(linearGap('latch.top', sag)).toBeLessThan(linearGap('latch.bottom', sag));
    expect(linearGap('head.latch', sag)).toBeGreaterThan(linearGap('head.hinge', sag));
    expect(linearGap('foot.latch', sag)).toBeLessThan(linearGap('foot.hinge', sag));
  });

  it('turning opening and door together changes no gap', () => {
    const r = h / w;
    const turned = { drop: 4, headTilt: 4, floorTilt: 4, hingeLean: 4 * r, latchLean: 4 * r };
    for (const id of WALKING_ORDER) expect(linearGap(id, turned)).toBeCloseTo(linearGap(id, {}), 9);
    expect(linearGap('plumb.hinge', turned)).toBeCloseTo(4 * r, 9);
  });

  it('widths agree with the gaps beside the slab', () => {
    const values = { sideRoom: 6, hingeGap: 2, hingeLean: 3, latchLean: -2, drop: 1 };
    expect(linearGap('width.top', values)).toBeCloseTo(w + linearGap('hinge.top', values) + linearGap('latch.top', values), 9);
  });
});

describe('moving hinges', () => {
  it('all hinges alike shift the slab across without turning it', () => {
    const { moves, misfit } = hingeLine(EXAMPLE_DOOR, PARAMETERS.length);
    const sum = (id: ParameterId) => moves.reduce((total, move) => total + (move[parameterAt(id)] ?? 0), 0);
    expect(sum('hingeGap')).toBeCloseTo(1, 9);
    expect(sum('drop')).toBeCloseTo(0, 9);
    const offLine = misfit[0]?.map((_, j) => misfit.reduce((total, row) => total + (row[j] ?? 0), 0));
    offLine?.forEach((m) => expect(m).toBeCloseTo(0, 9));
  });

  it('two hinges never misfit, and the bottom one packed lifts the latch edge', () => {
    const { moves, misfit } = hingeLine({ ...EXAMPLE_DOOR, hingeHeightsMm: [165, 1750] }, PARAMETERS.length);
    misfit.flat().forEach((m) => expect(m).toBeCloseTo(0, 9));
    const bottom = moves[1]?.[parameterAt('drop')] ?? 0;
    // Pivot at the top hinge: 1 mm over the hinge spacing, times the width.
    expect(bottom).toBeCloseTo(-w / (1750 - 165), 9);
  });

  it('the foot counts only when it was read; the bolt always does', () => {
    expect(gapBoard(model, new Set()).stations).toHaveLength(10);
    expect(gapBoard(model, new Set(['foot'])).stations).toHaveLength(13);
  });
});
