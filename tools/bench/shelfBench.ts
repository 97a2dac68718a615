import { buyPacks } from '../../core/src/shelf/buyPacks';
import { seededRandom } from '../../core/src/random/seededRandom';
import type { ProjectFile } from '../../model/src/file/projectFile';
import { gatherCosts } from '../../model/src/gather/shelf/costs/gatherCosts';
import { gatherNeeds } from '../../model/src/gather/shelf/gatherNeeds';
import { shelfLines } from '../../model/src/gather/shelf/shelfLines';
import { usesOf } from '../../model/src/gather/shelf/loggedUses';
import { makeBigShop } from './bigShop';
import { medianMs } from './measure';

const HOUR_MS = 3_600_000;
const PRODUCTS = 300;

/** Curves, order days and costs of a shop of 5,000 rungs with 300 products, and a buying list of 60 products in four packs each. */
export function benchShelf(tell: (what: string, ms: number, goal: string) => void, demo: ProjectFile): void {
  const big = makeBigShop(demo, 200, 25, 50_000);
  const products = Array.from({ length: PRODUCTS }, (_, at) => {
    const own = demo.products[at % demo.products.length];
    if (!own) throw new Error('the demo has lost its products');
    return at < demo.products.length ? own : { ...own, id: `product-${at}` };
  });
  const rungs = big.rungs.map((rung, at) =>
    rung.productId === null
      ? rung
      : { ...rung, productId: products[at % PRODUCTS]?.id ?? null, coatMicrometres: rung.coatMicrometres ?? 12 },
  );
  const shop = { ...big, products, rungs };
  const planned = new Map(rungs.map(({ id }, at) => [id, demo.savedAtMs + at * HOUR_MS]));
  const choice = { chance: 0.8, days: 2, timeZone: demo.shop.timeZone, packs: demo.packs, suppliers: demo.suppliers };
  const uses = usesOf(big.logEntries);
  tell(
    'curves and order days of 5,000 rungs, 300 products',
    medianMs(() => shelfLines(gatherNeeds(shop, planned, demo.savedAtMs, uses), choice), 7),
    'wanted within 100 ms',
  );
  tell(
    'costs of that shop',
    medianMs(() => gatherCosts({ ...shop, standing: big.logEntries }), 5),
    '',
  );
  const random = seededRandom(7);
  const needs = Array.from({ length: 60 }, (_, at) => ({ product: String(at), amount: 20 + Math.round(900 * random()) }));
  const packs = needs.flatMap(({ product }) =>
    [30, 100, 250, 400].map((amount, at) => ({
      product,
      supplier: `s${at % 3}`,
      amount,
      price: Math.round(100 * (2 + amount / 40 + random())) / 100,
    })),
  );
  const suppliers = [
    { id: 's0', carriage: 4.9, least: 0 },
    { id: 's1', carriage: 0, least: 40 },
    { id: 's2', carriage: 6, least: 25 },
  ];
  tell(
    'a buying list of 60 products in four packs each, proved least',
    medianMs(() => buyPacks(needs, packs, suppliers), 5),
    'wanted within 200 ms',
  );
}
