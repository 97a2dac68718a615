import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { stopMeshWorker } from '../../../workers/mesh/meshClient';

/**
 * Gives up whatever is asked of meshes. The worker cannot be told to stop in the middle of a sum: it is ended, and a new one begins when it is
 * needed; what waited for it is called off.
 */
export function useStopMesh(): () => void {
  const client = useQueryClient();
  return useCallback(() => {
    stopMeshWorker();
    for (const name of ['mesh', 'grooves', 'heat']) void client.cancelQueries({ queryKey: [name] });
  }, [client]);
}
