import { describe, expect, it } from 'vitest';
import { airAt, buildAirTimeline, knownUntil, windAt } from './airTimeline';
import { findAirWindows, isWithinLimits } from './sprayWindows';
import { USUAL_SPRAY_LIMITS } from './sprayVerdict';
import type { TypicalDay } from './typicalDay';
import { typicalAirAt } from './typicalDay';

const HOUR = 3_600_000;
const FLAT: TypicalDay = {
  meanCelsius: 20,
  swingCelsius: 0,
  warmestHour: 15,
  meanHumidityPercent: 50,
  swingHumidityPercent: 0,
  utcOffsetMinutes: 0,
};
const sample = (hour: number, temperatureCelsius: number, windMetresPerSecond?: number) => ({
  atMs: hour * HOUR,
  temperatureCelsius,
  relativeHumidityPercent: 50,
  ...(windMetresPerSecond === undefined ? {} : { windMetresPerSecond }),
});
const warmthAt = (samples: ReturnType<typeof sample>[], hour: number) => airAt(buildAirTimeline(samples, [], FLAT), hour * HOUR);

describe('samples of the air', () => {
  it('six hours apart are joined by a line, further apart are not', () => {
    expect(warmthAt([sample(0, 10), sample(6, 16)], 3).temperatureCelsius).toBeCloseTo(13, 9);
    // Two half-faded differences of −10 and −4 K instead of the line's −7.
    const apart = warmthAt([sample(0, 10), sample(6.01, 16)], 3.005);
    expect(apart.temperatureCelsius).toBeCloseTo(20 - 14 * (Math.sinh(3.005 / 8) / Math.sinh(6.01 / 8)), 9);
    expect(apart.heldMs).toBe(3.005 * HOUR);
  });
  it('fade to 1/e in eight hours and are forgotten after forty', () => {
    expect(warmthAt([sample(0, 10)], 8).temperatureCelsius).toBeCloseTo(20 - 10 / Math.E, 9);
    expect(warmthAt([sample(0, 10)], -8).temperatureCelsius).toBeCloseTo(20 - 10 / Math.E, 9);
    expect(warmthAt([sample(0, 10)], 39.99).temperatureCelsius).toBeLessThan(20);
    expect(warmthAt([sample(0, 10)], 40)).toEqual({ ...typicalAirAt(FLAT, 0), origin: 'typical', heldMs: null });
  });
  it('keep what is known of humidity above one per cent', () => {
    const dry = { ...FLAT, meanHumidityPercent: 10, swingHumidityPercent: 9, warmestHour: 12 };
    const air = buildAirTimeline([{ atMs: 0, temperatureCelsius: 20, relativeHumidityPercent: 3 }], [], dry);
    expect(airAt(air, 10 * HOUR).relativeHumidityPercent).toBe(1);
    const damp = { ...FLAT, meanHumidityPercent: 90, swingHumidityPercent: 9, warmestHour: 0 };
    const wet = buildAirTimeline([{ atMs: 0, temperatureCelsius: 20, relativeHumidityPercent: 100 }], [], damp);
    expect(airAt(wet, 10 * HOUR).relativeHumidityPercent).toBe(100);
  });
  it('are as old as the one before, even where the one after is nearer in what it says', () => {
    expect(warmthAt([sample(0, 10), sample(20, 16)], 5).heldMs).toBe(5 * HOUR);
    expect(warmthAt([sample(0, 10), sample(20, 16)], 15).heldMs).toBeNull();
    expect(warmthAt([sample(0, 10), sample(20, 16)], 10).heldMs).toBe(10 * HOUR);
  });
  it('of the same moment: the later told wins; those of the forecast begin after the last reading', () => {
    expect(warmthAt([sample(1, 10), sample(1, 12)], 1).temperatureCelsius).toBe(12);
    const air = buildAirTimeline([sample(1, 10)], [sample(1, 99), sample(2, 30)], FLAT);
    expect(air.samples.map(({ temperatureCelsius }) => temperatureCelsius)).toEqual([10, 30]);
    expect(airAt(air, HOUR).origin).toBe('measured');
    expect(airAt(air, 2 * HOUR).origin).toBe('forecast');
  });
  it('are known up to the last reading, and never before now', () => {
    const air = buildAirTimeline([sample(3, 10)], [sample(9, 10)], FLAT);
    expect(knownUntil(air, HOUR)).toBe(3 * HOUR);
    expect(knownUntil(air, 5 * HOUR)).toBe(5 * HOUR);
    expect(knownUntil(buildAirTimeline([], [], FLAT), HOUR)).toBe(HOUR);
  });
});

