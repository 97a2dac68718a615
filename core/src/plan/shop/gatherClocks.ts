import { buildClockTable } from '../../cure/clockTable';
import type { CureTables } from '../../cure/cureTables';
import { CURE_PHASES } from '../../cure/dryingKind';
import { waterLeft } from '../../cure/washWater';
import type { NamedClock } from '../problem/problem';
import { WALL_CLOCK } from './ladderArcs';
import type { PlanRung } from './shopPlanInput';

/**
 * The clocks that arcs between rungs are measured on: the wall's, and those of every way of drying among them.
 *
 * @param fromMinute where the wall's clock begins
 */
export function gatherClocks(rungs: readonly PlanRung[], tables: CureTables, fromMinute: number): NamedClock[] {
  const clocks = new Map<string, NamedClock>([
    [WALL_CLOCK, { id: WALL_CLOCK, table: buildClockTable(fromMinute, fromMinute + 1440, 1440, () => 1) }],
  ]);
  for (const { film, methodId, soaks } of rungs) {
    const drying = film?.drying ?? waterLeft(methodId, soaks);
    if (!drying) continue;
    for (const phase of CURE_PHASES) {
      const id = tables.keyFor(drying, phase);
      if (!clocks.has(id)) clocks.set(id, { id, table: tables.tableFor(drying, phase) });
    }
  }
  return [...clocks.values()];
}
