/** How much of a product is needed beyond what there is. */
export interface PackNeed {
  readonly product: string;
  readonly amount: number;
}

/** A pack that is sold. */
export interface Pack {
  readonly product: string;
  readonly supplier: string;
  readonly amount: number;
  readonly price: number;
}

/** Who sells. */
export interface Supplier {
  readonly id: string;
  /** paid once for an order */
  readonly carriage: number;
  /** smallest order; 0: none */
  readonly least: number;
}

/** What to buy. */
export interface BuyingList {
  readonly packs: readonly (Pack & { readonly count: number })[];
  /** with carriage */
  readonly cost: number;
  /** amounts bought beyond what is needed, added up, each in its own unit */
  readonly waste: number;
}

/** Why there is no list. */
export class BuyingFaultError extends Error {
  override readonly name = 'BuyingFaultError';
}

const CENTS = 100;
/** Ways to cover one product that are looked at; more mean packs far too small for the need. */
const MOST_COVERS = 40_000;
const MOST_SUPPLIERS = 12;

/** A way to cover one product: what it costs at each supplier, in cents. */
interface Cover {
  readonly counts: readonly number[];
  readonly bySupplier: readonly number[];
  readonly cents: number;
  readonly waste: number;
}

interface State {
  /** spent at each supplier, capped at its smallest order */
  readonly spent: readonly number[];
  readonly cents: number;
  readonly waste: number;
  readonly chosen: { readonly cover: Cover; readonly before: State['chosen'] } | null;
}

/** A list that is whole: products chosen, smallest orders filled up. */
interface Settled {
  readonly state: State;
  readonly cents: number;
  /** packs by supplier, counted among its own */
  readonly fills: readonly (readonly number[])[];
}

/**
 * Packs that cover all needs at least cost, then at least waste; smallest orders and carriage of each supplier counted. Exact. Every set of
 * suppliers is tried. Within a set, products are added one by one, and a state is dropped when another reaches the same spending at each
 * supplier for less. What is missing to a smallest order is filled with the packs that exceed it least.
 *
 * @throws BuyingFaultError for a pack of nothing, a price below nothing, a product nobody sells, or packs far too small
 */
export function buyPacks(needs: readonly PackNeed[], packs: readonly Pack[], suppliers: readonly Supplier[]): BuyingList {
  checkAll(needs, packs, suppliers);
  const wanted = needs.filter(({ amount }) => amount > 0);
  const ids = suppliers.map(({ id }) => id);
  const sold = wanted.map(({ product }) => packs.filter((pack) => pack.product === product));
  for (const [at, list] of sold.entries()) if (list.length === 0) throw new BuyingFaultError(`nobody sells ${wanted[at]?.product ?? ''}`);
  if (wanted.length === 0) return { packs: [], cost: 0, waste: 0 };
  const covers = wanted.map((need, at) => coversOf(need, sold[at] ?? [], ids));
  let best = null as Settled | null;
  for (let set = 1; set < 1 << suppliers.length; set += 1) {
    const used = (at: number): boolean => ((set >> at) & 1) === 1;
    const within = covers.map((list) => pareto(list.filter(({ bySupplier }) => bySupplier.every((cents, at) => cents === 0 || used(at)))));
    if (within.some((list) => list.length === 0)) continue;
    const carriage = suppliers.reduce((sum, supplier, at) => sum + (used(at) ? toCents(supplier.carriage) : 0), 0);
    const least = suppliers.map((supplier, at) => (used(at) ? toCents(supplier.least) : 0));
    // What the products still to come cost at least: states that cannot become better any more are dropped.
    const toCome = [0];
    for (const list of within.toReversed()) toCome.unshift((toCome[0] ?? 0) + Math.min(...list.map(({ cents }) => cents)));
    if (best && (toCome[0] ?? 0) + carriage > best.cents) continue;
    const fill = suppliers.map((supplier, at) =>
      fillsOf(
        packs.filter((pack) => pack.supplier === supplier.id),
        least[at] ?? 0,
      ),
    );
    const begin: State = { spent: least.map(() => 0), cents: 0, waste: 0, chosen: null };
    const after = (state: State, cover: Cover): State => ({
      spent: state.spent.map((sum, s) => Math.min(least[s] ?? 0, sum + (cover.bySupplier[s] ?? 0))),
      cents: state.cents + cover.cents,
      waste: state.waste + cover.waste,
      chosen: { cover, before: state.chosen },
    });
    const settle = (state: State): void => {
      const fills = state.spent.map((sum, s) => fill[s]?.[(least[s] ?? 0) - sum] ?? null);
      if (fills.some((one) => one === null)) return;
      const cents = state.cents + carriage + fills.reduce((sum, one) => sum + (one?.cents ?? 0), 0);
      if (!best || cents < best.cents || (cents === best.cents && state.waste < best.state.waste))
        best = { state, cents, fills: fills.map((one) => one?.packs ?? []) };
    };
    // The cheapest cover of each: where it meets every smallest order nothing can be better, and else it bounds what is looked at.
    const plain = within.reduce((state, list) => after(state, list[0] as Cover), begin);
    settle(plain);
    if (plain.spent.every((sum, s) => sum >= (least[s] ?? 0))) continue;
    let states = new Map<string, State>([['', begin]]);
    for (const [at, list] of within.entries()) {
      const next = new Map<string, State>();
      for (const state of states.values())
        for (const cover of list) {
          if (best && state.cents + cover.cents + (toCome[at + 1] ?? 0) + carriage > best.cents) break;
          const reached = after(state, cover);
          const key = reached.spent.join();
          const known = next.get(key);
          if (known && (known.cents < reached.cents || (known.cents === reached.cents && known.waste <= reached.waste))) continue;
          next.set(key, reached);
        }
      states = next;
    }
    for (const state of states.values()) settle(state);
  }
  if (!best) throw new BuyingFaultError('no supplier’s smallest order can be met');
  return toList(best, wanted, sold, packs, suppliers);
}

