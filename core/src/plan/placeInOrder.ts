import { minuteAfter } from '../cure/clockTable';
import type { PieceChoice, PlaceAnswer } from './placeTask';
import { findPlace } from './placeTask';
import type { PreparedProblem } from './preparedProblem';
import { allowedStart, leastEndFor } from './preparedProblem';
import type { Certificate, Placement, Plan } from './problem';
import { UsageProfile } from './usageProfile';

/** How often one task may be taken up again before its cluster is called impossible. */
const MOST_RETRIES = 400;
/** Steps by which a predecessor worked in stretches is moved on; its end does not follow its start evenly, a long step would overshoot. */
const SPLIT_STEP_MINUTES = 5;

/**
 * Serial generation with gap insertion: tasks are placed in the given order, predecessors pulled in first, each as early as it fits.
 * Where a successor would miss a window that closes, its predecessor is moved later and both are placed again; constraints are monotone,
 * so this reaches the least placement of the two around what is placed. A window that opens again is tried both ways and the sooner wins.
 *
 * @param order task indices, any permutation
 */
export function placeInOrder(prepared: PreparedProblem, order: readonly number[]): Plan {
  return new Decoder(prepared, order).run();
}

class Decoder {
  private readonly placements: (Placement | undefined)[];
  private readonly holdEnds: (readonly number[] | undefined)[];
  private readonly profiles: UsageProfile[];
  private readonly lowerBound: number[];
  private readonly retries: number[];
  private readonly failed: (Certificate | undefined)[];
  private readonly pieces = new Map<number, 'early' | 'late'>();
  private readonly lateStart = new Map<number, number>();

  constructor(
    private readonly prepared: PreparedProblem,
    private readonly order: readonly number[],
  ) {
    const count = prepared.tasks.length;
    this.placements = new Array<Placement | undefined>(count).fill(undefined);
    this.holdEnds = new Array<readonly number[] | undefined>(count).fill(undefined);
    this.failed = new Array<Certificate | undefined>(count).fill(undefined);
    this.retries = new Array<number>(count).fill(0);
    this.lowerBound = prepared.tasks.map((task) =>
      Math.max(prepared.problem.fromMinute, task.notBeforeMinute ?? prepared.problem.fromMinute),
    );
    this.profiles = prepared.problem.resources.map((resource) => new UsageProfile(resource.capacity));
  }

  run(): Plan {
    this.settleFacts();
    // Placing one task can take another out again, so the list is walked until nothing is open.
    for (let isOpen = true; isOpen;) {
      isOpen = false;
      for (const index of this.order) {
        if (this.isSettled(index)) continue;
        this.place(index);
        isOpen = true;
      }
    }
    const placements = this.placements.filter((placement) => placement !== undefined);
    const unplaced = this.failed.filter((certificate) => certificate !== undefined);
    return { placements, unplaced };
  }

  private isSettled(index: number): boolean {
    return this.placements[index] !== undefined || this.failed[index] !== undefined;
  }

  private settleFacts(): void {
    this.prepared.tasks.forEach((task, index) => {
      if (!task.fixed) return;
      const { start, end } = task.fixed;
      const holdEnds = task.holds.map((hold) => {
        const clock = this.prepared.clocks.get(hold.clockId);
        return clock ? Math.ceil(Math.min(minuteAfter(clock, end, hold.progress), this.prepared.problem.horizonMinute)) : end;
      });
      this.keep(index, { taskId: task.id, start, end, chunks: [{ start, end }] }, holdEnds);
    });
  }

  /** Places a task after its predecessors; walks its own stack, ladders may be long. */
  private place(target: number): void {
    const stack = [target];
    for (let index = stack.at(-1); index !== undefined; index = stack.at(-1)) {
      if (this.isSettled(index)) {
        stack.pop();
        continue;
      }
      const missing = this.prepared.incoming[index]?.find((arc) => !this.isSettled(arc.from));
      if (missing) {
        stack.push(missing.from);
        continue;
      }
      stack.pop();
      const blocked = this.prepared.incoming[index]?.find((arc) => this.failed[arc.from]);
      if (blocked) this.fail(index, { kind: 'waitsFor', taskId: this.prepared.tasks[blocked.from]?.id ?? '' });
      else this.placeOne(index);
    }
  }

  private placeOne(index: number): void {
    const answer = findPlace(this.prepared, index, this.lowerBound[index] ?? 0, this.placements, this.profiles, this.pieces as PieceChoice);
    if (answer.kind === 'impossible') {
      this.fail(index, answer.cause);
      return;
    }
    if (answer.kind === 'pastWindow') {
      this.pushPredecessor(index, answer);
      return;
    }
    if (answer.latePieceOf !== null && this.tryEarly(answer.latePieceOf, answer.placement.start, index)) return;
    if (this.lateWouldBeSooner(index, answer.placement.start)) return;
    this.keep(index, answer.placement, answer.holdEnds);
  }

  /** A start in the late piece: before settling for it, see whether moving the predecessor reaches the early one sooner. */
  private tryEarly(arcIndex: number, lateStart: number, index: number): boolean {
    const arc = this.prepared.arcs[arcIndex];
    if (!arc || this.pieces.has(arcIndex) || this.prepared.tasks[arc.from]?.fixed) return false;
    this.pieces.set(arcIndex, 'early');
    this.lateStart.set(arcIndex, lateStart);
    this.placeOne(index);
    return true;
  }

  private lateWouldBeSooner(index: number, start: number): boolean {
    for (const arc of this.prepared.incoming[index] ?? []) {
      if (this.pieces.get(arc.index) === 'early' && start > (this.lateStart.get(arc.index) ?? Infinity)) {
        this.settleForLate(arc.index);
        return true;
      }
    }
    return false;
  }

