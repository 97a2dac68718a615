import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import jobshop from './testdata/jobshop.json';
import { buildClockTable } from '../cure/clockTable';
import { checkPlan } from './checkPlan';
import { planGreedily } from './planGreedily';
import type { Placement, PlanArc, PlanProblem, PlanTask } from './problem';
import { findProblemFaults } from './problemFaults';
import { UsageProfile } from './usageProfile';

const wall = { id: 'wall', table: buildClockTable(0, 1440, 10, () => 1) };

function task(id: string, minutes: number, change: Partial<PlanTask> = {}): PlanTask {
  return {
    id,
    name: id,
    minutes,
    calendarId: null,
    demands: [{ resourceId: 'hands', amount: 1 }],
    holds: [],
    leastChunkMinutes: null,
    notBeforeMinute: null,
    dueMinute: null,
    weight: 1,
    isUnderWay: false,
    fixed: null,
    ...change,
  };
}
function arc(from: string, to: string, pieces: PlanArc['pieces'] = [{ lo: 0, hi: null }], clockId = 'wall'): PlanArc {
  return { from, to, clockId, pieces, reason: { kind: 'order' } };
}
function problem(change: Partial<PlanProblem>): PlanProblem {
  return {
    fromMinute: 0,
    horizonMinute: 20_000,
    resources: [{ id: 'hands', name: 'hands', capacity: 1 }],
    calendars: [],
    clocks: [wall],
    tasks: [],
    arcs: [],
    ...change,
  };
}
function solve(given: PlanProblem): Map<string, Placement> {
  const { plan } = planGreedily(given);
  expect(checkPlan(given, plan)).toEqual([]);
  expect(plan.unplaced).toEqual([]);
  return new Map(plan.placements.map((placement) => [placement.taskId, placement]));
}
const evenings = {
  id: 'evenings',
  name: 'evenings',
  windows: [0, 1, 2, 3, 4, 5].map((day) => ({ start: day * 1440 + 1110, end: day * 1440 + 1320 })),
};

describe('greedy placement', () => {
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
    const holds = [{ resourceId: 'rack', amount: 1, clockId: 'slow', progress: 60 }];
    const resources = [
      { id: 'hands', name: 'hands', capacity: 1 },
      { id: 'rack', name: 'rack', capacity: 1 },
    ];
    const plan = solve(problem({ resources, clocks: [wall, slow], tasks: [task('a', 10, { holds }), task('b', 10, { holds })] }));
    expect([plan.get('a')?.end, plan.get('b')?.end]).toEqual([10, 130]);
  });

  it('says which window, which task and what is needed when nothing fits', () => {
    const { plan } = planGreedily(
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
    const none = planGreedily(
      problem({ calendars: [{ id: 'none', name: 'no hours', windows: [] }], tasks: [task('a', 5, { calendarId: 'none' })] }),
    );
    expect(none.plan.unplaced[0]?.cause).toMatchObject({ kind: 'noWindow', longestMinutes: 0 });
    const big = planGreedily(problem({ tasks: [task('a', 5, { demands: [{ resourceId: 'hands', amount: 3 }] })] }));
    expect(big.plan.unplaced[0]?.cause).toEqual({ kind: 'tooMuch', resourceId: 'hands', needed: 3, capacity: 1 });
  });

  it('certifies a recoat window no calendar can meet, and plans the rest', () => {
    const windows = [
      { start: 0, end: 12 },
      { start: 1440, end: 1452 },
    ];
    const tasks = [task('epoxy 1', 10, { calendarId: 'short' }), task('epoxy 2', 10, { calendarId: 'short' }), task('other', 10)];
    const { plan } = planGreedily(
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
      const machines = jobs[0]?.length ?? 0;
      const tasks = jobs.flatMap((steps, job) =>
        steps.map(([machine, minutes], step) =>
          task(`${job}.${step}`, minutes as number, { demands: [{ resourceId: `m${machine}`, amount: 1 }] }),
        ),
      );
      const arcs = jobs.flatMap((steps, job) => steps.slice(1).map((__, step) => arc(`${job}.${step}`, `${job}.${step + 1}`)));
      const given = problem({
        resources: Array.from({ length: machines }, (__, m) => ({ id: `m${m}`, name: `machine ${m}`, capacity: 1 })),
        tasks,
        arcs,
      });
      const { plan, readyMinute } = planGreedily(given);
      expect(checkPlan(given, plan)).toEqual([]);
      expect(plan.placements).toHaveLength(tasks.length);
      expect(readyMinute).toBeGreaterThanOrEqual(optimum);
      // A greedy placement is no search; within half again of the optimum is what such rules reach.
      expect(readyMinute).toBeLessThan(optimum * 1.5);
    },
  );
});

