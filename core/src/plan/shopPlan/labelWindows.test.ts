import { describe, expect, it } from 'vitest';
import { buildAirTimeline } from '../../climate/airTimeline';
import { readCureClock } from '../../cure/cureClock';
import { createCureTables } from '../../cure/cureTables';
import { findProductClass } from '../../cure/productClasses';
import { planShop } from './planShop';
import { film, MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';
import { checkShopPlan } from '../verify/checkShopPlan';
import { DRYER_FACTOR } from '../../cure/forcedDrying';

const { drying } = findProductClass('enamelColour');
const until = drying.recoatUntilMinutes ?? 0;
const again = drying.recoatAgainMinutes ?? 0;

function airOf(celsius: number) {
  return buildAirTimeline([], [], {
    meanCelsius: celsius,
    swingCelsius: 0,
    warmestHour: 15,
    meanHumidityPercent: 50,
    swingHumidityPercent: 0,
    utcOffsetMinutes: 0,
  });
}

/** Minutes between two coats of enamel, the first of which was laid some minutes ago. */
function gapAt(celsius: number, minutesAgo: number): number {
  const endMs = NOW - minutesAgo * MINUTE;
  const coat = (id: string, change = {}) => rung(id, 'brushCoat', { classId: 'enamelColour', ...change });
  const plan = planShop(shop([part('a', [coat('first', { status: { kind: 'done', endMs } }), coat('second')])], { air: airOf(celsius) }));
  if (plan.kind !== 'planned') throw new Error('faulty');
  expect(plan.broken).toEqual([]);
  const second = plan.rungs.find((time) => time.rungId === 'second');
  return ((second?.startMs ?? 0) + (second?.setupMinutes ?? 0) * MINUTE - endMs) / MINUTE;
}

describe('the recoat window of a label', () => {
  it('is not stretched by cold: what comes later than the label says waits for the second opening', () => {
    const inTime = gapAt(15, 0);
    expect(inTime).toBeLessThanOrEqual(until);
    // Were it stretched as the film dries, it would be open for nearly twice as long at 15 °C.
    expect(gapAt(15, until + 10)).toBeGreaterThanOrEqual(again);
  });

  it('is shorter in heat, and its second opening is not brought forward', () => {
    const tables = createCureTables(airOf(31), NOW - 86_400_000, NOW + 5 * 86_400_000);
    const [first, second] = readCureClock(drying, [{ atMs: NOW, thicknessMicrometres: drying.coatMicrometres }], tables).recoatWindows;
    expect(((first?.closesMs ?? 0) - NOW) / MINUTE).toBeLessThan(until);
    expect(((second?.opensMs ?? 0) - NOW) / MINUTE).toBeCloseTo(again, 6);
    expect(gapAt(31, until + 10)).toBeGreaterThanOrEqual(again);
  });

  it('is the same on the bench and in the plan: the cure clock tells the label’s end in the cold', () => {
    const tables = createCureTables(airOf(12), NOW - 86_400_000, NOW + 9 * 86_400_000);
    const [first] = readCureClock(drying, [{ atMs: NOW, thicknessMicrometres: drying.coatMicrometres }], tables).recoatWindows;
    expect(((first?.closesMs ?? 0) - NOW) / MINUTE).toBeCloseTo(until, 6);
  });

  it('that is over before the film is fit for it is passed over where another opens', () => {
    // Close to freezing a film that can be coated after ten minutes at 23 °C is not fit for it within an hour.
    const slow = { ...drying, recoatFromMinutes: until - 5 };
    const tables = createCureTables(airOf(12), NOW - 86_400_000, NOW + 9 * 86_400_000);
    const windows = readCureClock(slow, [{ atMs: NOW, thicknessMicrometres: drying.coatMicrometres }], tables).recoatWindows;
    expect(windows).toHaveLength(1);
    expect(((windows[0]?.opensMs ?? 0) - NOW) / MINUTE).toBeGreaterThanOrEqual(again);
  });
});

describe('warm air before a mask is pulled', () => {
  const plan = (minutes: number) => {
    const input = shop([
      part('a', [
        rung('m', 'mask'),
        rung('coat', 'sprayCoat', { classId: 'lacquerColour' }),
        rung('dryer', 'warmDry', { minutes }),
        rung('pull', 'unmask'),
      ]),
    ]);
    const made = planShop(input);
    if (made.kind !== 'planned') throw new Error('faulty');
    expect([made.broken, checkShopPlan(input, made)]).toEqual([[], []]);
    const at = new Map(made.rungs.map((time) => [time.rungId, time]));
    const laidMs = at.get('coat')?.endMs ?? Number.NaN;
    const { milestones } = readCureClock(
      film('lacquerColour').drying,
      [{ atMs: laidMs, thicknessMicrometres: film('lacquerColour').coatMicrometres }],
      createCureTables(input.air, NOW - 1440 * MINUTE, NOW + 7 * 1440 * MINUTE),
      [{ fromMs: at.get('dryer')?.startMs ?? 0, toMs: at.get('dryer')?.endMs ?? 0, factor: DRYER_FACTOR }],
    );
    return { startMs: at.get('pull')?.startMs ?? Number.NaN, milestones };
  };
  it('closes the soft window sooner: what is dried on is pulled once it is hard', () => {
    const { startMs, milestones } = plan(30);
    expect(startMs).toBeGreaterThanOrEqual(milestones.hard ?? Infinity);
  });
  it('leaves it open where it was short', () => {
    const { startMs, milestones } = plan(2);
    expect(startMs).toBeGreaterThanOrEqual((milestones.touch ?? Infinity) - MINUTE);
    expect(startMs).toBeLessThanOrEqual((milestones.handle ?? 0) + MINUTE);
  });
});
