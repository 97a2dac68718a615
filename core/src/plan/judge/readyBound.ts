import type { Interval } from '../../time/interval';
import { earliestTimes } from './earliestTimes';
import { latestTimes } from './latestTimes';
import type { PreparedProblem } from '../problem/preparedProblem';
import { fitsPreemptively } from './preemptiveFit';
import type { PreemptiveJob } from './preemptiveFit';
import { isWithin } from '../problem/windowSearch';

/**
 * A minute before which no plan can have all tasks (or those of one group) done, whatever it does: proved by a relaxation. Heads are found
 * forward through waits and windows, tails backward from a trial finish. Between them all work must fit on the hands, and sprayed work into
 * the spray windows, even if it could be interrupted at will (earliest deadline first, Jackson 1955; one setup a family is counted). The
 * least finish that passes is found by bisection.
 *
 * @param groupId only this group and what must come before it; left out: everything
 * @returns minutes; the horizon where even that does not pass
 */
export function readyBound(prepared: PreparedProblem, groupId?: string | null): number {
  const { fromMinute, horizonMinute } = prepared.problem;
  const wanted = selectTasks(prepared, groupId);
  if (wanted.size === 0) return fromMinute;
  const heads = earliestTimes(prepared, wanted);
  let low = fromMinute;
  for (const index of wanted) low = Math.max(low, heads[index]?.end ?? 0);
  if (!(low < horizonMinute)) return horizonMinute;
  let high = horizonMinute;
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (mayFinishBy(prepared, wanted, heads, middle)) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** Open tasks of a group with all their predecessors; all open tasks where no group is named. */
function selectTasks(prepared: PreparedProblem, groupId: string | null | undefined): ReadonlySet<number> {
  const wanted = new Set<number>();
  const stack = prepared.tasks.flatMap((task, index) => (groupId === undefined || task.groupId === groupId ? [index] : []));
  for (let index = stack.pop(); index !== undefined; index = stack.pop()) {
    if (wanted.has(index) || prepared.tasks[index]?.fixed) continue;
    wanted.add(index);
    for (const arc of prepared.incoming[index] ?? []) stack.push(arc.from);
  }
  return wanted;
}

function mayFinishBy(prepared: PreparedProblem, wanted: ReadonlySet<number>, heads: readonly Interval[], finish: number): boolean {
  const latest = latestTimes(prepared, () => finish, wanted);
  for (const index of wanted) if ((latest.starts[index] ?? Infinity) < (heads[index]?.start ?? 0)) return false;
  const jobs = gatherJobs(prepared, wanted, heads, latest.starts, latest.ends);
  for (const [calendarId, own] of jobs) {
    const windows = prepared.problem.calendars.find((calendar) => calendar.id === calendarId)?.windows ?? null;
    for (const { resource, work } of own) {
      const capacity = prepared.problem.resources[resource]?.capacity ?? 1;
      if (!fitsPreemptively(work, windows, capacity)) return false;
    }
  }
  return true;
}

/**
 * The work each resource must find time for, by calendar. A task bound to a calendar is also bound to every wider calendar that contains
 * it, so the widest one holds all tasks.
 */
function gatherJobs(
  prepared: PreparedProblem,
  wanted: ReadonlySet<number>,
  heads: readonly Interval[],
  latestStart: readonly number[],
  latestEnd: readonly number[],
): Map<string | null, { readonly resource: number; readonly work: readonly PreemptiveJob[] }[]> {
  const found = new Map<string | null, { resource: number; work: PreemptiveJob[] }[]>();
  const into = (calendarId: string | null, resource: number): PreemptiveJob[] => {
    const list = found.get(calendarId) ?? [];
    found.set(calendarId, list);
    const known = list.find((entry) => entry.resource === resource);
    if (known) return known.work;
    const made = { resource, work: [] as PreemptiveJob[] };
    list.push(made);
    return made.work;
  };
  const enclosing = findEnclosing(prepared);
  const families = new Map<string, { release: number; deadline: number; index: number }>();
  const put = (index: number, job: PreemptiveJob): void => {
    const calendarId = prepared.tasks[index]?.calendarId ?? null;
    const calendars = [calendarId, ...(enclosing.get(calendarId ?? '') ?? []), ...(calendarId === null ? [] : [null])];
    for (const { resource, amount } of prepared.demands[index] ?? [])
      for (const id of calendars) into(id, resource).push({ ...job, minutes: job.minutes * amount });
  };
  for (const index of wanted) {
    const task = prepared.tasks[index];
    if (!task) continue;
    const release = heads[index]?.start ?? 0;
    put(index, { release, deadline: latestEnd[index] ?? Infinity, minutes: task.minutes });
    if (task.familyId === null) continue;
    const known = families.get(task.familyId) ?? { release: Infinity, deadline: Number.NEGATIVE_INFINITY, index };
    known.release = Math.min(known.release, release);
    known.deadline = Math.max(known.deadline, latestStart[index] ?? Infinity);
    families.set(task.familyId, known);
  }
  for (const [familyId, { release, deadline, index }] of families) {
    const minutes = prepared.problem.families.find((family) => family.id === familyId)?.setupMinutes ?? 0;
    // Only where the whole family is bound to one calendar is its setup bound to it.
    const isOne = [...wanted].every((other) => {
      const task = prepared.tasks[other];
      return task?.familyId !== familyId || task.calendarId === prepared.tasks[index]?.calendarId;
    });
    if (isOne) put(index, { release: Math.max(prepared.problem.fromMinute, release - minutes), deadline, minutes });
  }
  return found;
}

/** For each calendar those others whose windows hold all of its own. */
function findEnclosing({ problem }: PreparedProblem): ReadonlyMap<string, readonly string[]> {
  return new Map(
    problem.calendars.map((inner) => [
      inner.id,
      problem.calendars
        .filter((outer) => outer !== inner && inner.windows.every((span) => isWithin(span, outer.windows)))
        .map((outer) => outer.id),
    ]),
  );
}
