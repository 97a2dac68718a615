import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildAirTimeline } from '../../climate/airTimeline';
import { buildClockTable } from '../../cure/clockTable';
import { createCureTables } from '../../cure/cureTables';
import { createExplainer } from '../judge/explainPlacement';
import { buildJoinArcs } from './joinArcs';
import { buildLadderArcs, WALL_CLOCK } from './ladderArcs';
import { arcSpans, leastEndFor, prepareProblem } from '../problem/preparedProblem';
import type { PlanArc, PlanProblem, PlanTask } from '../problem/problem';
import type { PlanPart, PlanRung } from './shopPlanInput';
import { at, problem, task } from '../testing/problemBuilder';
import { rung as shopRung } from '../testing/shopBuilder';
import { firstFit, firstWindowAfter } from '../problem/windowSearch';

const NOW = Date.parse('2026-05-28T08:00:00Z');
const AIR = buildAirTimeline([], [], {
  meanCelsius: 23,
  swingCelsius: 0,
  warmestHour: 15,
  meanHumidityPercent: 50,
  swingHumidityPercent: 0,
  utcOffsetMinutes: 0,
});
const TABLES = createCureTables(AIR, NOW - 5 * 86_400_000, NOW + 5 * 86_400_000);

function rung(id: string, methodId: string, classId: string | null = null, change: Partial<PlanRung> = {}): PlanRung {
  return shopRung(id, methodId, { ...(classId === null ? {} : { classId }), ...change });
}
const part = (rungs: readonly PlanRung[], id = 'part'): PlanPart => ({
  id,
  propId: 'prop',
  name: id,
  rackPlaces: 1,
  pieces: 1,
  print: null,
  rungs,
});
const tell = (arcs: readonly PlanArc[]): string[] =>
  arcs.map(
    (arc) =>
      `${arc.from}→${arc.to} ${arc.clockId === WALL_CLOCK ? 'after' : `${arc.clockId} ${arc.pieces.map((piece) => `${piece.lo}–${piece.hi ?? ''}`).join('|')}`}`,
  );

describe('the arcs of a ladder', () => {
  it('keep order and wait for the film beneath', () => {
    expect(tell(buildLadderArcs(part([rung('p', 'prime', 'primer'), rung('s', 'primeSand')]), TABLES))).toEqual([
      'p→s after',
      'p→s solvent hardening 60–',
    ]);
  });
  it('wait for slower films further down as well, each on its own clock', () => {
    const arcs = tell(
      buildLadderArcs(part([rung('e', 'sprayCoat', 'enamelColour'), rung('l', 'clear', 'lacquerClear'), rung('m', 'mask')]), TABLES),
    );
    expect(arcs).toContain('e→m oxidation 1440–');
    expect(arcs).toContain('l→m solvent hardening 120–');
    expect(arcs).toContain('e→l oxidation 10–60|2880–');
  });
  it('forget the close of a window once the film was roughened', () => {
    const arcs = tell(
      buildLadderArcs(
        part([rung('e', 'sprayCoat', 'enamelColour'), rung('s', 'primeSand'), rung('f', 'sprayCoat', 'enamelColour')]),
        TABLES,
      ),
    );
    expect(arcs).toContain('e→f oxidation 10–');
  });
  it('let the later coat of a product stand for the earlier one', () => {
    const arcs = tell(buildLadderArcs(part([rung('1', 'prime', 'primer'), rung('2', 'prime', 'primer'), rung('m', 'mask')]), TABLES));
    expect(arcs.filter((arc) => arc.includes('→m') && !arc.endsWith('after'))).toEqual(['2→m solvent hardening 240–']);
  });
  it('count what was laid and could be handled before the next coat as a film of its own', () => {
    const done = (id: string, minutesAgo: number): PlanRung =>
      rung(id, 'prime', 'primer', { status: { kind: 'done', endMs: NOW - minutesAgo * 60_000 } });
    const apart = tell(buildLadderArcs(part([done('1', 300), done('2', 10), rung('s', 'primeSand')]), TABLES));
    const together = tell(buildLadderArcs(part([done('1', 20), done('2', 10), rung('s', 'primeSand')]), TABLES));
    expect(apart).toEqual(['2→s solvent hardening 60–']);
    expect(together).toEqual(['2→s solvent hardening 120–']);
  });
  it('ask nothing of what is in hand but its order, and nothing of what is left out', () => {
    const held = rung('s', 'primeSand', null, { status: { kind: 'begun', workedMinutes: 3, isInHand: true, doerId: null } });
    expect(tell(buildLadderArcs(part([rung('p', 'prime', 'primer'), held]), TABLES))).toEqual(['p→s after']);
    const out = rung('o', 'primeSand', null, { status: { kind: 'leftOut' } });
    expect(tell(buildLadderArcs(part([rung('a', 'cut'), out, rung('b', 'cut')]), TABLES))).toEqual(['a→b after']);
  });
  it('offer a last way out where a laid film’s only window may have closed', () => {
    const laid = rung('c', 'brushFilm', 'contactCement', { status: { kind: 'done', endMs: NOW - 10 * 60_000 } });
    const [arc] = buildLadderArcs(part([laid, rung('d', 'brushFilm', 'contactCement')]), TABLES);
    expect(arc?.pieces).toEqual([
      { lo: 15, hi: 60 },
      { lo: 1440, hi: null, clockId: 'solvent hardening' },
    ]);
    expect(arc?.reason).toEqual({ kind: 'missedWindow', filmName: 'contact cement' });
  });
});

