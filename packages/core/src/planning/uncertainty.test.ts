import { seededRandom } from '../numbers/seededRandom';
import { toEnd } from '../stepwise';
import { candidate, share, untreated, type Candidate } from './candidate';
import { action, believedAt, gaps, leftAlone, model, plan, trial } from './planning.fixture';
import { uncertaintyOf } from './uncertainty';
import { drawWorkErrors, workErrorsFrom } from './workErrors';

const belief = believedAt({ sunk: 0.5, sound: 0.5 });
const DOORS = 200;
const isTrueOn = (of: (i: number) => boolean) => Array.from({ length: DOORS }, (_, i) => of(i));
const make = (id: string, of: (i: number) => boolean): Candidate => ({
  ...leftAlone,
  cures: [action(id)],
  isTrue: isTrueOn(of),
});
/** Of every four doors two are sunk, and the left gap of two is wide. */
const isSunk = (i: number) => i % 4 < 2;
const isWide = (i: number) => i % 8 < 4;
const random = seededRandom(3);
const drawn = Array.from({ length: DOORS }, (_, i) => ({
  gaps: gaps(2, 2),
  faults: new Map<string, Float64Array>(),
  errors: workErrorsFrom([]),
  state: Float64Array.from({ length: model.layout.size }, (_each, k) => (k === 0 ? (isWide(i) ? 5 : 2) : 0)),
  supposition: isSunk(i) ? 1 : 0,
}));
const tried = { ...trial, drawn };
const uncertain = (able: readonly Candidate[], first: Candidate, toRead: readonly string[] = []) =>
  toEnd(uncertaintyOf(belief, tried, able, [first], toRead))[0];

describe('what keeps a plan from being sure', () => {
  it('is the cause, where another plan is right on the doors that have the other cause', () => {
    const [glue, saw] = [make('glue', isSunk), make('saw', (i) => !isSunk(i))];
    expect(uncertain([glue, saw], glue)?.ifKnown.cause).toBe(1);
    // Another plan that is right at random, whatever the cause, would not be chosen for it.
    const atRandom = make('saw', () => random.uniform() < 0.5);
    expect(uncertain([glue, atRandom], glue)?.ifKnown.cause).toBeLessThan(0.85);
    expect(uncertain([glue], glue)?.ifKnown.cause).toBe(share(glue.isTrue));
  });

  it('is a reading, where the figure tells which plan is right; the one that tells most is named', () => {
    const [narrow, wide] = [make('glue', (i) => !isWide(i)), make('saw', isWide)];
    expect(uncertain([narrow, wide], narrow, ['gap.right', 'gap.left'])?.reading).toEqual({ station: 'gap.left', chance: 1 });
    expect(uncertain([narrow, wide], narrow, ['gap.right'])?.reading).toBeUndefined();
    expect(uncertain([narrow, wide], narrow)?.reading).toBeUndefined();
  });

  it('is the hand, where a steady one would end true', () => {
    const shaky = { ...tried, drawn: drawn.map((door) => ({ ...door, gaps: gaps(2, 2.9), errors: drawWorkErrors(random) })) };
    const setting = { action: action('packPeg'), where: 2, amount: 9, shiftMm: -9, changes: gaps(0, 0.09), price: 5 };
    const worked = candidate(shaky, untreated(shaky), plan({ settings: [setting] }));
    const dear = { ...worked, isTrue: worked.isTrue.map((_, i) => i % 2 === 0) };
    const [told] = toEnd(uncertaintyOf(belief, shaky, [dear], [dear], []));
    expect(share(dear.isTrue)).toBe(0.5);
    expect(told?.ifKnown.hand).toBe(1);
    // Knowing every figure does not steady the hand.
    expect(told?.ifKnown.readings).toBe(0.5);
  });
});
