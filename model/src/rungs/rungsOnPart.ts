import type { Rung } from '../records/ladder/rung';
import type { Join } from '../records/prop/join';
import { sharedRungs } from './joinEffect';

/** Where a shop's ladders meet. */
export interface JoinedLadders {
  readonly joins: readonly Pick<Join, 'hostPartId' | 'hostRungId' | 'guestPartId' | 'guestRungId'>[];
  /** rungs of a part, bottom first */
  readonly rungsOf: (partId: string) => readonly Rung[];
}

/**
 * All that is done on a part, bottom first: where its rungs are left out because what it is joined to gets their work for both, that rung stands in
 * their place.
 */
export function rungsOnPart(partId: string, shop: JoinedLadders, seen: ReadonlySet<string> = new Set()): readonly Rung[] {
  const own = shop.rungsOf(partId);
  const within = new Set([...seen, partId]);
  const standIns = new Map(
    shop.joins
      .filter(({ guestPartId, hostPartId }) => guestPartId === partId && !within.has(hostPartId))
      .flatMap((join) => [...sharedRungs(join, rungsOnPart(join.hostPartId, shop, within), own)]),
  );
  return standIns.size === 0 ? own : own.map((rung) => standIns.get(rung.id) ?? rung);
}
