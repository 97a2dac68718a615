import { describe, expect, it } from 'vitest';
import { averageReadings } from '../colour/picture/agreeSamples';
import { simulateReadings } from '../colour/cards/simulatedReader';
import { difference } from '../colour/lab';
import { contentsByWeight, simulateScale, usualEmptyGrams } from './canContents';
import { dropsForBatch, measureDrops, millilitresOfDrops } from './drops';
import { DILUTIONS, thinCup, thinnerOf } from './dilution';

describe('contents by weighing', () => {
  it('are gross less empty by the density', () => {
    expect(contentsByWeight(250, 90, 0.8, 400, 'aerosol').millilitres).toBeCloseTo(200, 9);
    expect(contentsByWeight(89.5, 90, 0.8, 400, 'aerosol').millilitres).toBe(0);
  });
  it('are more doubtful by a usual empty weight than by one that was weighed', () => {
    const weighed = contentsByWeight(250, 96, 0.8, 400, 'aerosol');
    const usual = contentsByWeight(250, null, 0.8, 400, 'aerosol');
    expect(usual.millilitres).toBeCloseTo((250 - usualEmptyGrams('aerosol', 400)) / 0.8, 9);
    expect(usual.doubtMillilitres).toBeGreaterThan(5 * weighed.doubtMillilitres);
  });
  it.each([
    ['lighter than empty', 40, 90],
    ['heavier than full', 900, 90],
  ])('refuses what is %s', (_, gross, empty) => {
    expect(() => contentsByWeight(gross, empty, 0.8, 400, 'aerosol')).toThrow(RangeError);
  });
  it('are doubtful by a gram of the scale, twice, or by twelve of a usual empty one (guessed)', () => {
    expect(contentsByWeight(250, 96, 0.8, 400, 'aerosol').doubtMillilitres).toBeCloseTo(Math.SQRT2 / 0.8, 9);
    expect(contentsByWeight(250, null, 0.8, 400, 'aerosol').doubtMillilitres).toBeCloseTo(Math.sqrt(145) / 0.8, 9);
    expect((['aerosol', 'airbrush', 'brush', 'spread'] as const).map((kind) => usualEmptyGrams(kind, 100))).toEqual([24, 30, 30, 20]);
  });
  it('are taken as long as the scale may be to blame, and up to a quarter more than full', () => {
    const threeDoubts = 3 * Math.SQRT2;
    expect(contentsByWeight(90 - threeDoubts + 0.01, 90, 1, 400, 'aerosol').millilitres).toBe(0);
    expect(() => contentsByWeight(90 - threeDoubts - 0.01, 90, 1, 400, 'aerosol')).toThrow('weighs less');
    expect(contentsByWeight(590, 90, 1, 400, 'aerosol').millilitres).toBe(500);
    expect(() => contentsByWeight(590.1, 90, 1, 400, 'aerosol')).toThrow('weighs more');
    for (const [gross, density] of [
      [250, 0],
      [250, -1],
      [Number.NaN, 1],
    ] as const)
      expect(() => contentsByWeight(gross, 90, density, 400, 'aerosol')).toThrow('must be numbers above 0');
  });
  it('the simulated scale is off by two tenths of a gram at the most, and never below nothing', () => {
    const off = Array.from({ length: 400 }, (_, seed) => simulateScale(100, seed) - 100);
    expect(Math.max(...off)).toBeCloseTo(0.2, 9);
    expect(Math.min(...off)).toBeCloseTo(-0.2, 9);
    expect(Math.min(...Array.from({ length: 50 }, (_, seed) => simulateScale(0, seed)))).toBe(0);
  });
  it('the simulated scale shows tenths near the truth, the same again', () => {
    const shown = simulateScale(187.34, 3);
    expect(Math.abs(shown - 187.34)).toBeLessThan(0.3);
    expect(shown * 10).toBeCloseTo(Math.round(shown * 10), 9);
    expect(simulateScale(187.34, 3)).toBe(shown);
  });
});

describe('the simulated reader', () => {
  it('scatters around the swatch by about half a unit, and the mean comes nearer', () => {
    const truth = [42, -14, 6] as const;
    const readings = simulateReadings(truth, 20, 9);
    const mean = averageReadings(readings);
    expect(mean?.spread ?? 0).toBeGreaterThan(0.2);
    expect(mean?.spread ?? 9).toBeLessThan(1);
    expect(difference(mean?.lab ?? [0, 0, 0], truth)).toBeLessThan(0.35);
    expect(simulateReadings(truth, 20, 9)).toEqual(readings);
    expect(() => simulateReadings(truth, 0, 1)).toThrow(RangeError);
  });
});

describe('drops', () => {
  it('are twenty to a millilitre (common practice), measured as drops, millilitres or grams', () => {
    expect(millilitresOfDrops(20)).toBeCloseTo(1, 9);
    expect([measureDrops(7, 'drops', 1.2), measureDrops(20, 'ml', 1.2), measureDrops(20, 'grams', 1.2)]).toEqual([7, 1, 1.2]);
  });
  it('of a batch are a whole number of times the recipe, and enough', () => {
    expect([dropsForBatch(0, 11), dropsForBatch(0.55, 11), dropsForBatch(0.56, 11), dropsForBatch(3.4, 18)]).toEqual([11, 11, 22, 72]);
    for (const [millilitres, parts] of [
      [1, 0],
      [1, -1],
      [-1, 1],
      [Number.NaN, 1],
    ] as const)
      expect(() => dropsForBatch(millilitres, parts)).toThrow(RangeError);
    expect(measureDrops(0, 'grams', 1)).toBe(0.001);
    expect(measureDrops(1, 'grams', 0.8333)).toBe(0.042);
  });
});

describe('thinning', () => {
  it('shares a cup by parts', () => {
    expect(thinCup(10, 1)).toEqual({ paintMillilitres: 5, thinnerMillilitres: 5, strengthShare: 0.5 });
    expect(thinCup(11, 10).thinnerMillilitres).toBeCloseTo(10, 9);
    expect(thinCup(0, 0)).toEqual({ paintMillilitres: 0, thinnerMillilitres: 0, strengthShare: 1 });
    for (const [cup, parts] of [
      [10, -1],
      [-1, 1],
      [Number.NaN, 1],
      [10, Number.NaN],
    ] as const)
      expect(() => thinCup(cup, parts)).toThrow(RangeError);
  });
  it('washes lie between 1 : 1 and 1 : 10 (common practice), and every way within its own bounds', () => {
    // Parts of thinner to one of paint, least, usual and most (common practice).
    expect(DILUTIONS.map(({ use, least, usual, most }) => [use, least, usual, most])).toEqual([
      ['brush', 0, 0.2, 0.5],
      ['airbrush', 0.5, 1, 2],
      ['glaze', 2, 3, 5],
      ['wash', 1, 4, 10],
    ]);
  });
  it('two-part paints are not thinned', () => {
    expect([thinnerOf('twoPart').id, thinnerOf('moisture').id]).toEqual(['none', 'none']);
    expect(thinnerOf('twoPart').words).toMatch(/^nothing/u);
    expect([thinnerOf('water').id, thinnerOf('oxidation').id, thinnerOf('solvent').id]).toEqual(['water', 'whiteSpirit', 'lacquerThinner']);
  });
});
