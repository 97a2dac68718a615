import { aroundJoin } from '@zinc-ladder/core/plan/shop/aroundJoin';
import type { Join } from '../records/prop/join';
import type { Rung } from '../records/ladder/rung';

/** What a join asks of both ladders. */
export interface JoinEffect {
  /** the host's rung the parts are joined at; null: it is gone, or left out, and the join holds nothing */
  readonly hostRung: Rung | null;
  /** the guest's rungs that must be climbed before it, left out ones not counted */
  readonly before: readonly Rung[];
  /** the guest's rungs that wait for it */
  readonly after: readonly Rung[];
  /** the same work on both, once they are one piece: the host's rung and the guest's */
  readonly doubled: readonly { readonly host: Rung; readonly guest: Rung }[];
  /** what else is open of the guest after the join, lowest first, with the host's rung it comes after once both are climbed on one ladder */
  readonly rest: readonly { readonly guest: Rung; readonly aboveHostRungId: string }[];
}

/**
 * What a join does. Work counts as doubled where after the join both ladders have an open rung of one method, product, paper and side: joined parts
 * are one piece, and are sanded, primed and painted as one. Pairs keep the order of both ladders, as many as there can be.
 */
export function joinEffect(
  join: Pick<Join, 'hostRungId' | 'guestRungId'>,
  hostRungs: readonly Rung[],
  guestRungs: readonly Rung[],
): JoinEffect {
  const { before, after } = aroundJoin(guestRungs, join.guestRungId, (rung) => rung.state === 'leftOut');
  const hostAt = hostRungs.findIndex((rung) => rung.id === join.hostRungId);
  const found = hostRungs[hostAt];
  const isOpen = (rung: Rung): boolean => rung.state === 'open';
  const doubled = hostAt < 0 ? [] : pairsInOrder(hostRungs.slice(hostAt + 1).filter(isOpen), after.filter(isOpen));
  return {
    hostRung: found && found.state !== 'leftOut' ? found : null,
    before,
    after,
    doubled,
    rest: hostAt < 0 ? [] : restOf(after, doubled, hostRungs, hostAt),
  };
}

/** The guest's own work after the join, where it would stand on the host's ladder: above what both do before it, and above all that is begun. */
function restOf(after: readonly Rung[], doubled: JoinEffect['doubled'], hostRungs: readonly Rung[], hostAt: number): JoinEffect['rest'] {
  const isBegun = ({ state }: Rung): boolean => state !== 'open' && state !== 'leftOut';
  const hostOf = new Map(doubled.map(({ host, guest }) => [guest.id, host]));
  let above = Math.max(hostAt, hostRungs.findLastIndex(isBegun));
  return after.slice(after.findLastIndex(isBegun) + 1).flatMap((guest) => {
    const host = hostOf.get(guest.id);
    if (host) above = Math.max(above, hostRungs.indexOf(host));
    return host ? [] : [{ guest, aboveHostRungId: hostRungs[above]?.id ?? '' }];
  });
}

/** What tells work of one kind from another. */
function workOf({ methodId, productId, grit, side }: Rung): string {
  return [methodId, productId, grit, side].join('|');
}

/** The longest run of pairs of the same work that keeps both orders (longest common subsequence). */
function pairsInOrder(hosts: readonly Rung[], guests: readonly Rung[]): { readonly host: Rung; readonly guest: Rung }[] {
  const longest = Array.from({ length: hosts.length + 1 }, () => new Uint16Array(guests.length + 1));
  const at = (h: number, g: number): number => longest[h]?.[g] ?? 0;
  for (let h = hosts.length - 1; h >= 0; h -= 1)
    for (let g = guests.length - 1; g >= 0; g -= 1) {
      const row = longest[h] as Uint16Array;
      const isSame = workOf(hosts[h] as Rung) === workOf(guests[g] as Rung);
      row[g] = isSame ? at(h + 1, g + 1) + 1 : Math.max(at(h + 1, g), at(h, g + 1));
    }
  const pairs: { host: Rung; guest: Rung }[] = [];
  for (let h = 0, g = 0; h < hosts.length && g < guests.length;) {
    const host = hosts[h] as Rung;
    const guest = guests[g] as Rung;
    if (workOf(host) === workOf(guest)) {
      pairs.push({ host, guest });
      h += 1;
      g += 1;
    } else if (at(h + 1, g) >= at(h, g + 1)) h += 1;
    else g += 1;
  }
  return pairs;
}
