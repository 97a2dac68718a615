import { describe, expect, it } from 'vitest';
import { checkPlan } from '../judge/checkPlan';
import { buildShopProblem } from '../shop/buildShopProblem';
import { playChance } from '../play/chance';
import { planShop } from './planShop';
import { plannedPlacements } from './plannedPlacements';
import { prepareProblem } from '../problem/preparedProblem';
import type { PlanPart, PlanPerson, PlanRung, ShopPlanInput } from '../shop/shopPlanInput';
import { planOrder } from './planOrder';
import { keysOfOrder } from './shopOutlook';
import { checkShopPlan } from '../verify/checkShopPlan';
import { MINUTE, NOW, pairs, part, person, rung, shop } from '../testing/shopBuilder';
import type { Objective } from '../problem/objective';

function planned(input: ShopPlanInput, objective: Objective = 'readyFirst') {
  const plan = planShop(input, { objective });
  if (plan.kind !== 'planned') throw new Error('faulty');
  expect(checkShopPlan(input, plan)).toEqual([]);
  const { problem } = buildShopProblem(input, plan.horizonDays);
  expect(checkPlan(problem, { placements: plannedPlacements(problem, plan), unplaced: plan.unplaced })).toEqual([]);
  const of = (id: string) => {
    const time = plan.rungs.find(({ rungId }) => rungId === id);
    return time && { by: time.personId, from: (time.startMs - NOW) / MINUTE, to: (time.endMs - NOW) / MINUTE };
  };
  return { plan, of, readyMinutes: (plan.readyMs - NOW) / MINUTE };
}
const work = (id: string, minutes: number, change: Partial<PlanRung> = {}): PlanPart =>
  part(id, [rung(id, 'heat', { minutes, ...change })]);
const friend = (change: Partial<PlanPerson> = {}): PlanPerson => person('friend', change);
const me = person('me');

