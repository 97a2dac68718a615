import { describe, expect, it } from 'vitest';
import { checkPlan } from '../judge/checkPlan';
import { planProblem } from './improvePlan';
import { searchJobShop } from './jobShopTabu';
import { prepareProblem } from '../problem/preparedProblem';
import { readJobShop } from './pureJobShop';
import { readyBound } from '../judge/readyBound';
import { arc, jobShop, problem, task } from '../testing/problemBuilder';
import jobshop from '../testdata/jobshop.json';

// Fisher and Thompson 1963 (ft06, ft10), Lawrence 1984 (la01); see testdata/jobshop.json.
const { ft06, la01, ft10 } = jobshop.instances;

/** The makespan after so many moves. */
function solve(jobs: readonly (readonly number[])[][], seed: number, moves: number): number {
  return planProblem(jobShop(jobs), moves, { seed }).measure.readyMinute;
}

describe('published job-shop instances', () => {
  it.each(Array.from({ length: 10 }, (_, seed) => seed + 1))('ft06 and la01 are solved to the optimum with seed %i', (seed) => {
    // Some 100–3000 moves do; half a second is worth about 15,000.
    expect(solve(ft06.jobs, seed, 5000)).toBe(ft06.optimum);
    expect(solve(la01.jobs, seed, 100)).toBe(la01.optimum);
  });
  it('ft10 comes within two in a hundred of its 930 in a short run (the bench runs it out)', () => {
    for (const seed of [1, 2, 3]) {
      const found = solve(ft10.jobs, seed, 20_000);
      expect(found).toBeGreaterThanOrEqual(ft10.optimum);
      expect(found).toBeLessThanOrEqual(ft10.optimum * 1.02);
    }
  });
  it('keep every rule, and never end before the bound', () => {
    for (const { jobs, optimum } of [ft06, la01, ft10]) {
      const given = jobShop(jobs);
      const { plan } = planProblem(given, 300);
      expect(checkPlan(given, plan)).toEqual([]);
      expect(plan.placements).toHaveLength(given.tasks.length);
      expect(readyBound(prepareProblem(given))).toBeLessThanOrEqual(optimum);
    }
  });
  it('have the bound that Jackson’s preemptive schedule of one machine gives them', () => {
    // la01's optimum is its machine bound of 666 (Lawrence 1984), so the bound must reach it; ft06's one-machine bound is 52.
    expect(readyBound(prepareProblem(jobShop(la01.jobs)))).toBe(666);
    expect(readyBound(prepareProblem(jobShop(ft06.jobs)))).toBeGreaterThanOrEqual(52);
  });
});

describe('the job-shop search', () => {
  const step = (machine: number, minutes: number) => ({ machine, minutes });
  it('gives the same sequence for the same seed', () => {
    const take = (seed: number): readonly number[][] => {
      const search = searchJobShop(
        ft06.jobs.map((job) => job.map(([machine = 0, minutes = 0]) => step(machine, minutes))),
        seed,
      );
      return Array.from({ length: 50 }, () => [...search.next().value.starts]);
    };
    expect(take(4)).toEqual(take(4));
  });
  it('solves what can be seen by eye: two jobs that cross', () => {
    const search = searchJobShop(
      [
        [step(0, 3), step(1, 3)],
        [step(1, 3), step(0, 3)],
      ],
      1,
    );
    let state = search.next().value;
    for (let move = 0; move < 20; move += 1) state = search.next().value;
    expect(state.makespan).toBe(6);
  });
  it('copes with one machine, one job and operations of no length', () => {
    for (const jobs of [[[step(0, 5)]], [[step(0, 0), step(1, 4)]], [[step(0, 2)], [step(0, 3)], [step(0, 4)]]]) {
      const search = searchJobShop(jobs, 1);
      let state = search.next().value;
      for (let move = 0; move < 5; move += 1) state = search.next().value;
      expect(state.makespan).toBe(jobs.length === 3 ? 9 : Math.max(...jobs.map((job) => job.reduce((sum, each) => sum + each.minutes, 0))));
    }
  });
});

describe('what is a job-shop and nothing more', () => {
  const plain = jobShop([[[0, 3], [1, 2]], [[1, 4]]]); // prettier-ignore
  it('is read as its jobs, with the task of each operation', () => {
    expect(readJobShop(plain)).toEqual({
      jobs: [
        [
          { machine: 0, minutes: 3 },
          { machine: 1, minutes: 2 },
        ],
        [{ machine: 1, minutes: 4 }],
      ],
      taskIds: ['0.0', '0.1', '1.0'],
    });
  });
  it.each([
    ['a wait', { ...plain, arcs: [arc('0.0', '0.1', [{ lo: 5, hi: null }])] }],
    ['a window that closes', { ...plain, arcs: [arc('0.0', '0.1', [{ lo: 0, hi: 9 }])] }],
    ['a fork', { ...plain, arcs: [arc('0.0', '0.1'), arc('0.0', '1.0')] }],
    ['two pairs of hands', problem({ resources: [{ id: 'hands', name: 'hands', capacity: 2 }], tasks: [task('a', 1)] })],
    ['work that may be split', problem({ tasks: [task('a', 9, { leastChunkMinutes: 3 })] })],
    ['a pin', problem({ tasks: [task('a', 9, { notBeforeMinute: 3 })] })],
    ['a calendar', problem({ calendars: [{ id: 'c', name: 'c', windows: [] }], tasks: [task('a', 9, { calendarId: 'c' })] })],
  ])('is not what has %s', (_, given) => expect(readJobShop(given)).toBeNull());
});
