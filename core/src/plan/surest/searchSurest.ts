import { seededRandom } from '../../random/seededRandom';
import type { DispatchDraw } from '../search/dispatchDraws';
import { placeInOrder } from '../place/placeInOrder';
import { dryPlan } from '../play/dryPlan';
import type { PlayOdds } from '../play/playOdds';
import { readPlayTables } from '../play/playTables';
import type { KeptStarts, PlanMeasure } from '../judge/planCost';
import { PlanMeter } from '../judge/planCost';
import type { PreparedProblem } from '../problem/preparedProblem';
import { priorityOrders } from '../search/priorityRules';
import type { Certificate, Plan } from '../problem/problem';
import { findTaskGroups } from '../problem/taskGroups';
import { UrgencyMeter } from '../search/urgency';
import { KeyMoves } from './keyMoves';
import type { TriedOrder } from './orderTrials';
import { OrderTrials } from './orderTrials';

/** How the surest order is searched for. */
export interface SurestOptions {
  readonly seed: number;
  readonly odds: PlayOdds;
  /** the plan before, where there is one */
  readonly keptStarts?: KeptStarts | null;
  /** plays the search may take; it ends by itself once they are used up */
  readonly mostPlays: number;
  /** the order before, by keys: it is begun from */
  readonly startKeys?: Float64Array;
}

/** What was tried with some groups let go. */
export interface SetTried {
  /** the groups of tasks that were put off, by index */
  readonly letGo: readonly number[];
  readonly tried: TriedOrder;
}

/** The surest order so far. */
export interface SurestState {
  readonly plan: Plan;
  readonly measure: PlanMeasure;
  readonly foundBy: string;
  /** plays so far */
  readonly rounds: number;
  /** the order: of what can be begun, the least key goes first */
  readonly keys: Float64Array;
  /** what it was worth over the deciding fortunes; greater is better */
  readonly worth: number;
  /** the best order for each set of groups let go, as far as they were tried */
  readonly sets: readonly SetTried[];
}

/** Common fortunes orders are compared on: so many at first, more with each cycle. */
const FIRST_FORTUNES = 8;
const MORE_FORTUNES = 4;
const MOST_FORTUNES = 32;
/** Fortunes that decide which of the best orders is taken. */
const DECIDING = 64;
/** In the end so many of the best are told apart by so many fortunes. */
const FINALISTS = 5;
const SETTLING = 256;
/** Of more tasks than this one order by rule is the first plan: several would take too long. */
const MOST_TRIED_FIRST = 500;
/** The best orders that are kept to go on from. */
const ELITES = 10;
/** Props that are let go one by one to begin with, sets of several besides, and the share of all plays they get together, beside the draws each begins with. */
const MOST_SINGLES = 6;
const MOST_PAIRS = 2;
const SHARE_FOR_SETS = 0.55;
/** Orders each set begins with: by latest starts, and as the best order so far with its props shifted against each other. */
const DRAWS_A_SET = 8;
const SHIFTS_A_SET = 8;
/** A prop that is not let go is pulled forward by up to this share of all rungs; tried on the demo and five shops made from it. */
const PULLED = 0.5;
/** Temperatures, in worth: 0.02 is a fiftieth of all dates. */
const HOT = 0.02;
const WARM = 0.008;
const COLD = 0.0005;
/** Steps of a cycle. */
const CYCLE_STEPS = 60;
/** The penalty for moving a rung that was planned for tonight; guessed. */
const MOVED = 0.002;
/** A date that is met less often than this is given up where sets to let go are made. */
const HOPELESS = 0.1;

/**
 * Searches for the order that keeps most dates, by playing it. Orders are never decoded: each candidate is played along time against common
 * fortunes and judged by what came of it. It begins once for each set of props let go, since no small change leads from one such choice to
 * another; each is annealed, and the rest of the time goes on from the best of all. Yields after every step; the same seed gives the same
 * orders on any machine.
 */
