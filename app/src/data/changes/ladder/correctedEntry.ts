import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Edit } from '../../edits/edit';

/** Puts a new entry in place of one, which is kept beneath it: nothing that was logged is ever written over. */
export async function replaceEntry(edit: Edit, entry: LogEntry, changed: Partial<LogEntry>, makeId: () => string): Promise<void> {
  await edit.put('logEntries', {
    ...entry,
    ...changed,
    id: makeId(),
    revision: 0,
    counter: await edit.nextLogCounter(),
    correctsId: entry.id,
  });
}
