import type { CureTables } from '../../cure/cureTables';
import { aroundJoin } from './aroundJoin';
import { handleArcs, orderArc, waterArcs } from './ladderArcs';
import type { PlanArc } from '../problem/problem';
import type { PlanJoin, PlanPart } from './shopPlanInput';

/**
 * The arcs of a join. Before the host's rung starts, the guest's earlier rungs must be done and every film on the guest, on every face, fit
 * to handle. The guest's later rungs wait for the host's rung and for every film of the host. A rung that stands on both ladders has its waits
 * by these; the guest's next one waits for the host's films under it besides. A join that names parts or rungs that are not there gives no arcs.
 *
 * @param parts as they are climbed, with shared rungs
 */
export function buildJoinArcs(join: PlanJoin, parts: ReadonlyMap<string, PlanPart>, tables: CureTables): PlanArc[] {
  const hostRungs = parts.get(join.hostPartId)?.rungs ?? [];
  const host = hostRungs.find((rung) => rung.id === join.hostRungId);
  const guest = parts.get(join.guestPartId);
  if (!host || !guest || host.status.kind === 'leftOut') return [];
  const together = guest.rungs.indexOf(host);
  if (together >= 0) {
    const next = guest.rungs.slice(together + 1).find(({ status }) => status.kind !== 'leftOut');
    return next && next.status.kind !== 'done' ? handleArcs(hostRungs.slice(0, hostRungs.indexOf(host)), next.id, tables) : [];
  }
  const { before, after } = aroundJoin(guest.rungs, join.guestRungId, ({ status }) => status.kind === 'leftOut');
  const [next] = after;
  const arcs: PlanArc[] = [];
  if (host.status.kind !== 'done') {
    const closing = before.filter((rung) => rung.status.kind !== 'done').at(-1);
    if (closing) arcs.push(orderArc(closing.id, host.id, { kind: 'join' }));
    arcs.push(...handleArcs(before, host.id, tables));
    const last = before.at(-1);
    if (last) arcs.push(...waterArcs(last, host.id, tables));
  }
  if (next && next.status.kind !== 'done') {
    if (host.status.kind !== 'done') arcs.push(orderArc(host.id, next.id, { kind: 'join' }));
    arcs.push(...waterArcs(host, next.id, tables));
    // From here on they are one piece: the host's films, its glue among them, are the guest's too.
    arcs.push(...handleArcs(hostRungs.slice(0, hostRungs.indexOf(host) + 1), next.id, tables));
  }
  return arcs;
}
