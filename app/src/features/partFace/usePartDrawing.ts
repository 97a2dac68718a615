import type { MeshPicture } from '@zinc-ladder/core/surface/drawing/meshPicture';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useQuery } from '@tanstack/react-query';
import { useTable } from '../../data/queries';
import { useStore } from '../../data/StoreContext';
import { askOf } from '../../workers/mesh/askMesh';
import type { DrawnFrom } from '../../workers/mesh/drawPart';
import { getPartPictureApi } from '../../workers/mesh/partPictureClient';

/** Drawings are kept that long after nobody shows them: a view that is left and come back to has them at once. */
const KEPT_MS = 600_000;

/** A part drawn small from its mesh, or from the shape that stands for it; null where it has neither, or while it is drawn. */
export function usePartDrawing(part: Part): MeshPicture | null {
  const { db } = useStore();
  const reference = useTable('meshes').find((mesh) => mesh.partId === part.id) ?? null;
  const [length, breadth, height] = part.sizeMillimetres ?? [];
  const from: DrawnFrom | null = reference
    ? { kind: 'mesh', ask: askOf(reference, part) }
    : part.shapeId && length && breadth && height
      ? { kind: 'shape', id: part.shapeId, size: [length, breadth, height] }
      : null;
  const query = useQuery({
    queryKey: ['partDrawing', reference?.id, reference?.revision, from?.kind === 'shape' ? from : null],
    enabled: from !== null,
    staleTime: Infinity,
    gcTime: KEPT_MS,
    retry: false,
    networkMode: 'always',
    queryFn: async () => {
      if (!from) return null;
      const file = from.kind === 'mesh' ? ((await db.attachments.get(from.ask.id))?.blob ?? null) : null;
      return getPartPictureApi().draw(from, file);
    },
  });
  return query.data ?? null;
}
