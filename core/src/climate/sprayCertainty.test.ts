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

  // One moment a whole number of days ahead, all limits but one out of the way: by hand the share is that of
  // (limit − air) ÷ (at once + a day × days, at most …). One deviation is 0.841345 (any textbook).
  const far = {
    leastDewGapKelvin: -100,
    mostHumidityPercent: 1000,
    coldestCelsius: -100,
    warmestCelsius: 100,
    mostWindMetresPerSecond: null,
  };
  const inDays = (days: number, limits: Partial<typeof USUAL_SPRAY_LIMITS>, wind?: number) => {
    const at = NOW + days * 24 * HOUR;
    return sprayCertainty({ start: at - 15 * 60_000, end: at + 15 * 60_000 }, airOf(20, 60, wind), { ...far, ...limits }, NOW);
  };
  it.each([
    ['humidity by 3 % and 3 % a day', 1, { mostHumidityPercent: 66 }],
    ['humidity by 15 % at most', 4, { mostHumidityPercent: 75 }],
    ['cold by half a kelvin and 0.7 a day', 1, { coldestCelsius: 18.8 }],
    ['warmth likewise', 3, { warmestCelsius: 22.6 }],
  ])('lets forecasts be off in %s', (_, days, limits) => expect(inDays(days, limits)).toBeCloseTo(0.841345, 5));
  it('lets forecasts be off in temperature by 4 K at most, in wind by 0.7 m/s and 0.4 a day, at most 2.5', () => {
    const longAir = buildAirTimeline(
      [],
      [0, 3, 6, 9, 12].map((hour) => ({
        atMs: NOW + (240 + hour) * HOUR,
        temperatureCelsius: 20,
        relativeHumidityPercent: 60,
        windMetresPerSecond: 2,
      })),
      { meanCelsius: 20, swingCelsius: 0, warmestHour: 15, meanHumidityPercent: 60, swingHumidityPercent: 0, utcOffsetMinutes: 0 },
    );
    const at = NOW + 246 * HOUR;
    const one = (limits: Partial<typeof USUAL_SPRAY_LIMITS>) =>
      sprayCertainty({ start: at - 15 * 60_000, end: at + 15 * 60_000 }, longAir, { ...far, ...limits }, NOW);
    expect(one({ coldestCelsius: 16 })).toBeCloseTo(0.841345, 5);
    expect(one({ mostWindMetresPerSecond: 4.5 })).toBeCloseTo(0.841345, 5);
    expect(inDays(1, { mostWindMetresPerSecond: 3.1 }, 2)).toBeCloseTo(0.841345, 5);
  });
  it('takes the dew gap to be off by what so much damper air brings the dew point nearer', () => {
    // 20 °C: dew point at 60 % and at 66 %, Magnus by hand.
    const dew = (percent: number) => {
      const ratio = Math.log(((percent / 100) * 6.112 * Math.exp((17.62 * 20) / 263.12)) / 6.112);
      return (243.12 * ratio) / (17.62 - ratio);
    };
    const gap = 20 - dew(60);
    expect(inDays(1, { leastDewGapKelvin: gap - (dew(66) - dew(60)) })).toBeCloseTo(0.841345, 5);
    // Where the air cannot get damper than saturated the gap still is no certainty: a tenth of a kelvin is left.
    const wet = buildAirTimeline(
      [],
      [0, 6].map((hour) => ({ atMs: NOW + (21 + hour) * HOUR, temperatureCelsius: 20, relativeHumidityPercent: 100 })),
      {
        meanCelsius: 20,
        swingCelsius: 0,
        warmestHour: 15,
        meanHumidityPercent: 100,
        swingHumidityPercent: 0,
        utcOffsetMinutes: 0,
      },
    );
    const at = NOW + 24 * HOUR;
    const span = { start: at - 15 * 60_000, end: at + 15 * 60_000 };
    expect(sprayCertainty(span, wet, { ...far, leastDewGapKelvin: -0.1 }, NOW)).toBeCloseTo(0.841345, 5);
  });
  it('is the mean over the half hours of a window, and the middle of a shorter one', () => {
    // Between two samples the air falls dry by a straight line: each half hour by itself.
    const slope = buildAirTimeline(
      [],
      [0, 4].map((hour) => ({ atMs: NOW + (22 + hour) * HOUR, temperatureCelsius: 20, relativeHumidityPercent: 90 - 5 * hour })),
      { meanCelsius: 20, swingCelsius: 0, warmestHour: 15, meanHumidityPercent: 60, swingHumidityPercent: 0, utcOffsetMinutes: 0 },
    );
    const limits = { ...far, mostHumidityPercent: 80 };
    const moment = (hour: number) => normalShare((80 - (90 - 5 * (hour - 22))) / (3 + (3 * hour) / 24));
    const span = (from: number, to: number) => sprayCertainty({ start: NOW + from * HOUR, end: NOW + to * HOUR }, slope, limits, NOW);
    expect(span(23, 24.5)).toBeCloseTo((moment(23.25) + moment(23.75) + moment(24.25)) / 3, 9);
    expect(span(23, 23.2)).toBeCloseTo(moment(23.1), 9);
    expect(span(23, 23)).toBe(1);
  });
});
