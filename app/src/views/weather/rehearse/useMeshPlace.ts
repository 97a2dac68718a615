import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import { useTable } from '../../../data/queries';
import { useStore } from '../../../data/StoreContext';
import { askAgain, askOf } from '../../../workers/mesh/askMesh';
import type { MeshHit } from '../../../workers/mesh/meshApi';
import type { MeshLook } from '../../../ui/turntable/turntable';
import type { Weather } from '../useWeather';

/** Answers which place of the mesh a look meets; null beside it, and where there is no mesh. */
export function useMeshPlace({ part }: Weather): (look: MeshLook) => Promise<Vector | null> {
  const { db } = useStore();
  const reference = useTable('meshes').find((mesh) => mesh.partId === part.id) ?? null;
  return async ({ from, towards }) => {
    if (!reference) return null;
    const ask = askOf(reference, part);
    const hit = await askAgain<MeshHit | 'nothing'>(db, ask, async (desk) => desk.hit(ask.id, from, towards));
    return hit === null || hit === 'nothing' ? null : hit.place;
  };
}
