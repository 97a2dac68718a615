import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Lab } from '../lab';
import { chromaOf, difference, labOfHex, xyzOfLinear } from '../lab';
import { BANDS, D65, X_BAR, Y_BAR, Z_BAR } from './cieTables';
import { labOfReflectance, TO_LINEAR, WHITE } from './observer';
import { reflectanceOf } from './reflectance';
import { solveLinear } from '../../number/solveLinear';

describe('the spectral tables', () => {
  it('have D65’s white, x 0.3127 y 0.3290 (CIE 15), within what 10 nm from 380 to 730 allow', () => {
    const [x, y, z] = [X_BAR, Y_BAR, Z_BAR].map((bar) => bar.reduce((sum, value, band) => sum + value * (D65[band] ?? 0), 0)) as [
      number,
      number,
      number,
    ];
    expect(x / (x + y + z)).toBeCloseTo(0.3127, 3);
    expect(y / (x + y + z)).toBeCloseTo(0.329, 3);
  });
  it('with sRGB’s primaries give back the matrix of IEC 61966-2-1', () => {
    // Primaries as chromaticities, scaled so that together they make the white: the standard's own construction.
    const primaries = [
      [0.64, 0.33],
      [0.3, 0.6],
      [0.15, 0.06],
    ].map(([x = 0, y = 1]) => [x / y, 1, (1 - x - y) / y] as const);
    const sums = [X_BAR, Y_BAR, Z_BAR].map((bar) => bar.reduce((sum, value, band) => sum + value * (D65[band] ?? 0), 0));
    const white = Float64Array.from(sums, (value) => value / (sums[1] ?? 1));
    const matrix = Float64Array.from([0, 1, 2].flatMap((row) => primaries.map((primary) => primary[row as 0 | 1 | 2])));
    expect(solveLinear(matrix, white)).toBe(true);
    primaries.forEach((primary, channel) => {
      const unit = [0, 0, 0].map((_, at) => (at === channel ? 1 : 0)) as [number, number, number];
      xyzOfLinear(unit).forEach((value, row) => expect(value).toBeCloseTo((white[channel] ?? 0) * (primary[row] ?? 0), 2));
    });
  });
  it('turn a perfect white into exactly white, channel by channel', () => {
    for (const row of TO_LINEAR) expect(row.reduce((sum, value) => sum + value, 0)).toBeCloseTo(1, 12);
    labOfReflectance(new Float64Array(BANDS).fill(1)).forEach((value, axis) => expect(value).toBeCloseTo(axis === 0 ? 100 : 0, 9));
    expect(WHITE[1]).toBeCloseTo(1, 9);
  });
});

describe('a reflectance from a colour', () => {
  it.each(['#ffffff', '#000000', '#808080', '#ff0000', '#ffff00', '#00ffff', '#a2793d', '#2f4f4f', '#1d5a48'])(
    'of %s lies between 0 and 1 and has that colour',
    (hex) => {
      const reflectance = reflectanceOf(labOfHex(hex));
      expect(Math.min(...reflectance)).toBeGreaterThan(0);
      expect(Math.max(...reflectance)).toBeLessThan(1);
      // Pure black and white are clamped by about a unit of lightness.
      expect(difference(labOfReflectance(reflectance), labOfHex(hex))).toBeLessThan(hex === '#ffffff' || hex === '#000000' ? 1.2 : 1e-4);
    },
  );
  it('a flat grey is flat', () => {
    const grey = reflectanceOf([53.585, 0, 0]);
    expect(Math.max(...grey) - Math.min(...grey)).toBeLessThan(0.01);
  });
  it('keeps strong yellows and oranges that a screen cannot show', () => {
    const yellow: Lab = [85, 8, 100];
    expect(difference(labOfReflectance(reflectanceOf(yellow)), yellow)).toBeLessThan(1e-3);
  });
  it('takes a colour no surface has to the most chromatic one of its hue, and never fails (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 130, noNaN: true }),
        fc.double({ min: -150, max: 150, noNaN: true }),
        fc.double({ min: -150, max: 150, noNaN: true }),
        (l, a, b) => {
          const found = labOfReflectance(reflectanceOf([l, a, b]));
          expect(found.every(Number.isFinite)).toBe(true);
          expect(chromaOf(found)).toBeLessThanOrEqual(Math.hypot(a, b) + 1e-3);
        },
      ),
      { seed: 11, numRuns: 60 },
    );
  });
  it('a system without an inverse is told, not answered', () => {
    expect(solveLinear(Float64Array.of(1, 2, 2, 4), Float64Array.of(1, 2))).toBe(false);
  });
});
