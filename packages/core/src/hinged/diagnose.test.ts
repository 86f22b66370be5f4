import fc from 'fast-check';
import { MM_PER_UNIT } from '../length/length';
import { parseLength } from '../length/parseLength';
import { answerChances, jointAnswerChances } from '../model/finding';
import { EVEN_GAPS, EXAMPLE_DOOR, readingsOf, SAGGING_READINGS } from './exampleDoor';
import { station, STATION_IDS, type StationId } from './geometry/stations';
import { diagnose, whatNext, type Diagnosis } from './hingedAnswers';
import { ACTION_IDS } from './names/actionIds';
import type { AnsweredFinding, Reading } from './observed';
import { CAUSE_IDS, CAUSES, hasCause, type CauseId } from './tables/causes';
import { finding, FINDINGS, type FindingId } from './tables/findings';

const door = EXAMPLE_DOOR;

const first = (readings: readonly Reading[], findings: AnsweredFinding[] = []) => diagnose({ door, readings, findings }).causes[0]?.id;
const answer = (finding: FindingId, given: string): AnsweredFinding => ({ finding, answer: given });
const at = (d: Diagnosis, id: StationId) => {
  const found = d.expected.find((e) => e.station === id);
  if (found === undefined) throw new Error(`no ${id}`);
  return found;
};

describe('diagnose, on the signs of the trade (common practice, no source)', () => {
  it.each<[string, CauseId, Reading[], AnsweredFinding[]]>([
    ['rubs top latch, open at top hinge, screws turn', 'looseTopScrews', [...SAGGING_READINGS], [answer('topScrews', 'loose')]],
    ['the same with screws that spin', 'strippedTopHoles', [...SAGGING_READINGS], [answer('topScrews', 'spinning')]],
    [
      'the same with tight screws and open leaves',
      'spreadKnuckles',
      [...SAGGING_READINGS],
      [answer('topScrews', 'tight'), answer('topLeaves', 'spread')],
    ],
    [
      'hinge gap even, latch gap tapers',
      'latchLegOut',
      readingsOf({ ...EVEN_GAPS, 'latch.top': 0.5, 'latch.mid': 2.5, 'latch.bottom': 4.5 }),
      [],
    ],
    [
      'side gaps even, head tapers, leg leans',
      'frameRacked',
      readingsOf({ ...EVEN_GAPS, 'head.mid': 4.5, 'head.latch': 6, 'plumb.hinge': 8, 'level.head': 0 }),
      [],
    ],
    [
      'side gaps even, head tapers, legs plumb, head off level',
      'headOut',
      readingsOf({ ...EVEN_GAPS, 'head.mid': 1.6, 'head.latch': 0.4, 'plumb.hinge': 0, 'level.head': 3 }),
      [],
    ],
    [
      'hinge gap nil, latch wide, springs back',
      'hingeBound',
      readingsOf({
        ...EVEN_GAPS,
        'hinge.top': 0.2,
        'hinge.mid': 0.3,
        'hinge.bottom': 0.2,
        'latch.top': 4.8,
        'latch.mid': 4.7,
        'latch.bottom': 4.8,
      }),
      [answer('springBack', 'yes')],
    ],
    [
      'tight along the latch edge in wet months',
      'swollenSlab',
      readingsOf({ ...EVEN_GAPS, 'latch.top': 0.3, 'latch.mid': 'rubs', 'latch.bottom': 0.4 }),
      [answer('season', 'worseWet')],
    ],
    [
      'every gap even, and it stays half open, latches and clears the floor',
      'nothingWrong',
      readingsOf({ ...EVEN_GAPS, 'bolt.low': 0, 'plumb.across': 0.5, 'stop.top': 1, 'stop.bottom': 1, 'foot.swing': 8 }),
      [answer('halfOpen', 'stays'), answer('latch', 'alone')],
    ],
  ])('%s → %s', (_, expected, readings, findings) => {
    expect(first(readings, findings)).toBe(expected);
  });

  it('cannot tell loose, stripped and spread apart by gaps alone, and says so', () => {
    const { causes } = diagnose({ door, readings: SAGGING_READINGS, findings: [] });
    const three = causes.slice(0, 3);
    expect(three.map(({ id }) => id).sort()).toEqual(['looseTopScrews', 'spreadKnuckles', 'strippedTopHoles']);
    three.forEach(({ probability }) => expect(probability).toBeLessThan(0.7));
  });

  it('tells the evidence for and against with its numbers', () => {
    const { causes } = diagnose({ door, readings: SAGGING_READINGS, findings: [answer('topScrews', 'loose')] });
    const loose = causes[0];
    const taper = loose?.for.find(({ says }) => says === 'hinge gap wider at the top than at the bottom');
    expect(taper?.readMm).toBeCloseTo(3, 9);
    expect(taper?.expectedMm).toBeGreaterThan(taper?.othersMm ?? Infinity);
    expect(loose?.for.map(({ says }) => says)).toContain('screws of the top hinge could be turned');
    const racked = causes.find(({ id }) => id === 'frameRacked');
    expect(racked?.against.map(({ says }) => says)).toContain('latch gap, top: rubs');
  });

  it('predicts gaps nobody measured', () => {
    const read = SAGGING_READINGS.filter((r) => r.station !== 'hinge.mid');
    const { meanMm, sdMm } = at(diagnose({ door, readings: read, findings: [] }), 'hinge.mid');
    expect(Math.abs(meanMm - 3.2)).toBeLessThan(2 * sdMm);
    expect(sdMm).toBeLessThan(0.7);
  });

  it('a rub is less than nothing, not a reading of nought', () => {
    const rub = at(diagnose({ door, readings: SAGGING_READINGS, findings: [] }), 'latch.top');
    expect(rub.meanMm).toBeLessThan(0);
    expect(rub.sdMm).toBeGreaterThan(0.25);
  });

  it('doubts one slip of the gauge and not its neighbours', () => {
    const readings = SAGGING_READINGS.map((r) => (r.station === 'hinge.mid' ? { station: r.station, mm: 9 } : r));
    const { doubtful } = diagnose({ door, readings, findings: [] });
    expect(doubtful.map((d) => d.station)).toEqual(['hinge.mid']);
    expect(diagnose({ door, readings: SAGGING_READINGS, findings: [] }).doubtful).toEqual([]);
  });

  it('names the field of a reading or an answer that makes no sense', () => {
    expect(() => diagnose({ door, readings: [{ station: 'plumb.hinge', rubs: true }], findings: [] })).toThrow('Only a gap can rub');
    expect(() => diagnose({ door, readings: [{ station: 'hinge.top', mm: NaN }], findings: [] })).toThrow('finite');
    expect(() => diagnose({ door, readings: [], findings: [answer('topScrews', 'purple')] })).toThrow('not an answer');
  });
});

