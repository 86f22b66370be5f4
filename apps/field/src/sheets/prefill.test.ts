import { estimateOf } from '../engine/askEngine.fixture';
import { exampleRecord } from '../record/exampleRecord';
import { lengthWords } from '../design/lengthWords';
import { observedAt } from '../record/observed';
import type { Adjustment, CallRecord } from '@proper-swing/contract';
import { driftSheet } from './drift/sheet';
import { fitMarksSheet, fitReblockSheet, fitShortenSheet } from './fit/figureSheets';
import { fitSlabSheet } from './fit/slabSheet';
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

describe('a sheet of fitting filled from its call', () => {
  const cut = (action: Adjustment['action'], amount: number, more: Partial<Adjustment> = {}): Adjustment => ({
    ...{ id: `${action}${amount}`, callId: 'call', writtenAt: record.call.writtenAt, withdrawn: false },
    ...{ action, amount, unit: 'mm', hinge: null, planned: null, fromMm: null, toMm: null, remark: '', ...more },
  });
  const after: CallRecord = {
    ...record,
    adjustments: [
      cut('planeHead', 7, { fromMm: 1, toMm: 7 }),
      cut('trimFoot', 36.5),
      cut('planeFoot', 9, { fromMm: 9, toMm: 9, remark: 'Other leaf' }),
    ],
  };

  it('has the slab of the card and the gaps it is judged by', () => {
    expect(prefill(fitSlabSheet, record, undefined, bare).typed).toMatchObject({
      slabWidthsMm: '762',
      slabHeightsMm: '1981',
      kind: 'solid',
      'gaps.head': '3',
      hasLabel: 'no',
    });
  });

  it('goes on from what was cut off this leaf, where it follows the cut, and nowhere else', () => {
    expect(prefill(fitReblockSheet, after, undefined, bare).typed['cutMm']).toBe('36.5');
    // 1981 less 1 at the hinge side of the head and 36.5 off the foot.
    expect(prefill(fitMarksSheet, after, undefined, bare).typed['slabHeightMm']).toBe('1943.5');
    expect(prefill(fitShortenSheet, after, undefined, bare).typed['slabHeightMm']).toBe('1981');
  });

  it('marks hinges by the head gap that the slab was cut for', () => {
    const kept: CallRecord = {
      ...record,
      worksheets: [
        {
          ...{ id: 'w', callId: 'call', writtenAt: record.call.writtenAt, withdrawn: false, sheet: 'fit.pair', says: '' },
          figures: [{ field: 'gaps.headMm', typed: '2 mm' }],
        },
      ],
    };
    expect(prefill(fitMarksSheet, kept, undefined, bare).typed['headGapMm']).toBe('2 mm');
    expect(prefill(fitMarksSheet, record, undefined, bare).typed['headGapMm']).toBe('3');
  });

  it('chooses nothing that a sheet does not offer: a panel in a pocket is no kind of slab', () => {
    const sliding = {
      ...record,
      door: {
        ...record.door,
        kind: 'sliding',
        make: { panelKind: 'pocket', closesTo: 'left', panelWidthMm: 762, panelHeightMm: 2032, frame: 'timber' },
      },
    } as CallRecord;
    const { typed } = prefill(fitSlabSheet, sliding, undefined, bare);
    expect(typed['kind']).toBeUndefined();
    expect(typed['slabWidthsMm']).toBe('762');
  });
});
