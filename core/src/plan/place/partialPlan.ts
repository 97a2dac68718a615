import { minuteAfter } from '../../cure/clockTable';
import type { Interval } from '../../time/interval';
import { withoutIntervals } from '../../time/interval';
import type { PreparedProblem } from '../problem/preparedProblem';
import type { Placement } from '../problem/problem';
import { ToolTimeline } from './toolTimeline';
import { UsageProfile } from './usageProfile';

/** What is placed so far: placements, and how much of every resource and tool they use. */
export class PartialPlan {
  readonly placements: (Placement | undefined)[];
  readonly profiles: readonly UsageProfile[];
  readonly tools: readonly ToolTimeline[];
  private readonly holdEnds: (readonly number[] | undefined)[];
  /** when each thing is held in its place, by each of the works that leave it there; they may overlap */
  private readonly heldBy: Interval[][] = [];

  constructor(readonly prepared: PreparedProblem) {
    const { resources, tools, tasks } = prepared.problem;
    this.placements = new Array<Placement | undefined>(tasks.length).fill(undefined);
    this.holdEnds = new Array<readonly number[] | undefined>(tasks.length).fill(undefined);
    this.profiles = resources.map((resource, index) => new UsageProfile(resource.capacity, prepared.openOf[index]));
    this.tools = tools.map((tool) => new ToolTimeline(tool));
  }

  /** Puts a task down. */
  keep(index: number, placement: Placement, holdEnds: readonly number[]): void {
    this.placements[index] = placement;
    this.holdEnds[index] = holdEnds;
    this.use(index, placement, holdEnds, 1);
    const loaded = this.prepared.toolOf[index];
    if (loaded) this.tools[loaded.tool]?.add(index, loaded.family, placement.setupMinutes, placement.start, placement.end);
  }

  /** Takes a task up again. Returns a task that went on in its session and cannot stand alone, or null. */
  takeUp(index: number): number | null {
    const placement = this.placements[index];
    if (!placement) return null;
    this.use(index, placement, this.holdEnds[index] ?? [], -1);
    this.placements[index] = undefined;
    this.holdEnds[index] = undefined;
    const loaded = this.prepared.toolOf[index];
    return loaded ? (this.tools[loaded.tool]?.remove(index) ?? null) : null;
  }

  /** When the places a task holds from `end` on are given back, minutes, one for each hold. */
  holdEndsOf(index: number, end: number): number[] {
    const { tasks, clocks, problem } = this.prepared;
    return (tasks[index]?.holds ?? []).map(({ clockId, progress }) => {
      const clock = clocks.get(clockId);
      return clock ? Math.ceil(Math.min(minuteAfter(clock, end, progress), problem.horizonMinute)) : end;
    });
  }

  private use(index: number, placement: Placement, holdEnds: readonly number[], sign: 1 | -1): void {
    const task = this.prepared.tasks[index];
    if (!task) return;
    for (const demand of this.prepared.demands[index] ?? []) {
      const profile = this.profiles[demand.resource];
      const amount = sign * demand.amount;
      if (placement.setupMinutes > 0) profile?.add(placement.start - placement.setupMinutes, placement.start, amount);
      for (const chunk of placement.chunks) profile?.add(chunk.start, chunk.end, amount);
    }
    const doer = placement.doerId === undefined ? undefined : this.profiles[this.prepared.resourceIndex.get(placement.doerId) ?? -1];
    if (placement.setupMinutes > 0) doer?.add(placement.start - placement.setupMinutes, placement.start, sign);
    for (const chunk of placement.chunks) doer?.add(chunk.start, chunk.end, sign);
    task.holds.forEach((hold, at) => {
      const profile = this.profiles[this.prepared.resourceIndex.get(hold.resourceId) ?? -1];
      const span = { start: placement.end, end: Math.max(placement.end + 1, holdEnds[at] ?? placement.end) };
      const owner = this.prepared.holdOwners[index]?.[at] ?? -1;
      const held = owner < 0 ? undefined : (this.heldBy[owner] ??= []);
      if (sign < 0 && held) {
        const known = held.findIndex(({ start, end }) => start === span.start && end === span.end);
        if (known >= 0) held.splice(known, 1);
      }
      // What is there already takes no second place.
      for (const { start, end } of this.newlyHeld(index, at, span)) profile?.add(start, end, sign * hold.amount);
      if (sign > 0) held?.push(span);
    });
  }

  /** Whether there is room for all that a task holds from `end` on. */
  hasRoomToHold(index: number, end: number): boolean {
    return this.firstRoomToHold(index, end, this.holdEndsOf(index, end)) <= end;
  }

  /**
   * The minute from which there is room for the first of a task's holds that finds none at `end`; `end` itself where there is room for all.
   *
   * @param ends when each is given back
   */
  firstRoomToHold(index: number, end: number, ends: readonly number[]): number {
    const { tasks, resourceIndex } = this.prepared;
    const taken: { readonly profile: UsageProfile; readonly span: Interval; readonly amount: number }[] = [];
    const holds = tasks[index]?.holds ?? [];
    let found = end;
    for (const [at, hold] of holds.entries()) {
      const profile = this.profiles[resourceIndex.get(hold.resourceId) ?? -1];
      if (!profile) return Infinity;
      const spans = this.newlyHeld(index, at, { start: end, end: Math.max(end + 1, ends[at] ?? end) });
      const short = spans.map((span) => ({ span, free: profile.firstFree(span.start, span.end - span.start, hold.amount) }));
      const without = short.find(({ span, free }) => free > span.start);
      if (without) {
        found = end + without.free - without.span.start;
        break;
      }
      if (at === holds.length - 1) break;
      // What one hold takes is not there for the next.
      for (const span of spans) {
        profile.add(span.start, span.end, hold.amount);
        taken.push({ profile, span, amount: hold.amount });
      }
    }
    for (const { profile, span, amount } of taken) profile.add(span.start, span.end, -amount);
    return found;
  }

  /** The stretches of a task's hold in which its place is not taken by the same thing already. */
  private newlyHeld(index: number, at: number, span: Interval): readonly Interval[] {
    const held = this.heldBy[this.prepared.holdOwners[index]?.[at] ?? -1];
    return held && held.length > 0 ? withoutIntervals([span], held) : [span];
  }
}
