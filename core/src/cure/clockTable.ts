/**
 * A clock whose hand moves at a rate that changes along time: cumulative progress W(t) on an even grid, linear between.
 * Time and progress are minutes; time counts from any one origin the caller keeps to.
 * After its grid the last day comes again each day, with its noon and its night; before it the mean rate of the first day holds.
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
  if (position <= 0) return (minute - startMinute) * firstDayRate(table);
  if (position >= last) {
    const day = lastDay(table);
    const days = Math.floor((position - last) / day.steps);
    const inDay = progressWithin(table, last - day.steps + (position - last - days * day.steps));
    return at(cumulative, last) + days * day.gain + inDay - at(cumulative, last - day.steps);
  }
  return progressWithin(table, position);
}

function progressWithin({ cumulative }: ClockTable, position: number): number {
  const step = Math.floor(position);
  const low = at(cumulative, step);
  return low + (position - step) * (at(cumulative, step + 1) - low);
}

/** The first minute at which W reaches `progress`; Infinity when it never does. */
export function minuteAtProgress(table: ClockTable, progress: number): number {
  const { startMinute, stepMinutes, cumulative } = table;
  const last = cumulative.length - 1;
  if (progress <= 0) {
    const rate = firstDayRate(table);
    return progress === 0 || rate === 0 ? startMinute : startMinute + progress / rate;
  }
  const end = at(cumulative, last);
  if (progress > end) {
    const day = lastDay(table);
    if (!(day.gain > 0)) return Infinity;
    const days = Math.ceil((progress - end) / day.gain);
    const inDay = Math.max(at(cumulative, last - day.steps), progress - days * day.gain);
    return minuteWithin(table, inDay) + days * day.steps * stepMinutes;
  }
  return minuteWithin(table, progress);
}

/** The first minute of a grid at which W reaches some progress; its start where that is reached before any. */
function minuteWithin({ startMinute, stepMinutes, cumulative }: ClockTable, progress: number): number {
  let low = 0;
  let high = cumulative.length - 1;
  while (low < high) {
    const middle = (low + high) >>> 1;
    if (at(cumulative, middle) < progress) low = middle + 1;
    else high = middle;
  }
  if (low === 0) return startMinute;
  const below = at(cumulative, low - 1);
  const gain = at(cumulative, low) - below;
  return startMinute + (low - 1 + (progress - below) / gain) * stepMinutes;
}

/** The first minute at which `progress` has been gained since `fromMinute`; Infinity when it never is. */
export function minuteAfter(table: ClockTable, fromMinute: number, progress: number): number {
  if (progress <= 0) return fromMinute;
  return Math.max(fromMinute, minuteAtProgress(table, progressAt(table, fromMinute) + progress));
}

function firstDayRate({ stepMinutes, cumulative }: ClockTable): number {
  const steps = Math.min(cumulative.length - 1, Math.round(DAY_MINUTES / stepMinutes));
  return at(cumulative, steps) / (steps * stepMinutes);
}

/** Steps of the last day of a grid, all there are in a shorter one, and what is gained in them. */
function lastDay({ stepMinutes, cumulative }: ClockTable): { readonly steps: number; readonly gain: number } {
  const last = cumulative.length - 1;
  const steps = Math.min(last, Math.round(DAY_MINUTES / stepMinutes));
  return { steps, gain: at(cumulative, last) - at(cumulative, last - steps) };
}

function at(values: Float64Array, index: number): number {
  return values[index] ?? 0;
}
