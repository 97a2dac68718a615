import { describe, expect, it } from 'vitest';
import { median } from './median';

describe('the middle of some values', () => {
  it.each([
    [[], 0],
    [[4], 4],
    [[9, 1], 5],
    [[10, 2, 3], 3],
    [[-5, 100, 3, 1], 2],
  ])('of %j is %d, whatever their order, and they stay as they are', (values, middle) => {
    const given = [...values];
    expect(median(given)).toBe(middle);
    expect(given).toEqual(values);
  });
});
