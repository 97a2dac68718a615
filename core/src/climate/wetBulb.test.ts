import psychrolib from 'psychrolib';
import { beforeAll, describe, expect, it } from 'vitest';
import { wetBulbCelsius } from './wetBulb';

describe('wet bulb against psychrolib (ASHRAE Handbook formulas)', () => {
  beforeAll(() => psychrolib.SetUnitSystem(psychrolib.SI));

  it.each([1, 5, 12, 18, 23, 30, 40])('at %d °C within 0.35 K, dry to damp (thermodynamic against ventilated wet bulb)', (celsius) => {
    for (const percent of [15, 30, 50, 70, 90]) {
      const reference = psychrolib.GetTWetBulbFromRelHum(celsius, percent / 100, 101_325);
      if (reference > 0) expect(Math.abs(wetBulbCelsius(celsius, percent) - reference)).toBeLessThan(0.35);
    }
  });

  it('is the air in saturated air and never above it', () => {
    expect(wetBulbCelsius(17, 100)).toBeCloseTo(17, 9);
    for (const percent of [1, 40, 99]) expect(wetBulbCelsius(20, percent)).toBeLessThan(20);
  });
});
