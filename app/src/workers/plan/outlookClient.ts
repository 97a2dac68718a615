import type { Remote } from 'comlink';
import { askOnce } from '../askOnce';
import type { OutlookApi } from './outlook.worker';

/** Asks for bound, chance or what-ifs in a worker of its own, which is ended when it is done or when `signal` says stop. */
export async function askOutlook<Result>(ask: (api: Remote<OutlookApi>) => Promise<Result>, signal: AbortSignal): Promise<Result> {
  return askOnce(() => new Worker(new URL('./outlook.worker.ts', import.meta.url), { type: 'module', name: 'outlook' }), ask, signal);
}
