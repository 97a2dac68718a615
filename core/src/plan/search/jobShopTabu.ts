import type { RandomSource } from '../../random/seededRandom';
import { randomIndex, seededRandom } from '../../random/seededRandom';

/** One step of a job: which machine, for how long. */
export interface JobStep {
  readonly machine: number;
  readonly minutes: number;
}

/** A solution of a job-shop: starts by operation, operations numbered job after job. */
export interface JobShopState {
  readonly makespan: number;
  readonly starts: readonly number[];
  readonly iterations: number;
}

const TABU_TENURE = 8;
const STALL = 2500;
const ELITE = 5;

/**
 * Tabu search on the disjunctive graph of a classical job-shop: swaps at the borders of critical blocks (N5, Nowicki and Smutnicki 1996),
 * valued by the longest path through the swapped pair, tabu for eight moves, restarts from a pool of five after some random critical
 * swaps. Yields the best so far after every move; the same seed gives the same sequence.
 */
export function* searchJobShop(jobs: readonly (readonly JobStep[])[], seed: number): Generator<JobShopState, never> {
  const shop = new DisjunctiveGraph(jobs);
  const random = seededRandom(seed);
  shop.sequenceByWorkLeft();
  let current = shop.evaluate();
  let best = current;
  let bestStarts = shop.starts();
  let bestOrder = shop.copyOrder();
  const elite: { readonly makespan: number; readonly order: number[][] }[] = [];
  let tabu = new Map<number, number>();
  let stall = 0;
  for (let iteration = 1; ; iteration += 1) {
    const swaps = shop.criticalSwaps();
    let chosen: readonly [number, number] | null = null;
    let lowest = Infinity;
    for (const swap of swaps) {
      const value = shop.estimateSwap(swap[0], swap[1]);
      const isTabu = (tabu.get(swap[1] * shop.count + swap[0]) ?? 0) >= iteration;
      if ((!isTabu || value < best) && value < lowest) {
        lowest = value;
        chosen = swap;
      }
    }
    chosen ??= swaps[randomIndex(random, swaps.length)] ?? null;
    if (chosen) {
      shop.swap(chosen[0], chosen[1]);
      tabu.set(chosen[0] * shop.count + chosen[1], iteration + TABU_TENURE);
      current = shop.evaluate();
    }
    stall += 1;
    if (current < best) {
      best = current;
      bestStarts = shop.starts();
      bestOrder = shop.copyOrder();
      keepElite(elite, { makespan: best, order: bestOrder });
      stall = 0;
    }
    if (stall >= STALL || !chosen) {
      const from = elite[randomIndex(random, elite.length)]?.order ?? bestOrder;
      shop.restore(from);
      shop.evaluate();
      perturb(shop, random);
      current = shop.evaluate();
      tabu = new Map();
      stall = 0;
    }
    yield { makespan: best, starts: bestStarts, iterations: iteration };
  }
}

function keepElite(elite: { readonly makespan: number; readonly order: number[][] }[], found: (typeof elite)[number]): void {
  elite.unshift(found);
  if (elite.length > ELITE) elite.pop();
}

function perturb(shop: DisjunctiveGraph, random: RandomSource): void {
  for (let step = 3 + randomIndex(random, 6); step > 0; step -= 1) {
    const swaps = shop.criticalSwaps();
    const swap = swaps[randomIndex(random, swaps.length)];
    if (!swap) return;
    shop.swap(swap[0], swap[1]);
    shop.evaluate();
  }
}

/** Machine sequences with heads and tails of every operation. */
class DisjunctiveGraph {
  readonly count: number;
  private readonly minutes: Int32Array;
  private readonly machine: Int32Array;
  private readonly jobBefore: Int32Array;
  private readonly jobAfter: Int32Array;
  private readonly heads: Int32Array;
  private readonly tails: Int32Array;
  private readonly position: Int32Array;
  private readonly order: number[][] = [];
  private readonly open: Int32Array;
  private readonly queue: Int32Array;
  private makespan = 0;

  constructor(jobs: readonly (readonly JobStep[])[]) {
    const steps = jobs.flat();
    this.count = steps.length;
    this.minutes = Int32Array.from(steps, (step) => step.minutes);
    this.machine = Int32Array.from(steps, (step) => step.machine);
    this.jobBefore = new Int32Array(this.count).fill(-1);
    this.jobAfter = new Int32Array(this.count).fill(-1);
    let next = 0;
    for (const job of jobs) {
      job.forEach((_, step) => {
        if (step > 0) {
          this.jobBefore[next] = next - 1;
          this.jobAfter[next - 1] = next;
        }
        next += 1;
      });
    }
    this.heads = new Int32Array(this.count);
    this.tails = new Int32Array(this.count);
    this.position = new Int32Array(this.count);
    this.open = new Int32Array(this.count);
    this.queue = new Int32Array(this.count);
    for (let at = 0; at < this.count; at += 1) while (this.order.length <= this.of(this.machine, at)) this.order.push([]);
  }

  /** A first sequence: always the startable operation whose job has the most work left. */
  sequenceByWorkLeft(): void {
    const left = new Int32Array(this.count);
    for (let at = this.count - 1; at >= 0; at -= 1) left[at] = this.of(this.minutes, at) + this.after(this.jobAfter, at, left);
    const ready = Array.from({ length: this.count }, (_, at) => at).filter((at) => this.jobBefore[at] === -1);
    while (ready.length > 0) {
      ready.sort((a, b) => this.of(left, b) - this.of(left, a) || a - b);
      const at = ready.shift() ?? 0;
      this.order[this.of(this.machine, at)]?.push(at);
      const next = this.of(this.jobAfter, at);
      if (next >= 0) ready.push(next);
    }
    this.renumber();
  }

