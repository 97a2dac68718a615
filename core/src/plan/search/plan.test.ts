import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import jobshop from '../testdata/jobshop.json';
import { buildClockTable } from '../../cure/clockTable';
import { checkPlan } from '../judge/checkPlan';
import { planProblem } from './improvePlan';
import type { Placement, PlanProblem } from '../problem/problem';
import { findProblemFaults } from '../problem/problemFaults';
import { randomProblem } from '../testing/randomProblem';
import { arc, at, jobShop, placesOf, problem, task, wall } from '../testing/problemBuilder';
import { UsageProfile } from '../place/usageProfile';

function solve(given: PlanProblem): ReadonlyMap<string, Placement> {
  return placesOf(given, planProblem(given).plan);
}
const evenings = {
  id: 'evenings',
  name: 'evenings',
  windows: [0, 1, 2, 3, 4, 5].map((day) => ({ start: day * 1440 + 1110, end: day * 1440 + 1320 })),
};

describe('placement', () => {
  it('fills the wait of one ladder with the work of another', () => {
    const plan = solve(
      problem({ tasks: [task('spray', 10), task('sand', 20), task('other', 30)], arcs: [arc('spray', 'sand', [{ lo: 60, hi: null }])] }),
    );
    expect(plan.get('spray')?.start).toBe(0);
    expect(plan.get('other')?.start).toBe(10);
    expect(plan.get('sand')?.start).toBe(70);
  });

  it('moves a coat later so that the next one still meets its window', () => {
    // Hands are busy 30…300, the second coat must follow within 60 min of the first.
    const tasks = [task('busy', 270, { fixed: { start: 30, end: 300 } }), task('coat 1', 10), task('coat 2', 25)];
    const plan = solve(problem({ tasks, arcs: [arc('coat 1', 'coat 2', [{ lo: 10, hi: 60 }])] }));
    expect(plan.get('coat 1')?.start).toBe(300 - 60 - 10 > 20 ? 300 : 0);
    expect((plan.get('coat 2')?.start ?? 0) - (plan.get('coat 1')?.end ?? 0)).toBeLessThanOrEqual(60);
  });

  it('takes the early piece of a window that opens again when moving the first coat makes that sooner', () => {
    const windows = [
      { start: 0, end: 15 },
      { start: 200, end: 400 },
      { start: 1500, end: 3000 },
    ];
    const tasks = [task('enamel 1', 10, { calendarId: 'dry' }), task('enamel 2', 10, { calendarId: 'dry' })];
    const plan = solve(
      problem({
        calendars: [{ id: 'dry', name: 'dry', windows }],
        tasks,
        arcs: [
          arc('enamel 1', 'enamel 2', [
            { lo: 10, hi: 60 },
            { lo: 1440, hi: null },
          ]),
        ],
      }),
    );
    expect([plan.get('enamel 1')?.start, plan.get('enamel 2')?.start]).toEqual([200, 220]);
  });

  it('takes the late piece when the early one cannot be had', () => {
    const windows = [
      { start: 0, end: 15 },
      { start: 1500, end: 1512 },
    ];
    const tasks = [task('enamel 1', 10, { calendarId: 'dry' }), task('enamel 2', 10, { calendarId: 'dry' })];
    const plan = solve(
      problem({
        calendars: [{ id: 'dry', name: 'dry', windows }],
        tasks,
        arcs: [
          arc('enamel 1', 'enamel 2', [
            { lo: 10, hi: 60 },
            { lo: 1440, hi: null },
          ]),
        ],
      }),
    );
    expect([plan.get('enamel 1')?.start, plan.get('enamel 2')?.start]).toEqual([0, 1500]);
  });

  it('does not push a splittable predecessor past the last start from which its successor fits', () => {
    // 300 min of sanding over two evenings; the filler must follow within 30 min.
    const tasks = [task('sand', 300, { calendarId: 'evenings', leastChunkMinutes: 10 }), task('fill', 20, { calendarId: 'evenings' })];
    const plan = solve(problem({ calendars: [evenings], tasks, arcs: [arc('sand', 'fill', [{ lo: 0, hi: 30 }])] }));
    expect(plan.get('sand')?.start).toBe(1110);
    expect(plan.get('fill')?.start).toBe(1440 + 1110 + 90);
  });

  it('stops sanding at the end of the evening and goes on the next', () => {
    const plan = solve(problem({ calendars: [evenings], tasks: [task('sand', 240, { calendarId: 'evenings', leastChunkMinutes: 10 })] }));
    expect(plan.get('sand')?.chunks).toEqual([
      { start: 1110, end: 1320 },
      { start: 1440 + 1110, end: 1440 + 1140 },
    ]);
  });

  it('does not start a coat that the evening cannot finish', () => {
    const plan = solve(
      problem({
        calendars: [evenings],
        tasks: [task('first', 200, { calendarId: 'evenings' }), task('second', 30, { calendarId: 'evenings' })],
        arcs: [arc('first', 'second')],
      }),
    );
    expect(plan.get('second')?.start).toBe(1440 + 1110);
  });

  it('waits for a place on the rack, measured on the cure clock of the film', () => {
    const slow = { id: 'slow', table: buildClockTable(0, 1440, 10, () => 0.5) };
    const holds = [{ resourceId: 'rack', amount: 1, clockId: 'slow', progress: 60, ownerId: null }];
    const resources = [
      { id: 'hands', name: 'hands', capacity: 1 },
      { id: 'rack', name: 'rack', capacity: 1 },
    ];
    const plan = solve(problem({ resources, clocks: [wall, slow], tasks: [task('a', 10, { holds }), task('b', 10, { holds })] }));
    expect([plan.get('a')?.end, plan.get('b')?.end]).toEqual([10, 130]);
  });

  it('says which window, which task and what is needed when nothing fits', () => {
    const { plan } = planProblem(
      problem({
        calendars: [evenings],
        tasks: [task('long', 500, { calendarId: 'evenings' }), task('after', 5)],
        arcs: [arc('long', 'after')],
      }),
    );
    expect(plan.unplaced).toEqual([
      { taskId: 'long', cause: { kind: 'noWindow', calendarId: 'evenings', neededMinutes: 500, longestMinutes: 210 } },
      { taskId: 'after', cause: { kind: 'waitsFor', taskId: 'long' } },
    ]);
    const none = planProblem(
      problem({ calendars: [{ id: 'none', name: 'no hours', windows: [] }], tasks: [task('a', 5, { calendarId: 'none' })] }),
    );
    expect(none.plan.unplaced[0]?.cause).toMatchObject({ kind: 'noWindow', longestMinutes: 0 });
    // May be set down, but no stretch of the evenings is worth taking it up for.
    const inParts = planProblem(
      problem({ calendars: [evenings], tasks: [task('a', 600, { calendarId: 'evenings', leastChunkMinutes: 240 })] }),
    );
    expect(inParts.plan.unplaced[0]?.cause).toMatchObject({ kind: 'noWindow', neededMinutes: 240, longestMinutes: 210 });
    const big = planProblem(problem({ tasks: [task('a', 5, { demands: [{ resourceId: 'hands', amount: 3 }] })] }));
    expect(big.plan.unplaced[0]?.cause).toEqual({ kind: 'tooMuch', resourceId: 'hands', needed: 3, capacity: 1 });
  });

  it('certifies a recoat window no calendar can meet, and plans the rest', () => {
    const windows = [
      { start: 0, end: 12 },
      { start: 1440, end: 1452 },
    ];
    const tasks = [task('epoxy 1', 10, { calendarId: 'short' }), task('epoxy 2', 10, { calendarId: 'short' }), task('other', 10)];
    const { plan } = planProblem(
      problem({
        horizonMinute: 3000,
        calendars: [{ id: 'short', name: 'short', windows }],
        tasks,
        arcs: [arc('epoxy 1', 'epoxy 2', [{ lo: 20, hi: 120 }])],
      }),
    );
    expect(plan.unplaced.map((certificate) => certificate.taskId)).toContain('epoxy 2');
    expect(plan.placements.map((placement) => placement.taskId)).toContain('other');
  });

  it('finds a contradiction among joins and names the circle', () => {
    const faults = findProblemFaults(
      problem({ tasks: [task('a', 1), task('b', 1), task('c', 1)], arcs: [arc('a', 'b'), arc('b', 'c'), arc('c', 'a')] }),
    );
    expect(faults).toEqual([{ kind: 'cycle', taskIds: ['a', 'b', 'c'] }]);
  });
  it('finds references to nothing and numbers that are none', () => {
    expect(
      findProblemFaults(problem({ tasks: [task('a', -3), task('b', 2.5)], arcs: [arc('a', 'ghost')] })).map((fault) => fault.kind),
    ).toEqual(['badNumber', 'badNumber', 'unknown']);
  });
});

