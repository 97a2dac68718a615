import { describe, expect, it } from 'vitest';
import type { KeptStarts } from './planCost';
import { PlanMeter } from './planCost';
import { prepareProblem } from '../problem/preparedProblem';
import type { Objective } from '../problem/objective';
import type { Placement } from '../problem/problem';
import { at, problem, task } from '../testing/problemBuilder';

const DAY = 1440;
const windows = Array.from({ length: 10 }, (_, day) => ({ start: day * DAY, end: day * DAY + 300 }));
const paint = { id: 'paint', name: 'paint', toolId: 'can', setupMinutes: 10, keepMinutes: 30, mostMinutes: null, lightness: null };

/** Two props of two tasks, on evenings of five hours; the first is due on day 3, the second has no date. */
const prepared = prepareProblem(
  problem({
    calendars: [{ id: 'hands', name: 'hands', windows }],
    tools: [{ id: 'can', name: 'can', darkToLightMinutes: 0 }],
    families: [paint],
    tasks: ['a1', 'a2', 'b1', 'b2'].map((id) =>
      task(id, 60, {
        calendarId: 'hands',
        groupId: id[0] ?? null,
        dueMinute: id.startsWith('a') ? 3 * DAY : null,
        weight: id.startsWith('a') ? 2 : 1,
        familyId: 'paint',
      }),
    ),
  }),
);
const plan = (...placements: readonly Placement[]) => ({ placements, unplaced: [] });
const tonight = plan(at('a1', 10, 70, 10), at('a2', 70, 130), at('b1', 130, 190), at('b2', 190, 250));
const measure = (given: ReturnType<typeof plan>, objective: Objective = 'readyFirst', keptStarts: KeptStarts | null = null) =>
  new PlanMeter(prepared, objective, keptStarts).measure(given);
const cheaper = (a: ReturnType<typeof plan>, b: ReturnType<typeof plan>, objective: Objective): boolean =>
  measure(a, objective).cost < measure(b, objective).cost;

describe('a plan measured', () => {
  it('tells its end, its evenings and how often a tool is got ready', () => {
    expect(measure(tonight)).toMatchObject({ unplaced: 0, lateness: 0, readyMinute: 250, evenings: 1, setups: 1, moved: 0 });
    const spread = plan(
      at('a1', 10, 70, 10),
      at('a2', DAY + 10, DAY + 70, 10),
      at('b1', DAY + 70, DAY + 130),
      at('b2', 2 * DAY, 2 * DAY + 60),
    );
    expect(measure(spread)).toMatchObject({ evenings: 3, setups: 2, readyMinute: 2 * DAY + 60 });
  });
  it('counts lateness by the weight of the prop, from its last task', () => {
    const late = plan(at('a1', 10, 70), at('a2', 4 * DAY, 4 * DAY + 60), at('b1', 130, 190), at('b2', 190, 250));
    expect(measure(late).lateness).toBe(2 * (DAY + 60));
  });
  it('is better with a date kept than with anything else', () => {
    const inTime = plan(
      at('a1', 0, 60, 10),
      at('a2', DAY, DAY + 60, 10),
      at('b1', 5 * DAY, 5 * DAY + 60, 10),
      at('b2', 6 * DAY, 6 * DAY + 60, 10),
    );
    const late = plan(at('b1', 0, 60), at('b2', 60, 120), at('a1', 120, 180), at('a2', 3 * DAY, 3 * DAY + 60));
    for (const objective of ['readyFirst', 'fewestEvenings', 'fewestCleanings'] as const)
      expect(cheaper(inTime, late, objective)).toBe(true);
  });
  it('is worse with anything left without a place', () => {
    const short = {
      placements: tonight.placements.slice(1),
      unplaced: [{ taskId: 'a1', cause: { kind: 'beyondHorizon' as const, horizonMinute: 1 } }],
    };
    expect(new PlanMeter(prepared, 'readyFirst').measure(short).cost).toBeGreaterThan(measure(tonight).cost + 1e6);
  });
  it('weighs by what the finisher wants', () => {
    const soonOften = plan(at('a1', 10, 70, 10), at('a2', 80, 140, 10), at('b1', 150, 210, 10), at('b2', DAY, DAY + 60, 10));
    const lateOnce = plan(at('a1', 10, 70, 10), at('a2', 70, 130), at('b1', 130, 190), at('b2', DAY + 190, DAY + 250));
    expect(cheaper(soonOften, lateOnce, 'fewestCleanings')).toBe(false);
    const twoEvenings = plan(at('a1', 0, 60), at('a2', 60, 120), at('b1', 120, 180), at('b2', DAY, DAY + 60));
    const oneEvening = plan(at('a1', 60, 120), at('a2', 120, 180), at('b1', 180, 240), at('b2', 240, 300));
    expect(cheaper(oneEvening, twoEvenings, 'fewestEvenings')).toBe(true);
  });
  it('counts a day for every setup that even work without a plan would not have', () => {
    const often = plan(at('a1', 10, 70, 10), at('a2', 80, 140, 10), at('b1', 150, 210, 10), at('b2', 220, 280, 10));
    const beside = (usualSetups: number): number => new PlanMeter(prepared, 'readyFirst', null, usualSetups).measure(often).cost;
    expect(beside(4)).toBe(measure(often).cost);
    expect(beside(2)).toBe(measure(often).cost + 2 * 24);
  });
  it('counts what moved of tonight, and nothing of later or within a quarter of an hour', () => {
    const keptStarts = (...starts: [number, number][]): KeptStarts => ({ starts: new Map(starts), untilMinute: 960 });
    expect(measure(tonight, 'readyFirst', keptStarts([0, 10], [1, 70])).moved).toBe(0);
    expect(measure(tonight, 'readyFirst', keptStarts([0, 20], [1, 55])).moved).toBe(0);
    expect(measure(tonight, 'readyFirst', keptStarts([0, 200], [1, 0])).moved).toBe(2);
    expect(measure(tonight, 'readyFirst', keptStarts([3, 2000])).moved).toBe(0);
    expect(measure(tonight, 'readyFirst', keptStarts([0, 200])).cost).toBeGreaterThan(measure(tonight).cost);
  });
});
