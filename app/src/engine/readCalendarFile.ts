import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { BusyTime } from '@zinc-ladder/model/records/shop';
import { wrap } from 'comlink';
import type { FileReaderApi } from './file.worker';

const YEAR_MS = 366 * 86_400_000;
const MOST_BYTES = 4 * 1024 * 1024;

/**
 * Reads the busy times of the year ahead from a calendar file, in a worker of its own.
 *
 * @throws FileFaultsError when it is no calendar
 */
export async function readCalendarFile(file: Blob, timeZone: string, nowMs: number): Promise<readonly BusyTime[]> {
  if (file.size > MOST_BYTES) throw new FileFaultsError([{ code: 'tooLarge', path: '', message: 'the calendar is larger than 4 MB' }]);
  const text = await file.text();
  const worker = new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module', name: 'calendar' });
  try {
    const outcome = await wrap<FileReaderApi>(worker).readBusy(text, timeZone, nowMs, nowMs + YEAR_MS);
    if (outcome.kind === 'faulty') throw new FileFaultsError(outcome.faults);
    return outcome.busy;
  } finally {
    worker.terminate();
  }
}
