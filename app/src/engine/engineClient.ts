import type { Remote } from 'comlink';
import { wrap } from 'comlink';
import type { Engine } from './engine.worker';

let engine: Remote<Engine> | null = null;

/** The engine in its worker, started when first asked for. */
export function getEngine(): Remote<Engine> {
  engine ??= wrap<Engine>(new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: 'engine' }));
  return engine;
}
