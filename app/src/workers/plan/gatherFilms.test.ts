import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { describe, expect, it } from 'vitest';
import { gatherFilms } from './gatherFilms';

const project = makeSampleProject();
const NOW = project.savedAtMs;
const MINUTE = 60_000;
const [product] = project.products;

/** Places of what lies on a set of twelve that takes six, after coats on so many of its pieces; bottom first, the last a minute ago. */
function placesAfter(...done: readonly (readonly [methodId: string, pieces: number | null])[]): readonly number[] {
  return filmsAfter(done).map(({ rackPlaces }) => rackPlaces);
}

/** Films after coats that were laid a minute after each other, with more rungs to do on them. */
function filmsAfter(done: readonly (readonly [methodId: string, pieces: number | null])[], next: readonly Rung[] = []) {
  const rungs = done.map(([methodId, pieces], at): Rung => ({
    ...NEW_RUNG,
    id: `rung-${at}`,
    ladderId: 'host',
    methodId,
    productId: methodId === 'primeSand' ? null : (product?.id ?? null),
    pieces,
    state: 'done',
    doneAtMs: NOW - (done.length - at) * MINUTE,
  }));
  const ladders = project.ladders
    .filter(({ id }) => id === 'host')
    .map((ladder) => ({ ...ladder, rungIds: [...rungs, ...next].map(({ id }) => id) }));
  const parts = project.parts.map((part) => ({ ...part, count: 12, rackPlaces: 6 }));
  return gatherFilms({ parts, ladders, rungs: [...rungs, ...next], products: project.products }, NOW);
}

describe('the places of what dries', () => {
  it('are those of the pieces the film is on: of a set, or of some of it', () => {
    expect(placesAfter(['prime', null])).toEqual([6]);
    expect(placesAfter(['prime', 2])).toEqual([1]);
    // What was done on twelve keeps the places of as many as there are.
    expect(placesAfter(['prime', 20])).toEqual([6]);
  });
  it('are those of the most pieces while coats lie wet on each other, and of what was coated since once they were sanded', () => {
    expect(placesAfter(['prime', null], ['prime', 2])).toEqual([6]);
    expect(placesAfter(['prime', null], ['primeSand', 2], ['prime', 2])).toEqual([1]);
    expect(placesAfter(['prime', 2], ['wash', 4])).toEqual([2]);
  });
});

describe('what the next rung waits for', () => {
  const needs = (hardRungId: string | null, ...methods: readonly string[]): unknown => {
    const next: Rung = { ...NEW_RUNG, id: 'next', ladderId: 'host', methodId: 'sprayCoat', hardRungId };
    return filmsAfter(
      methods.map((method) => [method, null]),
      [next],
    )[0]?.nextNeeds;
  };
  it('is the hard film where it names any of its coats', () => {
    expect(needs(null, 'prime', 'prime')).toBe('recoat');
    expect(needs('rung-1', 'prime', 'prime')).toBe('hard');
    expect(needs('rung-0', 'prime', 'prime')).toBe('hard');
    expect(needs('rung-0', 'prime', 'primeSand', 'prime')).toBe('recoat');
  });
});
