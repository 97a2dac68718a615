import type { Remote } from 'comlink';
import { createClient } from './createClient';

/**
 * Asks a worker of its own one question; it is ended when it has answered or when `signal` says stop.
 *
 * @throws WorkerFault; the signal's reason when it was stopped
 */
export async function askOnce<Api extends object, Result>(
  make: () => Worker,
  ask: (api: Remote<Api>) => Promise<Result>,
  signal?: AbortSignal,
): Promise<Result> {
  const client = createClient<Api>(make);
  try {
    signal?.throwIfAborted();
    return await new Promise<Result>((resolve, reject) => {
      signal?.addEventListener('abort', () => reject(signal.reason as Error));
      ask(client.api).then(resolve, reject);
    });
  } finally {
    client.stop();
  }
}
