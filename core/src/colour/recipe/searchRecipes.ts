import type { Lab } from '../lab';
import { difference } from '../lab';
import type { MixPaint } from '../paint';
import { DEFAULT_MIRRORED } from '../paint';
import type { Metric } from './metric';
import { localMetric, metricSquare } from './metric';
import type { Mixer } from './mixer';
import { createMixer } from './mixer';
import type { RecipeTable } from './recipeTable';
import { buildRecipeTable, commonDivisor, NONE } from './recipeTable';
import type { RefinedSet } from './refine';
import { refineSet } from './refine';

/** What may go into a recipe. */
export interface RecipeLimits {
  /** most paints, 1 … 4 */
  readonly paints: number;
  /** most parts in all, such as drops on a palette */
  readonly parts: number;
  /** ids of paints every recipe must hold */
  readonly mustUse?: readonly string[];
  /** ids of paints no recipe may hold */
  readonly neverUse?: readonly string[];
}

/** A recipe in whole parts, with the colour it gives. */
export interface Recipe {
  readonly parts: readonly { readonly paintId: string; readonly parts: number }[];
  readonly totalParts: number;
  readonly lab: Lab;
  /** CIEDE2000 to the target */
  readonly difference: number;
}

/** A shelf made ready for searching; making it takes longer than a search. */
export interface RecipeShelf {
  readonly paints: readonly MixPaint[];
  readonly mirrored: number;
  readonly mixer: Mixer;
  readonly table: RecipeTable;
}

const MOST_PAINTS = 4;
const MOST_PARTS = 64;
/** Pairs of paints stand in the table up to that many parts. */
const PAIR_PARTS = 24;
/** Sets that are kept from the table, and triples that are tried with every other paint. */
const KEPT_SETS = 120;
const KEPT_TRIPLES = 80;
/** What a fourth paint begins with, and the turns it is given. */
const NEW_SHARE = 0.06;
const QUAD_TURNS = 5;
/** Four paints of which one takes less than this share of a part are three paints. */
const LEAST_PART = 0.6;
/** Parts a climb looks around in each paint. */
const REACH = 3;
/** Recipes of fewer parts than this change too much with one part to be foretold by slopes. */
const FEW_PARTS = 7;
/** Neighbours foretold to be worse than the best by more than that, as a share and in ΔE, are not looked at. */
const SLACK_SHARE = 1.25;
const SLACK = 0.35;
/** Recipes climbed from. */
const CLIMBED = 16;
/** A target further off than this is out of reach: the metric, made for what is near, orders recipes badly and is made anew for that distance. */
const FAR = 0.6;
/** Sets whose whole parts are looked at, best first. */
const ROUNDED_SETS = 320;
/** A larger recipe must be better by that much to be preferred: drops alone vary by about 0.3. */
const WORTH = 0.4;

/** Makes paints ready to be searched. */
export function shelveRecipes(paints: readonly MixPaint[], mirrored = DEFAULT_MIRRORED): RecipeShelf {
  const mixer = createMixer(paints, mirrored);
  return { paints, mirrored, mixer, table: buildRecipeTable(mixer, PAIR_PARTS) };
}

/**
 * Recipes of whole parts nearest to a colour: none of them is beaten by one with fewer paints and no more parts. Best first. A table of small recipes gives sets of paints, Gauss–Newton
 * their amounts, rounding and a climb of single parts the whole ones. Not proved to be the best: beside an exhaustive search of
 * 12 paints it misses by more than 0.05 in 2 of 300 targets, at most 0.08, and hidden mixes of 24 paints in 1 of 100 (bench).
 *
 * @returns empty where the limits leave no paint
 * @throws RangeError for limits outside 1 … 4 paints or 1 … 64 parts, or more must-use paints than a recipe holds
 */
