import { describe, expect, it } from 'vitest';
import { minutesLeft, pieceOffMs, printedPart, printTaskId } from './partPrints';
import { planShop } from '../shopPlan/planShop';
import { shopOutlook } from '../shopPlan/shopOutlook';
import type { PlanPart, PlanPrint, ShopPlanInput } from './shopPlanInput';
import { checkShopPlan } from '../verify/checkShopPlan';
import { MINUTE, NOW, part, person, rung, shop } from '../testing/shopBuilder';

const HOUR = 60;

function printing(id: string, rungs: PlanPart['rungs'], print: Partial<PlanPrint>, pieces = 1): PlanPart {
  return {
    ...part(id, rungs),
    pieces,
    print: { piecesLeft: pieces, pieceMinutes: 10 * HOUR, startedAtMs: null, failureShare: 0, ...print },
  };
}

function planned(input: ShopPlanInput, objective: 'readyFirst' | 'surest' = 'readyFirst') {
  const plan = planShop(input, { objective });
  if (plan.kind !== 'planned') throw new Error(JSON.stringify(plan.faults));
  expect(plan.broken).toEqual([]);
  return plan;
}
const at = (ms: number | undefined): number => ((ms ?? NaN) - NOW) / MINUTE;
const startOf = (plan: ReturnType<typeof planned>, id: string): number => at(plan.rungs.find(({ rungId }) => rungId === id)?.startMs);

