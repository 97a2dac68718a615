/** A rung that was done, with its planned and its actual minutes. */
export interface TimedRung {
  readonly methodId: string;
  /** where on the part; null: all over */
  readonly zone: string | null;
  readonly plannedMinutes: number;
  readonly actualMinutes: number;
}

/** How long a finisher takes for a method against the class default. */
export interface PersonalRate {
  /** actual ÷ planned, to be multiplied onto planned minutes */
  readonly factor: number;
  /** one standard deviation either way, as a factor */
  readonly low: number;
  readonly high: number;
  readonly count: number;
}

/** Before anything is logged: one standard deviation of ln(actual ÷ planned) between finishers, and between two rungs of one (guessed). */
const BETWEEN_FINISHERS = 0.35;
const BETWEEN_RUNGS = 0.3;

/**
 * The finisher's own rate of a method: the mean of ln(actual ÷ planned) drawn towards 0 while little is logged (normal prior, closed form). Rungs of
 * the same zone count whole, those of other zones half.
 *
 * @param zone null: whatever the zone
 */
export function personalRate(methodId: string, zone: string | null, log: readonly TimedRung[]): PersonalRate {
  let precision = BETWEEN_FINISHERS ** -2;
  let information = 0;
  let count = 0;
  for (const entry of log) {
    if (entry.methodId !== methodId || !(entry.plannedMinutes > 0 && entry.actualMinutes > 0)) continue;
    const weight = (zone === null || entry.zone === null || entry.zone === zone ? 1 : 0.5) / BETWEEN_RUNGS ** 2;
    precision += weight;
    information += weight * Math.log(entry.actualMinutes / entry.plannedMinutes);
    count += 1;
  }
  const mean = information / precision;
  const deviation = precision ** -0.5;
  return { factor: Math.exp(mean), low: Math.exp(mean - deviation), high: Math.exp(mean + deviation), count };
}
