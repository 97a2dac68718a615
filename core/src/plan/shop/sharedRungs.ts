import type { PlanJoin, PlanPart, PlanRung } from './shopPlanInput';

/** Whether a guest's rung is left out because the host's does its work on both, once they are one piece. */
function isShared(host: PlanRung | undefined, guest: PlanRung | undefined): host is PlanRung {
  if (!host || guest?.status.kind !== 'leftOut' || host.status.kind === 'leftOut') return false;
  return guest.methodId === host.methodId && guest.film?.productId === host.film?.productId;
}

/**
 * Ladders as they are climbed: where a join names a guest's rung that is left out for the same work on its host, the host's rung stands on both. What
 * comes after it on either waits for its film, and it waits for what comes before it on either.
 */
export function withSharedRungs(parts: readonly PlanPart[], joins: readonly PlanJoin[]): readonly PlanPart[] {
  const rungs = new Map(parts.flatMap((part) => part.rungs.map((rung) => [rung.id, rung] as const)));
  const standIns = new Map<string, PlanRung>();
  for (const { hostRungId, guestRungId } of joins) {
    const host = rungs.get(hostRungId);
    if (guestRungId !== null && isShared(host, rungs.get(guestRungId))) standIns.set(guestRungId, host);
  }
  if (standIns.size === 0) return parts;
  return parts.map((part) => ({ ...part, rungs: part.rungs.map((rung) => standIns.get(rung.id) ?? rung) }));
}
