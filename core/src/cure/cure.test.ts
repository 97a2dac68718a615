import fc from 'fast-check';
import psychrolib from 'psychrolib';
import { describe, expect, it } from 'vitest';
import type { AirTimeline } from '../climate/airTimeline';
import { buildAirTimeline } from '../climate/airTimeline';
import type { TypicalDay } from '../climate/typicalDay';
import { buildClockTable, minuteAfter, minuteAtProgress, progressAt } from './clockTable';
import type { CoatLaid, CureOutlook } from './cureClock';
import { filmStateAt, readCureClock } from './cureClock';
import { createCureTables } from './cureTables';
import type { Milestone } from './dryingData';
import { CURE_PHASES, DRYING_KINDS, dryingKind, thicknessFactor } from './dryingKind';
import { findProductClass, PRODUCT_CLASSES } from './productClasses';

const MINUTE = 60_000;
const NOW = Date.parse('2026-05-28T16:00:00Z');

function steady(temperatureCelsius: number, relativeHumidityPercent = 50): AirTimeline {
  const day: TypicalDay = {
    meanCelsius: temperatureCelsius,
    swingCelsius: 0,
    warmestHour: 15,
    meanHumidityPercent: relativeHumidityPercent,
    swingHumidityPercent: 0,
    utcOffsetMinutes: 0,
  };
  return buildAirTimeline([], [], day);
}

function read(classId: string, air: AirTimeline, coats?: readonly CoatLaid[], forced?: Parameters<typeof readCureClock>[3]): CureOutlook {
  const { drying } = findProductClass(classId);
  const tables = createCureTables(air, NOW - 86_400_000, NOW + 20 * 86_400_000);
  return readCureClock(drying, coats ?? [{ atMs: NOW, thicknessMicrometres: drying.coatMicrometres }], tables, forced);
}

const minutesTo = (outlook: CureOutlook, name: Milestone): number => ((outlook.milestones[name] ?? Number.NaN) - outlook.laidAtMs) / MINUTE;

describe('rate of drying', () => {
  it.each(DRYING_KINDS.map((kind) => [kind.id, kind] as const))('%s runs at 1 in label air (ISO 3270: 23 °C, 50 %)', (_, kind) => {
    for (const phase of CURE_PHASES) expect(kind.rates[phase]({ temperatureCelsius: 23, relativeHumidityPercent: 50 })).toBeCloseTo(1, 12);
  });
  it('halves or doubles per 10 °C for chemical cure (10 °C rule of thumb, common practice)', () => {
    for (const kind of ['twoPart', 'oxidation', 'water', 'solvent'] as const) {
      const rate = dryingKind(kind).rates.hardening;
      expect(rate({ temperatureCelsius: 13, relativeHumidityPercent: 50 })).toBeGreaterThan(0.45);
      expect(rate({ temperatureCelsius: 13, relativeHumidityPercent: 50 })).toBeLessThan(0.55);
      expect(rate({ temperatureCelsius: 33, relativeHumidityPercent: 50 })).toBeGreaterThan(1.85);
      expect(rate({ temperatureCelsius: 33, relativeHumidityPercent: 50 })).toBeLessThan(2.15);
    }
  });
  it('follows the closed form of Clausius–Clapeyron at 12 °C for solvents', () => {
    expect(dryingKind('solvent').rates.drying({ temperatureCelsius: 12, relativeHumidityPercent: 50 })).toBeCloseTo(
      Math.exp((-38_000 / 8.314) * (1 / 285.15 - 1 / 296.15)),
      12,
    );
  });
  it('dries water from the wet bulb: the figures of a coatings chemist from memory, worked again with psychrolib (ASHRAE)', () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    const rate = dryingKind('water').rates.drying;
    const potential = (celsius: number, percent: number): number =>
      psychrolib.GetSatVapPres(psychrolib.GetTWetBulbFromRelHum(celsius, percent / 100, 101_325)) -
      (psychrolib.GetSatVapPres(celsius) * percent) / 100;
    for (const [celsius, percent, wanted] of [
      [12, 50, 0.7],
      [30, 50, 1.19],
    ] as const) {
      const got = rate({ temperatureCelsius: celsius, relativeHumidityPercent: percent });
      expect(got).toBeCloseTo(wanted, 1);
      expect(Math.abs(got - potential(celsius, percent) / potential(23, 50))).toBeLessThan(0.02);
    }
  });
  it('stops for water in saturated air and where it freezes', () => {
    const rate = dryingKind('water').rates.drying;
    expect(rate({ temperatureCelsius: 20, relativeHumidityPercent: 100 })).toBeCloseTo(0, 9);
    expect(rate({ temperatureCelsius: 0, relativeHumidityPercent: 50 })).toBe(0);
  });
});

