import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Lab } from '../lab';
import { difference, labOfHex } from '../lab';
import { mixLab, paintOf } from '../paint';
import { everyMix, leastDifference } from '../testing/exhaustiveRecipes';
import { localMetric, metricSquare } from './metric';
import { createMixer } from './mixer';
import { dropEffects, wetLook } from './recipeNeighbours';
import { buildRecipeTable } from './recipeTable';
import { preferRecipe, searchRecipes, shelveRecipes } from './searchRecipes';

/** Invented paints: white, black, green, ochre, umber, yellow, red. */
const HEXES = ['#f1efe9', '#2a2a29', '#1d5a48', '#b98a33', '#4b3224', '#e8c51a', '#c4281c'];
const PAINTS = HEXES.map((hex, at) => paintOf(`p${at}`, labOfHex(hex), [1, 2.5, 1.4, 0.7, 1.1, 0.5, 0.9][at]));
const SHELF = shelveRecipes(PAINTS);
const paintAt = (at: number) => PAINTS[at] as (typeof PAINTS)[number];

describe('a mix', () => {
  it('of one paint is that paint, of equal volumes lies between', () => {
    expect(difference(mixLab([{ paint: paintAt(2), parts: 3 }]), paintAt(2).lab)).toBeLessThan(1e-3);
    const between = mixLab([
      { paint: paintAt(0), parts: 1 },
      { paint: paintAt(1), parts: 1 },
    ]);
    expect(between[0]).toBeGreaterThan(paintAt(1).lab[0]);
    expect(between[0]).toBeLessThan(paintAt(0).lab[0]);
  });
  it('counts parts, not entries: white and white and two blues are two whites and two blues', () => {
    const [white, green] = [paintAt(0), paintAt(2)];
    const apart = mixLab([
      { paint: white, parts: 1 },
      { paint: white, parts: 1 },
      { paint: green, parts: 2 },
    ]);
    const together = mixLab([
      { paint: white, parts: 2 },
      { paint: green, parts: 2 },
    ]);
    expect(difference(apart, together)).toBeLessThan(1e-9);
  });
  it('without a part, or of a paint without strength, is refused', () => {
    expect(() => mixLab([])).toThrow(RangeError);
    expect(() => paintOf('x', [50, 0, 0], 0)).toThrow(RangeError);
  });
  it('is the same in the quick mixer, whose slopes are those of differences (property)', () => {
    const mixer = createMixer(PAINTS, 0.03);
    const paints = HEXES.map((hex, at) => paintOf(`p${at}`, labOfHex(hex), paintAt(at).strength, 0.03));
    const quick = createMixer(paints, 0.03);
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { minLength: 2, maxLength: 4 }),
        fc.integer({ min: 1, max: 9 }),
        (chosen, first) => {
          const amounts = chosen.map((_, at) => first + at);
          const out = new Float64Array(3);
          const slopes = new Float64Array(12);
          quick.labAndSlopes(chosen, amounts, chosen.length, out, slopes);
          const slow = mixLab(
            chosen.map((paint, at) => ({ paint: paints[paint] as (typeof paints)[number], parts: amounts[at] as number })),
            0.03,
          );
          slow.forEach((value, axis) => expect(out[axis]).toBeCloseTo(value, 8));
          const moved = new Float64Array(3);
          const h = 1e-5;
          chosen.forEach((_, at) => {
            quick.lab(
              chosen,
              amounts.map((value, place) => (place === at ? value + h : value)),
              chosen.length,
              moved,
            );
            for (let axis = 0; axis < 3; axis += 1)
              expect(((moved[axis] as number) - (out[axis] as number)) / h).toBeCloseTo(slopes[3 * at + axis] as number, 2);
          });
        },
      ),
      { seed: 21, numRuns: 40 },
    );
    expect(mixer.count).toBe(7);
  });
});

describe('the table and the metric', () => {
  it('holds each recipe once, in its smallest parts', () => {
    const { table } = SHELF;
    const names = new Set(
      Array.from({ length: table.count }, (_, at) => `${table.paints.slice(at * 3, at * 3 + 3)}/${table.parts.slice(at * 3, at * 3 + 3)}`),
    );
    expect(names.size).toBe(table.count);
    expect(() => buildRecipeTable({ ...SHELF.mixer, count: 256 }, 4)).toThrow(RangeError);
  });
  it('the metric is CIEDE2000 for what is near', () => {
    const at: Lab = [45, -22, 12];
    const metric = localMetric(at);
    for (const [dl, da, db] of [
      [0.5, 0.2, -0.3],
      [-0.4, 0.6, 0.1],
      [0, -0.3, 0.8],
    ] as const)
      expect(Math.sqrt(metricSquare(metric, dl, da, db))).toBeCloseTo(difference(at, [at[0] + dl, at[1] + da, at[2] + db]), 1);
  });
});

