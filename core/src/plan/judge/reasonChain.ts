import type { PlacementReasons, WaitReason } from './explainPlacement';

/** What a rung of a plan knows of itself for a chain of reasons. */
export interface ChainRung {
  readonly rungId: string;
  readonly startMs: number;
  readonly reasons: PlacementReasons | null;
}

/** One step back: a rung, and what kept it from beginning sooner. */
export interface ChainLink {
  readonly rungId: string;
  readonly startMs: number;
  readonly held:
    | { readonly kind: 'wait'; readonly wait: WaitReason }
    | { readonly kind: 'busy'; readonly byRungId: string }
    /** hands, spraying or room were not there; what it had waited for before, where anything */
    | { readonly kind: 'closed'; readonly wait: WaitReason | null }
    | { readonly kind: 'nothing' };
}

/**
 * Why a rung is not earlier, step by step: what held it, what held that, back to now or to what was done before the plan.
 *
 * @param rungs of one plan
 */
export function followReasons(rungs: readonly ChainRung[], rungId: string): ChainLink[] {
  const byId = new Map(rungs.map((rung) => [rung.rungId, rung]));
  const chain: ChainLink[] = [];
  const seen = new Set<string>();
  for (let rung = byId.get(rungId); rung && !seen.has(rung.rungId);) {
    seen.add(rung.rungId);
    const held = heldBy(rung.reasons);
    chain.push({ rungId: rung.rungId, startMs: rung.startMs, held });
    const before = held.kind === 'busy' ? held.byRungId : held.kind === 'nothing' ? null : comesFrom(held.wait);
    rung = before === null ? undefined : byId.get(before);
  }
  return chain;
}

function heldBy(reasons: PlacementReasons | null): ChainLink['held'] {
  if (!reasons) return { kind: 'nothing' };
  const latest = reasons.waits[0] ?? null;
  if (reasons.binding === 'busy' && reasons.busyWithTaskId !== null) return { kind: 'busy', byRungId: reasons.busyWithTaskId };
  const wait = latest && latest.cause.kind !== 'now' ? latest : null;
  if (reasons.binding === 'calendar') return { kind: 'closed', wait };
  return wait ? { kind: 'wait', wait } : { kind: 'nothing' };
}

function comesFrom(wait: WaitReason | null): string | null {
  return wait?.cause.kind === 'arc' ? wait.cause.fromTaskId : null;
}
