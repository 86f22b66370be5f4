import { MM_PER_UNIT } from '../../length/length';
import { gapBoard, gapChanges } from '../../planning/board';
import { EXAMPLE_DOOR } from '../exampleDoor';
import { hingedModel } from '../hingedDoors';
import type { ActionId } from '../names/actionIds';
import { action, ACTIONS, isForbiddenOn } from './actions';
import { CAUSES, hasCause } from './causes';

const model = hingedModel(EXAMPLE_DOOR);

describe('the register of actions', () => {
  it('has steps, a stop rule and a caution for each, and a reason wherever it is forbidden', () => {
    for (const { steps, stopIf, cautions, forbidden, minutes } of ACTIONS) {
      expect(steps.length).toBeGreaterThan(1);
      expect(stopIf).not.toBe('');
      expect(cautions.length).toBeGreaterThan(0);
      expect(minutes.first).toBeGreaterThan(0);
      const isForbidden = forbidden.fireRated === true || forbidden.hingeKinds !== undefined || forbidden.slabKinds !== undefined;
      if (isForbidden) expect(forbidden.why).not.toBe('');
    }
  });

  it('every cure of a cause is an action that cures it, or one that sets hinges, strike or edges', () => {
    for (const { id, cures } of CAUSES) {
      for (const cure of cures) {
        const { effect } = action(cure);
        const sets = ['shift', 'lower', 'strike', 'plane'].includes(effect.kind);
        expect([id, cure, sets || ('cures' in effect && effect.cures.includes(id))]).toEqual([id, cure, true]);
      }
    }
  });

  it('what takes timber or bends metal is less easily undone than what turns a screw', () => {
    expect(action('planeLatch').irreversibility).toBeGreaterThan(action('bendKnuckles').irreversibility);
    expect(action('bendKnuckles').irreversibility).toBeGreaterThan(action('tighten').irreversibility);
  });

  // Common practice, no source: three layers of a strip near the barrel move a door close to 1/8 in.
  it('three layers of a shim strip move the slab about an eighth of an inch', () => {
    const { effect } = action('shimStrip');
    expect(Math.abs((effect.kind === 'shift' ? 3 * effect.mmPerUnit : 0) - MM_PER_UNIT.in / 8)).toBeLessThan(0.6);
  });

  // Common practice, no source: at most 1/16 in at a time with the knuckle wrench.
  it('one go with the wrench stays below a sixteenth of an inch', () => {
    const { effect } = action('bendKnuckles');
    expect(effect.kind === 'shift' ? effect.mmPerUnit : Infinity).toBeLessThan(MM_PER_UNIT.in / 16);
  });

  it('bending there and back leaves every gap where it was', () => {
    const board = gapBoard(model, new Set(['foot']));
    for (const move of model.placeLine.moves) {
      const there = gapChanges(board, model, move);
      const back = gapChanges(
        board,
        model,
        move.map((m) => -m),
      );
      there.forEach((change, i) => expect(change + (back[i] ?? 0)).toBeCloseTo(0, 12));
    }
  });

  it('what a shim takes from the latch gap it gives to the hinge gap', () => {
    const board = gapBoard(model, new Set());
    for (const move of model.placeLine.moves) {
      const change = gapChanges(board, model, move);
      const at = (id: string) => change[board.stations.indexOf(id)] ?? NaN;
      expect(at('hinge.top') + at('latch.top')).toBeCloseTo(0, 9);
      expect(at('hinge.mid') + at('latch.mid')).toBeCloseTo(0, 9);
      expect(at('hinge.bottom') + at('latch.bottom')).toBeCloseTo(0, 9);
    }
  });
});

it('nothing is bent, packed behind or let in at a full-height or a face-fixed hinge, and its screws are seen to as anywhere', () => {
  for (const hingeKind of ['fullHeight', 'faceFixed'] as const) {
    const door = { ...EXAMPLE_DOOR, hingeKind };
    const isForbidden = (id: ActionId) => isForbiddenOn(action(id), door);
    for (const id of ['shim', 'shimStrip', 'deepen', 'bendKnuckles', 'bendPin', 'throwHinge', 'turnSideways', 'turnKeeps'] as const) {
      expect([hingeKind, id, isForbidden(id)]).toEqual([hingeKind, id, true]);
    }
    for (const id of ['tighten', 'longScrew', 'moveStrike', 'planeLatch'] as const) expect(isForbidden(id)).toBe(false);
    expect(hasCause('looseTopScrews', door)).toBe(true);
    expect(hasCause('hingeBound', door)).toBe(false);
    expect(hasCause('wornPins', door)).toBe(hingeKind === 'faceFixed');
  }
});
