import { describe, expect, it } from 'vitest';
import { planShop } from '../shopPlan/planShop';
import type { PlanRung, ShopPlanInput } from '../shop/shopPlanInput';
import { MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';
import type { Mending } from './mendedShop';
import { mendedShop } from './mendedShop';

const done = (id: string, methodId: string): PlanRung => ({ ...rung(id, methodId), status: { kind: 'done', endMs: NOW - 600 * MINUTE } });
const CASE = part('case', [done('cut', 'cut'), done('sand', 'sand'), rung('look', 'inspect')]);
const REPAIR: Mending = { partId: 'case', handsMinutes: 25, printHours: 0, isNew: false, classId: 'bodyFiller' };
const ANEW: Mending = { partId: 'case', handsMinutes: 40, printHours: 3, isNew: true, classId: null };

function starts(input: ShopPlanInput): Record<string, number> {
  const made = planShop(input);
  if (made.kind !== 'planned') throw new Error(JSON.stringify(made));
  expect(made.broken).toEqual([]);
  return Object.fromEntries(made.rungs.map(({ rungId, startMs }) => [rungId, (startMs - NOW) / MINUTE]));
}

describe('a shop with a damage seen to', () => {
  it('repairs before the next rung, which waits until the filler can be handled (20 min, class table)', () => {
    const made = starts(mendedShop(shop([CASE]), REPAIR));
    expect(made['case repair']).toBeCloseTo(0, 6);
    expect(made['look']).toBeGreaterThanOrEqual(25 + 20 - 1e-6);
    const dry = starts(mendedShop(shop([CASE]), { ...REPAIR, classId: null }));
    expect(dry['look']).toBeLessThan(27);
  });
  it('climbs the whole ladder again when it is one piece printed anew, from when it has printed', () => {
    const made = starts(mendedShop(shop([CASE]), ANEW));
    expect(made['cut']).toBeGreaterThanOrEqual(180);
    expect(Object.keys(made).toSorted()).toEqual(['cut', 'look', 'sand']);
  });
  it('of a set prints one, works it up, and goes on', () => {
    const set = { ...CASE, pieces: 6 };
    const made = starts(mendedShop(shop([set]), ANEW));
    expect(made['case reprint']).toBeGreaterThanOrEqual(180);
    expect(made['look']).toBeGreaterThanOrEqual(220);
    expect(made['cut']).toBeUndefined();
  });
  it('leaves other parts and what is left out alone, and refuses what cannot be', () => {
    const left: PlanRung = { ...rung('prime', 'prime'), status: { kind: 'leftOut' } };
    const other = part('other', [done('trim', 'cut')]);
    const mended = mendedShop(shop([{ ...CASE, rungs: [...CASE.rungs, left] }, other]), ANEW);
    expect(mended.parts[1]).toBe(other);
    expect(mended.parts[0]?.rungs.at(-1)).toBe(left);
    expect(() => mendedShop(shop([CASE]), { ...ANEW, printHours: -1 })).toThrow(RangeError);
    expect(() => mendedShop(shop([CASE]), { ...REPAIR, classId: 'nothing' })).toThrow(RangeError);
  });
});
