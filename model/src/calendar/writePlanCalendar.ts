import ICAL from 'ical.js';

/** One entry of a plan's calendar. Moments are epoch ms. */
export interface CalendarEntry {
  /** the same for the same work in every plan, so that a calendar that is read again renews it */
  readonly id: string;
  readonly title: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly detail: string;
  /** something that must not be missed, told before it is too late; null where nothing closes */
  readonly closesMs: number | null;
}

const ALARM_MINUTES = 10;

/**
 * A plan as an iCalendar file (RFC 5545): an event for each stretch of hands in UTC, with an alarm ten minutes before a window closes.
 * Text is escaped and lines are folded by the library.
 *
 * @param madeAtMs stamp of every event
 */
export function writePlanCalendar(name: string, entries: readonly CalendarEntry[], madeAtMs: number): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', '-//Zinc Ladder//Plan//EN');
  calendar.updatePropertyWithValue('method', 'PUBLISH');
  calendar.updatePropertyWithValue('x-wr-calname', name);
  for (const { id, title, startMs, endMs, detail, closesMs } of entries) {
    const event = new ICAL.Component('vevent');
    event.updatePropertyWithValue('uid', `${id}@zinc-ladder`);
    event.updatePropertyWithValue('dtstamp', utc(madeAtMs));
    event.updatePropertyWithValue('dtstart', utc(startMs));
    event.updatePropertyWithValue('dtend', utc(endMs));
    event.updatePropertyWithValue('summary', title);
    if (detail) event.updatePropertyWithValue('description', detail);
    if (closesMs !== null) {
      const alarm = new ICAL.Component('valarm');
      alarm.updatePropertyWithValue('action', 'DISPLAY');
      alarm.updatePropertyWithValue('description', `${title}: the window closes in ${ALARM_MINUTES} minutes`);
      const trigger = new ICAL.Property('trigger', alarm);
      trigger.setParameter('value', 'DATE-TIME');
      trigger.resetType('date-time');
      trigger.setValue(utc(closesMs - ALARM_MINUTES * 60_000));
      alarm.addProperty(trigger);
      event.addSubcomponent(alarm);
    }
    calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
}

function utc(ms: number): ICAL.Time {
  return ICAL.Time.fromJSDate(new Date(Math.round(ms / 1000) * 1000), true);
}
