import { expose } from 'comlink';

const READY = 'zinc-ladder worker ready';

/** Offers a worker's functions, and says that it is loaded: a worker that never says so is not waited for. */
export function exposeApi(api: object): void {
  expose(api);
  self.postMessage(READY);
}

/** Whether a message says that a worker is loaded. */
export function isReadyMessage(data: unknown): boolean {
  return data === READY;
}
