import { expect, it } from 'vitest';
import { placesOfPieces, rungRackPlaces } from './rackPlaces';

const set = { rackPlaces: 4, count: 12 };

it('some pieces of a set take their share of its places, in whole ones', () => {
  expect([1, 3, 4, 7, 12].map((pieces) => placesOfPieces(set, pieces))).toEqual([1, 1, 2, 3, 4]);
  expect(placesOfPieces({ rackPlaces: 0, count: 12 }, 5)).toBe(0);
});

it('a rung takes places for the pieces it is done on, and never more than its set has', () => {
  expect(rungRackPlaces({ pieces: null, state: 'open' }, set)).toBe(4);
  expect(rungRackPlaces({ pieces: 1, state: 'open' }, set)).toBe(1);
  // Done on twelve, of which eight were taken out since.
  expect(rungRackPlaces({ pieces: 12, state: 'done' }, { rackPlaces: 2, count: 4 })).toBe(2);
});
