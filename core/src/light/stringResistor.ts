import { nextE24, nextRating } from './e24';

/** A string of LEDs, one after the other, on a supply. */
export interface LedString {
  readonly supplyVolts: number;
  /** forward voltage of each */
  readonly forwardVolts: readonly number[];
  /** wanted current */
  readonly milliamps: number;
}

/** The resistor a string needs. */
export interface StringResistor {
  readonly ohms: number;
  /** the next rating above what it turns to heat; null: more than a plain resistor takes */
  readonly ratingWatts: number | null;
  /** with the resistor that is made */
  readonly milliamps: number;
  /** heat of the resistor */
  readonly watts: number;
  /** light against what was wanted: as the current */
  readonly brightness: number;
}

/** Why a string cannot be lit. */
export type StringRefusal = 'noLeds' | 'supplyTooLow' | 'noCurrent';

/** Each refusal in words, with what to do. */
export const STRING_REFUSAL_WORDS: Readonly<Record<StringRefusal, string>> = {
  noLeds: 'there is no LED in the string',
  supplyTooLow: 'the supply is not above the forward voltages of the string together: fewer in a row, or a higher supply',
  noCurrent: 'the current must be above nothing',
};

/** Resistor by Ohm's law, the next value up of E24: never more current than was wanted. */
export function stringResistor({ supplyVolts, forwardVolts, milliamps }: LedString): StringResistor | { readonly refusal: StringRefusal } {
  if (forwardVolts.length === 0) return { refusal: 'noLeds' };
  if (!(milliamps > 0)) return { refusal: 'noCurrent' };
  const left = supplyVolts - forwardVolts.reduce((sum, volts) => sum + volts, 0);
  if (!(left > 0)) return { refusal: 'supplyTooLow' };
  const ohms = nextE24(Math.max(0.01, left / (milliamps / 1000)));
  const amps = left / ohms;
  const watts = amps * left;
  return { ohms, ratingWatts: nextRating(watts), milliamps: amps * 1000, watts, brightness: (amps * 1000) / milliamps };
}

/** Current of a string between the most it can draw and the least. */
export interface CurrentSpan {
  readonly mostMilliamps: number;
  readonly leastMilliamps: number;
}

/**
 * Current between fresh cells over LEDs of the lowest forward voltage and tired cells over those of the highest.
 *
 * @returns least 0 where tired cells no longer light it
 */
export function currentSpan(
  ohms: number,
  supply: { readonly freshVolts: number; readonly tiredVolts: number },
  forward: readonly { readonly least: number; readonly most: number }[],
): CurrentSpan {
  const sum = (of: 'least' | 'most'): number => forward.reduce((total, led) => total + led[of], 0);
  const amps = (volts: number): number => Math.max(0, volts) / ohms;
  return { mostMilliamps: amps(supply.freshVolts - sum('least')) * 1000, leastMilliamps: amps(supply.tiredVolts - sum('most')) * 1000 };
}

/** Forward voltages at 20 mA by colour, V (common practice; the maker's sheet wins). */
export const FORWARD_VOLTS = {
  infrared: { least: 1.2, most: 1.6 },
  red: { least: 1.8, most: 2.2 },
  amber: { least: 1.9, most: 2.3 },
  yellow: { least: 2, most: 2.4 },
  green: { least: 2, most: 3.4 },
  blue: { least: 2.8, most: 3.6 },
  white: { least: 2.8, most: 3.6 },
} as const;
