import { newestByRung, newestByRungAfter } from '@zinc-ladder/model/log/newestByRung';
import { notesForNextTime, notesForNextTimeAfter } from '@zinc-ladder/model/log/nextTime';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import { useOfLog } from '../../data/queries';

/** Entries that ask to be told again, newest first. */
export function useNotesForNextTime(): readonly LogEntry[] {
  return useOfLog(notesForNextTime, notesForNextTimeAfter);
}

/** The newest entry of every rung that tells its minutes, newest first. */
export function useNewestByRung(): readonly LogEntry[] {
  return useOfLog(newestByRung, newestByRungAfter);
}
