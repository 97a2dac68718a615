import type { DrawnFrom } from '../workers/mesh/drawPart';
import { drawPart } from '../workers/mesh/drawPart';

/** The desk that draws parts, without its worker. Stands in for `partPictureClient` where there are no workers. */
export const getPartPictureApi = () => ({
  draw: async (from: DrawnFrom, file: Blob | null) => drawPart(from, file && new Uint8Array(await file.arrayBuffer())),
});