export function* searchSurest(prepared: PreparedProblem, options: SurestOptions): Generator<SurestState, SurestState> {
  const search = new SurestSearch(prepared, options);
  yield* search.run();
  return search.state();
}

class SurestSearch {
  private readonly tables;
  private readonly groups;
  private readonly trials: OrderTrials;
  private readonly moves: KeyMoves;
  private readonly meter: PlanMeter;
  private urgency: UrgencyMeter | null = null;
  private readonly random;
  private readonly skipped: Uint8Array;
  private reasons: readonly Certificate[] = [];
  private elites: TriedOrder[] = [];
  private sets: SetTried[] = [];
  private best: TriedOrder | null = null;
  private bestWorth = Number.NEGATIVE_INFINITY;
  private foundBy = '';
  private shown: Pick<SurestState, 'plan' | 'measure'> | null = null;
  private told: SurestState | null = null;

  constructor(
    private readonly prepared: PreparedProblem,
    private readonly options: SurestOptions,
  ) {
    this.tables = readPlayTables(prepared);
    this.groups = findTaskGroups(prepared.tasks);
    this.skipped = new Uint8Array(prepared.tasks.length);
    this.trials = new OrderTrials(this.tables, this.groups, options.odds, this.skipped);
    this.random = seededRandom(options.seed);
    this.moves = new KeyMoves(prepared, this.groups, this.random);
    this.meter = new PlanMeter(prepared, 'readyFirst', options.keptStarts ?? null);
  }

  state(): SurestState {
    const { best } = this;
    if (!best) throw new RangeError('nothing was searched yet');
    this.shown ??= this.show(best.keys);
    return (this.told = {
      ...this.shown,
      foundBy: this.foundBy,
      rounds: this.trials.plays,
      keys: best.keys,
      worth: this.bestWorth,
      sets: this.sets,
    });
  }

  /** Work with pauses; what was told last stands meanwhile. */
  private *paused<Result>(work: Generator<undefined, Result>): Generator<SurestState, Result> {
    for (let step = work.next(); ; step = work.next()) {
      if (step.done) return step.value;
      yield this.told ?? this.state();
    }
  }

  *run(): Generator<SurestState, void> {
    const orders = priorityOrders(this.prepared);
    const first = orders.next();
    if (first.done) return;
    const before = this.options.startKeys ?? this.beforeKeys();
    const firstKeys = before ?? this.keysOf(first.value.order);
    const firstRule = before ? 'as planned before' : first.value.rule;
    const isLarge = this.prepared.tasks.length > MOST_TRIED_FIRST;
    if (isLarge) {
      // One play of one order; what it has no place for is said to come too late until it is looked at more closely.
      this.best = { keys: firstKeys, scores: [], mean: 0, kept: 0 };
      this.foundBy = firstRule;
      this.shown = this.show(firstKeys, true);
      yield this.state();
      this.shown = null;
    }
    this.leaveOutImpossible(firstKeys);
    const rules = [first.value, ...orders];
    // The first plan is there at once: of the orders by rule the one that a single play likes best.
    const tried = (
      before || isLarge ? [{ rule: firstRule, keys: firstKeys }] : rules.map(({ rule, order }) => ({ rule, keys: this.keysOf(order) }))
    )
      .map(({ rule, keys }) => ({ rule, played: this.trials.once(keys, 0) }))
      .sort((a, b) => b.played.mean - a.played.mean);
    this.best = tried[0]?.played ?? null;
    this.foundBy = tried[0]?.rule ?? '';
    const begun = this.best?.keys;
    if (!begun) return;
    yield this.state();
    if (this.moves.isFixed) return;
    yield* this.decide(yield* this.paused(this.trials.trying(begun, 0, FIRST_FORTUNES)), this.foundBy);
    yield this.state();
    for (const { rule, order } of rules) {
      yield* this.decide(yield* this.paused(this.trials.trying(this.keysOf(order), 0, FIRST_FORTUNES)), rule);
      yield this.state();
    }
    yield* this.beginWithSets();
    yield* this.goOn();
    yield* this.settle();
  }

