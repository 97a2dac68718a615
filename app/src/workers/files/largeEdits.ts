import type { Mend } from '@zinc-ladder/model/rules/mendProject';
import type { Remote } from 'comlink';
import { ShopError } from '../../data/edits/shopError';
import { askOnce } from '../askOnce';
import type { EditOutcome, FileWorkerApi } from './file.worker';

/** Asks a worker of its own for an edit of thousands of records, and says what came of it. */
async function askForEdit<Result>(ask: (api: Remote<FileWorkerApi>) => Promise<EditOutcome<Result>>): Promise<Result> {
  const outcome = await askOnce(() => new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module', name: 'edit' }), ask);
  if (outcome.kind === 'refused') throw new ShopError(outcome.code);
  return outcome.result;
}

/**
 * Takes the last edit back, or does it again.
 *
 * @returns its label
 * @throws ShopError
 */
export function travelElsewhere(databaseName: string, direction: 'undo' | 'redo', nowMs: number): Promise<string> {
  return askForEdit((api) => api.travel(databaseName, direction, nowMs));
}

/**
 * Empties the shop as one edit that undo takes back.
 *
 * @throws ShopError
 */
export async function emptyShop(databaseName: string, nowMs: number): Promise<void> {
  await askForEdit((api) => api.empty(databaseName, nowMs));
}

/**
 * Mends what an older version of the program left in a shop, as one edit that undo takes back.
 *
 * @returns what was mended
 * @throws ShopError
 */
export function mendElsewhere(databaseName: string, nowMs: number): Promise<readonly Mend[]> {
  return askForEdit((api) => api.mend(databaseName, nowMs) as Promise<EditOutcome<readonly Mend[]>>);
}
