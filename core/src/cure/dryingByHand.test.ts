import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { AirTimeline } from '../climate/airTimeline';
import { buildAirTimeline } from '../climate/airTimeline';
import { normalShare } from '../number/normalShare';
import { buildClockTable, minuteAfter, minuteAtProgress, progressAt } from './clockTable';
import type { ForcedDrying } from './cureClock';
import { filmStateAt, readCureClock, sightFilm } from './cureClock';
import { createCureTables } from './cureTables';
import type { Milestone } from './dryingData';
import { dryingKind, thicknessFactor } from './dryingKind';
import { tooColdToForm } from './filmForming';
import { gainsByDryer, dryerGain } from './forcedDrying';
import { closesByLabel, reopensByLabel } from './labelTime';
import { learnDrying } from './learnDrying';
import { findProductClass } from './productClasses';
import { SOAKED_WATER, WASH_WATER, waterLeft } from './washWater';

// Laws of drying with figures worked out by hand from the formulas that docs/method.md names.

const MINUTE = 60_000;
const NOW = Date.parse('2026-05-28T16:00:00Z');
const air = (temperatureCelsius: number, relativeHumidityPercent: number) => ({ temperatureCelsius, relativeHumidityPercent });

function steady(celsius: number, percent = 50): AirTimeline {
  return buildAirTimeline([], [], {
    meanCelsius: celsius,
    swingCelsius: 0,
    warmestHour: 15,
    meanHumidityPercent: percent,
    swingHumidityPercent: 0,
    utcOffsetMinutes: 0,
  });
}

function read(classId: string, celsius: number, coatsAtMinutes: readonly number[] = [0], forced: readonly ForcedDrying[] = []) {
  const { drying } = findProductClass(classId);
  const tables = createCureTables(steady(celsius), NOW - 86_400_000, NOW + 20 * 86_400_000);
  return readCureClock(
    drying,
    coatsAtMinutes.map((minute) => ({ atMs: NOW + minute * MINUTE, thicknessMicrometres: drying.coatMicrometres })),
    tables,
    forced,
  );
}
const minutes = (ms: number | null): number | null => (ms === null ? null : (ms - NOW) / MINUTE);
const windows = (classId: string, celsius: number) =>
  read(classId, celsius).recoatWindows.map(({ opensMs, closesMs }) => [minutes(opensMs), minutes(closesMs)]);
/** Arrhenius from 23 °C, kJ/mol over the gas constant. */
const arrhenius = (celsius: number, joules: number) => Math.exp((-joules / 8.314) * (1 / (celsius + 273.15) - 1 / 296.15));

describe('rates', () => {
  it.each(['solvent', 'water', 'twoPart', 'oxidation'] as const)('%s hardens by Arrhenius with 50 kJ/mol', (id) => {
    for (const celsius of [-5, 12, 35])
      expect(dryingKind(id).rates.hardening(air(celsius, 70))).toBeCloseTo(arrhenius(celsius, 50_000), 12);
  });
  it.each(['twoPart', 'oxidation'] as const)('%s is one reaction from the first minute on', (id) => {
    expect(dryingKind(id).rates.drying(air(12, 70))).toBeCloseTo(arrhenius(12, 50_000), 12);
  });
  it('what moisture sets runs by its share of 30 %, and no faster in damper air', () => {
    for (const phase of ['drying', 'hardening'] as const)
      expect([15, 30, 80].map((percent) => dryingKind('moisture').rates[phase](air(12, percent)))).toEqual([0.5, 1, 1]);
  });
  it('thickness counts where something has to leave: in proportion up to three coats, with the square beyond', () => {
    for (const id of ['solvent', 'water', 'oxidation'] as const)
      expect([1, 3, 6].map((ratio) => thicknessFactor(dryingKind(id).thickness, ratio))).toEqual([1, 3, 12]);
    for (const id of ['twoPart', 'moisture'] as const)
      expect([1, 3, 6].map((ratio) => thicknessFactor(dryingKind(id).thickness, ratio))).toEqual([1, 1, 1]);
  });
  it('no other way of drying is known', () => expect(() => dryingKind('wish' as 'water')).toThrow(RangeError));
});

