import { describe, expect, it } from 'vitest';
import { bandName, bandOf, findHeat, greyOf, HEATS, paintHeat } from './heat';

describe('heat', () => {
  it('puts every value into one band, edges into the upper one, and names each with its unit', () => {
    const ridges = findHeat('ridges');
    expect([0, 9.9, 10, 49, 150, 9999].map((value) => bandOf(ridges, value))).toEqual([0, 0, 1, 2, 5, 5]);
    expect([bandName(ridges, 0), bandName(ridges, 1), bandName(ridges, 5)]).toEqual(['under 10 µm', '10–25 µm', '150 µm and more']);
    expect(bandOf(findHeat('wall'), Infinity)).toBe(5);
  });
  it('is a ramp of neutrals that only gets darker towards the worst', () => {
    for (const heat of HEATS) {
      const greys = Array.from({ length: heat.edges.length + 1 }, (_, band) => greyOf(heat, band));
      const worstLast = heat.isWorstFirst ? greys.toReversed() : greys;
      expect(worstLast).toEqual(worstLast.toSorted((a, b) => b - a));
      expect(new Set(greys).size).toBe(greys.length);
    }
  });
  it('paints one neutral a facet', () => {
    const painted = paintHeat(findHeat('recess'), Float32Array.from([0, 1]), 100);
    expect(painted).toHaveLength(6);
    expect(new Set(painted.slice(0, 3)).size).toBe(1);
    expect(painted[0]).toBeGreaterThan(painted[3] ?? 255);
  });
});
