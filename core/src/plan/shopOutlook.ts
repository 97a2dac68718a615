import { knownUntil } from '../climate/airTimeline';
import { sprayCertainty } from '../climate/sprayCertainty';
import type { Interval } from '../time/interval';
import { findMethod } from '../ladder/methods';
import { buildShopProblem, SPRAYING } from './buildShopProblem';
import { playChance, quantile, shareWithin } from './chance';
import { plannedPlacements } from './plannedPlacements';
import type { ShopPlan } from './planShop';
import { prepareProblem } from './preparedProblem';
import { readyBound } from './readyBound';
import type { ShopPlanInput } from './shopPlanInput';
import { spreadOf } from './taskSpread';

/** What bound and chance say of one prop. Moments are epoch ms. */
export interface PropOutlook {
  readonly propId: string;
  /** no plan can have it ready before */
  readonly notBeforeMs: number;
  /** ready by then in half, and in four of five, of what may happen */
  readonly p50Ms: number;
  readonly p80Ms: number;
  /** chance of its date; null where it has none */
  readonly chanceOfDate: number | null;
}

/** A rung that carries risk. */
export interface RungRisk {
  readonly rungId: string;
  /** share of the ready time's variance that goes with its minutes */
  readonly share: number;
}

/** What bound and chance say of a shop's plan. */
export interface ShopOutlook {
  readonly runs: number;
  readonly seed: number;
  readonly notBeforeMs: number;
  readonly p50Ms: number;
  readonly p80Ms: number;
  readonly props: readonly PropOutlook[];
  readonly risks: readonly RungRisk[];
  /** recoat windows missed for good, on average, in all that is planned */
  readonly missedWindows: number;
}

/**
 * Bound and chance of a plan: uncertain minutes by the method's default or the finisher's own log, passes that are needed again, and
 * spraying windows the weather takes away. The same seed draws the same fortunes for any plan.
 */
export function shopOutlook(input: ShopPlanInput, plan: Extract<ShopPlan, { kind: 'planned' }>, runs: number, seed: number): ShopOutlook {
  const { problem } = buildShopProblem(input, plan.horizonDays);
  const prepared = prepareProblem(problem);
  const methods = new Map(input.parts.flatMap((part) => part.rungs.map((rung) => [rung.id, rung.methodId] as const)));
  const played = playChance(
    prepared,
    { placements: plannedPlacements(problem, plan.rungs), unplaced: [] },
    {
      runs,
      seed,
      spreads: problem.tasks.map((task) => {
        const methodId = findMethod(methods.get(task.id) ?? 'cut').id;
        return spreadOf(methodId, input.ownRatios[methodId]);
      }),
      losses: { [SPRAYING]: lossesOf(problem.calendars.find((calendar) => calendar.id === SPRAYING)?.windows ?? [], input) },
    },
  );
  const toMs = (minute: number): number => minute * 60_000;
  return {
    runs,
    seed,
    notBeforeMs: toMs(readyBound(prepared)),
    p50Ms: toMs(quantile(played.readyMinutes, 0.5)),
    p80Ms: toMs(quantile(played.readyMinutes, 0.8)),
    props: played.groups.flatMap(({ groupId, readyMinutes }): PropOutlook[] => {
      if (groupId === null) return [];
      const dueMs = input.props.find((prop) => prop.id === groupId)?.dueMs ?? null;
      return [
        {
          propId: groupId,
          notBeforeMs: toMs(readyBound(prepared, groupId)),
          p50Ms: toMs(quantile(readyMinutes, 0.5)),
          p80Ms: toMs(quantile(readyMinutes, 0.8)),
          chanceOfDate: dueMs === null ? null : shareWithin(readyMinutes, dueMs / 60_000),
        },
      ];
    }),
    risks: played.risks.map(({ taskId, share }) => ({ rungId: taskId, share })),
    missedWindows: played.missedWindows,
  };
}

/** A spraying window that is only forecast may be lost. */
function lossesOf(windows: readonly Interval[], { air, nowMs, sprayLimits }: ShopPlanInput): number[] {
  return windows.map(
    ({ start, end }) => 1 - sprayCertainty({ start: start * 60_000, end: end * 60_000 }, air, sprayLimits, knownUntil(air, nowMs)),
  );
}
