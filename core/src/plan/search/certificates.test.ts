import { describe, expect, it } from 'vitest';
import { ladderChains } from '../problem/ladderChains';
import { placeInOrder } from '../place/placeInOrder';
import { prepareProblem } from '../problem/preparedProblem';
import { planAsBefore, planShop } from '../shopPlan/planShop';
import { arc, problem, task } from '../testing/problemBuilder';
import { MINUTE, NOW, pairs, part, rung, shop } from '../testing/shopBuilder';

const days = (count: number, minutes: number) =>
  Array.from({ length: count }, (_, day) => ({ start: day * 1440, end: day * 1440 + minutes }));
const hands = (id: string, minutes: number, change = {}) =>
  task(id, minutes, { calendarId: 'hands', demands: [{ resourceId: 'hands', amount: 1 }], ...change });

describe('who is named when no plan can be', () => {
  const calendars = [{ id: 'hands', name: 'hands', windows: days(10, 100) }];
  it('is the pair whose window cannot be met, not what was moved for it', () => {
    // Long work between the coats takes a whole day; the window after the first is two hours.
    const { unplaced, placements } = placeInOrder(
      prepareProblem(
        problem({
          calendars,
          tasks: [hands('first', 10), hands('between', 95), hands('second', 10)],
          arcs: [arc('first', 'between'), arc('between', 'second'), arc('first', 'second', [{ lo: 0, hi: 120 }])],
        }),
      ),
      { order: [0, 1, 2] },
    );
    expect(unplaced).toMatchObject([{ taskId: 'second', cause: { kind: 'windowCloses', fromTaskId: 'first', calendarId: 'hands' } }]);
    const cause = unplaced[0]?.cause;
    if (cause?.kind === 'windowCloses') expect(cause.earliest).toBeGreaterThan(cause.latest);
    // What it was moved for is back where it was.
    expect(placements.find((placement) => placement.taskId === 'first')?.start).toBe(0);
  });
  it('is the places a set needs, with how many there are, held ones too', () => {
    const held = hands('coat', 10, { holds: [{ resourceId: 'rack', amount: 3, clockId: 'wall', progress: 60, ownerId: null }] });
    const { unplaced } = placeInOrder(
      prepareProblem(
        problem({
          calendars,
          resources: [
            { id: 'hands', name: 'hands', capacity: 1 },
            { id: 'rack', name: 'rack', capacity: 2 },
          ],
          tasks: [held],
          arcs: [],
        }),
      ),
      { order: [0] },
    );
    expect(unplaced).toEqual([{ taskId: 'coat', cause: { kind: 'tooMuch', resourceId: 'rack', needed: 3, capacity: 2 } }]);
  });
});

describe('ladders as the search moves them', () => {
  it('hang together by order, not by joins', () => {
    const join = { ...arc('b2', 'a2'), reason: { kind: 'join' as const } };
    const prepared = prepareProblem(
      problem({ tasks: ['a1', 'a2', 'b1', 'b2'].map((id) => task(id, 5)), arcs: [arc('a1', 'a2'), arc('b1', 'b2'), join] }),
    );
    const [a1, a2, b1, b2] = ladderChains(prepared);
    expect([a1 === a2, b1 === b2, a1 === b1]).toEqual([true, true, false]);
  });
});

describe('the plan before in a shop that has changed', () => {
  it('keeps its order and only fills what became free', () => {
    const parts = ['a', 'b', 'c'].map((id) => part(id, [rung(`${id} cut`, 'cut', { minutes: 30 })]));
    const input = shop(parts);
    const before = { 'c cut': NOW, 'a cut': NOW + 30 * MINUTE, 'b cut': NOW + 60 * MINUTE };
    const kept = planAsBefore(input, { before });
    if (kept.kind !== 'planned') throw new Error('faulty');
    expect(kept.rungs.map((time) => time.rungId)).toEqual(['c cut', 'a cut', 'b cut']);
    const two = planAsBefore({ ...input, persons: pairs(2) }, { before });
    if (two.kind !== 'planned') throw new Error('faulty');
    expect(two.readyMs - NOW).toBe(60 * MINUTE);
    const searched = planShop({ ...input, persons: pairs(2) });
    expect(searched.kind === 'planned' && searched.readyMs).toBe(two.readyMs);
  });
});
