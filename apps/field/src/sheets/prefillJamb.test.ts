import type { CallRecord, Worksheet } from '@proper-swing/contract';
import { lengthWords } from '../design/lengthWords';
import { exampleRecord } from '../record/exampleRecord';
import { cureClockSheet } from './cure/cureSheet';
import { jambDecideSheet } from './jamb/decideSheet';
import { jambFootSheet } from './jamb/footSheet';
import { jambSpliceSheet } from './jamb/spliceSheet';
import { layoutHingesSheet } from './layout/hingesSheet';
import { prefill } from './prefill';
import { timberSeasonSheet } from './timber/seasonSheet';

const { bare } = lengthWords({ system: 'mm' });
const plain = exampleRecord({ found: { 'latch.mid': 0.5 } });
const kept = (sheet: Worksheet['sheet'], figures: Readonly<Record<string, string>>): Worksheet => ({
  ...{ id: sheet, callId: 'call', writtenAt: plain.call.writtenAt, withdrawn: false, sheet, says: '' },
  figures: Object.entries(figures).map(([field, typed]) => ({ field, typed })),
});
const probed = (remedy: string, ...more: Worksheet[]): CallRecord => ({
  ...plain,
  call: { ...plain.call, job: 'jamb' },
  worksheets: [
    kept('jamb.decide', {
      ...{ damages: 'soft outer 0-240 20; kicked inner 820-1260; split casing 0-2000', remedy },
      ...{ thicknessMm: '31.75 mm', legMm: '2050 mm', side: 'strike' },
    }),
    ...more,
  ],
});

describe('sheets of a jamb filled from its survey', () => {
  it('have the leg as it was probed, not the slab of the card', () => {
    expect(prefill(jambDecideSheet, plain, undefined, bare).typed['thicknessMm']).toBeUndefined();
    expect(prefill(jambFootSheet, probed('patchFoot'), undefined, bare).typed).toMatchObject({
      softTopMm: '240',
      jambThicknessMm: '31.75 mm',
    });
    const { typed, origin } = prefill(jambSpliceSheet, probed('splice'), undefined, bare);
    // Trim is no part of the leg, nor is soft wood a break.
    expect(typed).toMatchObject({ breakFromMm: '820', breakToMm: '1260', legMm: '2050 mm' });
    expect(origin['breakFromMm']).toBe('as probed');
  });

  it('lay out the coats of what was done; what was glued is on, wet stock is not painted', () => {
    const coats = (record: CallRecord) => prefill(cureClockSheet, record, undefined, bare).typed;
    expect(coats(probed('splice'))['coats']).toBe('filler primer paint');
    expect(coats(probed('patchFoot'))).toMatchObject({ coats: 'adhesive caulk primer paint' });
    expect(coats(probed('patchFoot'))['done']).toBeUndefined();
    expect(coats(probed('patchFoot', kept('jamb.foot', { done: 'cut glued nailed' })))['done']).toBe('coat-1');
    expect(coats(probed('patchFoot', kept('jamb.foot', { stock: 'wet' })))['coats']).toBe('adhesive caulk');
    expect(coats(plain)['coats']).toBeUndefined();
    expect(coats({ ...plain, call: { ...plain.call, job: 'changeSlab' } })['coats']).toBe('primer paint');
  });

  it('of a slab have its card: thickness, build, least gap', () => {
    expect(prefill(layoutHingesSheet, plain, undefined, bare).typed).toMatchObject({ slabThicknessMm: '40', hinges: '3' });
    expect(prefill(timberSeasonSheet, plain, undefined, bare).typed).toMatchObject({ gapMm: '0.5', build: 'plank', leastMm: '2' });
  });
});
