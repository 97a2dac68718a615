import type { AreaColour, PictureArea, Pixels } from '@zinc-ladder/core/colour/picture/averageArea';
import { averageArea } from '@zinc-ladder/core/colour/picture/averageArea';
import type { LightGains } from '@zinc-ladder/core/colour/picture/neutralise';
import type { Outline } from '@zinc-ladder/core/stencil/outline';
import { tracePixels } from '@zinc-ladder/core/stencil/tracePixels';
import { transfer } from 'comlink';
import { exposeApi } from '../exposeApi';
import type { MatchAnswer, MatchAsk } from './matchPictures';
import { layOver, matchPictures } from './matchPictures';
import type { PhotoFacts } from './photoFacts';
import { readPhotoFacts } from './photoFacts';
import { neutralCopy, readPixels, shrinkHere } from './pictureApi';

/** Pictures that were looked into last: a match goes back and forth between two. */
let open: readonly { readonly id: string; readonly pixels: ImageData }[] = [];
const MOST_OPEN = 3;

async function pixelsOf(id: string, file: Blob): Promise<ImageData> {
  const known = open.find((one) => one.id === id) ?? { id, pixels: await readPixels(file) };
  open = [known, ...open.filter((one) => one.id !== id)].slice(0, MOST_OPEN);
  return known.pixels;
}

/** A kept picture as the desk is asked about it. */
export interface KeptPicture {
  readonly id: string;
  readonly file: Blob;
}

const bitmapOf = ({ data, width, height }: Pixels): Promise<ImageBitmap> =>
  createImageBitmap(new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height));

/** What is done with pictures, away from the page. */
const desk = {
  facts: (file: Blob): Promise<PhotoFacts> => readPhotoFacts(file),
  shrink: (file: Blob): Promise<Blob> => shrinkHere(file),
  sample: async (id: string, file: Blob, area: PictureArea): Promise<AreaColour> => averageArea(await pixelsOf(id, file), area),
  neutral: async (id: string, file: Blob, gains: LightGains): Promise<Blob> => neutralCopy(await pixelsOf(id, file), gains),
  match: async (reference: KeptPicture, own: KeptPicture, ask: MatchAsk): Promise<MatchAnswer> =>
    matchPictures(await pixelsOf(reference.id, reference.file), await pixelsOf(own.id, own.file), ask),
  layOver: async (reference: KeptPicture, own: KeptPicture, ask: MatchAsk): Promise<readonly [ImageBitmap, ImageBitmap] | null> => {
    const pair = layOver(await pixelsOf(reference.id, reference.file), await pixelsOf(own.id, own.file), ask);
    if (!pair) return null;
    const bitmaps = [await bitmapOf(pair.reference), await bitmapOf(pair.own)] as const;
    return transfer(bitmaps, [...bitmaps]);
  },
  trace: async (file: Blob, threshold: number): Promise<Outline> => tracePixels(await readPixels(file), threshold),
};

/** What the worker offers. */
export type PictureApi = typeof desk;

exposeApi(desk);
