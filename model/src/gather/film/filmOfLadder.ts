import { leavesFilmOnFaces } from '@zinc-ladder/core/ladder/filmOnFaces';
import type { Rung } from '../../records/ladder/rung';

/** Dry film on the faces once a whole ladder is climbed, µm: sanding takes some of it off again, so that this is the most. */
export function filmOfLadder(rungIds: readonly string[], rungs: readonly Rung[]): number {
  const wanted = new Set(rungIds);
  return rungs
    .filter(({ id, state, methodId }) => wanted.has(id) && state !== 'leftOut' && leavesFilmOnFaces(methodId))
    .reduce((sum, { coatMicrometres }) => sum + (coatMicrometres ?? 0), 0);
}
