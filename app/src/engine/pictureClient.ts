import type { Remote } from 'comlink';
import { createClient } from './createClient';
import type { PictureDesk } from './picture.worker';

const client = createClient<PictureDesk>(
  () => new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module', name: 'picture' }),
);

/** The picture desk in its worker, started when first asked. */
export function getPictureDesk(): Remote<PictureDesk> {
  return client.api;
}
