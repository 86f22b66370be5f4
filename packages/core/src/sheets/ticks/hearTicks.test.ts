import { seededRandom } from '../../numbers/seededRandom';
import { findTicks } from './findTicks';
import { hearTicks } from './hearTicks';

const RATE = 16_000;
// Asked for at every sample: a name of the module is found faster than one of the world around it.
const { exp, PI, round, sin } = Math;

/** A panel rolling for so long, with ticks at these moments: rumble, hiss that swells, and short bursts that ring out. */
function rolling(seconds: number, at: readonly number[], { seed = 1, loud = 0.25, hiss = 0.01, rumble = 0.08 } = {}): Float32Array {
  const { normal, uniform } = seededRandom(seed);
  const samples = new Float32Array(round(seconds * RATE));
  const swell = 1 + uniform();
  for (let i = 0; i < samples.length; i += 1) {
    const t = i / RATE;
    samples[i] = hiss * (1 + 0.5 * sin(swell * t)) * normal() + rumble * sin(2 * PI * 47 * t);
  }
  for (const moment of at) {
    const pitch = 1800 + 2500 * uniform();
    const size = loud * (0.6 + 0.8 * uniform());
    for (let k = 0; k < 0.03 * RATE; k += 1) {
      const i = round(moment * RATE) + k;
      if (i < samples.length) samples[i] = (samples[i] ?? 0) + size * exp((-k / RATE) * 220) * sin((2 * PI * pitch * k) / RATE);
    }
  }
  return samples;
}

const EVENLY = [0.31, 0.73, 1.15, 1.57, 1.99, 2.41, 2.83];

describe('ticks heard', () => {
  it('are those that were made, within a step, and no others', () => {
    for (let seed = 1; seed <= 8; seed += 1) {
      const heard = hearTicks(rolling(3, EVENLY, { seed }), RATE);
      expect(heard).toHaveLength(EVENLY.length);
      heard.forEach((at, i) => expect(Math.abs(at - (EVENLY[i] ?? 0))).toBeLessThan(0.01));
    }
  });

  it('rolling alone, loud or soft, and silence are none', () => {
    for (const hiss of [0, 0.002, 0.05]) {
      for (let seed = 1; seed <= 4; seed += 1) expect(hearTicks(rolling(3, [], { seed, hiss }), RATE)).toEqual([]);
    }
    expect(hearTicks(new Float32Array(0), RATE)).toEqual([]);
  });

  it('one that rings is one, and two closer than a wheel turns are one', () => {
    expect(hearTicks(rolling(1, [0.5, 0.53]), RATE)).toHaveLength(1);
    expect(hearTicks(rolling(1, [0.4, 0.6]), RATE)).toHaveLength(2);
  });

  it('those drowned in the rolling are left out rather than guessed', () => {
    const counts = Array.from({ length: 6 }, (_, i) => hearTicks(rolling(3, EVENLY, { seed: i + 1, loud: 0.02, hiss: 0.05 }), RATE).length);
    expect(Math.max(...counts)).toBeLessThanOrEqual(2);
  });

  // Independent: places follow from the speed; 0.42 s at 850 mm in 3 s is 119 mm, a wheel of 119 / π = 37.9 mm.
  it('three passes heard name the wheel that made them', () => {
    const passes = [1, 2, 3].map((seed) => ({
      atMm: hearTicks(
        rolling(
          3,
          EVENLY.map((at) => at - 0.05 * seed),
          { seed },
        ),
        RATE,
      ).map((at) => (850 * at) / 3),
    }));
    const found = findTicks({ travelMm: 850, sdMm: 12, passes });
    expect(found.verdict).toBe('wheel');
    expect(found.wheels[0]?.diameterMm).toBeGreaterThan(36.5);
    expect(found.wheels[0]?.diameterMm).toBeLessThan(39.5);
  });
});
