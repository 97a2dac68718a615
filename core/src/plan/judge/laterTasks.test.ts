import { describe, expect, it } from 'vitest';
import { laterTasks } from './laterTasks';
import { planShopAtOnce } from '../shopPlan/planShop';
import type { Certificate } from '../problem/problem';
import { part, rung, shop } from '../testing/shopBuilder';

const later = (taskId: string): Certificate => ({ taskId, cause: { kind: 'beyondHorizon', horizonMinute: 1 } });
const waits = (taskId: string, on: string): Certificate => ({ taskId, cause: { kind: 'waitsFor', taskId: on } });
const never = (taskId: string): Certificate => ({ taskId, cause: { kind: 'neverReady', fromTaskId: 'wet' } });

describe('what comes later than the plan reaches', () => {
  it('is what no day is left for, and what waits for it through others', () =>
    expect([...laterTasks([waits('c', 'b'), waits('b', 'a'), later('a')])].toSorted()).toEqual(['a', 'b', 'c']));
  it('is not what can never be done, nor what waits for that', () =>
    expect([...laterTasks([never('a'), waits('b', 'a'), later('x')])]).toEqual(['x']));
  it('ends where tasks wait for each other, or for one with a place', () =>
    expect([...laterTasks([waits('a', 'b'), waits('b', 'a'), waits('c', 'placed')])]).toEqual([]));
});

describe('a shop with more work than the plan has days', () => {
  it('says of the last rungs that they come later, of none that it cannot be done, and of its prop that it is not known when', () => {
    const rungs = Array.from({ length: 60 }, (_, at) => rung(`sand ${at}`, 'primeSand', { minutes: 50 }));
    const plan = planShopAtOnce(shop([part('a', rungs)], { hours: [{ weekday: 1, startMinute: 1080, endMinute: 1140 }] }));
    if (plan.kind !== 'planned') throw new Error(plan.kind);
    expect(plan.unplaced.length).toBeGreaterThan(0);
    expect(laterTasks(plan.unplaced).size).toBe(plan.unplaced.length);
    expect(plan.props[0]).toMatchObject({ readyMs: null, unplacedRungs: 0, laterRungs: plan.unplaced.length });
  });
});
