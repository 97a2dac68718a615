import { minuteAfter, minuteAtProgress, progressAt } from '../../cure/clockTable';
import type { CureTables } from '../../cure/cureTables';
import type { Interval } from '../../time/interval';
import { allBefore, directlyBefore } from './climbOrder';
import { gatherClocks } from './gatherClocks';
import { buildJoinArcs } from './joinArcs';
import { buildLadderArcs } from './ladderArcs';
import type { PlanArc } from '../problem/problem';
import { withSharedRungs } from './sharedRungs';
import type { PlanJoin, PlanPart } from './shopPlanInput';

/** When a rung that is told afterwards was done at the latest. */
export interface LatestEnd {
  /** epoch ms */
  readonly endMs: number;
  /** after what was logged before it there was less time than hands and films need */
  readonly isRushed: boolean;
}

/**
 * When rungs that are told afterwards were done at the latest: the last of them at the moment that is told, those before it with one pair of
 * hands that made no pause, and films as old as what came on them needed. Nothing is put before what was logged below it, or after what was
 * logged above it.
 *
 * @param parts with their rungs, bottom first: all that joins hold together
 * @param told ids of the rungs, whatever state they stand in; the last of them is what they all come before
 * @param lastEndMs end of the last of them, epoch ms
 * @param tables over the days before that
 * @returns by rung id, none before what it comes after
 */
export function latestEnds(
  parts: readonly PlanPart[],
  joins: readonly PlanJoin[],
  told: readonly string[],
  lastEndMs: number,
  tables: CureTables,
): ReadonlyMap<string, LatestEnd> {
  const isTold = new Set(told);
  const known = withSharedRungs(parts, joins).map((part) => ({
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
  ];
  const lastMinute = lastEndMs / 60_000;
  const clocks = new Map(gatherClocks([...rungs.values()], tables, lastMinute).map(({ id, table }) => [id, table]));
  const bounds = boundsByFacts(known, joins);
  const startOf = new Map<string, number>();
  const endOf = new Map<string, number>();
  const leaving = new Map<string, PlanArc[]>(told.map((id) => [id, []]));
  for (const arc of arcs) if (isTold.has(arc.to)) leaving.get(arc.from)?.push(arc);
  const followers = (id: string): readonly PlanArc[] => leaving.get(id) ?? [];
  const latestOf = (id: string): number =>
    followers(id).reduce(
      (latest, { to, clockId, pieces }) => {
        const start = startOf.get(to);
        const [first] = pieces;
        const clock = clocks.get(first?.clockId ?? clockId);
        if (start === undefined || !first || !clock) return latest;
        return Math.min(latest, minuteAtProgress(clock, progressAt(clock, start) - first.lo));
      },
      Math.min(lastMinute, (bounds.get(id)?.untilMs ?? Infinity) / 60_000),
    );
  const worked: Interval[] = [];
  const left = new Set(told);
  while (left.size > 0) {
    // From the last back: of what nothing open waits for any more, what can have been latest was latest.
    const free = [...left].filter((id) => followers(id).every(({ to }) => !left.has(to)));
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
  const isWetFact = (id: string, endMs: number): boolean =>
    arcs.some(({ from, to, clockId, pieces }) => {
      const fact = rungs.get(from);
      const [first] = pieces;
      const clock = clocks.get(first?.clockId ?? clockId);
      if (to !== id || fact?.status.kind !== 'done' || !first || !clock) return false;
      return minuteAfter(clock, fact.status.endMs / 60_000, first.lo) > endMs / 60_000 + 1;
    });
  const ends = new Map<string, LatestEnd>();
  for (const [id, minute] of [...endOf].reverse()) {
    const { afterMs, untilMs } = bounds.get(id) ?? { afterMs: 0, untilMs: Infinity };
    const latestMs = Math.min(Math.round(minute * 60_000), untilMs);
    const endMs = Math.max(latestMs, Math.min(afterMs, untilMs, lastEndMs));
    ends.set(id, { endMs, isRushed: endMs >= latestMs + 60_000 || isWetFact(id, endMs) });
  }
  return ends;
}

/** What is logged before each rung, and after it: the last moment of the one, the first of the other, epoch ms. */
function boundsByFacts(
  parts: readonly PlanPart[],
  joins: readonly PlanJoin[],
): ReadonlyMap<string, { readonly afterMs: number; readonly untilMs: number }> {
  const direct = directlyBefore(
    parts.map(({ id, rungs }) => ({ partId: id, rungs })),
    joins,
    ({ status }) => status.kind === 'leftOut',
  );
  const earlier = new Map([...direct.keys()].map((id) => [id, new Set(allBefore(id, direct))]));
  const facts = parts
    .flatMap(({ rungs }) => rungs)
    .flatMap(({ id, status }) => (status.kind === 'done' ? [{ id, endMs: status.endMs }] : []));
  return new Map(
    [...earlier].map(([id, below]) => [
      id,
      {
        afterMs: facts.reduce((latest, fact) => (below.has(fact.id) ? Math.max(latest, fact.endMs) : latest), 0),
        untilMs: facts.reduce((first, fact) => (earlier.get(fact.id)?.has(id) ? Math.min(first, fact.endMs) : first), Infinity),
      },
    ]),
  );
}

/** The latest end not after `latest` of work of so many minutes that overlaps none of the others. */
function withFreeHands(latest: number, minutes: number, worked: readonly Interval[]): number {
  let end = latest;
  for (const { start, end: until } of [...worked].sort((a, b) => b.start - a.start)) if (end > start && end - minutes < until) end = start;
  return end;
}
