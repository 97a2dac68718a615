import { median } from '@zinc-ladder/core/number/median';
import type { ImagePoint } from '@zinc-ladder/core/reference/imagePoint';
import { distance } from '@zinc-ladder/core/reference/imagePoint';
import type { MeasuredPicture } from '@zinc-ladder/core/reference/measureLengths';
import type { PicturePlace } from '../../records/prop/picturePlace';
import type { Measuring } from '../../records/reference/measuring';

/** Width and height of a picture, pixels. */
export interface PictureSize {
  readonly width: number;
  readonly height: number;
}

/** A place that stands as shares of a picture's sides, in its pixels. */
export function toPixels({ x, y }: PicturePlace, { width, height }: PictureSize): ImagePoint {
  return [x * width, y * height];
}

/** Millimetres a pixel stands for, by the lengths that are known on a picture and roughly over all of it; null: none is known. */
export function gatherScale({ known, rectangle, circle }: MeasuredPicture): number | null {
  const scales = known.map(({ a, b, millimetres }) => millimetres / Math.max(1e-9, distance(a, b)));
  const [first, second] = rectangle?.corners ?? [];
  if (first && second && rectangle?.sideMillimetres !== undefined)
    scales.push(rectangle.sideMillimetres / Math.max(1e-9, distance(first, second)));
  if (circle?.diameterMillimetres !== undefined)
    scales.push(
      circle.diameterMillimetres / Math.max(1e-9, ...circle.rim.flatMap((one) => circle.rim.map((other) => distance(one, other)))),
    );
  return scales.length === 0 ? null : median(scales);
}

/**
 * What is marked on a picture as the measuring core takes it. Readings that were set aside are left out, all of them where its scale is not to be trusted.
 *
 * @param size of the picture as it is kept
 * @param focalShare focal length over its longer side; null: not known
 */
export function gatherMeasured(measuring: Measuring, size: PictureSize, focalShare: number | null): MeasuredPicture {
  const { rectangle, circle, knowns, readings, tiltDegrees, distrusted } = measuring;
  const place = (at: PicturePlace): ImagePoint => toPixels(at, size);
  return {
    id: measuring.pictureId,
    tiltDegrees,
    widthPixels: size.width,
    ...(focalShare === null ? {} : { focalPixels: focalShare * Math.max(size.width, size.height) }),
    known: knowns.map(({ a, b, millimetres, sdMillimetres, name }) => ({
      a: place(a),
      b: place(b),
      millimetres,
      spread: sdMillimetres / millimetres,
      thing: name,
    })),
    ...(rectangle
      ? {
          rectangle: {
            corners: rectangle.corners.map(place),
            proportion: rectangle.proportion,
            ...(rectangle.sideMillimetres === null ? {} : { sideMillimetres: rectangle.sideMillimetres }),
          },
        }
      : {}),
    ...(circle
      ? {
          circle: {
            rim: circle.rim.map(place),
            ...(circle.centre ? { centre: place(circle.centre) } : {}),
            ...(circle.diameterMillimetres === null ? {} : { diameterMillimetres: circle.diameterMillimetres }),
          },
        }
      : {}),
    wanted: (distrusted.includes('scale') ? [] : readings.filter(({ isLeftOut }) => !isLeftOut)).map(({ dimensionId, a, b }) => ({
      id: dimensionId,
      a: place(a),
      b: place(b),
    })),
  };
}
