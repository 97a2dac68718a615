import { describe, expect, it } from 'vitest';
import { labOfHex } from '../lab';
import { missingPrimaries } from './missingPaints';

describe('paints a shelf misses for mixing', () => {
  it('are all five on an empty shelf, the most missed first', () =>
    expect(missingPrimaries([])).toEqual(['white', 'black', 'yellow', 'red', 'blue']));
  it('are found by what a paint looks like, whatever its name', () => {
    const shelf = ['#f2f1ec', '#1d1c1c', '#d9a900', '#a3231f', '#1f3d7a'].map(labOfHex);
    expect(missingPrimaries(shelf)).toEqual([]);
    shelf.forEach((_, at) => expect(missingPrimaries(shelf.filter((__, other) => other !== at))).toHaveLength(1));
  });
  it('browns, greens and greys stand in for none of them', () => {
    const earths = ['#5a4632', '#3b5b4b', '#8f9092', '#4a3a2c'].map(labOfHex);
    expect(missingPrimaries(earths)).toEqual(['white', 'black', 'yellow', 'red', 'blue']);
  });
});
