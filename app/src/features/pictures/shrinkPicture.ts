import { getPictureApi } from '../../workers/pictures/pictureClient';

/**
 * A photograph at a sensible size, turned as its camera meant, as JPEG; done in a worker. What the browser cannot read is refused.
 *
 * @throws Error when it is not a picture
 */
export async function shrinkPicture(file: Blob): Promise<Blob> {
  return getPictureApi().shrink(file);
}
