import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { FileFaultsError } from '../file/faults';
import { readBusyTimes } from './readBusyTimes';
import type { CalendarEntry } from './writePlanCalendar';
import { writePlanCalendar } from './writePlanCalendar';

const ZONE = 'Europe/Copenhagen';
const from = Date.parse('2026-03-01T00:00:00Z');
const to = Date.parse('2027-03-01T00:00:00Z');
const calendar = (...events: readonly string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: readonly string[]): string =>
  ['BEGIN:VEVENT', 'UID:1', 'DTSTAMP:20260101T000000Z', ...lines, 'END:VEVENT'].join('\r\n');
const read = (text: string): [string, string, string][] =>
  readBusyTimes(text, ZONE, from, to).busy.map(({ startMs, endMs, title }) => [
    new Date(startMs).toISOString().slice(0, 16),
    new Date(endMs).toISOString().slice(0, 16),
    title,
  ]);

describe('appointments that repeat', () => {
  const daily = (...lines: readonly string[]) => calendar(event('DTSTART:20190107T080000Z', 'DTEND:20190107T090000Z', ...lines));
  it('count from the window, however long ago they began', () => {
    expect(read(daily('RRULE:FREQ=DAILY'))).toHaveLength(365);
    expect(read(daily('RRULE:FREQ=DAILY'))[0]?.[0]).toBe('2026-03-01T08:00');
    expect(read(daily('RRULE:FREQ=WEEKLY'))).toHaveLength(52);
    expect(read(daily('RRULE:FREQ=DAILY;BYDAY=MO,TU,WE,TH,FR'))).toHaveLength(260);
    expect(read(daily('RRULE:FREQ=DAILY;INTERVAL=2;COUNT=3'))).toHaveLength(0);
    expect(read(daily('RRULE:FREQ=DAILY;UNTIL=20260303T080000Z'))).toHaveLength(3);
    expect(read(daily('RRULE:FREQ=MONTHLY;BYMONTHDAY=-1'))[0]?.[0]).toBe('2026-03-31T08:00');
  });
  it('have dates added and excepted, in whatever zone these are written', () => {
    const zoned = (...lines: readonly string[]) =>
      read(calendar(event(`DTSTART;TZID=${ZONE}:20260601T180000`, `DTEND;TZID=${ZONE}:20260601T190000`, ...lines))).map(
        ([begins]) => begins,
      );
    expect(zoned('RRULE:FREQ=DAILY;COUNT=4', 'EXDATE:20260602T160000Z', `EXDATE;TZID=${ZONE}:20260603T180000`)).toEqual([
      '2026-06-01T16:00',
      '2026-06-04T16:00',
    ]);
    expect(zoned('RRULE:FREQ=DAILY;COUNT=2', 'EXDATE;VALUE=DATE:20260602')).toEqual(['2026-06-01T16:00']);
    expect(zoned(`RDATE;TZID=${ZONE}:20260610T180000,20260611T180000`)).toEqual([
      '2026-06-01T16:00',
      '2026-06-10T16:00',
      '2026-06-11T16:00',
    ]);
    expect(zoned('RDATE;VALUE=PERIOD:20260620T160000Z/PT1H', 'EXDATE:20260601T160000Z')).toEqual(['2026-06-20T16:00']);
  });
  it('may have one moved, into the window and out of it', () => {
    const moved = (id: string, to: string) =>
      [
        'BEGIN:VEVENT',
        'UID:1',
        'DTSTAMP:20260101T000000Z',
        `RECURRENCE-ID:${id}`,
        `DTSTART:${to}`,
        'DURATION:PT2H',
        'SUMMARY:moved',
        'END:VEVENT',
      ].join('\r\n');
    const weekly = event('DTSTART:20260202T080000Z', 'DTEND:20260202T090000Z', 'RRULE:FREQ=WEEKLY;COUNT=6', 'SUMMARY:weekly');
    expect(read(calendar(weekly, moved('20260209T080000Z', '20260320T100000Z'), moved('20260302T080000Z', '20270601T080000Z')))).toEqual([
      ['2026-03-09T08:00', '2026-03-09T09:00', 'weekly'],
      ['2026-03-20T10:00', '2026-03-20T12:00', 'moved'],
    ]);
  });
  it.each([
    'FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31',
    'FREQ=HOURLY;BYMONTH=2;BYMONTHDAY=30',
    'FREQ=WEEKLY;INTERVAL=1000000000',
    'FREQ=MONTHLY;INTERVAL=1000000000;BYMONTHDAY=1;BYDAY=5FR;BYSETPOS=5',
    'FREQ=YEARLY;BYMONTH=4;BYDAY=1MO;BYSETPOS=366',
    'FREQ=MONTHLY;BYMONTH=4;BYMONTHDAY=31',
    'FREQ=MONTHLY;BYDAY=6MO',
    'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30',
  ])('end, with the first time kept, when they never fall due or ask for too much: %s', (rule) => {
    const { busy } = readBusyTimes(calendar(event('DTSTART:20260601T080000Z', 'DTEND:20260601T090000Z', `RRULE:${rule}`)), ZONE, from, to);
    expect(busy.length).toBeGreaterThanOrEqual(1);
    expect(busy.length).toBeLessThan(20);
  });
  it('and are too many are cut, which is said', () => {
    const { busy, notices } = readBusyTimes(
      calendar(event('DTSTART:20260601T080000Z', 'DTEND:20260601T080500Z', 'RRULE:FREQ=HOURLY')),
      ZONE,
      from,
      to,
    );
    expect(busy).toHaveLength(2000);
    expect(notices).toEqual([`only the first 2000 of ${273 * 24 - 8} appointments are brought in`]);
  });
});

