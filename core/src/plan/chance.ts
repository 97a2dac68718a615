import { minuteAfter } from '../cure/clockTable';
import type { RandomSource } from '../random/seededRandom';
import { seededRandom } from '../random/seededRandom';
import type { Interval } from '../time/interval';
import { arcSpans } from './preparedProblem';
import type { PreparedProblem } from './preparedProblem';
import type { Plan } from './problem';
import type { TaskSpread } from './taskSpread';
import { drawShare, meanShare } from './taskSpread';
import { wholeSetup } from './toolLine';

/** How the chance of a plan is reckoned. */
export interface ChanceOptions {
  readonly runs: number;
  readonly seed: number;
  /** the spread of each task's minutes, by index */
  readonly spreads: readonly TaskSpread[];
  /** calendars whose windows the weather may take away, with the chance of each window of theirs; by calendar id */
  readonly losses?: Readonly<Record<string, readonly number[]>>;
}

/** When one group of tasks is done, over all runs. Minutes, sorted. */
export interface GroupChance {
  readonly groupId: string | null;
  readonly readyMinutes: Float64Array;
}

/** A task that carries risk: the share of the ready time's variance that goes with its minutes. */
export interface TaskRisk {
  readonly taskId: string;
  readonly share: number;
}

/** What chance makes of a plan. */
export interface PlanChance {
  readonly runs: number;
  /** when everything is done in each run, sorted */
  readonly readyMinutes: Float64Array;
  readonly groups: readonly GroupChance[];
  /** the tasks that carry most of the risk, largest share first */
  readonly risks: readonly TaskRisk[];
  /** recoat windows missed for good, a run, on average */
  readonly missedWindows: number;
}

/**
 * Plays a plan so many times with minutes, passes and weather drawn by chance. Work is chosen along time by what is known then (the plan's
 * order and expected minutes): never by minutes that are only drawn, which would make the outlook too good. What overruns its window is
 * finished all the same. The same seed draws the same fortunes, whatever the plan.
 */
export function playChance(prepared: PreparedProblem, plan: Plan, options: ChanceOptions): PlanChance {
  const player = new Player(prepared, plan, options);
  const { runs } = options;
  const groups = [...new Set(prepared.tasks.filter((task) => !isFact(prepared, task.fixed)).map((task) => task.groupId))];
  const groupOf = new Map(groups.map((group, at) => [group, at]));
  const readyMinutes = new Float64Array(runs);
  const byGroup = groups.map(() => new Float64Array(runs));
  const count = prepared.tasks.length;
  const sums = { x: new Float64Array(count), xx: new Float64Array(count), xy: new Float64Array(count) };
  let readySum = 0;
  let readySquares = 0;
  let missed = 0;
  for (let run = 0; run < runs; run += 1) {
    const played = player.play(seededRandom(options.seed * 1_000_003 + run));
    let ready = prepared.problem.fromMinute;
    prepared.tasks.forEach((task, index) => {
      if (isFact(prepared, task.fixed)) return;
      const end = played.ends[index] ?? 0;
      if (end > ready) ready = end;
      const group = byGroup[groupOf.get(task.groupId) ?? 0];
      if (group && end > (group[run] ?? 0)) group[run] = end;
    });
    readyMinutes[run] = ready;
    missed += played.missed;
    const y = ready - prepared.problem.fromMinute;
    readySum += y;
    readySquares += y * y;
    for (let index = 0; index < count; index += 1) {
      const x = played.minutes[index] ?? 0;
      sums.x[index] = (sums.x[index] ?? 0) + x;
      sums.xx[index] = (sums.xx[index] ?? 0) + x * x;
      sums.xy[index] = (sums.xy[index] ?? 0) + x * y;
    }
  }
  const variance = readySquares / runs - (readySum / runs) ** 2;
  const risks = prepared.tasks
    .map((task, index): TaskRisk => {
      const mean = (sums.x[index] ?? 0) / runs;
      const own = (sums.xx[index] ?? 0) / runs - mean * mean;
      const shared = (sums.xy[index] ?? 0) / runs - (mean * readySum) / runs;
      return { taskId: task.id, share: variance > 0 && own > 0 ? Math.max(0, (shared * shared) / own / variance) : 0 };
    })
    .filter((risk) => risk.share > 0.01)
    .sort((a, b) => b.share - a.share)
    .slice(0, 12);
  return {
    runs,
    readyMinutes: readyMinutes.sort(),
    groups: groups.map((groupId, at) => ({ groupId, readyMinutes: (byGroup[at] ?? new Float64Array()).sort() })),
    risks,
    missedWindows: missed / runs,
  };
}

