import ICAL from 'ical.js';
import { TZDate } from '@date-fns/tz';
import type { BusyTime } from '../records/shop/shop';
import type { Fault } from '../file/faults';
import { FileFaultsError } from '../file/faults';
import { ruleTimes } from './occurrences';

const DAY_MS = 86_400_000;

/** Appointments beyond this many are not brought in: a shop keeps five thousand. */
const MOST_APPOINTMENTS = 2000;
const MOST_BYTES = 4 * 1024 * 1024;

/** The busy times of a calendar. */
export interface BusyCalendar {
  /** sorted by start */
  readonly busy: readonly BusyTime[];
  /** in words: what could not be followed or was cut */
  readonly notices: readonly string[];
}

/**
 * The busy times of an iCalendar file (RFC 5545) between two moments: recurrences unrolled from their start, added and excepted dates and moved
 * occurrences reckoned in, all-day events from midnight to midnight in the shop's zone, times of other zones brought to the same moment. What is marked
 * free or cancelled is left out.
 *
 * @param timeZone zone of times that name none, IANA
 * @throws FileFaultsError when the text is no calendar
 */
export function readBusyTimes(text: string, timeZone: string, fromMs: number, toMs: number): BusyCalendar {
  if (text.length > MOST_BYTES) throw faulty('tooLarge', 'the calendar is larger than 4 MB');
  const calendar = parse(text);
  const zones = zonesOf(calendar);
  const toMoment = (time: ICAL.Time, tzid = ''): number => momentOf(time, tzid, timeZone, zones);
  const found: BusyTime[] = [];
  const unfollowed: string[] = [];
  const add = (event: ICAL.Event, startMs: number, endMs: number): void => {
    if (isFree(event) || !(endMs > startMs) || endMs <= fromMs || startMs >= toMs) return;
    found.push({ startMs, endMs, title: titleOf(event) });
  };
  const addAt = (event: ICAL.Event, start: ICAL.Time, end: ICAL.Time): void =>
    add(event, toMoment(start, zoneOf(event, 'dtstart')), toMoment(end, zoneOf(event, 'dtend') || zoneOf(event, 'dtstart')));
  const events = calendar.getAllSubcomponents('vevent').map((component) => new ICAL.Event(component));
  const addEvent = (event: ICAL.Event): void => {
    if (!event.startDate) return;
    if (event.isRecurrenceException() || !event.isRecurring()) {
      addAt(event, event.startDate, event.endDate);
      return;
    }
    const zone = zoneOf(event, 'dtstart');
    // What began before the window may still run in it.
    const lengthMs = Math.max(0, toMoment(event.endDate, zoneOf(event, 'dtend') || zone) - toMoment(event.startDate, zone));
    const taken = exceptedMoments(event, events, toMoment);
    const times = [event.startDate, ...addedTimes(event)];
    for (const property of event.component.getAllProperties('rrule')) {
      const rule = property.getFirstValue() as unknown as ICAL.Recur;
      const { times: ruled, isCut } = ruleTimes(
        rule,
        event.startDate,
        (time) => toMoment(time, zone) + lengthMs + DAY_MS < fromMs,
        (time) => toMoment(time, zone) >= toMs,
      );
      times.push(...ruled);
      if (isCut) unfollowed.push(titleOf(event));
    }
    const starts = new Set<number>();
    for (const time of times) {
      const startMs = toMoment(time, zone);
      if (starts.has(startMs) || taken.has(startMs)) continue;
      starts.add(startMs);
      // Its end is as far on the clock from its start as the first one's, whatever the clocks do in between.
      const end = time.clone();
      end.addDuration(event.duration);
      addAt(event, time, end);
    }
  };
  let unread = 0;
  for (const event of events) {
    try {
      addEvent(event);
    } catch {
      // The library throws where a date is none; the other appointments hold.
      unread += 1;
    }
  }
  found.sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
  const notices = [...new Set(unfollowed)]
    .slice(0, 5)
    .map((title) => `“${title}” repeats in a way that is not followed; only its first time is there`);
  if (unread > 0) notices.push(`${unread} appointments whose times cannot be read were left out`);
  if (found.length > MOST_APPOINTMENTS) notices.push(`only the first ${MOST_APPOINTMENTS} of ${found.length} appointments are brought in`);
  return { busy: found.slice(0, MOST_APPOINTMENTS), notices };
}

