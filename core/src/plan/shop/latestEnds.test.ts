import { describe, expect, it } from 'vitest';
import { buildAirTimeline } from '../../climate/airTimeline';
import { minuteAfter } from '../../cure/clockTable';
import { createCureTables } from '../../cure/cureTables';
import { dryingKind } from '../../cure/dryingKind';
import { film, MINUTE, NOW, part, rung } from '../testing/shopBuilder';
import { gatherClocks } from './gatherClocks';
import { buildLadderArcs } from './ladderArcs';
import { latestEnds } from './latestEnds';
import type { PlanRung } from './shopPlanInput';

const DAY = 1440 * MINUTE;
const tablesIn = (meanCelsius: number) => {
  const typical = { meanCelsius, swingCelsius: 0, warmestHour: 15, meanHumidityPercent: 50, swingHumidityPercent: 0, utcOffsetMinutes: 0 };
  return createCureTables(buildAirTimeline([], [], typical), NOW - 10 * DAY, NOW + DAY);
};
const WARM = tablesIn(23);
/** Minutes before the moment that was told, bottom first. */
function before(rungs: readonly PlanRung[], told: readonly string[], tables = WARM): number[] {
  return [...latestEnds([part('a', rungs)], [], told, NOW, tables).values()].map(({ endMs }) => (NOW - endMs) / MINUTE);
}