export function searchRecipes(shelf: RecipeShelf, target: Lab, limits: RecipeLimits): Recipe[] {
  const { paints: mostPaints, parts: mostParts } = limits;
  if (!(Number.isInteger(mostPaints) && mostPaints >= 1 && mostPaints <= MOST_PAINTS))
    throw new RangeError(`a recipe holds 1 to ${MOST_PAINTS} paints, got ${mostPaints}`);
  if (!(Number.isInteger(mostParts) && mostParts >= 1 && mostParts <= MOST_PARTS))
    throw new RangeError(`a recipe holds 1 to ${MOST_PARTS} parts, got ${mostParts}`);
  const placeOf = (id: string): number => shelf.paints.findIndex((paint) => paint.id === id);
  const must = (limits.mustUse ?? []).map(placeOf);
  if (must.includes(-1)) throw new RangeError('a paint that must be used is not among the paints');
  if (must.length > mostPaints || must.length > mostParts) throw new RangeError('more paints must be used than a recipe holds');
  const never = new Set((limits.neverUse ?? []).map(placeOf));
  const allowed = shelf.paints.map((_, at) => at).filter((at) => !never.has(at) || must.includes(at));
  const search = new Search(shelf, target, mostPaints, mostParts, must, allowed);
  return search.run();
}

/** The smallest recipe that is nearly as good as the best: fewest paints, then fewest parts. */
export function preferRecipe(recipes: readonly Recipe[]): Recipe | null {
  const best = recipes.reduce((least, recipe) => Math.min(least, recipe.difference), Infinity);
  return (
    recipes
      .filter((recipe) => recipe.difference <= best + WORTH)
      .toSorted((a, b) => a.parts.length - b.parts.length || a.totalParts - b.totalParts || a.difference - b.difference)[0] ?? null
  );
}

interface Found {
  readonly paints: readonly number[];
  readonly parts: readonly number[];
  readonly total: number;
  readonly lab: Lab;
  readonly difference: number;
}

class Search {
  private readonly mixer: Mixer;
  private metric: Metric;
  private readonly out = new Float64Array(3);
  private readonly slopes = new Float64Array(3 * MOST_PAINTS);
  /** by paints, then by parts */
  private readonly seen = new Map<number, Map<number, Found>>();
  /** least difference found with each number of paints */
  private readonly leastOf = new Float64Array(MOST_PAINTS + 1).fill(Infinity);

  constructor(
    private readonly shelf: RecipeShelf,
    private readonly target: Lab,
    private readonly mostPaints: number,
    private readonly mostParts: number,
    private readonly must: readonly number[],
    private readonly allowed: readonly number[],
  ) {
    this.mixer = shelf.mixer;
    this.metric = localMetric(target);
  }

  run(): Recipe[] {
    if (this.allowed.length === 0) return [];
    let sets = this.fewPaints();
    const least = this.leastUpTo(this.mostPaints);
    if (least > FAR) {
      this.metric = localMetric(this.target, least);
      sets = this.fewPaints();
    }
    if (this.mostPaints === MOST_PAINTS) this.roundBest(this.withFourth(sets));
    this.climbBest();
    return this.unbeaten();
  }

  /** Sets of up to three paints from the table, with their best amounts; whole recipes of them are judged. */
  private fewPaints(): RefinedSet[] {
    const starts = this.tableStarts();
    for (const start of starts) if (start.total <= this.mostParts) this.judge(start.paints, start.parts);
    const sets = starts.map((start) => refineSet(this.mixer, this.metric, this.target, start.paints, start.parts));
    this.roundBest(sets);
    return sets;
  }

  private roundBest(sets: readonly RefinedSet[]): void {
    const own = sets.filter((set) => this.holdsMust(set.paints)).toSorted((a, b) => a.square - b.square);
    for (const set of own.slice(0, ROUNDED_SETS)) this.round(set);
  }

