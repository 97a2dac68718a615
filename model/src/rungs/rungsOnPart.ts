import type { Rung } from '../records/ladder/rung';
import type { JoinPlace } from './joinEffect';
import { isMeeting } from './joinEffect';

/**
 * All that is done on a part, bottom first: where its rungs are left out because what it is joined to gets their work for both, that rung stands in
 * their place.
 *
 * @param own its ladder
 * @param joins all of the shop
 * @param rungs all of the shop, by id
 */
export function rungsOnPart(own: readonly Rung[], joins: readonly JoinPlace[], rungs: ReadonlyMap<string, Rung>): readonly Rung[] {
  const hostOf = new Map(
    joins.flatMap((join) => (join.guestRungId !== null && isMeeting(join, joins, rungs) ? [[join.guestRungId, join.hostRungId]] : [])),
  );
  if (hostOf.size === 0) return own;
  const standIn = (rung: Rung, seen: ReadonlySet<string>): Rung => {
    const host = rungs.get(hostOf.get(rung.id) ?? '');
    // What the host left out for a host of its own is done there.
    return host && !seen.has(host.id) ? standIn(host, new Set([...seen, host.id])) : rung;
  };
  return own.map((rung) => standIn(rung, new Set([rung.id])));
}
