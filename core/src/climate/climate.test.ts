import psychrolib from 'psychrolib';
import { beforeAll, describe, expect, it } from 'vitest';
import { airAt, buildAirTimeline, FADE_MS, FADED_AFTER_MS, LONGEST_GAP_MS, windAt } from './airTimeline';
import { dewGapKelvin, dewPointCelsius } from './dewPoint';
import { saturationPressureHpa } from './saturationPressure';
import { findSprayWindows } from './sprayWindows';
import { judgeSpraying, USUAL_SPRAY_LIMITS } from './sprayVerdict';
import type { TypicalDay } from './typicalDay';
import { dayBetween, typicalAirAt } from './typicalDay';

const HOUR = 3_600_000;
const DAY: TypicalDay = {
  meanCelsius: 15,
  swingCelsius: 4,
  warmestHour: 15,
  meanHumidityPercent: 65,
  swingHumidityPercent: 12,
  utcOffsetMinutes: 60,
};

describe('moist air against psychrolib (ASHRAE Handbook formulas)', () => {
  beforeAll(() => psychrolib.SetUnitSystem(psychrolib.SI));

  it('gives saturation pressure within 0.5 % over −5…40 °C', () => {
    // Below 0 °C the ASHRAE formula is over ice and Magnus over water; the comparison starts where both mean water.
    for (let t = 0.5; t <= 40; t += 0.5) {
      const reference = psychrolib.GetSatVapPres(t) / 100;
      expect(Math.abs(saturationPressureHpa(t) / reference - 1), `${t} °C`).toBeLessThan(0.005);
    }
  });

  it('gives dew points within 0.2 °C over −5…40 °C and 20–100 % wherever the dew point is above freezing', () => {
    let compared = 0;
    for (let t = -5; t <= 40; t += 1) {
      for (let rh = 20; rh <= 100; rh += 5) {
        const reference = psychrolib.GetTDewPointFromRelHum(t, rh / 100);
        if (reference < 0 || t < 0) continue;
        compared += 1;
        expect(Math.abs(dewPointCelsius(t, rh) - reference), `${t} °C ${rh} %`).toBeLessThan(0.2);
      }
    }
    expect(compared).toBeGreaterThan(400);
  });

  it('stays within 0.2 °C below freezing when the reference is taken over water too', () => {
    // ASHRAE over ice differs by design; Alduchov and Eskridge 1996 (from memory) is an independent fit over water.
    const other = (t: number): number => 6.1094 * Math.exp((17.625 * t) / (243.04 + t));
    for (let t = -5; t <= 0; t += 0.5) expect(Math.abs(saturationPressureHpa(t) / other(t) - 1)).toBeLessThan(0.004);
  });
});

describe('dew point', () => {
  it('is the air temperature at 100 %', () => expect(dewPointCelsius(18, 100)).toBeCloseTo(18, 9));
  it('takes the gap from the surface, not the air, when a surface is given', () =>
    expect(dewGapKelvin(20, 60, 14)).toBeCloseTo(14 - dewPointCelsius(20, 60), 9));
  it.each([0, -1, 101, Number.NaN])('refuses %s % humidity', (rh) => expect(() => dewPointCelsius(20, rh)).toThrow(RangeError));
  it('refuses a temperature that is not a number, and one at which the formula has no value', () => {
    expect(() => saturationPressureHpa(Number.NaN)).toThrow(RangeError);
    expect(() => saturationPressureHpa(-243.12)).toThrow(RangeError);
    expect(saturationPressureHpa(-240)).toBeLessThan(1e-9);
    expect(() => saturationPressureHpa(-250)).toThrow(RangeError);
  });
});

