import { CAUTIONS } from './cautions';
import { takeDown, TAKE_DOWNS } from './takeDown';

const at = (steps: readonly { says: string }[], word: RegExp) => steps.findIndex(({ says }) => word.test(says));

describe('taking down and putting back (common practice, no source)', () => {
  it('screen first, then the fixed panel, then the sliding one; back in reverse', () => {
    const { down, back } = takeDown('glass');
    expect(at(down, /^Screen/)).toBeLessThan(at(down, /^Fixed panel/));
    expect(at(down, /^Fixed panel/)).toBeLessThan(at(down, /^Sliding panel/));
    expect(at(back, /^Panel in/)).toBeLessThan(at(back, /^Fixed panel/));
    expect(at(back, /^Fixed panel/)).toBeLessThan(at(back, /^Screen last/));
  });

  it('the panel is set and tested before the rest goes back', () => {
    const { back } = takeDown('glass');
    expect(at(back, /Test it now/)).toBeLessThan(at(back, /^Fixed panel/));
  });

  it('an open wall is spoken of before anything comes out', () => {
    for (const kind of ['glass', 'screen'] as const) expect(takeDown(kind).before).toContain('openWall');
  });

  it('clips are seen before the wall is closed, and the hanger nearest the pocket is hung first', () => {
    const { back } = takeDown('pocket');
    expect(at(back, /nearest the pocket first/)).toBeLessThan(at(back, /Lock clips/));
    expect(at(back, /Lock clips/)).toBeLessThan(at(back, /^Split piece back/));
  });

  it('a screen’s bottom wheels are set before its top ones', () => {
    const { back } = takeDown('screen');
    expect(at(back, /^Bottom wheels/)).toBeLessThan(at(back, /^Top wheels/));
  });

  it('every caution it names has its text', () => {
    for (const { before, down, back } of TAKE_DOWNS)
      for (const id of [...before, ...[...down, ...back].flatMap(({ caution }) => caution ?? [])])
        expect(CAUTIONS[id].length).toBeGreaterThan(20);
  });
});
