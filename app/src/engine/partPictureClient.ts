import type { Remote } from 'comlink';
import { createClient } from './createClient';
import type { PartPictureDesk } from './partPicture.worker';

const client = createClient<PartPictureDesk>(
  () => new Worker(new URL('./partPicture.worker.ts', import.meta.url), { type: 'module', name: 'partPicture' }),
);

/** The desk that draws parts small, in its worker, started when first asked. */
export function getPartPictureDesk(): Remote<PartPictureDesk> {
  return client.api;
}
