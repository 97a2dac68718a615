import { describe, expect, it } from 'vitest';
import { buildShopProblem } from '../shop/buildShopProblem';
import type { ShopPlan } from './shopPlan';
import type { ShopPlanOptions } from './planShop';
import { createShopPlanner, planShop, planShopAtOnce } from './planShop';
import type { ShopPlanInput } from '../shop/shopPlanInput';
import { toPlayed } from './planOrder';
import { shopOutlook } from './shopOutlook';
import { MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';

const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;
type Planned = Extract<ShopPlan, { kind: 'planned' }>;
function plan(input: ShopPlanInput, options: ShopPlanOptions = {}): Planned {
  const made = planShop(input, options);
  if (made.kind !== 'planned') throw new Error(JSON.stringify(made));
  return made;
}
const startOf = (made: Planned, id: string): number =>
  ((made.rungs.find((time) => time.rungId === id)?.startMs ?? Number.NaN) - NOW) / MINUTE;
const evenings = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 10 * 60, endMinute: 12 * 60 }));

describe('a locked rung', () => {
  const cut = rung('cut', 'cut');
  const withLock = (lockedAtMs: number | null) =>
    shop([part('a', [cut, rung('fit', 'dryFit', { lockedAtMs })]), part('b', [rung('other', 'cut', { minutes: 60 })])]);
  it('begins when it was told to; all else goes round it', () => {
    const made = plan(withLock(NOW + 30 * MINUTE));
    expect(startOf(made, 'fit')).toBe(30);
    expect(made.rungs.find((time) => time.rungId === 'fit')?.isLocked).toBe(true);
    expect(made.broken).toEqual([]);
    expect(made.readyMs).toBeGreaterThanOrEqual(NOW + 40 * MINUTE);
  });
  it('stays where it was pulled though that breaks a rule, and the rule is named', () => {
    const made = plan(withLock(NOW));
    expect(startOf(made, 'fit')).toBe(0);
    expect(made.broken.map((violation) => [violation.taskId, violation.rule])).toContainEqual(['fit', 'arc']);
  });
  it('outside its hours is named too', () => {
    const made = plan({ ...withLock(NOW + 5 * HOUR), hours: evenings });
    expect(made.broken.map((violation) => violation.rule)).toContain('calendar');
  });
  it('holds no more once its time has passed', () => {
    const made = plan(withLock(NOW - HOUR));
    expect(made.rungs.find((time) => time.rungId === 'fit')?.isLocked).toBe(false);
    expect(made.broken).toEqual([]);
  });
  it('of a coat has its getting ready before its work', () => {
    const made = plan(shop([part('a', [rung('coat', 'sprayCoat', { classId: 'lacquerColour', lockedAtMs: NOW + HOUR })])]));
    const time = made.rungs[0];
    expect([startOf(made, 'coat'), time?.setupMinutes, ((time?.endMs ?? 0) - NOW) / MINUTE]).toEqual([60, 4, 70]);
    expect(made.broken).toEqual([]);
  });
});

describe('planning anew', () => {
  const parts = ['a', 'b', 'c'].map((id) => part(id, [rung(`${id}1`, 'cut', { minutes: 20 }), rung(`${id}2`, 'dryFit', { minutes: 20 })]));
  it('keeps tonight as it was where nothing forces it', () => {
    // Any order is as good as another here; the one before is kept.
    const before = {
      c1: NOW,
      c2: NOW + 20 * MINUTE,
      b1: NOW + 40 * MINUTE,
      b2: NOW + 60 * MINUTE,
      a1: NOW + 80 * MINUTE,
      a2: NOW + 100 * MINUTE,
    };
    const made = plan(shop(parts), { before });
    expect(Object.keys(before).map((id) => startOf(made, id))).toEqual([0, 20, 40, 60, 80, 100]);
    expect(made.moved).toEqual([]);
  });
  it('tells what had to move, and from when', () => {
    const before = { a1: NOW, a2: NOW + 20 * MINUTE };
    const busy = [{ start: NOW, end: NOW + 3 * HOUR }];
    const made = plan(shop(parts.slice(0, 1), { busy }), { before });
    expect(made.moved).toEqual([
      { rungId: 'a1', wasMs: NOW },
      { rungId: 'a2', wasMs: NOW + 20 * MINUTE },
    ]);
    expect(startOf(made, 'a1')).toBe(180);
  });
  it('gives the same plan for the same seed, however it is sliced', () => {
    const input = shop(parts.concat(part('d', [rung('d1', 'prime', { classId: 'primer' }), rung('d2', 'primeSand')])));
    const sliced = createShopPlanner(input, { seed: 3 });
    while (!sliced.improve(7).isOver);
    expect(sliced.plan()).toEqual(planShop(input, { seed: 3 }));
  });
  it('has a plan at once, and never a worse one later', () => {
    const input = shop(parts, { hours: evenings });
    const first = planShopAtOnce(input);
    if (first.kind !== 'planned') throw new Error('faulty');
    expect(first.isFinal).toBe(false);
    expect(plan(input).readyMs).toBeLessThanOrEqual(first.readyMs);
    expect(plan(input).isFinal).toBe(true);
  });
});

