import { expect, it } from 'vitest';
import { rackPlacesTaken } from './rackTaken';

it('a part keeps its places until it can be handled, and one that never can keeps them', () => {
  const films = [
    { handleMs: 100, places: 2 },
    { handleMs: 200, places: 1 },
    { handleMs: null, places: 4 },
  ];
  expect([50, 100, 199, 200].map((now) => rackPlacesTaken(films, now))).toEqual([7, 5, 5, 4]);
  expect(rackPlacesTaken([], 0)).toBe(0);
});
