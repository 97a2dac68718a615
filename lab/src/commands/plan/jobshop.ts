import { searchPlans } from '@zinc-ladder/core/plan/search/improvePlan';
import { prepareProblem } from '@zinc-ladder/core/plan/problem/preparedProblem';
import type { PlanProblem } from '@zinc-ladder/core/plan/problem/problem';
import { buildClockTable } from '@zinc-ladder/core/cure/clockTable';
import { readyBound } from '@zinc-ladder/core/plan/judge/readyBound';
import { LabError, readNumber } from '../../labError';
import { readJson } from '../../readFile';

import type { LabCommand } from '../labCommand';

type Jobs = readonly (readonly (readonly [number, number])[])[];

/** `jobshop FILE [--seconds S] [--seed N]` → for each instance its makespan, a bound, the time taken and the schedule. */
export const jobshop: LabCommand = {
  name: 'jobshop',
  usage: 'jobshop FILE [--seconds S] [--seed N]',
  options: ['seconds', 'seed'],
  run: ({ files, options }) => {
    const seconds = readNumber('seconds', options['seconds'] ?? '1', 0, 3600);
    const seed = readNumber('seed', options['seed'] ?? '1', 0, 4_294_967_295);
    const instances = readInstances(readJson(files[0]));
    return Object.fromEntries(instances.map(([name, jobs]) => [name, solve(jobs, seconds, seed)]));
  },
};

function solve(jobs: Jobs, seconds: number, seed: number): object {
  const problem = toProblem(jobs);
  const prepared = prepareProblem(problem);
  const bound = readyBound(prepared);
  const began = performance.now();
  const search = searchPlans(prepared, { seed, objective: 'readyFirst' });
  let state = search.next().value;
  // A plan at the bound cannot be bettered.
  while (state.measure.readyMinute > bound && performance.now() - began < seconds * 1000) state = search.next().value;
  const placed = new Map(state.plan.placements.map((placement) => [placement.taskId, placement]));
  return {
    makespan: state.measure.readyMinute,
    bound,
    milliseconds: Math.round(performance.now() - began),
    schedule: jobs.flatMap((steps, job) =>
      steps.map(([machine], step) => {
        const { start = 0, end = 0 } = placed.get(`${job}.${step}`) ?? {};
        return { job, step, machine, start, end };
      }),
    ),
  };
}

function toProblem(jobs: Jobs): PlanProblem {
  const machines = 1 + Math.max(...jobs.flatMap((steps) => steps.map(([machine]) => machine)));
  const total = jobs.flat().reduce((sum, [, minutes]) => sum + minutes, 0);
  return {
    fromMinute: 0,
    horizonMinute: total + 1,
    resources: Array.from({ length: machines }, (_, machine) => ({ id: `m${machine}`, name: `machine ${machine}`, capacity: 1 })),
    calendars: [],
    clocks: [{ id: 'wall', table: buildClockTable(0, 1440, 1440, () => 1) }],
    tools: [],
    families: [],
    tasks: jobs.flatMap((steps, job) =>
      steps.map(([machine, minutes], step) => ({
        id: `${job}.${step}`,
        name: `${job}.${step}`,
        minutes,
        calendarId: null,
        familyId: null,
        demands: [{ resourceId: `m${machine}`, amount: 1 }],
        holds: [],
        leastChunkMinutes: null,
        notBeforeMinute: null,
        groupId: null,
        dueMinute: null,
        weight: 1,
        isUnderWay: false,
        fixed: null,
      })),
    ),
    arcs: jobs.flatMap((steps, job) =>
      steps.slice(1).map((_, step) => ({
        from: `${job}.${step}`,
        to: `${job}.${step + 1}`,
        clockId: 'wall',
        pieces: [{ lo: 0, hi: null }],
        reason: { kind: 'order' as const },
      })),
    ),
  };
}

function readInstances(raw: unknown): (readonly [string, Jobs])[] {
  const file = raw as { instances?: Record<string, { jobs?: unknown }>; jobs?: unknown } | null;
  if (file?.instances && typeof file.instances === 'object')
    return Object.entries(file.instances).map(([name, instance]) => [name, readJobs(name, instance?.jobs)] as const);
  return [['instance', readJobs('instance', file?.jobs)]];
}

function readJobs(name: string, raw: unknown): Jobs {
  const isWhole = (value: unknown): boolean => Number.isInteger(value) && (value as number) >= 0 && (value as number) <= 1e6;
  const isStep = (step: unknown): boolean => Array.isArray(step) && step.length === 2 && step.every(isWhole) && (step[0] as number) < 1000;
  const isJobs = Array.isArray(raw) && raw.length > 0 && raw.every((job) => Array.isArray(job) && job.length > 0 && job.every(isStep));
  if (!isJobs) throw new LabError(`${name}: jobs must be lists of [machine, duration] pairs of whole numbers from 0`);
  if ((raw as unknown[][]).flat().length > 5000) throw new LabError(`${name}: more than 5000 operations`);
  return raw as unknown as Jobs;
}
