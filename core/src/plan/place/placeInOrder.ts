import { closeOf } from '../problem/arcTimes';
import { PartialPlan } from './partialPlan';
import type { PlaceAnswer, PlaceOptions } from './placeTask';
import { findPlace } from './placeTask';
import type { PreparedArc, PreparedProblem } from '../problem/preparedProblem';
import { arcSpans, leastEndFor } from '../problem/preparedProblem';
import type { Certificate, Placement, Plan } from '../problem/problem';

/** How often one task may be taken up again before its cluster is called impossible. */
const MOST_RETRIES = 400;
/** Steps by which a predecessor worked in stretches is moved on; its end does not follow its start evenly, a long step would overshoot. */
const SPLIT_STEP_MINUTES = 5;
/** Placements for each task after which sessions are no longer shared: taking up and putting down must come to an end. */
const SHARING_ROUNDS = 40;

/** What a plan is decoded from. */
export interface PlanGenes {
  /** task indices, any permutation: predecessors are pulled in */
  readonly order: readonly number[];
  /** minutes before which a task is not started though it could be, by task index */
  readonly notBefore?: ReadonlyMap<number, number>;
  /** arcs (by index) for which the early piece is not tried for by moving their predecessor */
  readonly latePieces?: ReadonlySet<number>;
  /** true: work is taken as it comes, a session draws nothing in that is ready a little later */
  readonly takesAsItComes?: boolean;
}

/**
 * Serial generation with gap insertion: tasks are placed in the given order, predecessors pulled in first, each as early as it fits. When a
 * successor would miss a window that closes, its predecessor is moved later and both are placed again. Constraints only ever push later, so
 * this ends at the earliest placement of the two. A window that opens again is tried both ways and the sooner wins.
 *
 * Work of one family that follows closely shares a session, and its setup.
 */
export function placeInOrder(prepared: PreparedProblem, genes: PlanGenes): Plan {
  return new Decoder(prepared, genes).run();
}

class Decoder {
  private readonly partial: PartialPlan;
  private readonly firstBound: number[];
  private readonly lowerBound: number[];
  private readonly retries: number[];
  private readonly failed: (Certificate | undefined)[];
  private readonly pieces = new Map<number, 'early' | 'late'>();
  private readonly lateStart = new Map<number, number>();
  /** tasks that had a predecessor moved on for them, with the arc and what stood in the way at first */
  private readonly pushes = new Map<number, { readonly arc: PreparedArc; readonly cause: Certificate['cause'] }>();
  private placed = 0;

  constructor(
    private readonly prepared: PreparedProblem,
    private readonly genes: PlanGenes,
  ) {
    const { fromMinute } = prepared.problem;
    const count = prepared.tasks.length;
    this.partial = new PartialPlan(prepared);
    this.failed = new Array<Certificate | undefined>(count).fill(undefined);
    this.retries = new Array<number>(count).fill(0);
    this.firstBound = prepared.tasks.map((task, index) =>
      Math.max(fromMinute, task.notBeforeMinute ?? fromMinute, genes.notBefore?.get(index) ?? fromMinute),
    );
    // What must not be missed is not made to wait for anything.
    for (const index of prepared.first) this.firstBound[index] = Math.max(fromMinute, prepared.tasks[index]?.notBeforeMinute ?? fromMinute);
    this.lowerBound = [...this.firstBound];
    for (const arc of genes.latePieces ?? []) this.pieces.set(arc, 'late');
  }

  run(): Plan {
    this.settleFacts();
    // What is in hand goes on, and what a laid film waits for in a window that will close is not missed, whatever the order says.
    for (const index of this.prepared.first) this.place(index);
    // Placing one task can take another out again, so the list is walked until nothing is open.
    for (let isOpen = true; isOpen;) {
      isOpen = false;
      for (const index of this.genes.order) {
        if (this.isSettled(index)) continue;
        this.place(index);
        if (this.partial.placements[index]?.setupMinutes && !this.genes.takesAsItComes) this.gatherSession(index);
        isOpen = true;
      }
    }
    const placements = this.partial.placements.filter((placement) => placement !== undefined);
    const unplaced = this.failed.filter((certificate) => certificate !== undefined);
    return { placements, unplaced };
  }

  private isSettled(index: number): boolean {
    return this.partial.placements[index] !== undefined || this.failed[index] !== undefined;
  }

  private settleFacts(): void {
    this.prepared.tasks.forEach((task, index) => {
      if (!task.fixed) return;
      const { start, end } = task.fixed;
      // What is locked ahead still has to be got ready for; what is done was.
      const setupMinutes = end > this.prepared.problem.fromMinute ? (this.prepared.toolOf[index]?.family.setupMinutes ?? 0) : 0;
      const placement = { taskId: task.id, start, end, setupMinutes, chunks: [{ start, end }] };
      this.partial.keep(index, placement, this.partial.holdEndsOf(index, end));
    });
  }

