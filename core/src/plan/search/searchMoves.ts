import type { RandomSource } from '../../random/seededRandom';
import { randomIndex } from '../../random/seededRandom';
import { ladderChains } from '../problem/ladderChains';
import type { PlanGenes } from '../place/placeInOrder';
import { arcSpans } from '../problem/preparedProblem';
import type { PreparedProblem } from '../problem/preparedProblem';
import type { Placement, Plan } from '../problem/problem';
import { findTaskGroups } from '../problem/taskGroups';
import type { TaskGroups } from '../problem/taskGroups';

/** How often a step moves a whole ladder; tried on the bench's instances and the demo. */
const WHOLE_LADDER = 0.08;

/** Where there are several props, how often the end of one of them is looked at, not the end of all. */
const ONE_PROP = 0.7;

/** A plan with the genes it was decoded from. */
export interface DecodedPlan {
  readonly genes: PlanGenes;
  readonly plan: Plan;
}

/** What held a task where it is. */
interface Blocker {
  readonly task: number;
  readonly blockedBy: number;
  readonly isPredecessor: boolean;
}

/** Makes small changes to the genes of a plan, most of them where its end is decided. */
export class MoveMaker {
  private readonly indexOf: ReadonlyMap<string, number>;
  private readonly familyTasks: readonly (readonly number[])[];
  private readonly twoPieceArcs: readonly number[];
  /** tasks after which a window closes */
  private readonly opensWindow: readonly number[];
  private readonly movable: readonly number[];
  private readonly chains: readonly number[];
  private readonly groups: TaskGroups;

  constructor(
    private readonly prepared: PreparedProblem,
    private readonly random: RandomSource,
  ) {
    this.indexOf = new Map(prepared.tasks.map((task, index) => [task.id, index]));
    const byFamily = new Map<string, number[]>();
    prepared.tasks.forEach((task, index) => {
      if (task.familyId === null || task.fixed) return;
      const list = byFamily.get(task.familyId);
      if (list) list.push(index);
      else byFamily.set(task.familyId, [index]);
    });
    this.familyTasks = [...byFamily.values()].filter((list) => list.length > 1);
    this.twoPieceArcs = prepared.arcs.filter((arc) => arc.pieces.length > 1).map((arc) => arc.index);
    this.opensWindow = [
      ...new Set(prepared.arcs.filter((arc) => arc.pieces[0]?.hi != null && !prepared.tasks[arc.from]?.fixed).map((arc) => arc.from)),
    ];
    this.chains = ladderChains(prepared);
    this.groups = findTaskGroups(prepared.tasks);
    this.movable = prepared.tasks.flatMap((task, index) => (task.fixed ? [] : [index]));
  }

  /** Genes a step away from those of a plan. */
  step({ genes, plan }: DecodedPlan): PlanGenes {
    const placed = this.placedByIndex(plan);
    if (this.random() < WHOLE_LADDER) return this.wholeLadder(genes, placed);
    const choice = this.random();
    if (choice < 0.3) return this.forward(genes, placed);
    if (choice < 0.6 && this.familyTasks.length > 0) return this.joinSession(genes, placed);
    if (choice < 0.66 && (genes.notBefore?.size ?? 0) > 0) return this.forgetWait(genes);
    if (choice < 0.7 && this.twoPieceArcs.length > 0) return this.flipPiece(genes);
    if (choice < 0.74 && this.opensWindow.length > 0) return this.delay(genes, placed);
    if (choice < 0.85) return this.swapNear(genes, placed);
    return this.anywhere(genes);
  }

  private placedByIndex(plan: Plan): (Placement | undefined)[] {
    const placed = new Array<Placement | undefined>(this.prepared.tasks.length).fill(undefined);
    for (const placement of plan.placements) placed[this.indexOf.get(placement.taskId) ?? -1] = placement;
    return placed;
  }

  /** Moves a task of the critical chain before the task it waited for. */
  private forward(genes: PlanGenes, placed: readonly (Placement | undefined)[]): PlanGenes {
    const chain = this.criticalChain(placed).filter((link) => !link.isPredecessor);
    const link = chain[randomIndex(this.random, chain.length)];
    return link ? moveBefore(genes, link.task, link.blockedBy) : this.anywhere(genes);
  }

  /** Links from the last task back to the beginning: what each waited for. */
  private criticalChain(placed: readonly (Placement | undefined)[]): Blocker[] {
    const last = this.lastOfSome(placed);
    const links: Blocker[] = [];
    for (let at = last, turn = 0; at >= 0 && turn < this.movable.length; turn += 1) {
      const link = this.whatHeld(at, placed);
      if (!link) break;
      links.push(link);
      at = link.blockedBy;
    }
    return links;
  }

  private whatHeld(index: number, placed: readonly (Placement | undefined)[]): Blocker | null {
    const here = placed[index];
    if (!here) return null;
    const begins = here.start - here.setupMinutes;
    let latestReady = Number.NEGATIVE_INFINITY;
    let predecessor = -1;
    for (const arc of this.prepared.incoming[index] ?? []) {
      const from = placed[arc.from];
      if (!from) continue;
      const span = arcSpans(arc, from.end).findLast((entry) => entry.start <= here.start);
      if (span && span.start > latestReady) {
        latestReady = span.start;
        predecessor = arc.from;
      }
    }
    if (latestReady >= here.start - 1 && predecessor >= 0 && this.isMovable(predecessor))
      return { task: index, blockedBy: predecessor, isPredecessor: true };
    // Something stood in the way between being ready and being begun: work that ended last before it, by hands or by window.
    const rivals: number[] = [];
    let nearest = -1;
    for (const other of this.movable) {
      const there = placed[other];
      if (!there || other === index || there.end > begins || there.end <= latestReady) continue;
      rivals.push(other);
      if (nearest < 0 || there.end > (placed[nearest]?.end ?? 0)) nearest = other;
    }
    const rival = this.random() < 0.5 ? nearest : (rivals[randomIndex(this.random, rivals.length)] ?? nearest);
    if (rival >= 0) return { task: index, blockedBy: rival, isPredecessor: false };
    return predecessor >= 0 && this.isMovable(predecessor) ? { task: index, blockedBy: predecessor, isPredecessor: true } : null;
  }

