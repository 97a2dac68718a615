import ICAL from 'ical.js';
import { TZDate } from '@date-fns/tz';
import type { BusyTime } from '../records/shop';
import type { Fault } from '../file/faults';
import { FileFaultsError } from '../file/faults';

/** More occurrences than this in a year are not a calendar of appointments. */
const MOST_OCCURRENCES = 2000;
const MOST_BYTES = 4 * 1024 * 1024;

/**
 * The busy times of an iCalendar file (RFC 5545) between two moments: recurrences unrolled, exceptions left out, all-day events from
 * midnight to midnight in the shop's zone, times of other zones brought to the same moment. What is marked free or cancelled is left out.
 *
 * @param timeZone zone of times that name none, IANA
 * @throws FileFaultsError when the text is no calendar
 * @returns sorted by start
 */
export function readBusyTimes(text: string, timeZone: string, fromMs: number, toMs: number): BusyTime[] {
  if (text.length > MOST_BYTES) throw faulty('tooLarge', 'the calendar is larger than 4 MB');
  const calendar = parse(text);
  const zones = new Map(
    calendar.getAllSubcomponents('vtimezone').map((zone) => [String(zone.getFirstPropertyValue('tzid')), new ICAL.Timezone(zone)]),
  );
  const toMoment = (time: ICAL.Time, tzid = ''): number => momentOf(time, tzid, timeZone, zones);
  const found: BusyTime[] = [];
  const events = calendar.getAllSubcomponents('vevent').map((component) => new ICAL.Event(component));
  const masters = events.filter((event) => !event.isRecurrenceException());
  for (const event of masters)
    for (const exception of events) if (exception.isRecurrenceException() && exception.uid === event.uid) event.relateException(exception);
  const add = (event: ICAL.Event, start: ICAL.Time, end: ICAL.Time): void => {
    if (isFree(event)) return;
    const startMs = toMoment(start, zoneOf(event, 'dtstart'));
    const endMs = toMoment(end, zoneOf(event, 'dtend') || zoneOf(event, 'dtstart'));
    if (endMs <= startMs || endMs <= fromMs || startMs >= toMs) return;
    found.push({ startMs, endMs, title: titleOf(event) });
  };
  for (const event of masters) {
    if (!event.startDate) continue;
    if (!event.isRecurring()) {
      add(event, event.startDate, event.endDate);
      continue;
    }
    const times = event.iterator();
    for (let turn = 0; turn < MOST_OCCURRENCES; turn += 1) {
      const next = times.next();
      if (!next || toMoment(next, zoneOf(event, 'dtstart')) >= toMs) break;
      const { item, startDate, endDate } = event.getOccurrenceDetails(next);
      add(item, startDate, endDate);
    }
  }
  return found.sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
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
  const tzid = event.component.getFirstProperty(name)?.getParameter('tzid');
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
