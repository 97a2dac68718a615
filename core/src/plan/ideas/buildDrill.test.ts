import { describe, expect, it } from 'vitest';
import type { DrillWish } from './buildDrill';
import { drill, drillHandsMinutes, drillInput } from './buildDrill';
import { checkPlan } from '../judge/checkPlan';
import { buildShopProblem } from '../shop/buildShopProblem';
import { plannedPlacements } from '../shopPlan/plannedPlacements';
import type { PlanPart, PlanRung, ShopPlanInput } from '../shop/shopPlanInput';
import { MINUTE, NOW, pairs, part, rung, shop } from '../testing/shopBuilder';

const HOUR = 60 * MINUTE;
const sleep = { startMinute: 2 * 60, endMinute: 7 * 60 };
const evenings = [1, 2, 3, 4, 5].map((weekday) => ({ weekday, startMinute: 18 * 60, endMinute: 21 * 60 }));

/**
 * A walker of some forty parts with rungs of 12 minutes to 2 hours, finished by a team of two in 72 hours, a day and a half each for
 * preparation and paint (common practice at a build against the clock; the split into rungs is ours): 32 small plates and struts, 6 limbs,
 * 2 halves of the hull.
 */
function walker(): ShopPlanInput {
  const parts: PlanPart[] = [];
  const add = (id: string, minutes: readonly [number, number, number, number, number]): void => {
    const [cut, fill, sand, coat, weather] = minutes;
    const rungs: PlanRung[] = [
      rung(`${id} cut`, 'firstCut', { minutes: cut }),
      rung(`${id} fill`, 'fill', { minutes: fill, classId: 'bodyFiller' }),
      rung(`${id} sand`, 'sand', { minutes: sand }),
      rung(`${id} prime`, 'prime', { minutes: 12, classId: 'fillerPrimer' }),
      rung(`${id} smooth`, 'primeSand', { minutes: 12 }),
      rung(`${id} coat`, 'sprayCoat', { minutes: coat, classId: 'lacquerColour' }),
      rung(`${id} again`, 'sprayCoat', { minutes: coat, classId: 'lacquerColour' }),
      rung(`${id} weather`, 'dryBrush', { minutes: weather }),
    ];
    parts.push(part(id, rungs));
  };
  for (let at = 0; at < 32; at += 1) add(`plate ${at}`, [12, 12, 12, 12, 12]);
  for (let at = 0; at < 6; at += 1) add(`limb ${at}`, [30, 20, 45, 15, 30]);
  for (let at = 0; at < 2; at += 1) add(`hull ${at}`, [120, 45, 120, 30, 90]);
  return shop(parts, { hours: evenings, persons: pairs(2), boothPlaces: 2, rackPlaces: 40 });
}

const wish = (change: Partial<DrillWish> = {}): DrillWish => ({
  propIds: ['prop'],
  deadlineMs: NOW + 72 * HOUR,
  sleep,
  oneMorePartId: null,
  ...change,
});

describe('the walker in seventy-two hours', () => {
  const input = walker();
  const made = drill(input, wish());
  it('is ready in time when one part is sanded while another dries', () => {
    expect(made.readyMs).not.toBeNull();
    expect(made.isInTime).toBe(true);
  });
  it('and never when each part is finished before the next is begun', () => {
    expect(((made.oneByOneMs ?? Infinity) - NOW) / HOUR).toBeGreaterThan(72);
  });
  it('takes about as long for preparation as for paint', () => {
    if (made.plan.kind !== 'planned') throw new Error('faulty');
    const isPrepared = /(cut|fill|sand|prime|smooth)$/u;
    const last = Math.max(...made.plan.rungs.filter((time) => isPrepared.test(time.rungId)).map((time) => time.endMs));
    // All that is prepared is so within two days of the three; paint goes on beside it.
    expect((last - NOW) / HOUR).toBeLessThan(60);
  });
  it('breaks no rule, by the independent checker', () => {
    if (made.plan.kind !== 'planned') throw new Error('faulty');
    const { problem } = buildShopProblem(drillInput(input, wish()), made.plan.horizonDays);
    expect(checkPlan(problem, { placements: plannedPlacements(problem, made.plan), unplaced: [] })).toEqual([]);
  });
});

