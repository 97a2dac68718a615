import { minuteAtProgress, progressAt } from '../../cure/clockTable';
import type { CureTables } from '../../cure/cureTables';
import { gatherClocks } from './gatherClocks';
import { buildLadderArcs } from './ladderArcs';
import type { PlanPart } from './shopPlanInput';

/**
 * When rungs that are told afterwards were done at the latest: the last of them at the moment that is told, those before it with hands that made
 * no pause, and films as old as what came on them needed. Nothing is put before what was logged below it, or after what was logged above it.
 *
 * @param part with its rungs, bottom first
 * @param told ids of the rungs, whatever state they stand in
 * @param lastEndMs end of the topmost of them, epoch ms
 * @param tables over the days before that
 * @returns ends by rung id, epoch ms, bottom first
 */
export function latestEnds(part: PlanPart, told: ReadonlySet<string>, lastEndMs: number, tables: CureTables): ReadonlyMap<string, number> {
  const rungs = part.rungs.flatMap((rung) => {
    if (told.has(rung.id)) return [{ ...rung, status: { kind: 'open' } as const }];
    return rung.status.kind === 'done' ? [rung] : [];
  });
  const arcs = buildLadderArcs({ ...part, rungs }, tables);
  const lastMinute = lastEndMs / 60_000;
  const clocks = new Map(gatherClocks(rungs, tables, lastMinute).map(({ id, table }) => [id, table]));
  const startOf = new Map<string, number>();
  const endOf = new Map<string, number>();
  for (const { id, minutes } of rungs.filter((rung) => told.has(rung.id)).reverse()) {
    let end = lastMinute;
    for (const { from, to, clockId, pieces } of arcs) {
      const start = startOf.get(to);
      const [first] = pieces;
      const clock = clocks.get(first?.clockId ?? clockId);
      if (from !== id || start === undefined || !first || !clock) continue;
      end = Math.min(end, minuteAtProgress(clock, progressAt(clock, start) - first.lo));
    }
    // Down to the minute: a film must not be younger than what came on it needed.
    endOf.set(id, endOf.size === 0 ? end : Math.floor(end));
    startOf.set(id, Math.floor(end) - minutes);
  }
  const doneAt = rungs.map(({ status }) => (status.kind === 'done' ? status.endMs : null));
  const ends = new Map<string, number>();
  for (const [place, { id }] of rungs.entries()) {
    const minute = endOf.get(id);
    if (minute === undefined) continue;
    const after = doneAt.slice(0, place).reduce<number>((latest, ms) => Math.max(latest, ms ?? 0), 0);
    const until = doneAt.slice(place).reduce<number>((first, ms) => Math.min(first, ms ?? lastEndMs), lastEndMs);
    ends.set(id, Math.max(Math.min(Math.round(minute * 60_000), until), Math.min(after, until)));
  }
  return ends;
}
