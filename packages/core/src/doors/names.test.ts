import { HINGED } from '../hinged/hingedDoors';
import { SLIDING, slidingModel } from '../sliding/slidingDoors';
import { HANDBOOKS, workGroup } from './handbook';
import { action, ACTION_IDS, cause, finding, station } from './lookUp';
import type { FindingId } from './names';
import { hasShownWhatItDid, knownAs, recheckAfter, reckoningWith, saysNotHolding } from './work';

const ids = (list: readonly { id: string }[]) => list.map(({ id }) => id);

describe('words of every kind of door', () => {
  it.each(['stations', 'causes', 'findings', 'actions'] as const)('%s mean one thing across the kinds', (table) => {
    const all = [...ids(HINGED[table]), ...ids(SLIDING[table])];
    expect(new Set(all).size).toBe(all.length);
  });

  it('what is read and what is checked never share a name: what cannot be had is one list of both', () => {
    const both = [HINGED, SLIDING].flatMap(({ stations, findings }) => [...ids(stations), ...ids(findings)]);
    expect(new Set(both).size).toBe(both.length);
  });

  it('are looked up without asking which door it is', () => {
    expect([station('latch.top').title, station('jamb.top').title]).toEqual(['Latch gap, top', 'Closing gap, top']);
    expect([finding('trouble').question, action('turnScrew').title, cause('trackBurr').id]).toEqual([
      'What is the trouble?',
      'Turn the roller screw',
      'trackBurr',
    ]);
    expect(() => station('roof' as 'jamb.top')).toThrow('no station "roof"');
  });

  it('every piece of work can be written down, in one place, by itself or as another’s', () => {
    const listed = Object.values(HANDBOOKS).flatMap(({ workGroups }) => workGroups.flatMap(({ actions }) => [...actions]));
    expect(new Set(listed).size).toBe(listed.length);
    const elsewhere = listed.map((id) => knownAs(id, 'bottom'));
    expect(ACTION_IDS.filter((id) => workGroup(id) === undefined && !elsewhere.includes(id))).toEqual([]);
  });

  it('every check stands in a group of its kind', () => {
    for (const kind of [HINGED, SLIDING]) {
      const grouped = HANDBOOKS[kind === HINGED ? 'hinged' : 'sliding'].checkGroups.flatMap(({ checks }) => [...checks]);
      expect(grouped.sort()).toEqual(ids(kind.findings).sort());
    }
  });

  it('work that no gap is read for has been looked at enough once it was tried, or all was looked at', () => {
    const glass = slidingModel({ kind: 'glass', panelWidthMm: 900, panelHeightMm: 2030, frame: 'aluminium' });
    const isEnough = (work: 'cleanTrack' | 'straightenTrack' | 'turnScrew', ...looked: FindingId[]) =>
      hasShownWhatItDid(glass, work, work === 'turnScrew' ? 'lead' : undefined, looked);
    expect([isEnough('cleanTrack'), isEnough('cleanTrack', 'track'), isEnough('cleanTrack', 'pull')]).toEqual([false, false, true]);
    expect([isEnough('straightenTrack', 'trackFelt'), isEnough('straightenTrack', 'trackFelt', 'track')]).toEqual([false, true]);
    // What is gauged is not done with by a try.
    expect(isEnough('turnScrew', 'where')).toBe(false);
  });

  it('work on a panel told in words may have moved its end, and clips that are not home do not hold', () => {
    expect([reckoningWith('workOnPanel', 'lead'), reckoningWith('workOnPanel', undefined)]).toEqual(['place', 'nothing']);
    expect(recheckAfter('turnScrew', 'lead')).toContain('foot.lead');
    expect(recheckAfter('workOnPanel', 'trail')).toContain('foot.trail');
    expect([saysNotHolding('clip', 'wrong'), saysNotHolding('clip', 'home'), saysNotHolding('topScrews', 'spinning')]).toEqual([
      true,
      false,
      true,
    ]);
  });
});
