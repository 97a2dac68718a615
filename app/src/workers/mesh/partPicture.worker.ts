import type { MeshPicture } from '@zinc-ladder/core/surface/drawing/meshPicture';
import { transfer } from 'comlink';
import type { DrawnFrom } from './drawPart';
import { drawPart } from './drawPart';
import { exposeApi } from '../exposeApi';

const api = {
  draw: async (from: DrawnFrom, file: Blob | null): Promise<MeshPicture | null> => {
    const picture = drawPart(from, file && new Uint8Array(await file.arrayBuffer()));
    return picture && transfer(picture, [picture.light.buffer]);
  },
};

/** Draws parts small, apart from the mesh desk: what somebody looks at is not kept waiting by pictures. */
export type PartPictureApi = typeof api;

exposeApi(api);
