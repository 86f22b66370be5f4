import { EXAMPLE_DOOR } from '../hinged/exampleDoor';
import { WALKING_ORDER } from '../hinged/geometry/stations';
import type { HingedDoor } from '../hinged/card/door';
import { HANDBOOKS, proofTriesFor } from './handbook';
import { finding } from './lookUp';
import type { FindingId, StationId } from './names';
import { modelOfDoor, type AnyDoor } from './anyDoor';
import { proofOf, type AsLeft } from './proof';

const door: AnyDoor = { kind: 'hinged', card: EXAMPLE_DOOR };
const triesFor = (asked: AnyDoor) => proofTriesFor(asked.kind, modelOfDoor(asked));
const GAPS = { latch: 3, head: 3, hinge: 2, foot: 8 } as const;
const even = new Map(WALKING_ORDER.map((id): [StationId, number] => [id, GAPS[id.split('.')[0] as keyof typeof GAPS]]));
const allGood = new Map<FindingId, string>(triesFor(door).map((each) => [each.finding, each.good]));
const left = (change: Partial<AsLeft> = {}) => proofOf({ door, gapsMm: even, tries: allGood, ...change });
const gaps = (change: Partial<Record<StationId, number>>) => new Map([...even, ...(Object.entries(change) as [StationId, number][])]);
const verdicts = ({ free, even: isEven, book }: ReturnType<typeof proofOf>) => [free, isEven, book];

describe('what may be said of a door as it is left', () => {
  it('is free, even and by the book when all was tried and gauged', () => {
    expect(verdicts(left())).toEqual(['shown', 'shown', 'shown']);
  });

  it('nothing is claimed of what nobody tried or gauged', () => {
    expect(verdicts(left({ gapsMm: new Map(), tries: new Map() }))).toEqual(['unknown', 'unknown', 'unknown']);
    expect(verdicts(left({ gapsMm: new Map() }))).toEqual(['shown', 'unknown', 'unknown']);
    expect(verdicts(left({ tries: new Map() }))).toEqual(['unknown', 'shown', 'shown']);
    const one = new Map<StationId, number>([['hinge.top', 2]]);
    expect(left({ gapsMm: one })).toMatchObject({ even: 'unknown', book: 'unknown', unjudged: ['hinge', 'head', 'latch'] });
  });

  it('is even by two gaps of each edge, and by the book by all that can be reached', () => {
    const two = new Map([...even].filter(([id]) => !id.endsWith('mid') && !id.startsWith('foot')));
    expect(left({ gapsMm: two })).toMatchObject({ even: 'shown', book: 'unknown' });
    const rest = new Set(WALKING_ORDER.filter((id) => !two.has(id)));
    expect(left({ gapsMm: two, unreachable: rest })).toMatchObject({ even: 'shown', book: 'shown', unread: [] });
  });

  it('a rub or a try that went wrong fails it, whatever the gaps', () => {
    expect(left({ gapsMm: gaps({ 'latch.top': 0 }) })).toMatchObject({ free: 'fails', even: 'fails', book: 'fails', rubs: ['latch.top'] });
    const creeps = new Map([...allGood, ['halfOpen', 'creeps'] as [FindingId, string]]);
    expect(left({ tries: creeps })).toMatchObject({ free: 'fails', even: 'fails', book: 'fails', bad: [{ finding: 'halfOpen' }] });
  });

  // Common practice, no source: the eye begins to see a taper of 1/16 in (1.6 mm); the book of this door allows 1 mm.
  it('a taper the eye does not see is even and not by the book; one it sees is neither', () => {
    expect(verdicts(left({ gapsMm: gaps({ 'latch.top': 2.2, 'latch.bottom': 3.7 }) }))).toEqual(['shown', 'shown', 'fails']);
    expect(left({ gapsMm: gaps({ 'latch.top': 2, 'latch.bottom': 4 }) })).toMatchObject({ even: 'fails', uneven: ['latch'] });
  });

  it('an edge out of keeping with its limits is not even, however straight', () => {
    expect(left({ gapsMm: gaps({ 'head.hinge': 6, 'head.mid': 6, 'head.latch': 6 }) }).uneven).toEqual(['head']);
  });

  it('is even by eye where each edge was looked at and nothing looks out; what looks out is told, and even is not claimed', () => {
    const look = (seen: Partial<Record<StationId, 'tight' | 'ok' | 'wide'>>, gapsMm: AsLeft['gapsMm'] = new Map()) =>
      left({ gapsMm, seen: new Map(Object.entries(seen)) as AsLeft['seen'] & object });
    const all = Object.fromEntries(WALKING_ORDER.map((id) => [id, 'ok' as const]));
    expect(look(all)).toMatchObject({ free: 'shown', even: 'unknown', book: 'unknown', isEvenByEye: true });
    expect(look({ ...all, 'head.mid': 'wide' })).toMatchObject({ isEvenByEye: false, looksOut: ['head.mid'] });
    expect(look({ 'latch.top': 'ok', 'latch.mid': 'ok' }).isEvenByEye).toBe(false);
    expect(look({ 'foot.mid': 'wide' }, gaps({}))).toMatchObject({ seen: [], even: 'shown' });
    const notMid = new Map([...even].filter(([id]) => id !== 'head.mid'));
    expect(look({ 'head.mid': 'wide' }, notMid)).toMatchObject({ even: 'unknown', book: 'unknown', looksOut: ['head.mid'] });
    expect(look({ 'head.mid': 'ok' }, notMid)).toMatchObject({ even: 'shown', book: 'unknown' });
  });

  it('asks what the make of the door can be put to, in answers that its checks have', () => {
    const asked = (change: Partial<HingedDoor>) =>
      triesFor({ kind: 'hinged', card: { ...EXAMPLE_DOOR, ...change } }).map((each) => each.finding);
    expect(asked({})).not.toContain('handle');
    expect(asked({ hingeKind: 'adjustable' })).toContain('handle');
    expect(asked({ closer: true })).not.toContain('halfOpen');
    for (const { finding: id, good } of Object.values(HANDBOOKS).flatMap(({ proofTries }) => proofTries))
      expect(finding(id).answers.map((answer) => answer.id)).toContain(good);
  });
});

