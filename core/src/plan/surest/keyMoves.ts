import type { RandomSource } from '../../random/seededRandom';
import { randomIndex } from '../../random/seededRandom';
import { ladderChains } from '../problem/ladderChains';
import type { PreparedProblem } from '../problem/preparedProblem';
import type { TaskGroups } from '../problem/taskGroups';

/** How often a step moves a prop, a ladder, or rungs beside their family, and how often else single rungs; tried on random shops and the demo. */
const WHOLE_PROP = 0.12;
const WHOLE_LADDER = 0.25;
const BESIDE_FAMILY = 0.15;
/** The most rungs that are moved by themselves in one step. */
const MOST_RUNGS = 3;
/** How far a prop or a ladder is moved, as a share of all rungs. */
const FAR = 0.5;

/** Makes small changes to the keys an order is read from: the least key goes first. */
export class KeyMoves {
  private readonly movable: readonly number[];
  private readonly chains: readonly number[];
  private readonly families: ReadonlyMap<number, readonly number[]>;

  constructor(
    prepared: PreparedProblem,
    private readonly groups: TaskGroups,
    private readonly random: RandomSource,
  ) {
    this.movable = prepared.tasks.flatMap((task, index) => (task.fixed ? [] : [index]));
    this.chains = ladderChains(prepared);
    this.families = new Map(
      [...prepared.ofFamily.values()].filter((list) => list.length > 1).flatMap((list) => list.map((index) => [index, list] as const)),
    );
  }

  /** Whether there is anything to move at all. */
  get isFixed(): boolean {
    return this.movable.length < 2;
  }

  /** Keys a step away. */
  step(keys: Float64Array): Float64Array {
    const next = Float64Array.from(keys);
    const { random, movable, groups } = this;
    const index = this.anyMovable();
    const choice = random();
    if (choice < WHOLE_PROP && groups.due.length > 1) this.shift(next, groups.of, index);
    else if (choice < WHOLE_PROP + WHOLE_LADDER) this.shift(next, this.chains, index);
    else if (choice < WHOLE_PROP + WHOLE_LADDER + BESIDE_FAMILY && this.families.has(index)) this.joinFamily(next, index);
    else {
      const count = 1 + randomIndex(random, MOST_RUNGS);
      for (let nth = 0; nth < count; nth += 1) {
        const other = movable[randomIndex(random, movable.length)] ?? 0;
        next[this.anyMovable()] = (keys[other] ?? 0) + random() - 0.5;
      }
    }
    return next;
  }

  private shift(next: Float64Array, of: readonly number[], index: number): void {
    const by = FAR * next.length * (2 * this.random() - 1) * this.random();
    for (const other of this.movable) if (of[other] === of[index]) next[other] = (next[other] ?? 0) + by;
  }

  private joinFamily(next: Float64Array, index: number): void {
    const family = this.families.get(index) ?? [];
    const mate = family[randomIndex(this.random, family.length)] ?? index;
    next[index] = (next[mate] ?? 0) + (this.random() - 0.5) / 4;
  }

  private anyMovable(): number {
    return this.movable[randomIndex(this.random, this.movable.length)] ?? 0;
  }
}
