import type { DrawnFrom } from '../engine/drawPart';
import { drawPart } from '../engine/drawPart';

/** The desk that draws parts, without its worker. Stands in for `partPictureClient` where there are no workers. */
export const getPartPictureDesk = () => ({
  draw: async (from: DrawnFrom, file: Blob | null) => drawPart(from, file && new Uint8Array(await file.arrayBuffer())),
});
