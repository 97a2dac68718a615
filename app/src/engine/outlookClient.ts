import type { Remote } from 'comlink';
import { wrap } from 'comlink';
import type { OutlookApi } from './outlook.worker';

/** Asks for bound, chance or what-ifs in a worker of its own, which is ended when it is done or when `signal` says stop. */
export async function askOutlook<Result>(ask: (api: Remote<OutlookApi>) => Promise<Result>, signal: AbortSignal): Promise<Result> {
  const worker = new Worker(new URL('./outlook.worker.ts', import.meta.url), { type: 'module', name: 'outlook' });
  try {
    return await new Promise<Result>((resolve, reject) => {
      signal.addEventListener('abort', () => reject(signal.reason as Error));
      worker.addEventListener('error', (event) => reject(new Error(event.message || 'the outlook could not be started')));
      ask(wrap<OutlookApi>(worker)).then(resolve, reject);
    });
  } finally {
    worker.terminate();
  }
}
