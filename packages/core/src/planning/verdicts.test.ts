import { board, gaps, model } from './planning.fixture';
import { verdictsOn } from './verdicts';

const on = (left: number, right: number, bolt = 0) => verdictsOn(board, model.tables.eye, gaps(left, right, bolt), 0.05);

// The hatch's limits are those of its fixture; the eye's are 0.4, 1.6 and 1.2 mm.
describe('what a door is called', () => {
  const [{ min, max } = { min: NaN, max: NaN }] = board.limits;
  const middle = (min + max) / 2;

  it('is free from 0.4 mm on with the bolt in its room, whatever the book says', () => {
    expect([on(0.39, middle).free, on(0.4, middle).free]).toEqual([false, true]);
    expect(on(0.4, middle).book).toBe(false);
    const room = board.limits[board.bolt]?.max ?? NaN;
    expect([on(middle, middle, room).free, on(middle, middle, room + 0.1).free]).toEqual([true, false]);
  });

  it('is even while the eye sees no taper and the edge is in keeping', () => {
    expect([on(middle, middle + 1.6).even, on(middle, middle + 1.7).even]).toEqual([true, false]);
    expect([on(max + 1.2, max + 1.2).even, on(max + 1.3, max + 1.3).even]).toEqual([true, false]);
    // A door that is not free is not even either.
    expect(on(0.3, 0.3).even).toBe(false);
  });

  it('is by the book when every gap is inside its limits and even to them', () => {
    expect([on(min, min).book, on(min - 0.1, min).book, on(max + 0.1, max).book]).toEqual([true, false, false]);
  });
});