describe('recoat windows off label air', () => {
  it('in the cold open by the film and close by the label, and open again by the film', () => {
    const rate = arrhenius(13, 50_000);
    expect(windows('enamelColour', 13)).toEqual([
      [expect.closeTo(10 / rate, 4), 60],
      [expect.closeTo(2880 / rate, 2), null],
    ]);
  });
  it('in the heat close by the film, and open again by the label', () => {
    const rate = arrhenius(33, 50_000);
    expect(windows('enamelColour', 33)).toEqual([
      [expect.closeTo(10 / rate, 4), expect.closeTo(60 / rate, 4)],
      [2880, null],
    ]);
  });
  it('are over before they began where it is too cold: the second opening is the first', () => {
    expect(windows('enamelColour', -5)).toEqual([[expect.closeTo(2880 / arrhenius(-5, 50_000), 1), null]]);
    // Without a second one the film is told its moment, and that it closes in the same.
    const opens = 15 / arrhenius(-25, 38_000);
    expect(opens).toBeGreaterThan(60);
    expect(windows('contactCement', -25)).toEqual([[expect.closeTo(opens, 4), expect.closeTo(opens, 4)]]);
  });
  it('are none where the film never dries', () => {
    expect(windows('brushAcrylic', -1)).toEqual([]);
    expect(Object.values(read('brushAcrylic', -1).milestones).filter((moment) => moment !== null)).toHaveLength(3);
  });
  it('close at what comes first and open again at what comes last', () => {
    expect([closesByLabel(50, 0, 60), closesByLabel(70, 0, 60), closesByLabel(500, 100, 60)]).toEqual([50, 60, 160]);
    expect([reopensByLabel(50, 0, 60), reopensByLabel(70, 0, 60), reopensByLabel(50, 100, 60)]).toEqual([60, 70, 160]);
  });
});

describe('films of several coats', () => {
  it('are one film until the one below could be handled, and two from that minute on', () => {
    expect(read('lacquerColour', 23, [0, 59])).toMatchObject({ wetCoats: 2, filmMicrometres: 24 });
    expect(read('lacquerColour', 23, [0, 60])).toMatchObject({ wetCoats: 1, filmMicrometres: 12 });
    // The second coat doubles the film, and so the wait before it is settled.
    expect(read('lacquerColour', 23, [0, 30, 149])).toMatchObject({ wetCoats: 3 });
    expect(read('lacquerColour', 23, [0, 30, 150])).toMatchObject({ wetCoats: 1 });
  });
  it('are told in any order they come', () => expect(read('lacquerColour', 23, [30, 0])).toEqual(read('lacquerColour', 23, [0, 30])));
  it('are in each state from its very minute on', () => {
    const enamel = read('enamelColour', 23);
    const at = (minute: number) => filmStateAt(enamel, NOW + minute * MINUTE);
    expect([0, 29, 31, 359, 361, 1441, 10_079, 10_081].map(at)).toEqual([
      ...['wet', 'wet', 'touch', 'touch', 'handle', 'tape', 'tape', 'hard'],
    ]);
    const whole = { ...enamel, milestones: { ...enamel.milestones, sand: NOW + 400 * MINUTE } };
    expect(filmStateAt(whole, NOW + 400 * MINUTE)).toBe('sand');
    expect(filmStateAt(whole, NOW + 400 * MINUTE - 1)).toBe('handle');
  });
});

