import type { Remote } from 'comlink';
import { createClient } from '../createClient';
import type { PlanWorkerApi } from './plan.worker';
import type { FilmsApi } from './films.worker';

const client = createClient<PlanWorkerApi>(
  () => new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module', name: 'plan' }),
);

/** The planner in its worker, started when first asked. */
export function getPlanWorker(): Remote<PlanWorkerApi> {
  return client.api;
}

const films = createClient<FilmsApi>(() => new Worker(new URL('./films.worker.ts', import.meta.url), { type: 'module', name: 'films' }));

/** The cure clock in a worker of its own: it answers at once, however long a plan takes. */
export function getFilms(): Remote<FilmsApi> {
  return films.api;
}
