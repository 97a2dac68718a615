import type { LogEntry } from '../records/logEntry';

/** An entry as it stands, with the entries it replaced, newest first. */
export interface StandingEntry {
  readonly entry: LogEntry;
  readonly replaced: readonly LogEntry[];
}

/** What the order of the log goes by. */
type Written = Pick<LogEntry, 'id' | 'atMs' | 'counter'>;

/** Order of writing. Ids stand in only between logs of two shops, which may have counted alike. */
function writtenLater(a: Written, b: Written): number {
  return a.counter - b.counter || (a.id < b.id ? -1 : 1);
}

/** Newest first: by the time it was done, then by the order of writing. */
export function newestFirst(a: Written, b: Written): number {
  return b.atMs - a.atMs || writtenLater(b, a);
}

/** The log as it stands after all corrections, newest first. Of several corrections of one entry the last written stands. */
export function standingLog(entries: readonly LogEntry[]): StandingEntry[] {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const groups = new Map<string, LogEntry[]>();
  for (const entry of entries) {
    const root = rootOf(entry, byId);
    const group = groups.get(root);
    if (group) group.push(entry);
    else groups.set(root, [entry]);
  }
  const standing = [...groups.values()].map((group): StandingEntry => {
    if (group.length > 1) group.sort((a, b) => writtenLater(b, a));
    const [entry, ...replaced] = group as [LogEntry, ...LogEntry[]];
    return { entry, replaced };
  });
  return standing.sort((a, b) => newestFirst(a.entry, b.entry));
}

/** Only the entries that stand, newest first. */
export function standingEntries(entries: readonly LogEntry[]): LogEntry[] {
  return standingLog(entries).map(({ entry }) => entry);
}

/** The entry a chain of corrections began with. Entries that correct each other in a circle have the lowest id for it. */
function rootOf(entry: LogEntry, byId: ReadonlyMap<string, LogEntry>): string {
  if (entry.correctsId === null || !byId.has(entry.correctsId)) return entry.id;
  const seen = new Set<string>();
  let current = entry;
  while (current.correctsId !== null && !seen.has(current.id)) {
    seen.add(current.id);
    const next = byId.get(current.correctsId);
    if (!next) break;
    current = next;
  }
  return seen.has(current.id) ? [...seen].reduce((lowest, id) => (id < lowest ? id : lowest)) : current.id;
}