  private climbBest(): void {
    const climbed = new Set<string>();
    for (const seed of this.all().toSorted((a, b) => a.difference - b.difference)) {
      if (climbed.size >= CLIMBED) break;
      // One seed a set of paints: neighbours in parts are climbed to anyway.
      const name = seed.paints.toString();
      if (climbed.has(name)) continue;
      climbed.add(name);
      this.climb(seed);
    }
  }

  /** Best sets of the table, with what must be used put in. */
  private tableStarts(): { paints: number[]; parts: number[]; total: number; square: number }[] {
    const { table } = this.shelf;
    const may = new Uint8Array(NONE + 1);
    for (const paint of this.allowed) may[paint] = 1;
    may[NONE] = 1;
    const bySet = new Map<number, { at: number; square: number }>();
    let bar = Infinity;
    const [tl, ta, tb] = this.target;
    const { labs, paints } = table;
    for (let at = 0; at < table.count * 3; at += 3) {
      if (!may[paints[at] as number] || !may[paints[at + 1] as number] || !may[paints[at + 2] as number]) continue;
      const square = metricSquare(this.metric, (labs[at] as number) - tl, (labs[at + 1] as number) - ta, (labs[at + 2] as number) - tb);
      if (square >= bar) continue;
      const key = ((paints[at] as number) * 256 + (paints[at + 1] as number)) * 256 + (paints[at + 2] as number);
      const known = bySet.get(key);
      if (known) {
        if (square < known.square) bySet.set(key, { at, square });
        continue;
      }
      bySet.set(key, { at, square });
      if (bySet.size >= 2 * KEPT_SETS) bar = dropWorst(bySet, KEPT_SETS);
    }
    dropWorst(bySet, KEPT_SETS);
    const starts = [...bySet.values()]
      .toSorted((a, b) => a.square - b.square)
      .map(({ at, square }) => {
        const chosen: number[] = [];
        const parts: number[] = [];
        for (let i = 0; i < 3; i += 1)
          if (paints[at + i] !== NONE) {
            chosen.push(paints[at + i] as number);
            parts.push(table.parts[at + i] as number);
          }
        return { paints: chosen, parts, total: parts.reduce((sum, value) => sum + value, 0), square };
      });
    if (this.must.length === 0) return starts.filter((start) => start.paints.length <= this.mostPaints);
    const withMust = [{ paints: [], parts: [], total: 0, square: Infinity }, ...starts].map((start) => {
      const missing = this.must.filter((paint) => !start.paints.includes(paint as never));
      const chosen: number[] = [...start.paints, ...missing];
      const parts: number[] = [...start.parts, ...missing.map(() => 1)];
      return { paints: chosen, parts, total: parts.reduce((sum, value) => sum + value, 0), square: start.square };
    });
    return withMust.filter((start) => start.paints.length <= this.mostPaints);
  }

  /** The best triples with every other paint. */
  private withFourth(sets: readonly RefinedSet[]): RefinedSet[] {
    const known = new Set(sets.map((set) => nameOf(set.paints)));
    const triples = sets.filter((set) => set.paints.length === 3).toSorted((a, b) => a.square - b.square);
    const found: RefinedSet[] = [];
    for (const triple of triples.slice(0, KEPT_TRIPLES))
      for (const paint of this.allowed) {
        if (triple.paints.includes(paint)) continue;
        const paints = [...triple.paints, paint];
        const name = nameOf(paints);
        if (known.has(name)) continue;
        known.add(name);
        const start = [...triple.weights].map((weight) => weight * (1 - NEW_SHARE));
        const set = refineSet(this.mixer, this.metric, this.target, paints, [...start, NEW_SHARE], QUAD_TURNS);
        if (set.paints.length === MOST_PAINTS && Math.min(...set.weights) * this.mostParts < LEAST_PART) continue;
        found.push(set);
      }
    return found;
  }

  private holdsMust(paints: readonly number[]): boolean {
    return this.must.every((paint) => paints.includes(paint));
  }

