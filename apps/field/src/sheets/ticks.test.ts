import { exampleRecord } from '../record/exampleRecord';
import type { ListedStep, StepWork } from './benchSheet';
import { PAIR_LIST, SLAB_LIST } from './fit/lists';
import { fitSlabSheet } from './fit/slabSheet';
import { linesToDo, readDone, sameWork, workTicked, writeDone } from './ticks';
import { fitSlab, type SlabToFit } from '@proper-swing/core/fitting/fitSlab';
import { fitSlabSheet as slabSheet } from '@proper-swing/core/sheets/fit/slab';

const { door } = exampleRecord({ found: {} });
const seal: StepWork = { action: 'sealFaces', amount: 1, unit: 'slab' };
const STEPS: readonly ListedStep[] = [
  { id: 'cut', says: 'Cut', mm: 12, work: { action: 'trimFoot', amount: 12, unit: 'mm' } },
  { id: 'a', says: 'One face', work: seal },
  { id: 'b', says: 'Other face', work: seal },
  { id: 'look', says: 'Looked at' },
];
const workAt = (typed: Record<string, string>) => workTicked({ list: SLAB_LIST } as never, STEPS, typed, door);

describe('lines that are ticked off', () => {
  it('are read as they were written, an amount with its line', () => {
    const ticked = [{ id: 'cut', mm: 36.5 }, { id: 'plug' }];
    expect(writeDone(ticked)).toBe('cut=36.5 plug');
    expect(readDone(writeDone(ticked))).toEqual(ticked);
    expect(readDone('')).toEqual([]);
  });

  it('are work with what was really done, and what was planned', () => {
    expect(workAt({ done: 'cut=12.5' })).toEqual([{ action: 'trimFoot', amount: 12.5, planned: 12, unit: 'mm' }]);
  });

  it('are one piece of work once every line of it is ticked, and none for a line that is only looked at', () => {
    expect(workAt({ done: 'a look' })).toEqual([]);
    expect(workAt({ done: 'a b' })).toEqual([seal]);
  });

  it('a cut is work of its edge, from its top or hinge end to the other', () => {
    expect(workAt({ made: 'latch 0:4 1985:1; hinge 0:2 1985:0' })).toEqual([
      { action: 'planeLatch', amount: 4, unit: 'mm', fromMm: 4, toMm: 1, remark: '' },
      { action: 'planeHinge', amount: 2, unit: 'mm', remark: '' },
    ]);
    expect(sameWork(workAt({ made: 'latch 0:4 1985:1' })[0] as StepWork, workAt({ made: 'latch 0:4 1985:2' })[0] as StepWork)).toBe(false);
  });

  it('a cut of a pair is of this leaf where it hangs on this door’s side, and of the other leaf else', () => {
    const hung = { ...door, kind: 'hinged', make: { ...door.make, hingesOn: 'right' } } as typeof door;
    const remarks = PAIR_LIST.cutWork?.('left.head 0:3 686:0; right.head 0:0 686:3', hung).map(({ remark }) => remark);
    expect(remarks).toEqual(['Other leaf', '']);
  });

  it('a cut of a sliding panel is told in words', () => {
    const sliding = { ...door, kind: 'sliding' } as never;
    expect(SLAB_LIST.cutWork?.('foot 0:6 900:6', sliding)).toEqual([
      { action: 'workOnPanel', amount: 1, unit: 'job', remark: 'foot: 6 mm off' },
    ]);
  });

  it('count as open until they are ticked, cuts with them; a slab that cannot fit has no lines', () => {
    const asked = slabSheet.example as SlabToFit;
    const fit = fitSlab(asked);
    const lines = SLAB_LIST.steps(fit, asked, {}).length;
    expect(linesToDo(fitSlabSheet, fit, asked, {})).toBe(fit.cuts.length + lines);
    expect(linesToDo(fitSlabSheet, fit, asked, { done: 'strips seal-top' })).toBe(fit.cuts.length + lines - 2);
    const tooBig = { ...asked, slab: { ...asked.slab, widthsMm: [830] } };
    expect(SLAB_LIST.steps(fitSlab(tooBig), tooBig, {})).toEqual([]);
    expect(linesToDo(fitSlabSheet, fitSlab(tooBig), tooBig, {})).toBeUndefined();
  });
});