  /** A start for each set of dated props let go: none, each, and with the hopeless each of the others. */
  private *beginWithSets(): Generator<SurestState, void> {
    const dated = this.openDated();
    const singles = dated.length > 1 ? [[], ...dated.map((group) => [group])] : [[]];
    const budget = (SHARE_FOR_SETS * this.options.mostPlays) / (singles.length + (dated.length > 2 ? MOST_PAIRS : 0));
    // One after the other, so that there is something to tell of the first while the rest are not begun.
    for (const letGo of singles) {
      for (const start of yield* this.drawStart(letGo)) {
        yield* this.decide(start.tried, 'latest starts');
        yield this.state();
        yield* this.improveSet(start, budget);
      }
    }
    if (dated.length < 3) return;
    for (const letGo of this.pairs(dated)) for (const start of yield* this.drawStart(letGo)) yield* this.improveSet(start, budget);
  }

  /** The hopeless together, and with each of the others. */
  private pairs(dated: readonly number[]): number[][] {
    const hopeless = this.hopeless(dated);
    const more = dated.filter((group) => !hopeless.includes(group)).map((group) => [...hopeless, group].sort((a, b) => a - b));
    const wanted = hopeless.length === 0 ? [] : hopeless.length === 1 ? more : [hopeless, ...more];
    return wanted.filter((letGo) => letGo.length > 1 && letGo.length < dated.length).slice(0, MOST_PAIRS);
  }

  /** The best of some orders to begin a set with. */
  private *drawStart(letGo: readonly number[]): Generator<SurestState, SetTried[]> {
    let best: TriedOrder | null = null;
    for (const keys of this.startsOf(letGo)) {
      if (this.isOver()) break;
      const tried = yield* this.paused(this.trials.trying(keys, 0, FIRST_FORTUNES));
      if (tried && (!best || tried.mean > best.mean)) best = tried;
      yield this.state();
    }
    return best ? [{ letGo, tried: best }] : [];
  }

  private *startsOf(letGo: readonly number[]): Generator<Float64Array, void> {
    // What was found out about the order within each prop is not thrown away where another prop is let go.
    const known = this.best;
    if (known) for (let shift = 0; shift < SHIFTS_A_SET; shift += 1) yield this.shifted(known.keys, letGo, shift > 0);
    yield* this.byLatestStarts(letGo);
  }

  /** An order with what is let go behind all else and, where told, the other props pulled forward by chance. */
  private shifted(keys: Float64Array, letGo: readonly number[], isPulled: boolean): Float64Array {
    const { length } = keys;
    const by = this.groups.due.map((_, group) =>
      letGo.includes(group) ? length : isPulled ? -PULLED * length * this.random() * this.random() : 0,
    );
    return keys.map((key, index) => (this.prepared.tasks[index]?.fixed ? key : key + (by[this.groups.of[index] ?? 0] ?? 0)));
  }

  /** Orders by latest starts, with weights drawn by chance and the dates of what is let go put off. */
  private *byLatestStarts(letGo: readonly number[]): Generator<Float64Array, void> {
    // Not before it is asked for: the first plan waits for nothing it does not need.
    this.urgency ??= new UrgencyMeter(this.prepared);
    const { urgency } = this;
    const { fromMinute } = this.prepared.problem;
    const length = Math.max(1, (this.shown?.measure.readyMinute ?? urgency.guessedFinish) - fromMinute);
    for (let draw = 0; draw < DRAWS_A_SET; draw += 1) {
      const weights = drawWeights(draw, this.random);
      const finishes = this.groups.due.map((due, group) => Math.min(due, fromMinute + length) + (letGo.includes(group) ? length : 0));
      const urgencies = urgency.measure((index) => finishes[this.groups.of[index] ?? 0] ?? Infinity, length, weights, this.random);
      // Played along time, the latest starts are a dispatch by themselves.
      const keys = this.keysOf([...urgencies.keys()].sort((a, b) => (urgencies[b] ?? 0) - (urgencies[a] ?? 0)));
      // Every other time what is let go comes last whatever its latest start.
      if (draw % 2 === 1)
        for (const index of keys.keys()) if (letGo.includes(this.groups.of[index] ?? -1)) keys[index] = (keys[index] ?? 0) + keys.length;
      yield keys;
    }
  }

