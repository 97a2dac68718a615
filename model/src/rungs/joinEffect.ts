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
  /** what else is open of the guest after the join, lowest first */
  readonly rest: readonly Rung[];
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
  const open = after.filter(isOpen);
  const doubled = hostAt < 0 ? [] : pairsInOrder(hostRungs.slice(hostAt + 1).filter(isOpen), open);
  const rest = hostAt < 0 ? [] : open.filter((rung) => doubled.every(({ guest }) => guest !== rung));
  return {
    hostRung: found && found.state !== 'leftOut' ? found : null,
    before,
    after,
    doubled,
    rest,
  };
}

/** What tells work of one kind from another. */
function workOf({ methodId, productId, grit, side }: Rung): string {
  return [methodId, productId, grit, side].join('|');
}

/** What of a join says where it is. */
export type JoinPlace = Pick<Join, 'hostPartId' | 'hostRungId' | 'guestPartId' | 'guestRungId' | 'seam'>;

/**
 * Whether a join is no seam: its two parts, joined by another, get the work of the host's rung at once there, and the guest's is left out for it.
 *
 * @param joins all of the shop
 */
export function isMeeting(join: JoinPlace, joins: readonly JoinPlace[], rungs: ReadonlyMap<string, Rung>): boolean {
  return (
    join.seam === null &&
    isSharedWork(join, rungs) &&
    joins.some((other) => other.hostPartId === join.hostPartId && other.guestPartId === join.guestPartId && !isSharedWork(other, rungs))
  );
}

function isSharedWork({ hostRungId, guestRungId }: JoinPlace, rungs: ReadonlyMap<string, Rung>): boolean {
  const host = rungs.get(hostRungId);
  const guest = rungs.get(guestRungId ?? '');
  return host !== undefined && guest?.state === 'leftOut' && workOf(guest) === workOf(host);
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