  /** Once a session is open, other work of its family that is ready continues in it, so that one setup serves all of it. */
  private gatherSession(opener: number): void {
    const loaded = this.prepared.toolOf[opener];
    if (!loaded) return;
    let last = this.partial.placements[opener]?.end ?? 0;
    for (const index of this.prepared.ofFamily.get(loaded.family.id) ?? []) {
      if (this.isSettled(index) || !this.isReady(index)) continue;
      const answer = findPlace(this.partial, index, this.lowerBound[index] ?? 0, this.options());
      if (answer.kind !== 'placed' || answer.latePieceOf !== null || answer.placement.setupMinutes > 0) continue;
      if (answer.placement.start < last || answer.placement.start - last > loaded.family.keepMinutes) continue;
      this.partial.keep(index, answer.placement, answer.holdEnds);
      this.placed += 1;
      last = answer.placement.end;
    }
  }

  private isReady(index: number): boolean {
    return (this.prepared.incoming[index] ?? []).every((arc) => this.partial.placements[arc.from] !== undefined);
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

  private options(): PlaceOptions {
    return { pieces: this.pieces, mayShare: this.placed < SHARING_ROUNDS * this.prepared.tasks.length };
  }

  private placeOne(index: number): void {
    const answer = findPlace(this.partial, index, this.lowerBound[index] ?? 0, this.options());
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
    this.partial.keep(index, answer.placement, answer.holdEnds);
    this.placed += 1;
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
    this.lowerBound[arc.from] = this.firstBound[arc.from] ?? 0;
    this.retries[arc.to] = 0;
    this.takeOut(arc.from);
  }

  private pushPredecessor(index: number, answer: Extract<PlaceAnswer, { kind: 'pastWindow' }>): void {
    const arc = this.prepared.arcs[answer.arcIndex];
    const from = arc && this.partial.placements[arc.from];
    if (!arc || !from) return;
    const tries = (this.retries[index] ?? 0) + 1;
    this.retries[index] = tries;
    if (tries === 1) this.pushes.set(index, { arc, cause: this.windowCause(index, answer.start, arc, from) });
    const isEarlyTry = this.pieces.get(arc.index) === 'early' && arc.pieces.length > 1;
    const isFact = this.prepared.tasks[arc.from]?.fixed !== null;
    if (tries > MOST_RETRIES || isFact || (isEarlyTry && this.meetsRealWindow(arc.from))) {
      if (isEarlyTry && !isFact) this.settleForLate(arc.index);
      else this.fail(index, this.pushes.get(index)?.cause ?? this.windowCause(index, answer.start, arc, from));
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
    const placement = this.partial.placements[index];
    return (this.prepared.incoming[index] ?? []).some((arc) => {
      const laid = this.prepared.tasks[arc.from]?.fixed;
      if (!placement || !laid || (arc.pieces[0]?.hi ?? null) === null) return false;
      const [span] = arcSpans(arc, laid.end);
      return span !== undefined && span.start <= placement.start && placement.start <= span.end;
    });
  }

  /** The start the task could have, were its closing windows not there. */
  private reachableStart(index: number, start: number): number {
    const answer = findPlace(this.partial, index, start, { ...this.options(), ignoresArcs: true });
    return answer.kind === 'placed' ? answer.placement.start : start;
  }

  private windowCause(index: number, start: number, arc: PreparedArc, from: Placement): Certificate['cause'] {
    const opening = arcSpans(arc, from.end)[0];
    const hi = arc.pieces.at(-1)?.hi ?? 0;
    return {
      kind: 'windowCloses',
      fromTaskId: from.taskId,
      earliest: this.reachableStart(index, Math.max(start, opening?.start ?? start)),
      latest: Math.floor(closeOf(arc, arc.clock, from.end, hi)),
      calendarId: this.prepared.tasks[index]?.calendarId ?? null,
    };
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
    if (cause.kind === 'beyondHorizon' && this.blamePush(index)) return;
    this.failed[index] = { taskId: this.prepared.tasks[index]?.id ?? '', cause };
  }

  /** What was moved past the end of time for another's window does not fail itself: the other does, and it goes back to where it was. */
  private blamePush(index: number): boolean {
    const above = this.ancestors(index);
    for (const [pusher, { arc, cause }] of this.pushes) {
      if (!above.has(arc.from) || pusher === index || (this.lowerBound[arc.from] ?? 0) <= (this.firstBound[arc.from] ?? 0)) continue;
      this.lowerBound[arc.from] = this.firstBound[arc.from] ?? 0;
      this.takeOut(arc.from);
      this.retries[pusher] = MOST_RETRIES;
      this.failed[pusher] = { taskId: this.prepared.tasks[pusher]?.id ?? '', cause };
      return true;
    }
    return false;
  }

  private ancestors(index: number): Set<number> {
    const above = new Set([index]);
    for (const at of above) for (const arc of this.prepared.incoming[at] ?? []) above.add(arc.from);
    return above;
  }

  /** Takes a task up again with everything that follows it, and what went on in its session and cannot stand alone. */
  private takeOut(index: number): void {
    const stack = [index];
    for (let at = stack.pop(); at !== undefined; at = stack.pop()) {
      if (this.prepared.tasks[at]?.fixed) continue;
      const wasPlaced = this.partial.placements[at] !== undefined;
      if (wasPlaced || this.failed[at]) for (const arc of this.prepared.outgoing[at] ?? []) stack.push(arc.to);
      const orphan = this.partial.takeUp(at);
      if (orphan !== null) stack.push(orphan);
      this.failed[at] = undefined;
    }
  }
}