describe('air timeline', () => {
  const readings = [
    { atMs: 2 * HOUR, temperatureCelsius: 20, relativeHumidityPercent: 40 },
    { atMs: 0, temperatureCelsius: 10, relativeHumidityPercent: 60 },
  ];
  const forecast = [
    { atMs: HOUR, temperatureCelsius: 99, relativeHumidityPercent: 1 },
    { atMs: 4 * HOUR, temperatureCelsius: 12, relativeHumidityPercent: 80 },
  ];
  const air = buildAirTimeline(readings, forecast, DAY);

  it('is linear between readings, whatever order they came in', () => {
    expect(airAt(air, HOUR)).toEqual({ temperatureCelsius: 15, relativeHumidityPercent: 50, origin: 'measured', heldMs: null });
  });
  it('lets a measurement win over an older forecast and goes on to the forecast after it', () => {
    expect(airAt(air, 3 * HOUR)).toEqual({ temperatureCelsius: 16, relativeHumidityPercent: 60, origin: 'forecast', heldMs: null });
  });
  it('falls back to the typical day where every sample is far away', () => {
    for (const atMs of [-50 * HOUR, 4 * HOUR + FADED_AFTER_MS]) {
      expect(airAt(air, atMs)).toEqual({ ...typicalAirAt(DAY, atMs), origin: 'typical', heldMs: null });
    }
  });
  it('is warmest and driest at the warmest local hour of the typical day', () => {
    const atWarmest = typicalAirAt(DAY, 14 * HOUR);
    expect(atWarmest.temperatureCelsius).toBeCloseTo(19, 9);
    expect(atWarmest.relativeHumidityPercent).toBeCloseTo(53, 9);
  });
});

describe('a reading that nothing follows', () => {
  const typed = { atMs: 10 * HOUR, temperatureCelsius: 11, relativeHumidityPercent: 70, windMetresPerSecond: 2 };
  const air = buildAirTimeline([typed], [], DAY);
  const differs = (atMs: number): number => airAt(air, atMs).temperatureCelsius - typicalAirAt(DAY, atMs).temperatureCelsius;

  it('still stands two minutes later, with its age', () => {
    const here = airAt(air, typed.atMs + 120_000);
    expect(Math.abs(here.temperatureCelsius - 11)).toBeLessThan(0.1);
    expect(here.relativeHumidityPercent).toBeCloseTo(70, 0);
    expect(here).toMatchObject({ origin: 'measured', heldMs: 120_000 });
  });
  it('falls to 1/e of its difference in the time it fades in, and to nothing that shows at the end', () => {
    expect(differs(typed.atMs + FADE_MS) / differs(typed.atMs)).toBeCloseTo(Math.exp(-1), 9);
    expect(Math.abs(differs(typed.atMs + FADED_AFTER_MS - 1))).toBeLessThan(0.01 * Math.abs(differs(typed.atMs)));
    expect(differs(typed.atMs + FADED_AFTER_MS)).toBe(0);
  });
  it('is called measured while half of it is left', () => {
    expect(airAt(air, typed.atMs + FADE_MS * Math.log(2) - 1).origin).toBe('measured');
    expect(airAt(air, typed.atMs + FADE_MS * Math.log(2) + 1).origin).toBe('typical');
  });
  it('says something of the hours before it too, without an age', () => {
    expect(airAt(air, typed.atMs - HOUR).temperatureCelsius).toBeLessThan(typicalAirAt(DAY, typed.atMs - HOUR).temperatureCelsius - 1);
    expect(airAt(air, typed.atMs - HOUR).heldMs).toBeNull();
  });
  it('keeps humidity within 1–100 %', () => {
    const damp = buildAirTimeline([{ ...typed, relativeHumidityPercent: 100 }], [], { ...DAY, swingHumidityPercent: 40 });
    for (let h = 0; h < 40; h += 1) expect(airAt(damp, typed.atMs + h * HOUR).relativeHumidityPercent).toBeLessThanOrEqual(100);
  });
  it('holds its wind for as long as samples are joined', () => {
    expect(windAt(air, typed.atMs + HOUR)).toBe(2);
    expect(windAt(air, typed.atMs + LONGEST_GAP_MS + 1)).toBeUndefined();
  });
  it('meets both samples across a long gap, and never leaps', () => {
    const other = { atMs: 30 * HOUR, temperatureCelsius: 24, relativeHumidityPercent: 35 };
    const gap = buildAirTimeline([typed, other], [], DAY);
    let last = airAt(gap, typed.atMs).temperatureCelsius;
    for (let at = typed.atMs; at <= other.atMs; at += 60_000) {
      const here = airAt(gap, at).temperatureCelsius;
      expect(Math.abs(here - last)).toBeLessThan(0.1);
      last = here;
    }
    expect(last).toBe(24);
  });
});

