import type { Remote } from 'comlink';
import { createClient } from '../createClient';
import type { PictureApi } from './picture.worker';

const client = createClient<PictureApi>(
  () => new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module', name: 'picture' }),
);

/** The picture desk in its worker, started when first asked. */
export function getPictureApi(): Remote<PictureApi> {
  return client.api;
}
