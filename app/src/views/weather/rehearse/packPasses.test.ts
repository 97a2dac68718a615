import { MOST_COLOUR_REGIONS } from '@zinc-ladder/core/weather/region/colourRegions';
import { flakeGain, flakeSurround, USUAL_FLOP } from '@zinc-ladder/core/colour/flop';
import { bodyOfLab } from '@zinc-ladder/core/weather/seen/bands';
import type { RehearsedPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import { describe, expect, it } from 'vitest';
import { FLAKE_ANGLES, listFilms, MOST_FILMS, packBases, packFlakes, packPasses, PASS_TEXELS } from './packPasses';

const pass = (change: Partial<RehearsedPass> = {}): RehearsedPass => ({
  techniqueId: 'scratches',
  lab: [90, 0, 8],
  scatterPerCoat: 2,
  amount: 0.6,
  wiped: 0,
  sizeMillimetres: 2,
  seed: 1,
  ...change,
});

describe('what is told to the graphics card', () => {
  it('lists one film a pass, and one more for each region where a pass bares something else there', () => {
    const bares = pass({ labIn: [[50, 0, 0], null] });
    const { films, first, isByRegion } = listFilms([pass(), bares, pass({ labIn: [null] })]);
    expect(first).toEqual([0, 1, 4]);
    expect(isByRegion).toEqual([false, true, false]);
    expect(films.map(({ lab }) => lab[0])).toEqual([90, 90, 50, 90, 90]);
    const packed = packPasses([pass(), bares], 2);
    const last = (at: number): number[] => [
      ...packed.subarray((at * PASS_TEXELS + PASS_TEXELS - 1) * 4 + 1, (at * PASS_TEXELS + PASS_TEXELS) * 4 - 1),
    ];
    expect([last(0), last(1)]).toEqual([
      [0, 0],
      [1, 1],
    ]);
  });

  it('keeps a film for every one of forty passes, however much they bare', () => {
    const bares = pass({ labIn: Array.from({ length: MOST_COLOUR_REGIONS }, () => [50, 0, 0] as const) });
    const { films, first, isByRegion } = listFilms(Array.from({ length: 40 }, () => bares));
    expect(films.length).toBeLessThanOrEqual(MOST_FILMS);
    expect(new Set(first).size).toBe(40);
    expect(isByRegion[0]).toBe(true);
    expect(isByRegion.at(-1)).toBe(false);
  });

  it('tells of each pass in which regions it leaves metal', () => {
    const last = PASS_TEXELS * 4 - 1;
    const packed = packPasses([pass(), pass({ metals: 0b10 })], 2);
    expect([packed[last], packed[PASS_TEXELS * 4 + last]]).toEqual([0, 2]);
  });

  it('has what flake paints throw back for each lightness, by angle and then of their surround', () => {
    const table = packFlakes(USUAL_FLOP);
    const columns = FLAKE_ANGLES + 3;
    const row = (read: number): Float32Array => table.subarray((read / 5 - 1) * columns, (read / 5) * columns);
    expect(row(60)[30 / 2]).toBeCloseTo(flakeGain(60, USUAL_FLOP, 30), 5);
    expect(row(95)[FLAKE_ANGLES]).toBeCloseTo(flakeGain(95, USUAL_FLOP, 180), 5);
    const { even, leaning } = flakeSurround(60, USUAL_FLOP);
    expect(row(60)[FLAKE_ANGLES + 1]).toBeCloseTo(even, 5);
    expect(row(60)[FLAKE_ANGLES + 2]).toBeCloseTo(leaning, 5);
  });

  it('has a body for each region, three groups of four bands', () => {
    const bases = packBases(
      [
        [34, -14, 6],
        [60, 5, 30],
      ],
      0,
    );
    expect(bases).toHaveLength(3 * (MOST_COLOUR_REGIONS + 1));
    expect(bases.slice(3, 6).flat()).toEqual([...bodyOfLab([60, 5, 30], 0)]);
  });
});