describe('the search for a recipe', () => {
  it('comes within 0.05 of exhaustive search, in and out of reach', () => {
    const few = PAINTS.slice(0, 5);
    const shelf = shelveRecipes(few);
    const all = everyMix(few, 4, 14);
    const targets: Lab[] = [
      [40, -12, 8],
      [62, 4, 22],
      [35, 2, 6],
      [70, -9, 4],
      [28, -8, 2],
      [50, 40, 40],
      [80, 0, 50],
      [20, 0, -20],
    ];
    for (const target of targets) {
      const [best] = searchRecipes(shelf, target, { paints: 4, parts: 14 });
      expect((best?.difference ?? 99) - leastDifference(all, target)).toBeLessThan(0.05);
    }
  });
  it('puts a fourth paint in the place of a part of another where all parts are given out', () => {
    const four = [
      paintOf('white', [95, 0, 2], 1),
      paintOf('green', [48.6, -58.2, 3], 0.52),
      paintOf('plum', [34.8, 29.2, -8.2], 0.93),
      paintOf('teal', [44.8, -19.3, -5], 0.7),
    ];
    const blue: Lab = [65.5, -3.2, -16.2];
    const best = searchRecipes(shelveRecipes(four), blue, { paints: 4, parts: 24 })[0]?.difference ?? 99;
    expect(best - leastDifference(everyMix(four, 4, 24), blue)).toBeLessThan(0.01);
  });
  it('finds a hidden recipe of whole parts again', () => {
    const target = mixLab([
      { paint: paintAt(0), parts: 2 },
      { paint: paintAt(2), parts: 9 },
      { paint: paintAt(1), parts: 4 },
      { paint: paintAt(3), parts: 3 },
    ]);
    const recipes = searchRecipes(SHELF, target, { paints: 4, parts: 24 });
    expect(recipes[0]?.difference).toBeLessThan(0.05);
    const preferred = preferRecipe(recipes);
    expect(preferred?.difference).toBeLessThan(0.5);
    expect(preferred?.totalParts).toBeLessThanOrEqual(recipes[0]?.totalParts ?? 0);
  });
  it('gives recipes none of which is beaten by one of no more paints and parts', () => {
    const recipes = searchRecipes(SHELF, [45, -10, 10], { paints: 4, parts: 20 });
    for (const one of recipes)
      for (const other of recipes)
        if (one !== other && other.parts.length <= one.parts.length && other.totalParts <= one.totalParts)
          expect(other.difference).toBeGreaterThanOrEqual(one.difference);
    expect(recipes.map((recipe) => recipe.parts.length)).toContain(1);
  });
  it('uses what must be used, never what must not, and keeps to the parts', () => {
    const recipes = searchRecipes(SHELF, [45, -10, 10], { paints: 3, parts: 9, mustUse: ['p3', 'p5'], neverUse: ['p2', 'p1'] });
    expect(recipes.length).toBeGreaterThan(0);
    for (const recipe of recipes) {
      const ids = recipe.parts.map((part) => part.paintId);
      expect(ids).toEqual(expect.arrayContaining(['p3', 'p5']));
      expect(ids).not.toContain('p2');
      expect(recipe.totalParts).toBeLessThanOrEqual(9);
      expect(recipe.parts.length).toBeLessThanOrEqual(3);
    }
    expect(searchRecipes(SHELF, [45, 0, 0], { paints: 2, parts: 5, neverUse: PAINTS.map((paint) => paint.id) })).toEqual([]);
  });
  it.each([
    [{ paints: 0, parts: 4 }],
    [{ paints: 5, parts: 4 }],
    [{ paints: 2, parts: 0 }],
    [{ paints: 1, parts: 9, mustUse: ['p1', 'p2'] }],
    [{ paints: 2, parts: 9, mustUse: ['nobody'] }],
  ])('refuses limits %j', (limits) => {
    expect(() => searchRecipes(SHELF, [50, 0, 0], limits)).toThrow(RangeError);
  });
  it('one paint, one part, is found too', () => {
    expect(searchRecipes(shelveRecipes([paintAt(4)]), [40, 0, 0], { paints: 4, parts: 24 })).toMatchObject([
      { totalParts: 1, parts: [{ paintId: 'p4', parts: 1 }] },
    ]);
  });
});

describe('a recipe’s neighbours', () => {
  it('one drop of a strong paint does more than one of a weak one', () => {
    const mix = [
      { paint: paintAt(0), parts: 10 },
      { paint: paintAt(1), parts: 1 },
    ];
    const [white, black] = dropEffects(mix, mixLab(mix), 0);
    expect(black?.more ?? 0).toBeGreaterThan((white?.more ?? 0) * 3);
    expect(black?.less).toBeNull();
  });
  it('says how it looks wet where a shift is known', () => {
    expect(wetLook([50, 0, 0], [{ parts: 2, shift: null }])).toBeNull();
    expect(
      wetLook(
        [50, 0, 0],
        [
          { parts: 3, shift: [-4, 0, 0] },
          { parts: 1, shift: null },
        ],
      ),
    ).toEqual([53, 0, 0]);
  });
});