describe('busy times of a calendar', () => {
  it('are read in UTC, in a named zone, and without one as the shop’s own', () => {
    expect(read(calendar(event('DTSTART:20260528T160000Z', 'DTEND:20260528T170000Z', 'SUMMARY:utc')))).toEqual([
      ['2026-05-28T16:00', '2026-05-28T17:00', 'utc'],
    ]);
    expect(read(calendar(event('DTSTART;TZID=America/New_York:20260528T120000', 'DTEND;TZID=America/New_York:20260528T130000')))).toEqual([
      ['2026-05-28T16:00', '2026-05-28T17:00', 'busy'],
    ]);
    expect(read(calendar(event('DTSTART:20260528T180000', 'DURATION:PT90M', 'SUMMARY:floating')))).toEqual([
      ['2026-05-28T16:00', '2026-05-28T17:30', 'floating'],
    ]);
  });
  it('by a zone the file describes itself', () => {
    const zone = [
      'BEGIN:VTIMEZONE',
      'TZID:Harbour time',
      'BEGIN:STANDARD',
      'DTSTART:19700101T000000',
      'TZOFFSETFROM:+0300',
      'TZOFFSETTO:+0300',
      'END:STANDARD',
      'END:VTIMEZONE',
    ].join('\r\n');
    expect(
      read(calendar(zone, event('DTSTART;TZID=Harbour time:20260528T180000', 'DTEND;TZID=Harbour time:20260528T190000')))[0]?.[0],
    ).toBe('2026-05-28T15:00');
  });
  it('last all day from midnight to midnight where the shop is', () => {
    expect(read(calendar(event('DTSTART;VALUE=DATE:20260605', 'DTEND;VALUE=DATE:20260607', 'SUMMARY:away')))).toEqual([
      ['2026-06-04T22:00', '2026-06-06T22:00', 'away'],
    ]);
  });
  it('come back each week at the same hour of the clock, over both changes of the clocks', () => {
    const weekly = (start: string) =>
      read(calendar(event(`DTSTART;TZID=${ZONE}:${start}T190000`, `DTEND;TZID=${ZONE}:${start}T200000`, 'RRULE:FREQ=WEEKLY;COUNT=2'))).map(
        ([begins]) => begins,
      );
    // Forward on Sunday 29 March 2026, back on Sunday 25 October 2026.
    expect(weekly('20260326')).toEqual(['2026-03-26T18:00', '2026-04-02T17:00']);
    expect(weekly('20261022')).toEqual(['2026-10-22T17:00', '2026-10-29T18:00']);
    // And on the days themselves: 19:00 is 19:00.
    expect(weekly('20260329')[0]).toBe('2026-03-29T17:00');
    expect(weekly('20261025')[0]).toBe('2026-10-25T18:00');
  });
  it('leave out what a rule excepts and move what it moves', () => {
    const text = calendar(
      event('DTSTART:20260601T100000Z', 'DTEND:20260601T110000Z', 'RRULE:FREQ=DAILY;COUNT=4', 'EXDATE:20260602T100000Z', 'SUMMARY:daily'),
      event('RECURRENCE-ID:20260603T100000Z', 'DTSTART:20260603T150000Z', 'DTEND:20260603T160000Z', 'SUMMARY:moved'),
    );
    expect(read(text).map(([start, , title]) => `${start} ${title}`)).toEqual([
      '2026-06-01T10:00 daily',
      '2026-06-03T15:00 moved',
      '2026-06-04T10:00 daily',
    ]);
  });
  it('are only those that take time: not free, not cancelled, not over, not beyond', () => {
    const at = (extra: string, day = '20260601') => calendar(event(`DTSTART:${day}T100000Z`, `DTEND:${day}T110000Z`, extra));
    expect(read(at('TRANSP:TRANSPARENT'))).toEqual([]);
    expect(read(at('STATUS:CANCELLED'))).toEqual([]);
    expect(read(at('SUMMARY:old', '20250601'))).toEqual([]);
    expect(read(at('SUMMARY:far', '20290601'))).toEqual([]);
    expect(read(at('SUMMARY:now'))).toHaveLength(1);
  });
  it('end within the year asked for, though a rule never does', () => {
    const found = read(calendar(event('DTSTART:20260101T100000Z', 'DTEND:20260101T110000Z', 'RRULE:FREQ=DAILY')));
    expect(found.length).toBeGreaterThan(300);
    expect(found.length).toBeLessThanOrEqual(366);
  });
  it('carry no control characters and no endless titles', () => {
    const [found] = read(calendar(event('DTSTART:20260601T100000Z', 'DTEND:20260601T110000Z', `SUMMARY:a\\nb${'x'.repeat(500)}`)));
    expect(found?.[2]).toHaveLength(200);
    expect(found?.[2]).toMatch(/^a b/u);
  });
  it.each([
    ['nothing', ''],
    ['another file', '{"a":1}'],
    ['half a calendar', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT'],
    ['a lone event', event('DTSTART:20260601T100000Z')],
  ])('refuse %s with a reason', (_, text) => expect(() => readBusyTimes(text, ZONE, from, to)).toThrow(FileFaultsError));
});

describe('the calendar of a plan', () => {
  const entry: CalendarEntry = {
    id: 'rung-1',
    title: 'Badge: enamel; blue, 2\nclose',
    startMs: Date.parse('2026-10-24T23:30:00Z'),
    endMs: Date.parse('2026-10-25T01:30:00Z'),
    detail: 'with 2 others, one getting ready',
    closesMs: Date.parse('2026-10-25T02:00:00Z'),
  };
  it('is read again as it was meant, over the night the clocks change', () => {
    const text = writePlanCalendar('Garage', [entry], from);
    expect(readBusyTimes(text, ZONE, from, to).busy).toEqual([
      { startMs: entry.startMs, endMs: entry.endMs, title: 'Badge: enamel; blue, 2 close' },
    ]);
  });
  it('has an alarm ten minutes before a window closes, and none where none does', () => {
    const parsed = new ICAL.Component(
      ICAL.parse(writePlanCalendar('Garage', [entry, { ...entry, id: 'rung-2', closesMs: null }], from)) as never,
    );
    const [first, second] = parsed.getAllSubcomponents('vevent');
    const trigger = first?.getFirstSubcomponent('valarm')?.getFirstPropertyValue('trigger');
    expect(String(trigger)).toBe('2026-10-25T01:50:00Z');
    expect(second?.getFirstSubcomponent('valarm')).toBeNull();
  });
  it('keeps to the format: lines end in CRLF and are no longer than 75 octets, every event has an id, a stamp and a start', () => {
    const text = writePlanCalendar('Garage', [{ ...entry, title: 'ø'.repeat(150) }], from);
    for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    expect(text).not.toMatch(/[^\r]\n/u);
    for (const name of ['UID:rung-1@zinc-ladder', 'DTSTAMP:', 'DTSTART:20261024T233000Z']) expect(text).toContain(name);
  });
});
