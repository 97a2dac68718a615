import { describe, expect, it } from 'vitest';
import { checkPlan } from './checkPlan';
import { placeInOrder } from '../place/placeInOrder';
import { prepareProblem } from '../problem/preparedProblem';
import type { Family, PlanProblem, PlanTask } from '../problem/problem';
import { findSessions } from './sessions';
import { arc, at, placesOf, problem, task } from '../testing/problemBuilder';
import { ToolTimeline } from '../place/toolTimeline';

const airbrush = { id: 'airbrush', name: 'airbrush', darkToLightMinutes: 6 };
const family = (id: string, lightness: number | null, change: Partial<Family> = {}): Family => ({
  id,
  name: id,
  toolId: 'airbrush',
  setupMinutes: 8,
  keepMinutes: 20,
  mostMinutes: null,
  lightness,
  ...change,
});
const black = family('black', 10);
const white = family('white', 95);
const shop = (tasks: readonly PlanTask[], change: Partial<PlanProblem> = {}): PlanProblem =>
  problem({ tools: [airbrush], families: [black, white], tasks, ...change });
const coat = (id: string, familyId: string, change: Partial<PlanTask> = {}): PlanTask => task(id, 10, { familyId, ...change });
const solve = (given: PlanProblem, order = given.tasks.map((_, index) => index)) =>
  placesOf(given, placeInOrder(prepareProblem(given), { order }));

describe('work that shares a tool', () => {
  it('is set up for once while it follows closely', () => {
    const places = solve(shop([coat('a', 'black'), coat('b', 'black'), coat('c', 'black')]));
    expect(['a', 'b', 'c'].map((id) => [places.get(id)?.start, places.get(id)?.setupMinutes])).toEqual([
      [8, 8],
      [18, 0],
      [28, 0],
    ]);
  });
  it('is set up for anew after a pause that lets the paint dry in it', () => {
    const later = coat('b', 'black', { notBeforeMinute: 39 });
    expect(solve(shop([coat('a', 'black'), later])).get('b')).toMatchObject({ start: 39, setupMinutes: 8 });
    const inTime = coat('b', 'black', { notBeforeMinute: 38 });
    expect(solve(shop([coat('a', 'black'), inTime])).get('b')).toMatchObject({ start: 38, setupMinutes: 0 });
  });
  it('costs more from dark to light than from light to dark', () => {
    expect(solve(shop([coat('w', 'white'), coat('b', 'black')])).get('b')).toMatchObject({ start: 26, setupMinutes: 8 });
    expect(solve(shop([coat('b', 'black'), coat('w', 'white')])).get('w')).toMatchObject({ start: 32, setupMinutes: 14 });
  });
  it('brings its setup into the same window as its work', () => {
    const calendars = [
      {
        id: 'evening',
        name: 'evening',
        windows: [
          { start: 0, end: 15 },
          { start: 100, end: 200 },
        ],
      },
    ];
    expect(solve(shop([coat('a', 'black', { calendarId: 'evening' })], { calendars })).get('a')).toMatchObject({
      start: 108,
      setupMinutes: 8,
    });
  });
  it('is set up for while its film is still waiting: hands are there', () => {
    const given = shop([task('sand', 5), coat('a', 'black')], { arcs: [arc('sand', 'a', [{ lo: 20, hi: null }])] });
    expect(solve(given).get('a')).toMatchObject({ start: 25, setupMinutes: 8 });
  });
  it('does not go between two of a session, where that would break it', () => {
    const given = shop([coat('a', 'black'), coat('b', 'black', { notBeforeMinute: 30 }), coat('w', 'white')]);
    const places = solve(given);
    expect(places.get('b')).toMatchObject({ start: 30, setupMinutes: 0 });
    expect(places.get('w')?.start).toBe(40 + 14);
  });
  it('ends with the life of its batch: two-part work is mixed again', () => {
    const epoxy = family('epoxy', null, { mostMinutes: 25, keepMinutes: 10, setupMinutes: 5 });
    const given = problem({ tools: [airbrush], families: [epoxy], tasks: ['a', 'b', 'c'].map((id) => coat(id, 'epoxy')) });
    const places = solve(given);
    expect(['a', 'b', 'c'].map((id) => places.get(id)?.setupMinutes)).toEqual([5, 0, 5]);
  });
  it('is taken up with what cannot stand without it: a coat moved for its window takes its session along', () => {
    // a and b share a session; a must be moved to 300 for its second coat, and b may not stay behind without a setup.
    const given = shop(
      [task('busy', 250, { fixed: { start: 45, end: 295 } }), coat('a', 'black'), coat('b', 'black'), coat('a2', 'white', { minutes: 20 })],
      { arcs: [arc('a', 'a2', [{ lo: 10, hi: 60 }])] },
    );
    const places = solve(given);
    expect(places.get('a')?.start).toBeGreaterThanOrEqual(295);
    expect(checkPlan(given, { placements: [...places.values()], unplaced: [] })).toEqual([]);
  });
});

describe('a tool’s line', () => {
  it('gives a fit between two uses only where the later one stays sound', () => {
    const line = new ToolTimeline(airbrush);
    line.add(0, black, 8, 8, 18);
    line.add(1, black, 0, 38, 48);
    // Black fits into the pause without a setup; white would break the session and goes behind it.
    expect(line.firstFit(0, 10, black, true)).toEqual({ start: 18, setup: 0 });
    expect(line.firstFit(0, 5, white, true)).toEqual({ start: 62, setup: 14 });
    expect(line.firstFit(0, 10, black, false)).toEqual({ start: 62, setup: 14 });
  });
  it('tells which use cannot stand once another is gone', () => {
    const line = new ToolTimeline(airbrush);
    line.add(0, black, 8, 8, 18);
    line.add(1, black, 0, 20, 30);
    line.add(2, black, 0, 32, 42);
    expect(line.remove(1)).toBeNull();
    expect(line.remove(0)).toBe(2);
    expect(line.remove(7)).toBeNull();
  });
});

describe('the sessions of a plan', () => {
  it('group what shares a setup, in order', () => {
    const given = shop([coat('a', 'black'), coat('b', 'black'), coat('w', 'white')]);
    const sessions = findSessions(given, [at('b', 18, 28), at('w', 42, 52, 14), at('a', 8, 18, 8)]);
    expect(sessions.get('a')).toMatchObject({ familyName: 'black', toolName: 'airbrush', place: 0, count: 2 });
    expect(sessions.get('b')).toMatchObject({ id: sessions.get('a')?.id, place: 1 });
    expect(sessions.get('w')).toMatchObject({ familyName: 'white', place: 0, count: 1 });
  });
});

describe('the checker, on a tool', () => {
  const given = shop([coat('a', 'black'), coat('b', 'black'), coat('w', 'white')]);
  it.each([
    ['no setup at all', [at('a', 8, 18)]],
    ['a session that goes on after too long a pause', [at('a', 8, 18, 8), at('b', 60, 70)]],
    ['another colour without a setup', [at('a', 8, 18, 8), at('w', 20, 30)]],
    ['too little cleaning before a lighter colour', [at('a', 8, 18, 8), at('w', 40, 50, 8)]],
    ['two at once', [at('a', 8, 18, 8), at('w', 26, 36, 14)]],
  ])('sees %s', (_, placements) =>
    expect(checkPlan(given, { placements, unplaced: [] }).map((violation) => violation.rule)).toContain('session'),
  );
  it('finds nothing wrong where nothing is', () =>
    expect(checkPlan(given, { placements: [at('a', 8, 18, 8), at('b', 25, 35), at('w', 49, 59, 14)], unplaced: [] })).toEqual([]));
});
