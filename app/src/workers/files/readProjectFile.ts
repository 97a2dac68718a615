import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import type { Remote } from 'comlink';
import { askOnce } from '../askOnce';
import type { FileWorkerApi, ReadOutcome } from './file.worker';

/** Larger files are not even opened; what the reader itself takes is less. */
export const MOST_FILE_BYTES = 512 * 1024 * 1024;

/**
 * Reads and checks a project file in a worker of its own, which is ended when it is done or when `signal` says stop.
 *
 * @throws FileFaultsError naming every fault; the signal's reason when it was stopped
 */
export async function readProjectFile(file: Blob, signal?: AbortSignal): Promise<ProjectBundle> {
  if (file.size > MOST_FILE_BYTES)
    throw new FileFaultsError([{ code: 'tooLarge', path: '', message: `the file is larger than ${MOST_FILE_BYTES / 1024 / 1024} MB` }]);
  const outcome = await askOnce(
    () => new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module', name: 'file' }),
    async (api: Remote<FileWorkerApi>): Promise<ReadOutcome> => api.read(file),
    signal,
  );
  if (outcome.kind === 'faulty') throw new FileFaultsError(outcome.faults);
  return outcome.bundle;
}
