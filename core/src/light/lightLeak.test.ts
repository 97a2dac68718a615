import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { filmAlone } from '../colour/kubelkaMunk';
import { DARK_SHARE, darkWallMillimetres, laidOn, lightLeak, wallLayer } from './lightLeak';

const CLEAR = { transmitted: 1, reflected: 0 };
const black = filmAlone(8, 0.6);

describe('layers on each other', () => {
  it('two halves of a film are the film (Kubelka and Munk’s own composition, property)', () => {
    const positive = fc.double({ min: 0.01, max: 5, noNaN: true });
    fc.assert(
      fc.property(positive, positive, positive, (ratio, first, second) => {
        const whole = filmAlone(ratio, first + second);
        const both = laidOn(filmAlone(ratio, first), filmAlone(ratio, second));
        expect(both.transmitted).toBeCloseTo(whole.transmitted, 9);
        expect(both.reflected).toBeCloseTo(whole.reflected, 9);
      }),
    );
  });
  it('pass as much from either side, and a clear one changes nothing', () => {
    const [one, other] = [filmAlone(2, 0.4), filmAlone(0.1, 1.5)];
    expect(laidOn(one, other).transmitted).toBeCloseTo(laidOn(other, one).transmitted, 12);
    expect(laidOn(CLEAR, one)).toEqual(one);
    expect(laidOn(one, CLEAR)).toEqual(one);
  });
});

describe('light that must not show', () => {
  it('through a bare wall is its density (Beer and Lambert, by hand)', () => {
    expect(lightLeak({ wall: wallLayer('rigid', 2), films: [], coatMore: black }).share).toBeCloseTo(10 ** -0.7, 12);
    expect(wallLayer('rigid', 0)).toEqual(CLEAR);
  });
  it('is less with every coat, and the coats it names are just enough', () => {
    const wall = wallLayer('rigid', 1.2);
    const { coatsMore } = lightLeak({ wall, films: [], coatMore: black });
    const withCoats = (count: number) => lightLeak({ wall, films: Array.from({ length: count }, () => black), coatMore: black });
    expect(coatsMore).toBeGreaterThan(1);
    expect(withCoats(coatsMore ?? 0).isDark).toBe(true);
    expect(withCoats((coatsMore ?? 0) - 1).isDark).toBe(false);
    expect(withCoats(2).share).toBeLessThan(withCoats(1).share);
  });
  it('what no coat stops is said, and a wall that is dark needs none', () => {
    expect(lightLeak({ wall: CLEAR, films: [], coatMore: CLEAR }).coatsMore).toBeNull();
    const dark = wallLayer('rigid', darkWallMillimetres('rigid'));
    expect(lightLeak({ wall: dark, films: [], coatMore: black })).toMatchObject({ isDark: true, coatsMore: 0 });
    expect(wallLayer('rigid', darkWallMillimetres('rigid') - 0.2).transmitted).toBeGreaterThan(DARK_SHARE);
  });
});
