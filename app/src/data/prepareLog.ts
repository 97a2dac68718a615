import { usesAfter, usesOf } from '@zinc-ladder/model/gather/shelf/loggedUses';
import { newestByRung, newestByRungAfter } from '@zinc-ladder/model/log/newestByRung';
import { notesForNextTime, notesForNextTimeAfter } from '@zinc-ladder/model/log/nextTime';
import { standingEntries, standingEntriesAfter } from '@zinc-ladder/model/log/standingLog';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { LiveTables } from './tables/liveTables';

/**
 * Works out, piece by piece, what every view reads from the log. A long log that arrives all at once would keep the page from answering while the
 * views that wait for it ask for all of it in one go.
 */
export function* prepareLog(tables: LiveTables, entries: readonly LogEntry[]): Generator<void> {
  const standing = tables.deriveNext<LogEntry, readonly LogEntry[]>(entries, standingEntries, standingEntriesAfter);
  yield;
  tables.deriveNext(standing, newestByRung, newestByRungAfter);
  yield;
  tables.deriveNext(standing, usesOf, usesAfter);
  tables.deriveNext(standing, notesForNextTime, notesForNextTimeAfter);
}
