import { EXAMPLE_DOOR as door } from '../exampleDoor';
import { hingedModel } from '../hingedDoors';
import { action } from '../tables/actions';
import { workOfSetting } from './settingWork';
import type { Setting } from './whatIf';

const setting = (change: Partial<Setting>): Setting => ({ hinges: [], lowerMm: 0, planed: [], ...change });
const adjustable = { ...door, hingeKind: 'adjustable', slabKind: 'composite' } as const;

describe('the work a setting is made by', () => {
  it('is card or a deeper recess at butts, turns at adjustable hinges: as many as give its millimetres', () => {
    const hinges = [
      { hinge: 'top', mm: 1.5 },
      { hinge: 'middle', mm: 0 },
      { hinge: 'bottom', mm: -1 },
    ] as const;
    const works = (of: typeof door) => workOfSetting(of, setting({ hinges })).works;
    expect(works(door)).toEqual([
      { action: 'shim', hinge: 'top', amount: 3 },
      { action: 'deepen', hinge: 'bottom', amount: 2 },
    ]);
    expect(works(adjustable)).toEqual([
      { action: 'turnSideways', hinge: 'top', amount: 3 },
      { action: 'turnSideways', hinge: 'bottom', amount: -2 },
    ]);
    for (const { action: id, hinge, amount } of [...works(door), ...works(adjustable)]) {
      const { effect } = action(id);
      expect(effect.kind === 'shift' && effect.mmPerUnit * amount).toBe(hinges.find((each) => each.hinge === hinge)?.mm);
    }
  });

  it('a slab is let down only where a screw does it, and planed only where it may be', () => {
    expect(workOfSetting(adjustable, setting({ lowerMm: -1 }))).toEqual({ works: [{ action: 'turnHeight', amount: -2 }], isWhole: true });
    expect(workOfSetting(door, setting({ lowerMm: -1 }))).toEqual({ works: [], isWhole: false });
    const line = { edge: 'latch', fromMm: 1, toMm: 2.5 } as const;
    expect(workOfSetting(door, setting({ planed: [line] }))).toEqual({
      works: [{ action: 'planeLatch', amount: 2.5, planed: line }],
      isWhole: true,
    });
    expect(workOfSetting(adjustable, setting({ planed: [line] })).isWhole).toBe(false);
    expect(hingedModel(adjustable).forbids('planeLatch')).toBeDefined();
  });
});
