import { USUAL_SPRAY_LIMITS } from '@zinc-ladder/core/climate/sprayVerdict';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';

/** The garage: evenings from Tuesday to Friday, all Saturday; spraying outdoors in daylight. */
export const DEMO_SHOP: Shop = {
  id: 'shop',
  revision: 0,
  name: 'Garage by the quay',
  timeZone: 'Europe/Copenhagen',
  units: 'metric',
  hourCycle: '24',
  hours: [
    ...[2, 3, 4, 5].map((weekday) => ({ weekday, startMinute: 18 * 60 + 30, endMinute: 22 * 60 })),
    { weekday: 6, startMinute: 9 * 60, endMinute: 19 * 60 },
  ],
  exceptions: [{ date: '2026-06-05', spans: [], note: 'away' }],
  busy: [],
  place: { latitude: 55.7, longitude: 12.6 },
  spraysByDaylight: true,
  airbrushesInside: false,
  objective: 'surest',
  goesByOwnPace: true,
  quietHours: [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 20 * 60, endMinute: 24 * 60 })),
  sprayHours: [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 7 * 60, endMinute: 20 * 60 + 40 })),
  sprayLimits: USUAL_SPRAY_LIMITS,
  typicalDay: { meanCelsius: 14.6, swingCelsius: 3.4, warmestHour: 16, meanHumidityPercent: 66, swingHumidityPercent: 11 },
  yardDay: null,
  climateSource: 'sensor',
  currency: 'EUR',
  hourPrice: null,
  shelfChance: 0.8,
  parcelDays: 2,
  mirroredShare: 0,
  printers: 1,
  boothPlaces: 1,
  rackPlaces: 8,
};
