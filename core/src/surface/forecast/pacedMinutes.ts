import type { PersonalRate } from '../../log/personalRate';
import { personalRate } from '../../log/personalRate';

/** Minutes with one standard deviation either way. */
export interface PacedMinutes {
  readonly likely: number;
  readonly low: number;
  readonly high: number;
}

/**
 * Hands minutes of some rungs at the finisher's own pace. Rungs of one method run over together, those of different methods each by itself, so
 * deviations are added within a method and as squares between them.
 */
export function paceMinutes(
  rungs: readonly { readonly methodId: string; readonly minutes: number }[],
  paces: ReadonlyMap<string, PersonalRate>,
): PacedMinutes {
  const byMethod = new Map<string, number>();
  for (const { methodId, minutes } of rungs) byMethod.set(methodId, (byMethod.get(methodId) ?? 0) + minutes);
  let likely = 0;
  let variance = 0;
  for (const [methodId, minutes] of byMethod) {
    const pace = paces.get(methodId) ?? personalRate(methodId, null, []);
    likely += minutes * pace.factor;
    variance += ((minutes * (pace.high - pace.low)) / 2) ** 2;
  }
  const deviation = Math.sqrt(variance);
  return { likely, low: Math.max(0, likely - deviation), high: likely + deviation };
}