describe('warm air', () => {
  const span = (from: number, to: number, factor: number): ForcedDrying => ({
    fromMs: NOW + from * MINUTE,
    toMs: NOW + to * MINUTE,
    factor,
  });
  // 0–3 min at 6 ×, 3–5 at 7 × (both), 5–8 at 2 ×, then 1 ×: 18, 32 and 38 label minutes gained at the edges.
  const both = [span(0, 5, 6), span(3, 8, 2)];
  const after = (forced: readonly ForcedDrying[], stage: Milestone) => minutes(read('lacquerColour', 23, [0], forced).milestones[stage]);
  it('adds up where two spans overlap, in whatever order they are told', () => {
    for (const forced of [both, [...both].reverse()]) {
      expect(after(forced, 'touch')).toBeCloseTo(10 / 6, 6);
      expect(after(forced, 'handle')).toBeCloseTo(8 + (60 - 38), 6);
    }
    const thin = { ...findProductClass('lacquerColour').drying, touchMinutes: 25, recoatFromMinutes: 35 };
    const tables = createCureTables(steady(23), NOW - 86_400_000, NOW + 86_400_000);
    const { milestones } = readCureClock(thin, [{ atMs: NOW, thicknessMicrometres: 12 }], tables, both);
    expect(minutes(milestones.touch)).toBeCloseTo(4, 6);
    expect(minutes(milestones.recoat)).toBeCloseTo(6.5, 6);
  });
  it('before the coat was laid, or once the stage is reached, does nothing', () => {
    expect(after([span(-20, 0, 6)], 'touch')).toBeCloseTo(10, 6);
    expect(after([span(-20, 1, 6)], 'touch')).toBeCloseTo(1 + 4, 6);
    expect(after([span(10, 30, 6)], 'touch')).toBeCloseTo(10, 6);
  });
  it('helps films of water or solvent up to fifteen micrometres', () => {
    const { drying } = findProductClass('lacquerColour');
    expect([15, 15.1].map((film) => gainsByDryer(drying, film))).toEqual([true, false]);
    expect(gainsByDryer(findProductClass('oilWash').drying, 3)).toBe(false);
    expect(
      dryerGain(
        buildClockTable(0, 100, 10, () => 0.5),
        4,
      ).least,
    ).toBeCloseTo(10, 9);
    expect(dryerGain({ startMinute: 0, stepMinutes: 10, cumulative: new Float64Array(1) }, 4)).toEqual({ least: 0, most: 0 });
  });
  it('counts in what a film had gained when it was tried', () => {
    const { drying } = findProductClass('lacquerColour');
    const tables = createCureTables(steady(23), NOW - 86_400_000, NOW + 86_400_000);
    const coats = [{ atMs: NOW, thicknessMicrometres: 24 }];
    const sight = sightFilm(drying, coats, tables, both, 'handle', NOW + 20 * MINUTE);
    expect(sight?.elapsedMinutes).toBeCloseTo(38 + 12, 6);
    expect(sight?.expectedMinutes).toBe(120);
    expect(sightFilm(findProductClass('metallicLacquer').drying, coats, tables, [], 'sand', NOW + MINUTE)).toBeNull();
    expect(sightFilm(drying, coats, tables, [], 'touch', NOW)).toBeNull();
  });
});

