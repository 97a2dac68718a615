import type { GeoPosition } from './daylight';
import { ZONE_PLACES } from './zonePlaces';

/** A place that a clock's zone is named after. */
export interface ZonePlace extends GeoPosition {
  readonly name: string;
}

/**
 * The place a time zone is named after: a guess at where a clock hangs, often some hundred kilometres off and in wide zones two thousand. The sun
 * rises and sets there up to an hour or so apart from where the clock is.
 *
 * @param timeZone IANA name, such as `Europe/Copenhagen`
 * @returns null for a zone that is no place, such as `UTC`
 */
export function placeOfZone(timeZone: string): ZonePlace | null {
  const line = ZONE_PLACES.split('\n').find((entry) => entry.startsWith(`${timeZone} `));
  if (!line) return null;
  const [zone = '', latitude, longitude] = line.split(' ');
  return { name: zone.slice(zone.lastIndexOf('/') + 1).replaceAll('_', ' '), latitude: Number(latitude), longitude: Number(longitude) };
}
