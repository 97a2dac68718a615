/** A strip that is lit along its length. */
export interface LitStrip {
  readonly volts: number;
  readonly leds: number;
  /** what each draws: a current, as strips with a driver in each LED do, or as a resistance does */
  readonly load: { readonly milliampsEach: number } | { readonly ohmsEach: number };
  /** the strip's own copper from one LED to the next, both rails together */
  readonly ohmsPerLed: number;
  /** the lead of each feed, there and back */
  readonly leadOhms: number;
  /** places where it is fed, counted from 0 */
  readonly feeds: readonly number[];
}

/** Voltage along a strip. */
export interface StripVolts {
  /** at each LED */
  readonly volts: readonly number[];
  readonly lowest: number;
  /** all of its current, A */
  readonly amps: number;
  /** what flows through each feed's lead, in their order along the strip, A */
  readonly branches: readonly { readonly at: number; readonly amps: number }[];
  /** where one feed more helps most; null: it is enough as it is */
  readonly feedAgainAt: number | null;
  /** lowest voltage with it */
  readonly lowestThen: number | null;
}

/** Why a strip cannot be told. */
export type StripRefusal = 'noLeds' | 'notFed' | 'cannotCarry';

/** Each refusal in words. */
export const STRIP_REFUSAL_WORDS: Readonly<Record<StripRefusal, string>> = {
  noLeds: 'there is no LED on the strip',
  notFed: 'it is fed nowhere on the strip: a feed is a place from 0 to the last LED',
  cannotCarry: 'its copper cannot carry that current: the far end would be below nothing. Feed it at more places',
};

/** Smallest resistance of a lead, Ω, so that a lead of length 0 does not divide by zero. */
const LEAST_OHMS = 1e-9;
/** Strips show it from about a tenth less (common practice). */
export const ENOUGH_SHARE = 0.9;
/** Places tried for one feed more on long strips; between them the best is looked for finer. */
const TRIED = 120;

/**
 * Voltage at every LED of a strip: a ladder of the strip's copper with a load at each rung and leads to the supply, solved as a network (Kirchhoff's
 * current law at each LED; a tridiagonal system by elimination).
 *
 * @param enough share of the supply below which one feed more is looked for
 */
export function stripVolts(strip: LitStrip, enough = ENOUGH_SHARE): StripVolts | { readonly refusal: StripRefusal } {
  const { leds, feeds, volts: supply } = strip;
  if (!(leds >= 1)) return { refusal: 'noLeds' };
  const inside = [...new Set(feeds)].filter((feed) => Number.isInteger(feed) && feed >= 0 && feed < leds);
  if (inside.length === 0) return { refusal: 'notFed' };
  const volts = solve(strip, inside);
  const lowest = least(volts);
  if (!(lowest > 0)) return { refusal: 'cannotCarry' };
  const again = lowest < enough * supply ? bestFeed(strip, inside) : null;
  const amps = volts.reduce(
    (sum, value) => sum + ('milliampsEach' in strip.load ? strip.load.milliampsEach / 1000 : value / strip.load.ohmsEach),
    0,
  );
  const lead = Math.max(LEAST_OHMS, strip.leadOhms);
  const branches = inside.toSorted((a, b) => a - b).map((at) => ({ at, amps: (supply - (volts[at] as number)) / lead }));
  return { volts: [...volts], lowest, amps, branches, feedAgainAt: again?.at ?? null, lowestThen: again?.lowest ?? null };
}

function solve({ volts, leds, load, ohmsPerLed, leadOhms }: LitStrip, feeds: readonly number[]): Float64Array {
  const along = 1 / Math.max(LEAST_OHMS, ohmsPerLed);
  const lead = 1 / Math.max(LEAST_OHMS, leadOhms);
  const diagonal = new Float64Array(leds);
  const right = new Float64Array(leds);
  for (let at = 0; at < leds; at += 1) {
    diagonal[at] = (at > 0 ? along : 0) + (at < leds - 1 ? along : 0) + ('ohmsEach' in load ? 1 / load.ohmsEach : 0);
    right[at] = 'milliampsEach' in load ? -load.milliampsEach / 1000 : 0;
  }
  for (const feed of feeds) {
    diagonal[feed] = (diagonal[feed] as number) + lead;
    right[feed] = (right[feed] as number) + lead * volts;
  }
  for (let at = 1; at < leds; at += 1) {
    const share = along / (diagonal[at - 1] as number);
    diagonal[at] = (diagonal[at] as number) - share * along;
    right[at] = (right[at] as number) + share * (right[at - 1] as number);
  }
  const found = new Float64Array(leds);
  for (let at = leds - 1; at >= 0; at -= 1) {
    const after = at + 1 < leds ? along * (found[at + 1] as number) : 0;
    found[at] = ((right[at] as number) + after) / (diagonal[at] as number);
  }
  return found;
}

function bestFeed(strip: LitStrip, feeds: readonly number[]): { readonly at: number; readonly lowest: number } {
  const tryAt = (at: number): { readonly at: number; readonly lowest: number } => ({ at, lowest: least(solve(strip, [...feeds, at])) });
  const best = (places: readonly number[]) => places.map(tryAt).reduce((one, other) => (other.lowest > one.lowest ? other : one));
  const step = Math.max(1, Math.floor(strip.leds / TRIED));
  const coarse = best(Array.from({ length: Math.ceil(strip.leds / step) }, (_, nth) => Math.min(strip.leds - 1, nth * step)));
  const [from, to] = [Math.max(0, coarse.at - step), Math.min(strip.leds - 1, coarse.at + step)];
  return best(Array.from({ length: to - from + 1 }, (_, nth) => from + nth));
}

/** Lowest of many: a list of ten thousand cannot be spread over arguments. */
function least(values: Float64Array): number {
  return values.reduce((low, value) => Math.min(low, value), Infinity);
}
