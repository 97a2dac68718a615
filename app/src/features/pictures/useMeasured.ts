import type { MeasuredLength } from '@zinc-ladder/core/reference/measureLengths';
import { measureLengths } from '@zinc-ladder/core/reference/measureLengths';
import type { ScaleFactor } from '@zinc-ladder/core/reference/scaleFactor';
import { scaleFactor } from '@zinc-ladder/core/reference/scaleFactor';
import { gatherMeasured } from '@zinc-ladder/model/gather/reference/gatherMeasured';
import type { PictureSize } from '@zinc-ladder/model/gather/reference/gatherMeasured';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import type { Dimension } from '@zinc-ladder/model/records/reference/dimension';
import type { Measuring } from '@zinc-ladder/model/records/reference/measuring';
import { useMemo } from 'react';
import { useTable } from '../../data/queries';
import { usePictureSizes } from './usePictureSizes';

/** What a prop's pictures tell. */
export interface MeasuredProp {
  readonly pictures: readonly PictureReference[];
  /** one's own photographs of it: marked as well, and not counted among what it is made after */
  readonly own: readonly PictureReference[];
  readonly measurings: ReadonlyMap<string, Measuring>;
  /** of those that are marked or open; null: no picture */
  readonly sizes: ReadonlyMap<string, PictureSize | null>;
  readonly dimensions: readonly Dimension[];
  /** by id of the dimension */
  readonly lengths: ReadonlyMap<string, MeasuredLength>;
  readonly factor: ScaleFactor | null;
}

/** A prop's pictures with what is marked on them, its dimensions, and what they come to. Of thousands only those marked or open are looked into. */
export function useMeasured(propId: string | null, openId: string | null): MeasuredProp {
  const allPictures = useTable('pictures');
  const allMeasurings = useTable('measurings');
  const allDimensions = useTable('dimensions');
  const pictures = useMemo(() => allPictures.filter((one) => one.propId === propId && !one.isOwn), [allPictures, propId]);
  const own = useMemo(() => allPictures.filter((one) => one.propId === propId && one.isOwn), [allPictures, propId]);
  const dimensions = useMemo(
    () => allDimensions.filter((one) => one.propId === propId).toSorted((a, b) => a.position - b.position),
    [allDimensions, propId],
  );
  const measurings = useMemo(() => new Map(allMeasurings.map((one) => [one.pictureId, one])), [allMeasurings]);
  const sizes = usePictureSizes([...pictures, ...own].flatMap(({ id }) => (id === openId || measurings.has(id) ? [id] : [])));
  // A handful of pictures takes some milliseconds; sizes come one by one as pictures are read.
  const sizesKey = [...sizes].map(([id, size]) => `${id} ${size?.width} ${size?.height}`).join();
  return useMemo(() => {
    const measured = pictures.flatMap(({ id, focalShare }) => {
      const [measuring, size] = [measurings.get(id), sizes.get(id)];
      return measuring && size ? [gatherMeasured(measuring, size, focalShare)] : [];
    });
    const lengths = new Map(measureLengths(measured).map((length) => [length.id, length]));
    const factor = scaleFactor(
      dimensions.flatMap(({ id, meshMillimetres }) => {
        const wanted = lengths.get(id)?.combined;
        return wanted && meshMillimetres !== null ? [{ id, wanted, meshMillimetres }] : [];
      }),
    );
    return { pictures, own, measurings, sizes, dimensions, lengths, factor };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the map is made anew each time; its key says whether it says anything new
  }, [pictures, own, measurings, dimensions, sizesKey]);
}
