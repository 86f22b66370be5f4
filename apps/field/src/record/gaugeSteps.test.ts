import { examplePanel, exampleRecord } from './exampleRecord';
import { keyStepMm } from './gaugeSteps';
import { observedAt } from './observed';

const hinged = exampleRecord().door;
const panel = examplePanel().door;

describe('a gap that was read at one tap', () => {
  it('is known no finer than the keys beside it stand apart, on a wide pad and on a fine one', () => {
    expect([4.5, 5.5, 6, 7].map((mm) => keyStepMm(hinged, 'latch.top', mm))).toEqual([0.5, 0.5, 1, 1]);
    expect([5, 9, 10, 12, 20].map((mm) => keyStepMm(panel, 'jamb.top', mm))).toEqual([1, 1, 2, 2, 2]);
    expect(keyStepMm(hinged, 'foot.mid', 12)).toBe(2);
  });

  it('is known as it was typed where it stands on no key, and where no gap is read', () => {
    expect([keyStepMm(panel, 'jamb.top', 11), keyStepMm(panel, 'jamb.top', 10.5), keyStepMm(hinged, 'plumb.hinge', 2)]).toEqual([0, 0, 0]);
  });

  it('is told the engine so', () => {
    const { readings } = observedAt(examplePanel({ found: { 'jamb.top': 12, 'jamb.mid': 10.4 } }), 'found');
    expect(Object.fromEntries(readings.map((each) => [each.station, 'stepMm' in each && each.stepMm]))).toEqual({
      'jamb.top': 2,
      'jamb.mid': 0.1,
    });
  });
});
