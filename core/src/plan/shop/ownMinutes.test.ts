import { describe, expect, it } from 'vitest';
import { handsMinutes } from '../shopPlan/handsMinutes';
import { atOwnPace, ownShares, plannedMinutes } from './ownMinutes';
import { learnPaces } from '../play/pace';
import { planShop } from '../shopPlan/planShop';
import { shopOutlook } from '../shopPlan/shopOutlook';
import type { ShopPlanInput } from './shopPlanInput';
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
    const share = plan.ownShares['prime']?.share ?? 0;
    expect(share).toBeCloseTo(Math.exp(learnPaces(SLOW).of('prime').mean), 12);
    expect(share).toBeGreaterThan(1.4);
    const hands = handsMinutes(plan.rungs.filter((time) => time.rungId === 'p'));
    expect(hands).toBe(plannedMinutes(40, 'prime', plan.ownShares));
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
      expect(plan.ownShares).toEqual({});
      expect(handsMinutes(plan.rungs)).toBe(80);
      expect(atOwnPace(input)).toBe(input);
    }
  });

  it('are counted once in chance: plays go about the plan’s minutes, whichever those are', () => {
    const own = primed({ goesByOwnPace: true, ownPace: SLOW });
    const methods = primed({ goesByOwnPace: false, ownPace: SLOW });
    const p50 = (input: ShopPlanInput): number => (shopOutlook(input, planned(input), 400, 1)?.p50Ms ?? 0) - input.nowMs;
    // One finisher, one log: how long it really takes does not hang on what the plan goes by.
    expect(Math.abs(p50(own) / p50(methods) - 1)).toBeLessThan(0.03);
  });

  it('leave what takes no hands alone, and never come to nothing', () => {
    const fast = { prime: { share: 0.01, logged: 9 } };
    expect(plannedMinutes(0, 'prime', fast)).toBe(0);
    expect(plannedMinutes(10, 'prime', fast)).toBe(1);
    expect(plannedMinutes(10, 'mask', fast)).toBe(10);
  });
});
