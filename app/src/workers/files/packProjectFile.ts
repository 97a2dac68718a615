import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import type { Remote } from 'comlink';
import { askOnce } from '../askOnce';
import type { FileWorkerApi, PackOutcome } from './file.worker';
import type { PackedProject, SaveKind } from './packShop';

/**
 * Packs the shop of a database in a worker, which reads it from there itself and reads the packed file back before it is given out.
 *
 * @throws FileFaultsError when the shop is too large for a file, or would not be read again; the signal's reason when it was stopped
 */
export async function packProjectFile(databaseName: string, savedAtMs: number, as: SaveKind, signal?: AbortSignal): Promise<PackedProject> {
  const outcome = await askOnce(
    () => new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module', name: 'pack' }),
    async (api: Remote<FileWorkerApi>): Promise<PackOutcome> => api.pack(databaseName, savedAtMs, as),
    signal,
  );
  if (outcome.kind === 'faulty') throw new FileFaultsError(outcome.faults);
  return outcome.packed;
}
