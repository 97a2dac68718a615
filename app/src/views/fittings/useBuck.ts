import { useQuery } from '@tanstack/react-query';
import type { Buck } from '@zinc-ladder/core/sheet/formSheet';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useTable } from '../../data/queries';
import { useStore } from '../../data/StoreContext';
import { askAgain, askOf } from '../../workers/mesh/askMesh';

/** What a sheet would be drawn over, read from a part's mesh in the worker; null: it has none, or it is not read yet. `open`: its mesh has holes. */
export function useBuck(part: Part | null): Buck | 'open' | null {
  const { db } = useStore();
  const reference = useTable('meshes').find((mesh) => mesh.partId === part?.id) ?? null;
  const ask = reference && part ? askOf(reference, part) : null;
  const query = useQuery({
    queryKey: ['buck', ask?.id, reference?.revision],
    enabled: ask !== null,
    queryFn: async (): Promise<Buck | 'open' | null> => (ask ? askAgain<Buck | 'open'>(db, ask, async (desk) => desk.buck(ask.id)) : null),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
    networkMode: 'always',
  });
  return query.data ?? null;
}
