import { lightOfScreen, screenOfLight } from '@zinc-ladder/core/colour/screenLight';
import type { LightGains } from '@zinc-ladder/core/colour/picture/neutralise';

/** Longest side a picture is kept at, pixels. */
const LONGEST_SIDE = 1600;

/** Draws a picture in a worker, turned as its camera meant. */
async function drawPicture(file: Blob, longest: number): Promise<OffscreenCanvas> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(Math.max(1, Math.round(bitmap.width * scale)), Math.max(1, Math.round(bitmap.height * scale)));
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('this browser cannot draw pictures');
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas;
}

/** A photograph at a sensible size, as JPEG. */
export async function shrinkHere(file: Blob): Promise<Blob> {
  const canvas = await drawPicture(file, LONGEST_SIDE);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.92 });
}

/** The pixels of a picture as it is kept. */
export async function readPixels(file: Blob): Promise<ImageData> {
  const canvas = await drawPicture(file, Infinity);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('this browser cannot draw pictures');
  return context.getImageData(0, 0, canvas.width, canvas.height);
}

/** What each of a channel's values becomes under gains in linear light, red, green and blue. */
export function gainTables(gains: LightGains): readonly Uint8ClampedArray[] {
  return gains.map((gain) => Uint8ClampedArray.from({ length: 256 }, (_, value) => screenOfLight(lightOfScreen(value) * gain)));
}

/** The same picture with its light taken out. */
export async function neutralCopy(pixels: ImageData, gains: LightGains): Promise<Blob> {
  const tables = gainTables(gains);
  const data = new Uint8ClampedArray(pixels.data);
  for (let at = 0; at < data.length; at += 4)
    for (let channel = 0; channel < 3; channel += 1) data[at + channel] = tables[channel]?.[data[at + channel] as number] ?? 0;
  const canvas = new OffscreenCanvas(pixels.width, pixels.height);
  canvas.getContext('2d')?.putImageData(new ImageData(data, pixels.width, pixels.height), 0, 0);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
}