  private *improveSet({ letGo, tried }: SetTried, budget: number): Generator<SurestState, void> {
    const until = Math.min(this.options.mostPlays, this.trials.plays + budget);
    let top = tried;
    for (let fortunes = FIRST_FORTUNES; this.trials.plays < until; fortunes = Math.min(MOST_FORTUNES, fortunes + MORE_FORTUNES)) {
      top = yield* this.anneal(top, fortunes, HOT, until);
      yield* this.decide(top, 'search');
    }
    this.sets = [...this.sets, { letGo, tried: yield* this.paused(this.trials.extending(top, DECIDING)) }];
  }

  private *goOn(): Generator<SurestState, void> {
    for (let fortunes = FIRST_FORTUNES; !this.isOver(); fortunes = Math.min(MOST_FORTUNES, fortunes + MORE_FORTUNES)) {
      const elite = this.elites[this.random() < 0.5 ? 0 : Math.floor(this.random() * this.elites.length)] ?? this.best;
      if (!elite) return;
      const top = yield* this.anneal(elite, Math.max(fortunes, 2 * FIRST_FORTUNES), WARM, this.options.mostPlays);
      yield* this.decide(top, 'search');
    }
  }

  /** The best few are played once more, against many more fortunes: what won on few may have been lucky. */
  private *settle(): Generator<SurestState, void> {
    const all = [...new Map([...this.elites, ...this.sets.map((set) => set.tried)].map((tried) => [tried.keys, tried])).values()];
    const few = all.sort((a, b) => b.mean - a.mean).slice(0, FINALISTS);
    let best: TriedOrder | null = null;
    let worth = Number.NEGATIVE_INFINITY;
    for (const tried of few) {
      const whole = yield* this.paused(this.trials.extending(tried, SETTLING));
      yield this.state();
      const own = whole.mean - MOVED * this.movedBy(whole.keys);
      if (own <= worth) continue;
      best = whole;
      worth = own;
    }
    if (!best) return;
    if (best.keys !== this.best?.keys) this.shown = null;
    this.best = best;
    this.bestWorth = worth;
  }

  /** One cycle of annealing; its best order. */
  private *anneal(from: TriedOrder, fortunes: number, hot: number, until: number): Generator<SurestState, TriedOrder> {
    const whole = yield* this.paused(this.trials.extending(from, fortunes));
    const scores = whole.scores.slice(0, fortunes);
    let current: TriedOrder = { ...whole, scores, mean: scores.reduce((sum, score) => sum + score, 0) / fortunes };
    let top = current;
    for (let step = 0; step < CYCLE_STEPS && this.trials.plays < until; step += 1) {
      const heat = hot * (COLD / hot) ** (step / CYCLE_STEPS);
      const next = yield* this.paused(this.trials.trying(this.moves.step(current.keys), 0, fortunes, current, 3 * heat));
      if (next && (next.mean >= current.mean || this.random() < Math.exp((next.mean - current.mean) / heat))) current = next;
      if (current.mean > top.mean) top = current;
      yield this.state();
    }
    return top;
  }

  /** Plays a good order against the fortunes that decide, and keeps it among the best. */
  private *decide(tried: TriedOrder | null, by: string): Generator<SurestState, void> {
    if (!tried) return;
    const whole = yield* this.paused(this.trials.extending(tried, DECIDING));
    const worth = whole.mean - MOVED * this.movedBy(whole.keys);
    this.elites = [...this.elites, whole].sort((a, b) => b.mean - a.mean).slice(0, ELITES);
    if (worth <= this.bestWorth + 1e-9) return;
    this.best = whole;
    this.bestWorth = worth;
    this.foundBy = by;
    this.shown = null;
  }

  private movedBy(keys: Float64Array): number {
    return this.options.keptStarts ? this.show(keys).measure.moved : 0;
  }

