import type { Remote } from 'comlink';
import { createClient } from './createClient';
import type { Engine } from './engine.worker';

const client = createClient<Engine>(() => new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: 'engine' }));

/** The engine in its worker, started when first asked. */
export function getEngine(): Remote<Engine> {
  return client.api;
}
