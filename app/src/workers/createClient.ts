import type { Remote } from 'comlink';
import { wrap } from 'comlink';
import { isReadyMessage } from './exposeApi';

/** A worker that could not be started, or ended while it was at work. The next question starts another. */
export class WorkerFault extends Error {
  constructor(readonly what: 'notStarted' | 'ended') {
    super(
      what === 'notStarted'
        ? 'the part of the program that computes could not be started'
        : 'the part of the program that computes has ended',
    );
    this.name = 'WorkerFault';
  }
}

/** A worker and how it is asked. */
export interface WorkerClient<Api> {
  /** its functions; the worker is started by the first call, and made anew after a fault */
  readonly api: Remote<Api>;
  /** ends it and what it is at; what was asked is never answered */
  readonly stop: () => void;
}

/** A worker says that it is loaded within this, on a slow phone too; after that it is given up. */
const STARTS_WITHIN_MS = 30_000;

interface Running {
  readonly worker: Worker;
  readonly remote: Remote<unknown>;
  readonly rejects: Set<(fault: WorkerFault) => void>;
}

/**
 * A client of a worker that is started when first asked, ends its questions with words when it fails to load or dies, and is made anew for the next.
 *
 * @param make starts the worker
 */
export function createClient<Api extends object>(make: () => Worker): WorkerClient<Api> {
  let running: Running | null = null;
  const end = (own: Running, fault: WorkerFault | null): void => {
    own.worker.terminate();
    if (running === own) running = null;
    if (fault) for (const reject of own.rejects) reject(fault);
    own.rejects.clear();
  };
  const start = (): Running => {
    const worker = make();
    const own: Running = { worker, remote: wrap(worker), rejects: new Set() };
    let isReady = false;
    const late = setTimeout(() => !isReady && end(own, new WorkerFault('notStarted')), STARTS_WITHIN_MS);
    worker.addEventListener('message', (event: MessageEvent<unknown>) => {
      if (!isReadyMessage(event.data)) return;
      isReady = true;
      clearTimeout(late);
    });
    for (const kind of ['error', 'messageerror'])
      worker.addEventListener(kind, () => {
        clearTimeout(late);
        end(own, new WorkerFault(isReady ? 'ended' : 'notStarted'));
      });
    return own;
  };
  const call = (name: string, args: readonly unknown[]): Promise<unknown> => {
    const own = (running ??= start());
    return new Promise((resolve, reject) => {
      own.rejects.add(reject);
      const ask = (own.remote as unknown as Readonly<Record<string, (...given: readonly unknown[]) => Promise<unknown>>>)[name];
      void ask?.(...args)
        .then(resolve, reject)
        .finally(() => own.rejects.delete(reject));
    });
  };
  return {
    api: new Proxy({} as Remote<Api>, {
      // A client is not itself a promise: whoever awaits it must not be told of a `then`.
      get: (_, name) => (typeof name === 'string' && name !== 'then' ? (...args: readonly unknown[]) => call(name, args) : undefined),
    }),
    stop: () => running && end(running, null),
  };
}
