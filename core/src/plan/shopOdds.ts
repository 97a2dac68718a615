import { knownUntil } from '../climate/airTimeline';
import { sprayCertainty } from '../climate/sprayCertainty';
import { findMethod } from '../ladder/methods';
import type { Interval } from '../time/interval';
import { SPRAYING } from './buildShopProblem';
import { learnPaces } from './pace';
import type { PlayOdds } from './play/playOdds';
import type { PlanProblem } from './problem';
import type { ShopPlanInput } from './shopPlanInput';

/** Deviation of the logarithm of a film's drying time about its label's; guessed, a sixth either way. */
const DRYING_SPREAD = 0.15;

/**
 * What is uncertain about a shop: minutes by method and log, spraying windows the weather may take, and how fast films really dry.
 *
 * @param dryingSpread deviation of the logarithm of a film's drying time
 */
export function shopOdds(input: ShopPlanInput, problem: PlanProblem, dryingSpread = DRYING_SPREAD): PlayOdds {
  const methods = new Map(input.parts.flatMap((part) => part.rungs.map((rung) => [rung.id, rung.methodId] as const)));
  const paces = learnPaces(input.ownPace);
  const spraying = problem.calendars.find((calendar) => calendar.id === SPRAYING)?.windows ?? [];
  const films = input.parts.flatMap((part) => part.rungs.flatMap((rung) => (rung.film ? [rung.film.name] : [])));
  return {
    paces: {
      finisherDeviation: paces.finisherDeviation,
      byTask: problem.tasks.map((task) => paces.of(findMethod(methods.get(task.id) ?? 'cut').id)),
    },
    losses: { [SPRAYING]: lossesOf(spraying, input) },
    dryingSpreads: Object.fromEntries(films.map((name) => [name, dryingSpread])),
  };
}

/** A spraying window that is only forecast may be lost. */
function lossesOf(windows: readonly Interval[], { air, nowMs, sprayLimits }: ShopPlanInput): number[] {
  return windows.map(
    ({ start, end }) => 1 - sprayCertainty({ start: start * 60_000, end: end * 60_000 }, air, sprayLimits, knownUntil(air, nowMs)),
  );
}
