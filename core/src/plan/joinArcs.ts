import type { CureTables } from '../cure/cureTables';
import { milestoneDemand } from '../cure/filmDemand';
import { findMethod } from '../ladder/methods';
import { orderArc, waterArc } from './ladderArcs';
import type { PlanArc } from './problem';
import type { PlanJoin, PlanPart, PlanRung } from './shopPlanInput';

/**
 * The arcs of a join: the guest's rungs before it must be done, and its last film fit to handle, before the host's rung starts; the
 * guest's rungs after it wait for the host's rung and its glue. A join that names parts or rungs that are not there gives no arcs.
 */
export function buildJoinArcs(join: PlanJoin, parts: ReadonlyMap<string, PlanPart>, tables: CureTables): PlanArc[] {
  const host = parts.get(join.hostPartId)?.rungs.find((rung) => rung.id === join.hostRungId);
  const guest = parts.get(join.guestPartId);
  if (!host || !guest || host.status.kind === 'leftOut') return [];
  const open = guest.rungs.filter((rung) => rung.status.kind !== 'leftOut');
  const lastAt = join.guestRungId === null ? open.length - 1 : open.findIndex((rung) => rung.id === join.guestRungId);
  const arcs: PlanArc[] = [];
  const before = open.slice(0, lastAt + 1);
  const next = open[lastAt + 1];
  if (host.status.kind !== 'done') {
    const closing = before.filter((rung) => rung.status.kind !== 'done').at(-1);
    if (closing) arcs.push(orderArc(closing.id, host.id, { kind: 'join' }));
    const lastFilm = before.filter(laysFilm).at(-1);
    if (lastFilm) arcs.push(...handleArc(lastFilm, host.id, tables));
    const last = before.at(-1);
    if (last && findMethod(last.methodId).leavesWater) arcs.push(waterArc(last, host.id, tables));
  }
  if (next && next.status.kind !== 'done') {
    if (host.status.kind !== 'done') arcs.push(orderArc(host.id, next.id, { kind: 'join' }));
    if (findMethod(host.methodId).leavesWater) arcs.push(waterArc(host, next.id, tables));
    if (laysFilm(host)) arcs.push(...handleArc(host, next.id, tables));
  }
  return arcs;
}

function laysFilm(rung: PlanRung): boolean {
  return rung.film !== null && findMethod(rung.methodId).laysFilm;
}

function handleArc(rung: PlanRung, to: string, tables: CureTables): PlanArc[] {
  const { film } = rung;
  if (!film) return [];
  const lo = milestoneDemand(film.drying, 'handle', film.coatMicrometres, film.coatMicrometres) ?? 0;
  return [
    {
      from: rung.id,
      to,
      clockId: tables.keyFor(film.drying),
      pieces: [{ lo, hi: null }],
      reason: { kind: 'film', milestone: 'handle', filmName: film.name },
    },
  ];
}
