import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkPlan } from '../judge/checkPlan';
import { placeInOrder } from '../place/placeInOrder';
import { prepareProblem } from '../problem/preparedProblem';
import type { PlanProblem } from '../problem/problem';
import { domainInstance } from '../testing/domainInstance';
import { arc, placesOf, problem, task, wall } from '../testing/problemBuilder';
import { randomProblem } from '../testing/randomProblem';
import { dryPlan } from './dryPlan';
import { drawFortune } from './fortune';
import { OrderPlayer } from './orderPlayer';
import { readPlayTables } from './playTables';

const playerOf = (given: PlanProblem): OrderPlayer => new OrderPlayer(readPlayTables(prepareProblem(given)));
const dry = (given: PlanProblem, keys: readonly number[] = given.tasks.map((_, index) => index)) => dryPlan(playerOf(given), keys);
const starts = (given: PlanProblem, keys?: readonly number[]): Record<string, number> =>
  Object.fromEntries([...placesOf(given, dry(given, keys))].map(([id, { start }]) => [id, start]));

describe('an order played at expected minutes', () => {
  it('breaks no rule, whatever the order (property)', () => {
    fc.assert(
      fc.property(randomProblem, fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })), (given, stream) => {
        const prepared = prepareProblem(given);
        const keys = given.tasks.map(() => stream.next().value ?? 0);
        const unplaced = new Set(
          placeInOrder(prepared, { order: given.tasks.map((_, index) => index) }).unplaced.map((entry) => entry.taskId),
        );
        const skipped = Uint8Array.from(given.tasks, (entry) => (unplaced.has(entry.id) ? 1 : 0));
        const player = new OrderPlayer(readPlayTables(prepared));
        const plan = dryPlan(player, keys, skipped);
        // A window that hands could not be free for is scuffed a day later, which no plan may do: such an order is decoded instead.
        if (player.missed > 0) return;
        expect(checkPlan(given, plan)).toEqual([]);
        expect(plan.placements.length + plan.unplaced.length).toBe(given.tasks.length);
      }),
      { numRuns: 300 },
    );
  });

  it('breaks no rule and misses hardly a window in whole shops, of some twenty that close in each', () => {
    let missed = 0;
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      const given = domainInstance(seed, { parts: 12, rungs: 12 });
      const player = playerOf(given);
      const plan = dryPlan(
        player,
        given.tasks.map((_, index) => index),
      );
      expect(plan.unplaced).toEqual([]);
      if (player.missed === 0) expect(checkPlan(given, plan)).toEqual([]);
      missed += player.missed;
    }
    expect(missed).toBeLessThan(4);
  });

  it('goes on with what is under way, wherever the order has it', () => {
    const given = problem({ tasks: [task('other', 30), task('in hand', 20, { isUnderWay: true })] });
    expect(starts(given, [0, 1])).toEqual({ 'in hand': 0, other: 20 });
  });

  it('plays the same however often it has played other fortunes before', () => {
    const given = domainInstance(2, { parts: 6, rungs: 8 });
    const player = playerOf(given);
    const keys = given.tasks.map((_, index) => index);
    const first = dryPlan(player, keys);
    const spreads = given.tasks.map(() => ({ low: 0.5, mode: 1, high: 2, againChance: 0.1, againShare: 0.5 }));
    for (let nth = 0; nth < 20; nth += 1) player.play(keys, drawFortune(player.tables, { spreads }, nth));
    expect(dryPlan(player, keys)).toEqual(first);
  });
});

