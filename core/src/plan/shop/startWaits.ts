import type { SprayFault, SprayLimits } from '../../climate/sprayVerdict';
import { judgeSpraying } from '../../climate/sprayVerdict';
import type { Air } from '../../climate/air';
import { limitsToLay } from '../../climate/layLimits';
import { readCureClock } from '../../cure/cureClock';
import { findMethod } from '../../ladder/methods';
import type { Interval } from '../../time/interval';
import { buildShopProblem } from './buildShopProblem';
import { printedPart } from './partPrints';
import { findProblemFaults } from '../problem/problemFaults';
import { arcSpans, prepareProblem } from '../problem/preparedProblem';
import type { ArcReason } from '../problem/problem';
import type { PlanFilm, ShopPlanInput } from './shopPlanInput';

/** One thing a rung waits for, with when it may start by it. Moments are epoch ms; `end` is Infinity where a span stays open. */
export interface StartWait {
  readonly fromRungId: string;
  readonly reason: ArcReason;
  /** null: what it waits for is not done itself */
  readonly spans: readonly Interval[] | null;
}

/** When the next rung of a part may start, whatever the plan says. */
export interface StartAnswer {
  readonly rungId: string;
  readonly partId: string;
  readonly waits: readonly StartWait[];
  /** the film it lays, whose limits the air must keep; null when it lays none */
  readonly film: PlanFilm | null;
  /** when its film would be too cold to form, were it laid at the moment asked for; null: never */
  readonly tooColdMs: number | null;
}

/** Reads for every part what its next open rung waits for: films by their clocks, joins, the rungs before it. */
export function readStarts(asked: ShopPlanInput): StartAnswer[] {
  const input = upToNext(asked);
  const { problem, tables } = buildShopProblem(input, 1);
  // Ladders that contradict each other have no next rung; the plan says what is wrong.
  if (findProblemFaults(problem).length > 0) return [];
  const prepared = prepareProblem(problem);
  const indexOf = new Map(problem.tasks.map((task, index) => [task.id, index]));
  return input.parts.flatMap((part): StartAnswer[] => {
    const next = part.rungs.find((rung) => rung.status.kind === 'open');
    const index = indexOf.get(next?.id ?? '');
    if (!next || index === undefined) return [];
    const waits = (prepared.incoming[index] ?? []).flatMap((arc): StartWait[] => {
      const fromRungId = arc.arc.from;
      // Of a set that comes piece by piece, what is off the printer can be worked on.
      if (printedPart(fromRungId) !== null && (part.print?.piecesLeft ?? 0) < part.pieces) return [];
      const fixed = prepared.tasks[arc.from]?.fixed;
      // A lock is a wish; only what is done is a fact.
      if (!fixed || fixed.end > problem.fromMinute) return [{ fromRungId, reason: arc.arc.reason, spans: null }];
      const spans = arcSpans(arc, fixed.end).map(({ start, end }) => ({ start: start * 60_000, end: end * 60_000 }));
      return [{ fromRungId, reason: arc.arc.reason, spans }];
    });
    const film = next.film && findMethod(next.methodId).laysFilm ? next.film : null;
    const coat = film && { atMs: input.nowMs, thicknessMicrometres: film.coatMicrometres };
    const tooColdMs = film && coat ? readCureClock(film.drying, [coat], tables).tooColdMs : null;
    return [{ rungId: next.id, partId: part.id, waits, film, tooColdMs }];
  });
}

/** A shop without what comes after the next rung of each part: only joined parts need more to be told about. */
function upToNext(input: ShopPlanInput): ShopPlanInput {
  const joined = new Set(input.joins.flatMap(({ hostPartId, guestPartId }) => [hostPartId, guestPartId]));
  const parts = input.parts.map((part) => {
    const next = part.rungs.findIndex(({ status }) => status.kind === 'open');
    return joined.has(part.id) || next < 0 ? part : { ...part, rungs: part.rungs.slice(0, next + 1) };
  });
  return { ...input, parts };
}

/** What speaks against beginning a rung at a moment. Nothing here forbids it: it is said, and logged where it is done all the same. */
export type StartWarning =
  /** something before it is not done */
  | { readonly kind: 'before'; readonly rungId: string }
  /** a film is not as far as the work needs it; `untilMs` null: it never gets there in this air */
  | { readonly kind: 'early'; readonly fromRungId: string; readonly reason: ArcReason; readonly untilMs: number | null }
  /** the window has closed: null: it does not open again by itself */
  | { readonly kind: 'closed'; readonly fromRungId: string; readonly reason: ArcReason; readonly untilMs: number | null }
  /** the air is not what its product asks for */
  | { readonly kind: 'air'; readonly productName: string; readonly fault: SprayFault }
  /** it would be too cold for its film to form */
  | { readonly kind: 'cold'; readonly productName: string; readonly atMs: number; readonly leastCelsius: number };

/** The air at the bench, as it is judged for laying something. */
export interface BenchAir extends Air {
  /** left out where unknown */
  readonly windMetresPerSecond?: number | undefined;
}

/** What speaks against beginning a rung now; empty: nothing does. */
export function warnOfStart(
  answer: StartAnswer,
  nowMs: number,
  limits: SprayLimits,
  air: BenchAir | null,
  isSprayed: boolean,
): StartWarning[] {
  const warnings = answer.waits.flatMap((wait): StartWarning[] => {
    const { fromRungId, reason, spans } = wait;
    if (spans === null) return [{ kind: 'before', rungId: fromRungId }];
    // Spans are whole minutes; within the minute in which one opens or closes it counts as open.
    if (spans.some(({ start, end }) => start < nowMs + 60_000 && nowMs < end + 60_000)) return [];
    const next = spans.find(({ start }) => start > nowMs);
    const untilMs = next && Number.isFinite(next.start) ? next.start : null;
    return [{ kind: spans.some(({ end }) => end <= nowMs) ? 'closed' : 'early', fromRungId, reason, untilMs }];
  });
  const { film, tooColdMs } = answer;
  if (film && air) {
    const asked = limitsToLay(limits, film.limits, isSprayed);
    const { faults } = judgeSpraying(air, asked, air.temperatureCelsius, air.windMetresPerSecond);
    warnings.push(...faults.map((fault): StartWarning => ({ kind: 'air', productName: film.name, fault })));
  }
  if (film && tooColdMs !== null)
    warnings.push({ kind: 'cold', productName: film.name, atMs: tooColdMs, leastCelsius: film.drying.minimumFilmCelsius });
  return [...new Map(warnings.map((warning) => [JSON.stringify(warning), warning])).values()];
}
