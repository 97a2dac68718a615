import type { Certificate } from '../problem/problem';

/**
 * Of the tasks without a place, those that merely come after the last day the plan looks at: nothing forbids them, there is more work than
 * days. A task that waits for a late task is late as well.
 *
 * @param unplaced what has no place, and why
 * @returns ids of the tasks that come later
 */
export function laterTasks(unplaced: readonly Certificate[]): ReadonlySet<string> {
  const causes = new Map(unplaced.map((certificate) => [certificate.taskId, certificate.cause]));
  const later = new Set<string>();
  for (const { taskId } of unplaced) {
    const chain: string[] = [];
    let at: string | undefined = taskId;
    while (at !== undefined && !chain.includes(at)) {
      chain.push(at);
      const cause: Certificate['cause'] | undefined = causes.get(at);
      if (cause?.kind === 'beyondHorizon' || later.has(at)) {
        chain.forEach((id) => later.add(id));
        break;
      }
      at = cause?.kind === 'waitsFor' ? cause.taskId : undefined;
    }
  }
  return later;
}
