import { describe, expect, it } from 'vitest';
import { playChance, shareWithin } from '../play/chance';
import type { PlayOdds } from '../play/playOdds';
import { prepareProblem } from '../problem/preparedProblem';
import type { PlanProblem } from '../problem/problem';
import { CERTAIN } from '../play/taskSpread';
import { domainInstance } from '../testing/domainInstance';
import { arc, problem, task } from '../testing/problemBuilder';
import { replanChance } from './replanChance';

/** Twenty evenings of two hours. */
const evenings = {
  id: 'evenings',
  name: 'evenings',
  windows: Array.from({ length: 20 }, (_, day) => ({ start: day * 1440, end: day * 1440 + 120 })),
};

function both(given: PlanProblem, keys: Float64Array, odds: PlayOdds, runs: number) {
  const prepared = prepareProblem(given);
  const plain = playChance(prepared, keys, { ...odds, runs, seed: 5 });
  const anew = replanChance(prepared, keys, { odds, runs, seed: 5, playsAnEvening: 40 });
  return { plain: plain.groups, anew };
}

describe('plays that are planned anew each evening', () => {
  const chain = (id: string, count: number, due: number) =>
    Array.from({ length: count }, (_, nth) => task(`${id}${nth}`, 60, { calendarId: 'evenings', groupId: id, dueMinute: due }));
  // Two works an evening: the earlier date asks for both of the second one.
  const soon = 1440 + 121;
  const given = problem({
    calendars: [evenings],
    horizonMinute: 20 * 1440,
    tasks: [...chain('a', 2, soon), ...chain('b', 3, 6 * 1440)],
    arcs: [arc('a0', 'a1'), arc('b0', 'b1'), arc('b1', 'b2')],
  });

  it('come out as plays do where nothing is uncertain', () => {
    const keys = Float64Array.from([0, 1, 2, 3, 4]);
    const { plain, anew } = both(given, keys, { spreads: given.tasks.map(() => CERTAIN) }, 2);
    expect(anew.map(({ groupId, readyMinutes }) => [groupId, [...readyMinutes]])).toEqual(
      plain.map(({ groupId, readyMinutes }) => [groupId, [...readyMinutes]]),
    );
  });

  it('mend an order that was bad to begin with', () => {
    // The later date first: as it goes on, the earlier one is missed by an evening; known at the end of the first.
    const keys = Float64Array.from([3, 4, 0, 1, 2]);
    const { plain, anew } = both(given, keys, { spreads: given.tasks.map(() => CERTAIN) }, 2);
    const inTime = (groups: typeof anew): number =>
      shareWithin(groups.find(({ groupId }) => groupId === 'a')?.readyMinutes ?? new Float64Array(), soon);
    expect(inTime(plain)).toBe(0);
    expect(inTime(anew)).toBe(1);
  });

  it('end whatever happens, in a shop with windows, rain and joins', () => {
    const shop = domainInstance(3, { parts: 4, rungs: 6 });
    const spreads = shop.tasks.map(() => ({ low: 0.7, mode: 1, high: 2, againChance: 0.1, againShare: 0.5 }));
    const keys = Float64Array.from(shop.tasks.keys());
    const { plain, anew } = both(shop, keys, { spreads }, 6);
    expect(anew.map(({ groupId }) => groupId)).toEqual(plain.map(({ groupId }) => groupId));
    for (const { readyMinutes } of anew) for (const end of readyMinutes) expect(end).toBeLessThan(shop.horizonMinute);
  });
});
