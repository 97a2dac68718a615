import type { StateChanges } from '../records/base/listStates';
import { changesBetween, rememberChanges } from '../records/base/listStates';
import type { LogEntry } from '../records/ladder/logEntry';

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
  const corrected = namesOfCorrected(entries);
  const standing: StandingEntry[] = [];
  const byId = new Map<string, LogEntry>();
  for (const entry of entries)
    if (isPlain(entry, corrected)) standing.push({ entry, replaced: NONE });
    else byId.set(entry.id, entry);
  const groups = new Map<string, LogEntry[]>();
  for (const entry of byId.values()) {
    const root = rootOf(entry, byId);
    const group = groups.get(root);
    if (group) group.push(entry);
    else groups.set(root, [entry]);
  }
  for (const group of groups.values()) {
    if (group.length > 1) group.sort((a, b) => writtenLater(b, a));
    const [entry, ...replaced] = group as [LogEntry, ...LogEntry[]];
    standing.push({ entry, replaced });
  }
  return standing.sort((a, b) => newestFirst(a.entry, b.entry));
}

/** Only the entries that stand, newest first. */
export function standingEntries(entries: readonly LogEntry[]): LogEntry[] {
  // Without corrections all stand, which is most logs and spares a long one half the time.
  if (namesOfCorrected(entries).size === 0) return [...entries].sort(newestFirst);
  return standingLog(entries).map(({ entry }) => entry);
}

/**
 * Only the entries that stand, newest first, from those that stood before: quick where a few entries without corrections came or went.
 *
 * @param standing what stood of `before`
 * @param before entries, ordered by id
 * @param entries those of now, ordered by id; entries that are the same are the same objects
 */
export function standingEntriesAfter(
  standing: readonly LogEntry[],
  before: readonly LogEntry[],
  entries: readonly LogEntry[],
): readonly LogEntry[] {
  const { gone, come } = changesBetween(before, entries) ?? differenceOf(before, entries);
  if (gone.length + come.length === 0) return standing;
  if (gone.length + come.length > MOST_SINGLE) return standingEntries(entries);
  const corrected = namesOfCorrected(before);
  if (![...gone, ...come].every((entry) => isPlain(entry, corrected))) return standingEntries(entries);
  // The added entries correct nothing, so the set of corrected entries is the same as before.
  correctedIn.set(entries, corrected);
  const left = new Set(gone);
  const next = gone.length > 0 ? standing.filter((entry) => !left.has(entry)) : [...standing];
  for (const entry of come) {
    const at = next.findIndex((other) => newestFirst(entry, other) < 0);
    next.splice(at < 0 ? next.length : at, 0, entry);
  }
  rememberChanges(standing, next, { gone, come });
  return next;
}

const NONE: readonly LogEntry[] = [];
/** More changes than this are sorted anew. */
const MOST_SINGLE = 20;

/** Whether an entry stands by itself: it corrects none and none corrects it. */
function isPlain(entry: LogEntry, corrected: ReadonlySet<string>): boolean {
  return entry.correctsId === null && !corrected.has(entry.id);
}

/** Looking through a long log for corrections takes longer than an entry more does. */
const correctedIn = new WeakMap<readonly LogEntry[], ReadonlySet<string>>();

function namesOfCorrected(entries: readonly LogEntry[]): ReadonlySet<string> {
  const known = correctedIn.get(entries);
  if (known) return known;
  const corrected = new Set<string>();
  for (const { correctsId } of entries) if (correctsId !== null) corrected.add(correctsId);
  correctedIn.set(entries, corrected);
  return corrected;
}

/** What two lists ordered by id differ in. */
function differenceOf(before: readonly LogEntry[], after: readonly LogEntry[]): StateChanges<LogEntry> {
  const gone: LogEntry[] = [];
  const come: LogEntry[] = [];
  let at = 0;
  while (at < before.length && before[at] === after[at]) at += 1;
  let ending = 0;
  while (ending < Math.min(before.length, after.length) - at && before.at(-1 - ending) === after.at(-1 - ending)) ending += 1;
  for (const old of before.slice(at, before.length - ending)) {
    let next = after[at];
    for (; next !== undefined && next.id < old.id; next = after[at]) {
      come.push(next);
      at += 1;
    }
    if (next?.id !== old.id) gone.push(old);
    else {
      if (next !== old) {
        gone.push(old);
        come.push(next);
      }
      at += 1;
    }
  }
  return { gone, come: [...come, ...after.slice(at, after.length - ending)] };
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
