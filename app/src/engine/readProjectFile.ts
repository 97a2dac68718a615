import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import { transfer, wrap } from 'comlink';
import type { FileReaderApi, ReadOutcome } from './file.worker';

/** Larger files are not even opened; what the reader itself takes is less. */
const MOST_BYTES = 512 * 1024 * 1024;

/**
 * Reads and checks a project file in a worker of its own, which is ended when it is done or when `signal` says stop.
 *
 * @throws FileFaultsError naming every fault; the signal's reason when it was stopped
 */
export async function readProjectFile(file: Blob, signal?: AbortSignal): Promise<ProjectBundle> {
  if (file.size > MOST_BYTES)
    throw new FileFaultsError([{ code: 'tooLarge', path: '', message: `the file is larger than ${MOST_BYTES / 1024 / 1024} MB` }]);
  const bytes = new Uint8Array(await file.arrayBuffer());
  const worker = new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module', name: 'file' });
  try {
    const outcome = await new Promise<ReadOutcome>((resolve, reject) => {
      signal?.addEventListener('abort', () => reject(signal.reason as Error));
      worker.addEventListener('error', (event) => reject(new Error(event.message || 'the reader could not be started')));
      wrap<FileReaderApi>(worker)
        .read(transfer(bytes, [bytes.buffer]))
        .then((answer) => resolve(answer as ReadOutcome), reject);
    });
    if (outcome.kind === 'faulty') throw new FileFaultsError(outcome.faults);
    return outcome.bundle;
  } finally {
    worker.terminate();
  }
}