describe('the arcs of a join', () => {
  const host = part([rung('h1', 'cut'), rung('bond', 'bond', 'epoxyGlue')], 'host');
  const guest = part([rung('g1', 'prime', 'primer'), rung('g2', 'cut')], 'guest');
  const parts = new Map([host, guest].map((entry) => [entry.id, entry]));
  const join = { id: 'j', hostPartId: 'host', hostRungId: 'bond', guestPartId: 'guest', guestRungId: 'g1' as string | null };
  it('bring the guest’s film to where it can be handled, and let its rest wait for the glue', () => {
    expect(tell(buildJoinArcs(join, parts, TABLES))).toEqual([
      'g1→bond after',
      'g1→bond solvent drying 60–',
      'bond→g2 after',
      'bond→g2 twoPart 20–',
    ]);
  });
  it('take the whole guest where none of its rungs is named', () =>
    expect(tell(buildJoinArcs({ ...join, guestRungId: null }, parts, TABLES))).toEqual(['g2→bond after', 'g1→bond solvent drying 60–']));
  it('are none where host or guest is not there', () => {
    expect(buildJoinArcs({ ...join, hostPartId: 'ghost' }, parts, TABLES)).toEqual([]);
    expect(buildJoinArcs({ ...join, guestPartId: 'ghost' }, parts, TABLES)).toEqual([]);
  });
});

describe('windows', () => {
  const windows = [
    { start: 10, end: 20 },
    { start: 30, end: 70 },
  ];
  it('are found by their ends', () =>
    expect([firstWindowAfter(windows, 0), firstWindowAfter(windows, 20), firstWindowAfter(windows, 70)]).toEqual([0, 1, 2]));
  it('are used where the work fits whole', () => {
    expect([firstFit(windows, 0, 10), firstFit(windows, 11, 10), firstFit(windows, 40, 31), firstFit(null, 7, 999)]).toEqual([
      10,
      30,
      Infinity,
      7,
    ]);
  });
  it('give the first fitting start there is (property)', () => {
    const list = fc.array(fc.tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 20 })), { maxLength: 8 }).map((gaps) => {
      let at = 0;
      return gaps.map(([gap, length]) => ({ start: (at += gap), end: (at += length) }));
    });
    fc.assert(
      fc.property(list, fc.integer({ min: 0, max: 200 }), fc.integer({ min: 1, max: 15 }), (spans, from, minutes) => {
        const fits = (start: number): boolean => spans.some((span) => span.start <= start && start + minutes <= span.end);
        const expected = Array.from({ length: 400 }, (_, i) => from + i).find(fits) ?? Infinity;
        expect(firstFit(spans, from, minutes)).toBe(expected);
      }),
    );
  });
});

function problemOf(tasks: readonly PlanTask[], arcs: readonly PlanArc[] = []): PlanProblem {
  const clocks = [
    { id: 'wall', table: buildClockTable(0, 1440, 10, () => 1) },
    { id: 'half', table: buildClockTable(0, 1440, 10, () => 0.5) },
  ];
  const calendars = [{ id: 'late', name: 'late', windows: [{ start: 100, end: 200 }] }];
  return problem({ horizonMinute: 10_000, calendars, clocks, tasks, arcs });
}

