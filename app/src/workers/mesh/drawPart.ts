import { MeshFaultError } from '@zinc-ladder/core/surface/mesh/mesh';
import { readMesh } from '@zinc-ladder/core/surface/mesh/readMesh';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import type { MeshPicture } from '@zinc-ladder/core/surface/drawing/meshPicture';
import { drawMeshPicture } from '@zinc-ladder/core/surface/drawing/meshPicture';
import type { PartSize, ShapeId } from '@zinc-ladder/core/surface/measure/shapes';
import { shapeMesh } from '@zinc-ladder/core/weather/places/shapeMesh';
import type { MeshAsk } from './meshApi';

/** What a part's picture is drawn from: its mesh, or the shape that stands for it. */
export type DrawnFrom =
  { readonly kind: 'mesh'; readonly ask: MeshAsk } | { readonly kind: 'shape'; readonly id: ShapeId; readonly size: PartSize };

/** Side of the drawn picture: enough for the largest place it is shown in, on screens with two dots a pixel. */
const PIXELS = 224;
const UP: Vector = [0, 0, 1];

/** A part drawn small; null for a file that gives no mesh. */
export function drawPart(from: DrawnFrom, bytes: Uint8Array | null): MeshPicture | null {
  if (from.kind === 'shape') return drawMeshPicture(shapeMesh(from.id, from.size), UP, PIXELS);
  if (!bytes) return null;
  try {
    return drawMeshPicture(readMesh(bytes, from.ask.format, from.ask.millimetres).mesh, from.ask.setup.up, PIXELS);
  } catch (error) {
    if (error instanceof MeshFaultError) return null;
    throw error;
  }
}
