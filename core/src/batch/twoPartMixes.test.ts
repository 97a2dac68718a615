import { describe, expect, it } from 'vitest';
import { batchBodyFiller, mixBodyFiller } from './bodyFillerMix';
import { mixEpoxy } from './epoxyMix';
import { mixSlurry, SLURRIES } from './slurryMix';

describe('two-part body filler', () => {
  it('takes 2 % at 20 °C and is worked 4–5 min, trimmed at 8–12 (common practice)', () => {
    const mix = mixBodyFiller(20);
    expect(mix.hardenerPercent).toBe(2);
    expect(mix.workingMinutes).toBeGreaterThanOrEqual(4);
    expect(mix.workingMinutes).toBeLessThanOrEqual(5);
    expect([mix.trimFromMinutes, mix.trimUntilMinutes]).toEqual([8, 12]);
  });
  it('takes more in the cold and less in the heat, within 1–3 %, and says when that is not enough', () => {
    expect(mixBodyFiller(15).hardenerPercent).toBeCloseTo(2 * Math.SQRT2, 9);
    expect(mixBodyFiller(15).workingMinutes).toBeCloseTo(4.5, 9);
    expect(mixBodyFiller(5)).toMatchObject({ hardenerPercent: 3, isAtLimit: true });
    expect(mixBodyFiller(5).workingMinutes).toBeGreaterThan(8);
    expect(mixBodyFiller(35)).toMatchObject({ hardenerPercent: 1, isAtLimit: true });
  });
  it('with the same hardener is twice as quick 10 °C warmer (rule of thumb)', () => {
    expect(mixBodyFiller(10, 2).workingMinutes / mixBodyFiller(20, 2).workingMinutes).toBeCloseTo(2, 9);
    expect(() => mixBodyFiller(20, 9)).toThrow(RangeError);
    expect(() => mixBodyFiller(80)).toThrow(RangeError);
  });
  it('is mixed in batches that can be spread in time, which together cover the face', () => {
    const mix = mixBodyFiller(20);
    const { batches, coversSquareCentimetres, fillerGrams, hardenerGrams } = batchBodyFiller(600, 0.5, mix);
    expect(batches * coversSquareCentimetres).toBeCloseTo(600, 9);
    expect(coversSquareCentimetres / 60).toBeLessThanOrEqual(mix.workingMinutes);
    expect(hardenerGrams / fillerGrams).toBeCloseTo(0.02, 9);
    // 225 cm² at the most: three batches of 200 cm² × 0.5 mm × 1.8 g/cm³.
    expect([batches, fillerGrams]).toEqual([3, 18]);
    expect(() => batchBodyFiller(0, 1, mix)).toThrow(RangeError);
  });
});

describe('epoxy', () => {
  const ask = {
    byVolume: { partsA: 2, partsB: 1 },
    densityA: 1.15,
    densityB: 1,
    totalMillilitres: 30,
    temperatureCelsius: 23,
    potMinutesAt23: 15,
  };
  it('is split by volume and weighed by density (numbers by hand)', () => {
    const mix = mixEpoxy(ask);
    expect([mix.amountAMillilitres, mix.amountBMillilitres]).toEqual([20, 10]);
    expect(mix.weightAGrams).toBeCloseTo(23, 9);
    expect(mix.weightBGrams).toBeCloseTo(10, 9);
    expect(mix.potMinutes).toBeCloseTo(15, 9);
  });
  it('goes off sooner in the warm and in a large cup', () => {
    const cold = mixEpoxy({ ...ask, temperatureCelsius: 13 }).potMinutes;
    expect(cold / 15).toBeGreaterThan(1.8);
    expect(cold / 15).toBeLessThan(2.2);
    expect(mixEpoxy({ ...ask, totalMillilitres: 400 }).potMinutes).toBeCloseTo(7.5, 9);
  });
});

describe('slurry', () => {
  it('adds up to what was asked', () => {
    for (const recipe of SLURRIES) {
      const { solidMillilitres, liquidMillilitres } = mixSlurry(recipe, 60);
      expect(solidMillilitres + liquidMillilitres).toBeCloseTo(60, 9);
      expect(solidMillilitres / liquidMillilitres).toBeCloseTo(recipe.partsSolid, 9);
    }
    const [first] = SLURRIES;
    if (first) expect(() => mixSlurry(first, 0)).toThrow(RangeError);
  });
});