describe('an arc on its clock', () => {
  const arc = (pieces: PlanArc['pieces']) => {
    const [prepared] = prepareProblem(
      problemOf([task('a', 10), task('b', 10)], [{ from: 'a', to: 'b', clockId: 'half', pieces, reason: { kind: 'order' } }]),
    ).arcs;
    if (!prepared) throw new Error('no arc');
    return prepared;
  };
  it('opens when the clock has gained enough, in whole minutes', () =>
    expect(arcSpans(arc([{ lo: 5.2, hi: null }]), 100)).toEqual([{ start: 111, end: Infinity }]));
  it('has a span for each piece, soonest first', () =>
    expect(
      arcSpans(
        arc([
          { lo: 5, hi: 10 },
          { lo: 50, hi: null },
        ]),
        100,
      ),
    ).toEqual([
      { start: 110, end: 120 },
      { start: 200, end: Infinity },
    ]));
  it('never opens before its predecessor ends', () => expect(arcSpans(arc([{ lo: 0, hi: 10 }]), 100)).toEqual([{ start: 100, end: 120 }]));
  it('knows the least end from which a start is still in time', () => {
    expect(leastEndFor(arc([{ lo: 0, hi: 10 }]), 200, 0)).toBe(180);
    expect(leastEndFor(arc([{ lo: 0, hi: null }]), 200, 0)).toBe(Number.NEGATIVE_INFINITY);
  });
  it('never opens where its clock stands still', () => {
    const still: PlanProblem = {
      ...problemOf(
        [task('a', 10), task('b', 10)],
        [{ from: 'a', to: 'b', clockId: 'wall', pieces: [{ lo: 1, hi: null }], reason: { kind: 'order' } }],
      ),
      clocks: [{ id: 'wall', table: buildClockTable(0, 1440, 10, () => 0) }],
    };
    const [stopped] = prepareProblem(still).arcs;
    expect(stopped && arcSpans(stopped, 0)[0]?.start).toBe(Infinity);
  });
  it('refuses to be made for a task that is not there', () => {
    expect(() =>
      prepareProblem(
        problemOf([task('a', 10)], [{ from: 'a', to: 'ghost', clockId: 'wall', pieces: [{ lo: 0, hi: null }], reason: { kind: 'order' } }]),
      ),
    ).toThrow(RangeError);
  });
});

describe('explanations', () => {
  it('tell the last wait first and say that it is what binds', () => {
    const given = problemOf(
      [task('a', 10), task('b', 10)],
      [
        {
          from: 'a',
          to: 'b',
          clockId: 'half',
          pieces: [{ lo: 10, hi: null }],
          reason: { kind: 'film', milestone: 'sand', filmName: 'Primer' },
        },
      ],
    );
    const reasons = createExplainer(given, [at('a', 0, 10), at('b', 30, 40)]).explain('b');
    expect(reasons?.binding).toBe('waits');
    expect(reasons?.waits[0]).toMatchObject({ minute: 30, cause: { kind: 'arc', fromTaskId: 'a' } });
  });
  it('tell the calendar where it was closed, and the work the hands were at where they were busy', () => {
    const given = problemOf([task('a', 10, { calendarId: 'late' }), task('b', 10)]);
    expect(createExplainer(given, [at('a', 100, 110), at('b', 0, 10)]).explain('a')?.binding).toBe('calendar');
    expect(createExplainer(given, [at('a', 100, 110), at('b', 0, 10)]).explain('b')).toMatchObject({
      binding: 'waits',
      busyWithTaskId: null,
    });
    const busy = problemOf([task('a', 10), task('b', 10)]);
    expect(createExplainer(busy, [at('a', 0, 10), at('b', 10, 20)]).explain('b')).toMatchObject({ binding: 'busy', busyWithTaskId: 'a' });
  });
  it('tell a pin, and nothing of what has no place', () => {
    const given = problemOf([task('a', 10, { notBeforeMinute: 50 })]);
    expect(createExplainer(given, [at('a', 50, 60)]).explain('a')?.waits[0]).toEqual({ minute: 50, cause: { kind: 'pinned' } });
    expect(createExplainer(given, []).explain('a')).toBeNull();
  });
  it('name the piece that was used, not one that was not', () => {
    const given = problemOf(
      [task('a', 10), task('b', 10)],
      [
        {
          from: 'a',
          to: 'b',
          clockId: 'wall',
          pieces: [
            { lo: 10, hi: 60 },
            { lo: 1440, hi: null },
          ],
          reason: { kind: 'order' },
        },
      ],
    );
    expect(createExplainer(given, [at('a', 0, 10), at('b', 1450, 1460)]).explain('b')?.waits[0]?.minute).toBe(1450);
    expect(createExplainer(given, [at('a', 0, 10), at('b', 40, 50)]).explain('b')?.waits[0]?.minute).toBe(20);
  });
});
