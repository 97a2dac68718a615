import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { answer, fault, fileOf } from './testing/askLab';

const DEMO = fileURLToPath(new URL('../../demo/files/tide-office.zip', import.meta.url));

describe('the shelf', () => {
  it('needs: what the plan takes of each product, when it runs out and by when to order', () => {
    const { products } = answer('needs', DEMO) as { products: Record<string, number | string | null>[] };
    expect(products.length).toBeGreaterThan(8);
    for (const { needed, low, high, stock, reserved, free, arriving, runsOutMs, orderByMs } of products) {
      expect(Number(low)).toBeLessThanOrEqual(Number(needed));
      expect(Number(high)).toBeGreaterThanOrEqual(Number(needed));
      expect(Number(reserved) + Number(free)).toBeCloseTo(Number(stock) + Number(arriving), 6);
      expect(orderByMs === null).toBe(runsOutMs === null);
      if (runsOutMs !== null) expect(Number(orderByMs)).toBeLessThan(Number(runsOutMs));
    }
    expect(fault('needs', DEMO, '--chance', '2')).toContain('--chance must be between');
    expect(fault('needs', DEMO, '--days', '1.5')).toContain('--days must be a whole number');
  }, 60_000);
  it('buy: packs at least cost', () => {
    const file = {
      needs: [{ product: 'brass', amount: 500 }],
      packs: [
        { product: 'brass', supplier: 'quay', amount: 400, price: 9 },
        { product: 'brass', supplier: 'quay', amount: 150, price: 5 },
        { product: 'brass', supplier: 'post', amount: 400, price: 7 },
      ],
      suppliers: [{ id: 'quay' }, { id: 'post', carriage: 6, least: 20 }],
    };
    expect(answer('buy', fileOf(file))).toMatchObject({
      cost: 14,
      waste: 50,
      packs: [
        { amount: 400, count: 1 },
        { amount: 150, count: 1 },
      ],
    });
    expect(answer('buy', fileOf({ needs: file.needs, packs: file.packs }))).toMatchObject({ cost: 12, waste: 50 });
    expect(fault('buy', fileOf({ ...file, packs: [{ ...file.packs[0], amount: 0 }] }))).toContain('holds nothing');
    expect(fault('buy', fileOf({ ...file, packs: [] }))).toContain('nobody sells brass');
    expect(fault('buy', fileOf({ ...file, needs: [{ product: 'brass', amount: -1 }] }))).toContain('needs[0].amount must be between');
  });
  it('stock: rows, columns and faults of a spreadsheet', () => {
    const found = answer('stock', fileOf('item;qty;price\nprimer;1,5;9,90 €\nglue;-2;\n', 'stock.csv'));
    expect(found).toMatchObject({
      columns: { name: 'item', amount: 'qty' },
      rows: [{ name: 'primer', amount: 1.5, price: 9.9, currency: '€' }],
    });
    expect((found['faults'] as { line: number }[]).map(({ line }) => line)).toEqual([3]);
  });
});