describe('parts that are still on the printer', () => {
  // A print of 600 min, then 30 of priming, beside 60 of sanding on another part: 630, in plan and play alike.
  const beside = shop([printing('a', [rung('p', 'cut', { minutes: 30 })], {}), part('b', [rung('s', 'cut', { minutes: 60 })])]);

  it.each(['readyFirst', 'surest'] as const)('take no hands while they print (%s)', (objective) => {
    const plan = planned(beside, objective);
    expect(startOf(plan, 's')).toBe(0);
    expect(startOf(plan, 'p')).toBe(600);
    expect(at(plan.readyMs)).toBe(630);
    expect(plan.rungs.map(({ rungId }) => rungId).sort()).toEqual(['p', 's']);
    expect(plan.prints).toMatchObject([{ partId: 'a', startMs: NOW, endMs: NOW + 600 * MINUTE, lastOffMs: NOW + 600 * MINUTE }]);
    expect(plan.evenings).toBeLessThanOrEqual(2);
  });

  describe('where hands are there from 18:00 to 22:00', () => {
    // The shop begins at 08:00. A print of ten hours begun at 18:00 is off at 04:00; the next waits for 18:00 again.
    const evenings = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 18 * HOUR, endMinute: 22 * HOUR }));
    const inEvenings = (parts: readonly PlanPart[], change: Partial<ShopPlanInput> = {}) => shop(parts, { hours: evenings, ...change });

    it.each(['readyFirst', 'surest'] as const)('are begun while somebody is there, and go on through the night (%s)', (objective) => {
      const two = inEvenings([printing('a', [rung('p', 'cut')], {}), printing('b', [rung('q', 'cut')], {})]);
      const plan = planned(two, objective);
      expect(plan.prints.map(({ startMs }) => at(startMs) / HOUR)).toEqual([10, 34]);
      expect(checkShopPlan(two, plan)).toEqual([]);
    });

    it('are begun one after another on one evening where the short one is first', () => {
      const two = inEvenings([printing('long', [rung('p', 'cut')], {}), printing('short', [rung('q', 'cut')], { pieceMinutes: 2 * HOUR })]);
      const { prints } = planned(two);
      expect(prints.map(({ partId, startMs }) => [partId, at(startMs) / HOUR])).toEqual([
        ['short', 10],
        ['long', 12],
      ]);
    });

    it('go on that are on the bed already, whoever is there', () => {
      const begun = inEvenings([printing('a', [rung('p', 'cut')], { startedAtMs: NOW - 60 * MINUTE })]);
      expect(planned(begun).prints).toMatchObject([{ startMs: NOW, lastOffMs: NOW + 540 * MINUTE }]);
    });

    it('may be begun by any of several persons', () => {
      const persons = [person('late'), person('early', { hours: [{ weekday: 4, startMinute: 9 * HOUR, endMinute: 10 * HOUR }] })];
      const plan = planned(inEvenings([printing('a', [rung('p', 'cut')], {})], { persons }));
      expect(at(plan.prints[0]?.startMs)).toBe(HOUR);
    });

    it('are found out by the checker where they are begun in the night', () => {
      const one = inEvenings([printing('a', [rung('p', 'cut', { minutes: 30 })], { pieceMinutes: 30 })]);
      const plan = planned(one);
      const [print] = plan.prints;
      if (!print) throw new Error('nothing is printed');
      const night = { ...plan, prints: [{ ...print, startMs: NOW, lastOffMs: NOW + 30 * MINUTE }] };
      expect(checkShopPlan(one, night)).toMatchObject([{ rungId: 'a', rule: 'print' }]);
    });

    it('find no place where there are no hours at all', () => {
      const plan = planned(shop([printing('a', [rung('p', 'cut')], {})], { hours: [] }));
      expect(plan.prints).toEqual([]);
      expect(plan.unplaced.find(({ taskId }) => taskId === printTaskId('a'))?.cause).toMatchObject({
        kind: 'noWindow',
        calendarId: 'hands',
      });
    });
  });

  it('come in a chance as they do in the plan, where nothing is uncertain but hands', () => {
    const outlook = shopOutlook(beside, planned(beside, 'surest'), 300, 1);
    expect(at(outlook?.p50Ms)).toBeGreaterThan(620);
    expect(at(outlook?.p50Ms)).toBeLessThan(640);
  });

  it('let a set begin with its first pieces, so that none is waited for on the way', () => {
    // Ten pieces of an hour each, then ten minutes a piece: the last piece is off at 600 and worked on last, from 600 on.
    const plan = planned(shop([printing('a', [rung('p', 'cut', { minutes: 100 })], { pieceMinutes: HOUR }, 10)]));
    expect(startOf(plan, 'p')).toBe(510);
    expect(plan.prints[0]).toMatchObject({ endMs: NOW + 510 * MINUTE, lastOffMs: NOW + 600 * MINUTE });
    // Pieces that come faster than they are worked on: the first is waited for, and no other.
    const fast = planned(shop([printing('a', [rung('p', 'cut', { minutes: 200 })], { pieceMinutes: 5 }, 10)]));
    expect(startOf(fast, 'p')).toBe(5);
  });

  it('keep their printer until the last piece is off', () => {
    const two = [
      printing('a', [rung('p', 'cut', { minutes: 100 })], { pieceMinutes: HOUR }, 10),
      printing('b', [rung('q', 'cut', { minutes: 50 })], { pieceMinutes: HOUR }, 5),
    ];
    for (const objective of ['readyFirst', 'surest'] as const) {
      const [first, second] = planned(shop(two), objective).prints;
      expect(second?.startMs).toBeGreaterThanOrEqual(first?.lastOffMs ?? Infinity);
      // A set that takes one printer takes no second one for the pieces its ladder does not wait for.
      expect(planned(shop(two, { printers: 2 }), objective).prints.map(({ startMs }) => startMs)).toEqual([NOW, NOW]);
    }
  });

  it('stay on their printer that are on it, whatever is due sooner', () => {
    const props = [
      { id: 'late', name: 'late', dueMs: null, weight: 1 },
      { id: 'soon', name: 'soon', dueMs: NOW + 12 * HOUR * MINUTE, weight: 1 },
    ];
    const onBed = { ...printing('late', [rung('l', 'cut')], { startedAtMs: NOW - MINUTE }), propId: 'late' };
    const parts = [1, 2, 3].map((nth) => ({ ...printing(`soon${nth}`, [rung(`s${nth}`, 'cut')], {}), propId: 'soon' }));
    for (const objective of ['readyFirst', 'surest'] as const) {
      const { prints } = planned(shop([...parts, onBed], { props, printers: 2 }), objective);
      expect(prints.find(({ partId }) => partId === 'late')?.startMs).toBe(NOW);
      expect(prints.filter(({ startMs }) => startMs === NOW)).toHaveLength(2);
    }
  });

  it('are printed in the order their dates ask for', () => {
    const props = [
      { id: 'late', name: 'late', dueMs: NOW + 90 * HOUR * MINUTE, weight: 1 },
      { id: 'soon', name: 'soon', dueMs: NOW + 12 * HOUR * MINUTE, weight: 1 },
    ];
    const parts = props.map(({ id }) => ({ ...printing(id, [rung(`${id}-r`, 'cut')], {}), propId: id }));
    for (const objective of ['readyFirst', 'surest'] as const)
      expect(planned(shop(parts, { props }), objective).prints.map(({ partId }) => partId)).toEqual(['soon', 'late']);
  });

  it('count what is on the bed as begun, and an overdue piece as all but off', () => {
    const print = { piecesLeft: 2, pieceMinutes: 60, failureShare: 0 };
    expect(minutesLeft({ ...print, startedAtMs: null }, NOW)).toBe(120);
    expect(minutesLeft({ ...print, startedAtMs: NOW - 45 * MINUTE }, NOW)).toBe(75);
    expect(minutesLeft({ ...print, startedAtMs: NOW - 300 * MINUTE }, NOW)).toBe(60);
    expect(minutesLeft({ ...print, piecesLeft: 1, startedAtMs: NOW - 300 * MINUTE }, NOW)).toBe(1);
    expect(pieceOffMs({ ...print, startedAtMs: NOW - 45 * MINUTE })).toBe(NOW + 15 * MINUTE);
    expect(pieceOffMs({ ...print, startedAtMs: null })).toBeNull();
  });

  it('fail now and then: half of a piece is lost each time (closed form of the mean: 1 + q ÷ 2 (1 − q))', () => {
    const failing = shop([printing('a', [rung('p', 'cut', { minutes: 1 })], { failureShare: 1 / 3, pieceMinutes: 1000 }, 40)]);
    const outlook = shopOutlook(failing, planned(failing), 400, 3);
    // q = 1/3: a quarter more; of forty pieces the middle is close to the mean.
    expect(at(outlook?.p50Ms) / 40_000).toBeGreaterThan(1.2);
    expect(at(outlook?.p50Ms) / 40_000).toBeLessThan(1.3);
  });

  it('that never end leave their ladder without a place, and the rest with its own', () => {
    const endless = shop([printing('a', [rung('p', 'cut')], { pieceMinutes: 2000 * HOUR }, 500), part('b', [rung('s', 'cut')])]);
    const plan = planned(endless);
    expect(plan.rungs.map(({ rungId }) => rungId)).toEqual(['s']);
    expect(plan.unplaced.find(({ taskId }) => taskId === printTaskId('a'))?.cause.kind).toBe('beyondHorizon');
    expect(printedPart(printTaskId('a'))).toBe('a');
    expect(printedPart('p')).toBeNull();
  });
});
