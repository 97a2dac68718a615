import { describe, expect, it } from 'vitest';
import { flashRisk, pulseBanding } from './flicker';
import { heatBound } from './heatBound';

describe('heat in a closed prop', () => {
  it('warms the skin by heat over area and what it gives off (by hand)', () => {
    // 3 W over 500 cm² at 6 W/(m²K): 10 K.
    const bound = heatBound({ watts: 3, areaSquareCentimetres: 500, aroundCelsius: 20, softensCelsius: 55 });
    expect(bound.skinCelsius).toBeCloseTo(30, 9);
    expect(bound.mostWatts).toBeCloseTo(6, 9);
    expect(bound.isSafe).toBe(true);
    expect(heatBound({ watts: 6.1, areaSquareCentimetres: 500, aroundCelsius: 20, softensCelsius: 55 }).isSafe).toBe(false);
  });
  it('has nothing to leave by without an area', () => {
    expect(() => heatBound({ watts: 1, areaSquareCentimetres: 0, aroundCelsius: 20, softensCelsius: 55 })).toThrow(RangeError);
  });
});

describe('flicker', () => {
  it('from three flashes a second on is a danger (WCAG 2.3.1)', () => {
    expect([1, 2.9, 3, 25, 60, 61].map(flashRisk)).toEqual(['none', 'none', 'photosensitive', 'photosensitive', 'photosensitive', 'none']);
  });
  it('does not band where whole pulses fit the shutter, and does where they do not', () => {
    expect(pulseBanding(500, 0.5, 1 / 50).contrast).toBeCloseTo(0, 9);
    const bands = pulseBanding(490, 0.5, 1 / 1000);
    expect(bands.isSeen).toBe(true);
    // Less than half a period: some rows see nothing at all.
    expect(bands.contrast).toBeCloseTo(1, 9);
    expect(pulseBanding(25_000, 0.3, 1 / 51).isSeen).toBe(false);
    expect(pulseBanding(490, 1, 1 / 1000).isSeen).toBe(false);
  });
});
