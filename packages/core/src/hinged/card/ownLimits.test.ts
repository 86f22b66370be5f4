import { profileOf } from './door';
import { EVEN_GAPS, EXAMPLE_DOOR, readingsOf } from '../exampleDoor';
import { limitFaults, type OwnLimits } from './ownLimits';
import { planCorrections } from '../hingedAnswers';
import { EDGES, PROFILE_IDS, toleranceProfile } from './profiles';

const limitsFrom = (profile: (typeof PROFILE_IDS)[number]): OwnLimits => {
  const { edges, evenWithin } = toleranceProfile(profile);
  return { edges, evenWithin, reason: 'Draught seal in the rebate' };
};

describe('limits of one door', () => {
  it.each(PROFILE_IDS)("the figures of %s can be a door's own", (profile) => expect(limitFaults(limitsFrom(profile))).toEqual([]));

  it('names each limit that is out of order at its field', () => {
    const limits = limitsFrom('interiorTimber');
    const wrong: OwnLimits = {
      edges: {
        ...limits.edges,
        hinge: { min: 0, target: 2, max: 3 },
        head: { min: 3, target: 3, max: 4 },
        latch: { min: 2, target: 5, max: 4 },
        foot: { min: 3, target: 8, max: Number.NaN },
      },
      evenWithin: 0,
      reason: '  ',
    };
    expect(limitFaults(wrong).map(({ field }) => field)).toEqual([
      'edges.hinge.min',
      'edges.head.target',
      'edges.latch.max',
      'edges.foot.max',
      'evenWithin',
      'reason',
    ]);
  });

  it('a door without any is judged by its profile, one with its own by these, and the reason is the source', () => {
    expect(profileOf({ profile: 'steelFrame', ownLimits: null })).toEqual(toleranceProfile('steelFrame'));
    const own = limitsFrom('exteriorTimber');
    const judged = profileOf({ profile: 'steelFrame', ownLimits: own });
    for (const edge of EDGES) expect(judged.edges[edge]).toEqual(own.edges[edge]);
    expect(judged).toMatchObject({ id: 'steelFrame', evenWithin: 1, source: own.reason });
  });

  it("a plan aims at the door's own limits: an even door is left alone by its profile and narrowed at the latch for a seal", () => {
    const even = readingsOf({ ...EVEN_GAPS, 'latch.top': 3.5, 'latch.mid': 3.5, 'latch.bottom': 3.5 });
    const usual = limitsFrom('interiorTimber');
    const ownLimits = { ...usual, edges: { ...usual.edges, latch: { min: 1.5, target: 2, max: 2.8 } } };
    expect(planCorrections({ door: EXAMPLE_DOOR, readings: even, findings: [] }).outcome).toBe('true');
    const sealed = planCorrections({ door: { ...EXAMPLE_DOOR, ownLimits }, readings: even, findings: [] });
    expect(sealed.plans.length).toBeGreaterThan(0);
    const after = new Map(sealed.plans[0]?.gaps.map((gap) => [gap.station, gap.afterMm]));
    for (const id of ['latch.top', 'latch.mid', 'latch.bottom'] as const) {
      expect(after.get(id)).toBeGreaterThan(1.5 - 0.15);
      expect(after.get(id)).toBeLessThan(2.8 + 0.15);
    }
  });
});
