import { describe, expect, it } from 'vitest';
import { intersectIntervals, mergeIntervals } from './interval';
import { expandWorkingHours, localDay, utcOffsetMinutes } from './workingHours';

const ZONE = 'Europe/Copenhagen';
const at = (iso: string): number => Date.parse(iso);
const everyDay = (startMinute: number, endMinute: number) => [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute, endMinute }));

describe('working hours', () => {
  it('follow the local clock across the change to summer time', () => {
    const windows = expandWorkingHours(everyDay(540, 600), [], ZONE, at('2026-03-28T00:00Z'), at('2026-03-30T00:00Z'));
    expect(windows.map((window) => new Date(window.start).toISOString())).toEqual(['2026-03-28T08:00:00.000Z', '2026-03-29T07:00:00.000Z']);
  });
  it('follow the local clock across the change to winter time', () => {
    const windows = expandWorkingHours(everyDay(540, 600), [], ZONE, at('2026-10-24T00:00Z'), at('2026-10-26T00:00Z'));
    expect(windows.map((window) => new Date(window.start).toISOString())).toEqual(['2026-10-24T07:00:00.000Z', '2026-10-25T08:00:00.000Z']);
  });
  it('keep to their weekday', () => {
    const windows = expandWorkingHours(
      [{ weekday: 4, startMinute: 1110, endMinute: 1320 }],
      [],
      ZONE,
      at('2026-05-25T00:00Z'),
      at('2026-06-01T00:00Z'),
    );
    expect(windows).toEqual([{ start: at('2026-05-28T16:30Z'), end: at('2026-05-28T20:00Z') }]);
  });
  it('let an exception replace a day, or empty it', () => {
    const weekly = everyDay(1110, 1320);
    const exceptions = [
      { date: '2026-05-28', spans: [] },
      { date: '2026-05-29', spans: [{ startMinute: 600, endMinute: 660 }] },
    ];
    const windows = expandWorkingHours(weekly, exceptions, ZONE, at('2026-05-27T22:00Z'), at('2026-05-29T21:59Z'));
    expect(windows).toEqual([{ start: at('2026-05-29T08:00Z'), end: at('2026-05-29T09:00Z') }]);
  });
  it('are cut to the span asked for and join where they touch', () => {
    const windows = expandWorkingHours(
      [...everyDay(0, 720), ...everyDay(720, 1440)],
      [],
      ZONE,
      at('2026-05-28T05:00Z'),
      at('2026-05-28T15:00Z'),
    );
    expect(windows).toEqual([{ start: at('2026-05-28T05:00Z'), end: at('2026-05-28T15:00Z') }]);
  });
  it('refuse a time zone that is not one', () => expect(() => localDay(0, 'Nowhere/Harbour')).toThrow(RangeError));
  it('know the offset of summer', () => expect(utcOffsetMinutes(ZONE, at('2026-07-01T00:00Z'))).toBe(120));
});

describe('intervals', () => {
  it('overlap only where both are', () => {
    expect(
      intersectIntervals(
        [
          { start: 0, end: 10 },
          { start: 20, end: 30 },
        ],
        [{ start: 5, end: 25 }],
      ),
    ).toEqual([
      { start: 5, end: 10 },
      { start: 20, end: 25 },
    ]);
    expect(intersectIntervals([{ start: 0, end: 5 }], [{ start: 5, end: 9 }])).toEqual([]);
  });
  it('merge in any order and drop what is empty', () => {
    expect(
      mergeIntervals([
        { start: 5, end: 9 },
        { start: 3, end: 3 },
        { start: 0, end: 5 },
      ]),
    ).toEqual([{ start: 0, end: 9 }]);
  });
});