describe('spray verdict', () => {
  it('is open in fair air', () => expect(judgeSpraying({ temperatureCelsius: 18, relativeHumidityPercent: 55 }).isOpen).toBe(true));
  it('closes below 3 K over the dew point (ISO 8502-4) even where the humidity alone would do', () => {
    const verdict = judgeSpraying({ temperatureCelsius: 18, relativeHumidityPercent: 70 }, USUAL_SPRAY_LIMITS, 14);
    expect(verdict.faults.map((fault) => fault.kind)).toEqual(['dewGap']);
  });
  it('names every fault at once, with value and limit', () => {
    const verdict = judgeSpraying({ temperatureCelsius: 5, relativeHumidityPercent: 95 }, USUAL_SPRAY_LIMITS, 5, 6);
    expect(verdict.faults.map((fault) => fault.kind)).toEqual(['dewGap', 'humidity', 'tooCold', 'wind']);
    expect(verdict.faults.at(-1)).toEqual({ kind: 'wind', value: 6, limit: 3 });
  });
  it('does not judge wind that is not known, nor wind in a booth', () => {
    expect(judgeSpraying({ temperatureCelsius: 18, relativeHumidityPercent: 50 }).isOpen).toBe(true);
    expect(
      judgeSpraying(
        { temperatureCelsius: 18, relativeHumidityPercent: 50 },
        { ...USUAL_SPRAY_LIMITS, mostWindMetresPerSecond: null },
        18,
        9,
      ).isOpen,
    ).toBe(true);
  });
  it('cuts the spraying hours to the dry part of the day', () => {
    const damp = (atMs: number) => ({ atMs, temperatureCelsius: 15, relativeHumidityPercent: 95 });
    const dry = (atMs: number) => ({ atMs, temperatureCelsius: 18, relativeHumidityPercent: 50 });
    const air = buildAirTimeline([damp(0), damp(3 * HOUR), dry(3 * HOUR + 1), dry(6 * HOUR)], [], DAY);
    expect(findSprayWindows([{ start: HOUR, end: 5 * HOUR }], air, USUAL_SPRAY_LIMITS)).toEqual([{ start: 3 * HOUR, end: 5 * HOUR }]);
    expect(findSprayWindows([], air, USUAL_SPRAY_LIMITS)).toEqual([]);
  });
});

describe('a day as a weather report tells it', () => {
  beforeAll(() => psychrolib.SetUnitSystem(psychrolib.SI));

  it.each([
    [2, 8, 80],
    [12, 24, 55],
    [18, 18, 60],
  ])('from %d to %d °C at %d % keeps the water in its air, by psychrolib', (low, high, humidity) => {
    const day = { ...dayBetween(low, high, humidity), utcOffsetMinutes: 0 };
    expect(typicalAirAt(day, 15 * HOUR).temperatureCelsius).toBeCloseTo(high, 9);
    expect(typicalAirAt(day, 3 * HOUR).temperatureCelsius).toBeCloseTo(low, 9);
    const mean = (low + high) / 2;
    const atMean = typicalAirAt(day, 9 * HOUR);
    expect(atMean.temperatureCelsius).toBeCloseTo(mean, 9);
    expect(atMean.relativeHumidityPercent).toBeCloseTo(humidity, 9);
    const vapour = psychrolib.GetVapPresFromRelHum(mean, humidity / 100);
    const [damp, dry] = [low, high].map((celsius) => 100 * psychrolib.GetRelHumFromVapPres(celsius, vapour));
    expect(2 * day.swingHumidityPercent).toBeCloseTo((damp ?? 0) - (dry ?? 0), 0);
  });
  it('is no damper than can be, and takes the two in either order', () => {
    const foggy = dayBetween(0, 10, 95);
    expect(foggy.meanHumidityPercent + foggy.swingHumidityPercent).toBeGreaterThan(100);
    expect(typicalAirAt({ ...foggy, utcOffsetMinutes: 0 }, 3 * HOUR).relativeHumidityPercent).toBe(100);
    expect(dayBetween(10, 0, 95)).toEqual(foggy);
  });
});
