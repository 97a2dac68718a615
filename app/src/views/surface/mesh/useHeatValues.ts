import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { THIN_MILLIMETRES } from '@zinc-ladder/core/surface/measure/wallThickness';
import { useStore } from '../../../data/StoreContext';
import { tellFromWorker } from '../../../workers/mesh/meshClient';
import type { HeatId } from '../../../workers/mesh/heat';
import type { PartMesh } from './usePartMesh';
import { askAgain } from '../../../workers/mesh/askMesh';
import { useStopMesh } from './useStopMesh';

/** Values a mesh is painted by, while and after they are reckoned. */
export interface HeatValues {
  readonly values: Float32Array | null;
  /** the values as colours of corners */
  readonly colours: Uint8Array<ArrayBuffer> | null;
  /** 0 … 1; null when nothing is being reckoned */
  readonly progress: number | null;
  /** a sum in words */
  readonly note: string | null;
  /** share of the area that is more than half covered; null before recess is reckoned */
  readonly deepShare: number | null;
  readonly stop: () => void;
  readonly again: () => void;
}

interface Answer {
  readonly values: Float32Array;
  readonly colours: Uint8Array<ArrayBuffer>;
  readonly note: string;
  readonly deepShare: number | null;
}

/** Recess of larger meshes is cast only when asked for; this takes about two seconds. */
const RECESS_UP_TO = 100_000;

/** How much of a mesh hides in recesses, cast unasked where that is soon done. */
export function useDeepShare(mesh: PartMesh): number | null {
  const isSoonDone = (mesh.opened?.survey.facets ?? Infinity) <= RECESS_UP_TO;
  return useHeatValues(mesh, 'recess', isSoonDone).deepShare;
}

/** The values of a heat: ridges are there at once, recess and walls are cast in the worker when first looked at. */
export function useHeatValues(mesh: PartMesh, heatId: HeatId, isWanted = true): HeatValues {
  const { db } = useStore();
  const stop = useStopMesh();
  const [progress, setProgress] = useState(0);
  const { ask, opened, reference } = mesh;
  // The direction of printing changes neither recess nor walls, the unit does.
  const key = ['heat', heatId, ask?.id, ask?.millimetres];
  const query = useQuery({
    queryKey: key,
    enabled: isWanted && heatId !== 'ridges' && opened !== null && reference !== null,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
    networkMode: 'always',
    queryFn: async (): Promise<Answer | null> => {
      if (!ask) return null;
      setProgress(0);
      const tell = tellFromWorker((share) => setProgress(share));
      if (heatId === 'recess') {
        const recess = await askAgain(db, ask, (desk) => desk.recess(ask.id, tell));
        if (!recess) return null;
        const { covered, reachMillimetres, deepShare } = recess.cast;
        return {
          values: covered,
          colours: recess.colours,
          note: `within ${reachMillimetres.toFixed(0)} mm; ${Math.round(deepShare * 100)} % of the area is more than half covered`,
          deepShare,
        };
      }
      const painted = await askAgain(db, ask, (desk) => desk.walls(ask.id, THIN_MILLIMETRES, tell));
      if (!painted) return null;
      const walls = painted.cast;
      const thin = walls.thinSquareMillimetres / 100;
      const least = Number.isFinite(walls.thinnestMillimetres) ? `thinnest ${walls.thinnestMillimetres.toFixed(1)} mm, ` : '';
      return {
        values: walls.millimetres,
        colours: painted.colours,
        deepShare: null,
        note: `${least}${thin < 0.05 ? 'nothing' : `${thin.toFixed(1)} cm²`} under ${walls.thinBelowMillimetres} mm`,
      };
    },
  });
  if (heatId === 'ridges')
    return {
      values: opened?.survey.ridges.ridges ?? null,
      colours: opened?.colours ?? null,
      progress: null,
      note: null,
      deepShare: null,
      stop,
      again: () => undefined,
    };
  return {
    values: query.data?.values ?? null,
    colours: query.data?.colours ?? null,
    progress: query.isFetching ? progress : null,
    note: query.data?.note ?? null,
    deepShare: query.data?.deepShare ?? null,
    stop,
    again: () => void query.refetch(),
  };
}
