import { airAt } from '@zinc-ladder/core/climate/airTimeline';
import { describe, expect, it } from 'vitest';
import type { ClimateReading } from '../records/shop/climateReading';
import { makeSampleProject } from '../testing/sampleProject';
import { gatherAirs } from './gatherAirs';
import { gatherPlan } from './plan/gatherPlan';

const sample = makeSampleProject();
const NOW = sample.savedAtMs;
const HOUR = 3_600_000;
const YARD_DAY = { meanCelsius: 5, swingCelsius: 0, warmestHour: 15, meanHumidityPercent: 80, swingHumidityPercent: 0 };
const shop = { ...sample.shop, climateSource: 'typed', yardDay: YARD_DAY } as const;

function reading(hours: number, temperatureCelsius: number, rest: Partial<ClimateReading> = {}): ClimateReading {
  return {
    id: `r${hours}`,
    revision: 0,
    atMs: NOW + hours * HOUR,
    temperatureCelsius,
    relativeHumidityPercent: 70,
    windMetresPerSecond: null,
    kind: hours > 0 ? 'forecast' : 'measured',
    place: 'yard',
    source: 'typed',
    ...rest,
  };
}
const yardAt = (readings: readonly ClimateReading[], hours: number, nowMs = NOW): number =>
  airAt(gatherAirs(shop, readings, nowMs).yardAir ?? raise(), NOW + hours * HOUR).temperatureCelsius;
function raise(): never {
  throw new Error('no air out of doors');
}

describe('the airs of a shop', () => {
  it('are one where it is sprayed inside, whatever was typed of the yard', () => {
    expect(gatherAirs(sample.shop, [reading(0, 9)], NOW).yardAir).toBeNull();
  });
  it('are kept apart: what is read in the one says nothing of the other', () => {
    const readings = [reading(0, 9), reading(-1, 17, { place: 'shop' })];
    const { air } = gatherAirs(shop, readings, NOW);
    expect(airAt(air, NOW - HOUR).temperatureCelsius).toBe(17);
    expect(air.samples).toHaveLength(1);
    expect(yardAt(readings, 0)).toBe(9);
    // Two days on nothing is left of it.
    expect(yardAt(readings, 48)).toBe(5);
  });
  it('out of doors knows what was typed where the shop goes by its typical day', () => {
    const { air, yardAir } = gatherAirs({ ...shop, climateSource: 'typical' }, [reading(0, 9), reading(0, 17, { place: 'shop' })], NOW);
    expect([air.samples.length, yardAir?.samples.length]).toEqual([0, 1]);
  });
  it('a forecast that was typed still tells what it was when its hour has passed, until something is measured', () => {
    const forecast = reading(3, 12);
    expect(yardAt([forecast], 3, NOW + 4 * HOUR)).toBe(12);
    const measured = reading(4, 7, { kind: 'measured' });
    expect(yardAt([forecast, measured], 4, NOW + 4 * HOUR)).toBe(7);
    expect(gatherAirs(shop, [forecast, measured], NOW + 4 * HOUR).yardAir?.samples).toHaveLength(1);
  });
  it('reach the planner, with the light of a place only where it is kept to', () => {
    const place = { latitude: 55.7, longitude: 12.6 };
    const planOf = (spraysByDaylight: boolean) =>
      gatherPlan({ ...sample, shop: { ...shop, place, spraysByDaylight } }, gatherAirs(shop, [], NOW), NOW);
    expect(planOf(true)).toMatchObject({ daylightAt: place, yardAir: { typicalDay: YARD_DAY } });
    expect(planOf(false).daylightAt).toBeNull();
  });
});
