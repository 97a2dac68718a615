import type { Remote } from 'comlink';
import { askOnce } from '../askOnce';
import type { ShelfApi } from './shelf.worker';

/** Asks for a buying list in a worker of its own, which is ended when it is done or when `signal` says stop. */
export async function askShelf<Result>(ask: (api: Remote<ShelfApi>) => Promise<Result>, signal: AbortSignal): Promise<Result> {
  return askOnce(() => new Worker(new URL('./shelf.worker.ts', import.meta.url), { type: 'module', name: 'shelf' }), ask, signal);
}
