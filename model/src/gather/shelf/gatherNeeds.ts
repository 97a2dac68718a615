import type { StockSpread, StockTake } from '@zinc-ladder/core/shelf/stockCurve';
import { USUAL_SPREAD } from '@zinc-ladder/core/shelf/stockCurve';
import type { ProjectFile } from '../../file/projectFile';
import type { LightPlan } from '../../records/light/lightPlan';
import type { Level } from '../../records/shelf/kept';
import type { Purchase } from '../../records/shelf/purchase';
import { gatherTakes, supplyLeft } from './gatherTakes';
import type { ShelfThing } from './shelfThing';
import { isCounted, isFor, productThing, supplyThings } from './shelfThing';
import type { LoggedUse } from './loggedUses';
import { bestLook, groupCans, stockNow } from './stockNow';
import { ownUseOf } from '../../products/ownUse';

/** What a plan takes of a thing, with what stands on the shelf and is on its way, in the thing's unit. */
export interface ThingNeed {
  readonly thing: ShelfThing;
  readonly stock: number;
  /** what a look at it says, where it was not counted */
  readonly look: Level | null;
  readonly takes: readonly StockTake[];
  readonly arrivals: readonly StockTake[];
  readonly spread: StockSpread;
}

type ShelfList = 'parts' | 'ladders' | 'rungs' | 'products' | 'cans' | 'supplies' | 'purchases';

/** What the shelf is read from. */
export type ShelfRecords = { readonly [List in ShelfList]: readonly ProjectFile[List][number][] } & {
  /** left out: nothing is lit */
  readonly lightPlans?: readonly LightPlan[];
};

/** Paper and tape vary more than paint: a sheet more or less a turn, and hands that spare or waste all of it (guesses). */
const SUPPLY_SPREAD: StockSpread = { each: 0.4, all: 0.25 };
/** A plan of lights says how many cells and LEDs it takes: three are three. */
const COUNTED_SPREAD: StockSpread = { each: 0, all: 0 };

const NO_USES: readonly LoggedUse[] = [];

/**
 * What every rung that is still to do takes of its product and of the supplies that are kept, at the moment it is planned for; one without a place in the plan
 * at the very end. Products nothing takes are left out, supplies are not.
 *
 * @param plannedAt when each rung begins, epoch ms
 * @param endMs where what has no place is counted
 * @param uses what was logged of each product, by its id
 */
export function gatherNeeds(
  { parts, ladders, rungs, products, cans, supplies, purchases, lightPlans = [] }: ShelfRecords,
  plannedAt: ReadonlyMap<string, number>,
  endMs: number,
  uses: ReadonlyMap<string, readonly LoggedUse[]> = new Map(),
): readonly ThingNeed[] {
  const { takes, used } = gatherTakes({ parts, ladders, rungs, products, supplies, lightPlans }, plannedAt, endMs);
  const awaited = purchases.filter(({ arrivedAtMs }) => arrivedAtMs === null);
  const arrivalsOf = (thing: ShelfThing): StockTake[] => awaited.filter((one) => isFor(thing, one)).map(toArrival);
  const cansOf = groupCans(cans);
  const ofProducts = products.flatMap((product): ThingNeed[] => {
    const planned = takes.get(product.id);
    if (!planned) return [];
    const { factor, deviation } = ownUseOf(product);
    const { millilitres, look } = stockNow(product, cansOf.get(product.id) ?? [], uses.get(product.id) ?? NO_USES);
    return [
      {
        thing: productThing(product),
        stock: millilitres,
        look,
        takes: factor === 1 ? planned : planned.map(({ atMs, amount }) => ({ atMs, amount: amount * factor })),
        arrivals: arrivalsOf(productThing(product)),
        spread: { each: USUAL_SPREAD.each, all: deviation },
      },
    ];
  });
  const ofSupplies = supplyThings(supplies).map((thing): ThingNeed => ({
    thing,
    stock: [...supplyLeft(thing, used.get(thing.id) ?? []).values()].reduce((sum, left) => sum + left, 0),
    look: bestLook(thing.supplies),
    takes: takes.get(thing.id) ?? [],
    arrivals: arrivalsOf(thing),
    spread: isCounted(thing) ? COUNTED_SPREAD : SUPPLY_SPREAD,
  }));
  return [...ofProducts, ...ofSupplies];
}

/** What was ordered as what arrives. */
export function toArrival({ dueAtMs, amount, count }: Pick<Purchase, 'dueAtMs' | 'amount' | 'count'>): StockTake {
  return { atMs: dueAtMs, amount: amount * count };
}
