import fc from 'fast-check';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { ruleTimes } from './occurrences';

const at = (text: string): ICAL.Time => ICAL.Time.fromDateTimeString(text);
const from = at('2026-05-01T00:00:00');
const to = at('2026-09-01T00:00:00');
const isPast = (time: ICAL.Time): boolean => time.compare(to) >= 0;
const isBefore = (time: ICAL.Time): boolean => time.compare(from) < 0;

describe('the times a rule falls on', () => {
  it('are those it falls on when every turn from its start is looked at (property)', () => {
    const rules = [
      'FREQ=DAILY',
      'FREQ=DAILY;INTERVAL=3;BYDAY=MO,SA',
      'FREQ=DAILY;INTERVAL=7;BYMONTHDAY=-1,5',
      'FREQ=WEEKLY',
      'FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TH',
      'FREQ=WEEKLY;INTERVAL=3;BYDAY=SU,MO;WKST=SU',
      'FREQ=WEEKLY;INTERVAL=2;BYDAY=SU,WE;WKST=MO;UNTIL=20260715T000000',
      'FREQ=HOURLY;INTERVAL=7',
      'FREQ=MONTHLY;BYDAY=-1FR',
      'FREQ=YEARLY;BYMONTH=6,7;BYMONTHDAY=9',
      'FREQ=WEEKLY;COUNT=900',
      'FREQ=DAILY;COUNT=4000;BYDAY=MO,TU,FR',
    ];
    fc.assert(
      fc.property(fc.constantFrom(...rules), fc.integer({ min: 0, max: 3000 }), fc.integer({ min: 0, max: 23 }), (text, days, hour) => {
        const start = at('2018-06-01T00:30:00');
        start.adjust(days, hour, 0, 0);
        const told = (times: readonly ICAL.Time[]): string[] => times.map((time) => time.toString());
        const rule = ICAL.Recur.fromString(text);
        const every = ruleTimes(rule, start, () => false, isPast);
        const found = ruleTimes(rule, start, isBefore, isPast);
        expect(every.isCut).toBe(false);
        expect(found.isCut).toBe(false);
        expect(told(found.times)).toEqual(told(every.times.filter((time) => !isBefore(time))));
      }),
      { numRuns: 60, seed: 20261129 },
    );
  });
  it('are in this century those of four hundred years before (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(
          'FREQ=MONTHLY;BYMONTHDAY=31;BYSETPOS=1',
          'FREQ=MONTHLY;INTERVAL=5;BYDAY=2TU',
          'FREQ=YEARLY;BYMONTH=5;BYDAY=-1SU',
          'FREQ=MONTHLY',
        ),
        fc.integer({ min: 0, max: 1400 }),
        (text, days) => {
          const start = at('1618-02-01T10:00:00');
          start.adjust(days, 0, 0, 0);
          const told = (before: (time: ICAL.Time) => boolean): string[] =>
            ruleTimes(ICAL.Recur.fromString(text), start, before, isPast).times.map((time) => time.toString());
          expect(told(isBefore)).toEqual(told(() => false).filter((time) => time >= from.toString()));
        },
      ),
      { numRuns: 12, seed: 20261129 },
    );
  });
  it.each([
    'FREQ=WEEKLY',
    'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR',
    'FREQ=DAILY',
    'FREQ=DAILY;INTERVAL=2;BYDAY=MO',
    'FREQ=HOURLY',
    'FREQ=MINUTELY;INTERVAL=90',
    'FREQ=YEARLY',
  ])('are found without going through all of history, as where a damaged file says year 202: %s', (text) => {
    let asked = 0;
    const counted = (look: (time: ICAL.Time) => boolean) => (time: ICAL.Time) => {
      asked += 1;
      return look(time);
    };
    const { times, isCut } = ruleTimes(ICAL.Recur.fromString(text), at('0202-06-01T18:00:00'), counted(isBefore), counted(isPast));
    expect(isCut).toBe(false);
    expect(times.length).toBeGreaterThan(0);
    expect(asked).toBeLessThan(2 * times.length + 600);
  });
  it('are cut where a rule counts more turns than anybody keeps, which is said', () => {
    expect(ruleTimes(ICAL.Recur.fromString('FREQ=WEEKLY;COUNT=90000'), at('0202-06-01T18:00:00'), isBefore, isPast)).toEqual({
      times: [],
      isCut: true,
    });
  });
});