/** The zones a file describes itself; one that cannot be read is as if it were not there. */
function zonesOf(calendar: ICAL.Component): Map<string, ICAL.Timezone> {
  const zones = new Map<string, ICAL.Timezone>();
  for (const zone of calendar.getAllSubcomponents('vtimezone')) {
    try {
      zones.set(String(zone.getFirstPropertyValue('tzid')), new ICAL.Timezone(zone));
    } catch {
      // Its times are then taken as the shop's own.
    }
  }
  return zones;
}

/** Moments at which an event does not fall though its rule says so: excepted dates, and occurrences that were moved. */
function exceptedMoments(
  event: ICAL.Event,
  events: readonly ICAL.Event[],
  toMoment: (time: ICAL.Time, tzid?: string) => number,
): ReadonlySet<number> {
  const moments = new Set<number>();
  const start = event.startDate;
  const take = (time: ICAL.Time, tzid: string): void => {
    // A date alone names the occurrence of that day.
    const full =
      time.isDate && !start.isDate
        ? ICAL.Time.fromData({ ...time.toJSON(), hour: start.hour, minute: start.minute, second: start.second, isDate: false })
        : time;
    moments.add(toMoment(full, tzid || zoneOf(event, 'dtstart')));
  };
  for (const property of event.component.getAllProperties('exdate'))
    for (const value of property.getValues() as unknown as ICAL.Time[]) take(value, tzidOf(property));
  for (const other of events)
    if (other.isRecurrenceException() && other.uid === event.uid)
      take(other.recurrenceId, tzidOf(other.component.getFirstProperty('recurrence-id')));
  return moments;
}

/** Times added to a rule one by one; of a period its start. */
function addedTimes(event: ICAL.Event): ICAL.Time[] {
  return event.component
    .getAllProperties('rdate')
    .flatMap((property) => property.getValues() as unknown as (ICAL.Time | ICAL.Period)[])
    .map((value) => ('start' in value ? value.start : value))
    .filter((value): value is ICAL.Time => value instanceof ICAL.Time);
}

function parse(text: string): ICAL.Component {
  try {
    const [first] = [ICAL.parse(text)].flat(0) as unknown[];
    const component = new ICAL.Component(first as never);
    if (component.name !== 'vcalendar') throw new Error('not a calendar');
    return component;
  } catch (error) {
    throw faulty('notAProject', `this is no iCalendar file (${error instanceof Error ? error.message : String(error)})`);
  }
}

function faulty(code: Fault['code'], message: string): FileFaultsError {
  return new FileFaultsError([{ code, path: '', message }]);
}

function isFree(event: ICAL.Event): boolean {
  const value = (name: string): string => String(event.component.getFirstPropertyValue(name) ?? '').toUpperCase();
  return value('transp') === 'TRANSPARENT' || value('status') === 'CANCELLED';
}

/** The zone a time of an event names; the library forgets names the file does not describe. */
function zoneOf(event: ICAL.Event, name: 'dtstart' | 'dtend'): string {
  return tzidOf(event.component.getFirstProperty(name));
}

function tzidOf(property: ICAL.Property | null): string {
  const tzid = property?.getParameter('tzid');
  return typeof tzid === 'string' ? tzid : '';
}

function titleOf(event: ICAL.Event): string {
  // Text of a file: one line, no longer than a title may be.
  const plain = Array.from(event.summary ?? '', (letter) => (letter < ' ' || letter === '\u007f' ? ' ' : letter)).join('');
  return plain.trim().slice(0, 200) || 'busy';
}

/** The moment of a calendar time: by its own zone where the file tells it or the machine knows it, else by the shop's. */
function momentOf(time: ICAL.Time, named: string, shopZone: string, zones: ReadonlyMap<string, ICAL.Timezone>): number {
  if (time.zone === ICAL.Timezone.utcTimezone) return Date.UTC(time.year, time.month - 1, time.day, time.hour, time.minute, time.second);
  const tzid = time.isDate ? '' : named;
  const local = (zone: string): number =>
    new TZDate(time.year, time.month - 1, time.day, time.isDate ? 0 : time.hour, time.isDate ? 0 : time.minute, 0, zone).getTime();
  if (tzid) {
    const known = local(tzid);
    if (!Number.isNaN(known)) return known;
    const described = zones.get(tzid);
    if (described) {
      const offsetSeconds = described.utcOffset(time);
      return Date.UTC(time.year, time.month - 1, time.day, time.hour, time.minute, time.second) - offsetSeconds * 1000;
    }
  }
  return local(shopZone);
}
