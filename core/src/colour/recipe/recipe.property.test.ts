import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../random/seededRandom';
import type { Lab } from '../lab';
import { difference } from '../lab';
import type { MixPaint } from '../paint';
import { mixLab, paintOf } from '../paint';
import { everyMix, leastDifference } from '../testing/exhaustiveRecipes';
import { commonDivisor } from './recipeTable';
import { preferRecipe, searchRecipes, shelveRecipes } from './searchRecipes';

/** Invented paints, the same for a seed. */
function shelfOf(count: number, seed: number): MixPaint[] {
  const random = seededRandom(seed);
  return Array.from({ length: count }, (_, at) => {
    const round = random() * 2 * Math.PI;
    const chroma = 5 + 50 * random();
    return paintOf(`p${at}`, [15 + 80 * random(), chroma * Math.cos(round), chroma * Math.sin(round)], 0.3 + 2 * random());
  });
}
const SHELVES = [1, 2, 3, 4].map((seed) => shelveRecipes(shelfOf(3 + seed, seed)));
const target = fc.tuple(
  fc.double({ min: 8, max: 96, noNaN: true }),
  fc.double({ min: -45, max: 45, noNaN: true }),
  fc.double({ min: -45, max: 45, noNaN: true }),
);
const limits = fc.record({ paints: fc.integer({ min: 1, max: 4 }), parts: fc.integer({ min: 4, max: 24 }) });

describe('recipes of any shelf for any colour (property)', () => {
  it('are whole parts within the limits, in their smallest terms, of the colour and difference they say', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SHELVES), target, limits, (shelf, wanted, within) => {
        const recipes = searchRecipes(shelf, wanted, within);
        expect(recipes.length).toBeGreaterThan(0);
        for (const recipe of recipes) {
          const parts = recipe.parts.map((part) => part.parts);
          expect(parts.every((value) => Number.isInteger(value) && value >= 1)).toBe(true);
          expect(parts.reduce((sum, value) => sum + value, 0)).toBe(recipe.totalParts);
          expect(recipe.totalParts).toBeLessThanOrEqual(within.parts);
          expect(parts.length).toBeLessThanOrEqual(within.paints);
          expect(new Set(recipe.parts.map((part) => part.paintId)).size).toBe(parts.length);
          expect(parts.reduce((held, value) => commonDivisor(held, value), 0)).toBe(1);
          const lab = mixLab(
            recipe.parts.map((part) => ({ paint: shelf.paints.find((paint) => paint.id === part.paintId) as MixPaint, parts: part.parts })),
          );
          expect(difference(lab, recipe.lab)).toBeLessThan(1e-6);
          expect(difference(lab, wanted)).toBeCloseTo(recipe.difference, 6);
        }
      }),
      { seed: 5, numRuns: 40 },
    );
  });
  it('come best first, and the preferred one is among them and nearly as good', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SHELVES), target, limits, (shelf, wanted, within) => {
        const recipes = searchRecipes(shelf, wanted, within);
        const differences = recipes.map((recipe) => recipe.difference);
        expect(differences).toEqual(differences.toSorted((a, b) => a - b));
        const preferred = preferRecipe(recipes);
        expect(recipes).toContain(preferred);
        expect((preferred?.difference ?? 99) - (differences[0] ?? 0)).toBeLessThanOrEqual(0.4 + 1e-9);
      }),
      { seed: 6, numRuns: 25 },
    );
  });
  it('more paints and more parts never make the best worse by more than the search may miss', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SHELVES), target, (shelf, wanted) => {
        const best = (paints: number, parts: number): number => searchRecipes(shelf, wanted, { paints, parts })[0]?.difference ?? Infinity;
        expect(best(4, 24)).toBeLessThanOrEqual(best(2, 12) + 0.05);
        expect(best(3, 18)).toBeLessThanOrEqual(best(1, 4) + 0.05);
      }),
      { seed: 7, numRuns: 15 },
    );
  });
  it('are the same for the same shelf and colour', () => {
    const [shelf] = SHELVES;
    if (!shelf) throw new Error('no shelf');
    const wanted: Lab = [48, 7, -9];
    expect(searchRecipes(shelf, wanted, { paints: 4, parts: 24 })).toEqual(
      searchRecipes(shelveRecipes(shelf.paints), wanted, { paints: 4, parts: 24 }),
    );
  });
  it('of six paints miss every mix there is by less than 0.05 but once in twelve, never by 0.25, for colours in reach', () => {
    const paints = shelfOf(6, 77);
    const shelf = shelveRecipes(paints);
    const all = everyMix(paints, 4, 16);
    const random = seededRandom(8);
    const gaps = Array.from({ length: 12 }, () => {
      const wanted = mixLab(paints.map((paint) => ({ paint, parts: random() < 0.5 ? 0.001 : random() * 5 })));
      return (searchRecipes(shelf, wanted, { paints: 4, parts: 16 })[0]?.difference ?? Infinity) - leastDifference(all, wanted);
    });
    expect(Math.max(...gaps)).toBeLessThan(0.25);
    expect(gaps.filter((gap) => gap >= 0.05).length).toBeLessThanOrEqual(1);
  });
});
