import { describe, expect, it } from 'vitest';
import type { Migration } from './migrations';
import { migrateProject, personsFor, withAge, withCounters, withOwn, withPigment } from './migrations';

const entry = (id: string, atMs: number, correctsId: string | null = null) => ({ id, atMs, correctsId });
/** Ids in the order their counters say they were written. */
function order(list: readonly object[]): string[] {
  return (withCounters(list) as { id: string; counter: number }[]).toSorted((a, b) => a.counter - b.counter).map(({ id }) => id);
}

describe('counters of entries written before there were any', () => {
  it('go by time, of one moment as they came, and are put on the entries where they stand', () => {
    expect(order([entry('c', 30), entry('a', 10), entry('b', 20), entry('a2', 10)])).toEqual(['a', 'a2', 'b', 'c']);
    expect(withCounters([entry('late', 9), entry('early', 3)])).toEqual([
      { ...entry('late', 9), counter: 1 },
      { ...entry('early', 3), counter: 0 },
    ]);
  });
  it('come after what they correct, whatever their times say: first all that corrects nothing, then turn by turn', () => {
    expect(order([entry('second', 1, 'first'), entry('first', 2, 'fact'), entry('fact', 50), entry('other', 90)])).toEqual([
      'fact',
      'other',
      'first',
      'second',
    ]);
    // Three turns: a chain as long as the list itself.
    expect(order([entry('d', 1, 'c'), entry('c', 1, 'b'), entry('b', 1, 'a'), entry('a', 1)])).toEqual(['a', 'b', 'c', 'd']);
  });
  it('end where entries correct each other in a ring, or one that is not there', () => {
    expect(order([entry('x', 2, 'y'), entry('y', 1, 'x'), entry('z', 3)])[0]).toBe('z');
    expect(order([entry('orphan', 1, 'gone'), entry('fact', 2)])).toEqual(['orphan', 'fact']);
  });
  it('take a time that is none for the first of all, and leave what is no entry for the checks after', () => {
    expect(order([entry('known', 5), { id: 'odd', atMs: 'noon', correctsId: null }])).toEqual(['odd', 'known']);
    expect(withCounters('no list')).toBe('no list');
    expect(withCounters([null, 7, entry('a', 1)])).toEqual([null, 7, { ...entry('a', 1), counter: 0 }]);
  });
});

describe('records of older versions', () => {
  it('a ladder of aged metal is worn metal, a texture that was kept is worn, all else is new; what has an age keeps it', () => {
    const of = (route: object) => withAge({ route });
    expect(of({ finish: 'agedMetal' })).toEqual({ route: { age: 'worn', finish: 'metal' } });
    expect(of({ finish: 'textureKept' })).toEqual({ route: { age: 'worn', finish: 'textureKept' } });
    expect(of({ finish: 'metal' })).toEqual({ route: { age: 'new', finish: 'metal' } });
    expect(of({ finish: 'metal', age: 'ancient' })).toEqual({ route: { age: 'ancient', finish: 'metal' } });
    expect([withAge({ route: null }), withAge(3)]).toEqual([{ route: null }, 3]);
  });
  it('a strength of 1 says that nothing is known, any other stays', () => {
    expect(withPigment({ strength: 1 })).toEqual({ pigmentId: null, strength: null });
    expect(withPigment({ strength: 2, pigmentId: 'oxide' })).toEqual({ pigmentId: 'oxide', strength: 2 });
  });
  it('a picture of a part shows one’s own work, one of a prop what it is made after', () => {
    expect(withOwn({ partId: 'tank' })).toMatchObject({ isOwn: true, focalShare: null });
    expect(withOwn({ partId: null })).toMatchObject({ isOwn: false });
  });
  it('pairs of hands become persons: none for one pair, ten at the most, in their places', () => {
    expect(personsFor({ handsPairs: 1 })).toEqual([]);
    expect(personsFor(null)).toEqual([]);
    const three = personsFor({ handsPairs: 3.7 });
    expect(three.map(({ id, name, position }) => [id, name, position])).toEqual([
      ['pair-1', 'Me', 0],
      ['pair-2', 'Helper 1', 1],
      ['pair-3', 'Helper 2', 2],
    ]);
    expect(personsFor({ handsPairs: 99 })).toHaveLength(10);
  });
});

// A file of then meant this by saying nothing; what is usual in the program today has no say in it.
describe('what an older file did not say', () => {
  const lifted = (list: string, from: number): unknown => {
    const { [list]: records } = migrateProject({ [list]: [{ id: 'x' }] }, from, from + 1);
    return (records as unknown[])[0];
  };
  it.each([
    ['meshes', 2, { unit: 'mm', scale: 1, up: [0, 0, 1], hiddenSide: 'none' }],
    ['products', 3, { effect: 'none', lab: null, strength: 1, scatterPerCoat: null, dryingShift: null, mayBeBought: false }],
    ['mixCards', 3, { targetId: null, undercoatId: null, coats: 1, tool: 'brush', reading: null }],
    ['lightPlans', 13, { cutEvery: 1, rows: 1, rowMillimetres: 30, seamMillimetres: 0, hasLip: false, isSeamBlack: false }],
  ])('of its %s in version %d is what it meant then', (list, from, meant) => {
    expect(lifted(list, from)).toEqual({ id: 'x', ...meant });
  });
  it('of its shop is what it meant then', () => {
    const shop = (from: number) => migrateProject({ shop: {} }, from, from + 1)['shop'];
    expect(shop(3)).toMatchObject({ mirroredShare: 0 });
    expect(shop(12)).toEqual({ currency: null, hourPrice: null, shelfChance: 0.8, parcelDays: 2 });
  });
  it('of the regions of its weather, and of its beds, is what it meant then', () => {
    const { weatherPlans } = migrateProject({ weatherPlans: [{ regions: [{ id: 'r' }] }] }, 15, 16);
    expect(weatherPlans).toEqual([{ seat: null, regions: [{ id: 'r', stencilId: null, turnDegrees: 0 }] }]);
    const { parts } = migrateProject({ parts: [{ print: { piecesLeft: 3 } }, { print: null }] }, 15, 16);
    expect(parts).toEqual([{ print: { piecesLeft: 3, bedPieces: 1 } }, { print: null }]);
  });
});

describe('steps from version to version', () => {
  const step = (from: number, to: number): Migration => ({
    from,
    to,
    why: '',
    migrate: (project) => ({ ...project, way: [...(project['way'] as number[]), to] }),
  });
  it('are taken one by one, each of its own version', () => {
    const steps = [step(3, 4), step(1, 2), step(2, 9), step(2, 3)];
    expect(migrateProject({ way: [] }, 1, 4, steps)).toEqual({ way: [2, 3, 4], version: 4 });
    expect(migrateProject({ way: [] }, 4, 4, steps)).toEqual({ way: [] });
  });
  it('are named where one is missing', () => {
    expect(() => migrateProject({ way: [] }, 1, 3, [step(1, 2)])).toThrow('no migration from version 2 to 3');
  });
});
