import axe from 'axe-core';
import { DARK, LIGHT, type Palette } from './tokens';

/** As the Web Content Accessibility Guidelines 2.2 count it (1.4.3, 1.4.11), computed by the library that checks pages for it. */
const { Color, getContrast } = (
  axe.commons as unknown as {
    color: {
      Color: new () => { parseString: (written: string) => void };
      getContrast: (ground: unknown, front: unknown) => number;
    };
  }
).color;

function colour(written: string) {
  const made = new Color();
  made.parseString(written);
  return made;
}

type Tone = keyof Palette;

const GROUNDS: readonly Tone[] = ['paper', 'sunk', 'slab'];

/** What stands out from what, and by how much at least. */
const MUST: readonly { what: string; tones: readonly Tone[]; grounds: readonly Tone[]; least: number }[] = [
  { what: 'words and figures', tones: ['ink', 'pencil', 'tight', 'wide', 'right', 'accent'], grounds: GROUNDS, least: 4.5 },
  { what: 'pencil figures over timber', tones: ['ink', 'pencil'], grounds: ['timber'], least: 4.5 },
  { what: 'words on the key to press next', tones: ['onAccent'], grounds: ['accent'], least: 4.5 },
  { what: 'words on what is chosen', tones: ['paper'], grounds: ['ink'], least: 4.5 },
  { what: 'verdict marks over timber', tones: ['tight', 'wide', 'right'], grounds: ['timber'], least: 3 },
  { what: 'borders of keys, the ring round what has the keyboard', tones: ['edge', 'ink', 'accent'], grounds: GROUNDS, least: 3 },
];

describe.each([
  ['light', LIGHT],
  ['dark', DARK],
])('%s', (_, palette) => {
  test.each(MUST)('$what reach $least : 1', ({ tones, grounds, least }) => {
    const weak = tones.flatMap((tone) =>
      grounds
        .map((ground) => ({ tone, ground, ratio: getContrast(colour(palette[ground]), colour(palette[tone])) }))
        .filter(({ ratio }) => ratio < least),
    );
    expect(weak).toEqual([]);
  });
});
