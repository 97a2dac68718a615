import { describe, expect, it } from 'vitest';
import { planShopAtOnce } from './planShop';
import type { ShopPlanInput } from '../shop/shopPlanInput';
import { MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';
import { whatFits } from './whatFits';

function fits(input: ShopPlanInput, minutes: number, isSprayOpen = true) {
  const plan = planShopAtOnce(input);
  if (plan.kind !== 'planned') throw new Error('faulty');
  const sprayed = new Set(input.parts.flatMap((entry) => entry.rungs.filter((each) => each.methodId === 'prime').map((each) => each.id)));
  return whatFits(plan.rungs, {
    nowMs: NOW,
    minutes,
    sprayWindowsOf: (id) => (!sprayed.has(id) ? null : isSprayOpen ? [{ start: NOW - 1, end: NOW + 600 * MINUTE }] : []),
  });
}

describe('what fits into the time at hand', () => {
  const parts = [
    part('a', [rung('prime', 'prime', { classId: 'primer', minutes: 10 }), rung('sand', 'primeSand', { minutes: 5 })]),
    part('b', [rung('fit', 'dryFit', { minutes: 15 })]),
    part('c', [rung('cut', 'cut', { minutes: 200 })]),
  ];
  it('is what can be begun now, one after the other, and the last only as far as it fits', () => {
    const found = fits(shop(parts), 40);
    expect(found.reduce((sum, entry) => sum + entry.minutes, 0)).toBeLessThanOrEqual(40);
    expect(found.map((entry) => entry.rungId).sort()).toEqual(['cut', 'fit', 'prime']);
    expect(found.find((entry) => entry.rungId === 'cut')?.isPart).toBe(true);
  });
  it('never offers what waits for a film', () => expect(fits(shop(parts), 300).map((entry) => entry.rungId)).not.toContain('sand'));
  it('offers no spraying while the air forbids it', () =>
    expect(fits(shop(parts), 40, false).map((entry) => entry.rungId)).not.toContain('prime'));
  it('offers nothing that would be broken off though it may not be', () => {
    const long = shop([part('a', [rung('wash', 'washResin', { minutes: 50 })])]);
    expect(fits(long, 40)).toEqual([]);
    expect(fits(long, 50)).toEqual([{ rungId: 'wash', minutes: 50, isPart: false }]);
  });
});
