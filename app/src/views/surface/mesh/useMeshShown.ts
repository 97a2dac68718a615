import { useMemo } from 'react';
import type { MeshHit } from '../../../workers/mesh/meshApi';
import { useStore } from '../../../data/StoreContext';
import type { MeshLook } from '../../../ui/turntable/turntable';
import type { MeshShown } from './meshScene';
import type { PartMesh } from './usePartMesh';
import { askAgain } from '../../../workers/mesh/askMesh';

/** A part's mesh as the canvas draws it; null while there is none. */
export function useMeshShown({ opened, reference }: PartMesh): MeshShown | null {
  return useMemo(() => {
    if (!opened || !reference) return null;
    const [x = 0, y = 0, z = 1] = reference.up;
    return { ...opened.drawing, ...opened.survey.boundingBox, up: [x, y, z] };
  }, [opened, reference]);
}

/** Asks the worker what a look meets: a mesh of millions of facets takes longer than a frame. */
export function useMeshHit({ ask }: PartMesh): (look: MeshLook) => Promise<MeshHit | null> {
  const { db } = useStore();
  return async ({ from, towards }) => {
    if (!ask) return null;
    const hit = await askAgain<MeshHit | 'nothing'>(db, ask, async (desk) => desk.hit(ask.id, from, towards));
    return hit === 'nothing' ? null : hit;
  };
}
