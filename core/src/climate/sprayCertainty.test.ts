import { describe, expect, it } from 'vitest';
import { buildAirTimeline } from './airTimeline';
import { normalShare } from '../number/normalShare';
import { sprayCertainty } from './sprayCertainty';
import { USUAL_SPRAY_LIMITS } from './sprayVerdict';

const NOW = Date.parse('2026-05-28T12:00:00Z');
const HOUR = 3_600_000;
const airOf = (temperature: number, humidity: number, windMetresPerSecond?: number) =>
  buildAirTimeline(
    [],
    Array.from({ length: 97 }, (_, hour) => ({
      atMs: NOW + hour * HOUR,
      temperatureCelsius: temperature,
      relativeHumidityPercent: humidity,
      ...(windMetresPerSecond === undefined ? {} : { windMetresPerSecond }),
    })),
    { meanCelsius: 18, swingCelsius: 0, warmestHour: 15, meanHumidityPercent: 50, swingHumidityPercent: 0, utcOffsetMinutes: 0 },
  );
const window = (hoursAhead: number) => ({ start: NOW + hoursAhead * HOUR, end: NOW + (hoursAhead + 2) * HOUR });
const certainty = (air: ReturnType<typeof airOf>, hoursAhead: number) => sprayCertainty(window(hoursAhead), air, USUAL_SPRAY_LIMITS, NOW);

describe('the normal distribution', () => {
  // Table values: 0.841345 at 1, 0.975002 at 1.96, 0.998650 at 3 (any textbook).
  it.each([
    [0, 0.5],
    [1, 0.841345],
    [-1, 0.158655],
    [1.96, 0.975002],
    [3, 0.99865],
  ])('below %d lies %d', (z, share) => expect(normalShare(z)).toBeCloseTo(share, 5));
});

describe('how sure a spraying window is', () => {
  it('is wholly sure where the air was measured', () => expect(certainty(airOf(18, 84), -3)).toBe(1));
  it('is sure in dry warm air even days ahead, and less so the nearer a limit is', () => {
    expect(certainty(airOf(20, 45), 70)).toBeGreaterThan(0.95);
    expect(certainty(airOf(20, 70), 30)).toBeGreaterThan(certainty(airOf(20, 80), 30));
  });
  it('falls with the days ahead', () => {
    const air = airOf(18, 72);
    expect(certainty(air, 1)).toBeGreaterThan(certainty(air, 24));
    expect(certainty(air, 24)).toBeGreaterThan(certainty(air, 72));
  });
  it('is even odds on a limit itself', () => expect(certainty(airOf(10, 40), 5)).toBeCloseTo(0.5, 2));
  it('minds the wind where it is known', () => {
    expect(certainty(airOf(20, 50, 2.8), 24)).toBeLessThan(0.7);
    expect(certainty(airOf(20, 50), 24)).toBeGreaterThan(0.95);
  });
});
