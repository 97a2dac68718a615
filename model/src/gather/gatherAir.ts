import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import { buildAirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import type { AirSample } from '@zinc-ladder/core/climate/air';
import { utcOffsetMinutes } from '@zinc-ladder/core/time/workingHours';
import type { ClimateReading } from '../records/shop/climateReading';
import type { Shop } from '../records/shop/shop';

/** The shop's air along time, from its readings and its typical day. */
export function gatherAir(shop: Shop, readings: readonly ClimateReading[], nowMs: number): AirTimeline {
  const typicalDay = { ...shop.typicalDay, utcOffsetMinutes: utcOffsetMinutes(shop.timeZone, nowMs) };
  if (shop.climateSource === 'typical') return buildAirTimeline([], [], typicalDay);
  // What claims to be measured later than now was not: a clock was wrong, or the demo's was turned back.
  const measured = readings.filter((reading) => reading.kind === 'measured' && reading.atMs <= nowMs);
  const forecast = readings.filter((reading) => reading.kind === 'forecast' && reading.atMs > nowMs);
  return buildAirTimeline(measured.map(toSample), forecast.map(toSample), typicalDay);
}

function toSample({ atMs, temperatureCelsius, relativeHumidityPercent, windMetresPerSecond }: ClimateReading): AirSample {
  return { atMs, temperatureCelsius, relativeHumidityPercent, ...(windMetresPerSecond === null ? {} : { windMetresPerSecond }) };
}