describe('published job-shop instances (see testdata/jobshop.json for the source)', () => {
  it.each(Object.entries(jobshop.instances))(
    '%s is represented: the plan keeps all rules and never beats the optimum',
    (_, { optimum, jobs }) => {
      const given = jobShop(jobs);
      const { plan, measure } = planProblem(given);
      expect(checkPlan(given, plan)).toEqual([]);
      expect(plan.placements).toHaveLength(given.tasks.length);
      expect(measure.readyMinute).toBeGreaterThanOrEqual(optimum);
      // A greedy placement is no search; within half again of the optimum is what such rules reach.
      expect(measure.readyMinute).toBeLessThan(optimum * 1.5);
    },
  );
});

describe('any plan (properties, independent checker)', () => {
  it('keeps every rule of the problem and accounts for every task', () => {
    fc.assert(
      fc.property(randomProblem, (given) => {
        const { plan } = planProblem(given);
        expect(checkPlan(given, plan)).toEqual([]);
        expect(plan.placements.length + plan.unplaced.length).toBe(given.tasks.length);
      }),
      { numRuns: 1000 },
    );
  });
  it('is the same for the same problem', () => {
    fc.assert(
      fc.property(randomProblem, (given) => {
        expect(planProblem(given)).toEqual(planProblem(given));
      }),
      { numRuns: 30 },
    );
  });
});