function checkAll(needs: readonly PackNeed[], packs: readonly Pack[], suppliers: readonly Supplier[]): void {
  if (suppliers.length > MOST_SUPPLIERS) throw new BuyingFaultError(`at most ${MOST_SUPPLIERS} suppliers are taken`);
  const known = new Set(suppliers.map(({ id }) => id));
  if (known.size < suppliers.length) throw new BuyingFaultError('two suppliers have one id');
  for (const { product, amount } of needs)
    if (!(Number.isFinite(amount) && amount >= 0)) throw new BuyingFaultError(`the need of ${product} is below nothing, or no number`);
  if (new Set(needs.map(({ product }) => product)).size < needs.length)
    throw new BuyingFaultError('a product is needed twice: add its needs up');
  for (const { product, supplier, amount, price } of packs) {
    if (!(amount > 0)) throw new BuyingFaultError(`a pack of ${product} holds nothing`);
    if (!(Number.isFinite(price) && price >= 0))
      throw new BuyingFaultError(`the price of a pack of ${product} is below nothing, or no number`);
    if (!known.has(supplier)) throw new BuyingFaultError(`a pack of ${product} is sold by ${supplier}, who is no supplier`);
  }
  for (const { id, carriage, least } of suppliers)
    if (!(carriage >= 0 && least >= 0)) throw new BuyingFaultError(`carriage and smallest order of ${id} are not below nothing`);
}

const toCents = (price: number): number => Math.round(price * CENTS);

/** All ways to cover a need of which no pack could be left out. */
function coversOf({ product, amount }: PackNeed, packs: readonly Pack[], suppliers: readonly string[]): Cover[] {
  const sorted = packs.map((pack, at) => ({ pack, at })).toSorted((a, b) => b.pack.amount - a.pack.amount);
  const covers: Cover[] = [];
  const counts = packs.map(() => 0);
  const walk = (nth: number, left: number): void => {
    if (left <= amount * 1e-9) {
      if (covers.length >= MOST_COVERS) throw new BuyingFaultError(`packs of ${product} are far too small for what is needed`);
      const bySupplier = suppliers.map((id) =>
        packs.reduce((sum, pack, at) => sum + (pack.supplier === id ? toCents(pack.price) * (counts[at] ?? 0) : 0), 0),
      );
      covers.push({
        counts: [...counts],
        bySupplier,
        cents: bySupplier.reduce((sum, cents) => sum + cents, 0),
        waste: Math.max(0, -left),
      });
      return;
    }
    const one = sorted[nth];
    if (!one) return;
    const most = Math.ceil(left / one.pack.amount - 1e-9);
    const isLast = nth === sorted.length - 1;
    for (let count = isLast ? most : 0; count <= most; count += 1) {
      counts[one.at] = count;
      walk(nth + 1, left - count * one.pack.amount);
    }
    counts[one.at] = 0;
  };
  walk(0, amount);
  return covers;
}

/** Covers without those that another beats: no dearer, and no less spent at any supplier. */
function pareto(covers: readonly Cover[]): Cover[] {
  const kept: Cover[] = [];
  for (const cover of covers.toSorted((a, b) => a.cents - b.cents || a.waste - b.waste))
    if (!kept.some((other) => other.bySupplier.every((cents, at) => cents >= (cover.bySupplier[at] ?? 0)))) kept.push(cover);
  return kept;
}

interface Fill {
  readonly cents: number;
  readonly packs: readonly number[];
}

/** For every sum that is missing to a smallest order the cheapest packs that reach it; null: none can. */
function fillsOf(packs: readonly Pack[], least: number): readonly (Fill | null)[] {
  const prices = packs.map(({ price }, at) => ({ cents: toCents(price), at })).filter(({ cents }) => cents > 0);
  const fills: (Fill | null)[] = [{ cents: 0, packs: [] }];
  for (let missing = 1; missing <= least; missing += 1) {
    let found: Fill | null = null;
    for (const { cents, at } of prices) {
      const rest = fills[Math.max(0, missing - cents)];
      if (rest && (!found || rest.cents + cents < found.cents)) found = { cents: rest.cents + cents, packs: [...rest.packs, at] };
    }
    fills.push(found);
  }
  return fills;
}

function toList(
  { state, cents, fills }: Settled,
  wanted: readonly PackNeed[],
  sold: readonly (readonly Pack[])[],
  packs: readonly Pack[],
  suppliers: readonly Supplier[],
): BuyingList {
  const counts = new Map<Pack, number>();
  const add = (pack: Pack | undefined, count: number): void => {
    if (pack && count > 0) counts.set(pack, (counts.get(pack) ?? 0) + count);
  };
  let at = wanted.length;
  for (let chosen = state.chosen; chosen; chosen = chosen.before) {
    at -= 1;
    for (const [nth, count] of chosen.cover.counts.entries()) add(sold[at]?.[nth], count);
  }
  for (const [s, indices] of fills.entries()) {
    const own = packs.filter(({ supplier }) => supplier === suppliers[s]?.id);
    for (const index of indices) add(own[index], 1);
  }
  const bought = [...counts].map(([pack, count]) => ({ ...pack, count }));
  const got = bought.reduce((sum, pack) => sum + pack.amount * pack.count, 0);
  const waste = Math.max(0, got - wanted.reduce((sum, { amount }) => sum + amount, 0));
  return { packs: bought, cost: cents / CENTS, waste };
}
