import type { Remote } from 'comlink';
import { wrap } from 'comlink';
import type { PictureDesk } from './picture.worker';

let desk: Remote<PictureDesk> | null = null;

/** The picture desk in its worker, started when first asked for. */
export function getPictureDesk(): Remote<PictureDesk> {
  desk ??= wrap<PictureDesk>(new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module', name: 'picture' }));
  return desk;
}
