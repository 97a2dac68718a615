import { describe, expect, it } from 'vitest';
import { buildAirTimeline } from '../climate/airTimeline';
import { seededRandom } from '../random/seededRandom';
import { createCureTables } from './cureTables';
import { readCureClock, sightFilm } from './cureClock';
import { learnDrying, withLearned } from './learnDrying';
import type { Sighting } from './learnDrying';
import { findProductClass } from './productClasses';

const tried = (isReached: boolean, share: number): Sighting => ({ isReached, elapsedMinutes: share * 100, expectedMinutes: 100 });

describe('what films taught of how a product dries', () => {
  it('is nothing before one was tried: the label’s time, as widely as cans differ', () => {
    const learned = learnDrying([]);
    expect(learned.factor).toBe(1);
    expect(learned.count).toBe(0);
    // A normal prior of ln time has this interval in closed form.
    expect(learned.high).toBeCloseTo(Math.exp(1.645 * 0.35), 9);
    expect(learned.low).toBeCloseTo(1 / learned.high, 9);
  });
  it('goes up by a film that was late and down by one that was early, more by a bolder one', () => {
    expect(learnDrying([tried(false, 1)]).factor).toBeGreaterThan(1.1);
    expect(learnDrying([tried(false, 1.5)]).factor).toBeGreaterThan(learnDrying([tried(false, 1)]).factor);
    expect(learnDrying([tried(true, 0.7)]).factor).toBeLessThan(0.9);
  });
  it('learns next to nothing from what was to be expected', () => {
    expect(learnDrying([tried(true, 4)]).factor).toBeCloseTo(1, 2);
    expect(learnDrying([tried(false, 0.2)]).factor).toBeCloseTo(1, 2);
  });
  it('comes to the true factor between many tries on both sides of it, and its interval narrows', () => {
    const random = seededRandom(7);
    const truth = 1.4;
    const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    const sightings = Array.from({ length: 120 }, (): Sighting => {
      const share = Math.exp((random() - 0.5) * 1.6 + Math.log(truth));
      return tried(Math.log(share) > Math.log(truth) + 0.2 * normal(), share);
    });
    const learned = learnDrying(sightings);
    expect(learned.factor).toBeGreaterThan(1.3);
    expect(learned.factor).toBeLessThan(1.5);
    expect(learned.high / learned.low).toBeLessThan(learnDrying(sightings.slice(0, 4)).high / learnDrying(sightings.slice(0, 4)).low);
  });
  it('holds the truth within its 90 % interval about as often as it says', () => {
    const random = seededRandom(11);
    const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    let inside = 0;
    for (let trial = 0; trial < 400; trial += 1) {
      const truth = 0.35 * normal();
      const sightings = Array.from({ length: 4 }, (): Sighting => {
        const at = (random() - 0.5) * 1.6;
        return tried(at > truth + 0.2 * normal(), Math.exp(at));
      });
      const { low, high } = learnDrying(sightings);
      if (Math.log(low) <= truth && truth <= Math.log(high)) inside += 1;
    }
    expect(inside).toBeGreaterThan(340);
    expect(inside).toBeLessThan(380);
  });
  it('survives tries that speak against each other, and a time of nothing', () => {
    const torn = learnDrying(Array.from({ length: 200 }, (_, nth) => tried(nth % 2 === 0, nth % 2 === 0 ? 0.1 : 9)));
    expect(Number.isFinite(torn.factor)).toBe(true);
    expect(learnDrying([{ isReached: true, elapsedMinutes: 0, expectedMinutes: 100 }]).count).toBe(0);
  });
});

describe('drying with what was learned', () => {
  const { drying } = findProductClass('brushAcrylic');
  it('moves every stage, and never the label’s caution towards danger', () => {
    const windowed = { ...drying, recoatFromMinutes: 10, recoatUntilMinutes: 60, recoatAgainMinutes: 1440 };
    const slow = withLearned(windowed, { factor: 2 });
    expect(slow.handleMinutes).toBe(drying.handleMinutes * 2);
    expect([slow.recoatFromMinutes, slow.recoatUntilMinutes, slow.recoatAgainMinutes]).toEqual([20, 60, 2880]);
    const quick = withLearned(windowed, { factor: 0.5 });
    expect([quick.recoatFromMinutes, quick.recoatUntilMinutes, quick.recoatAgainMinutes]).toEqual([5, 30, 1440]);
    expect(withLearned(windowed, { factor: 10 }).recoatUntilMinutes).toBe(100);
  });
  it('goes by label minutes: a film tried at the very moment its clock names is just there, whatever the air', () => {
    const laid = Date.UTC(2026, 4, 28, 18);
    const air = buildAirTimeline([], [], {
      meanCelsius: 14,
      swingCelsius: 10,
      warmestHour: 15,
      meanHumidityPercent: 60,
      swingHumidityPercent: 30,
      utcOffsetMinutes: 0,
    });
    const tables = createCureTables(air, laid - 86_400_000, laid + 14 * 86_400_000);
    const coats = [{ atMs: laid, thicknessMicrometres: drying.coatMicrometres * 1.5 }];
    const { milestones } = readCureClock(drying, coats, tables);
    for (const stage of ['touch', 'handle', 'hard'] as const) {
      const sight = sightFilm(drying, coats, tables, [], stage, milestones[stage] ?? 0);
      expect((sight?.elapsedMinutes ?? 0) / (sight?.expectedMinutes ?? 1)).toBeCloseTo(1, 3);
    }
    expect(sightFilm(drying, coats, tables, [], 'touch', laid - 1)).toBeNull();
    expect(() => sightFilm(drying, [], tables, [], 'touch', laid)).toThrow(RangeError);
  });
});