describe('what a plan is made for', () => {
  // Two parts in two paints, and a wait in between that lets hands take turns or keep to one paint.
  const coat = (id: string, classId: string) => rung(id, 'brushCoat', { classId, minutes: 12 });
  const parts = ['a', 'b', 'c'].map((id) =>
    part(id, [coat(`${id}-acrylic`, 'brushAcrylic'), coat(`${id}-clear`, 'waterClear'), rung(`${id}-fit`, 'dryFit', { minutes: 30 })]),
  );
  const input = shop(parts, { hours: evenings });
  it('fewest cleanings gets ready no more often than ready first, and one setup serves a paint', () => {
    const cleanings = plan(input, { objective: 'fewestCleanings' });
    expect(cleanings.setups).toBeLessThanOrEqual(plan(input).setups);
    expect(cleanings.setups).toBe(2);
  });
  it('fewest evenings uses no more evenings', () => {
    expect(plan(input, { objective: 'fewestEvenings' }).evenings).toBeLessThanOrEqual(plan(input).evenings);
  });
  it('keeps the dates before all', () => {
    const dated = { ...input, props: [{ id: 'prop', name: 'prop', dueMs: plan(input).readyMs, weight: 1 }] };
    const made = plan(dated, { objective: 'fewestCleanings' });
    expect(made.readyMs).toBeLessThanOrEqual(plan(input).readyMs);
  });
});

describe('time that is taken', () => {
  it('by appointments is no time for hands', () => {
    const busy = [{ start: NOW + HOUR, end: NOW + 2 * HOUR }];
    const { handsWindows } = buildShopProblem(shop([], { busy }), 1);
    expect(handsWindows).toEqual([
      { start: NOW, end: NOW + HOUR },
      { start: NOW + 2 * HOUR, end: NOW + DAY },
    ]);
  });
  it('by the night is no time for spraying where light matters', () => {
    const { sprayWindows, handsWindows } = buildShopProblem(shop([], { daylightAt: { latitude: 55.7, longitude: 12.6 } }), 1);
    const hours = sprayWindows.reduce((sum, window) => sum + window.end - window.start, 0) / HOUR;
    // Some seventeen hours of light in Copenhagen at the end of May.
    expect(hours).toBeGreaterThan(16.5);
    expect(hours).toBeLessThan(17.5);
    expect(handsWindows[0]).toEqual({ start: NOW, end: NOW + DAY });
  });
});

describe('the outlook of a shop', () => {
  const input = (dueMs: number | null, change: Partial<ShopPlanInput> = {}) =>
    shop([part('a', [rung('sand', 'sand', { minutes: 100 })])], { props: [{ id: 'prop', name: 'prop', dueMs, weight: 1 }], ...change });
  const look = (given: ShopPlanInput) => shopOutlook(given, toPlayed(plan(given)), 300, 1);
  it('has a date for sure or not at all, or by chance in between', () => {
    expect(look(input(NOW + DAY)).props[0]?.chanceOfDate).toBe(1);
    expect(look(input(NOW + 20 * MINUTE)).props[0]?.chanceOfDate).toBe(0);
    const between = look(input(NOW + 110 * MINUTE)).props[0]?.chanceOfDate ?? 0;
    expect(between).toBeGreaterThan(0.1);
    expect(between).toBeLessThan(0.9);
    expect(look(input(null)).props[0]?.chanceOfDate).toBeNull();
  });
  it('goes no further than the plan looks: what never comes to be ends there', () => {
    const never = look(input(null, { hours: [] }));
    expect([never.p50Ms, never.p80Ms, never.props[0]?.p50Ms]).toEqual([never.endsMs, never.endsMs, never.endsMs]);
    const some = look(input(null));
    expect(some.p80Ms).toBeLessThan(some.endsMs);
  });
  it('is never before the bound, and later at four in five than at even odds', () => {
    const { notBeforeMs, p50Ms, p80Ms } = look(input(null));
    expect(notBeforeMs).toBe(NOW + 100 * MINUTE);
    expect(p80Ms).toBeGreaterThan(p50Ms);
  });
  it('goes by the finisher’s own pace once the log has enough of it', () => {
    const logged = (count: number) => ({ ownPace: { sand: { count, mean: Math.log(2), squares: count * 0.01 } } });
    const minutes = (change: Partial<ShopPlanInput>): number => (look(input(null, change)).p50Ms - NOW) / MINUTE;
    expect(minutes(logged(30))).toBeGreaterThan(180);
    // A few count, but less.
    expect(minutes(logged(2))).toBeGreaterThan(minutes({}) + 10);
    expect(minutes(logged(2))).toBeLessThan(minutes(logged(30)) - 10);
  });
});
