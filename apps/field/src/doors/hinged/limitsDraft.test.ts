import { toleranceProfile } from '@proper-swing/core';
import { exampleRecord } from '../../record/exampleRecord';
import { lengthWords } from '../../design/lengthWords';
import { draftOf, limitsCard, readLimits } from './limitsDraft';

const { door } = exampleRecord();
const inMm = lengthWords({ system: 'mm' });
const draft = { ...draftOf(door.make, inMm.bare), reason: 'Smoke seal' };

describe('limits as they are typed', () => {
  it('begin with what the door is judged by and read back as the same figures', () => {
    const read = readLimits(draft, 'mm');
    expect(read).toEqual({ ok: true, limits: { ...pick(toleranceProfile(door.make.profile)), reason: 'Smoke seal' } });
  });

  it('may be fractions of an inch on a device set to millimetres', () => {
    const read = readLimits({ ...draft, edges: { ...draft.edges, latch: { min: '1/16', target: '1/8', max: '3/16' } } }, 'mm');
    const { min = 0, target = 0, max = 0 } = read.ok ? read.limits.edges.latch : {};
    // 25.4 mm to the inch, by definition.
    [min - 25.4 / 16, target - 25.4 / 8, max - (3 * 25.4) / 16].forEach((off) => expect(off).toBeCloseTo(0, 9));
  });

  it('what cannot be read and what is out of order is told at each field at once', () => {
    const wrong = { ...draft, edges: { ...draft.edges, head: { min: 'x', target: '3', max: '2' } }, reason: '' };
    const read = readLimits(wrong, 'mm');
    expect(read.ok ? [] : Object.keys(read.errors).sort()).toEqual(['edges.head.max', 'edges.head.min', 'edges.head.target', 'reason']);
  });
});

describe('the card with other limits', () => {
  it('is the next revision, and none when nothing is changed', () => {
    expect(limitsCard(door, { profile: door.make.profile, ownLimits: null })).toBeUndefined();
    expect(limitsCard(door, { profile: 'interiorTight', ownLimits: null })).toMatchObject({
      id: door.id,
      revision: door.revision + 1,
      make: { profile: 'interiorTight', ownLimits: null },
    });
  });
});

function pick({ edges, evenWithin }: ReturnType<typeof toleranceProfile>) {
  return { edges, evenWithin };
}
