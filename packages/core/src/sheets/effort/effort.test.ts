import { GRAVITY } from '../../numbers/gravity';
import { EFFORT_RULES, effortRange, judgeEffort, type PulledPanel } from './effort';
import { panelMass } from './panelMass';
import { ACCESS_LIMITS } from '../../swing/accessLimits';

const PANEL: PulledPanel = {
  panel: { panelWidthMm: 900, panelHeightMm: 2030, frame: 'aluminium', glassMm: 8 },
  massKg: 50,
  pullN: 0.15 * 50 * GRAVITY,
  track: 'clean',
  wheels: 'stiff',
  isLubricated: false,
};
const next = (more: Partial<PulledPanel>) => judgeEffort({ ...PANEL, ...more }).next;

describe('weight of a panel', () => {
  it('of glass is 2,500 kg/m³ by its volume (EN 572-1, from memory)', () => {
    const glass = (glassMm: number) => panelMass({ panelWidthMm: 1000, panelHeightMm: 2000, frame: 'vinyl', glassMm });
    expect(glass(6) - glass(0)).toBeCloseTo(1 * 2 * 0.006 * 2500, 9);
  });

  it('a screen without glass is a frame and little more', () => {
    expect(panelMass({ panelWidthMm: 900, panelHeightMm: 2030, frame: 'aluminium', glassMm: 0 })).toBeLessThan(13);
  });
});

describe('pull over weight', () => {
  it('is a coefficient, and before and after are set beside each other', () => {
    const found = judgeEffort({ ...PANEL, pullAfterN: 0.045 * 50 * GRAVITY });
    expect(found.coefficient).toBeCloseTo(0.15, 9);
    expect(found.range).toBe('stiff');
    expect(found.after).toMatchObject({ range: 'free' });
    expect(found.after?.lessByShare).toBeCloseTo(0.7, 9);
  });

  it('has four ranges (common practice, no source)', () => {
    expect([0.04, 0.08, 0.15, 0.3].map(effortRange)).toEqual(['free', 'dirty', 'stiff', 'stuck']);
  });

  it('a free glass panel of ordinary weight is about what accessibility rules allow (2010 ADA Standards §404.2.9, from memory)', () => {
    const { soundN } = judgeEffort(PANEL);
    const limit = ACCESS_LIMITS.find(({ id }) => id === 'slidingForce')?.value ?? 0;
    expect(soundN).toBeLessThan(limit);
    expect(judgeEffort({ ...PANEL, massKg: 90 }).soundN).toBeGreaterThan(limit);
  });
});

describe('what is done next', () => {
  it.each<[string, Partial<PulledPanel>, string]>([
    ['clean what is dirty, whatever else', { track: 'dirty', wheels: 'seized' }, 'clean'],
    ['look along the track before anything is bought', { track: 'notLooked', wheels: 'worn' }, 'look'],
    ['raise what scrapes before anything is bought', { footGapMm: 0.5, wheels: 'worn' }, 'adjust'],
    ['mend a damaged track before new wheels run on it', { track: 'damaged', wheels: 'seized' }, 'mendTrack'],
    ['turn the wheels before deciding between silicone and new ones', { wheels: 'notLooked' }, 'look'],
    ['replace what does not turn', { wheels: 'seized' }, 'replace'],
    ['replace what wobbles', { wheels: 'worn' }, 'replace'],
    ['lubricate what is stiff', {}, 'lubricate'],
    ['replace what is stiff though lubricated', { isLubricated: true }, 'replace'],
    ['look for what holds it where all is in order', { wheels: 'spin' }, 'adjust'],
    ['leave what runs free', { wheels: 'spin', pullN: 15 }, 'leave'],
    ['but not with a wheel that is worn', { wheels: 'worn', pullN: 15 }, 'replace'],
  ])('%s', (_, more, step) => expect(next(more)).toBe(step));

  it('every rule decides somewhere', () => {
    const reached = new Set<string>();
    for (const track of ['clean', 'dirty', 'damaged', 'notLooked'] as const)
      for (const wheels of ['spin', 'stiff', 'seized', 'worn', 'notLooked'] as const)
        for (const isLubricated of [false, true])
          for (const footGapMm of [0.2, 5])
            for (const pullN of [15, 80]) reached.add(judgeEffort({ ...PANEL, track, wheels, isLubricated, footGapMm, pullN }).because);
    expect([...reached].sort()).toEqual(EFFORT_RULES.map(({ because }) => because).sort());
  });

  it('tells what comes after, and rollers against a new door', () => {
    const found = judgeEffort({ ...PANEL, rollersCost: 60, doorCost: 1800 });
    expect(found.then).toEqual(['replace']);
    expect(found.costShare).toBeCloseTo(1 / 30, 9);
    // Nothing is a share of a door that costs nothing.
    expect(judgeEffort({ ...PANEL, rollersCost: 60, doorCost: 1e-320 })).not.toHaveProperty('costShare');
  });
});