describe('what may be said of a panel as it is left', () => {
  const panel: AnyDoor = { kind: 'sliding', card: { kind: 'glass', panelWidthMm: 900, panelHeightMm: 2030, frame: 'aluminium' } };
  const gauged = {
    ...{ 'foot.lead': 6, 'foot.middle': 6, 'foot.trail': 6 },
    ...{ 'jamb.top': 10, 'jamb.mid': 10, 'jamb.foot': 10 },
    ...{ 'lift.lead': 4, 'lift.trail': 4 },
  };
  const tries = new Map<FindingId, string>(triesFor(panel).map((each) => [each.finding, each.good]));
  const panelLeft = (change: Partial<Record<StationId, number>> = {}, tried: Partial<Record<FindingId, string>> = {}) =>
    proofOf({
      door: panel,
      gapsMm: new Map(Object.entries({ ...gauged, ...change }) as [StationId, number][]),
      tries: new Map([...tries, ...(Object.entries(tried) as [FindingId, string][])]),
    });

  it('runs free, meets its jamb and is by the book when all was tried and gauged', () => {
    expect(verdicts(panelLeft())).toEqual(['shown', 'shown', 'shown']);
    expect([...tries.keys()]).toEqual(['pull', 'where', 'tick', 'liftOut', 'locks']);
  });

  // Common practice, no source: a head channel of 20 mm lets a panel go once it lifts 9.
  it('is never free while it can be lifted out, gauged or tried', () => {
    expect(panelLeft({ 'lift.trail': 9 })).toMatchObject({ free: 'fails', loose: ['lift.trail'] });
    expect(panelLeft({}, { liftOut: 'out' })).toMatchObject({ free: 'fails', bad: [{ finding: 'liftOut' }] });
    expect(panelLeft({ 'lift.trail': 8.9 })).toMatchObject({ free: 'shown', book: 'fails' });
  });

  it('may be held any way off its jamb, if evenly', () => {
    expect(panelLeft({ 'jamb.top': 25, 'jamb.mid': 25, 'jamb.foot': 25 }).even).toBe('shown');
    expect(panelLeft({ 'jamb.top': 12.3 })).toMatchObject({ even: 'fails', uneven: ['jamb'] });
  });
});
