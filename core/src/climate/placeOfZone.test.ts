import { describe, expect, it } from 'vitest';
import { utcOffsetMinutes } from '../time/workingHours';
import { placeOfZone } from './placeOfZone';
import { ZONE_PLACES } from './zonePlaces';

const ZONES = ZONE_PLACES.trim()
  .split('\n')
  .map((line) => line.split(' ')[0] ?? '');

describe('the place of a zone', () => {
  // Positions by an atlas, from memory.
  it.each([
    ['Europe/Copenhagen', 'Copenhagen', 55.7, 12.6],
    ['America/New_York', 'New York', 40.7, -74],
    ['America/Argentina/Buenos_Aires', 'Buenos Aires', -34.6, -58.4],
    ['Asia/Calcutta', 'Calcutta', 22.5, 88.4],
    ['Pacific/Auckland', 'Auckland', -36.9, 174.8],
  ])('of %s is %s', (zone, name, latitude, longitude) => {
    const found = placeOfZone(zone);
    expect(found?.name).toBe(name);
    expect(Math.abs((found?.latitude ?? 0) - latitude)).toBeLessThan(0.3);
    expect(Math.abs((found?.longitude ?? 0) - longitude)).toBeLessThan(0.3);
  });
  it('is known for every zone a browser may name', () => {
    const unknown = Intl.supportedValuesOf('timeZone').filter((zone) => zone !== 'UTC' && !placeOfZone(zone));
    expect(unknown).toEqual([]);
  });
  it('lies where its clock is near the sun’s, which the earth turns past by 15° an hour', () => {
    const january = Date.UTC(2026, 0, 10);
    const off = ZONES.map((zone) => {
      const { longitude } = placeOfZone(zone) ?? { longitude: NaN };
      const hours = utcOffsetMinutes(zone, january) / 60 - longitude / 15;
      // Across the date line a clock is a day ahead of its longitude, or behind.
      return Math.abs(hours - 24 * Math.round(hours / 24));
    });
    expect(Math.max(...off)).toBeLessThan(3.5);
    expect(off.filter((hours) => hours < 1.6).length / off.length).toBeGreaterThan(0.9);
  });
  it('is none where a zone is no place', () => {
    for (const zone of ['UTC', 'Etc/GMT+3', '', 'Europe', 'Nowhere/Land']) expect(placeOfZone(zone)).toBeNull();
  });
});
