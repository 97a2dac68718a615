import { describe, expect, it } from 'vitest';
import { planShop } from './planShop';
import type { PlanRung } from '../shop/shopPlanInput';
import { MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';

const cement = rung('cement', 'cement', { classId: 'contactCement' });
const press = rung('press', 'press');
const others = Array.from({ length: 6 }, (_, nth) => part(`b${nth}`, [rung(`cut ${nth}`, 'cut', { minutes: 50 })]));

function startOf(id: string, rungs: readonly PlanRung[]): { readonly cementEnd: number; readonly at: number } {
  const made = planShop(shop([part('a', rungs), ...others]));
  if (made.kind !== 'planned') throw new Error(JSON.stringify(made));
  expect(made.broken).toEqual([]);
  const time = (rungId: string) => made.rungs.find((entry) => entry.rungId === rungId);
  return { cementEnd: ((time('cement')?.endMs ?? NaN) - NOW) / MINUTE, at: ((time(id)?.startMs ?? NaN) - NOW) / MINUTE };
}

describe('contact cement', () => {
  it('is pressed when it is tacky and before it is too dry, whatever else is to be done (15 to 60 min, class table)', () => {
    const { cementEnd, at } = startOf('press', [cement, press]);
    expect(at - cementEnd).toBeGreaterThanOrEqual(15 - 1e-6);
    expect(at - cementEnd).toBeLessThanOrEqual(60 + 1e-6);
  });
  it('is left to hold before the piece is trimmed, by what its film bears', () => {
    const { cementEnd, at } = startOf('trim', [cement, press, rung('trim', 'cutShape')]);
    expect(at - cementEnd).toBeGreaterThanOrEqual(30 - 1e-6);
  });
});
