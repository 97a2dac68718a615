import { aroundJoin } from './aroundJoin';
import type { PlanJoin } from './shopPlanInput';

/** A ladder for the order of its rungs alone, bottom first; a rung may stand on several. */
export interface OrderedLadder<Rung> {
  readonly partId: string;
  readonly rungs: readonly Rung[];
}

/**
 * The order rungs are climbed in, along ladders and joins; what is left out is not climbed. A join that names what is not there, or whose
 * rung is left out, holds nothing.
 *
 * @returns ids of what comes directly before each rung, by its id
 */
export function directlyBefore<Rung extends { readonly id: string }>(
  ladders: readonly OrderedLadder<Rung>[],
  joins: readonly Omit<PlanJoin, 'id'>[],
  isLeftOut: (rung: Rung) => boolean,
): ReadonlyMap<string, readonly string[]> {
  const before = new Map<string, string[]>();
  const rungsOf = new Map(ladders.map(({ partId, rungs }) => [partId, rungs]));
  for (const { rungs } of ladders) {
    let last: string | null = null;
    for (const rung of rungs) {
      if (isLeftOut(rung)) continue;
      const known = before.get(rung.id) ?? [];
      before.set(rung.id, last === null ? known : [...known, last]);
      last = rung.id;
    }
  }
  for (const { hostRungId, guestPartId, guestRungId } of joins) {
    const host = before.get(hostRungId);
    const around = aroundJoin(rungsOf.get(guestPartId) ?? [], guestRungId, isLeftOut);
    const closing = around.before.at(-1);
    const [next] = around.after;
    if (host && closing) host.push(closing.id);
    if (host && next) before.get(next.id)?.push(hostRungId);
  }
  return before;
}

/** Ids of all that comes before a rung, itself not among them: none before what it comes after, unless ladders wait for each other in a ring. */
export function allBefore(id: string, direct: ReadonlyMap<string, readonly string[]>): readonly string[] {
  const seen = new Set([id]);
  const found: string[] = [];
  const look = (at: string): void => {
    for (const earlier of direct.get(at) ?? []) {
      if (seen.has(earlier)) continue;
      seen.add(earlier);
      look(earlier);
      found.push(earlier);
    }
  };
  look(id);
  return found;
}
