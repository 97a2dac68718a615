import type { Rung } from '../records/ladder/rung';

/** Hands minutes that one piece of a set has climbed: of the rungs that are done, as they stand on its ladder, each over the set as it was then. */
export function climbedMinutes(
  rungIds: readonly string[],
  rungs: readonly Pick<Rung, 'id' | 'state' | 'minutes' | 'pieces'>[],
  pieces: number,
): number {
  const wanted = new Set(rungIds);
  const done = rungs.filter(({ id, state }) => state === 'done' && wanted.has(id));
  return done.reduce((sum, rung) => sum + rung.minutes / Math.max(1, pieces, rung.pieces ?? 0), 0);
}
