import { describe, expect, it } from 'vitest';
import { leavesFilmOnFaces } from './filmOnFaces';
import { METHODS } from './methods';

describe('films on faces', () => {
  it('are those of coats and fillers, not of glue in a seam or a break, nor of rubber that comes off', () => {
    expect(METHODS.filter(({ laysFilm, id }) => laysFilm && !leavesFilmOnFaces(id)).map(({ id }) => id)).toEqual([
      'repair',
      'cement',
      'bond',
      'maskRubber',
    ]);
    expect(['fill', 'prime', 'sprayCoat', 'clear'].every(leavesFilmOnFaces)).toBe(true);
    expect(leavesFilmOnFaces('sand')).toBe(false);
  });
});
