/** A supply that runs down. */
export interface BatteryUse {
  readonly milliampHours: number;
  /** at full light */
  readonly milliamps: number;
  /** what is left to use before the cut-off, by cold and age, 0–1 */
  readonly usable: number;
  /** share of full light, 0–1 */
  readonly brightness?: number;
  /** what a driver turns to light of what it takes in, 0–1 */
  readonly efficiency?: number;
}

/**
 * Hours of light: capacity that can be used over what is drawn.
 *
 * @throws RangeError where nothing is drawn or held
 */
export function batteryHours({ milliampHours, milliamps, usable, brightness = 1, efficiency = 1 }: BatteryUse): number {
  const drawn = (milliamps * brightness) / efficiency;
  if (!(milliampHours > 0 && drawn > 0 && usable > 0))
    throw new RangeError('capacity, current and what is usable of it must be above nothing');
  return (milliampHours * usable) / drawn;
}

/** Usual cells: what they hold and give, fresh and at their cut-off (common practice; the maker's sheet wins). */
export const CELLS = {
  coin: { name: 'coin cell 2032', milliampHours: 220, freshVolts: 3.2, tiredVolts: 2.5, mostMilliamps: 10 },
  aaa: { name: 'AAA, alkaline', milliampHours: 1000, freshVolts: 1.6, tiredVolts: 1, mostMilliamps: 400 },
  aa: { name: 'AA, alkaline', milliampHours: 2500, freshVolts: 1.6, tiredVolts: 1, mostMilliamps: 1000 },
  lithiumPack: { name: 'lithium pack, one cell', milliampHours: 2000, freshVolts: 4.2, tiredVolts: 3.2, mostMilliamps: 2000 },
  usbBank: { name: 'USB bank', milliampHours: 6500, freshVolts: 5.1, tiredVolts: 4.8, mostMilliamps: 2000 },
} as const;

/** An addressable LED at full white, mA (common practice). */
export const ADDRESSABLE_MILLIAMPS = 60;
