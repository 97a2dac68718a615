import type { LogEntry } from '../records/ladder/logEntry';
import { fewChangedEntries } from './changedEntries';
import { newestFirst } from './standingLog';

/** The newest entry of every rung that tells its minutes, newest first, from entries as they stand. */
export function newestByRung(standing: readonly LogEntry[]): readonly LogEntry[] {
  const seen = new Set<string>();
  const newest: LogEntry[] = [];
  for (const entry of standing) {
    if (!tellsMinutes(entry) || seen.has(entry.rungId)) continue;
    seen.add(entry.rungId);
    newest.push(entry);
  }
  return newest;
}

/** Updates an earlier result: only rungs whose entries changed are searched again. */
export function newestByRungAfter(
  last: readonly LogEntry[],
  before: readonly LogEntry[],
  standing: readonly LogEntry[],
): readonly LogEntry[] {
  const changed = fewChangedEntries(before, standing);
  if (!changed) return newestByRung(standing);
  const rungs = new Set(changed.filter(tellsMinutes).map(({ rungId }) => rungId));
  if (rungs.size === 0) return last;
  const kept = last.filter(({ rungId }) => !rungs.has(rungId ?? ''));
  const again = newestByRung(standing.filter(({ rungId }) => rungId !== null && rungs.has(rungId)));
  return [...kept, ...again].sort(newestFirst);
}

function tellsMinutes(entry: LogEntry): entry is LogEntry & { readonly rungId: string } {
  return entry.kind === 'done' && entry.actualMinutes !== null && entry.rungId !== null;
}