describe('clocks', () => {
  it('of one way of drying are made once, on a grid of ten minutes, and shared where both phases run alike', () => {
    const from = NOW + 3 * MINUTE;
    const tables = createCureTables(steady(23), from, from + 100 * MINUTE);
    const solvent = { kind: 'solvent' } as const;
    const table = tables.tableFor(solvent, 'drying');
    expect(table).toMatchObject({ startMinute: NOW / MINUTE, stepMinutes: 10 });
    // 103 minutes from the step before: eleven steps.
    expect(table.cumulative).toHaveLength(12);
    expect(tables.tableFor(solvent, 'drying')).toBe(table);
    expect(tables.tableFor(solvent, 'hardening')).not.toBe(table);
    expect(tables.tableFor({ kind: 'twoPart' }, 'drying')).toBe(tables.tableFor({ kind: 'twoPart' }, 'hardening'));
    expect(tables.keyFor({ kind: 'twoPart' }, 'drying')).not.toBe(tables.keyFor({ kind: 'oxidation' }, 'drying'));
  });
  it('are exact for a rate that grows by a straight line, step by step', () => {
    const table = buildClockTable(0, 60, 10, (minute) => minute / 10);
    expect([10, 20, 60].map((minute) => progressAt(table, minute))).toEqual([5, 20, 180]);
    // Between knots as a straight line.
    expect(progressAt(table, 15)).toBeCloseTo(12.5, 9);
    expect(minuteAtProgress(table, 12.5)).toBeCloseTo(15, 9);
    expect(buildClockTable(0, 0, 10, () => 2).cumulative).toEqual(Float64Array.of(0, 20));
    expect(buildClockTable(0, 11, 10, () => 1).cumulative).toHaveLength(3);
  });
  it('go on at the mean rate of their first day before it, and by their last day after it', () => {
    const day = 1440;
    const table = buildClockTable(0, 3 * day, 10, (minute) => (minute < day ? 1 : minute < 2 * day ? 5 : 3));
    expect(progressAt(table, -100)).toBeCloseTo(-100, 9);
    expect(progressAt(table, 3 * day + 100)).toBeCloseTo(9 * day + 300, 9);
    expect(minuteAtProgress(table, 9 * day + 300)).toBeCloseTo(3 * day + 100, 9);
    expect(minuteAtProgress(table, -100)).toBeCloseTo(-100, 9);
    expect(minuteAtProgress(table, 0)).toBe(0);
    expect(
      minuteAtProgress(
        buildClockTable(5, 105, 10, () => 0),
        -1,
      ),
    ).toBe(5);
    expect(minuteAfter(table, 50, 0)).toBe(50);
    expect(minuteAfter(table, 50, -1)).toBe(50);
  });
  it('have noon and night on each day after their last: nothing by night, two for each minute of twelve hours', () => {
    const day = 1440;
    const table = buildClockTable(0, 2 * day, 10, (minute) => (minute % day < day / 2 ? 0 : 2));
    for (const days of [2, 3, 9]) {
      const [dawn, gained] = [days * day, days * day];
      expect([0, 720, 730, 1440].map((minute) => progressAt(table, dawn + minute) - gained)).toEqual([0, 0, 20, 1440]);
      // A wait that begins at dawn is over after noon; what is gained by the evening stands through the night.
      expect(minuteAfter(table, dawn, 20)).toBeCloseTo(dawn + 730, 9);
      expect(minuteAfter(table, dawn + 720, 1440)).toBeCloseTo(dawn + 1440, 9);
      expect(minuteAfter(table, dawn + 720, 1441)).toBeCloseTo(dawn + 1440 + 720.5, 9);
    }
    expect(
      minuteAtProgress(
        buildClockTable(0, day, 10, (minute) => (minute < 100 ? 1 : 0)),
        101,
      ),
    ).toBeCloseTo(day + 1, 9);
    const still = buildClockTable(0, 2 * day, 10, (minute) => (minute < day ? 1 : 0));
    expect(minuteAtProgress(still, day + 1)).toBe(Infinity);
    expect(progressAt(still, 9 * day)).toBe(day);
  });
  it('answer there and back alike, however far ahead (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), fc.double({ min: 0.1, max: 20_000, noNaN: true }), (steps, minute) => {
        const table = buildClockTable(0, steps * 10, 10, (at) => 0.2 + Math.abs(Math.sin(at / 97)));
        expect(minuteAtProgress(table, progressAt(table, minute))).toBeCloseTo(minute, 5);
      }),
    );
  });
});