describe('diagnose, whatever was read', () => {
  const reading = fc.constantFrom(...STATION_IDS).chain((id): fc.Arbitrary<Reading> => {
    const kind = station(id).kind;
    const mm = kind === 'gap' ? fc.double({ min: 0, max: 15, noNaN: true }) : fc.double({ min: -15, max: 15, noNaN: true });
    const figure = mm.map((value): Reading => ({
      station: id,
      mm: kind === 'opening' || kind === 'slab' ? value + (id.includes('height') ? 1990 : 768) : value,
    }));
    return kind === 'gap' ? fc.oneof(figure, fc.constant<Reading>({ station: id, rubs: true })) : figure;
  });
  const readings = fc.uniqueArray(reading, { selector: (r) => r.station, maxLength: 14 });
  const findings = fc.uniqueArray(
    fc.constantFrom(...FINDINGS).chain((f) => fc.constantFrom(...f.answers).map((a) => answer(f.id, a.id))),
    { selector: (f) => f.finding, maxLength: 5 },
  );

  it('probabilities sum to one and nothing is NaN, with any subset of readings, none included', () => {
    fc.assert(
      fc.property(readings, findings, (rs, fs) => {
        const d = diagnose({ door, readings: rs, findings: fs });
        expect(d.suppositions.reduce((sum, each) => sum + each.probability, 0)).toBeLessThanOrEqual(1 + 1e-9);
        expect(d.causes).toHaveLength(CAUSE_IDS.filter((id) => hasCause(id, door)).length);
        d.causes.forEach(({ probability }) => expect(probability >= 0 && probability <= 1).toBe(true));
        whatNext({ door, readings: rs, findings: fs }).choices.forEach(({ bits }) => expect(Number.isFinite(bits)).toBe(true));
        d.expected.forEach(({ meanMm, sdMm }) => expect(Number.isFinite(meanMm) && Number.isFinite(sdMm) && sdMm >= 0).toBe(true));
        d.causes.flatMap((c) => [...c.for, ...c.against]).forEach(({ weight }) => expect(Number.isNaN(weight)).toBe(false));
      }),
      { numRuns: 30 },
    );
  });

  it('the order of readings does not matter', () => {
    fc.assert(
      fc.property(readings, (rs) => {
        const figures = rs.filter((r) => 'mm' in r);
        const one = diagnose({ door, readings: figures, findings: [] });
        const other = diagnose({ door, readings: [...figures].reverse(), findings: [] });
        one.expected.forEach(({ station: id, meanMm }) => expect(at(other, id).meanMm).toBeCloseTo(meanMm, 5));
      }),
      { numRuns: 15 },
    );
  });
});

describe('the tables', () => {
  it('every column of every check adds up to a hundred, and speaks of a cause that there is', () => {
    for (const { id, answers, chances } of FINDINGS) {
      for (const [causeId, column] of Object.entries(chances)) {
        expect([id, causeId, column.length]).toEqual([id, causeId, answers.length]);
        expect([id, causeId, column.reduce((sum, percent) => sum + percent, 0)]).toEqual([id, causeId, 100]);
        expect(column.every((percent) => percent > 0)).toBe(true);
      }
    }
  });

  it('with two causes at work a check follows the one that has a say in it', () => {
    expect(jointAnswerChances(finding('topScrews'), ['looseTopScrews', 'swollenSlab'])).toEqual(
      answerChances(finding('topScrews'), 'looseTopScrews'),
    );
    expect(jointAnswerChances(finding('season'), ['looseTopScrews', 'swollenSlab'])).toEqual(
      answerChances(finding('season'), 'swollenSlab'),
    );
    const both = jointAnswerChances(finding('complaint'), ['looseTopScrews', 'swollenSlab']);
    expect(both.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 9);
  });

  it('every cause has forms whose shares add up to one, and every cure is in the register', () => {
    for (const { forms, cures } of CAUSES) {
      expect(forms.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
      cures.forEach((id) => expect(ACTION_IDS).toContain(id));
    }
  });
});

describe('other units', () => {
  it('inches and millimetres give the same answer', () => {
    const inInches = SAGGING_READINGS.map((r): Reading => ('mm' in r ? { ...r, mm: parseLength(`${r.mm / MM_PER_UNIT.in} in`).mm } : r));
    const [one, other] = [SAGGING_READINGS, inInches].map((rs) => diagnose({ door, readings: rs, findings: [] }));
    one?.causes.forEach(({ probability }, i) => expect(other?.causes[i]?.probability).toBeCloseTo(probability, 6));
  });
});
