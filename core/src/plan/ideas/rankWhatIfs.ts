import type { PlanProp } from '../shop/shopPlanInput';
import type { ShopOutlook } from '../shopPlan/shopOutlook';
import { datesMet } from '../shopPlan/shopOutlook';
import type { WhatIfOutcome } from './tryWhatIf';
import { isLoosening } from './whatIf/whatIfs';

/** By when four of five plays are ready with nothing changed, epoch ms: by the plan there is, or planned once more where that is sooner. */
export function unchangedP80Ms(now: ShopOutlook, onceMore: ShopOutlook | null): number {
  return Math.min(now.p80Ms, onceMore?.p80Ms ?? Infinity);
}

/** What to count on with nothing changed where dates count: by the plan there is, or planned once more where that makes more dates sure. */
export function surestUnchanged(now: ShopOutlook, onceMore: ShopOutlook | null, props: Weighted): ShopOutlook {
  return onceMore && (datesMet(onceMore, props) ?? 0) > (datesMet(now, props) ?? 0) ? onceMore : now;
}

type Weighted = readonly Pick<PlanProp, 'id' | 'weight'>[];

/**
 * The share of weighted dates that is met with an idea, 0–1; null where nothing has a date or it was not played. An idea that only takes a
 * bound away leaves the plan there is possible, so it is never told as fewer than now.
 */
export function datesMetWith(
  { outlook, whatIf }: Pick<WhatIfOutcome, 'outlook' | 'whatIf'>,
  now: ShopOutlook,
  props: Weighted,
): number | null {
  const metNow = datesMet(now, props);
  const met = outlook && datesMet(outlook, props);
  if (metNow === null || met === null) return null;
  return isLoosening(whatIf) ? Math.max(met, metNow) : met;
}

/** Minutes by which four of five plays are ready sooner than now; negative: later, -Infinity where it was not played. */
export function gainedMinutes({ outlook, whatIf }: Pick<WhatIfOutcome, 'outlook'> & Partial<WhatIfOutcome>, p80Ms: number): number {
  if (!outlook) return Number.NEGATIVE_INFINITY;
  const gain = Math.round((p80Ms - outlook.p80Ms) / 60_000);
  return whatIf && isLoosening(whatIf) ? Math.max(0, gain) : gain;
}

/** Dates are told apart by whole per cent; less is luck. */
const POINT = 0.01;

/** What gives more rungs a place first, then what makes more dates sure, then what gains most time. */
export function rankOutcomes(outcomes: readonly WhatIfOutcome[], p80Ms: number, now: ShopOutlook, props: Weighted): WhatIfOutcome[] {
  const points = (outcome: WhatIfOutcome): number => Math.round((datesMetWith(outcome, now, props) ?? 0) / POINT);
  return outcomes.toSorted((a, b) => a.unplaced - b.unplaced || points(b) - points(a) || gainedMinutes(b, p80Ms) - gainedMinutes(a, p80Ms));
}
