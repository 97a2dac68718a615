import { dryingKind } from '../cure/dryingKind';
import type { TwoPartRatio } from './twoPartRatio';
import { splitBatch, weightRatio } from './twoPartRatio';

/** A mixed cup of epoxy. */
export interface EpoxyMix {
  readonly amountAMillilitres: number;
  readonly amountBMillilitres: number;
  readonly weightAGrams: number;
  readonly weightBGrams: number;
  /** how long the cup can be worked, min */
  readonly potMinutes: number;
  readonly formula: string;
}

/** What is mixed: ratio by volume, densities in kg/l. */
export interface EpoxyAsk {
  readonly byVolume: TwoPartRatio;
  readonly densityA: number;
  readonly densityB: number;
  readonly totalMillilitres: number;
  readonly temperatureCelsius: number;
  /** pot life of the reference cup at 23 °C, min; 10–20 for brush-on epoxies (common practice) */
  readonly potMinutesAt23: number;
}

/** Cup the pot life is given for, ml; a larger one keeps its heat and goes off sooner, as the third root of its volume (guessed). */
const REFERENCE_CUP = 50;

/**
 * Amounts of both parts by volume and by weight, and how long the cup can be worked: Arrhenius with temperature, shorter in a large cup.
 *
 * @throws RangeError for amounts, ratios or densities that are not above 0
 */
export function mixEpoxy(ask: EpoxyAsk): EpoxyMix {
  const { amountA, amountB } = splitBatch(ask.totalMillilitres, ask.byVolume);
  const byWeight = weightRatio(ask.byVolume, ask.densityA, ask.densityB);
  const weightBGrams = amountB * ask.densityB;
  const rate = dryingKind('twoPart').rates.drying({ temperatureCelsius: ask.temperatureCelsius, relativeHumidityPercent: 50 });
  const size = Math.max(1, Math.cbrt(ask.totalMillilitres / REFERENCE_CUP));
  return {
    amountAMillilitres: amountA,
    amountBMillilitres: amountB,
    weightAGrams: (weightBGrams * byWeight.partsA) / byWeight.partsB,
    weightBGrams,
    potMinutes: ask.potMinutesAt23 / rate / size,
    formula: `${ask.potMinutesAt23} min ÷ Arrhenius rate at T ÷ max(1, ∛(batch / ${REFERENCE_CUP} ml))`,
  };
}
