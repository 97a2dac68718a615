import type { AirTimeline } from '../../climate/airTimeline';
import { knownUntil } from '../../climate/airTimeline';
import { sprayCertainty } from '../../climate/sprayCertainty';
import { findMethod } from '../../ladder/methods';
import type { SprayLimits } from '../../climate/sprayVerdict';
import type { Interval } from '../../time/interval';
import type { ShopProblem } from '../shop/buildShopProblem';
import { learnPaces } from '../play/pace';
import { soleDoer } from '../shop/ownMinutes';
import { bedOfTask, printedPart } from '../shop/partPrints';
import type { PlayOdds } from '../play/playOdds';
import { isOutCalendar } from '../shop/shopCalendars';
import type { ShopPlanInput } from '../shop/shopPlanInput';
import { airOfPlace } from '../shop/sprayPlace';

/** Deviation of the logarithm of a film's drying time about its label's; guessed, a sixth either way. */
const DRYING_SPREAD = 0.15;

/**
 * What is uncertain about a shop: minutes by method and log, spraying windows the weather may take, and how fast films really dry.
 *
 * @param dryingSpread deviation of the logarithm of a film's drying time
 */
export function shopOdds(
  input: ShopPlanInput,
  { problem, airLimits }: Pick<ShopProblem, 'problem' | 'airLimits'>,
  dryingSpread = DRYING_SPREAD,
): PlayOdds {
  const rungs = new Map(input.parts.flatMap((part) => part.rungs.map((rung) => [rung.id, rung] as const)));
  const paces = learnPaces(input.ownPace);
  const pacesOf = new Map(input.persons.map(({ id }) => [id, learnPaces(input.ownPaceOf?.[id] ?? {})]));
  const parts = new Map(input.parts.map((part) => [part.id, part]));
  const films = input.parts.flatMap((part) => part.rungs.flatMap((rung) => (rung.film ? [rung.film.name] : [])));
  return {
    paces: {
      finisherDeviation: paces.finisherDeviation,
      prints: problem.tasks.map(({ id }) => bedOfTask(id, parts)),
      // Where minutes are planned at the finisher's pace its middle is in them already.
      byTask: problem.tasks.map((task) => {
        if (printedPart(task.id) !== null) return null;
        const rung = rungs.get(task.id);
        const doer = rung ? soleDoer(rung, input.persons) : null;
        const pace = (pacesOf.get(doer ?? '') ?? paces).of(findMethod(rung?.methodId ?? 'cut').id);
        return input.goesByOwnPace ? { ...pace, mean: 0 } : pace;
      }),
    },
    losses: Object.fromEntries(
      problem.calendars.flatMap(({ id, windows }) => {
        const limits = airLimits.get(id);
        const air = airOfPlace(input, isOutCalendar(id) ? 'out' : 'in');
        return limits ? [[id, lossesOf(windows, air, input.nowMs, limits)]] : [];
      }),
    ),
    dryingSpreads: Object.fromEntries(films.map((name) => [name, dryingSpread])),
  };
}

/** A window the air has a say in may be lost where the air is only forecast. */
function lossesOf(windows: readonly Interval[], air: AirTimeline, nowMs: number, limits: SprayLimits): number[] {
  return windows.map(
    ({ start, end }) => 1 - sprayCertainty({ start: start * 60_000, end: end * 60_000 }, air, limits, knownUntil(air, nowMs)),
  );
}
