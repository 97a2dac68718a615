import { buildShopProblem } from '../shop/buildShopProblem';
import { playChance, quantile, shareWithin } from '../play/chance';
import type { PlayedPlan } from './planOrder';
import { prepareProblem } from '../problem/preparedProblem';
import type { PlanProblem } from '../problem/problem';
import { readyBound } from '../judge/readyBound';
import { shopOdds } from './shopOdds';
import type { PlanProp, ShopPlanInput } from '../shop/shopPlanInput';

/** What bound and chance say of one prop. Moments are epoch ms. */
export interface PropOutlook {
  readonly propId: string;
  /** no plan can have it ready before */
  readonly notBeforeMs: number;
  /** ready by then in half, and in four of five, of what may happen */
  readonly p50Ms: number;
  readonly p80Ms: number;
  /** chance of its date, and of a day later; null where it has none */
  readonly chanceOfDate: number | null;
  readonly chanceADayLater: number | null;
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
  /** plays go no further than this: a moment that is not before it stands for all that is later, or never */
  readonly endsMs: number;
  readonly props: readonly PropOutlook[];
  readonly risks: readonly RungRisk[];
  /** recoat windows missed for good, on average, in all that is planned */
  readonly missedWindows: number;
}

/**
 * Bound and chance of a plan: uncertain minutes by the method's default or the finisher's own log, passes that are needed again, and
 * spraying windows the weather takes away. The same seed draws the same fortunes for any plan.
 */
export function shopOutlook(
  input: ShopPlanInput,
  { order, horizonDays }: PlayedPlan,
  runs: number,
  seed: number,
  dryingSpread?: number,
): ShopOutlook {
  const shop = buildShopProblem(input, horizonDays);
  const { problem } = shop;
  const prepared = prepareProblem(problem);
  const played = playChance(prepared, keysOfOrder(problem, order), { runs, seed, ...shopOdds(input, shop, dryingSpread) });
  const toMs = (minute: number): number => minute * 60_000;
  return {
    runs,
    seed,
    notBeforeMs: toMs(readyBound(prepared)),
    p50Ms: toMs(quantile(played.readyMinutes, 0.5)),
    p80Ms: toMs(quantile(played.readyMinutes, 0.8)),
    endsMs: toMs(problem.horizonMinute),
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
          chanceADayLater: dueMs === null ? null : shareWithin(readyMinutes, dueMs / 60_000 + 1440),
        },
      ];
    }),
    risks: played.risks.map(({ taskId, share }) => ({ rungId: taskId, share })),
    missedWindows: played.missedWindows,
  };
}

/** The share of weighted dates one can expect to be met; null where nothing that is open has a date. */
export function datesMet(
  outlook: { readonly props: readonly Pick<PropOutlook, 'propId' | 'chanceOfDate'>[] },
  props: readonly Pick<PlanProp, 'id' | 'weight'>[],
): number | null {
  const weights = new Map(props.map((prop) => [prop.id, prop.weight]));
  let sum = 0;
  let all = 0;
  for (const { propId, chanceOfDate } of outlook.props) {
    if (chanceOfDate === null) continue;
    const weight = weights.get(propId) ?? 1;
    sum += weight * chanceOfDate;
    all += weight;
  }
  return all > 0 ? sum / all : null;
}

/** The order of a plan as keys of its problem's tasks; what has no place comes last. */
export function keysOfOrder({ tasks, horizonMinute }: PlanProblem, order: PlayedPlan['order']): Float64Array {
  return Float64Array.from(tasks, (task) => order[task.id] ?? horizonMinute);
}