  private settleForLate(arcIndex: number): void {
    const arc = this.prepared.arcs[arcIndex];
    if (!arc) return;
    this.pieces.set(arcIndex, 'late');
    const from = this.prepared.tasks[arc.from];
    this.lowerBound[arc.from] = Math.max(this.prepared.problem.fromMinute, from?.notBeforeMinute ?? this.prepared.problem.fromMinute);
    this.retries[arc.to] = 0;
    this.takeOut(arc.from);
  }

  private pushPredecessor(index: number, answer: Extract<PlaceAnswer, { kind: 'pastWindow' }>): void {
    const arc = this.prepared.arcs[answer.arcIndex];
    const from = arc && this.placements[arc.from];
    if (!arc || !from) return;
    const tries = (this.retries[index] ?? 0) + 1;
    this.retries[index] = tries;
    const isEarlyTry = this.pieces.get(arc.index) === 'early' && arc.pieces.length > 1;
    const isFact = this.prepared.tasks[arc.from]?.fixed !== null;
    if (tries > MOST_RETRIES || isFact || (isEarlyTry && this.meetsRealWindow(arc.from))) {
      if (isEarlyTry && !isFact) this.settleForLate(arc.index);
      else this.failWindow(index, answer.start, arc.index);
      return;
    }
    const lastPiece = isEarlyTry ? 0 : arc.pieces.length - 1;
    const wantedStart = this.reachableStart(index, answer.start);
    if (isEarlyTry && wantedStart > (this.lateStart.get(arc.index) ?? Infinity)) {
      this.settleForLate(arc.index);
      return;
    }
    const leastEnd = leastEndFor(arc, wantedStart, lastPiece);
    // A predecessor in stretches does not end its minutes after its start: step its start on until its end reaches far enough.
    const shift = Math.max(1, leastEnd - from.end);
    this.lowerBound[arc.from] = from.chunks.length > 1 ? from.start + Math.min(shift, SPLIT_STEP_MINUTES) : from.start + shift;
    this.takeOut(arc.from);
  }

  /** Whether a task stands in a closing window of a film that is already laid: it is not moved out of that for a later gain. */
  private meetsRealWindow(index: number): boolean {
    const placement = this.placements[index];
    return (this.prepared.incoming[index] ?? []).some((arc) => {
      const laid = this.prepared.tasks[arc.from]?.fixed;
      if (!placement || !laid || (arc.pieces[0]?.hi ?? null) === null) return false;
      return allowedStart(arc, laid.end, placement.start, false)?.start === placement.start;
    });
  }

  /** The start the task could have, were its closing windows not there. */
  private reachableStart(index: number, start: number): number {
    const task = this.prepared.tasks[index];
    const without: PreparedProblem = { ...this.prepared, incoming: this.prepared.incoming.map((arcs, at) => (at === index ? [] : arcs)) };
    const answer = task ? findPlace(without, index, start, this.placements, this.profiles, this.pieces as PieceChoice) : null;
    return answer?.kind === 'placed' ? answer.placement.start : start;
  }

  private failWindow(index: number, start: number, arcIndex: number): void {
    const arc = this.prepared.arcs[arcIndex];
    const from = arc && this.placements[arc.from];
    if (!arc || !from) return;
    const opening = allowedStart(arc, from.end, from.end, true);
    const hi = arc.pieces.at(-1)?.hi ?? 0;
    this.fail(index, {
      kind: 'windowCloses',
      fromTaskId: from.taskId,
      earliest: this.reachableStart(index, Math.max(start, opening?.start ?? start)),
      latest: Math.floor(minuteAfter(arc.clock, from.end, hi)),
      calendarId: this.prepared.tasks[index]?.calendarId ?? null,
    });
  }

  private fail(index: number, cause: Certificate['cause']): void {
    // Trying for an early window may have pushed the predecessor where nothing fits any more; the late window is still there.
    const early = [...(this.prepared.incoming[index] ?? []), ...(this.prepared.outgoing[index] ?? [])].find(
      (arc) => this.pieces.get(arc.index) === 'early',
    );
    if (early && cause.kind !== 'waitsFor') {
      this.settleForLate(early.index);
      return;
    }
    this.failed[index] = { taskId: this.prepared.tasks[index]?.id ?? '', cause };
  }

  private keep(index: number, placement: Placement, holdEnds: readonly number[]): void {
    this.placements[index] = placement;
    this.holdEnds[index] = holdEnds;
    this.use(index, placement, holdEnds, 1);
  }

  /** Takes a task and everything that follows it out again. */
  private takeOut(index: number): void {
    const stack = [index];
    for (let at = stack.pop(); at !== undefined; at = stack.pop()) {
      const placement = this.placements[at];
      if (this.prepared.tasks[at]?.fixed) continue;
      if (placement) this.use(at, placement, this.holdEnds[at] ?? [], -1);
      if (placement || this.failed[at]) for (const arc of this.prepared.outgoing[at] ?? []) stack.push(arc.to);
      this.placements[at] = undefined;
      this.failed[at] = undefined;
    }
  }

  private use(index: number, placement: Placement, holdEnds: readonly number[], sign: 1 | -1): void {
    const task = this.prepared.tasks[index];
    if (!task) return;
    for (const demand of task.demands) {
      const profile = this.profiles[this.prepared.resourceIndex.get(demand.resourceId) ?? -1];
      for (const chunk of placement.chunks) profile?.add(chunk.start, chunk.end, sign * demand.amount);
    }
    task.holds.forEach((hold, at) => {
      this.profiles[this.prepared.resourceIndex.get(hold.resourceId) ?? -1]?.add(
        placement.end,
        Math.max(placement.end + 1, holdEnds[at] ?? placement.end),
        sign * hold.amount,
      );
    });
  }
}
