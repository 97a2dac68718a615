import type { Remote } from 'comlink';
import { createClient } from '../createClient';
import type { PartPictureApi } from './partPicture.worker';

const client = createClient<PartPictureApi>(
  () => new Worker(new URL('./partPicture.worker.ts', import.meta.url), { type: 'module', name: 'partPicture' }),
);

/** The desk that draws parts small, in its worker, started when first asked. */
export function getPartPictureApi(): Remote<PartPictureApi> {
  return client.api;
}
