import { estimateOf } from '../engine/askEngine.fixture';
import { exampleRecord } from '../record/exampleRecord';
import { lengthWords } from '../design/lengthWords';
import { observedAt } from '../record/observed';
import { driftSheet } from './drift/sheet';
import { prefill } from './prefill';
import { strikeSheet } from './strike/sheet';

const { bare } = lengthWords({ system: 'mm' });
const record = exampleRecord({ found: { 'latch.mid': 2.6, 'latch.top': 'rubs', 'head.latch': 5, 'plumb.across': 8, 'stop.top': 1 } });

describe('a sheet filled from its call', () => {
  it('has the door’s card, what was read, and a weight from its make', () => {
    const { typed, origin } = prefill(driftSheet, record, undefined, bare);
    expect(typed).toMatchObject({ slabWidthMm: '762', hingeHeightsMm: '165, 990, 1750', acrossMm: '8', 'stop.topMm': '1' });
    expect(origin['acrossMm']).toBe('as read');
    // 762 × 1981 × 40 mm of solid timber at 480 kg/m³.
    expect(Number(typed['massKg'])).toBeCloseTo(0.762 * 1.981 * 0.04 * 480, 0);
  });

  it('takes the bolt’s height from the pose the engine estimates, and says that it is estimated', () => {
    const expected = estimateOf(observedAt(record, 'found'));
    const { typed, origin } = prefill(strikeSheet, record, expected, bare);
    const bolt = expected.expected.find(({ station }) => station === 'bolt.low');
    expect(typed['lowMm']).toBe(bare(bolt?.meanMm ?? NaN));
    expect(origin).toMatchObject({ lowMm: `estimated ±${bare(bolt?.sdMm ?? NaN)}`, gapMm: 'as read' });
    expect(prefill(strikeSheet, record, undefined, bare).typed['lowMm']).toBeUndefined();
  });

  it('takes the latest reading and what the door did half open', () => {
    const later = {
      ...record,
      findings: [{ id: 'f', writtenAt: record.call.writtenAt, callId: 'call', finding: 'halfOpen', answer: 'opens' } as const],
    };
    expect(prefill(driftSheet, later, undefined, bare).typed['test.did']).toBe('opens');
  });
});
