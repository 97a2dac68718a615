import { minuteAtProgress, progressAt } from '../../cure/clockTable';
import type { CureTables } from '../../cure/cureTables';
import type { Interval } from '../../time/interval';
import { allBefore, directlyBefore } from './climbOrder';
import { gatherClocks } from './gatherClocks';
import { buildJoinArcs } from './joinArcs';
import { buildLadderArcs } from './ladderArcs';
import type { PlanArc } from '../problem/problem';
import type { PlanJoin, PlanPart } from './shopPlanInput';

/**
 * When rungs that are told afterwards were done at the latest: the last of them at the moment that is told, those before it with one pair of
 * hands that made no pause, and films as old as what came on them needed. Nothing is put before what was logged below it, or after what was
 * logged above it.
 *
 * @param parts with their rungs, bottom first: all that joins hold together
 * @param told ids of the rungs, whatever state they stand in; the last of them is what they all come before
 * @param lastEndMs end of the last of them, epoch ms
 * @param tables over the days before that
 * @returns ends by rung id, epoch ms, none before what it comes after
 */
export function latestEnds(
  parts: readonly PlanPart[],
  joins: readonly PlanJoin[],
  told: readonly string[],
  lastEndMs: number,
  tables: CureTables,
): ReadonlyMap<string, number> {
  const isTold = new Set(told);
  const known = parts.map((part) => ({
    ...part,
    rungs: part.rungs.map((rung) => {
      if (isTold.has(rung.id)) return { ...rung, status: { kind: 'open' } as const };
      return rung.status.kind === 'done' ? rung : { ...rung, status: { kind: 'leftOut' } as const };
    }),
  }));
  const rungs = new Map(known.flatMap((part) => part.rungs.map((rung) => [rung.id, rung] as const)));
  const partById = new Map(known.map((part) => [part.id, part]));
  const arcs = [
    ...known.flatMap((part) => buildLadderArcs(part, tables)),
    ...joins.flatMap((join) => buildJoinArcs(join, partById, tables)),
  ].filter(({ from, to }) => isTold.has(from) && isTold.has(to));
  const lastMinute = lastEndMs / 60_000;
  const clocks = new Map(gatherClocks([...rungs.values()], tables, lastMinute).map(({ id, table }) => [id, table]));
  const arcsFrom = (id: string): readonly PlanArc[] => arcs.filter(({ from }) => from === id);
  const startOf = new Map<string, number>();
  const endOf = new Map<string, number>();
  const latestOf = (id: string): number =>
    arcsFrom(id).reduce((latest, { to, clockId, pieces }) => {
      const start = startOf.get(to);
      const [first] = pieces;
      const clock = clocks.get(first?.clockId ?? clockId);
      if (start === undefined || !first || !clock) return latest;
      return Math.min(latest, minuteAtProgress(clock, progressAt(clock, start) - first.lo));
    }, lastMinute);
  const worked: Interval[] = [];
  const left = new Set(told);
  while (left.size > 0) {
    // From the last back: of what nothing open waits for any more, what can have been latest was latest.
    const free = [...left].filter((id) => arcsFrom(id).every(({ to }) => !left.has(to)));
    const next = (free.length > 0 ? free : [...left])
      .reverse()
      .map((id) => ({ id, end: withFreeHands(latestOf(id), rungs.get(id)?.minutes ?? 0, worked) }))
      .reduce((latest, one) => (one.end > latest.end ? one : latest));
    // Down to the minute: a film must not be younger than what came on it needed.
    const end = endOf.size === 0 ? next.end : Math.floor(next.end);
    const start = Math.floor(next.end) - (rungs.get(next.id)?.minutes ?? 0);
    endOf.set(next.id, end);
    startOf.set(next.id, start);
    worked.push({ start, end });
    left.delete(next.id);
  }
  return keepToFacts();

  function keepToFacts(): ReadonlyMap<string, number> {
    const direct = directlyBefore(
      known.map((part) => ({ partId: part.id, rungs: part.rungs })),
      joins,
      ({ status }) => status.kind === 'leftOut',
    );
    const earlier = new Map([...direct.keys()].map((id) => [id, new Set(allBefore(id, direct))]));
    const facts = [...rungs.values()].flatMap(({ id, status }) => (status.kind === 'done' ? [{ id, endMs: status.endMs }] : []));
    const ends = new Map<string, number>();
    for (const id of [...endOf.keys()].reverse()) {
      const below = earlier.get(id);
      const after = facts.reduce((latest, fact) => (below?.has(fact.id) ? Math.max(latest, fact.endMs) : latest), 0);
      const until = facts.reduce((first, fact) => (earlier.get(fact.id)?.has(id) ? Math.min(first, fact.endMs) : first), lastEndMs);
      ends.set(id, Math.max(Math.min(Math.round((endOf.get(id) ?? lastMinute) * 60_000), until), Math.min(after, until)));
    }
    return ends;
  }
}

/** The latest end not after `latest` of work of so many minutes that overlaps none of the others. */
function withFreeHands(latest: number, minutes: number, worked: readonly Interval[]): number {
  let end = latest;
  for (const { start, end: until } of [...worked].sort((a, b) => b.start - a.start)) if (end > start && end - minutes < until) end = start;
  return end;
}
