import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import { airAt } from '@zinc-ladder/core/climate/airTimeline';
import type { LoggedAir } from '../records/ladder/logEntry';

/** The shop's air at a moment, as the log keeps it: to a tenth of a degree and a whole percent, with where it is known from. */
export function loggedAirAt(air: AirTimeline, atMs: number): LoggedAir {
  const { temperatureCelsius, relativeHumidityPercent, origin } = airAt(air, atMs);
  return {
    temperatureCelsius: Math.round(temperatureCelsius * 10) / 10,
    relativeHumidityPercent: Math.round(relativeHumidityPercent),
    origin,
  };
}
