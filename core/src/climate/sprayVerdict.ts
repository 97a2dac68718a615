import type { Air } from './air';
import { dewGapKelvin } from './dewPoint';

/** What must hold before a can or an airbrush is used. */
export interface SprayLimits {
  /** K above the dew point; 3 K after ISO 8502-4 (from memory) */
  readonly leastDewGapKelvin: number;
  /** 85 % is common practice */
  readonly mostHumidityPercent: number;
  /** most products' own band is 10–32 °C (common practice); the label wins */
  readonly coldestCelsius: number;
  readonly warmestCelsius: number;
  /** outdoors about 3 m/s for cans (common practice); null where there is no wind */
  readonly mostWindMetresPerSecond: number | null;
}

/** The usual limits; see each field of {@link SprayLimits} for its source. */
export const USUAL_SPRAY_LIMITS: SprayLimits = {
  leastDewGapKelvin: 3,
  mostHumidityPercent: 85,
  coldestCelsius: 10,
  warmestCelsius: 32,
  mostWindMetresPerSecond: 3,
};

/** One condition that keeps the can down, with the value met and its limit. */
export interface SprayFault {
  readonly kind: 'dewGap' | 'humidity' | 'tooCold' | 'tooWarm' | 'wind';
  readonly value: number;
  readonly limit: number;
}

/** Whether the air lets one spray, and every condition that does not. */
export interface SprayVerdict {
  readonly isOpen: boolean;
  readonly dewGapKelvin: number;
  readonly faults: readonly SprayFault[];
}

/**
 * Judges the air for spraying.
 *
 * @param surfaceCelsius temperature of the part; the air's own where it has not been measured
 * @param windMetresPerSecond left out where unknown: wind is then not judged
 */
export function judgeSpraying(
  air: Air,
  limits: SprayLimits = USUAL_SPRAY_LIMITS,
  surfaceCelsius = air.temperatureCelsius,
  windMetresPerSecond?: number,
): SprayVerdict {
  const gap = dewGapKelvin(air.temperatureCelsius, air.relativeHumidityPercent, surfaceCelsius);
  const faults: SprayFault[] = [];
  if (gap < limits.leastDewGapKelvin) faults.push({ kind: 'dewGap', value: gap, limit: limits.leastDewGapKelvin });
  if (air.relativeHumidityPercent > limits.mostHumidityPercent) {
    faults.push({ kind: 'humidity', value: air.relativeHumidityPercent, limit: limits.mostHumidityPercent });
  }
  if (air.temperatureCelsius < limits.coldestCelsius)
    faults.push({ kind: 'tooCold', value: air.temperatureCelsius, limit: limits.coldestCelsius });
  if (air.temperatureCelsius > limits.warmestCelsius)
    faults.push({ kind: 'tooWarm', value: air.temperatureCelsius, limit: limits.warmestCelsius });
  const mostWind = limits.mostWindMetresPerSecond;
  if (mostWind !== null && windMetresPerSecond !== undefined && windMetresPerSecond > mostWind) {
    faults.push({ kind: 'wind', value: windMetresPerSecond, limit: mostWind });
  }
  return { isOpen: faults.length === 0, dewGapKelvin: gap, faults };
}
