import { describe, expect, it } from 'vitest';
import { planShopAtOnce } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { KEPT_UNSET } from '../../products/keptUnset';
import type { Purchase } from '../../records/shelf/purchase';
import { makeSampleProject } from '../../testing/sampleProject';
import { gatherAirs } from '../gatherAirs';
import { gatherPlan } from '../plan/gatherPlan';
import { arrivalWaits } from './arrivalWaits';
import { rungMillilitres } from './rungTakes';

const sample = makeSampleProject();
const NOW = sample.savedAtMs;
const DAY = 86_400_000;
const [template] = sample.rungs;
const [product] = sample.products;
const [host] = sample.parts;
if (!template || !product || !host) throw new Error('an empty sample');
const coat = (id: string, ladderId: string) => ({
  ...template,
  id,
  ladderId,
  state: 'open' as const,
  doneAtMs: null,
  workedMs: 0,
  coatMicrometres: 20,
});
/** What one such coat takes, ml. */
const ONE = rungMillilitres(coat('x', 'host'), host, product) ?? 0;
const records = (left: number, purchases: readonly Partial<Purchase>[]) => ({
  ...sample,
  joins: [],
  rungs: [coat('h1', 'host'), coat('h2', 'host'), coat('g1', 'guest')],
  ladders: sample.ladders.map((ladder) => ({ ...ladder, rungIds: ladder.id === 'host' ? ['h1', 'h2'] : ['g1'] })),
  cans: [
    { id: 'c', revision: 0, productId: 'primer', sizeMillilitres: 400, leftMillilitres: left, ...KEPT_UNSET, half: null, emptyGrams: null },
  ],
  purchases: purchases.map((one, at): Purchase => ({
    id: `o${at}`,
    revision: 0,
    productId: 'primer',
    supplyId: null,
    supplierId: null,
    amount: 400,
    count: 1,
    price: null,
    orderedAtMs: NOW,
    dueAtMs: NOW + DAY,
    arrivedAtMs: null,
    note: '',
    ...one,
  })),
});

describe('rungs that wait for what was ordered', () => {
  it('are those the shelf does not reach, in the order of the board', () => {
    const waits = (left: number, ...purchases: Partial<Purchase>[]) => [...arrivalWaits(records(left, purchases), new Map())];
    expect(ONE).toBeGreaterThan(0);
    expect(waits(ONE * 3.01, {})).toEqual([]);
    expect(waits(ONE * 1.5, {})).toEqual([
      ['h2', NOW + DAY],
      ['g1', NOW + DAY],
    ]);
    expect(waits(0, {})).toHaveLength(3);
  });
  it('wait for the parcel that reaches them, and what no parcel reaches for the last', () => {
    const two = [
      { amount: ONE * 1.2, dueAtMs: NOW + 3 * DAY },
      { amount: ONE * 1.2, dueAtMs: NOW + DAY },
    ];
    expect([...arrivalWaits(records(0, two), new Map()).values()].map((ms) => (ms - NOW) / DAY)).toEqual([1, 3, 3]);
  });
  it('do not wait where nothing is on its way, where a look says enough, and count what was logged', () => {
    expect(arrivalWaits(records(0, []), new Map()).size).toBe(0);
    expect(arrivalWaits(records(0, [{ arrivedAtMs: NOW }]), new Map()).size).toBe(0);
    const looked = records(0, [{}]);
    expect(arrivalWaits({ ...looked, cans: looked.cans.map((can) => ({ ...can, level: 'enough' as const })) }, new Map()).size).toBe(0);
    const used = new Map([['primer', [{ atMs: NOW, millilitres: ONE }]]]);
    expect([...arrivalWaits(records(ONE * 3.01, [{}]), used).keys()]).toEqual(['g1']);
  });
  it('begin in the plan when it is there, and not before', () => {
    const plan = (purchases: readonly Partial<Purchase>[]) => {
      const shop = { ...records(ONE * 1.5, purchases), persons: [] };
      const made = planShopAtOnce(gatherPlan(shop, gatherAirs(shop.shop, [], NOW), NOW));
      if (made.kind !== 'planned') throw new Error('not planned');
      return new Map(made.rungs.map(({ rungId, startMs, reasons }) => [rungId, { startMs, why: reasons?.waits[0]?.cause.kind }]));
    };
    const late = NOW + 3 * DAY;
    const [free, waiting] = [plan([]), plan([{ dueAtMs: late }])];
    expect(waiting.get('h1')?.startMs).toBe(free.get('h1')?.startMs);
    expect(free.get('h2')?.startMs).toBeLessThan(late);
    expect(waiting.get('h2')?.startMs).toBeGreaterThanOrEqual(late);
    expect(waiting.get('h2')?.why).toBe('arrives');
  });
});
