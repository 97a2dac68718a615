import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { BusyCalendar } from '@zinc-ladder/model/calendar/readBusyTimes';
import type { Remote } from 'comlink';
import { askOnce } from '../askOnce';
import type { CalendarOutcome, FileWorkerApi } from './file.worker';

const YEAR_MS = 366 * 86_400_000;
const LONGEST_READ_MS = 20_000;
const MOST_BYTES = 4 * 1024 * 1024;

/**
 * Reads the busy times of the year ahead from a calendar file, in a worker of its own.
 *
 * @throws FileFaultsError when it is no calendar
 */
export async function readCalendarFile(file: Blob, timeZone: string, nowMs: number): Promise<BusyCalendar> {
  if (file.size > MOST_BYTES) throw new FileFaultsError([{ code: 'tooLarge', path: '', message: 'the calendar is larger than 4 MB' }]);
  const text = await file.text();
  const outcome = await askOnce(
    () => new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module', name: 'calendar' }),
    async (api: Remote<FileWorkerApi>): Promise<CalendarOutcome> => api.readBusy(text, timeZone, nowMs, nowMs + YEAR_MS),
    // What a rule nobody thought of does not end by itself is ended from here.
    AbortSignal.timeout(LONGEST_READ_MS),
  ).catch((error: unknown) => {
    if (!(error instanceof DOMException && error.name === 'TimeoutError')) throw error;
    throw new FileFaultsError([{ code: 'tooLarge', path: '', message: 'the calendar asks for more than can be followed in 20 s' }]);
  });
  if (outcome.kind === 'faulty') throw new FileFaultsError(outcome.faults);
  return outcome.calendar;
}
