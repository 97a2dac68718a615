import type { ClockTable } from '../../cure/clockTable';
import { progressAt } from '../../cure/clockTable';
import type { PlanProblem } from '../problem/problem';

/**
 * The least ready time of a small problem, by enumeration: every order of the tasks on the one pair of hands and every choice of pieces;
 * for each the least starts by fixpoint, which exists because with order and pieces settled every rule only moves starts later. Shares
 * no code with the engine but the types and the clock's reading. Work in one go only; no holds, no sessions, no facts.
 *
 * @returns minutes, or null when no order and no choice of pieces can be met before the horizon
 */
export function exactReady(problem: PlanProblem): number | null {
  const { tasks, arcs } = problem;
  const indexOf = new Map(tasks.map((task, index) => [task.id, index]));
  const clocks = new Map(problem.clocks.map((clock) => [clock.id, clock.table]));
  const windows = tasks.map((task) => problem.calendars.find((calendar) => calendar.id === task.calendarId)?.windows ?? null);
  const links = arcs.map((arc) => ({
    from: indexOf.get(arc.from) ?? 0,
    to: indexOf.get(arc.to) ?? 0,
    clock: clocks.get(arc.clockId) as ClockTable,
    pieces: arc.pieces,
  }));
  let best: number | null = null;
  const solve = (order: readonly number[], choice: readonly number[]): void => {
    const starts = tasks.map((task) => Math.max(problem.fromMinute, task.notBeforeMinute ?? 0));
    const limit = best ?? problem.horizonMinute + 1;
    const endOf = (index: number): number => (starts[index] ?? 0) + (tasks[index]?.minutes ?? 0);
    for (let isChanging = true; isChanging;) {
      isChanging = false;
      const raise = (index: number, to: number): void => {
        if (to <= (starts[index] ?? 0)) return;
        starts[index] = to;
        isChanging = true;
      };
      order.forEach((index, place) => {
        const before = order[place - 1];
        if (before !== undefined) raise(index, endOf(before));
        for (let start = starts[index] ?? 0; ; start += 1) {
          const end = start + (tasks[index]?.minutes ?? 0);
          if (end >= limit) return raise(index, limit);
          const own = windows[index];
          if (!own || own.some((span) => span.start <= start && end <= span.end)) return raise(index, start);
        }
      });
      links.forEach(({ from, to, clock, pieces }, at) => {
        const piece = pieces[choice[at] ?? 0];
        if (!piece) return;
        const opens = (end: number): number => {
          let minute = end;
          while (minute < limit && progressAt(clock, minute) - progressAt(clock, end) < piece.lo - 1e-6) minute += 1;
          return minute;
        };
        raise(to, opens(endOf(from)));
        if (piece.hi === null) return;
        const { hi } = piece;
        const isInTime = (): boolean =>
          (starts[to] ?? 0) >= limit || progressAt(clock, starts[to] ?? 0) - progressAt(clock, endOf(from)) <= hi + 1e-6;
        while (!isInTime()) raise(from, (starts[from] ?? 0) + 1);
      });
      if (tasks.some((_, index) => endOf(index) >= limit)) return;
    }
    best = Math.max(...tasks.map((_, index) => endOf(index)));
  };
  for (const order of linearExtensions(tasks.length, links))
    for (const choice of choices(links.map((link) => link.pieces.length))) solve(order, choice);
  return best;
}

/** Every order of so many things in which what comes before does. */
function* linearExtensions(
  count: number,
  links: readonly { readonly from: number; readonly to: number }[],
  begun: readonly number[] = [],
): Generator<number[]> {
  if (begun.length === count) {
    yield [...begun];
    return;
  }
  for (let next = 0; next < count; next += 1) {
    if (begun.includes(next) || links.some((link) => link.to === next && !begun.includes(link.from))) continue;
    yield* linearExtensions(count, links, [...begun, next]);
  }
}

/** Every way to choose one of so many at each place. */
function* choices(counts: readonly number[], chosen: readonly number[] = []): Generator<readonly number[]> {
  if (chosen.length === counts.length) {
    yield chosen;
    return;
  }
  for (let option = 0; option < (counts[chosen.length] ?? 1); option += 1) yield* choices(counts, [...chosen, option]);
}
