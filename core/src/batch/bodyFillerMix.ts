/** How two-part body filler is mixed for a temperature. */
export interface BodyFillerMix {
  /** hardener, % of the filler's weight */
  readonly hardenerPercent: number;
  /** how long it can be spread, min */
  readonly workingMinutes: number;
  /** the window in which it cuts like cheese, min after mixing */
  readonly trimFromMinutes: number;
  readonly trimUntilMinutes: number;
  readonly isAtLimit: boolean;
  readonly formula: string;
}

/** Common practice: 2 % by weight at 20 °C, 1–3 %; working time 4–5 min, knife-trim 8–12 min; halves per 10 °C. The label wins. */
const PERCENT = 2;
const LEAST_PERCENT = 1;
const MOST_PERCENT = 3;
const WORKING = 4.5;
const TRIM_FROM = 8;
const TRIM_UNTIL = 12;
const REFERENCE_CELSIUS = 20;

/**
 * Hardener that keeps the usual working time at a temperature, within what the filler takes; the times that follow. Speed doubles for every 10 °C
 * and is proportional to the hardener (common practice; the second is guessed).
 *
 * @param percent hardener taken instead of the suggested one
 * @throws RangeError outside −5 … 45 °C, or for a percentage outside 0.5–5
 */
export function mixBodyFiller(temperatureCelsius: number, percent?: number): BodyFillerMix {
  if (!(temperatureCelsius >= -5 && temperatureCelsius <= 45)) throw new RangeError(`filler is not mixed at ${temperatureCelsius} °C`);
  if (percent !== undefined && !(percent >= 0.5 && percent <= 5)) throw new RangeError(`${percent} % hardener is outside 0.5–5 %`);
  const warm = 2 ** ((temperatureCelsius - REFERENCE_CELSIUS) / 10);
  const even = PERCENT / warm;
  const hardenerPercent = percent ?? Math.min(MOST_PERCENT, Math.max(LEAST_PERCENT, even));
  const speed = warm * (hardenerPercent / PERCENT);
  return {
    hardenerPercent,
    workingMinutes: WORKING / speed,
    trimFromMinutes: TRIM_FROM / speed,
    trimUntilMinutes: TRIM_UNTIL / speed,
    isAtLimit: percent === undefined && hardenerPercent !== even,
    formula: `${PERCENT} % × 2^((${REFERENCE_CELSIUS} − T) / 10), within ${LEAST_PERCENT}–${MOST_PERCENT} %; times ÷ (2^((T − ${REFERENCE_CELSIUS}) / 10) × hardener / ${PERCENT} %)`,
  };
}

/** One batch of filler. */
export interface FillerBatch {
  readonly fillerGrams: number;
  readonly hardenerGrams: number;
  /** face it covers before it sets, cm² */
  readonly coversSquareCentimetres: number;
  readonly batches: number;
}

/** kg/l, and what a practised hand spreads in a minute, cm² (guessed). */
const FILLER_DENSITY = 1.8;
const SPREAD_PER_MINUTE = 60;
/** Time to mix and load the knife is not time to spread, min (guessed). */
const MIXING = 0.75;

/**
 * Batches for a face: each no larger than can be spread in its working time.
 *
 * @param skinMillimetres how thick it is laid
 */
export function batchBodyFiller(areaSquareCentimetres: number, skinMillimetres: number, mix: BodyFillerMix): FillerBatch {
  if (!(areaSquareCentimetres > 0 && skinMillimetres > 0)) throw new RangeError('area and skin must be above 0');
  const reach = Math.max(10, SPREAD_PER_MINUTE * Math.max(0, mix.workingMinutes - MIXING));
  const batches = Math.ceil(areaSquareCentimetres / reach - 1e-9);
  const covers = areaSquareCentimetres / batches;
  const fillerGrams = (covers * skinMillimetres * FILLER_DENSITY) / 10;
  return { fillerGrams, hardenerGrams: (fillerGrams * mix.hardenerPercent) / 100, coversSquareCentimetres: covers, batches };
}
