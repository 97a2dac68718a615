/** A guest's rungs on either side of a join, bottom first. */
export interface AroundJoin<Rung> {
  /** climbed before it is joined */
  readonly before: readonly Rung[];
  /** what waits until it is */
  readonly after: readonly Rung[];
}

/**
 * Parts a guest's ladder at a join. A rung that was left out still says where that is, though it stands on neither side.
 *
 * @param rungs of the guest, bottom first
 * @param guestRungId the last before the join; null: all of them; one that is not among them: it is not joined anywhere, and nothing is on a side
 */
export function aroundJoin<Rung extends { readonly id: string }>(
  rungs: readonly Rung[],
  guestRungId: string | null,
  isLeftOut: (rung: Rung) => boolean,
): AroundJoin<Rung> {
  const lastAt = guestRungId === null ? rungs.length - 1 : rungs.findIndex(({ id }) => id === guestRungId);
  if (guestRungId !== null && lastAt < 0) return { before: [], after: [] };
  const isClimbed = (rung: Rung): boolean => !isLeftOut(rung);
  return { before: rungs.slice(0, lastAt + 1).filter(isClimbed), after: rungs.slice(lastAt + 1).filter(isClimbed) };
}
