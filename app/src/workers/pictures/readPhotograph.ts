import { photoOfPixels } from '@zinc-ladder/core/weather/photograph/photo';
import type { CoverageQuestion, CoverageReading } from '@zinc-ladder/core/weather/photograph/readCoverage';
import { readCoverage } from '@zinc-ladder/core/weather/photograph/readCoverage';
import { readPixels } from './pictureApi';

/** A photograph to be read, with the clean one where there is one. Places and the area are shares of each picture's sides, 0 … 1. */
export interface PhotographAsk extends Pick<CoverageQuestion, 'pairs' | 'cleanPins' | 'base' | 'deposit' | 'area'> {
  readonly after: Blob;
  readonly clean: Blob | null;
}

/** Reads how much of an area is covered; at home in a worker, as pictures of many megapixels take their time. */
export async function readPhotograph({ after, clean, pairs, cleanPins, area, base, deposit }: PhotographAsk): Promise<CoverageReading> {
  const later = await readPixels(after);
  const before = clean && (await readPixels(clean));
  const inLater = ([x, y]: readonly [number, number]): readonly [number, number] => [x * later.width, y * later.height];
  return readCoverage({
    after: photoOfPixels(later.data, later.width, later.height),
    clean: before && photoOfPixels(before.data, before.width, before.height),
    pairs: pairs.map((pair) => ({
      after: inLater(pair.after),
      clean: [pair.clean[0] * (before?.width ?? 1), pair.clean[1] * (before?.height ?? 1)],
    })),
    cleanPins: cleanPins.map(inLater),
    base,
    deposit,
    area: {
      left: area.left * later.width,
      top: area.top * later.height,
      width: area.width * later.width,
      height: area.height * later.height,
    },
  });
}
