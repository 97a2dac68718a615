import type { Remote } from 'comlink';
import { createClient } from './createClient';
import type { Engine } from './engine.worker';
import type { FilmsApi } from './films.worker';

const client = createClient<Engine>(() => new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: 'engine' }));

/** The engine in its worker, started when first asked. */
export function getEngine(): Remote<Engine> {
  return client.api;
}

const films = createClient<FilmsApi>(() => new Worker(new URL('./films.worker.ts', import.meta.url), { type: 'module', name: 'films' }));

/** The cure clock in a worker of its own: it answers at once, however long a plan takes. */
export function getFilms(): Remote<FilmsApi> {
  return films.api;
}