  /** Whole parts around the best amounts: for every total, each amount rounded down or up. */
  private round({ paints, weights, miss, slopes }: RefinedSet): void {
    const size = paints.length;
    const parts = new Array<number>(size).fill(0);
    for (let total = size; total <= this.mostParts; total += 1)
      for (let mask = 0; mask < 1 << size; mask += 1) {
        let sum = 0;
        let isWhole = true;
        for (let i = 0; i < size; i += 1) {
          const floor = Math.floor((weights[i] as number) * total);
          const value = floor + ((mask >> i) & 1);
          parts[i] = value;
          sum += value;
          if (value === 0) isWhole = false;
        }
        if (!isWhole || sum !== total) continue;
        let dl = miss[0] as number;
        let da = miss[1] as number;
        let db = miss[2] as number;
        for (let i = 0; i < size; i += 1) {
          const off = (parts[i] as number) / total - (weights[i] as number);
          dl += off * (slopes[3 * i] as number);
          da += off * (slopes[3 * i + 1] as number);
          db += off * (slopes[3 * i + 2] as number);
        }
        const guess = Math.sqrt(Math.max(0, metricSquare(this.metric, dl, da, db)));
        // The straight line errs by some tenths; a recipe with more paints must beat those with fewer.
        if (guess > this.leastUpTo(size) + 0.4) continue;
        this.judge(paints, parts);
      }
  }

  private leastUpTo(size: number): number {
    let least = Infinity;
    for (let i = 1; i <= size; i += 1) least = Math.min(least, this.leastOf[i] as number);
    return least;
  }

  /** The exact difference of a recipe in its smallest parts; kept once. */
  private judge(givenPaints: readonly number[], givenParts: readonly number[]): Found | null {
    const size = givenPaints.length;
    let divisor = 0;
    for (let i = 0; i < size; i += 1) divisor = commonDivisor(givenParts[i] as number, divisor);
    // Sorted by insertion: there are at most four.
    const paints: number[] = [];
    const parts: number[] = [];
    let total = 0;
    for (let i = 0; i < size; i += 1) {
      const paint = givenPaints[i] as number;
      const amount = (givenParts[i] as number) / divisor;
      total += amount;
      let at = paints.length;
      while (at > 0 && (paints[at - 1] as number) > paint) at -= 1;
      paints.splice(at, 0, paint);
      parts.splice(at, 0, amount);
    }
    if (total > this.mostParts || !this.holdsMust(paints)) return null;
    const paintsKey = paints.reduce((key, paint) => key * 256 + paint + 1, 0);
    const partsKey = parts.reduce((key, amount) => key * (MOST_PARTS + 1) + amount, 0);
    let ofPaints = this.seen.get(paintsKey);
    if (!ofPaints) this.seen.set(paintsKey, (ofPaints = new Map()));
    const known = ofPaints.get(partsKey);
    if (known) return known;
    this.mixer.lab(paints, parts, size, this.out);
    const lab: Lab = [this.out[0] as number, this.out[1] as number, this.out[2] as number];
    const found = { paints, parts, total, lab, difference: difference(lab, this.target) };
    ofPaints.set(partsKey, found);
    if (found.difference < (this.leastOf[size] as number)) this.leastOf[size] = found.difference;
    return found;
  }

  /**
   * Improves a recipe while that helps: changes the parts of all paints at once by small steps, also in multiples of the recipe, and adds
   * one part of a new paint, which replaces another part when all parts are given out.
   */
  private climb(from: Found): void {
    let here = from;
    for (;;) {
      let best = here;
      const consider = (paints: readonly number[], parts: readonly number[]): void => {
        const found = this.judge(paints, parts);
        if (found && found.difference < best.difference - 1e-9) best = found;
      };
      for (let times = 1; times * here.total <= this.mostParts; times += 1) {
        const parts = here.parts.map((value) => value * times);
        this.around(here.paints, parts, () => best.difference, consider);
        if (here.paints.length === this.mostPaints) continue;
        for (const paint of this.allowed) {
          if (here.paints.includes(paint)) continue;
          if (times * here.total < this.mostParts) consider([...here.paints, paint], [...parts, 1]);
          // Where all parts are given out, the only way in is the place of a part of another.
          else
            parts.forEach((value, at) => {
              if (value > 1) consider([...here.paints, paint], [...parts.with(at, value - 1), 1]);
            });
        }
      }
      if (best === here) return;
      here = best;
    }
  }

