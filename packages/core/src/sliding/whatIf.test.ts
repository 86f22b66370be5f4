import { WALK, type StationId } from './geometry/stations';
import { panel, readingsOf } from './panel.fixture';
import { settersOf, tryPanel } from './whatIf';

const gapsOf = (door: ReturnType<typeof panel>) =>
  new Map<StationId, number>(readingsOf(door, {}, WALK).map((each) => [each.station, 'mm' in each ? (each.mm ?? 0) : 0]));
const glass = panel('glass');
const BEFORE = gapsOf(glass);
const after = (setMm: Parameters<typeof tryPanel>[2], id: StationId) =>
  tryPanel(glass, BEFORE, setMm).gaps.find(({ station }) => station === id)?.afterMm ?? NaN;

describe('a setting of a panel tried', () => {
  it('nothing set leaves every gap, and both ends up alike raise the foot and lower the room above', () => {
    for (const { beforeMm, afterMm } of tryPanel(glass, BEFORE, {}).gaps) expect(afterMm).toBe(beforeMm);
    const up = { lead: 1, trail: 1 };
    expect(after(up, 'foot.middle') - (BEFORE.get('foot.middle') ?? 0)).toBeCloseTo(1, 9);
    expect(after(up, 'lift.lead') - (BEFORE.get('lift.lead') ?? 0)).toBeCloseTo(-1, 9);
    expect(after(up, 'jamb.top') - (BEFORE.get('jamb.top') ?? 0)).toBeCloseTo(0, 9);
  });

  // A rigid panel 900 by 2,000 mm on wheels 0.86 of its width apart turns by 1 / 774 for a millimetre at one end.
  it('one end up leans the closing edge back by the height over the distance of the wheels', () => {
    const lean = after({ lead: 1 }, 'jamb.top') - after({ lead: 1 }, 'jamb.foot');
    const was = (BEFORE.get('jamb.top') ?? 0) - (BEFORE.get('jamb.foot') ?? 0);
    expect(lean - was).toBeGreaterThan((0.9 * 2000) / 900);
    expect(lean - was).toBeLessThan((0.9 * 2000) / 700);
    expect(tryPanel(glass, BEFORE, { lead: 2 }).uneven.map(({ edge }) => edge)).toEqual(['jamb']);
  });

  it('a panel set so low that it can be lifted out is told', () => {
    // More room than the book gives and still held.
    expect(after({ lead: -3.5, trail: -3.5 }, 'lift.lead')).toBeGreaterThan(7);
    expect(tryPanel(glass, BEFORE, { lead: -3.5, trail: -3.5 }).loose).toEqual([]);
    expect(tryPanel(glass, BEFORE, { lead: -8, trail: -8 }).loose).toEqual(['lift.lead', 'lift.trail']);
  });

  it.each([
    ['glass', ['turnScrew', 'turnScrew']],
    ['screen', ['turnScrew', 'turnScrew', 'setTopWheels']],
    ['pocket', ['turnHanger', 'turnHanger']],
    ['bifold', ['turnPivot', 'setTopPivot']],
  ] as const)('a %s is set by what it has, one for each place', (kind, actions) => {
    expect(settersOf(panel(kind)).map(({ action }) => action)).toEqual(actions);
  });

  it('a half turn is as far as the card says', () => {
    expect(settersOf({ ...glass, mmPerTurn: 2 }).map(({ mmPerUnit }) => mmPerUnit)).toEqual([1, 1]);
  });
});
