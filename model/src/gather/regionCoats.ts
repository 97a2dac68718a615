import type { Rung } from '../records/ladder/rung';
import type { Part } from '../records/prop/part';
import type { WeatherRegion } from '../records/prop/weatherPlan';
import { MASKED } from './gatherWeather';
import { rungPieceArea } from '../rungs/rungPieceArea';

/** Less than this is not measured, cm². */
const LEAST_MEASURED = 0.05;
/** Areas nearer to each other than this are one: the measure itself is good to a few hundredths. */
const SAME_AREA = 0.05;

/**
 * Surface of all regions of one paint on a piece, cm², to a tenth; told at the first of them.
 *
 * @param measured of each region; null: not measured
 * @returns null where it is told at another, or one of them is not measured
 */
export function measuredRegion(
  regions: readonly Pick<WeatherRegion, 'productId'>[],
  measured: readonly (number | null)[],
  at: number,
): number | null {
  const productId = regions[at]?.productId ?? null;
  if (productId === null || regions.findIndex((region) => region.productId === productId) !== at) return null;
  let sum = 0;
  for (const [index, region] of regions.entries()) {
    if (region.productId !== productId) continue;
    const area = measured[index] ?? null;
    if (area === null) return null;
    sum += area;
  }
  return sum < LEAST_MEASURED ? null : Math.round(sum * 10) / 10;
}

/** Coats of a paint inside masks that are still to do and are planned on another area of a piece than was measured, cm². */
export function coatsElsewhere(
  rungs: readonly Rung[],
  productId: string | null,
  part: Pick<Part, 'areaSquareCentimetres'>,
  measured: number,
): readonly Rung[] {
  if (productId === null) return [];
  return rungs.filter(
    (rung) =>
      rung.methodId === MASKED &&
      rung.productId === productId &&
      (rung.state === 'open' || rung.state === 'setDown') &&
      Math.abs(rungPieceArea(rung, part) / measured - 1) > SAME_AREA,
  );
}
