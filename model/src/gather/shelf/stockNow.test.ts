import { describe, expect, it } from 'vitest';
import { KEPT_UNSET } from '../../products/keptUnset';
import type { Can } from '../../records/shelf/can';
import type { Product } from '../../records/shop/product';
import { makeSampleProject } from '../../testing/sampleProject';
import { onShelf, stockNow, stocksOf } from './stockNow';
import { usesOf } from './loggedUses';
import { ownUseOf } from '../../products/ownUse';

const DAY = 86_400_000;
const START = Date.UTC(2026, 4, 1);
const PLAIN: Pick<Product, 'weighings' | 'mixParts'> = { weighings: [], mixParts: null };

function can(id: string, leftMillilitres: number, given: Partial<Can> = {}): Can {
  return { id, revision: 0, productId: 'p', sizeMillilitres: 400, leftMillilitres, ...KEPT_UNSET, half: null, emptyGrams: null, ...given };
}
const use = (day: number, millilitres: number) => ({ atMs: START + day * DAY, millilitres });
const at = (day: number): number => START + day * DAY;

describe('what is left of a product', () => {
  it('is what was counted, less what was logged since, from the can that was open (by hand)', () => {
    const cans = [can('full', 400), can('open', 50, { openedAtMs: at(0) })];
    const { millilitres, leftIn } = stockNow(PLAIN, cans, [use(1, 30), use(2, 30)]);
    expect([...leftIn]).toEqual([
      ['full', 390],
      ['open', 0],
    ]);
    expect(millilitres).toBe(390);
  });
  it('of a can that was counted later is what was counted: it was counted without it already', () => {
    const counted = can('a', 100, { countedAtMs: at(2) });
    expect(stockNow(PLAIN, [counted], [use(1, 30)]).millilitres).toBe(100);
    expect(stockNow(PLAIN, [counted], [use(2, 30)]).millilitres).toBe(100);
    expect(stockNow(PLAIN, [counted], [use(1, 30), use(3, 30)]).millilitres).toBe(70);
  });
  it('a can is open from the first coat that is taken from it, and the next one when it is empty', () => {
    const cans = [can('a', 40), can('b', 400), can('c', 400)];
    const { openedAtMs, leftIn } = stockNow(PLAIN, cans, [use(1, 30), use(2, 30), use(3, 30)]);
    expect([...openedAtMs.values()]).toEqual([at(1), at(2), null]);
    expect([...leftIn.values()]).toEqual([0, 350, 400]);
    // One that came after a coat was laid has nothing of it taken off, and stays closed.
    const late = stockNow(PLAIN, [can('new', 400, { countedAtMs: at(2) })], [use(1, 30)]);
    expect([...late.openedAtMs.values(), late.millilitres]).toEqual([null, 400]);
  });
  it('is never below nothing', () => expect(stockNow(PLAIN, [can('a', 10)], [use(1, 30)]).millilitres).toBe(0));
  it('goes by what really goes of it', () => {
    const weighed = { ...PLAIN, weighings: [{ reckonedMillilitres: 10, usedMillilitres: 20, atMs: at(0) }] };
    const { factor } = ownUseOf(weighed);
    expect(factor).toBeGreaterThan(1.2);
    expect(stockNow(weighed, [can('a', 100)], [use(1, 10)]).millilitres).toBeCloseTo(100 - 10 * factor, 9);
  });
  it('of halves is what can be mixed of the scarcer one, and both are used up in their parts', () => {
    const pair = { ...PLAIN, mixParts: { partsA: 2, partsB: 1 } };
    const cans = [can('a', 60, { half: 'a' }), can('b', 20, { half: 'b' })];
    expect(stockNow(pair, cans, []).millilitres).toBe(60);
    const after = stockNow(pair, cans, [use(1, 30)]);
    expect([...after.leftIn.values()]).toEqual([40, 10]);
    expect(after.millilitres).toBe(30);
    // Without its other half nothing can be mixed.
    expect(stockNow(pair, cans.slice(0, 1), []).millilitres).toBe(0);
  });
  it('by a look is told as a look: it is no amount', () => {
    const looked = [can('a', 400, { level: 'low' }), can('b', 400, { level: 'out' })];
    expect(stockNow(PLAIN, looked, [])).toMatchObject({ millilitres: 0, look: 'low' });
    expect(stockNow(PLAIN, [...looked, can('c', 30)], [use(1, 10)])).toMatchObject({ millilitres: 20, look: 'low' });
    const stocks = stocksOf([{ ...makeSampleProject().products[0], id: 'p' } as Product], [can('x', 9, { level: 'out' })], new Map());
    expect([...onShelf(stocks)]).toEqual([]);
  });
});

describe('what the log says was taken', () => {
  const [entry] = makeSampleProject().logEntries;
  if (!entry) throw new Error('no entry');
  it('is what coats that are done took, in time order; notes and what took nothing are passed over', () => {
    const uses = usesOf([
      { ...entry, id: 'b', atMs: at(2), tookMillilitres: 5 },
      { ...entry, id: 'a', atMs: at(1), tookMillilitres: 3 },
      { ...entry, id: 'c', kind: 'note', tookMillilitres: 9 },
      { ...entry, id: 'd', tookMillilitres: null },
      { ...entry, id: 'e', tookMillilitres: 4, productId: null },
    ]);
    expect([...uses]).toEqual([['primer', [use(1, 3), use(2, 5)]]]);
  });
});
