import { setRollers, type PanelToSet } from './rollerTurns';
import { THREADS } from './threads';

const PANEL: PanelToSet = {
  kind: 'glass',
  panelWidthMm: 900,
  panelHeightMm: 2030,
  jambTopMm: 6,
  jambFootMm: 14,
  footLeadMm: 3,
  footTrailMm: 6,
  liftLeadMm: 7,
  liftTrailMm: 4,
  tried: { turns: 1, leadMm: 1.5, trailMm: 1.5 },
};

describe('threads', () => {
  // ISO 261:1998, table 2, coarse pitches; ASME B1.1, UNC threads an inch; both from memory.
  it.each([
    ['M4', 0.7],
    ['M5', 0.8],
    ['M6', 1],
    ['M8', 1.25],
    ['unc8', 25.4 / 32],
    ['unc10', 25.4 / 24],
    ['unc14', 25.4 / 20],
    ['unc38', 25.4 / 16],
  ] as const)('%s has a pitch of %f mm', (id, pitchMm) => expect(THREADS[id].pitchMm).toBeCloseTo(pitchMm, 9));
});

describe('turns of the rollers', () => {
  it('raise the closing end where the gap is wider at the foot, by the taper over height and distance of the wheels', () => {
    const { lead, trail, taperAfterMm, limit } = setRollers(PANEL);
    // 8 mm over 2030 × 0.86 × 900: 3.05 mm at the end, two turns of 1.5 mm.
    expect(lead.quarters).toBe(8);
    expect(trail.quarters).toBe(0);
    expect(taperAfterMm).toBeCloseTo(-8 + (3 * 2030) / (0.86 * 900), 9);
    expect(limit).toBe('nothing');
  });

  it('exact: a rigid rectangle turned by so much leans its edge by so much', () => {
    const { lead, trail, taperMm, taperAfterMm } = setRollers(PANEL);
    const [leadMm, trailMm] = [(lead.quarters / 4) * 1.5, (trail.quarters / 4) * 1.5];
    const angle = Math.atan2(leadMm - trailMm, 0.86 * 900);
    expect(taperAfterMm - taperMm).toBeCloseTo(2030 * Math.sin(angle), 2);
  });

  it('go by what the first turn did, then by the thread, then by what is usual', () => {
    const { tried: _tried, ...untried } = PANEL;
    expect(setRollers(untried).lead).toMatchObject({ from: 'usual', mmPerTurn: 1.5 });
    expect(setRollers({ ...untried, thread: 'M6', linkage: 0.5 }).lead).toMatchObject({ from: 'thread', mmPerTurn: 0.5 });
    expect(setRollers({ ...PANEL, thread: 'M6' }).lead).toMatchObject({ from: 'tried', mmPerTurn: 1.5 });
  });

  it('“nothing moves” is an answer: both ends are left, and the roller called broken', () => {
    const found = setRollers({ ...PANEL, tried: { turns: 1, leadMm: 0, trailMm: 1.5 } });
    expect([found.lead.quarters, found.trail.quarters]).toEqual([0, 0]);
    expect(found).toMatchObject({ limit: 'deadScrew', limitAt: 'lead' });
  });

  it('never lower an end until it drags: the other is raised', () => {
    const found = setRollers({ ...PANEL, jambTopMm: 14, jambFootMm: 6, footLeadMm: 3, footTrailMm: 3, liftLeadMm: 5, liftTrailMm: 5 });
    expect(found.lead.footMm).toBeGreaterThanOrEqual(3);
    expect(found.trail.quarters).toBeGreaterThan(0);
  });

  it('a step past the margin is refused: a panel that would come free of its head is not lowered further', () => {
    const high = setRollers({ ...PANEL, jambTopMm: 20, jambFootMm: 6, footLeadMm: 14, footTrailMm: 6, liftLeadMm: 8.8, liftTrailMm: 1.5 });
    expect(high.lead.liftMm).toBeLessThan(9);
    expect(high.lead.captureMm).toBeGreaterThan(0);
    expect(['binds', 'liftsOut']).toContain(high.limit);
    const lowered = setRollers({
      ...PANEL,
      jambTopMm: 20,
      jambFootMm: 6,
      footLeadMm: 14,
      footTrailMm: 20,
      liftLeadMm: 8.8,
      liftTrailMm: 6,
    });
    expect(lowered.lead.liftMm).toBeLessThan(9);
    expect(lowered.trail.liftMm).toBeLessThan(9);
  });

  it('nor raised until it binds under its head', () => {
    const tight = setRollers({ ...PANEL, liftLeadMm: 1.6, liftTrailMm: 1.6, footTrailMm: 3.1 });
    expect(tight.lead.liftMm).toBeGreaterThanOrEqual(1.5 - 1e-9);
    expect(tight.limit).toBe('binds');
  });

  it('stop where a screw ends, and say so', () => {
    const short = setRollers({ ...PANEL, leftLeadTurns: 0.5, footTrailMm: 3 });
    expect(Math.abs(short.lead.quarters)).toBeLessThanOrEqual(2);
    expect(short).toMatchObject({ limit: 'travel', limitAt: 'lead' });
  });

  it('a hung slab has no margin to lose', () => expect(setRollers({ ...PANEL, kind: 'pocket' }).lead.captureMm).toBeUndefined());

  it('a screen is brought to 2–4 mm over its sill (common practice, no source)', () => {
    const { liftLeadMm: _l, liftTrailMm: _t, ...screen } = { ...PANEL, kind: 'screen' as const };
    const found = setRollers({ ...screen, jambTopMm: 10, jambFootMm: 10, footLeadMm: 7, footTrailMm: 7 });
    for (const end of [found.lead, found.trail]) {
      expect(end.footMm).toBeGreaterThanOrEqual(2);
      expect(end.footMm).toBeLessThanOrEqual(4);
    }
  });

  it('wants the room above at both ends or at neither', () => {
    const { liftTrailMm: _t, ...one } = PANEL;
    expect(() => setRollers(one)).toThrow('both ends');
  });

  it('learns nothing from less than an eighth of a turn', () => {
    expect(() => setRollers({ ...PANEL, tried: { turns: 1e-320, leadMm: 6 } })).toThrow('an eighth at least');
    expect(setRollers({ ...PANEL, tried: { turns: 0.125, leadMm: 0.2 } }).lead.mmPerTurn).toBeCloseTo(1.6, 9);
    expect(Number.isFinite(setRollers({ ...PANEL, tried: { turns: 0, leadMm: 6 } }).lead.mmPerTurn)).toBe(true);
  });
});
