import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkPlan } from './checkPlan';
import { createExplainer } from './explainPlacement';
import { planProblem } from '../search/improvePlan';
import { prepareProblem } from '../problem/preparedProblem';
import type { Placement, PlanProblem } from '../problem/problem';
import { findCritical, measureSlacks } from './slack';
import { arc, at, problem, task } from '../testing/problemBuilder';
import { randomProblem } from '../testing/randomProblem';

const slacksOf = (given: PlanProblem, placements: readonly Placement[]) => measureSlacks(prepareProblem(given), placements);

describe('how far a task may slack', () => {
  const two = problem({ tasks: [task('a', 10), task('b', 10)], arcs: [arc('a', 'b', [{ lo: 20, hi: 60 }])] });
  it('ends where what follows it would wait', () => expect(slacksOf(two, [at('a', 0, 10), at('b', 50, 60)]).get('a')).toBe(20));
  it('ends where its own window closes', () => expect(slacksOf(two, [at('a', 0, 10), at('b', 50, 60)]).get('b')).toBe(20));
  it('ends where hands are needed elsewhere, and where the evening does', () => {
    const given = problem({
      calendars: [{ id: 'evening', name: 'evening', windows: [{ start: 0, end: 100 }] }],
      tasks: [task('a', 10, { calendarId: 'evening' }), task('b', 10, { calendarId: 'evening' })],
    });
    const slacks = slacksOf(given, [at('a', 0, 10), at('b', 40, 50)]);
    expect([slacks.get('a'), slacks.get('b')]).toEqual([30, 50]);
  });
  it('is none where another goes on in its session, and for work in stretches', () => {
    const family = { id: 'f', name: 'f', toolId: 't', setupMinutes: 5, keepMinutes: 20, mostMinutes: null, lightness: null };
    const given = problem({
      tools: [{ id: 't', name: 't', darkToLightMinutes: 0 }],
      families: [family],
      tasks: [task('a', 10, { familyId: 'f' }), task('b', 10, { familyId: 'f' }), task('c', 20, { leastChunkMinutes: 5 })],
    });
    const split = { taskId: 'c', start: 100, end: 140, setupMinutes: 0, chunks: [{ start: 100, end: 110 }, { start: 130, end: 140 }] }; // prettier-ignore
    const slacks = slacksOf(given, [at('a', 5, 15, 5), at('b', 15, 25), split]);
    expect([slacks.get('a'), slacks.get('c')]).toEqual([0, 0]);
  });
  it('is true: slipped so far, by itself, a task breaks no rule (property)', () => {
    fc.assert(
      fc.property(randomProblem, fc.nat(), (given, choice) => {
        const { plan } = planProblem(given);
        const movable = plan.placements.filter((placement) => placement.chunks.length === 1);
        const moved = movable[choice % Math.max(1, movable.length)];
        if (!moved) return;
        const slack = slacksOf(given, plan.placements).get(moved.taskId) ?? 0;
        const later = at(moved.taskId, moved.start + slack, moved.end + slack, moved.setupMinutes);
        const placements = plan.placements.map((placement) => (placement === moved ? later : placement));
        expect(checkPlan(given, { placements, unplaced: plan.unplaced })).toEqual([]);
      }),
      { numRuns: 300 },
    );
  });
});

describe('what decides the end', () => {
  it('is the chain back from the last task along what each waited for', () => {
    const given = problem({ tasks: ['a', 'b', 'c', 'free'].map((id) => task(id, 10)), arcs: [arc('a', 'b', [{ lo: 30, hi: null }])] });
    const placements = [at('a', 0, 10), at('free', 10, 20), at('b', 40, 50), at('c', 50, 60)];
    // c waited for hands, b for a's film; what lay between does not matter.
    expect([...findCritical(createExplainer(given, placements), placements)]).toEqual(['c', 'b', 'a']);
  });
  it('is nothing where nothing is planned', () => expect(findCritical(createExplainer(problem({}), []), []).size).toBe(0));
});
