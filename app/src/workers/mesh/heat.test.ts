import { describe, expect, it } from 'vitest';
import { bandName, bandOf, findHeat, greyOf, HEATS, linearGrey, paintCorners } from './heat';

describe('heat', () => {
  it('puts every value into one band, edges into the upper one, and names each with its unit', () => {
    const ridges = findHeat('ridges');
    expect([0, 9.9, 10, 49, 150, 9999].map((value) => bandOf(ridges, value))).toEqual([0, 0, 1, 2, 5, 5]);
    expect(bandName(ridges, 1, 'mil', (edge) => (edge / 25.4).toFixed(2))).toBe('0.39–0.98 mil');
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
  it('paints all corners of a facet in one neutral, shares as per cent', () => {
    const painted = paintCorners('recess', Float32Array.from([0, 0.5, 1]));
    expect(painted).toHaveLength(27);
    const facets = [0, 1, 2].map((facet) => [...new Set(painted.slice(facet * 9, facet * 9 + 9))]);
    const wanted = [0, 3, 5].map((band) => [linearGrey(greyOf(findHeat('recess'), band))]);
    expect(facets).toEqual(wanted);
  });
  it('turns greys of a screen into linear light: middle grey, 18 % of the light, is 118 on a screen', () => {
    expect([0, 118, 255].map(linearGrey)).toEqual([0, Math.round(0.18 * 255), 255]);
  });
});