  copyOrder(): number[][] {
    return this.order.map((sequence) => [...sequence]);
  }

  restore(order: readonly (readonly number[])[]): void {
    order.forEach((sequence, machine) => {
      this.order[machine] = [...sequence];
    });
    this.renumber();
  }

  starts(): number[] {
    return [...this.heads];
  }

  /** Heads, tails and makespan of the present sequences. */
  evaluate(): number {
    const { queue, open, heads, tails } = this;
    let filled = 0;
    for (let at = 0; at < this.count; at += 1) {
      const waits = (this.of(this.jobBefore, at) >= 0 ? 1 : 0) + (this.machineBefore(at) >= 0 ? 1 : 0);
      open[at] = waits;
      if (waits === 0) queue[filled++] = at;
    }
    this.makespan = 0;
    for (let head = 0; head < filled; head += 1) {
      const at = this.of(queue, head);
      const before = this.machineBefore(at);
      const jobEnd = this.endOf(this.of(this.jobBefore, at));
      heads[at] = Math.max(jobEnd, this.endOf(before));
      this.makespan = Math.max(this.makespan, this.endOf(at));
      for (const next of [this.of(this.jobAfter, at), this.machineAfter(at)]) {
        if (next < 0) continue;
        open[next] = this.of(open, next) - 1;
        if (open[next] === 0) queue[filled++] = next;
      }
    }
    for (let head = filled - 1; head >= 0; head -= 1) {
      const at = this.of(queue, head);
      tails[at] = Math.max(this.tailFrom(this.of(this.jobAfter, at)), this.tailFrom(this.machineAfter(at)));
    }
    return this.makespan;
  }

  /** Neighbours in the machine order at the borders of the blocks of one critical path. */
  criticalSwaps(): (readonly [number, number])[] {
    const path: number[] = [];
    let at = -1;
    for (let index = 0; index < this.count; index += 1)
      if (this.of(this.heads, index) === 0 && this.of(this.minutes, index) + this.of(this.tails, index) === this.makespan) at = index;
    while (at >= 0) {
      path.push(at);
      const end = this.endOf(at);
      const tail = this.of(this.tails, at);
      const isNext = (next: number): boolean => next >= 0 && this.of(this.heads, next) === end && this.tailFrom(next) === tail;
      const onMachine = this.machineAfter(at);
      const onJob = this.of(this.jobAfter, at);
      at = isNext(onMachine) ? onMachine : isNext(onJob) ? onJob : -1;
    }
    const blocks: number[][] = [];
    for (const operation of path) {
      const block = blocks.at(-1);
      if (block && this.machine[block[0] ?? -1] === this.machine[operation]) block.push(operation);
      else blocks.push([operation]);
    }
    return blocks.flatMap((block, order) => {
      const [first, second] = block;
      const [beforeLast, last] = block.slice(-2);
      if (first === undefined || second === undefined || beforeLast === undefined || last === undefined) return [];
      // Within the first block only its end matters, within the last only its beginning.
      const atBegin = order > 0 || blocks.length === 1 ? [[first, second] as const] : [];
      const atEnd = order < blocks.length - 1 || blocks.length === 1 ? [[beforeLast, last] as const] : [];
      return block.length === 2 ? [[first, second] as const] : [...atBegin, ...atEnd];
    });
  }

  /** The longest path through a swapped pair of neighbours: a lower estimate of the makespan after the swap. */
  estimateSwap(first: number, second: number): number {
    const before = this.machineBefore(first);
    const after = this.machineAfter(second);
    const headSecond = Math.max(this.endOf(before), this.endOf(this.of(this.jobBefore, second)));
    const headFirst = Math.max(headSecond + this.of(this.minutes, second), this.endOf(this.of(this.jobBefore, first)));
    const tailFirst = this.of(this.minutes, first) + Math.max(this.tailFrom(after), this.tailFrom(this.of(this.jobAfter, first)));
    const tailSecond = this.of(this.minutes, second) + Math.max(tailFirst, this.tailFrom(this.of(this.jobAfter, second)));
    return Math.max(headFirst + tailFirst, headSecond + tailSecond);
  }

  /** Exchanges two neighbours on their machine. */
  swap(first: number, second: number): void {
    const sequence = this.order[this.of(this.machine, first)] ?? [];
    const at = this.of(this.position, first);
    sequence[at] = second;
    sequence[at + 1] = first;
    this.position[second] = at;
    this.position[first] = at + 1;
  }

  private renumber(): void {
    for (const sequence of this.order) sequence.forEach((operation, at) => (this.position[operation] = at));
  }

  private machineBefore(at: number): number {
    return this.order[this.of(this.machine, at)]?.[this.of(this.position, at) - 1] ?? -1;
  }

  private machineAfter(at: number): number {
    return this.order[this.of(this.machine, at)]?.[this.of(this.position, at) + 1] ?? -1;
  }

  private endOf(at: number): number {
    return at < 0 ? 0 : this.of(this.heads, at) + this.of(this.minutes, at);
  }

  private tailFrom(at: number): number {
    return at < 0 ? 0 : this.of(this.minutes, at) + this.of(this.tails, at);
  }

  private after(links: Int32Array, at: number, values: Int32Array): number {
    const next = this.of(links, at);
    return next < 0 ? 0 : this.of(values, next);
  }

  private of(values: Int32Array, at: number): number {
    return values[at] ?? 0;
  }
}