/** Random shop-like problems: evenings, spray spells, several clocks, windows that close and reopen, a small rack. */
const randomProblem = fc
  .record({
    parts: fc.array(
      fc.array(
        fc.record({
          minutes: fc.integer({ min: 0, max: 90 }),
          kind: fc.constantFrom('hand', 'spray', 'split'),
          wait: fc.constantFrom('none', 'long', 'window', 'reopen'),
        }),
        { minLength: 1, maxLength: 7 },
      ),
      { minLength: 1, maxLength: 5 },
    ),
    rack: fc.integer({ min: 1, max: 3 }),
    hands: fc.integer({ min: 1, max: 2 }),
    rate: fc.double({ min: 0.3, max: 1.5, noNaN: true }),
    from: fc.integer({ min: 0, max: 3000 }),
    bond: fc.boolean(),
  })
  .map(({ parts, rack, hands, rate, from, bond }): PlanProblem => {
    const days = Array.from({ length: 40 }, (_, day) => day);
    const cure = { id: 'cure', table: buildClockTable(0, 40 * 1440, 30, (minute) => rate * (1 + 0.5 * Math.sin(minute / 229))) };
    const tasks: PlanTask[] = [];
    const arcs: PlanArc[] = [];
    parts.forEach((steps, part) => {
      steps.forEach((step, index) => {
        const id = `${part}.${index}`;
        const isSpray = step.kind === 'spray';
        tasks.push(
          task(id, step.minutes, {
            calendarId: isSpray ? 'spray' : 'hands',
            leastChunkMinutes: step.kind === 'split' ? 10 : null,
            demands: [{ resourceId: 'hands', amount: 1 }],
            holds: isSpray ? [{ resourceId: 'rack', amount: 1, clockId: 'cure', progress: 60 }] : [],
            dueMinute: 5000 + part * 500,
          }),
        );
        if (index === 0) return;
        const pieces = {
          none: [{ lo: 0, hi: null }],
          long: [{ lo: 240, hi: null }],
          window: [{ lo: 10, hi: 600 }],
          reopen: [
            { lo: 10, hi: 60 },
            { lo: 1440, hi: null },
          ],
        }[step.wait];
        arcs.push(arc(`${part}.${index - 1}`, id, pieces, step.wait === 'none' ? 'wall' : 'cure'));
      });
    });
    if (bond && parts.length > 1) arcs.push(arc(`1.${(parts[1]?.length ?? 1) - 1}`, '0.0', [{ lo: 20, hi: null }], 'cure'));
    return problem({
      fromMinute: from,
      horizonMinute: 40 * 1440,
      resources: [
        { id: 'hands', name: 'hands', capacity: hands },
        { id: 'rack', name: 'rack', capacity: rack },
      ],
      calendars: [
        { id: 'hands', name: 'hands', windows: days.map((day) => ({ start: day * 1440 + 1100, end: day * 1440 + 1320 })) },
        {
          id: 'spray',
          name: 'spraying',
          windows: days.filter((day) => day % 3 !== 1).map((day) => ({ start: day * 1440 + 1100, end: day * 1440 + 1240 })),
        },
      ],
      clocks: [wall, cure],
      tasks,
      arcs,
    });
  });

describe('any plan (properties, independent checker)', () => {
  it('keeps every rule of the problem and accounts for every task', () => {
    fc.assert(
      fc.property(randomProblem, (given) => {
        const { plan } = planGreedily(given);
        expect(checkPlan(given, plan)).toEqual([]);
        expect(plan.placements.length + plan.unplaced.length).toBe(given.tasks.length);
      }),
      { numRuns: 400 },
    );
  });
  it('is the same for the same problem', () => {
    fc.assert(
      fc.property(randomProblem, (given) => {
        expect(planGreedily(given)).toEqual(planGreedily(given));
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
  const at = (taskId: string, start: number, end: number): Placement => ({ taskId, start, end, chunks: [{ start, end }] });
  it.each([
    ['calendar', [at('a', 0, 30), at('b', 50, 80)]],
    ['arc', [at('a', 1110, 1140), at('b', 1141, 1171)]],
    ['arc', [at('a', 1110, 1140), at('b', 1300, 1330)]],
    ['resource', [at('a', 1110, 1140), at('b', 1120, 1150)]],
    ['minutes', [at('a', 1110, 1135), at('b', 1150, 1180)]],
  ] as const)('sees a broken %s', (rule, placements) => {
    expect(checkPlan(given, { placements, unplaced: [] }).map((violation) => violation.rule)).toContain(rule);
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
