import type { Adjustment, CallRecord } from '@proper-swing/contract';
import { exampleAdjustment, examplePanel, exampleReading } from './exampleRecord';
import { triedScrews } from './triedScrews';

const turn = (id: string, end: 'lead' | 'trail', amount: number, change: Partial<Adjustment> = {}) =>
  exampleAdjustment(id, { action: 'turnScrew', hinge: null, end, amount, unit: 'half turns', ...change });

/** A panel found with 4 mm under either end; work, and what was then read under them. */
function panelWith(work: readonly Adjustment[], after: Partial<Record<'foot.lead' | 'foot.trail', number>>): CallRecord {
  const record = examplePanel({ found: { 'foot.lead': 4, 'foot.trail': 4 } });
  const { writtenAt } = record.call;
  return {
    ...record,
    adjustments: [...work],
    readingSets: [...record.readingSets, { id: 'zz', writtenAt, callId: 'call', stage: 'check' }],
    readings: [...record.readings, ...Object.entries(after).map(([id, mm]) => exampleReading('zz', id as 'foot.lead', mm))],
  };
}

describe('what the screws of a panel do, read off its call', () => {
  it('is how far an end came up for each turn, down as well as up', () => {
    expect(triedScrews(panelWith([turn('z1', 'lead', 2), turn('z2', 'trail', -4)], { 'foot.lead': 5.5, 'foot.trail': 1.5 }))).toEqual({
      lead: 1.5,
      trail: 1.25,
    });
  });

  it('a screw that moves nothing is an answer', () => {
    expect(triedScrews(panelWith([turn('z1', 'trail', 2)], { 'foot.trail': 4 }))).toEqual({ trail: 0 });
  });

  it('is not known without a reading after it, nor where other work may have moved the end as well', () => {
    expect(triedScrews(panelWith([turn('z1', 'lead', 2)], { 'foot.trail': 4 }))).toEqual({});
    const swapped = exampleAdjustment('z0', { action: 'replaceRollers', hinge: null });
    expect(triedScrews(panelWith([swapped, turn('z1', 'lead', 2)], { 'foot.lead': 5 }))).toEqual({});
  });
});
