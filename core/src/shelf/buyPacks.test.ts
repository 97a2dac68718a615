import loadHighs from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { seededRandom } from '../random/seededRandom';
import type { Pack, PackNeed, Supplier } from './buyPacks';
import { BuyingFaultError, buyPacks } from './buyPacks';

interface Case {
  readonly needs: readonly PackNeed[];
  readonly packs: readonly Pack[];
  readonly suppliers: readonly Supplier[];
}

function randomCase(random: () => number, products: number, perProduct: number, suppliers: number): Case {
  const between = (low: number, high: number): number => low + Math.floor(random() * (high - low + 1));
  const needs = Array.from({ length: products }, (_, at) => ({ product: `p${at}`, amount: between(20, 260) }));
  const shops = Array.from({ length: suppliers }, (_, at) => ({
    id: `s${at}`,
    carriage: between(0, 6),
    least: between(0, 2) === 0 ? between(5, 30) : 0,
  }));
  const packs = needs.flatMap(({ product }) =>
    Array.from({ length: perProduct }, () => ({
      product,
      supplier: `s${between(0, suppliers - 1)}`,
      amount: between(3, 12) * 10,
      price: between(2, 15),
    })),
  );
  return { needs, packs, suppliers: shops };
}

const boughtOf = (list: ReturnType<typeof buyPacks>, product: string): number =>
  list.packs.reduce((sum, pack) => sum + (pack.product === product ? pack.amount * pack.count : 0), 0);

/** Cost of a list as a bill would have it. */
function billOf(list: ReturnType<typeof buyPacks>, suppliers: readonly Supplier[]): { readonly cost: number; readonly isAllowed: boolean } {
  let [cost, isAllowed] = [0, true];
  for (const { id, carriage, least } of suppliers) {
    const spent = list.packs.reduce((sum, pack) => sum + (pack.supplier === id ? pack.price * pack.count : 0), 0);
    if (spent === 0) continue;
    cost += spent + carriage;
    isAllowed &&= spent >= least - 1e-9;
  }
  return { cost, isAllowed };
}

describe('what to buy', () => {
  let highs: Awaited<ReturnType<typeof loadHighs>>;
  beforeAll(async () => {
    highs = await loadHighs();
  });
  /** The same as an integer programme in CPLEX's text form, solved by HiGHS. */
  function byHighs({ needs, packs, suppliers }: Case): number | null {
    const most = 40;
    const sum = (terms: readonly string[]): string => (terms.length === 0 ? '0 x0' : terms.join(' + '));
    const rows = needs.map(
      ({ product, amount }, at) =>
        ` n${at}: ${sum(packs.flatMap((pack, nth) => (pack.product === product ? [`${pack.amount} x${nth}`] : [])))} >= ${amount}`,
    );
    for (const [s, { id, least }] of suppliers.entries()) {
      const own = packs.flatMap((pack, nth) => (pack.supplier === id ? [{ nth, price: pack.price }] : []));
      if (own.length === 0) continue;
      rows.push(` c${s}: ${sum(own.map(({ nth }) => `1 x${nth}`))} - ${most * own.length} u${s} <= 0`);
      if (least > 0) rows.push(` l${s}: ${sum(own.map(({ nth, price }) => `${price} x${nth}`))} - ${least} u${s} >= 0`);
    }
    const problem = [
      'Minimize',
      ` cost: ${[...packs.map(({ price }, nth) => `${price} x${nth}`), ...suppliers.map(({ carriage }, s) => `${carriage} u${s}`)].join(' + ')}`,
      'Subject To',
      ...rows,
      'Bounds',
      ...packs.map((_, nth) => ` 0 <= x${nth} <= ${most}`),
      'General',
      ` ${packs.map((_, nth) => `x${nth}`).join(' ')}`,
      'Binary',
      ` ${suppliers.map((_, s) => `u${s}`).join(' ')}`,
      'End',
    ].join('\n');
    const { Status, ObjectiveValue } = highs.solve(problem);
    return Status === 'Optimal' ? ObjectiveValue : null;
  }
  it('costs as little as HiGHS finds, and is allowed, in 200 random cases', () => {
    const random = seededRandom(19);
    for (let trial = 0; trial < 200; trial += 1) {
      const given = randomCase(random, 1 + (trial % 6), 3, 1 + (trial % 3));
      const expected = byHighs(given);
      const list = buyPacks(given.needs, given.packs, given.suppliers);
      expect(expected, `case ${trial}`).not.toBeNull();
      expect(list.cost).toBeCloseTo(expected ?? 0, 4);
      for (const { product, amount } of given.needs) expect(boughtOf(list, product)).toBeGreaterThanOrEqual(amount);
      const bill = billOf(list, given.suppliers);
      expect(bill.isAllowed).toBe(true);
      expect(bill.cost).toBeCloseTo(list.cost, 9);
    }
  }, 60_000);
  it('costs as little as any of all lists there are, and of equally dear ones wastes least', () => {
    const random = seededRandom(4);
    for (let trial = 0; trial < 15; trial += 1) {
      const given = randomCase(random, 2, 2, 2);
      let best = { cost: Infinity, waste: Infinity };
      const most = 14;
      for (let code = 0; code < most ** given.packs.length; code += 1) {
        const packs = given.packs
          .map((pack, at) => ({ ...pack, count: Math.floor(code / most ** at) % most }))
          .filter(({ count }) => count > 0);
        const list = { packs, cost: 0, waste: 0 };
        if (given.needs.some(({ product, amount }) => boughtOf(list, product) < amount)) continue;
        const { cost, isAllowed } = billOf(list, given.suppliers);
        const waste = given.needs.reduce((sum, { product, amount }) => sum + boughtOf(list, product) - amount, 0);
        if (isAllowed && (cost < best.cost - 1e-9 || (cost < best.cost + 1e-9 && waste < best.waste))) best = { cost, waste };
      }
      const list = buyPacks(given.needs, given.packs, given.suppliers);
      expect(list.cost).toBeCloseTo(best.cost, 9);
      // Packs that only fill up a smallest order are chosen by price alone.
      expect(list.waste).toBeGreaterThanOrEqual(best.waste - 1e-9);
    }
  }, 60_000);
  it('buys nothing where nothing is needed', () => {
    expect(buyPacks([{ product: 'a', amount: 0 }], [], [])).toEqual({ packs: [], cost: 0, waste: 0 });
  });
  const shop = { id: 's', carriage: 0, least: 0 };
  it.each([
    ['a pack of nothing', [{ product: 'a', amount: 5 }], [{ product: 'a', supplier: 's', amount: 0, price: 3 }], 'holds nothing'],
    ['a need below nothing', [{ product: 'a', amount: -5 }], [], 'below nothing'],
    ['a product nobody sells', [{ product: 'a', amount: 5 }], [], 'nobody sells a'],
    ['a price that is none', [{ product: 'a', amount: 5 }], [{ product: 'a', supplier: 's', amount: 1, price: Number.NaN }], 'no number'],
    ['a supplier that is not there', [{ product: 'a', amount: 5 }], [{ product: 'a', supplier: 'x', amount: 1, price: 1 }], 'no supplier'],
    [
      'packs far too small',
      [{ product: 'a', amount: 1e6 }],
      [1, 2, 3].map((amount) => ({ product: 'a', supplier: 's', amount, price: 1 })),
      'far too small',
    ],
  ])('%s is a clear fault', (_, needs, packs, message) => {
    expect(() => buyPacks(needs, packs, [shop])).toThrow(BuyingFaultError);
    expect(() => buyPacks(needs, packs, [shop])).toThrow(message);
  });
});