describe('what comes before the order', () => {
  const evenings = [0, 1, 2].map((day) => ({ start: day * 1440, end: day * 1440 + 120 }));
  const evening = { calendars: [{ id: 'evening', name: 'evening', windows: evenings }] };
  const inEvening = { calendarId: 'evening' };

  it('a coat is not laid when its next one cannot be in time', () => {
    const given = problem({
      ...evening,
      tasks: [task('sand', 70, inEvening), task('coat 1', 10, inEvening), task('coat 2', 10, inEvening)],
      arcs: [arc('coat 1', 'coat 2', [{ lo: 50, hi: 90 }])],
    });
    // After sanding, coat 1 would end at 80 and coat 2 could begin at 130: the evening is over by then.
    expect(starts(given)).toEqual({ sand: 0, 'coat 1': 1440, 'coat 2': 1500 });
    // Coats first: sanding is over while the window is still open.
    expect(starts(given, [1, 0, 0])).toEqual({ 'coat 1': 0, sand: 10, 'coat 2': 80 });
    // Were it open for ten minutes only, sanding would wait.
    const narrow = { ...given, arcs: [arc('coat 1', 'coat 2', [{ lo: 50, hi: 60 }])] };
    expect(starts(narrow, [1, 0, 0])).toEqual({ 'coat 1': 0, 'coat 2': 60, sand: 1440 });
  });

  it('three coats that close upon each other are begun only when all three can be laid', () => {
    const window = [{ lo: 10, hi: 60 }];
    const given = problem({
      ...evening,
      tasks: [task('sand', 60, inEvening), ...[1, 2, 3].map((nth) => task(`coat ${nth}`, 20, inEvening))],
      arcs: [arc('coat 1', 'coat 2', window), arc('coat 2', 'coat 3', window)],
    });
    // 20 + 10 + 20 + 10 + 20 minutes do not fit in the hour that is left.
    expect(starts(given)).toEqual({ sand: 0, 'coat 1': 1440, 'coat 2': 1470, 'coat 3': 1500 });
  });

  it('nothing keeps hands beyond the last moment of a window that runs; what may be set down is set down', () => {
    const split = problem({
      tasks: [task('coat 1', 10), task('sand', 100, { leastChunkMinutes: 10 }), task('coat 2', 10)],
      arcs: [arc('coat 1', 'coat 2', [{ lo: 30, hi: 40 }])],
    });
    const { sand, 'coat 2': second } = Object.fromEntries(placesOf(split, dry(split)));
    expect(sand?.chunks).toEqual([
      { start: 10, end: 50 },
      { start: 60, end: 120 },
    ]);
    expect(second?.start).toBe(50);
  });

  it('what is locked to a time has its hands then', () => {
    const given = problem({ tasks: [task('long', 60), task('locked', 10, { fixed: { start: 30, end: 40 } }), task('short', 20)] });
    expect(starts(given)).toEqual({ short: 0, locked: 30, long: 40 });
  });

  it('work too long for this window waits for the one that holds it', () => {
    const windows = [
      { start: 0, end: 60 },
      { start: 500, end: 540 },
      { start: 900, end: 1100 },
    ];
    const given = problem({ calendars: [{ id: 'odd', name: 'odd', windows }], tasks: [task('long', 90, { calendarId: 'odd' })] });
    expect(starts(given)).toEqual({ long: 900 });
    // In a play too, also where it comes to be a little longer than thought.
    const player = playerOf(given);
    player.play([0], { minutes: Float64Array.of(95), drying: new Float64Array(), isLost: new Uint8Array(3) });
    expect(player.ends[0]).toBe(995);
  });

  it('work longer than any window, when the last one has begun, never comes to be, and the play ends', () => {
    const calendars = [
      { id: 'short', name: 'short', windows: [{ start: 100, end: 160 }] },
      { id: 'other', name: 'other', windows: [{ start: 0, end: 500 }] },
    ];
    const given = problem({ calendars, tasks: [task('first', 10, { calendarId: 'short' }), task('long', 90, { calendarId: 'short' })] });
    const player = playerOf(given);
    player.play([0, 1], { minutes: Float64Array.of(10, 90), drying: new Float64Array(), isLost: new Uint8Array(2) });
    expect(player.ends[0]).toBe(110);
    expect(player.undone).toBe(1);
  });

  it('work no stretch of which is worth taking up by plan is done in a play all the same, bit by bit', () => {
    const windows = [0, 100, 200, 300].map((start) => ({ start, end: start + 7 }));
    const given = problem({
      calendars: [{ id: 'short', name: 'short', windows }],
      tasks: [task('sand', 12, { calendarId: 'short', leastChunkMinutes: 10 })],
    });
    expect(dry(given).unplaced.map(({ taskId }) => taskId)).toEqual(['sand']);
    const player = playerOf(given);
    player.play([0], { minutes: Float64Array.of(12), drying: new Float64Array(), isLost: new Uint8Array(4) });
    expect(player.ends[0]).toBe(105);
  });

  it('work that has no room for getting ready, and nothing else to open its session, waits for the next window', () => {
    const windows = [
      { start: 0, end: 60 },
      { start: 1440, end: 1500 },
    ];
    const given = problem({
      calendars: [{ id: 'evening', name: 'evening', windows }],
      tools: [{ id: 'gun', name: 'gun', darkToLightMinutes: 0 }],
      families: [{ id: 'paint', name: 'paint', toolId: 'gun', setupMinutes: 5, keepMinutes: 30, mostMinutes: null, lightness: null }],
      tasks: [task('sand', 10), task('coat', 2, { calendarId: 'evening', familyId: 'paint' })],
      arcs: [arc('sand', 'coat', [{ lo: 49, hi: null }])],
    });
    // At 54 there are six minutes left: two for the coat, none for the five of getting ready.
    expect(starts(given)).toEqual({ sand: 0, coat: 1445 });
  });

  it.each([
    [1, 12],
    [3, 12],
  ])('all that fits some hours is done in every play, whatever they bring: %i parts of %i rungs', (parts, rungs) => {
    for (let seed = 1; seed <= 10; seed += 1) {
      const player = playerOf(domainInstance(seed, { parts, rungs }));
      const { tables } = player;
      const spreads = Array.from({ length: tables.count }, () => ({ low: 0.5, mode: 1, high: 2, againChance: 0.1, againShare: 0.5 }));
      const undone = Array.from({ length: 60 }, (_, nth) => {
        player.play([...spreads.keys()], drawFortune(tables, { spreads }, nth));
        return player.undone;
      });
      expect(undone.filter((left) => left > 0)).toEqual([]);
    }
  });

  it('work without hands takes none', () => {
    const given = problem({
      tasks: [task('print', 600, { demands: [] }), task('sand', 60), task('prime', 30)],
      arcs: [arc('print', 'prime')],
    });
    expect(starts(given)).toEqual({ print: 0, sand: 0, prime: 600 });
  });
});

