import type { ClockTable } from '../../cure/clockTable';
import { minuteAfter } from '../../cure/clockTable';
import { closesByLabel, reopensByLabel } from '../../cure/labelTime';
import type { PlanArc } from './problem';

/** The minute a window of an arc closes after its predecessor's end. */
export function closeOf({ keepsLabelTime }: Pick<PlanArc, 'keepsLabelTime'>, clock: ClockTable, fromEnd: number, hi: number): number {
  const byFilm = minuteAfter(clock, fromEnd, hi);
  return keepsLabelTime ? closesByLabel(byFilm, fromEnd, hi) : byFilm;
}

/** The minute a piece of an arc opens; `nth` counts its pieces from 0. */
export function openOf(
  { keepsLabelTime }: Pick<PlanArc, 'keepsLabelTime'>,
  clock: ClockTable,
  fromEnd: number,
  lo: number,
  nth: number,
): number {
  const byFilm = minuteAfter(clock, fromEnd, lo);
  return keepsLabelTime && nth > 0 ? reopensByLabel(byFilm, fromEnd, lo) : byFilm;
}
