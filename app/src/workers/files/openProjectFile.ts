import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { Mend } from '@zinc-ladder/model/rules/mendProject';
import { proxy } from 'comlink';
import type { ImportMode, ImportPreview } from '../../data/whole/projectTransfer';
import { createClient } from '../createClient';
import type { FileWorkerApi, ImportPhase, OpenOutcome } from './file.worker';
import { MOST_FILE_BYTES } from './readProjectFile';

/** A file that is read and waits in its worker: what it would do, and the ways to take it in. */
export interface OpenedFile {
  readonly merge: ImportPreview;
  readonly replace: ImportPreview;
  /** takes it in as one edit; rejects with the signal's reason when stopped, and nothing is changed then */
  readonly take: (mode: ImportMode, nowMs: number, signal: AbortSignal) => Promise<readonly Mend[]>;
  /** lets go of it */
  readonly close: () => void;
}

/**
 * Reads and checks a file in a worker, holds it against the shop there, and keeps it until it is taken in or let go: the page never has its records.
 *
 * @throws FileFaultsError naming every fault; the signal's reason when it was stopped
 */
export async function openProjectFile(
  databaseName: string,
  file: Blob,
  signal: AbortSignal,
  tell: (phase: ImportPhase) => void,
): Promise<OpenedFile> {
  if (file.size > MOST_FILE_BYTES)
    throw new FileFaultsError([{ code: 'tooLarge', path: '', message: `the file is larger than ${MOST_FILE_BYTES / 1024 / 1024} MB` }]);
  const client = createClient<FileWorkerApi>(
    () => new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module', name: 'file' }),
  );
  const stoppable = <Result>(work: Promise<Result>, own: AbortSignal): Promise<Result> =>
    new Promise((resolve, reject) => {
      const stop = (): void => {
        client.stop();
        reject(own.reason as Error);
      };
      if (own.aborted) stop();
      own.addEventListener('abort', stop, { once: true });
      work.then(resolve, reject).finally(() => own.removeEventListener('abort', stop));
    });
  try {
    const outcome = await stoppable<OpenOutcome>(client.api.open(databaseName, file, proxy(tell)) as Promise<OpenOutcome>, signal);
    if (outcome.kind === 'faulty') throw new FileFaultsError(outcome.faults);
    return {
      merge: outcome.merge,
      replace: outcome.replace,
      take: (mode, nowMs, own) => stoppable(client.api.take(databaseName, mode, nowMs), own),
      close: client.stop,
    };
  } catch (error) {
    client.stop();
    throw error;
  }
}
