import type { StockTake } from '@zinc-ladder/core/shelf/stockCurve';
import type { SupplyKindId } from '@zinc-ladder/core/shelf/supplyKinds';
import { findSupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import type { Ladder } from '../../records/ladder/ladder';
import type { Rung } from '../../records/ladder/rung';
import type { Part } from '../../records/prop/part';
import type { Supply } from '../../records/shelf/supply';
import type { LightPlan } from '../../records/light/lightPlan';
import type { Product } from '../../records/shop/product';
import { rungMillilitres, supplyWork } from './rungTakes';
import type { ShelfThing, SupplyTake } from './shelfThing';
import { groupOf, supplyTakes, supplyThings } from './shelfThing';

/** Rungs and what decides how much they take. */
export interface TakingRecords {
  readonly parts: readonly Part[];
  readonly ladders: readonly Ladder[];
  readonly rungs: readonly Rung[];
  readonly products: readonly Product[];
  readonly supplies: readonly Supply[];
  /** what lights props takes LEDs and cells; left out: none */
  readonly lightPlans?: readonly LightPlan[];
}

/** What rungs take, by the id of a product or a group of supplies. */
export interface Takes {
  /** of rungs still to do, by film and area, ml, and by area, pieces and minutes */
  readonly takes: ReadonlyMap<string, readonly StockTake[]>;
  /** of supplies by rungs that are done, when they were */
  readonly used: ReadonlyMap<string, readonly StockTake[]>;
}

/**
 * What every rung takes of its product and of the supplies that are kept.
 *
 * @param plannedAt when each rung still to do begins, epoch ms
 * @param endMs where what has no place in the plan is counted
 */
export function gatherTakes(records: TakingRecords, plannedAt: ReadonlyMap<string, number>, endMs: number): Takes {
  const { rungs, supplies, lightPlans = [] } = records;
  const takenBy = amounts(records);
  const keptGroups = new Set(supplies.map(groupOf));
  const takes = new Map<string, StockTake[]>();
  const used = new Map<string, StockTake[]>();
  const add = (to: Map<string, StockTake[]>, key: string, take: StockTake): void => {
    const own = to.get(key);
    if (own) own.push(take);
    else to.set(key, [take]);
  };
  for (const rung of rungs) {
    const own = takenBy(rung);
    if (!own) continue;
    const isDone = rung.state === 'done';
    const atMs = isDone ? (rung.doneAtMs ?? 0) : (plannedAt.get(rung.id) ?? endMs);
    const { product, millilitres, supplies: taken } = own;
    if (!isDone && product && millilitres !== null) add(takes, product.id, { atMs, amount: millilitres });
    for (const { group, amount } of taken) if (keptGroups.has(group)) add(isDone ? used : takes, group, { atMs, amount });
  }
  const rungById = new Map(rungs.map((rung) => [rung.id, rung]));
  for (const plan of lightPlans) {
    const own = plan.rungIds.flatMap((id) => rungById.get(id) ?? []);
    const open = own.filter(({ state }) => state !== 'done' && state !== 'leftOut');
    const isFitted = own.length > 0 && open.length === 0;
    const first = Math.min(...open.map(({ id }) => plannedAt.get(id) ?? endMs), endMs);
    const atMs = isFitted ? Math.max(0, ...own.map(({ doneAtMs }) => doneAtMs ?? 0)) : first;
    for (const [kindId, amount] of lightNeeds(plan)) {
      // No plan says which of several bags: the first by name is taken.
      const kept = supplies.filter((supply) => supply.kindId === kindId).toSorted((a, b) => a.name.localeCompare(b.name))[0];
      if (kept && amount > 0) add(isFitted ? used : takes, groupOf(kept), { atMs, amount });
    }
  }
  return { takes, used };
}

/** Rungs whose amounts are worked out in one go: some milliseconds. */
const PIECE_RUNGS = 400;

/** Works out what rungs take, piece by piece, for whoever gathers it then: of thousands of new ones it would keep a page from answering. */
export function* workOutTakes(records: TakingRecords): Generator<void> {
  const takenBy = amounts(records);
  let worked = 0;
  for (const rung of records.rungs) {
    const before = known.get(rung);
    if (takenBy(rung) === before) continue;
    worked += 1;
    if (worked % PIECE_RUNGS === 0) yield;
  }
}

/** What one rung takes, whenever it is done, and what that was worked out from. */
interface RungTakes {
  readonly millilitres: number | null;
  readonly supplies: readonly SupplyTake[];
  readonly part: Part;
  readonly product: Product | undefined;
  readonly kinds: string;
}

// An edit changes a rung or two of thousands, and the plan only when they are done: what the others take is kept with their records, which never change.
const known = new WeakMap<Rung, RungTakes>();

/** What each rung takes; undefined of one that is left out or belongs to no part. */
function amounts({ parts, ladders, products, supplies }: TakingRecords): (rung: Rung) => RungTakes | undefined {
  const partById = new Map(parts.map((part) => [part.id, part]));
  const partOf = new Map(ladders.map((ladder) => [ladder.id, partById.get(ladder.partId)]));
  const byId = new Map(products.map((product) => [product.id, product]));
  const kinds = [...new Set(supplies.map(({ kindId }) => kindId))].map(findSupplyKind);
  const asked = kinds.map(({ id }) => id).join(' ');
  return (rung) => {
    const part = partOf.get(rung.ladderId);
    if (!part || rung.state === 'leftOut') return undefined;
    const product = byId.get(rung.productId ?? '');
    const last = known.get(rung);
    if (last?.part === part && last.product === product && last.kinds === asked) return last;
    const taken = kinds.length === 0 ? [] : supplyTakes(supplyWork(rung, part, product), kinds);
    const now = { part, product, kinds: asked, millilitres: rungMillilitres(rung, part, product), supplies: taken };
    known.set(rung, now);
    return now;
  };
}

/** What a plan of lights takes of supplies, by their kind. */
function lightNeeds({ leds, supplyId, cells }: LightPlan): readonly (readonly [kindId: SupplyKindId, amount: number])[] {
  const isOfCells = supplyId === 'coin' || supplyId === 'aaa' || supplyId === 'aa';
  return [
    ['leds', leds],
    ['cells', isOfCells ? cells : 0],
  ];
}

/** Each supply of a thing as it was counted, less what rungs done since used up; of several what was counted first is used up first. By id. */
export function supplyLeft({ supplies }: ShelfThing, used: readonly StockTake[]): ReadonlyMap<string, number> {
  const left = supplies
    .filter(({ level }) => level === null)
    .toSorted((a, b) => (a.countedAtMs ?? 0) - (b.countedAtMs ?? 0) || (a.id < b.id ? -1 : 1))
    .map((supply) => ({ id: supply.id, countedAtMs: supply.countedAtMs ?? -Infinity, amount: supply.left }));
  for (const { atMs, amount } of used.toSorted((a, b) => a.atMs - b.atMs)) {
    let missing = amount;
    for (const one of left) {
      if (missing <= 0 || one.countedAtMs >= atMs) break;
      const taken = Math.min(one.amount, missing);
      one.amount -= taken;
      missing -= taken;
    }
  }
  return new Map(left.map(({ id, amount }) => [id, amount]));
}

/** What is left of every supply that was counted, by its id. */
export function suppliesLeft(records: TakingRecords): ReadonlyMap<string, number> {
  const { used } = gatherTakes(records, new Map(), 0);
  return new Map(supplyThings(records.supplies).flatMap((thing) => [...supplyLeft(thing, used.get(thing.id) ?? [])]));
}
