/**
 * A clock whose hand moves at a rate that changes along time: cumulative progress W(t) on an even grid, linear between.
 * Time and progress are minutes; time counts from any one origin the caller keeps to.
 * Outside its grid the table goes on at the mean rate of its last (or first) day, so that nothing ends abruptly.
 */
export interface ClockTable {
  readonly startMinute: number;
  readonly stepMinutes: number;
  readonly cumulative: Float64Array;
}

const DAY_MINUTES = 1440;

/**
 * Integrates a rate by the midpoint of each step.
 *
 * @param rateAt progress per minute at a minute; must not be negative
 */
export function buildClockTable(
  startMinute: number,
  endMinute: number,
  stepMinutes: number,
  rateAt: (minute: number) => number,
): ClockTable {
  const steps = Math.max(1, Math.ceil((endMinute - startMinute) / stepMinutes));
  const cumulative = new Float64Array(steps + 1);
  for (let step = 0; step < steps; step += 1) {
    const middle = startMinute + (step + 0.5) * stepMinutes;
    cumulative[step + 1] = at(cumulative, step) + rateAt(middle) * stepMinutes;
  }
  return { startMinute, stepMinutes, cumulative };
}

/** Progress W at a minute, relative to the table's start. */
export function progressAt(table: ClockTable, minute: number): number {
  const { startMinute, stepMinutes, cumulative } = table;
  const last = cumulative.length - 1;
  const position = (minute - startMinute) / stepMinutes;
  if (position <= 0) return (minute - startMinute) * edgeRate(table, 'first');
  if (position >= last) return at(cumulative, last) + (minute - startMinute - last * stepMinutes) * edgeRate(table, 'last');
  const step = Math.floor(position);
  const low = at(cumulative, step);
  return low + (position - step) * (at(cumulative, step + 1) - low);
}

/** The first minute at which W reaches `progress`; Infinity when it never does. */
export function minuteAtProgress(table: ClockTable, progress: number): number {
  const { startMinute, stepMinutes, cumulative } = table;
  const last = cumulative.length - 1;
  if (progress <= 0) {
    const rate = edgeRate(table, 'first');
    return progress === 0 || rate === 0 ? startMinute : startMinute + progress / rate;
  }
  const end = at(cumulative, last);
  if (progress > end) {
    const rate = edgeRate(table, 'last');
    return rate > 0 ? startMinute + last * stepMinutes + (progress - end) / rate : Infinity;
  }
  let low = 0;
  let high = last;
  while (low < high) {
    const middle = (low + high) >>> 1;
    if (at(cumulative, middle) < progress) low = middle + 1;
    else high = middle;
  }
  const below = at(cumulative, low - 1);
  const gain = at(cumulative, low) - below;
  return startMinute + (low - 1 + (progress - below) / gain) * stepMinutes;
}

/** The first minute at which `progress` has been gained since `fromMinute`; Infinity when it never is. */
export function minuteAfter(table: ClockTable, fromMinute: number, progress: number): number {
  if (progress <= 0) return fromMinute;
  return Math.max(fromMinute, minuteAtProgress(table, progressAt(table, fromMinute) + progress));
}

function edgeRate({ stepMinutes, cumulative }: ClockTable, edge: 'first' | 'last'): number {
  const last = cumulative.length - 1;
  const steps = Math.min(last, Math.round(DAY_MINUTES / stepMinutes));
  const gain = edge === 'first' ? at(cumulative, steps) : at(cumulative, last) - at(cumulative, last - steps);
  return gain / (steps * stepMinutes);
}

function at(values: Float64Array, index: number): number {
  return values[index] ?? 0;
}