describe('the independent checker', () => {
  const given = problem({
    calendars: [evenings],
    tasks: [task('a', 30, { calendarId: 'evenings' }), task('b', 30)],
    arcs: [arc('a', 'b', [{ lo: 10, hi: 60 }])],
  });
  it.each([
    ['calendar', [at('a', 0, 30), at('b', 50, 80)]],
    ['arc', [at('a', 1110, 1140), at('b', 1141, 1171)]],
    ['arc', [at('a', 1110, 1140), at('b', 1300, 1330)]],
    ['resource', [at('a', 1110, 1140), at('b', 1120, 1150)]],
    ['minutes', [at('a', 1110, 1135), at('b', 1150, 1180)]],
  ] as const)('sees a broken %s', (rule, placements) => {
    expect(checkPlan(given, { placements, unplaced: [] }).map((violation) => violation.rule)).toContain(rule);
  });

  it('blames no plan for a rack that was overfull before it, up to the very minute it begins, but for what it adds', () => {
    const holds = [{ resourceId: 'rack', amount: 1, clockId: 'wall', progress: 60, ownerId: null }];
    const done = (id: string, minute: number) => task(id, 0, { holds, fixed: { start: minute, end: minute } });
    const full = problem({
      fromMinute: 100,
      resources: [
        { id: 'hands', name: 'hands', capacity: 2 },
        { id: 'rack', name: 'rack', capacity: 1 },
      ],
      tasks: [done('a', 90), done('b', 100), task('c', 10, { holds })],
    });
    const facts = [at('a', 90, 90), at('b', 100, 100)];
    expect(checkPlan(full, { placements: [...facts, at('c', 150, 160)], unplaced: [] })).toEqual([]);
    expect(checkPlan(full, { placements: [...facts, at('c', 145, 155)], unplaced: [] })).toMatchObject([{ rule: 'resource' }]);
  });
});

describe('usage profile', () => {
  it('agrees with counting minute by minute (property)', () => {
    const use = fc.record({
      start: fc.integer({ min: 0, max: 60 }),
      length: fc.integer({ min: 1, max: 20 }),
      amount: fc.integer({ min: 1, max: 2 }),
    });
    fc.assert(
      fc.property(
        fc.array(use, { maxLength: 12 }),
        fc.integer({ min: 0, max: 70 }),
        fc.integer({ min: 1, max: 15 }),
        fc.integer({ min: 1, max: 3 }),
        (uses, from, minutes, amount) => {
          const profile = new UsageProfile(3);
          const count = new Array<number>(200).fill(0);
          for (const { start, length, amount: used } of uses) {
            profile.add(start, start + length, used);
            for (let minute = start; minute < start + length; minute += 1) count[minute] = (count[minute] ?? 0) + used;
          }
          let expected = from;
          while (count.slice(expected, expected + minutes).some((used) => used + amount > 3)) expected += 1;
          expect(profile.firstFree(from, minutes, amount)).toBe(expected);
        },
      ),
    );
  });
});