/** The value below which a share of sorted values lies: the nearest rank, as textbooks take it. */
export function quantile(sorted: Float64Array, share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.max(0, Math.ceil(share * sorted.length) - 1))] ?? Number.NaN;
}

/** The share of sorted values that are at or below a limit. */
export function shareWithin(sorted: Float64Array, limit: number): number {
  let low = 0;
  let high = sorted.length;
  while (low < high) {
    const middle = (low + high) >>> 1;
    if ((sorted[middle] ?? Infinity) <= limit) low = middle + 1;
    else high = middle;
  }
  return sorted.length === 0 ? Number.NaN : low / sorted.length;
}

function isFact({ problem }: PreparedProblem, fixed: Interval | null): boolean {
  return fixed !== null && fixed.end <= problem.fromMinute;
}

interface Played {
  readonly ends: Float64Array;
  readonly minutes: Float64Array;
  readonly missed: number;
}

interface ToolState {
  family: number;
  end: number;
  sessionStart: number;
}

/** Plays one plan again and again; what does not change between runs is worked out once. */
class Player {
  private readonly count: number;
  private readonly priority: Float64Array;
  private readonly release: Float64Array;
  private readonly expected: Float64Array;
  private readonly waits: Int32Array;
  /** what is done already */
  private readonly facts: readonly boolean[];
  private readonly calendarOf: Int32Array;
  private readonly calendars: readonly (readonly Interval[])[];
  private readonly hands: number;

  constructor(
    private readonly prepared: PreparedProblem,
    plan: Plan,
    private readonly options: ChanceOptions,
  ) {
    const { problem, tasks } = prepared;
    this.count = tasks.length;
    this.facts = tasks.map((task) => isFact(prepared, task.fixed));
    const indexOf = new Map(tasks.map((task, index) => [task.id, index]));
    this.priority = new Float64Array(this.count).fill(problem.horizonMinute);
    this.release = new Float64Array(this.count).fill(problem.fromMinute);
    for (const placement of plan.placements) this.priority[indexOf.get(placement.taskId) ?? -1] = placement.start - placement.setupMinutes;
    this.expected = Float64Array.from(tasks, (task, index) => task.minutes * meanShare(this.spread(index)));
    tasks.forEach((task, index) => {
      // What is locked is not begun before its time.
      const pin = Math.max(task.fixed?.start ?? task.notBeforeMinute ?? problem.fromMinute, problem.fromMinute);
      // What opens a window that closes is not begun sooner than planned: the plan knows that the next coat will be in time.
      const opens = prepared.outgoing[index]?.some((arc) => arc.pieces[0]?.hi != null) ?? false;
      this.release[index] = opens ? Math.max(pin, this.priority[index] ?? pin) : pin;
    });
    this.waits = Int32Array.from(prepared.incoming, (arcs) => arcs.length);
    const ids = problem.calendars.map((calendar) => calendar.id);
    this.calendars = problem.calendars.map((calendar) => calendar.windows);
    this.calendarOf = Int32Array.from(tasks, (task) => (task.calendarId === null ? -1 : ids.indexOf(task.calendarId)));
    this.hands = Math.max(
      0,
      prepared.tasks.findIndex((task) => task.demands.length > 0),
    );
    this.hands = prepared.demands[this.hands]?.[0]?.resource ?? 0;
  }

