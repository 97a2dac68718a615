import { contours } from 'd3-contour';
import type { Pixels } from '../colour/picture/averageArea';
import type { Outline } from './outline';
import { OutlineFaultError, outlineOf } from './outline';

const MOST_PIXELS = 4_000_000;

/**
 * The outline of what is dark in a picture, by marching squares; units are pixels. What is see-through counts as light.
 *
 * @param threshold 0–255: darker is inside
 * @throws OutlineFaultError for a picture without any edge, or of more than 4 million pixels
 */
export function tracePixels({ data, width, height }: Pixels, threshold = 128): Outline {
  if (width * height > MOST_PIXELS) throw new OutlineFaultError('the picture is too large to be traced; 2000 × 2000 pixels are enough');
  // A frame of light, so that what touches the edge is closed too.
  const [w, h] = [width + 2, height + 2];
  const dark = new Float64Array(w * h);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const at = (y * width + x) * 4;
      const light = 0.299 * (data[at] as number) + 0.587 * (data[at + 1] as number) + 0.114 * (data[at + 2] as number);
      const solid = (data[at + 3] as number) / 255;
      dark[(y + 1) * w + x + 1] = solid * (255 - light);
    }
  const [found] = contours()
    .size([w, h])
    .thresholds([255 - threshold])(Array.from(dark));
  const lines = (found?.coordinates ?? []).flatMap((polygon) =>
    polygon.map((ring) => ({
      points: ring.slice(0, -1).map(([x = 0, y = 0]) => [x - 1, y - 1] as const),
      isClosed: true,
    })),
  );
  if (lines.length === 0) throw new OutlineFaultError('there is no edge between dark and light in it');
  return outlineOf(lines, null, []);
}
