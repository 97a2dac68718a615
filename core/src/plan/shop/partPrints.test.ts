import { describe, expect, it } from 'vitest';
import { bedOffMs, bedsOf, piecesOnBed, printedBed, printedPart, printTaskId, usualBedPieces } from './partPrints';
import { planShop } from '../shopPlan/planShop';
import { toPlayed } from '../shopPlan/planOrder';
import { shopOutlook } from '../shopPlan/shopOutlook';
import type { PlanPart, PlanPrint, ShopPlanInput } from './shopPlanInput';
import { checkShopPlan } from '../verify/checkShopPlan';
import { MINUTE, NOW, part, person, rung, shop } from '../testing/shopBuilder';

const HOUR = 60;

function printing(id: string, rungs: PlanPart['rungs'], print: Partial<PlanPrint>, pieces = 1): PlanPart {
  return {
    ...part(id, rungs),
    pieces,
    print: { piecesLeft: pieces, bedPieces: pieces, pieceMinutes: 10 * HOUR, startedAtMs: null, failureShare: 0, ...print },
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

    it.each(['readyFirst', 'surest'] as const)(
      'bed by bed, of a set as of single parts: no bed is cleared in the night (%s)',
      (objective) => {
        // Three pieces of five hours, two on a bed: from 18:00 to 04:00, and the third from the next evening on.
        const set = inEvenings([printing('a', [rung('p', 'cut', { minutes: 30 })], { pieceMinutes: 5 * HOUR, bedPieces: 2 }, 3)]);
        const plan = planned(set, objective);
        expect(plan.prints.map(({ pieces, startMs, lastOffMs }) => [pieces, at(startMs) / HOUR, at(lastOffMs) / HOUR])).toEqual([
          [2, 10, 20],
          [1, 34, 39],
        ]);
        expect(checkShopPlan(set, plan)).toEqual([]);
        // All on one bed it is one evening's work to begin.
        const together = inEvenings([printing('a', [rung('p', 'cut', { minutes: 30 })], { pieceMinutes: 5 * HOUR }, 3)]);
        expect(planned(together, objective).prints.map(({ startMs, lastOffMs }) => [at(startMs) / HOUR, at(lastOffMs) / HOUR])).toEqual([
          [10, 25],
        ]);
      },
    );

    it('are found out by the checker where a bed is begun too soon, is off too soon, or is missing', () => {
      const set = inEvenings([printing('a', [rung('p', 'cut', { minutes: 30 })], { pieceMinutes: HOUR, bedPieces: 2 }, 3)]);
      const plan = planned(set);
      const rules = (prints: typeof plan.prints): string[] => checkShopPlan(set, { ...plan, prints }).map(({ detail }) => detail);
      const [first, second] = plan.prints;
      if (!first || !second) throw new Error('two beds are planned');
      expect(rules([first, second])).toEqual([]);
      expect(rules([first, { ...second, startMs: second.startMs - 10 * MINUTE }])).toContain('is begun before the bed is free');
      expect(rules([first, { ...second, startMs: second.startMs + 10 * MINUTE }])).toContain('is off before its time');
      expect(rules([first, { ...second, startMs: second.startMs + HOUR * MINUTE, lastOffMs: second.lastOffMs + HOUR * MINUTE }])).toContain(
        'waits for its next pieces',
      );
      expect(rules([first])).toContain('is worked on before all of it has a time to print');
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

    it('are looked for by the checker as far ahead as they are printed, though nobody is there to work on them', () => {
      const coat = rung('p', 'prime', { classId: 'primer' });
      const persons = [person('a', { refuses: ['spraying'] })];
      const set = inEvenings([printing('a', [coat], { bedPieces: 1, pieceMinutes: 20 * HOUR }, 5)], { persons });
      const plan = planned(set);
      expect(plan.unplaced.map(({ taskId }) => taskId)).toEqual(['p']);
      expect(at(plan.prints.at(-1)?.startMs)).toBeGreaterThan(3 * 24 * HOUR);
      expect(checkShopPlan(set, plan)).toEqual([]);
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
    const outlook = shopOutlook(beside, toPlayed(planned(beside, 'surest')), 300, 1);
    expect(at(outlook?.p50Ms)).toBeGreaterThan(620);
    expect(at(outlook?.p50Ms)).toBeLessThan(640);
  });

  it('let a set begin with its first pieces, so that none is waited for on the way', () => {
    const set = (minutes: number, print: Partial<PlanPrint>) =>
      shop([printing('a', [rung('p', 'cut', { minutes })], { pieceMinutes: HOUR, ...print }, 10)]);
    // Ten pieces of an hour each, five on a bed: five are worked on, for 50 of 100 minutes, before the others are asked for at 600.
    const two = planned(set(100, { bedPieces: 5 }));
    expect(startOf(two, 'p')).toBe(550);
    expect(two.prints).toMatchObject([
      { pieces: 5, startMs: NOW, endMs: NOW + 300 * MINUTE, lastOffMs: NOW + 300 * MINUTE },
      { pieces: 5, startMs: NOW + 300 * MINUTE, endMs: NOW + 550 * MINUTE, lastOffMs: NOW + 600 * MINUTE },
    ]);
    // Some are here already: those on the one bed are asked for after four of ten.
    expect(startOf(planned(set(100, { piecesLeft: 6, bedPieces: 6 })), 'p')).toBe(360 - 40);
    // Together on one bed all are waited for; one by one no sooner than the last is begun.
    expect(startOf(planned(set(100, {})), 'p')).toBe(600);
    expect(startOf(planned(set(200, { bedPieces: 1 })), 'p')).toBe(541);
    // Pieces that come faster than they are worked on: the first is waited for, and that the last is begun.
    expect(startOf(planned(set(200, { bedPieces: 1, pieceMinutes: 5 })), 'p')).toBe(46);
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

  it('count what is on the bed as begun, and what is overdue as all but off', () => {
    const left = (startedAtMs: number | null, piecesLeft = 2, bedPieces = 2): number => {
      const print = { piecesLeft, bedPieces, pieceMinutes: 60, startedAtMs };
      return at(planned(shop([printing('a', [rung('p', 'cut')], print, 2)])).prints.at(-1)?.lastOffMs);
    };
    expect(left(null)).toBe(120);
    expect(left(NOW - 45 * MINUTE)).toBe(75);
    expect(left(NOW - 45 * MINUTE, 2, 1)).toBe(75);
    expect(left(NOW - 300 * MINUTE)).toBe(1);
    expect(left(NOW - 300 * MINUTE, 2, 1)).toBe(61);
    const print = { piecesLeft: 5, bedPieces: 3, pieceMinutes: 60 };
    expect(bedOffMs({ ...print, startedAtMs: NOW - 45 * MINUTE })).toBe(NOW + 135 * MINUTE);
    expect(bedOffMs({ ...print, piecesLeft: 1, startedAtMs: NOW - 45 * MINUTE })).toBe(NOW + 15 * MINUTE);
    expect(bedOffMs({ ...print, startedAtMs: null })).toBeNull();
  });

  it('lie on beds: the last may hold fewer; very many are planned several beds at a time', () => {
    expect(bedsOf({ piecesLeft: 7, bedPieces: 3 })).toEqual([3, 3, 1]);
    expect(piecesOnBed({ piecesLeft: 2, bedPieces: 3 })).toBe(2);
    const many = bedsOf({ piecesLeft: 500, bedPieces: 2 });
    expect(many.length).toBeLessThanOrEqual(30);
    expect(many.reduce((sum, pieces) => sum + pieces, 0)).toBe(500);
    // Where nobody said how many: what prints in half a day.
    expect([usualBedPieces(14, 60), usualBedPieces(2, 12.5 * 60), usualBedPieces(3, 10)]).toEqual([12, 1, 3]);
  });

  it('fail now and then: half of a piece is lost each time (closed form of the mean: 1 + q ÷ 2 (1 − q))', () => {
    const failing = shop([printing('a', [rung('p', 'cut', { minutes: 1 })], { failureShare: 1 / 3, pieceMinutes: 1000 }, 40)]);
    const outlook = shopOutlook(failing, toPlayed(planned(failing)), 400, 3);
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
    expect([0, 1, 11].map((bed) => printedBed(printTaskId('a_1', bed)))).toEqual([0, 1, 11].map((bed) => ({ partId: 'a_1', bed })));
    expect(printedPart('p')).toBeNull();
  });
});
