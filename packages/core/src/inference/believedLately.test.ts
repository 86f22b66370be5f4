import { HATCH, hatch } from '../hatch.fixture';
import { modelOf } from '../model/doorModel';
import { believe } from './believe';
import { believedLately } from './believedLately';

const model = modelOf(HATCH, hatch);
const read = (mm: number) => ({ readings: [{ station: 'gap.left', mm }], findings: [] });

describe('what is believed of a door that was just asked about', () => {
  it('is not worked out again', () => {
    expect(believedLately(model, read(3))).toBe(believedLately(model, read(3)));
  });

  it('is worked out anew for another reading, and for another door', () => {
    const first = believedLately(model, read(2));
    expect(believedLately(model, read(4))).toEqual(believe(model, read(4)));
    expect(believedLately(model, read(4))).not.toEqual(first);
    const other = modelOf(HATCH, { ...hatch });
    const further = { ...other };
    expect(believedLately(further, read(4)).model).toBe(further);
  });

  it('is kept for few doors only', () => {
    const first = believedLately(model, read(5));
    believedLately(model, read(6));
    believedLately(model, read(7));
    expect(believedLately(model, read(5))).not.toBe(first);
    expect(believedLately(model, read(5))).toEqual(first);
  });
});
