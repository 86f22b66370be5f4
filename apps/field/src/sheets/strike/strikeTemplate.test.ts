import { EXAMPLE_LATCH, fitStrike } from '@proper-swing/core/sheets';
import { strikeShapes, strikeTemplate } from './strikeTemplate';

/** Low, and closing on the edge of its hole. */
const LATCH = { ...EXAMPLE_LATCH, lowMm: 3.2, playMm: -1 };

describe('the strike at full size', () => {
  const fit = fitStrike(LATCH);
  const { hole, bolt, waste } = strikeShapes(fit, LATCH);

  it('has the bolt where it lands and the waste where it has to go', () => {
    expect(bolt).toEqual({ x: -1, y: 3.2 - 8, width: 11, height: 16 });
    // Filed, the bolt has half a millimetre below it; and the edge it closes on lets it in.
    const [bottom, edge] = waste;
    expect((bottom?.y ?? 0) + (bottom?.height ?? 0)).toBeCloseTo(bolt.y + bolt.height + 0.5, 9);
    expect(bottom?.y).toBeCloseTo(hole.y + hole.height, 9);
    expect(edge?.x).toBeCloseTo(-1.4, 9);
  });

  it('is written in millimetres, one unit of the drawing to each, with a bar of 50 mm', () => {
    const svg = strikeTemplate(fit, LATCH);
    const [, width, height, box] = /width="([\d.]+)mm" height="([\d.]+)mm" viewBox="0 0 ([\d. ]+)"/.exec(svg) ?? [];
    expect(box).toBe(`${width} ${height}`);
    expect(svg).toContain('h50 ');
    const rects = [...svg.matchAll(/<rect x="([\d.]+)" y="([\d.]+)" width="([\d.]+)" height="([\d.]+)"/g)].map((m) =>
      m.slice(1, 5).map(Number),
    );
    expect(rects).toHaveLength(5);
    expect(rects[1]?.slice(2)).toEqual([13, 20]);
    expect(rects[4]?.slice(2)).toEqual([11, 16]);
    // From hole to bolt in the file as on the door.
    expect((rects[4]?.[0] ?? 0) - (rects[1]?.[0] ?? 0)).toBeCloseTo(-1, 9);
  });
});