  private isMovable(index: number): boolean {
    return !this.prepared.tasks[index]?.fixed;
  }

  /** Work of one family is drawn together: the earlier waits for the later, so that one setup serves both. */
  private joinSession(genes: PlanGenes, placed: readonly (Placement | undefined)[]): PlanGenes {
    const family = this.familyTasks[randomIndex(this.random, this.familyTasks.length)] ?? [];
    const sorted = family.filter((index) => placed[index]).sort((a, b) => (placed[a]?.start ?? 0) - (placed[b]?.start ?? 0));
    const later = 1 + randomIndex(this.random, Math.max(1, sorted.length - 1));
    const second = sorted[later];
    const first = sorted[later - 1];
    const secondPlace = placed[second ?? -1];
    if (first === undefined || second === undefined || !secondPlace) return this.anywhere(genes);
    const together = moveBefore(genes, second, first, true);
    if (this.random() < 0.4) return together;
    const notBefore = new Map(genes.notBefore);
    notBefore.set(first, secondPlace.start - (this.prepared.tasks[first]?.minutes ?? 0));
    return { ...together, notBefore };
  }

  private forgetWait(genes: PlanGenes): PlanGenes {
    const keys = [...(genes.notBefore?.keys() ?? [])];
    const notBefore = new Map(genes.notBefore);
    notBefore.delete(keys[randomIndex(this.random, keys.length)] ?? -1);
    return { ...genes, notBefore };
  }

  /** What opens a window is begun later, so that what must follow in time can be somewhere else. */
  private delay(genes: PlanGenes, placed: readonly (Placement | undefined)[]): PlanGenes {
    const index = this.opensWindow[randomIndex(this.random, this.opensWindow.length)] ?? 0;
    const here = placed[index];
    if (!here) return this.anywhere(genes);
    // To where another task ends now, or a little further on.
    const other = placed[this.anyMovable()];
    const later =
      other && other.end > here.start && other.end < here.start + 2880 ? other.end : here.start + 1 + randomIndex(this.random, 120);
    return { ...genes, notBefore: new Map(genes.notBefore).set(index, later) };
  }

  private flipPiece(genes: PlanGenes): PlanGenes {
    const arc = this.twoPieceArcs[randomIndex(this.random, this.twoPieceArcs.length)] ?? -1;
    const latePieces = new Set(genes.latePieces);
    if (!latePieces.delete(arc)) latePieces.add(arc);
    return { ...genes, latePieces };
  }

  /** Two tasks that are done soon after each other change their order. */
  private swapNear(genes: PlanGenes, placed: readonly (Placement | undefined)[]): PlanGenes {
    const index = this.anyMovable();
    const here = placed[index];
    if (!here) return this.anywhere(genes);
    const near = this.movable.filter((other) => {
      const there = placed[other];
      return there !== undefined && there.start < here.start && here.start - there.start < 2880;
    });
    const other = near[randomIndex(this.random, near.length)];
    return other === undefined ? this.anywhere(genes) : moveBefore(genes, index, other);
  }

  /** A whole ladder comes sooner, or makes way: one rung at a time would have to get worse before it gets better. */
  private wholeLadder(genes: PlanGenes, placed: readonly (Placement | undefined)[]): PlanGenes {
    const member = this.random() < 0.5 ? this.lastOfSome(placed) : this.anyMovable();
    const chain = this.chains[member];
    const stretch = this.random() < 0.7 ? 0.2 + 0.7 * this.random() : 1 + this.random();
    const keyed = genes.order.map((index, place) => ({ index, key: this.chains[index] === chain ? place * stretch : place }));
    return { ...genes, order: keyed.sort((a, b) => a.key - b.key).map(({ index }) => index) };
  }

  /** The task that ends last, of all or of a prop: the cost counts when each prop is ready. */
  private lastOfSome(placed: readonly (Placement | undefined)[]): number {
    const { of, due } = this.groups;
    const some = due.length > 1 && this.random() < ONE_PROP ? of[this.anyMovable()] : undefined;
    let last = -1;
    for (const index of this.movable) {
      if (some !== undefined && of[index] !== some) continue;
      if (last < 0 || (placed[index]?.end ?? -1) > (placed[last]?.end ?? -1)) last = index;
    }
    return Math.max(last, 0);
  }

  private anywhere(genes: PlanGenes): PlanGenes {
    return moveBefore(genes, this.anyMovable(), this.anyMovable());
  }

  private anyMovable(): number {
    return this.movable[randomIndex(this.random, this.movable.length)] ?? 0;
  }
}

/** The same genes with one task right before (or after) another in the order. */
function moveBefore(genes: PlanGenes, task: number, target: number, isAfter = false): PlanGenes {
  if (task === target) return genes;
  const order = genes.order.filter((index) => index !== task);
  order.splice(order.indexOf(target) + (isAfter ? 1 : 0), 0, task);
  return { ...genes, order };
}
