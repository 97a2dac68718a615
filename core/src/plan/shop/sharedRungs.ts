import type { PlanJoin, PlanPart, PlanRung } from './shopPlanInput';

/**
 * Ladders as they are climbed: where the host's rung does a guest's work on both, it stands on both. What comes after it on either waits for its film,
 * and it waits for what comes before it on either.
 */
export function withSharedRungs(parts: readonly PlanPart[], joins: readonly PlanJoin[]): readonly PlanPart[] {
  const shared = joins.filter(({ isShared }) => isShared);
  if (shared.length === 0) return parts;
  const rungs = new Map(parts.flatMap((part) => part.rungs.map((rung) => [rung.id, rung] as const)));
  const standIns = new Map<string, PlanRung>();
  for (const { hostRungId, guestRungId } of shared) {
    const host = rungs.get(hostRungId);
    if (host && host.status.kind !== 'leftOut' && guestRungId !== null) standIns.set(guestRungId, host);
  }
  return parts.map((part) => ({ ...part, rungs: part.rungs.map((rung) => standIns.get(rung.id) ?? rung) }));
}
