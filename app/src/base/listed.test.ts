import { expect, it } from 'vitest';
import { listed } from './listed';

it('names what there is, and counts what would be too many', () => {
  expect([[], ['a'], ['a', 'b'], ['a', 'b', 'c', 'd'], ['a', 'b', 'c', 'd', 'e']].map((names) => listed(names))).toEqual([
    '',
    'a',
    'a and b',
    'a, b, c and d',
    'a, b, c and 2 more',
  ]);
  expect(listed(['a', 'b', 'c'], 1)).toBe('a and 2 more');
});
