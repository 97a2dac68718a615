import type { Remote } from 'comlink';
import { ShopError } from '../../data/edits/shopError';
import { askOnce } from '../askOnce';
import type { EditOutcome, FileWorkerApi } from './file.worker';

/** Asks a worker of its own for an edit of thousands of records, and says what it was. */
async function askForEdit(ask: (api: Remote<FileWorkerApi>) => Promise<EditOutcome>): Promise<string> {
  const outcome = await askOnce(() => new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module', name: 'edit' }), ask);
  if (outcome.kind === 'refused') throw new ShopError(outcome.code);
  return outcome.label;
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
