import { decode } from 'jpeg-js';
import { PNG } from 'pngjs';
import type { Pixels } from '@zinc-ladder/core/colour/picture/averageArea';
import { LabError } from './labError';
import { readBytes } from './readFile';

/** More pixels than a camera has: a picture made to fill the memory. */
const MOST_PIXELS = 100_000_000;
const MOST_MEGABYTES = 2048;

/** The pixels of a PNG or JPEG file. JPEG is taken as it is stored: its orientation tag is not followed. */
export function readPicture(path: string | undefined): Pixels {
  const bytes = readBytes(path);
  const name = path ?? '';
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const isPng = bytes.length >= 24 && view.getUint32(0) === 0x89504e47;
  const isJpeg = bytes.length >= 4 && view.getUint16(0) === 0xffd8;
  if (!isPng && !isJpeg) throw new LabError(`${name} is neither PNG nor JPEG`);
  if (isPng && view.getUint32(16) * view.getUint32(20) > MOST_PIXELS) throw new LabError(`${name} has more pixels than this program takes`);
  try {
    const { data, width, height } = isPng
      ? PNG.sync.read(Buffer.from(bytes))
      : decode(bytes, { useTArray: true, maxResolutionInMP: MOST_PIXELS / 1e6, maxMemoryUsageInMB: MOST_MEGABYTES });
    return { data: new Uint8ClampedArray(data.buffer, data.byteOffset, data.byteLength), width, height };
  } catch (error) {
    throw new LabError(`${name} cannot be read (${error instanceof Error ? error.message : String(error)})`);
  }
}
