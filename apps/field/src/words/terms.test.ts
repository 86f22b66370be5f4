import { TERM_SHEETS, type TermSheet } from './drawings';
import { MEANINGS } from './meanings';
import { saidParts, TERM_IDS } from './terms';

const termsIn = (sentence: string) => saidParts(sentence).flatMap(({ term }) => term ?? []);

test('words of the trade are told at their first mention, and nothing of the sentence is lost', () => {
  const sentence = 'Lift the slab; the slab turns on its pins, the Leaf stays in its seat.';
  expect(termsIn(sentence)).toEqual(['slab', 'pin', 'leaf', 'seat']);
  expect(
    saidParts(sentence)
      .map(({ text }) => text)
      .join(''),
  ).toBe(sentence);
});

test.each([
  ['Stop if: the screw spins', []],
  ['The slab rests on the stop', ['slab', 'stop']],
  ['Keep the door shut', []],
  ['The hook misses its keep', ['hook', 'keep']],
  ['A motor snaps the head of the last screw', []],
  ['Wider at the head', ['head']],
  ['Turn the screw head', []],
  ['At the foot of the leg', ['foot', 'leg']],
  ['Hung: hook both wheels on, then the guide', ['guide']],
  ['Leaves folded right back', []],
  ['Leaves half folded: does the pivot move in the wood?', ['pivot']],
  ['The stile is eased off where the roller is behind it', ['stile', 'roller']],
  ['', []],
])('%s', (sentence, terms) => {
  expect(termsIn(sentence)).toEqual(terms);
});

test('every word points at something that is drawn on its sheet', () => {
  const missing = TERM_IDS.filter((id) => {
    const { sheet, part } = MEANINGS[id];
    const { shapes }: TermSheet = TERM_SHEETS[sheet];
    return !shapes.some((shape) => shape.part === part);
  });
  expect(missing).toEqual([]);
});
