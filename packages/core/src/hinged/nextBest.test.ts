import { diagnose, planCorrections, whatNext } from './hingedAnswers';
import { EXAMPLE_DOOR, readingsOf, SAGGING_READINGS } from './exampleDoor';
import { FINDINGS } from './tables/findings';
import type { Observed } from './observed';
import { STATION_IDS, type StationId } from './geometry/stations';

const door = EXAMPLE_DOOR;
const sagging: Observed = { door, readings: SAGGING_READINGS, findings: [] };

describe('what to read next', () => {
  it('with a sagging door whose gaps are read, asks what tells its three causes apart', () => {
    const next = whatNext(sagging);
    const [first] = next.choices;
    expect(next.enough).toBe(false);
    expect(['topScrews', 'liftPlay', 'topLeaves', 'pins', 'hingeSeat', 'hingeLegFirm']).toContain(first?.id);
    expect(first?.why).toMatch(/^tells (loose top screws|stripped holes|spread knuckles|worn pins).* from |^shows whether/);
    expect(first?.bits).toBeGreaterThan(0.2);
  });

  it('never asks for what has been read or answered', () => {
    const next = whatNext({ ...sagging, findings: [{ finding: 'topScrews', answer: 'loose' }] });
    const taken = new Set<string>([...SAGGING_READINGS.map((r) => r.station), 'topScrews']);
    for (const { id } of next.choices) expect(taken.has(id)).toBe(false);
  });

  it('says enough once the cause is settled and the gaps are known', () => {
    const answered: Observed = {
      ...sagging,
      findings: [
        { finding: 'topScrews', answer: 'loose' },
        { finding: 'liftPlay', answer: 'much' },
        { finding: 'topLeaves', answer: 'parallel' },
        { finding: 'pins', answer: 'snug' },
        { finding: 'hingeLegFirm', answer: 'firm' },
        { finding: 'hingeSeat', answer: 'proud' },
      ],
    };
    const next = whatNext(answered);
    expect(diagnose(answered).causes[0]).toMatchObject({ id: 'looseTopScrews' });
    expect(next.enough).toBe(true);
  });

  it('with the cause settled and gaps still unknown, asks for the least known gap', () => {
    const findings = [
      { finding: 'topScrews', answer: 'loose' },
      { finding: 'liftPlay', answer: 'much' },
      { finding: 'complaint', answer: 'rubsLatchTop' },
      { finding: 'topLeaves', answer: 'parallel' },
      { finding: 'hingeLegFirm', answer: 'firm' },
      { finding: 'pins', answer: 'snug' },
    ] as const;
    const next = whatNext({ door, readings: readingsOf({ 'hinge.top': 4.9, 'hinge.mid': 3.1, 'hinge.bottom': 1.9 }), findings });
    expect(next.enough).toBe(false);
    expect(next.choices[0]?.why).toMatch(/^known only to ±/);
    expect(next.choices[0]?.kind).toBe('station');
  });

  it('does not ask again for what cannot be reached, and plans without it', () => {
    const looked = FINDINGS.map(({ id, answers }) => ({ finding: id, answer: answers[0]?.id ?? '' }));
    const unread = { door, readings: [], findings: looked };
    const [asked] = whatNext(unread).choices;
    if (asked?.kind !== 'station') throw new Error('a reading is asked for');
    const unreachable = [asked.id as StationId];
    expect(whatNext({ ...unread, unreachable }).choices.map(({ id }) => id)).not.toContain(asked.id);
    const nothing = { door, readings: [], findings: [] };
    const wanted = planCorrections(nothing).unknown.map(({ station }) => station);
    expect(wanted.length).toBeGreaterThan(1);
    expect(planCorrections({ ...nothing, unreachable: wanted.slice(0, 1) }).unknown.map(({ station }) => station)).toEqual(wanted.slice(1));
  });

  it('has nothing to ask when everything has been read, and read again where it was odd', () => {
    const readings = STATION_IDS.map((id) => ({
      station: id,
      mm: id.startsWith('width') || id === 'slab.width' ? 762 : id.startsWith('height') || id === 'slab.height' ? 1981 : 3,
      again: true as const,
    }));
    const findings = FINDINGS.map(({ id, answers }) => ({ finding: id, answer: answers[0]?.id ?? '' }));
    expect(whatNext({ door, readings, findings }).choices).toEqual([]);
  });
});
