import fc from 'fast-check';
import { buildClockTable } from '../../cure/clockTable';
import type { Family, PlanArc, PlanProblem, PlanTask } from '../problem/problem';
import { arc, problem, task, wall } from './problemBuilder';

const FAMILIES: readonly Family[] = [
  { id: 'black', name: 'black', toolId: 'airbrush', setupMinutes: 8, keepMinutes: 20, mostMinutes: null, lightness: 10 },
  { id: 'white', name: 'white', toolId: 'airbrush', setupMinutes: 8, keepMinutes: 20, mostMinutes: null, lightness: 95 },
  { id: 'epoxy', name: 'epoxy', toolId: 'cup', setupMinutes: 5, keepMinutes: 10, mostMinutes: 60, lightness: null },
];

/** Random shop-like problems: evenings, spray spells, several clocks, windows that close and reopen, a small rack, shared tools, one printer. */
export const randomProblem = fc
  .record({
    parts: fc.array(
      fc.array(
        fc.record({
          minutes: fc.integer({ min: 0, max: 90 }),
          kind: fc.constantFrom('hand', 'spray', 'split'),
          paint: fc.constantFrom('none', 'black', 'white', 'epoxy'),
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
    prints: fc.array(fc.integer({ min: 1, max: 900 }), { maxLength: 3 }),
  })
  .map(({ parts, rack, hands, rate, from, bond, prints }): PlanProblem => {
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
            familyId: step.kind === 'split' || step.paint === 'none' ? null : step.paint,
            leastChunkMinutes: step.kind === 'split' ? 10 : null,
            demands: [{ resourceId: 'hands', amount: 1 }],
            holds: isSpray ? [{ resourceId: 'rack', amount: 1, clockId: 'cure', progress: 60, ownerId: null }] : [],
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
    prints.slice(0, parts.length).forEach((minutes, part) => {
      const id = `print ${part}`;
      const demands = [{ resourceId: 'printer', amount: 1 }];
      tasks.push(task(id, minutes, { begunInCalendarId: 'hands', demands, dueMinute: 5000 + part * 500 }));
      arcs.push(arc(id, `${part}.0`));
    });
    return problem({
      fromMinute: from,
      horizonMinute: 40 * 1440,
      resources: [
        { id: 'hands', name: 'hands', capacity: hands },
        { id: 'rack', name: 'rack', capacity: rack },
        { id: 'printer', name: 'printer', capacity: 1 },
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
      tools: [
        { id: 'airbrush', name: 'airbrush', darkToLightMinutes: 6 },
        { id: 'cup', name: 'cup', darkToLightMinutes: 0 },
      ],
      families: FAMILIES,
      tasks,
      arcs,
    });
  });
