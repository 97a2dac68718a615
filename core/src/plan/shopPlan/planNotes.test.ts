import { describe, expect, it } from 'vitest';
import type { Objective } from '../problem/objective';
import { planNotes } from './planNotes';
import { planShop } from './planShop';
import type { ShopPlanInput } from '../shop/shopPlanInput';
import { checkShopPlan } from '../verify/checkShopPlan';
import { MINUTE, NOW, pairs, part, rung, shop } from '../testing/shopBuilder';

function notes(input: ShopPlanInput, objective: Objective = 'surest') {
  const plan = planShop(input, { objective });
  if (plan.kind !== 'planned') throw new Error('faulty');
  expect(plan.rungs.length).toBeGreaterThan(0);
  return planNotes(input, plan);
}
const due = (dueMs: number | null) => ({ props: [{ id: 'prop', name: 'prop', dueMs, weight: 1 }] });
const cut = (id: string, change = {}) => rung(id, 'cut', { minutes: 30, ...change });

describe('what is said beside a plan', () => {
  it('nothing where all is well', () => expect(notes(shop([part('a', [cut('x')])], due(NOW + 86_400_000)))).toEqual([]));
  it('that there is no date to be sure of, only where the plan is made for that', () => {
    expect(notes(shop([part('a', [cut('x')])], due(null)))).toEqual([{ kind: 'noDates' }]);
    expect(notes(shop([part('a', [cut('x')])], due(null)), 'readyFirst')).toEqual([]);
  });
  it('that a date lies behind, and there is a plan all the same', () =>
    expect(notes(shop([part('a', [cut('x')])], due(NOW - MINUTE)))).toEqual([{ kind: 'datePast', propId: 'prop' }]));
  it('that two are locked to one pair of hands; two pairs have no trouble', () => {
    const at = NOW + 60 * MINUTE;
    const both = [part('a', [cut('x', { lockedAtMs: at })]), part('b', [cut('y', { lockedAtMs: at + 10 * MINUTE })])];
    expect(notes(shop(both, due(NOW + 86_400_000)))).toEqual([{ kind: 'lockedTogether', rungIds: ['x', 'y'] }]);
    expect(notes(shop(both, { ...due(NOW + 86_400_000), persons: pairs(2) }))).toEqual([]);
  });
  it('that more beds are printing than there are printers: all of them go on, what is overdue is off', () => {
    const printing = (id: string, startedAtMs: number) => ({
      ...part(id, [cut(id)]),
      print: { piecesLeft: 1, bedPieces: 1, pieceMinutes: 600, startedAtMs, failureShare: 0 },
    });
    const three = [printing('x', NOW - 60 * MINUTE), printing('y', NOW - 120 * MINUTE), printing('z', NOW - 700 * MINUTE)];
    const input = shop(three, due(NOW + 86_400_000));
    expect(notes(input)).toEqual([{ kind: 'moreBedsThanPrinters', beds: 2, printers: 1 }]);
    expect(notes({ ...input, printers: 2 })).toEqual([]);
    const plan = planShop(input, { objective: 'readyFirst' });
    if (plan.kind !== 'planned') throw new Error('no plan');
    expect(plan.prints.filter(({ startMs }) => startMs === NOW)).toHaveLength(2);
    expect(checkShopPlan(input, plan)).toEqual([]);
  });
  it('that a print never ends, while the rest has its places', () => {
    const endless = {
      ...part('a', [cut('x')]),
      print: { piecesLeft: 400, bedPieces: 1, pieceMinutes: 90_000, startedAtMs: null, failureShare: 0 },
    };
    expect(notes(shop([endless, part('b', [cut('y')])], due(NOW + 86_400_000)))).toContainEqual({ kind: 'printTooLong', partId: 'a' });
  });
});
