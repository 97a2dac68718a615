import type { AreaColour, PictureArea } from '@zinc-ladder/core/colour/picture/averageArea';
import { averageArea } from '@zinc-ladder/core/colour/picture/averageArea';
import type { LightGains } from '@zinc-ladder/core/colour/picture/neutralise';
import type { Outline } from '@zinc-ladder/core/stencil/outline';
import { tracePixels } from '@zinc-ladder/core/stencil/tracePixels';
import { exposeApi } from '../exposeApi';
import { neutralCopy, readPixels, shrinkHere } from './pictureApi';

let open: { readonly id: string; readonly pixels: ImageData } | null = null;

async function pixelsOf(id: string, file: Blob): Promise<ImageData> {
  if (open?.id !== id) open = { id, pixels: await readPixels(file) };
  return open.pixels;
}

/** What is done with pictures, away from the page. */
const desk = {
  shrink: (file: Blob): Promise<Blob> => shrinkHere(file),
  sample: async (id: string, file: Blob, area: PictureArea): Promise<AreaColour> => averageArea(await pixelsOf(id, file), area),
  neutral: async (id: string, file: Blob, gains: LightGains): Promise<Blob> => neutralCopy(await pixelsOf(id, file), gains),
  trace: async (file: Blob, threshold: number): Promise<Outline> => tracePixels(await readPixels(file), threshold),
};

/** What the worker offers. */
export type PictureApi = typeof desk;

exposeApi(desk);
