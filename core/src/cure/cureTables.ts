import type { AirTimeline } from '../climate/airTimeline';
import { airAt } from '../climate/airTimeline';
import type { ClockTable } from './clockTable';
import { buildClockTable } from './clockTable';
import type { DryingData } from './dryingData';
import type { CurePhase } from './dryingKind';
import { dryingKind } from './dryingKind';

/** Knots of a clock table. Air changes slowly; between knots progress is taken as linear. */
export const TABLE_STEP_MINUTES = 10;

/** Gives the clock table for a way of drying in one air; tables are made once and shared. */
export interface CureTables {
  readonly air: AirTimeline;
  readonly tableFor: (drying: Pick<DryingData, 'kind'>, phase: CurePhase) => ClockTable;
  /** name under which films share a table */
  readonly keyFor: (drying: Pick<DryingData, 'kind'>, phase: CurePhase) => string;
}

/**
 * Clock tables over an air timeline, in epoch minutes.
 *
 * @param fromMs start of the grid, rounded down to a step
 * @param toMs end of the grid; after it the last day comes again
 */
export function createCureTables(air: AirTimeline, fromMs: number, toMs: number): CureTables {
  const tables = new Map<string, ClockTable>();
  const start = Math.floor(fromMs / 60_000 / TABLE_STEP_MINUTES) * TABLE_STEP_MINUTES;
  const keyFor: CureTables['keyFor'] = (drying, phase) => {
    const { rates } = dryingKind(drying.kind);
    return rates.drying === rates.hardening ? drying.kind : `${drying.kind} ${phase}`;
  };
  return {
    air,
    keyFor,
    tableFor: (drying, phase) => {
      const key = keyFor(drying, phase);
      const known = tables.get(key);
      if (known) return known;
      const rate = dryingKind(drying.kind).rates[phase];
      const made = buildClockTable(start, toMs / 60_000, TABLE_STEP_MINUTES, (minute) => rate(airAt(air, minute * 60_000)));
      tables.set(key, made);
      return made;
    },
  };
}
