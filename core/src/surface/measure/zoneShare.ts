import type { ZoneSum } from './layerRidges';

/** Share of a part's area that lies in a zone, 0 … 1; all of it for no zone, or one the part does not have. */
export function zoneShare(sums: readonly ZoneSum[], zone: ZoneSum['zone'] | ''): number {
  const total = sums.reduce((sum, entry) => sum + entry.areaSquareMillimetres, 0);
  const found = sums.find((entry) => entry.zone === zone);
  return found && total > 0 ? found.areaSquareMillimetres / total : 1;
}