  play(random: RandomSource): Played {
    const { prepared, count, calendars } = this;
    const { problem, tasks } = prepared;
    const minutes = new Float64Array(count);
    const ends = new Float64Array(count);
    // Fortunes are drawn task by task before anything is played, so that two plans meet the same ones.
    for (let index = 0; index < count; index += 1) minutes[index] = (tasks[index]?.minutes ?? 0) * drawShare(this.spread(index), random);
    const isLost = calendars.map((windows, at) => {
      const chances = this.options.losses?.[problem.calendars[at]?.id ?? ''];
      return chances ? windows.map((_, nth) => random() < (chances[nth] ?? 0)) : null;
    });
    const left = Float64Array.from(minutes);
    const waits = Int32Array.from(this.waits);
    const earliest = Float64Array.from(this.release);
    const closes = new Float64Array(count).fill(Infinity);
    const reopens = new Float64Array(count);
    const ready: number[] = [];
    const busy = new Float64Array(Math.max(1, problem.resources[this.hands]?.capacity ?? 1)).fill(problem.fromMinute);
    const used = problem.resources.map((): number[] => []);
    const tools = problem.tools.map((): ToolState | null => null);
    const pointers = new Int32Array(calendars.length);
    let missed = 0;
    let open = 0;
    const finish = (index: number, end: number): void => {
      ends[index] = end;
      for (const arc of prepared.outgoing[index] ?? []) {
        const [first, second] = arcSpans(arc, end);
        if (first) earliest[arc.to] = Math.max(earliest[arc.to] ?? 0, first.start);
        if (first && first.end < (closes[arc.to] ?? Infinity)) {
          closes[arc.to] = first.end;
          // A window that never opens again is waited out for a day and scuffed; it is counted as missed.
          reopens[arc.to] = second?.start ?? -(end + 1440);
        }
        waits[arc.to] = (waits[arc.to] ?? 1) - 1;
        if (waits[arc.to] === 0 && !this.facts[arc.to]) ready.push(arc.to);
      }
      tasks[index]?.holds.forEach((hold) => {
        const clock = prepared.clocks.get(hold.clockId);
        const until = clock ? minuteAfter(clock, end, hold.progress) : end;
        for (let place = 0; place < hold.amount; place += 1) used[prepared.resourceIndex.get(hold.resourceId) ?? 0]?.push(until);
      });
    };
    for (let index = 0; index < count; index += 1) {
      if (this.facts[index]) continue;
      open += 1;
      if (waits[index] === 0) ready.push(index);
    }
    tasks.forEach((task, index) => {
      if (task.fixed && this.facts[index]) finish(index, task.fixed.end);
    });
    let now = problem.fromMinute;
    while (open > 0 && now < problem.horizonMinute) {
      let hand = 0;
      for (let at = 1; at < busy.length; at += 1) if ((busy[at] ?? 0) < (busy[hand] ?? 0)) hand = at;
      now = Math.max(now, busy[hand] ?? 0);
      let best = -1;
      let bestAt = -1;
      let next = Infinity;
      for (let at = 0; at < ready.length; at += 1) {
        const index = ready[at] ?? 0;
        if (now > (closes[index] ?? Infinity)) {
          const again = reopens[index] ?? 0;
          if (again < 0) missed += 1;
          earliest[index] = Math.max(earliest[index] ?? 0, Math.abs(again));
          closes[index] = Infinity;
        }
        const from = earliest[index] ?? 0;
        if (from > now) {
          if (from < next) next = from;
          continue;
        }
        const wake = this.mayStart(index, now, left[index] ?? 0, pointers, isLost, used, tools);
        if (wake > now) {
          if (wake < next) next = wake;
          continue;
        }
        if (best < 0 || (this.priority[index] ?? 0) < (this.priority[best] ?? 0)) {
          best = index;
          bestAt = at;
        }
      }
      if (best < 0) {
        if (!Number.isFinite(next)) break;
        now = next;
        continue;
      }
      const end = this.work(best, now, left, pointers, tools, used);
      busy[hand] = end;
      if ((left[best] ?? 0) > 0) {
        // What was set down is taken up by the same or other hands, but not by both at once.
        earliest[best] = end;
        continue;
      }
      ready[bestAt] = ready.at(-1) ?? 0;
      ready.pop();
      open -= 1;
      finish(best, end);
    }
    for (const index of ready) ends[index] = problem.horizonMinute;
    return { ends, minutes, missed };
  }

