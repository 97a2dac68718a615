import { describe, expect, it } from 'vitest';
import { handsMinutes } from '../shopPlan/handsMinutes';
import { atOwnPace, ownPaces, ownShareOf, ownShares, plannedMinutes } from './ownMinutes';
import { learnPaces } from '../play/pace';
import { planShop } from '../shopPlan/planShop';
import { toPlayed } from '../shopPlan/planOrder';
import { shopOutlook } from '../shopPlan/shopOutlook';
import type { WorkKindId } from '../../ladder/workKinds';
import type { LoggedPace } from '../play/pace';
import type { PlanPerson, PlanRung, ShopPlanInput } from './shopPlanInput';
import { part, rung, shop } from '../testing/shopBuilder';

/** Forty primers that took half as long again, all alike. */
const SLOW = { prime: { count: 40, mean: Math.log(1.5), squares: 0.1 } };
const primed = (change: Partial<ShopPlanInput>): ShopPlanInput =>
  shop([part('a', [rung('p', 'prime', { classId: 'primer', minutes: 40 }), rung('s', 'primeSand', { minutes: 40 })])], change);
function planned(input: ShopPlanInput) {
  const plan = planShop(input);
  if (plan.kind !== 'planned') throw new Error('faulty');
  expect(plan.broken).toEqual([]);
  return plan;
}

describe('minutes at the finisher’s own pace', () => {
  it('are the methods’ times what the log says, in the plan and wherever that figure is shown', () => {
    const input = primed({ goesByOwnPace: true, ownPace: SLOW });
    const plan = planned(input);
    const share = plan.ownPaces.all['prime']?.share ?? 0;
    expect(share).toBeCloseTo(Math.exp(learnPaces(SLOW).of('prime').mean), 12);
    expect(share).toBeGreaterThan(1.4);
    const hands = handsMinutes(plan.rungs.filter((time) => time.rungId === 'p'));
    expect(hands).toBe(plannedMinutes(40, plan.ownPaces.all['prime'] ?? null));
    expect(hands).toBe(Math.round(40 * share));
  });

  it('move a method that is not in the log by what the others say, and less', () => {
    const shares = ownShares({ goesByOwnPace: true, ownPace: SLOW });
    expect(shares['primeSand']?.logged).toBe(0);
    expect(shares['primeSand']?.share).toBeGreaterThan(1.05);
    expect(shares['primeSand']?.share).toBeLessThan(shares['prime']?.share ?? 0);
  });

  it('are the methods’ again by a switch, and where nothing is logged', () => {
    for (const input of [primed({ goesByOwnPace: false, ownPace: SLOW }), primed({ goesByOwnPace: true, ownPace: {} })]) {
      const plan = planned(input);
      expect(plan.ownPaces).toEqual({ all: {}, of: {}, soleDoers: {} });
      expect(handsMinutes(plan.rungs)).toBe(80);
      expect(atOwnPace(input)).toBe(input);
    }
  });

  it('are counted once in chance: plays go about the plan’s minutes, whichever those are', () => {
    const own = primed({ goesByOwnPace: true, ownPace: SLOW });
    const methods = primed({ goesByOwnPace: false, ownPace: SLOW });
    const p50 = (input: ShopPlanInput): number => (shopOutlook(input, toPlayed(planned(input)), 400, 1)?.p50Ms ?? 0) - input.nowMs;
    // One finisher, one log: how long it really takes does not hang on what the plan goes by.
    expect(Math.abs(p50(own) / p50(methods) - 1)).toBeLessThan(0.03);
  });

  it('leave what takes no hands alone, and never come to nothing', () => {
    const fast = { share: 0.01 };
    expect(plannedMinutes(0, fast)).toBe(0);
    expect(plannedMinutes(10, fast)).toBe(1);
    expect(plannedMinutes(10, null)).toBe(10);
  });
});

describe('minutes in a shop of two', () => {
  const someone = (id: string, refuses: readonly WorkKindId[] = []): PlanPerson => ({
    id,
    name: id,
    hours: null,
    exceptions: [],
    busy: [],
    refuses,
  });
  const FAST = { prime: { count: 40, mean: Math.log(0.7), squares: 0.1 } };
  const BOTH = { prime: { count: 80, mean: (Math.log(1.5) + Math.log(0.7)) / 2, squares: 0.2 } };
  const two = (rungs: readonly PlanRung[], refuses: readonly WorkKindId[] = []): ShopPlanInput =>
    shop([part('a', rungs)], {
      goesByOwnPace: true,
      persons: [someone('ada'), someone('bo', refuses)],
      ownPace: BOTH,
      ownPaceOf: { ada: SLOW, bo: FAST },
    });
  const primer = (change: Partial<PlanRung> = {}): PlanRung => rung('p', 'prime', { classId: 'primer', minutes: 40, ...change });
  const minutesOf = (input: ShopPlanInput): number | undefined => atOwnPace(input).parts[0]?.rungs[0]?.minutes;
  const at = (log: Readonly<Record<string, LoggedPace>>): number => Math.round(40 * Math.exp(learnPaces(log).of('prime').mean));

  it('are those of the one who is to do it, or who alone does such work; of both where both can', () => {
    expect(minutesOf(two([primer()]))).toBe(at(BOTH));
    expect(minutesOf(two([primer({ personId: 'ada' })]))).toBe(at(SLOW));
    expect(minutesOf(two([primer({ personId: 'bo' })]))).toBe(at(FAST));
    expect(minutesOf(two([primer()], ['spraying']))).toBe(at(SLOW));
    expect(at(SLOW)).toBeGreaterThan(at(BOTH));
    expect(at(FAST)).toBeLessThan(at(BOTH));
  });
  it('stay the methods’ for somebody whose log is empty, whatever the other’s says', () => {
    const input = { ...two([primer({ personId: 'bo' })]), ownPaceOf: { ada: SLOW, bo: {} } };
    expect(minutesOf(input)).toBe(40);
    const paces = ownPaces(input);
    expect(paces.soleDoers).toEqual({ p: 'bo' });
    expect(ownShareOf({ id: 'p', methodId: 'prime' }, paces)).toEqual({ share: 1, logged: 0 });
    expect(ownShareOf({ id: 'other', methodId: 'prime' }, paces)).toEqual(paces.all['prime']);
  });
  it('are played at the pace of who does it where the plan goes by the methods’', () => {
    const p50 = (personId: string): number => {
      const input = { ...two([primer({ personId, minutes: 240 })]), goesByOwnPace: false };
      return (shopOutlook(input, toPlayed(planned(input)), 400, 1)?.p50Ms ?? 0) - input.nowMs;
    };
    expect(p50('ada') / p50('bo')).toBeGreaterThan(1.4);
  });
});
