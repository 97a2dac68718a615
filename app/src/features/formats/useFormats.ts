import type { Formats } from '../../base/formats';
import { makeFormats, shopLocale } from '../../base/formats';
import { useShop } from '../../data/queries';

/** Formats by the shop's zone, clock, units and order of dates. */
export function useFormats(): Formats {
  const shop = useShop();
  const zone = shop?.timeZone ?? 'UTC';
  const cycle = shop?.hourCycle ?? '24';
  const units = shop?.units ?? 'metric';
  return formatsFor(zone, cycle, units, shopLocale(units, navigator.language));
}

/** Half of all components need formats, so each shop's are built once and shared. */
const made = new Map<string, Formats>();

function formatsFor(...asked: Parameters<typeof makeFormats>): Formats {
  const key = asked.join('|');
  const known = made.get(key) ?? makeFormats(...asked);
  made.set(key, known);
  return known;
}