describe('the cold and a water film', () => {
  const cools = (afterMinutes: number): AirTimeline =>
    buildAirTimeline(
      [-60, afterMinutes, afterMinutes + 1, afterMinutes + 300].map((minute, nth) => ({
        atMs: NOW + minute * MINUTE,
        temperatureCelsius: nth < 2 ? 20 : 5,
        relativeHumidityPercent: 60,
      })),
      [],
      steady(5).typicalDay,
    );
  const film = { kind: 'water', minimumFilmCelsius: 8 } as const;
  const minute = (value: number | null): number | null => (value === null ? null : NOW + value * MINUTE);
  const found = (afterMinutes: number, touch: number | null, handle: number | null) =>
    minutes(
      tooColdToForm(film, cools(afterMinutes), {
        laidMs: NOW,
        touchMs: minute(touch),
        handleMs: minute(handle),
      }),
    );
  it('is named at the first of its ten minutes, and forgiven once the film can be handled', () => {
    expect(found(25, 20, 60)).toBe(30);
    expect(found(55, 20, 60)).toBe(60);
    expect(found(65, 20, 60)).toBeNull();
  });
  it('is looked for over two days in a film that never dries', () => {
    expect(found(100, null, null)).toBe(110);
    const warm = tooColdToForm(film, steady(20), { laidMs: NOW, touchMs: null, handleMs: null });
    expect(warm).toBeNull();
  });
  it('is that of the wet bulb while the film is wet and of the air afterwards', () => {
    // 11 °C at 50 % has a wet bulb of 6.6 °C (psychrometric chart).
    const forming = (touchMs: number) => tooColdToForm(film, steady(11), { laidMs: NOW, touchMs, handleMs: NOW + 60 * MINUTE });
    expect(minutes(forming(NOW + 20 * MINUTE))).toBe(0);
    expect(forming(NOW)).toBeNull();
    expect(tooColdToForm(film, steady(8, 100), { laidMs: NOW, touchMs: NOW, handleMs: NOW + MINUTE })).toBeNull();
    expect(tooColdToForm({ ...film, kind: 'solvent' }, steady(0), { laidMs: NOW, touchMs: NOW, handleMs: NOW })).toBeNull();
  });
});

describe('water of a washing', () => {
  it('is gone after an hour, or a night where the part soaks (common practice)', () => {
    expect(waterLeft('wash')).toBe(WASH_WATER);
    expect(waterLeft('wash', true)).toBe(SOAKED_WATER);
    expect(waterLeft('sand', true)).toBeNull();
    for (const [water, wanted] of [
      [WASH_WATER, 60],
      [SOAKED_WATER, 480],
    ] as const)
      expect([
        water.touchMinutes,
        water.recoatFromMinutes,
        water.handleMinutes,
        water.sandMinutes,
        water.tapeMinutes,
        water.hardMinutes,
      ]).toEqual(Array<number>(6).fill(wanted));
    expect(WASH_WATER).toMatchObject({ kind: 'water', recoatUntilMinutes: null, recoatAgainMinutes: null, minimumFilmCelsius: -20 });
  });
});

describe('one film that was tried', () => {
  // A normal prior (0.35) over a probit (0.2) has its mean in closed form: Rasmussen & Williams 2006, eq. 3.85 (from memory).
  const density = (z: number) => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);
  const width = Math.hypot(0.35, 0.2);
  it.each([0.5, 1, 1.7])('at %f of the label’s time moves the factor by the closed form', (share) => {
    const z = Math.log(share) / width;
    const mean = (sign: number) => (-sign * 0.35 ** 2 * density(z)) / (normalShare(sign * z) * width);
    const learned = (isReached: boolean) => learnDrying([{ isReached, elapsedMinutes: 100 * share, expectedMinutes: 100 }]);
    expect(Math.log(learned(true).factor)).toBeCloseTo(mean(1), 4);
    expect(Math.log(learned(false).factor)).toBeCloseTo(mean(-1), 4);
    expect(learned(true).count).toBe(1);
  });
  it('has nine tenths of what is believed within its interval', () => {
    // A film that tells nothing leaves the prior: 1.645 deviations either way, on a grid of a hundredth.
    const { low, high } = learnDrying([{ isReached: true, elapsedMinutes: 1e6, expectedMinutes: 1 }]);
    expect(Math.log(low)).toBeCloseTo(-1.645 * 0.35, 2);
    expect(Math.log(high)).toBeCloseTo(1.645 * 0.35, 2);
  });
});
