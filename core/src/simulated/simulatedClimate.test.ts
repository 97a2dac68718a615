import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_GARAGE, simulateAir, simulateForecast, simulateReadings } from './simulatedClimate';

const NOW = Date.parse('2026-05-28T16:00:00Z');
const HOUR = 3_600_000;

describe('the simulated garage', () => {
  it('is the same for the same moment, and another for another seed', () => {
    expect(simulateAir(DEMO_GARAGE, NOW)).toEqual(simulateAir(DEMO_GARAGE, NOW));
    expect(simulateAir({ ...DEMO_GARAGE, seed: 10 }, NOW)).not.toEqual(simulateAir(DEMO_GARAGE, NOW));
  });
  it('stays within what a garage has, at any moment (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4_102_444_800_000 }), (atMs) => {
        const air = simulateAir(DEMO_GARAGE, atMs);
        expect(air.temperatureCelsius).toBeGreaterThan(4);
        expect(air.temperatureCelsius).toBeLessThan(24);
        expect(air.relativeHumidityPercent).toBeGreaterThanOrEqual(25);
        expect(air.relativeHumidityPercent).toBeLessThanOrEqual(98);
        expect(air.windMetresPerSecond).toBeGreaterThanOrEqual(0);
      }),
    );
  });
  it('does not jump: a minute moves the air by little (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4_000_000_000_000 }), (atMs) => {
        const [before, after] = [simulateAir(DEMO_GARAGE, atMs), simulateAir(DEMO_GARAGE, atMs + 60_000)];
        expect(Math.abs(before.temperatureCelsius - after.temperatureCelsius)).toBeLessThan(0.2);
        expect(Math.abs(before.relativeHumidityPercent - after.relativeHumidityPercent)).toBeLessThan(2);
      }),
    );
  });
  it('is colder at night than in the afternoon, on average over a month', () => {
    const mean = (hour: number): number =>
      Array.from({ length: 30 }, (_, day) => simulateAir(DEMO_GARAGE, Date.UTC(2026, 4, 1 + day, hour)).temperatureCelsius).reduce(
        (sum, value) => sum + value,
        0,
      ) / 30;
    expect(mean(14)).toBeGreaterThan(mean(2) + 4);
  });
  it('reads on its grid and within the span', () => {
    expect(simulateReadings(DEMO_GARAGE, NOW + 1, NOW + HOUR, 30).map((sample) => sample.atMs - NOW)).toEqual([HOUR / 2, HOUR]);
    expect(simulateReadings(DEMO_GARAGE, NOW, NOW - 1)).toEqual([]);
  });
  it('forecasts hourly after the moment, close at first and less so later', () => {
    const forecast = simulateForecast(DEMO_GARAGE, NOW, 72);
    expect(forecast).toHaveLength(72);
    const error = (at: number): number =>
      Math.abs((forecast[at]?.temperatureCelsius ?? 0) - simulateAir(DEMO_GARAGE, forecast[at]?.atMs ?? 0).temperatureCelsius);
    expect(error(0)).toBeLessThan(0.3);
    for (let hour = 0; hour < 72; hour += 1) expect(error(hour)).toBeLessThan(2.5);
  });
});
