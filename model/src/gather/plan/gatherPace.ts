import type { LoggedPace } from '@zinc-ladder/core/plan/play/pace';
import type { LogEntry } from '../../records/ladder/logEntry';
import type { Person } from '../../records/shop/person';
import type { Rung } from '../../records/ladder/rung';
import type { SurfacePass } from '../../records/prop/surfacePass';
import { holderOf, personsInOrder } from './personsInOrder';
import { timedRungs } from './timedRungs';

/**
 * ln(actual ÷ planned minutes) by method, as the log tells it; a pass over one zone counts as a rung: the finisher's own pace.
 *
 * @param standing the log as it stands, corrections in place of what they correct
 */
export function gatherPace(
  standing: readonly LogEntry[],
  rungs: readonly Rung[],
  passes: readonly SurfacePass[] = [],
): Record<string, LoggedPace> {
  const ratios = new Map<string, number[]>();
  for (const { methodId, plannedMinutes, actualMinutes } of timedRungs(standing, rungs, passes)) {
    const list = ratios.get(methodId);
    const ratio = Math.log(actualMinutes / plannedMinutes);
    if (list) list.push(ratio);
    else ratios.set(methodId, [ratio]);
  }
  return Object.fromEntries(
    [...ratios].map(([methodId, list]) => {
      const mean = list.reduce((sum, ratio) => sum + ratio, 0) / list.length;
      return [methodId, { count: list.length, mean, squares: list.reduce((sum, ratio) => sum + (ratio - mean) ** 2, 0) }];
    }),
  );
}

/**
 * The same of each who works in the shop, by id; empty where nobody is named. What was logged before anybody was, and passes, which name nobody, are of
 * who had the shop first.
 */
export function gatherPaceOf(
  standing: readonly LogEntry[],
  rungs: readonly Rung[],
  passes: readonly SurfacePass[],
  persons: readonly Person[],
): Record<string, Record<string, LoggedPace>> {
  const first = personsInOrder(persons)[0]?.id;
  return Object.fromEntries(
    persons.map(({ id }) => [
      id,
      gatherPace(
        standing.filter(({ personId }) => holderOf(personId, persons) === id),
        rungs,
        id === first ? passes : [],
      ),
    ]),
  );
}
