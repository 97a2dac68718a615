import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import { buildAirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import type { AirSample } from '@zinc-ladder/core/climate/air';
import type { ShopAirs } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import { utcOffsetMinutes } from '@zinc-ladder/core/time/workingHours';
import type { ClimateReading } from '../records/shop/climateReading';
import type { Shop } from '../records/shop/shop';

/** The airs of a shop along time, each from its readings and its typical day, with what is worked in which. */
export function gatherAirs(shop: Shop, readings: readonly ClimateReading[], nowMs: number): ShopAirs {
  const offset = utcOffsetMinutes(shop.timeZone, nowMs);
  const join = (place: ClimateReading['place'], day: Shop['typicalDay'], keepsReadings: boolean): AirTimeline => {
    const own = keepsReadings ? readings.filter((reading) => reading.place === place) : [];
    // What claims to be measured later than now was not: a clock was wrong, or the demo's was turned back.
    const measured = own.filter((reading) => reading.kind === 'measured' && reading.atMs <= nowMs);
    // A forecast that was typed stands until something is measured; a device's is renewed, and what it said of the past is worth nothing.
    const forecast = own.filter((reading) => reading.kind === 'forecast' && (reading.atMs > nowMs || place === 'yard'));
    return buildAirTimeline(measured.map(toSample), forecast.map(toSample), { ...day, utcOffsetMinutes: offset });
  };
  return {
    air: join('shop', shop.typicalDay, shop.climateSource !== 'typical'),
    yardAir: shop.yardDay && join('yard', shop.yardDay, true),
    airbrushesInside: shop.airbrushesInside,
  };
}

function toSample({ atMs, temperatureCelsius, relativeHumidityPercent, windMetresPerSecond }: ClimateReading): AirSample {
  return { atMs, temperatureCelsius, relativeHumidityPercent, ...(windMetresPerSecond === null ? {} : { windMetresPerSecond }) };
}