describe('a place on the rack', () => {
  const rack = {
    resources: [
      { id: 'hands', name: 'hands', capacity: 1 },
      { id: 'rack', name: 'rack', capacity: 1 },
    ],
    clocks: [wall],
  };
  const hold = (progress: number, ownerId: string | null) => ({
    holds: [{ resourceId: 'rack', amount: 1, clockId: 'wall', progress, ownerId }],
  });
  const coats = (ownerId: string | null) =>
    problem({
      ...rack,
      tasks: [task('coat 1', 10, hold(60, ownerId)), task('coat 2', 10, hold(120, ownerId)), task('other', 10, hold(60, 'other'))],
      arcs: [arc('coat 1', 'coat 2', [{ lo: 20, hi: null }])],
    });

  it('is kept by the next coat of the same part, which needs no second one', () => {
    expect(starts(coats('part'))).toEqual({ 'coat 1': 0, 'coat 2': 30, other: 160 });
    expect(starts(coats(null))).toEqual({ 'coat 1': 0, 'coat 2': 70, other: 200 });
  });

  it('is the same to the decoder and to the checker', () => {
    const given = coats('part');
    const places = placesOf(given, placeInOrder(prepareProblem(given), { order: [0, 1, 2] }));
    expect([...places.values()].map(({ start }) => start)).toEqual([0, 30, 150]);
  });
});