  private isOver(): boolean {
    return this.trials.plays >= this.options.mostPlays;
  }

  /**
   * The plan an order makes; where it would miss a window or a locked time, the same order decoded.
   *
   * @param isHasty what has no place is not asked why
   */
  private show(keys: Float64Array, isHasty = false): Pick<SurestState, 'plan' | 'measure'> {
    let plan = dryPlan(this.trials.player, keys, this.skipped, this.reasons);
    const { missed } = this.trials.player;
    const isLockMoved = this.tables.locked.some((index) => {
      const fixed = this.prepared.tasks[index]?.fixed;
      return plan.placements.find((placement) => placement.taskId === this.prepared.tasks[index]?.id)?.start !== fixed?.start;
    });
    if (missed > 0 || isLockMoved || (!isHasty && plan.unplaced.length > this.reasons.length))
      plan = placeInOrder(this.prepared, { order: [...this.prepared.tasks.keys()].sort((a, b) => (keys[a] ?? 0) - (keys[b] ?? 0)) });
    return { plan, measure: this.meter.measure(plan) };
  }

  /** What no plan has a place for is left out of plays, with why. */
  private leaveOutImpossible(keys: Float64Array): void {
    const { player } = this.trials;
    player.play(keys, null);
    // A window that is only missed is scuffed in plays; the plan that is shown says that it has none.
    if (player.undone === 0) return;
    const order = [...this.prepared.tasks.keys()].sort((a, b) => (keys[a] ?? 0) - (keys[b] ?? 0));
    this.reasons = placeInOrder(this.prepared, { order }).unplaced;
    const without = new Set(this.reasons.map((reason) => reason.taskId));
    this.prepared.tasks.forEach((task, index) => (this.skipped[index] = without.has(task.id) ? 1 : 0));
  }

  private beforeKeys(): Float64Array | null {
    const { keptStarts } = this.options;
    if (!keptStarts || keptStarts.starts.size === 0) return null;
    const [base] = priorityOrders(this.prepared);
    const order = (base?.order ?? []).toSorted((a, b) => {
      const difference = (keptStarts.starts.get(a) ?? Infinity) - (keptStarts.starts.get(b) ?? Infinity);
      return Number.isNaN(difference) ? 0 : difference;
    });
    return this.keysOf(order);
  }

  /** Keys of an order; what is in hand and what must not be missed comes before all. */
  private keysOf(order: readonly number[]): Float64Array {
    const keys = new Float64Array(order.length);
    order.forEach((index, place) => (keys[index] = place));
    this.prepared.first.forEach((index, place) => (keys[index] = place - this.prepared.first.length - order.length));
    return keys;
  }

  private openDated(): number[] {
    const open = new Set<number>();
    this.prepared.tasks.forEach((_, index) => {
      if (!this.tables.isFact[index] && !this.skipped[index]) open.add(this.groups.of[index] ?? 0);
    });
    return [...open].filter((group) => Number.isFinite(this.groups.due[group])).slice(0, MOST_SINGLES);
  }

  /** Dates that the best order so far hardly ever keeps. */
  private hopeless(dated: readonly number[]): number[] {
    const { best } = this;
    if (!best) return [];
    const kept = new Map(dated.map((group) => [group, 0]));
    const plays = 32;
    for (let nth = 0; nth < plays; nth += 1) {
      this.trials.once(best.keys, nth);
      for (const group of dated)
        if ((this.trials.scorer.ready[group] ?? Infinity) <= (this.groups.due[group] ?? 0)) kept.set(group, (kept.get(group) ?? 0) + 1);
    }
    return dated.filter((group) => (kept.get(group) ?? 0) / plays < HOPELESS);
  }
}

function drawWeights(draw: number, random: () => number): DispatchDraw['weights'] {
  if (draw === 0) return { urgency: 1, setup: 6, scarcity: 0.12, noise: 0 };
  return { urgency: 0.2 * 20 ** random(), setup: 8 * random(), scarcity: 0.24 * random(), noise: 0.02 };
}
