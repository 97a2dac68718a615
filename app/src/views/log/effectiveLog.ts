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

/** Planned and actual minutes of what was done, by a key. */
export interface MinutesSum {
  readonly key: string;
  readonly planned: number;
  readonly actual: number;
  readonly count: number;
}

/** Sums planned and actual minutes of done entries that have both. */
export function sumMinutes(entries: readonly StandingEntry[], keyOf: (entry: LogEntry) => string): MinutesSum[] {
  const sums = new Map<string, { planned: number; actual: number; count: number }>();
  for (const { entry } of entries) {
    if (entry.kind !== 'done' || entry.plannedMinutes === null || entry.actualMinutes === null) continue;
    const sum = sums.get(keyOf(entry)) ?? { planned: 0, actual: 0, count: 0 };
    sum.planned += entry.plannedMinutes;
    sum.actual += entry.actualMinutes;
    sum.count += 1;
    sums.set(keyOf(entry), sum);
  }
  return [...sums].map(([key, sum]) => ({ key, ...sum })).sort((a, b) => b.actual - a.actual);
}
