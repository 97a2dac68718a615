import { describe, expect, it } from 'vitest';
import { buildClockTable } from '../../cure/clockTable';
import { randomIndex, seededRandom } from '../../random/seededRandom';
import { checkPlan } from '../judge/checkPlan';
import { planProblem } from './improvePlan';
import { prepareProblem } from '../problem/preparedProblem';
import type { PlanArc, PlanProblem, PlanTask } from '../problem/problem';
import { readyBound } from '../judge/readyBound';
import { exactReady } from '../testing/exactReference';
import { arc, problem, task, wall } from '../testing/problemBuilder';

/** A small shop: two or three short ladders, evenings, dry spells, a cure clock, windows that close and reopen. */
function smallInstance(seed: number): PlanProblem {
  const random = seededRandom(seed * 31 + 5);
  const pick = <T>(list: readonly T[]): T => list[randomIndex(random, list.length)] as T;
  const lengths = pick([
    [3, 3],
    [4, 3],
    [2, 2, 2],
    [3, 2, 2],
    [4, 4],
  ]);
  const cure = { id: 'cure', table: buildClockTable(0, 4 * 600, 10, (minute) => 0.5 + 0.4 * Math.sin(minute / 97)) };
  const evenings = [0, 1, 2].map((day) => ({ start: day * 600 + 100, end: day * 600 + 260 }));
  // Some dry spells are so short that a tight pair of coats cannot be had: those instances have no plan.
  const dry = evenings.flatMap(({ start }) =>
    random() < 0.25 ? [] : [{ start: start + randomIndex(random, 60), end: start + 60 + randomIndex(random, 90) }],
  );
  const tasks: PlanTask[] = [];
  const arcs: PlanArc[] = [];
  lengths.forEach((length, part) => {
    for (let rung = 0; rung < length; rung += 1) {
      const id = `${part}.${rung}`;
      tasks.push(task(id, 5 + randomIndex(random, 40), { calendarId: random() < 0.4 ? 'dry' : 'evenings' }));
      if (rung === 0) continue;
      const pieces = pick([
        [{ lo: 0, hi: null }],
        [{ lo: 30, hi: null }],
        [{ lo: 10, hi: 60 }],
        [
          { lo: 10, hi: 40 },
          { lo: 200, hi: null },
        ],
        [{ lo: 120, hi: null }],
      ]);
      arcs.push(arc(`${part}.${rung - 1}`, id, pieces, pieces[0]?.lo === 0 ? 'wall' : 'cure'));
    }
  });
  if (random() < 0.3) arcs.push(arc(`1.${(lengths[1] ?? 1) - 1}`, '0.1', [{ lo: 10, hi: null }], 'cure'));
  const calendars = [
    { id: 'evenings', name: 'evenings', windows: evenings },
    { id: 'dry', name: 'dry', windows: dry.filter((span) => span.end > span.start) },
  ];
  return problem({ horizonMinute: 1800, calendars, clocks: [wall, cure], tasks, arcs });
}

describe('against an exact reference on small instances', () => {
  it(
    'is optimal nearly always, never far off, never better than what can be, and sees what cannot be planned',
    { timeout: 240_000 },
    () => {
      let optimal = 0;
      let proved = 0;
      let infeasible = 0;
      for (let seed = 1; proved < 100; seed += 1) {
        const given = smallInstance(seed);
        const exact = exactReady(given);
        // Some 1500 rounds take a twentieth of the second the engine may have.
        const { plan, measure } = planProblem(given, 1500);
        expect(checkPlan(given, plan)).toEqual([]);
        if (exact === null) {
          infeasible += 1;
          expect(plan.unplaced.length, `seed ${seed} has no plan`).toBeGreaterThan(0);
          continue;
        }
        proved += 1;
        expect(plan.unplaced, `seed ${seed} can be planned`).toEqual([]);
        expect(measure.readyMinute, `seed ${seed}`).toBeGreaterThanOrEqual(exact);
        expect(measure.readyMinute, `seed ${seed}`).toBeLessThanOrEqual(exact * 1.05);
        expect(readyBound(prepareProblem(given)), `bound of seed ${seed}`).toBeLessThanOrEqual(exact);
        if (measure.readyMinute === exact) optimal += 1;
      }
      expect(optimal).toBeGreaterThanOrEqual(95);
      expect(infeasible).toBeGreaterThan(5);
    },
  );
});
