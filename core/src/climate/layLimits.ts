import type { SprayLimits } from './sprayVerdict';

/** The air a product can be laid on in, by its label or as is usual for its class. */
export interface LayLimits {
  readonly mostHumidityPercent: number;
  readonly coldestCelsius: number;
  readonly warmestCelsius: number;
}

/**
 * What the air must keep while a product is laid on. Sprayed: whatever is stricter, the shop's own limits or the product's. Brushed and spread: the
 * product's alone; wind and the dew point are matters of spraying.
 */
export function limitsToLay(shop: SprayLimits, product: LayLimits, isSprayed: boolean): SprayLimits {
  if (!isSprayed) return { ...product, leastDewGapKelvin: Number.NEGATIVE_INFINITY, mostWindMetresPerSecond: null };
  return {
    ...shop,
    mostHumidityPercent: Math.min(shop.mostHumidityPercent, product.mostHumidityPercent),
    coldestCelsius: Math.max(shop.coldestCelsius, product.coldestCelsius),
    warmestCelsius: Math.min(shop.warmestCelsius, product.warmestCelsius),
  };
}