describe('clock table', () => {
  it('is exact for a steady rate, inside and outside its grid', () => {
    const table = buildClockTable(100, 400, 10, () => 0.5);
    expect(progressAt(table, 250)).toBeCloseTo(75, 9);
    expect(progressAt(table, 1000)).toBeCloseTo(450, 9);
    expect(progressAt(table, 0)).toBeCloseTo(-50, 9);
    expect(minuteAtProgress(table, 450)).toBeCloseTo(1000, 9);
  });
  it('has an inverse that gives back what went in, for any non-negative rate', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 5, noNaN: true }), { minLength: 20, maxLength: 60 }),
        fc.double({ min: 0.001, max: 500, noNaN: true }),
        (rates, gain) => {
          const table = buildClockTable(0, rates.length * 10, 10, (minute) => rates[Math.floor(minute / 10)] ?? 0);
          const minute = minuteAfter(table, 3, gain);
          if (Number.isFinite(minute)) expect(progressAt(table, minute) - progressAt(table, 3)).toBeCloseTo(gain, 5);
          else expect(rates.every((rate) => rate === 0) || progressAt(table, rates.length * 10) - progressAt(table, 3) < gain).toBe(true);
        },
      ),
    );
  });
  it('never arrives where the rate is nothing', () =>
    expect(
      minuteAfter(
        buildClockTable(0, 100, 10, () => 0),
        0,
        1,
      ),
    ).toBe(Infinity));
});