describe('when what is told afterwards was done', () => {
  it('is the moment told for the last, and for those before it by hands without a pause where nothing had to dry', () => {
    const rungs = [rung('c', 'cut'), rung('s', 'sand'), rung('f', 'fit')];
    expect(before(rungs, ['c', 's', 'f'])).toEqual([20, 10, 0]);
    expect(before(rungs, ['c', 's'])).toEqual([10, 0]);
  });
  it('leaves a film as old as what came on it needed (class table: primer sands after 60 min; in the cold by its clock)', () => {
    const primed = [rung('p', 'prime', { classId: 'primer' }), rung('s', 'primeSand')];
    // Sanded for ten minutes until now, begun when the primer was 60 minutes old.
    expect(before(primed, ['p', 's'])).toEqual([70, 0]);
    const rate = dryingKind(film('primer').drying.kind).rates.hardening({ temperatureCelsius: 13, relativeHumidityPercent: 50 });
    expect(rate).toBeLessThan(0.7);
    expect(before(primed, ['p', 's'], tablesIn(13))).toEqual([10 + Math.ceil(60 / rate), 0]);
    expect(before([rung('p', 'prime', { classId: 'primer' })], ['p'])).toEqual([0]);
  });
  it('holds every wait of the plan’s own arcs, and not a minute more than the longest', () => {
    const rungs = [
      rung('w', 'wash'),
      rung('p', 'prime', { classId: 'primer' }),
      rung('q', 'prime', { classId: 'primer' }),
      rung('s', 'primeSand', { minutes: 45 }),
      rung('b', 'sprayCoat', { classId: 'lacquerColour' }),
      rung('c', 'sprayCoat', { classId: 'lacquerColour' }),
      rung('m', 'mask'),
      rung('e', 'sprayCoat', { classId: 'enamelColour' }),
    ];
    const tables = tablesIn(17);
    const ends = latestEnds(
      [part('a', rungs)],
      [],
      rungs.map(({ id }) => id),
      NOW,
      tables,
    );
    const clocks = new Map(gatherClocks(rungs, tables, NOW / MINUTE).map(({ id, table }) => [id, table]));
    const slack = new Map<string, number>();
    for (const { from, to, clockId, pieces } of buildLadderArcs(part('a', rungs), tables)) {
      const clock = clocks.get(clockId);
      if (!clock) throw new Error(clockId);
      const opens = minuteAfter(clock, (ends.get(from)?.endMs ?? 0) / MINUTE, pieces[0]?.lo ?? 0);
      const start = (ends.get(to)?.endMs ?? 0) / MINUTE - (rungs.find(({ id }) => id === to)?.minutes ?? 0);
      expect([from, to, start - opens >= -1e-6]).toEqual([from, to, true]);
      slack.set(from, Math.min(slack.get(from) ?? Infinity, start - opens));
    }
    for (const [from, least] of slack) expect([from, least < 3]).toEqual([from, true]);
  });
  it('is not after what was logged above it already, wherever that stands among what is told', () => {
    const rungs = [rung('c', 'cut'), rung('s', 'sand', { status: { kind: 'done', endMs: NOW - 300 * MINUTE } }), rung('f', 'fit')];
    expect(before(rungs, ['c', 'f'])).toEqual([300, 0]);
    expect(before(rungs, ['c'])).toEqual([300]);
  });
  it('says where what was logged before left less time than hands and films need', () => {
    const rushed = (minutesAgo: number): readonly string[] => {
      const rungs = [
        rung('p', 'prime', { classId: 'primer', status: { kind: 'done', endMs: NOW - minutesAgo * MINUTE } }),
        rung('s', 'primeSand'),
        rung('b', 'sprayCoat', { classId: 'lacquerColour' }),
      ];
      return [...latestEnds([part('a', rungs)], [], ['s', 'b'], NOW, WARM)].flatMap(([id, { isRushed }]) => (isRushed ? [id] : []));
    };
    // Sanded from twenty to ten minutes ago: the primer sands after 60 (class table).
    expect(rushed(90)).toEqual([]);
    expect(rushed(71)).toEqual([]);
    expect(rushed(65)).toEqual(['s']);
    // Logged two minutes ago there was no time for the sanding either, and a coat goes on it after ten.
    expect(rushed(2)).toEqual(['s', 'b']);
  });
  it('is not before what was logged already, and looks at no rung above', () => {
    const rungs = [
      rung('c', 'cut', { status: { kind: 'done', endMs: NOW - 30 * MINUTE } }),
      rung('p', 'prime', { classId: 'primer' }),
      rung('s', 'primeSand'),
      rung('b', 'sprayCoat', { classId: 'lacquerColour' }),
    ];
    expect(before(rungs, ['p', 's'])).toEqual([30, 0]);
    expect(film('primer').drying.sandMinutes).toBe(60);
  });
  describe('of parts that are joined', () => {
    const join = { id: 'j', hostPartId: 'a', hostRungId: 'bond', guestPartId: 'g', guestRungId: null };
    const joined = (host: readonly PlanRung[], guest: readonly PlanRung[], told: readonly string[]) =>
      Object.fromEntries(
        [...latestEnds([part('a', host), part('g', guest)], [join], told, NOW, WARM)].map(([id, { endMs }]) => [
          id,
          (NOW - endMs) / MINUTE,
        ]),
      );
    it('goes on with one pair of hands: what both ladders asked for was done one after the other', () => {
      const ends = joined(
        [rung('cut', 'cut'), rung('bond', 'dryFit')],
        [rung('saw', 'cut'), rung('file', 'sand')],
        ['cut', 'saw', 'file', 'bond'],
      );
      expect(ends['bond']).toBe(0);
      expect([ends['cut'], ends['saw'], ends['file']].sort()).toEqual([10, 20, 30]);
      expect(ends['saw']).toBeGreaterThan(ends['file'] ?? Infinity);
    });
    it('leaves the films of both as old as joining them needed (class table: enamel is handled after 6 h)', () => {
      const ends = joined(
        [rung('cut', 'cut'), rung('bond', 'dryFit')],
        [rung('paint', 'sprayCoat', { classId: 'enamelColour' })],
        ['cut', 'paint', 'bond'],
      );
      expect(ends).toEqual({ bond: 0, cut: 10, paint: 10 + 360 });
    });
    it('keeps what was logged of either: nothing is before what it came after, or after what came of it', () => {
      const done = (minutes: number) => ({ kind: 'done', endMs: NOW - minutes * MINUTE }) as const;
      const late = joined([rung('bond', 'dryFit')], [rung('saw', 'cut', { status: done(40) }), rung('file', 'sand')], ['file', 'bond']);
      expect(late).toEqual({ file: 10, bond: 0 });
      const early = joined([rung('bond', 'dryFit', { status: done(300) })], [rung('saw', 'cut'), rung('file', 'sand')], ['saw', 'file']);
      // It was filed before it was bonded, and sawn before that.
      expect(early).toEqual({ saw: 310, file: 300 });
      const after = latestEnds(
        [
          part('a', [rung('bond', 'dryFit', { status: done(5) })]),
          part('g', [rung('saw', 'cut'), rung('oil', 'sand'), rung('wax', 'sand')]),
        ],
        [{ ...join, guestRungId: 'saw' }],
        ['oil', 'wax'],
        NOW,
        WARM,
      );
      expect([...after.values()].map(({ endMs }) => (NOW - endMs) / MINUTE)).toEqual([5, 0]);
    });
  });
});