  /** `now` when the task can be begun, else a minute before which it cannot. */
  private mayStart(
    index: number,
    now: number,
    left: number,
    pointers: Int32Array,
    isLost: readonly (readonly boolean[] | null)[],
    used: readonly (readonly number[])[],
    tools: readonly (ToolState | null)[],
  ): number {
    const task = this.prepared.tasks[index];
    if (!task) return Infinity;
    const calendar = this.calendarOf[index] ?? -1;
    const isSplit = task.leastChunkMinutes !== null;
    const needed = isSplit ? Math.min(left, task.leastChunkMinutes ?? 0) : (this.expected[index] ?? 0) + this.setupOf(index, now, tools);
    if (calendar >= 0) {
      const windows = this.calendars[calendar] ?? [];
      const lost = isLost[calendar];
      let at = pointers[calendar] ?? 0;
      while ((windows[at]?.end ?? Infinity) <= now) at += 1;
      pointers[calendar] = at;
      let opening = windows[at];
      while (opening && (lost?.[at] || Math.max(now, opening.start) + needed > opening.end)) {
        // Longer than any window: begun at a window's start, and finished beyond its end.
        if (!lost?.[at] && now <= opening.start && needed > opening.end - opening.start) break;
        at += 1;
        opening = windows[at];
      }
      if (!opening) return Infinity;
      if (opening.start > now) return opening.start;
    }
    for (const { resource, amount } of this.prepared.demands[index] ?? []) {
      if (resource === this.hands) continue;
      const wake = freeAt(used[resource] ?? [], now, (this.prepared.problem.resources[resource]?.capacity ?? 1) - amount);
      if (wake > now) return wake;
    }
    for (const hold of task.holds) {
      const resource = this.prepared.resourceIndex.get(hold.resourceId) ?? 0;
      const wake = freeAt(used[resource] ?? [], now, (this.prepared.problem.resources[resource]?.capacity ?? 1) - hold.amount);
      if (wake > now) return wake;
    }
    return now;
  }

  private setupOf(index: number, now: number, tools: readonly (ToolState | null)[]): number {
    const loaded = this.prepared.toolOf[index];
    if (!loaded) return 0;
    const { family, tool } = loaded;
    const before = tools[tool];
    const beforeFamily = before ? this.prepared.toolOf[before.family]?.family : undefined;
    const goesOn =
      before &&
      beforeFamily?.id === family.id &&
      now - before.end <= family.keepMinutes &&
      (family.mostMinutes === null || now + (this.expected[index] ?? 0) - before.sessionStart <= family.mostMinutes);
    const toolType = this.prepared.problem.tools[tool];
    return goesOn || !toolType ? 0 : wholeSetup(toolType, beforeFamily, family);
  }

  /** Works on a task from now on, to its end or, where it may be set down, to the end of its window. Returns when hands are free again. */
  private work(
    index: number,
    now: number,
    left: Float64Array,
    pointers: Int32Array,
    tools: (ToolState | null)[],
    used: number[][],
  ): number {
    const task = this.prepared.tasks[index];
    const setup = this.setupOf(index, now, tools);
    let until = now + setup + (left[index] ?? 0);
    const calendar = this.calendarOf[index] ?? -1;
    if (task && task.leastChunkMinutes !== null && calendar >= 0) {
      const opening = this.calendars[calendar]?.[pointers[calendar] ?? 0];
      if (opening && opening.end < until) until = Math.max(now + 1, opening.end);
    }
    // What rounding leaves is not work.
    const rest = (left[index] ?? 0) - (until - now - setup);
    left[index] = rest > 1e-6 ? rest : 0;
    const loaded = this.prepared.toolOf[index];
    if (loaded) {
      const before = tools[loaded.tool];
      tools[loaded.tool] = { family: index, end: until, sessionStart: setup > 0 || !before ? now + setup : before.sessionStart };
    }
    for (const { resource, amount } of this.prepared.demands[index] ?? [])
      if (resource !== this.hands) for (let place = 0; place < amount; place += 1) used[resource]?.push(until);
    return until;
  }

  private spread(index: number): TaskSpread {
    return this.options.spreads[index] ?? { low: 1, mode: 1, high: 1, againChance: 0, againShare: 0 };
  }
}

/** When no more than so many places are in use, from now on. Places given back are forgotten. */
function freeAt(used: readonly number[], now: number, most: number): number {
  const list = used as number[];
  for (let at = list.length - 1; at >= 0; at -= 1) {
    if ((list[at] ?? 0) > now) continue;
    list[at] = list.at(-1) ?? 0;
    list.pop();
  }
  if (list.length <= most) return now;
  return list.toSorted((a, b) => a - b)[list.length - 1 - Math.max(0, most)] ?? Infinity;
}
