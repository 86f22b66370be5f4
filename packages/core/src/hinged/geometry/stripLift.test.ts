import { stripLift, USUAL_STRIP } from './stripLift';

describe('a strip of card beside the barrel', () => {
  it('lifts the pin as a straight leaf lying on two edges does', () => {
    // Two points on the underside of the leaf, as coordinates: its far edge on the leg, the strip's far edge at card's height.
    for (const { leafMm, pinProudMm, stripMm, cardMm } of [
      { ...USUAL_STRIP, cardMm: 0.5 },
      { leafMm: 38, pinProudMm: 4, stripMm: 10, cardMm: 0.7 },
      { leafMm: 50, pinProudMm: 8, stripMm: 25, cardMm: 1 },
    ]) {
      const [far, strip] = [
        { x: leafMm, y: 0 },
        { x: pinProudMm + stripMm, y: cardMm },
      ];
      const slope = (far.y - strip.y) / (far.x - strip.x);
      expect(stripLift({ leafMm, pinProudMm, stripMm, cardMm })).toBeCloseTo(far.y - slope * far.x, 12);
    }
  });

  it('is near the eighth of an inch that three layers of common card give (common practice, no source)', () => {
    expect(Math.abs(stripLift({ ...USUAL_STRIP, cardMm: 3 * 0.5 }) - 25.4 / 8)).toBeLessThan(0.6);
  });

  it('lifts more than the same card behind the whole leaf, and more the wider it is', () => {
    const lift = (stripMm: number) => stripLift({ ...USUAL_STRIP, stripMm, cardMm: 0.5 });
    expect(lift(10)).toBeGreaterThan(0.5);
    expect(lift(13)).toBeGreaterThan(lift(10));
    expect(() => lift(38)).toThrow('narrower than the leaf');
  });
});
