import { describe, expect, it } from 'vitest';
import type { AirTimeline } from '../../climate/airTimeline';
import { airAt, buildAirTimeline } from '../../climate/airTimeline';
import { readCureClock } from '../../cure/cureClock';
import { buildShopProblem } from './buildShopProblem';
import { planShop, planShopAtOnce } from '../shopPlan/planShop';
import type { PlanFilm, RungProgress, ShopPlanInput } from './shopPlanInput';
import { AIRBRUSHING, isCutByProduct, isSprayCalendar, SPRAYING } from './shopCalendars';
import { shopOdds } from '../shopPlan/shopOdds';
import { checkShopPlan } from '../verify/checkShopPlan';
import { film, MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';

const HOUR = 60 * MINUTE;

/** A typical day: warmest and driest at 15 h. */
function day(meanCelsius: number, swingCelsius: number, meanHumidityPercent: number, swingHumidityPercent: number): AirTimeline {
  return buildAirTimeline([], [], {
    meanCelsius,
    swingCelsius,
    warmestHour: 15,
    meanHumidityPercent,
    swingHumidityPercent,
    utcOffsetMinutes: 0,
  });
}
const DAMP_NIGHTS = day(20, 0, 74, 14);

/** When one rung of a shop starts, with the outlook of its film; null where it has no place. */
function planned(
  methodId: string,
  classId: string,
  air: AirTimeline,
  change: Partial<PlanFilm> = {},
  status: RungProgress = { kind: 'open' },
) {
  const laid = { ...rung('r', methodId), film: { ...film(classId), ...change }, status };
  const plan = planShop(shop([part('a', [laid])], { air, nowMs: NOW + 14 * HOUR }));
  if (plan.kind !== 'planned') throw new Error('faulty');
  expect(plan.broken).toEqual([]);
  return plan.rungs[0] ?? null;
}

describe('the air a product asks for', () => {
  it('keeps a lacquer in its can above 70 % where a primer is still sprayed', () => {
    // 22 h: about 78 % on the typical day, within the 85 % of the shop.
    expect(airAt(DAMP_NIGHTS, NOW + 14 * HOUR).relativeHumidityPercent).toBeGreaterThan(70);
    expect(planned('prime', 'primer', DAMP_NIGHTS)?.startMs).toBeLessThan(NOW + 15 * HOUR);
    const lacquer = planned('sprayCoat', 'lacquerColour', DAMP_NIGHTS)?.startMs ?? 0;
    expect(airAt(DAMP_NIGHTS, lacquer).relativeHumidityPercent).toBeLessThanOrEqual(70.5);
  });

  it('goes by the label where there is one, and never beyond the shop’s own limits', () => {
    const limits = { ...film('lacquerColour').limits, mostHumidityPercent: 80 };
    expect(planned('sprayCoat', 'lacquerColour', DAMP_NIGHTS, { limits })?.startMs).toBeLessThan(NOW + 15 * HOUR);
    const damp = day(20, 0, 90, 0);
    expect(planned('sprayCoat', 'lacquerColour', damp, { limits: { ...limits, mostHumidityPercent: 95 } })).toBeNull();
  });

  it.each([1, 8, 9, 12])('lets no water film be laid that would be too cold before it has formed, %d days ahead', (days) => {
    // By night too cold and damp, by day just warm enough: clocks of a mean day said that it would not be dry before the night.
    const air = day(4, 10, 92, 10);
    for (let hour = 0; hour < 24; hour += 3) {
      const laid = { ...rung('r', 'brushCoat'), film: film('waterClear'), notBeforeMs: NOW + (24 * days + hour) * HOUR };
      const plan = planShopAtOnce(shop([part('a', [laid])], { air }));
      if (plan.kind !== 'planned') throw new Error('faulty');
      expect(plan.rungs.map(({ outlook }) => outlook?.tooColdMs)).toEqual([null]);
    }
  });

  it('holds for what is brushed as well: too cold at night, it waits for the day', () => {
    const cold = day(10, 4, 50, 0);
    const coat = planned('brushFilm', 'brushEpoxy', cold);
    expect(airAt(cold, coat?.startMs ?? 0).temperatureCelsius).toBeGreaterThanOrEqual(9.9);
    expect(coat?.startMs).toBeGreaterThan(NOW + 18 * HOUR);
  });

  it('lets no water-borne film begin that would be too cold before it has formed', () => {
    const cold = day(13, 3, 60, 0);
    for (const classId of ['brushAcrylic', 'textureCompound']) expect(planned('brushCoat', classId, cold)?.outlook?.tooColdMs).toBeNull();
    const fast = planned('brushCoat', 'brushAcrylic', cold)?.startMs ?? 0;
    const slow = planned('brushCoat', 'textureCompound', cold)?.startMs ?? 0;
    // What takes four hours to form must begin earlier in the day, so it comes a day later here or at another hour.
    expect(slow).not.toBe(fast);
  });

  it.each([
    [11, 3, 60],
    [12, 5, 50],
    [13, 3, 60],
    [11, 6, 40],
    [12, 6, 40],
  ])(
    'opens and closes for a water film to the minute: laid at none of its minutes it is too cold (%d ± %d °C, %d of 100 damp)',
    (mean, swing, humidity) => {
      const lays = ['brushAcrylic', 'waterClear'].map((classId) => rung(classId, 'brushCoat', { classId }));
      const { problem, tables } = buildShopProblem(shop([part('a', lays)], { air: day(mean, swing, humidity, 0) }), 3);
      for (const { id, film: laid } of lays) {
        const calendarId = problem.tasks.find((task) => task.id === id)?.calendarId;
        const windows = problem.calendars.find((calendar) => calendar.id === calendarId)?.windows ?? [];
        expect(windows.length).toBeGreaterThan(0);
        if (!laid) throw new Error('lays nothing');
        const isCold = (minute: number): boolean =>
          readCureClock(laid.drying, [{ atMs: minute * MINUTE, thicknessMicrometres: laid.coatMicrometres }], tables).tooColdMs !== null;
        for (const { start, end } of windows) {
          for (let minute = start; minute <= end; minute += 1)
            if (isCold(minute)) throw new Error(`too cold ${minute - start} min after opening`);
          // What it leaves out is too cold: it opens no later and closes no sooner than it must.
          const isInside = start > problem.fromMinute && end < problem.horizonMinute;
          if (isInside && id === 'brushAcrylic') expect([isCold(start - 1), isCold(end + 1)]).toEqual([true, true]);
        }
      }
    },
  );

  it('says that its air never comes, instead of never drying', () => {
    const plan = planShop(shop([part('a', [rung('r', 'brushCoat', { classId: 'brushAcrylic' })])], { air: day(6, 0, 50, 0) }));
    if (plan.kind !== 'planned') throw new Error('faulty');
    const [certificate] = plan.unplaced;
    expect(certificate?.cause).toMatchObject({ kind: 'noWindow', longestMinutes: 0 });
    if (certificate?.cause.kind === 'noWindow') expect(isCutByProduct(certificate.cause.calendarId)).toBe(true);
  });

  it('makes no calendar of its own where the air is fit for it in all of the hours', () => {
    const { problem } = buildShopProblem(
      shop([part('a', [rung('l', 'sprayCoat', { classId: 'lacquerColour' }), rung('w', 'brushCoat', { classId: 'brushAcrylic' })])]),
    );
    expect(problem.calendars.map(({ id }) => id)).toEqual(['hands', 'loud', 'spraying']);
    const { problem: damp } = buildShopProblem(
      shop([part('a', [rung('l', 'sprayCoat', { classId: 'lacquerColour' })])], { air: DAMP_NIGHTS }),
    );
    expect(damp.calendars.filter(({ id }) => isSprayCalendar(id))).toHaveLength(2);
  });

  it('may be taken by the weather for each product as its limits have it', () => {
    const air = buildAirTimeline(
      [{ atMs: NOW, temperatureCelsius: 20, relativeHumidityPercent: 60 }],
      Array.from({ length: 72 }, (_, hour) => ({
        atMs: NOW + (hour + 1) * HOUR,
        temperatureCelsius: 20,
        relativeHumidityPercent: 64 + 7 * Math.sin(hour / 4),
      })),
      DAMP_NIGHTS.typicalDay,
    );
    const input = shop([part('a', [rung('p', 'prime', { classId: 'primer' }), rung('l', 'sprayCoat', { classId: 'lacquerColour' })])], {
      air,
    });
    const made = buildShopProblem(input);
    const { losses = {} } = shopOdds(input, made);
    const lossAt = (id: string, minute: number): number => {
      const nth = made.problem.calendars.find((calendar) => calendar.id === id)?.windows.findIndex((span) => minute < span.end) ?? -1;
      return losses[id]?.[nth] ?? 0;
    };
    const own = made.problem.calendars.find(({ id }) => isSprayCalendar(id) && isCutByProduct(id))?.id ?? '';
    expect(lossAt(own, (NOW + 30 * HOUR) / MINUTE)).toBeGreaterThan(lossAt(SPRAYING, (NOW + 30 * HOUR) / MINUTE) + 0.05);
  });
});

describe('a shop that sprays out of doors', () => {
  // A warm room; outside it is fit at noon and for some hours after, and too cold in the evening.
  const room = day(20, 0, 50, 0);
  const yardAir = day(8, 6, 60, 10);
  const coats = (isOut: boolean) =>
    shop([part('a', [rung('p', 'prime', { classId: 'primer' })]), part('b', [rung('w', 'brushCoat', { classId: 'brushAcrylic' })])], {
      air: room,
      yardAir: isOut ? yardAir : null,
      nowMs: NOW + 14 * HOUR,
    });

  it('goes by the air there for what is sprayed, and by the room’s for what is brushed and for all that dries', () => {
    const plan = planShop(coats(true));
    if (plan.kind !== 'planned') throw new Error('faulty');
    expect(plan.broken).toEqual([]);
    const at = new Map(plan.rungs.map((time) => [time.rungId, time]));
    const sprayed = at.get('p');
    expect(airAt(yardAir, sprayed?.startMs ?? 0).temperatureCelsius).toBeGreaterThanOrEqual(10);
    expect(at.get('w')?.startMs).toBeLessThan(NOW + 15 * HOUR);
    expect(checkShopPlan(coats(true), plan)).toEqual([]);
    // Dry as a coat of that minute in the room, not as one in the cold.
    const inside = planShop({ ...coats(false), nowMs: sprayed?.startMs ?? 0 });
    if (inside.kind !== 'planned') throw new Error('faulty');
    const dryAfter = (time: typeof sprayed): number => (time?.outlook?.milestones.touch ?? 0) - (time?.endMs ?? 0);
    expect(dryAfter(sprayed)).toBeGreaterThan(MINUTE);
    expect(dryAfter(sprayed)).toBeCloseTo(dryAfter(inside.rungs.find(({ rungId }) => rungId === 'p')), 0);
  });
  it('is told by the check of plans when a coat is sprayed in the cold, though the room is warm', () => {
    const warm = planShop(coats(false));
    if (warm.kind !== 'planned') throw new Error('faulty');
    expect(warm.rungs.every(({ startMs }) => startMs < NOW + 15 * HOUR)).toBe(true);
    expect(checkShopPlan(coats(true), warm).map(({ rule, rungId }) => [rule, rungId])).toContainEqual(['air', 'p']);
  });
  it('has its windows, and how sure they are, from the forecast out there', () => {
    const forecast = buildAirTimeline(
      [],
      Array.from({ length: 96 }, (_, hour) => ({ atMs: NOW + (hour + 15) * HOUR, temperatureCelsius: 11, relativeHumidityPercent: 82 })),
      yardAir.typicalDay,
    );
    const input = { ...coats(true), yardAir: forecast };
    const made = buildShopProblem(input);
    const { losses = {} } = shopOdds(input, made);
    // Near both limits: any day of forecast may be lost, where in the room’s typical air none is.
    expect(losses[SPRAYING]?.every((loss) => loss > 0.05)).toBe(true);
    const plan = planShopAtOnce(input);
    if (plan.kind !== 'planned') throw new Error('faulty');
    expect(plan.sprayWindows[0]?.certainty).toBeCloseTo(1 - (losses[SPRAYING]?.[0] ?? 0), 6);
    expect(plan.airbrushWindows).toBeNull();
  });
});

describe('a shop whose airbrush stays inside while cans go out', () => {
  // 22 h: dark, and too cold out of doors till the next noon.
  const room = day(20, 0, 50, 0);
  const yardAir = day(8, 6, 60, 10);
  const coats = (change: Partial<ShopPlanInput> = {}) =>
    shop(
      [
        part('a', [rung('can', 'sprayCoat', { classId: 'lacquerColour' })]),
        part('b', [rung('airbrush', 'sprayCoat', { classId: 'airbrushAcrylic' })]),
      ],
      { air: room, yardAir, airbrushesInside: true, daylightAt: { latitude: 0, longitude: 0 }, nowMs: NOW + 14 * HOUR, ...change },
    );
  const startsOf = (input: ShopPlanInput): ReadonlyMap<string, number> => {
    const plan = planShop(input);
    if (plan.kind !== 'planned') throw new Error('faulty');
    expect(checkShopPlan(input, plan)).toEqual([]);
    return new Map(plan.rungs.map(({ rungId, startMs }) => [rungId, startMs]));
  };

  it('airbrushes in the dark and the cold, and sprays its cans in the light and the warmth of the next noon', () => {
    const starts = startsOf(coats());
    expect(starts.get('airbrush')).toBeLessThan(NOW + 15 * HOUR);
    expect(airAt(yardAir, starts.get('can') ?? 0).temperatureCelsius).toBeGreaterThanOrEqual(10);
    expect(starts.get('can')).toBeGreaterThan(NOW + 22 * HOUR);
    // Both out of doors, both wait.
    expect(startsOf(coats({ airbrushesInside: false })).get('airbrush')).toBeGreaterThan(NOW + 22 * HOUR);
  });
  it('keeps the airbrush to the hours that spraying has, and to the air of the room', () => {
    const mornings = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 6 * 60, endMinute: 7 * 60 }));
    const hour = new Date(startsOf(coats({ sprayHours: mornings })).get('airbrush') ?? 0).getUTCHours();
    expect(hour).toBe(6);
    const damp = planShop(coats({ air: day(20, 0, 95, 0) }));
    if (damp.kind !== 'planned') throw new Error('faulty');
    expect(damp.unplaced.map(({ taskId }) => taskId)).toEqual(['airbrush']);
  });
  it('has windows of its own, the weather taking those of the cans alone', () => {
    const made = buildShopProblem(coats());
    expect(made.problem.calendars.map(({ id }) => id)).toEqual(expect.arrayContaining([SPRAYING, AIRBRUSHING]));
    const { losses = {} } = shopOdds(coats(), made);
    expect(losses[AIRBRUSHING]?.every((loss) => loss < 0.05)).toBe(true);
    expect(losses[SPRAYING]?.some((loss) => loss > 0.1)).toBe(true);
    const plan = planShopAtOnce(coats());
    if (plan.kind !== 'planned') throw new Error('faulty');
    const lengthOf = (windows: readonly { start: number; end: number }[]) =>
      windows.reduce((sum, { start, end }) => sum + end - start, 0) / HOUR;
    expect(plan.airbrushWindows?.every(({ certainty }) => certainty > 0.95)).toBe(true);
    expect(lengthOf(plan.airbrushWindows ?? [])).toBeGreaterThan(2 * lengthOf(plan.sprayWindows));
  });
  it('is told by the check of plans when a can is sprayed in the dark, and when the airbrush is used out of its hours', () => {
    const warm = planShop(coats({ yardAir: null, daylightAt: null }));
    if (warm.kind !== 'planned') throw new Error('faulty');
    const told = checkShopPlan(coats(), warm).map(({ rule, rungId }) => [rule, rungId]);
    expect(told).toContainEqual(['hours', 'can']);
    expect(told).toContainEqual(['air', 'can']);
    expect(told.filter(([, rungId]) => rungId === 'airbrush')).toEqual([]);
    expect(checkShopPlan(coats({ sprayHours: [] }), warm).map(({ rule, rungId }) => [rule, rungId])).toContainEqual(['hours', 'airbrush']);
  });
});