describe('cure clock', () => {
  it.each(PRODUCT_CLASSES.map((entry) => [entry.id, entry] as const))(
    'reaches the label times of %s exactly in label air',
    (id, { drying }) => {
      const outlook = read(id, steady(23));
      expect(minutesTo(outlook, 'touch')).toBeCloseTo(drying.touchMinutes, 6);
      expect(minutesTo(outlook, 'recoat')).toBeCloseTo(drying.recoatFromMinutes, 6);
      expect(minutesTo(outlook, 'handle')).toBeCloseTo(drying.handleMinutes, 6);
      expect(minutesTo(outlook, 'hard')).toBeCloseTo(drying.hardMinutes, 6);
      if (drying.sandMinutes === null) expect(outlook.milestones.sand).toBeNull();
      else expect(minutesTo(outlook, 'sand')).toBeCloseTo(drying.sandMinutes, 6);
    },
  );

  it('closes the recoat window of an enamel and opens it again', () => {
    const outlook = read('enamelColour', steady(23));
    expect(
      outlook.recoatWindows.map((w) => [(w.opensMs - NOW) / MINUTE, w.closesMs === null ? null : Math.round((w.closesMs - NOW) / MINUTE)]),
    ).toEqual([
      [10, 60],
      [2880, null],
    ]);
  });

  it('takes longer through a cold night than a mild one', () => {
    const night = (low: number): AirTimeline =>
      buildAirTimeline(
        [{ atMs: NOW, temperatureCelsius: 18, relativeHumidityPercent: 60 }],
        [3, 6, 9, 12].map((h) => ({ atMs: NOW + h * 60 * MINUTE, temperatureCelsius: low, relativeHumidityPercent: 60 })),
        steady(low).typicalDay,
      );
    expect(minutesTo(read('enamelColour', night(6)), 'sand')).toBeGreaterThan(minutesTo(read('enamelColour', night(14)), 'sand'));
  });

  it('is never sooner when it is colder (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PRODUCT_CLASSES),
        fc.double({ min: 9, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        ({ id }, warm, drop) => {
          const cold = Math.max(9, warm - drop);
          expect(minutesTo(read(id, steady(cold)), 'hard')).toBeGreaterThanOrEqual(minutesTo(read(id, steady(warm)), 'hard') - 1e-6);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is never sooner when the film is thicker (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PRODUCT_CLASSES),
        fc.double({ min: 1, max: 900, noNaN: true }),
        fc.double({ min: 1, max: 5, noNaN: true }),
        ({ id }, thin, more) => {
          const hard = (thicknessMicrometres: number): number =>
            minutesTo(read(id, steady(20), [{ atMs: NOW, thicknessMicrometres }]), 'hard');
          expect(hard(thin * more)).toBeGreaterThanOrEqual(hard(thin) - 1e-6);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('dries three wet coats as one film from the last of them, but a coat over a settled film by itself', () => {
    const wet = [0, 10, 20].map((minute) => ({ atMs: NOW + minute * MINUTE, thicknessMicrometres: 12 }));
    const together = read('lacquerColour', steady(23), wet);
    expect(together).toMatchObject({ wetCoats: 3, filmMicrometres: 36, laidAtMs: NOW + 20 * MINUTE });
    expect(minutesTo(together, 'sand')).toBeCloseTo(180, 6);
    expect(minutesTo(together, 'recoat')).toBeCloseTo(10, 6);
    const apart = read('lacquerColour', steady(23), [wet[0] as CoatLaid, { atMs: NOW + 300 * MINUTE, thicknessMicrometres: 12 }]);
    expect(apart).toMatchObject({ wetCoats: 1, filmMicrometres: 12 });
  });

  it('runs faster only while warm air blows on it', () => {
    const forced = [{ fromMs: NOW, toMs: NOW + 5 * MINUTE, factor: 6 }];
    // 5 min at 6 × are 30 of the 60 label minutes; the other 30 run at 1 ×.
    expect(minutesTo(read('airbrushAcrylic', steady(23), undefined, forced), 'sand')).toBeCloseTo(35, 6);
    expect(minutesTo(read('airbrushAcrylic', steady(23), undefined, forced), 'touch')).toBeCloseTo(5 / 6, 6);
    const later = [{ fromMs: NOW + 10 * MINUTE, toMs: NOW + 15 * MINUTE, factor: 6 }];
    expect(minutesTo(read('airbrushAcrylic', steady(23), undefined, later), 'touch')).toBeCloseTo(5, 6);
    expect(minutesTo(read('airbrushAcrylic', steady(23), undefined, later), 'sand')).toBeCloseTo(35, 6);
  });

  it('names water acrylic too cold to form: below its minimum film temperature, wet films being as cold as a wet bulb', () => {
    expect(read('brushAcrylic', steady(5)).tooColdMs).toBe(NOW);
    // 11 °C at 50 % has a wet bulb of 6.6 °C (psychrometric chart).
    expect(read('brushAcrylic', steady(11, 50)).tooColdMs).toBe(NOW);
    expect(read('brushAcrylic', steady(11, 90)).tooColdMs).toBeNull();
    expect(read('enamelColour', steady(5)).tooColdMs).toBeNull();
  });
  it('says never for water acrylic in a freezing shop', () => expect(read('brushAcrylic', steady(-1)).milestones.touch).toBeNull());
  it('hardens water acrylic by warmth, whatever the damp, once it is dry (Arrhenius)', () => {
    const dry = read('airbrushAcrylic', steady(13, 40));
    const damp = read('airbrushAcrylic', steady(13, 85));
    expect(minutesTo(damp, 'touch')).toBeGreaterThan(2 * minutesTo(dry, 'touch'));
    expect(minutesTo(damp, 'tape')).toBeCloseTo(minutesTo(dry, 'tape'), 6);
  });
  it('needs a coat', () => expect(() => read('primer', steady(20), [])).toThrow(RangeError));

  it('names the state a film has reached', () => {
    const outlook = read('primer', steady(23));
    expect([5, 15, 70, 125, 1500].map((minute) => filmStateAt(outlook, NOW + minute * MINUTE))).toEqual([
      'wet',
      'touch',
      'sand',
      'tape',
      'hard',
    ]);
  });
});

describe('thickness', () => {
  const law = dryingKind('solvent').thickness;
  it('stretches in proportion while thin, with the square beyond, without a jump', () => {
    expect(thicknessFactor(law, 2)).toBeCloseTo(2, 12);
    expect(thicknessFactor(law, 6)).toBeCloseTo(3 * 4, 12);
    expect(thicknessFactor(law, 3.000001)).toBeCloseTo(thicknessFactor(law, 3), 4);
  });
  it('never makes a label shorter than it says', () => expect(thicknessFactor(law, 0.2)).toBe(1));
  it('does not slow a two-part product', () => expect(thicknessFactor(dryingKind('twoPart').thickness, 4)).toBe(1));
});