describe('wind between samples', () => {
  const air = buildAirTimeline([sample(0, 20, 1), sample(4, 20, 5), sample(6, 20), sample(20, 20, 9)], [], FLAT);
  it.each([
    [0, 1],
    [1.9, 1],
    [2, 1],
    [2.1, 5],
    [4, 5],
    // The nearer sample says nothing of wind: what the other says is taken.
    [5.5, 5],
    // Six hours after the last sample before a gap, and no longer; that sample knew of none.
    [10, undefined],
    [20, 9],
    [26, 9],
    [26.01, undefined],
    [-1, undefined],
  ])('at hour %d is %s', (hour, wind) => expect(windAt(air, hour * HOUR)).toBe(wind));
  it('is not known at the moment of a sample that does not say, and held across no long gap', () => {
    expect(windAt(air, 6 * HOUR)).toBeUndefined();
    const gap = buildAirTimeline([sample(0, 20, 2), sample(12, 20, 4)], [], FLAT);
    expect([5, 6, 6.5, 11].map((hour) => windAt(gap, hour * HOUR))).toEqual([2, 2, undefined, undefined]);
  });
});

describe('hours cut to fit air', () => {
  const warm = buildAirTimeline([sample(0, 20), sample(6, 20)], [], FLAT);
  it('are found on a grid of ten minutes, each step judged in its middle', () => {
    const asked: number[] = [];
    const found = findAirWindows([{ start: 0.25 * HOUR, end: HOUR }], warm, (atMs) => {
      asked.push(atMs / 60_000);
      return atMs !== 35 * 60_000;
    });
    expect(asked).toEqual([15, 25, 35, 45, 55]);
    expect(found).toEqual([
      { start: 0.25 * HOUR, end: 0.5 * HOUR },
      { start: (40 / 60) * HOUR, end: HOUR },
    ]);
  });
  it('ask each time of a typical day once, and every moment as long as something is known', () => {
    const asked: number[] = [];
    const days = [0, 1, 2, 3, 4].map((day) => ({ start: (day * 24 + 10) * HOUR, end: (day * 24 + 11) * HOUR }));
    const found = findAirWindows(days, warm, (atMs) => {
      asked.push(Math.floor(atMs / (24 * HOUR)));
      return true;
    });
    expect(found).toEqual(days);
    // The last sample has faded at hour 46: days 0 and 1 are asked by themselves, days 2, 3 and 4 as one.
    expect([0, 1, 2, 3, 4].map((day) => asked.filter((one) => one === day).length)).toEqual([6, 6, 6, 0, 0]);
  });
  it('mind the wind', () => {
    const windy = buildAirTimeline([sample(0, 20, 4), sample(6, 20, 1)], [], FLAT);
    expect(isWithinLimits(windy, USUAL_SPRAY_LIMITS, HOUR)).toBe(false);
    expect(isWithinLimits(windy, USUAL_SPRAY_LIMITS, 5 * HOUR)).toBe(true);
  });
});

describe('a typical day', () => {
  const day = { ...FLAT, swingCelsius: 5, swingHumidityPercent: 20, utcOffsetMinutes: 120 };
  it('is coldest and dampest twelve hours from its warmest, by the clock of the shop', () => {
    expect(typicalAirAt(day, 1 * HOUR).temperatureCelsius).toBeCloseTo(15, 9);
    expect(typicalAirAt(day, 1 * HOUR).relativeHumidityPercent).toBeCloseTo(70, 9);
    expect(typicalAirAt(day, 7 * HOUR).temperatureCelsius).toBeCloseTo(20, 9);
    expect(typicalAirAt(day, -11 * HOUR).temperatureCelsius).toBeCloseTo(20 + 5, 9);
  });
  it('is never drier than 1 % nor damper than 100 %', () => {
    const wild = { ...day, swingHumidityPercent: 80 };
    expect(typicalAirAt(wild, 13 * HOUR).relativeHumidityPercent).toBe(1);
    expect(typicalAirAt(wild, 1 * HOUR).relativeHumidityPercent).toBe(100);
  });
});