  /** All amounts up to some parts off, foretold by slopes and judged where they promise something. */
  private around(
    paints: readonly number[],
    parts: readonly number[],
    bar: () => number,
    consider: (paints: readonly number[], parts: readonly number[]) => void,
  ): void {
    const size = parts.length;
    const { slopes, out, target, metric } = this;
    this.mixer.labAndSlopes(paints, parts, size, out, slopes);
    const miss = [(out[0] as number) - target[0], (out[1] as number) - target[1], (out[2] as number) - target[2]] as const;
    const isForetold = parts.reduce((sum, value) => sum + value, 0) >= FEW_PARTS;
    const off = new Array<number>(size).fill(-REACH);
    for (;;) {
      let total = 0;
      let left = 0;
      let dl = miss[0];
      let da = miss[1];
      let db = miss[2];
      for (let i = 0; i < size; i += 1) {
        const change = off[i] as number;
        const amount = (parts[i] as number) + change;
        if (amount > 0) {
          left += 1;
          total += amount;
        }
        const counted = amount > 0 ? change : -(parts[i] as number);
        dl += counted * (slopes[3 * i] as number);
        da += counted * (slopes[3 * i + 1] as number);
        db += counted * (slopes[3 * i + 2] as number);
      }
      if (
        left > 0 &&
        total <= this.mostParts &&
        (!isForetold || Math.sqrt(Math.max(0, metricSquare(metric, dl, da, db))) <= SLACK_SHARE * bar() + SLACK)
      ) {
        const kept: number[] = [];
        const amounts: number[] = [];
        for (let i = 0; i < size; i += 1) {
          const amount = (parts[i] as number) + (off[i] as number);
          if (amount <= 0) continue;
          kept.push(paints[i] as number);
          amounts.push(amount);
        }
        consider(kept, amounts);
      }
      let at = 0;
      while (at < size && off[at] === REACH) off[at++] = -REACH;
      if (at === size) return;
      off[at] = (off[at] as number) + 1;
    }
  }

  private all(): Found[] {
    return [...this.seen.values()].flatMap((ofPaints) => [...ofPaints.values()]);
  }

  private unbeaten(): Recipe[] {
    const all = this.all().toSorted((a, b) => a.difference - b.difference || a.total - b.total);
    const kept: Found[] = [];
    for (const found of all)
      if (!kept.some((other) => other.paints.length <= found.paints.length && other.total <= found.total)) kept.push(found);
    return kept.map(({ paints, parts, total, lab, difference: value }) => ({
      parts: paints
        .map((paint, at) => ({ paintId: this.shelf.paints[paint]?.id ?? '', parts: parts[at] as number }))
        .toSorted((a, b) => b.parts - a.parts),
      totalParts: total,
      lab,
      difference: value,
    }));
  }
}

function nameOf(paints: readonly number[]): string {
  return paints.toSorted((a, b) => a - b).toString();
}

/** Keeps the best sets; gives what the worst of them measures. */
function dropWorst(bySet: Map<number, { at: number; square: number }>, keep: number): number {
  if (bySet.size <= keep) return Infinity;
  const ordered = [...bySet].toSorted((a, b) => a[1].square - b[1].square);
  for (const [key] of ordered.slice(keep)) bySet.delete(key);
  return ordered[keep - 1]?.[1].square ?? Infinity;
}
