import type { Groove } from '@zinc-ladder/core/surface/measure/grooves';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import type { MeshReference } from '@zinc-ladder/model/records/prop/meshReference';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useQuery } from '@tanstack/react-query';
import { useStore } from '../../../data/StoreContext';
import { useTable } from '../../../data/queries';
import { askAgain, askOf } from '../../../workers/mesh/askMesh';
import { getMeshApi } from '../../../workers/mesh/meshClient';
import { useStopMesh } from './useStopMesh';
import type { MeshAsk, OpenedMesh } from '../../../workers/mesh/meshApi';

/** A part's mesh with what is known of it. */
export interface PartMesh {
  /** null: the part has none */
  readonly reference: MeshReference | null;
  readonly ask: MeshAsk | null;
  readonly opened: OpenedMesh | null;
  readonly isReading: boolean;
  /** why it gives nothing */
  readonly problem: string | null;
  readonly grooves: readonly Groove[] | null;
  /** gives up reading a mesh that takes too long */
  readonly stop: () => void;
  readonly readAgain: () => void;
}

/** Grooves of larger meshes are not looked for unasked. */
const GROOVES_UP_TO = 400_000;

/** The mesh of a part, read and measured in the worker; renewed when its file, unit, scale or direction or the layer changes. */
export function usePartMesh(part: Part): PartMesh {
  const { db } = useStore();
  const stop = useStopMesh();
  const reference = useTable('meshes').find((mesh) => mesh.partId === part.id) ?? null;
  const ask = reference ? askOf(reference, part) : null;
  const key = [ask?.id, reference?.revision, part.layerMillimetres, part.materialId];
  const query = useQuery({
    queryKey: ['mesh', ...key],
    enabled: ask !== null,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
    networkMode: 'always',
    queryFn: async () => {
      if (!ask) return null;
      const file = (await db.attachments.get(ask.id))?.blob;
      if (!file) return { kind: 'faulty' as const, message: 'its bytes are not kept here' };
      return getMeshApi().open(ask, file);
    },
  });
  const opened = query.data?.kind === 'opened' ? query.data : null;
  const grooves = useQuery({
    queryKey: ['grooves', ...key],
    enabled: opened !== null && opened.survey.facets <= GROOVES_UP_TO,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
    networkMode: 'always',
    queryFn: async () => (ask ? askAgain(db, ask, (desk) => desk.grooves(ask.id)) : null),
  });
  return {
    reference,
    ask,
    opened,
    isReading: query.isFetching,
    problem: query.data?.kind === 'faulty' ? query.data.message : (query.error?.message ?? null),
    grooves: grooves.data ?? null,
    stop,
    readAgain: () => void query.refetch(),
  };
}

/** The way a hidden side looks, in the file's axes. */
export function hiddenDirection(side: MeshReference['hiddenSide']): Vector | null {
  if (side === 'none') return null;
  const sign = side.startsWith('-') ? -1 : 1;
  return [side.endsWith('x') ? sign : 0, side.endsWith('y') ? sign : 0, side.endsWith('z') ? sign : 0];
}
