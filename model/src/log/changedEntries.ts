import type { StateChanges } from '../records/base/listStates';
import { changesBetween } from '../records/base/listStates';
import type { LogEntry } from '../records/ladder/logEntry';

/**
 * What came and went between two states of the standing log, newest first. Entries that are the same are the same objects, so that only ends are compared;
 * those between two that changed are named on both sides.
 */
export function changedEntries(before: readonly LogEntry[], after: readonly LogEntry[]): StateChanges<LogEntry> {
  const known = changesBetween(before, after);
  if (known) return known;
  const shorter = Math.min(before.length, after.length);
  let begin = 0;
  while (begin < shorter && before[begin] === after[begin]) begin += 1;
  let end = 0;
  while (end < shorter - begin && before[before.length - 1 - end] === after[after.length - 1 - end]) end += 1;
  return { gone: before.slice(begin, before.length - end), come: after.slice(begin, after.length - end) };
}

/** More entries than this are looked through anew with all others. */
const FEW = 20;

/** All entries that came or went between two states of the standing log; null where they are so many that working all out anew is quicker. */
export function fewChangedEntries(before: readonly LogEntry[], after: readonly LogEntry[]): readonly LogEntry[] | null {
  // A log that was just read is no change of the empty one.
  if (Math.abs(before.length - after.length) > FEW) return null;
  const { gone, come } = changedEntries(before, after);
  return gone.length + come.length > FEW ? null : [...gone, ...come];
}
