import { describe, expect, it } from 'vitest';
import { readPlayTables } from '../play/playTables';
import { prepareProblem } from '../problem/preparedProblem';
import type { PlanProblem } from '../problem/problem';
import { findTaskGroups } from '../problem/taskGroups';
import { domainInstance } from '../testing/domainInstance';
import { problem, task } from '../testing/problemBuilder';
import { OrderTrials } from './orderTrials';

function trialsOf(given: PlanProblem): OrderTrials {
  const tables = readPlayTables(prepareProblem(given));
  return new OrderTrials(tables, findTaskGroups(given.tasks), {}, new Uint8Array(given.tasks.length));
}

/** Plays between the pauses of some work, and what came of it. */
function stepped<Result>(trials: OrderTrials, work: Generator<undefined, Result>): { readonly plays: number[]; readonly result: Result } {
  const plays: number[] = [];
  for (let before = trials.plays; ; before = trials.plays) {
    const step = work.next();
    plays.push(trials.plays - before);
    if (step.done) return { plays, result: step.value };
  }
}

describe('plays of an order', () => {
  it.each([
    [10, [20]],
    [300, [16, 4]],
    [2500, [2, 2, 2, 2, 2, 2, 2, 2, 2, 2]],
    [6000, new Array<number>(20).fill(1)],
  ])('of %d tasks pause so often that a worker can be spoken to', (count, plays) => {
    const given = problem({ tasks: Array.from({ length: count }, (_, index) => task(`${index}`, 0)) });
    const trials = trialsOf(given);
    const keys = Float64Array.from(given.tasks, (_, index) => index);
    expect(stepped(trials, trials.trying(keys, 0, 20)).plays).toEqual(plays);
  });

  it('come to the same however they are taken together', () => {
    const given = domainInstance(3, { parts: 20, rungs: 20 });
    const keys = Float64Array.from(given.tasks, (_, index) => index);
    const trials = trialsOf(given);
    const whole = stepped(trials, trials.trying(keys, 0, 24)).result;
    const part = stepped(trials, trials.trying(keys, 0, 10)).result;
    if (!part) throw new Error('there was no rival to lie behind');
    const extended = stepped(trials, trials.extending(part, 24));
    expect(extended.plays.length).toBeGreaterThan(1);
    expect(extended.result.scores).toEqual(whole?.scores);
    expect(extended.result.mean).toBeCloseTo(whole?.mean ?? NaN, 12);
    expect(trials.once(keys, 5).scores).toEqual([whole?.scores[5]]);
  });
});
