import { describe, expect, it } from 'vitest';
import type { Shop } from '../records/shop/shop';
import { makeSampleProject } from '../testing/sampleProject';
import { sprayingAhead } from './sprayingAhead';

const [from, until] = [Date.parse('2026-12-07T00:00:00Z'), Date.parse('2026-12-14T00:00:00Z')];
const daily = (startMinute: number, endMinute: number) => [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute, endMinute }));
const day = (meanCelsius: number): Shop['typicalDay'] => ({
  meanCelsius,
  swingCelsius: 1,
  warmestHour: 15,
  meanHumidityPercent: 50,
  swingHumidityPercent: 0,
});
const SHOP: Shop = {
  ...makeSampleProject().shop,
  timeZone: 'Europe/Copenhagen',
  place: { latitude: 55.7, longitude: 12.6 },
  climateSource: 'typical',
  typicalDay: day(20),
  yardDay: null,
  hours: daily(18 * 60, 22 * 60),
  sprayHours: daily(9 * 60, 20 * 60),
};
const told = (changes: Partial<Shop>) => sprayingAhead({ ...SHOP, ...changes }, from, until);

// Copenhagen in the second week of December: the sun is up from half past eight to half past three (sunrise equation, see climate/daylight).
describe('spraying in the time ahead', () => {
  it('is dark in the evenings of December where it keeps to daylight, and is not where it does not', () => {
    expect(told({ spraysByDaylight: true })).toBe('dark');
    expect(told({ spraysByDaylight: false })).toBeNull();
    expect(told({ spraysByDaylight: true, hours: daily(14 * 60, 22 * 60) })).toBeNull();
    // Without a place there is no light to go by.
    expect(told({ spraysByDaylight: true, place: null })).toBeNull();
  });
  it('is unfit in an air that is colder out of doors than may be sprayed in, whatever the shop has', () => {
    expect(told({ spraysByDaylight: false, yardDay: day(2) })).toBe('unfit');
    expect(told({ spraysByDaylight: false, yardDay: day(18) })).toBeNull();
    expect(told({ spraysByDaylight: false, typicalDay: day(2), yardDay: day(18) })).toBeNull();
  });
  it('is dark, too, where nobody is ever there', () => {
    expect(told({ hours: [], spraysByDaylight: false })).toBe('dark');
  });
});
