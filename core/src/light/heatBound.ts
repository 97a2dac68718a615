import type { MaterialId } from '../ladder/materials';

/** Heat in a closed prop. */
export interface HeatAsk {
  /** all that becomes heat inside: LEDs, resistors, drivers */
  readonly watts: number;
  /** skin that gives it off, cm² */
  readonly areaSquareCentimetres: number;
  readonly aroundCelsius: number;
  /** where the skin's plastic begins to give way */
  readonly softensCelsius: number;
}

/** How warm it gets at most. */
export interface HeatBound {
  /** mean of the skin; a spot over a hot chip is warmer */
  readonly skinCelsius: number;
  readonly isSafe: boolean;
  /** most heat that keeps the margin, W */
  readonly mostWatts: number;
}

/** Still air and radiation off a skin, W/(m²·K): 8 to 10 by handbooks of heat transfer (memory); less here, for a prop that hangs against cloth. */
export const SKIN_COEFFICIENT = 6;
/** Kept below the softening point, K: chips sit in spots, and cells are warm themselves (guess). */
export const HEAT_MARGIN = 15;

/** Where printed and cast plastics begin to give way, °C (common practice; the maker's sheet wins). */
export const SOFTENS_CELSIUS: Readonly<Record<MaterialId, number>> = {
  rigid: 55,
  soluble: 95,
  translucent: 72,
  flexible: 60,
  resin: 55,
  clearResin: 55,
  cast: 60,
  // Clear sheets begin with copolyester at 70 °C; acrylic and polycarbonate bear more.
  sheet: 70,
  fabric: 120,
  foam: 70,
  // Metal gives way to nothing a prop holds; the paint on it blisters first.
  metal: 120,
  bought: 70,
};

/**
 * Skin temperature of a closed prop in still air: heat over area and what a skin gives off. An upper bound for the mean, as vents and draughts only cool.
 *
 * @throws RangeError without an area, or with heat below nothing
 */
export function heatBound({ watts, areaSquareCentimetres, aroundCelsius, softensCelsius }: HeatAsk): HeatBound {
  if (!(areaSquareCentimetres > 0 && watts >= 0)) throw new RangeError('heat needs an area to leave by, and is not below nothing');
  const perKelvin = SKIN_COEFFICIENT * areaSquareCentimetres * 1e-4;
  const skinCelsius = aroundCelsius + watts / perKelvin;
  const mostWatts = Math.max(0, (softensCelsius - HEAT_MARGIN - aroundCelsius) * perKelvin);
  return { skinCelsius, isSafe: watts <= mostWatts, mostWatts };
}
