import type { AreaColour, PictureArea } from '@zinc-ladder/core/colour/picture/averageArea';
import { linearOfLab } from '@zinc-ladder/core/colour/lab';
import { outlineOf } from '@zinc-ladder/core/stencil/outline';

/** What pictures hold in tests: a dim warm light, grey in the left half, green in the right. */
const LIGHT = [0.8, 0.6, 0.4] as const;
const GREY = linearOfLab([49.5, 0, 0]);
const GREEN = linearOfLab([36, -13, 5]);

/** The picture desk without its worker, which simulated documents do not have; a picture is whatever this says. */
export const getPictureApi = () => ({
  shrink: (file: Blob) => Promise.resolve(file),
  facts: () => Promise.resolve({ takenAtMs: null, focalShare: null }),
  neutral: (_id: string, file: Blob) => Promise.resolve(file),
  sample: (_id: string, _file: Blob, area: PictureArea): Promise<AreaColour> => {
    const colour = area.x + area.width / 2 < 0.5 ? GREY : GREEN;
    return Promise.resolve({
      rgb: [colour[0] * LIGHT[0], colour[1] * LIGHT[1], colour[2] * LIGHT[2]],
      usedShare: 0.9,
      clippedShare: 0,
      unevenness: 0.02,
      pixels: 400,
    });
  },
  trace: () =>
    Promise.resolve(
      outlineOf(
        [
          {
            points: [
              [0, 0],
              [30, 0],
              [30, 20],
            ],
            isClosed: true,
          },
        ],
        null,
        [],
      ),
    ),
});
