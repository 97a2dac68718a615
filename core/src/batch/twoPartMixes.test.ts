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

describe('the edges of body filler', () => {
  it('is mixed from −5 to 45 °C with 0.5–5 % of hardener, and not beyond', () => {
    for (const [celsius, percent] of [
      [-5, 2],
      [45, 2],
      [20, 0.5],
      [20, 5],
    ] as const)
      expect(mixBodyFiller(celsius, percent).hardenerPercent).toBe(percent);
    for (const [celsius, percent] of [
      [-5.1, 2],
      [45.1, 2],
      [20, 0.49],
      [20, 5.01],
      [Number.NaN, 2],
      [20, Number.NaN],
    ] as const)
      expect(() => mixBodyFiller(celsius, percent)).toThrow(RangeError);
  });
  it('is at its limit only where the hardener asked for is not to be had', () => {
    expect(mixBodyFiller(20).isAtLimit).toBe(false);
    expect(mixBodyFiller(5, 3).isAtLimit).toBe(false);
    // 2^(10/10) × 2 % would be 4: three are taken, and the times are a third longer than usual.
    expect(mixBodyFiller(10).workingMinutes).toBeCloseTo((4.5 * 4) / 3, 9);
    expect(mixBodyFiller(10).trimFromMinutes).toBeCloseTo((8 * 4) / 3, 9);
    expect(mixBodyFiller(10).trimUntilMinutes).toBeCloseTo((12 * 4) / 3, 9);
  });
  it('fills what one batch reaches in one batch, and a hair more in two', () => {
    const mix = mixBodyFiller(20);
    expect([225, 226].map((area) => batchBodyFiller(area, 1, mix).batches)).toEqual([1, 2]);
    // It sets before the knife is loaded: ten square centimetres at a time are still tried.
    const hot = mixBodyFiller(45, 5);
    expect(hot.workingMinutes).toBeLessThan(0.75);
    expect(batchBodyFiller(95, 1, hot)).toMatchObject({ batches: 10, coversSquareCentimetres: 9.5 });
    for (const [area, skin] of [
      [-1, 1],
      [1, 0],
      [1, Number.NaN],
    ] as const)
      expect(() => batchBodyFiller(area, skin, mix)).toThrow(RangeError);
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
    expect(mixEpoxy({ ...ask, totalMillilitres: 50 }).potMinutes).toBeCloseTo(15, 9);
    // Arrhenius by hand: 50 kJ/mol between 13 and 23 °C.
    expect(cold).toBeCloseTo(15 * Math.exp((50_000 / 8.314) * (1 / 286.15 - 1 / 296.15)), 9);
  });
});

describe('slurry', () => {
  it('adds up to what was asked', () => {
    for (const recipe of SLURRIES) {
      const { solidMillilitres, liquidMillilitres } = mixSlurry(recipe, 60);
      expect(solidMillilitres + liquidMillilitres).toBeCloseTo(60, 9);
      expect(solidMillilitres / liquidMillilitres).toBeCloseTo(recipe.partsSolid, 9);
    }
    expect(SLURRIES.map(({ id, partsSolid }) => [id, partsSolid])).toEqual([
      ['puttySolvent', 2],
      ['woodWater', 2.5],
    ]);
    for (const amount of [0, -1, Infinity, Number.NaN])
      for (const recipe of SLURRIES) expect(() => mixSlurry(recipe, amount)).toThrow(RangeError);
  });
});
