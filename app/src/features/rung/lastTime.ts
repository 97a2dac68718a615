import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { ShopIndex } from '../../data/useShopIndex';

/**
 * The last time a rung of this method was done: on this part if ever, else on any.
 *
 * @param standing the log as it stands, newest first
 */
export function findLastTime(rung: Rung, part: Part, standing: readonly LogEntry[], index: ShopIndex): LogEntry | null {
  let onAny: LogEntry | null = null;
  for (const entry of newestByRung(standing)) {
    if (index.rungs.get(entry.rungId ?? '')?.methodId !== rung.methodId) continue;
    if (entry.partId === part.id) return entry;
    onAny ??= entry;
  }
  return onAny;
}

/** A log grows far longer than there are rungs, and is looked through by every sheet: once for each state of it is enough. */
const known = new WeakMap<readonly LogEntry[], readonly LogEntry[]>();

/** The newest entry of every rung that tells its minutes, newest first. */
function newestByRung(standing: readonly LogEntry[]): readonly LogEntry[] {
  const found = known.get(standing);
  if (found) return found;
  const seen = new Set<string>();
  const newest: LogEntry[] = [];
  for (const entry of standing) {
    if (entry.kind !== 'done' || entry.actualMinutes === null || entry.rungId === null || seen.has(entry.rungId)) continue;
    seen.add(entry.rungId);
    newest.push(entry);
  }
  known.set(standing, newest);
  return newest;
}