describe.each(['readyFirst', 'surest'] as const)('work shared out, made for %s', (objective) => {
  it.each([
    [[3, 3, 2, 2, 2], 2, 6],
    [[5, 5, 4, 4, 3, 3, 3], 3, 9],
  ])(
    'jobs of %j among %i are ready at %i: the optimum that longest-first misses (Graham 1969, bounds on multiprocessing timing anomalies)',
    (minutes, count, optimum) => {
      const parts = minutes.map((each, at) => work(`j${at}`, each * 10));
      expect(planned(shop(parts, { persons: pairs(count) }), objective).readyMinutes).toBe(optimum * 10);
    },
  );

  it('what the other leaves to me is mine, and what both do is left to the other', () => {
    const parts = [part('a', [rung('spray', 'prime', { classId: 'primer', minutes: 30 })]), work('other', 30)];
    const { of, readyMinutes } = planned(shop(parts, { persons: [me, friend({ refuses: ['spraying', 'solvents'] })] }), objective);
    expect(of('spray')?.by).toBe('me');
    expect(of('other')?.by).toBe('friend');
    expect(readyMinutes).toBe(30);
  });

  it('what is asked of one waits for that one, though another is free', () => {
    const later = friend({ hours: [4, 5].map((weekday) => ({ weekday, startMinute: 12 * 60, endMinute: 20 * 60 })) });
    const { of } = planned(shop([work('x', 30, { personId: 'friend' }), work('y', 30)], { persons: [me, later] }), objective);
    expect(of('x')).toEqual({ by: 'friend', from: 240, to: 270 });
    expect(of('y')).toEqual({ by: 'me', from: 0, to: 30 });
  });

  it('an own date away is kept, and a date of the shop does not bind who has own hours', () => {
    const exceptions = [{ date: '2026-05-28', spans: [] }];
    const away = planned(shop([work('x', 30), work('y', 30)], { persons: [me, friend({ exceptions })] }), objective);
    expect([away.of('x')?.by, away.of('y')?.by]).toEqual(['me', 'me']);
    const every = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 0, endMinute: 1440 }));
    const shut = planned(shop([work('x', 30), work('y', 30)], { exceptions, persons: [me, friend({ hours: every })] }), objective);
    expect([shut.of('x')?.by, shut.of('y')?.by]).toEqual(['friend', 'friend']);
  });

  it('work that may be set down is gone on with by who began it', () => {
    const hours = [4, 5].map((weekday) => ({ weekday, startMinute: 8 * 60, endMinute: 9 * 60 }));
    const { of, plan } = planned(shop([part('a', [rung('x', 'cut', { minutes: 90 })])], { hours, persons: pairs(2) }), objective);
    expect(of('x')?.to).toBe(1440 + 30);
    expect(plan.rungs[0]?.chunks).toHaveLength(2);
  });

  it('what is in hand is in the hands that have it; what is locked is with whoever is there then', () => {
    const parts = [
      work('held', 30, { status: { kind: 'begun', workedMinutes: 5, isInHand: true, doerId: 'friend' } }),
      work('locked', 30, { lockedAtMs: NOW }),
      work('free', 30),
    ];
    const { of } = planned(shop(parts, { persons: [me, friend({ refuses: ['sanding'] })] }), objective);
    expect(of('held')).toEqual({ by: 'friend', from: 0, to: 25 });
    expect(of('locked')?.from).toBe(0);
    expect(of('free')?.from).toBeGreaterThanOrEqual(25);
  });

  it('what nobody does has no place, and says who is missing; the rest is planned', () => {
    const parts = [part('a', [rung('sand', 'sand', { minutes: 20 })]), work('y', 30)];
    const { plan, of } = planned(shop(parts, { persons: [person('me', { refuses: ['sanding'] })] }), objective);
    expect(plan.unplaced).toEqual([{ taskId: 'sand', cause: { kind: 'tooMuch', resourceId: 'nobody', needed: 1, capacity: 0 } }]);
    expect(of('y')?.from).toBe(0);
  });

  it('two who do the same cannot both be at one spray place', () => {
    const parts = ['a', 'b'].map((id) =>
      part(id, [rung(`${id}1`, 'prime', { classId: id === 'a' ? 'primer' : 'fillerPrimer', minutes: 30 })]),
    );
    expect(planned(shop(parts, { persons: pairs(2) }), objective).readyMinutes).toBe(60);
    expect(planned(shop(parts, { persons: pairs(2), boothPlaces: 2 }), objective).readyMinutes).toBe(30);
  });

  it('where minutes are certain, a play comes to what the plan says', () => {
    const parts = [
      part('a', [
        rung('a1', 'prime', { classId: 'primer', minutes: 20 }),
        rung('a2', 'primeSand', { minutes: 35 }),
        rung('a3', 'mask', { minutes: 25 }),
      ]),
      part('b', [rung('b1', 'cut', { minutes: 50 }), rung('b2', 'prime', { classId: 'primer', minutes: 20 })]),
      work('c', 45),
    ];
    const persons = [
      me,
      friend({ refuses: ['spraying'], hours: [4, 5, 6].map((weekday) => ({ weekday, startMinute: 9 * 60, endMinute: 12 * 60 })) }),
    ];
    const input = shop(parts, { persons });
    const { plan } = planned(input, 'surest');
    const { problem } = buildShopProblem(input, plan.horizonDays);
    const played = playChance(prepareProblem(problem), keysOfOrder(problem, planOrder(plan)), { runs: 3, seed: 1 });
    expect(played.readyMinutes.map((minute) => minute * MINUTE)).toEqual(Float64Array.from([1, 2, 3], () => plan.readyMs));
  });
});

describe('a play with persons', () => {
  it('keeps a lock outside everybody’s hours, though nobody is there and a film dries on past it', () => {
    const morning = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 8 * 60, endMinute: 9 * 60 }));
    const parts = [
      part('a', [rung('spray', 'sprayCoat', { classId: 'enamelColour', minutes: 10 })]),
      work('locked', 30, { lockedAtMs: NOW + 120 * MINUTE }),
    ];
    const { problem } = buildShopProblem(shop(parts, { hours: morning, persons: pairs(2) }));
    const { readyMinutes } = playChance(prepareProblem(problem), new Float64Array(problem.tasks.length), { runs: 2, seed: 1 });
    expect([...readyMinutes].map((minute) => minute - NOW / MINUTE)).toEqual([150, 150]);
  });
});
