import { HALF_90 } from '../number/half90';

/** A can that was weighed: the use computed since the last weighing, and the real use. In one unit. */
export interface WeighedUse {
  readonly reckoned: number;
  readonly used: number;
}

/** How much of a product really goes, against what film and area say. */
export interface LearnedUse {
  /** what reckoned amounts are multiplied by; 1: as film and area say */
  readonly factor: number;
  /** 90 % interval of it */
  readonly low: number;
  readonly high: number;
  /** standard deviation of ln(factor): all coats of a product together are off by this share */
  readonly deviation: number;
  readonly count: number;
}

/** One standard deviation of ln(used ÷ reckoned) between hands and cans before anything was weighed (guessed). */
export const BETWEEN_HANDS = 0.15;
/** One standard deviation of a single weighing: coats that vary, spills, the scale (guessed). */
const OF_ONE_WEIGHING = 0.2;
/** Beyond this a can was filled up, spilled or mistaken for another: nothing is learned. */
const WIDEST = 4;

/** Whether a weighing can teach something. */
export function isTelling({ reckoned, used }: WeighedUse): boolean {
  return reckoned > 0 && used > 0 && used <= reckoned * WIDEST && used * WIDEST >= reckoned;
}

/** How much really goes, from weighings: posterior of ln(factor), normal prior about 0 and normal weighings (closed form). */
export function learnUse(weighings: readonly WeighedUse[]): LearnedUse {
  const telling = weighings.filter(isTelling);
  const precision = 1 / BETWEEN_HANDS ** 2 + telling.length / OF_ONE_WEIGHING ** 2;
  const mean = telling.reduce((sum, { reckoned, used }) => sum + Math.log(used / reckoned), 0) / OF_ONE_WEIGHING ** 2 / precision;
  const deviation = Math.sqrt(1 / precision);
  return {
    factor: Math.exp(mean),
    low: Math.exp(mean - HALF_90 * deviation),
    high: Math.exp(mean + HALF_90 * deviation),
    deviation,
    count: telling.length,
  };
}
