import type { ComparedMinutes } from '@zinc-ladder/core/log/comparedMinutes';
import { compareMinutes } from '@zinc-ladder/core/log/comparedMinutes';
import type { LogEntry } from '@zinc-ladder/model/records/logEntry';

/** An entry as it stands, with the entries it replaced, newest first. */
export interface StandingEntry {
  readonly entry: LogEntry;
  readonly replaced: readonly LogEntry[];
}

/** The log as it stands after all corrections, newest first. Of several corrections of one entry the last written stands. */
export function effectiveLog(entries: readonly LogEntry[]): StandingEntry[] {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const corrections = new Map<string, LogEntry>();
  for (const entry of entries) if (entry.correctsId !== null && byId.has(entry.correctsId)) corrections.set(entry.correctsId, entry);
  const standing: StandingEntry[] = [];
  for (const first of entries) {
    if (first.correctsId !== null && byId.has(first.correctsId)) continue;
    const replaced: LogEntry[] = [];
    let entry = first;
    // A chain longer than the log is a circle, which only a mended file could hold.
    for (let next = corrections.get(entry.id); next && replaced.length <= entries.length; next = corrections.get(entry.id)) {
      replaced.unshift(entry);
      entry = next;
    }
    standing.push({ entry, replaced });
  }
  return standing.sort((a, b) => b.entry.atMs - a.entry.atMs || (a.entry.id < b.entry.id ? 1 : -1));
}

/** What the log is filtered by; empty strings let everything through. */
export interface LogFilter {
  readonly propId: string;
  readonly partId: string;
  readonly productId: string;
  readonly kind: string;
  readonly text: string;
}

/** A filter that lets everything through. */
export const NO_FILTER: LogFilter = { propId: '', partId: '', productId: '', kind: '', text: '' };

/** The entries a filter lets through. `words` gives the text an entry is searched in. */
export function filterLog(entries: readonly StandingEntry[], filter: LogFilter, words: (entry: LogEntry) => string): StandingEntry[] {
  const text = filter.text.trim().toLowerCase();
  return entries.filter(({ entry }) => {
    if (filter.propId && entry.propId !== filter.propId) return false;
    if (filter.partId && entry.partId !== filter.partId) return false;
    if (filter.productId && entry.productId !== filter.productId) return false;
    if (filter.kind && entry.kind !== filter.kind) return false;
    return text === '' || words(entry).includes(text);
  });
}

/** Compares planned and actual minutes of the done entries, by a key. */
export function compareLogged(entries: readonly StandingEntry[], keyOf: (entry: LogEntry) => string): ComparedMinutes {
  const done = entries.filter(({ entry }) => entry.kind === 'done');
  return compareMinutes(done.map(({ entry }) => ({ key: keyOf(entry), planned: entry.plannedMinutes, actual: entry.actualMinutes })));
}
