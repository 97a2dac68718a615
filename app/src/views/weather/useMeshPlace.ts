import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { beadShareOf } from '@zinc-ladder/core/surface/layerRidges';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import { useTable } from '../../data/queries';
import { useStore } from '../../data/StoreContext';
import { getMeshDesk } from '../../engine/meshClient';
import type { MeshLook } from '../../ui/turntable';
import type { Weather } from './useWeather';
import { weatherAskOf } from './useWeather';

/** Answers which place of the mesh a look meets; null beside it, and where there is no mesh. */
export function useMeshPlace({ part, plan }: Weather): (look: MeshLook) => Promise<Vector | null> {
  const { db } = useStore();
  const reference = useTable('meshes').find((mesh) => mesh.partId === part.id) ?? null;
  return async ({ from, towards }) => {
    const ask = weatherAskOf(part, reference, plan);
    if (!reference || !ask?.mesh) return null;
    const ask_ = (): Promise<Awaited<ReturnType<ReturnType<typeof getMeshDesk>['hit']>>> => getMeshDesk().hit(reference.id, from, towards);
    let hit = await ask_();
    if (hit === null) {
      const file = (await db.attachments.get(reference.id))?.blob;
      if (!file) return null;
      const [x = 0, y = 0, z = 1] = reference.up;
      const setup = {
        layerMillimetres: part.layerMillimetres,
        up: [x, y, z] as const,
        beadShare: beadShareOf(findMaterial(part.materialId)),
      };
      await getMeshDesk().open({ id: reference.id, format: ask.mesh.format, millimetres: ask.mesh.millimetres, setup }, file);
      hit = await ask_();
    }
    return hit === null || hit === 'nothing' ? null : hit.place;
  };
}
