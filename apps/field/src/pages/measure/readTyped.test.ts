import { isUnheardOf, readTyped } from './readTyped';

describe('what is typed for a station', () => {
  it.each([
    ['hinge.top', '3.5', 'mm', 3.5],
    ['hinge.top', '1/8', 'mm', 3.175],
    ['hinge.top', '3mm', 'in', 3],
    ['plumb.hinge', '-4', 'mm', -4],
    ['slab.width', '30', 'in', 762],
  ] as const)('%s: %s, for a person in %s', (station, text, units, mm) => {
    expect(readTyped(station, text, units)).toEqual({ ok: true, mm });
  });

  it.each([
    ['hinge.top', '-3', 'mm', 'cannot be negative'],
    ['hinge.top', '3', 'in', '76 mm is no size for a gap'],
    ['slab.width', '76', 'mm', 'no size for a slab'],
    ['hinge.top', '3..5', 'mm', 'Cannot read "." at character 3'],
  ] as const)('%s refuses %s in %s', (station, text, units, message) => {
    const read = readTyped(station, text, units);
    expect(read.ok ? '' : read.message).toContain(message);
  });
});

describe('a gap that hardly any door has', () => {
  it.each([
    ['head.mid', 25, true],
    ['head.mid', 18, false],
    ['lift.lead', 25, false],
    ['lift.lead', 45, true],
    ['foot.swing', 45, false],
    ['plumb.hinge', 25, false],
  ] as const)('%s of %d mm: %s', (station, mm, expected) => {
    expect(isUnheardOf(station, mm)).toBe(expected);
  });
});