describe('a drill', () => {
  const two = (): ShopPlanInput =>
    shop(
      ['a', 'b'].map((id) =>
        part(id, [
          rung(`${id} prime`, 'prime', { minutes: 10, classId: 'fillerPrimer' }),
          rung(`${id} smooth`, 'primeSand', { minutes: 30 }),
        ]),
      ),
      { hours: evenings },
    );
  it('has hands at all hours but sleep', () => {
    // From 08:00 on: 72 hours less three nights of five hours.
    expect(drillHandsMinutes(two(), wish())).toBe(72 * 60 - 3 * 5 * 60);
    expect(drillHandsMinutes(two(), wish({ sleep: null }))).toBe(72 * 60);
    // A sleep over midnight, and an appointment.
    const busy = [{ start: NOW, end: NOW + HOUR }];
    expect(drillHandsMinutes({ ...two(), busy }, wish({ sleep: { startMinute: 23 * 60, endMinute: 6 * 60 } }))).toBe(
      72 * 60 - 3 * 7 * 60 - 60,
    );
  });
  it('tells how long hands stand idle and when', () => {
    const made = drill(two(), wish());
    const spent = ((made.readyMs ?? 0) - NOW) / MINUTE;
    expect(made.idleMinutes).toBe(spent - made.handsMinutes);
    // Primer is sanded after an hour (class table), twenty minutes of hands before it: the longest wait is what is left of that.
    const longest = made.idle[0];
    expect(((longest?.end ?? 0) - (longest?.start ?? 0)) / MINUTE).toBeGreaterThan(30);
  });
  it('is slower one by one, and tells whether one more would fit', () => {
    const made = drill(two(), wish({ oneMorePartId: 'a' }));
    expect(made.oneByOneMs ?? 0).toBeGreaterThan(made.readyMs ?? Infinity);
    expect(made.oneMore?.partId).toBe('a');
    expect(made.oneMore?.isInTime).toBe(true);
    const tight = drill(two(), wish({ oneMorePartId: 'a', deadlineMs: made.readyMs ?? 0 }));
    expect(tight.isInTime).toBe(true);
    expect(tight.oneMore?.isInTime).toBe(false);
  });
  it('prints one more of what is on the printer after it, all of it anew', () => {
    // Two pieces of ten hours each on one bed, half an hour before they are off; then both again.
    const print = { piecesLeft: 2, bedPieces: 2, pieceMinutes: 600, startedAtMs: NOW - 1170 * MINUTE, failureShare: 0 };
    const input = shop([{ ...part('knobs', [rung('k', 'cut', { minutes: 20 })]), pieces: 2, print }], { hours: evenings });
    const made = drill(input, wish({ oneMorePartId: 'knobs' }));
    expect(((made.readyMs ?? 0) - NOW) / MINUTE).toBe(50);
    expect((made.oneMore?.readyMs ?? 0) - NOW).toBeGreaterThanOrEqual((30 + 1200 + 20) * MINUTE);
  });
  it('leaves other props aside, and says when something has no place', () => {
    const input = two();
    const other = { ...part('other', [rung('other cut', 'cut')]), propId: 'else' };
    const props = [...input.props, { id: 'else', name: 'else', dueMs: null, weight: 1 }];
    expect(drillInput({ ...input, props, parts: [...input.parts, other] }, wish()).parts.map((entry) => entry.id)).toEqual(['a', 'b']);
    const closed = drill({ ...input, sprayHours: [] }, wish());
    expect([closed.readyMs, closed.isInTime, closed.oneByOneMs]).toEqual([null, false, null]);
  });
});
