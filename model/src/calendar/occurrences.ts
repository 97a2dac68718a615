import ICAL from 'ical.js';

/** What repeats cannot be followed for ever: this many turns of one rule, from its start. Daily since 1900 is a third of it. */
const MOST_TURNS = 150_000;
/** Steps between occurrences: a thousand years, weeks or days apart is no appointment any more. */
const LONGEST_INTERVAL = 1000;
const DAY_NAMES = ['SU', 'MO', 'TU', 'WE', 'TH', 'FR', 'SA'];

/** Where occurrences of a rule fall, and whether they were cut short. */
export interface RuleTimes {
  readonly times: readonly ICAL.Time[];
  readonly isCut: boolean;
}

/**
 * The times a recurrence rule (RFC 5545) falls on, from its start, as far as `isPast` says.
 *
 * Rules by the day are stepped here: the library's own stepping of a filtered daily rule that never falls due does not end. Those by the hour and less
 * are followed only where nothing filters them, for the same reason.
 *
 * @param isBefore whether a time lies before what is asked about: counted, and not kept
 * @param isPast whether a time lies after what is asked about
 */
export function ruleTimes(
  rule: ICAL.Recur,
  start: ICAL.Time,
  isBefore: (time: ICAL.Time) => boolean,
  isPast: (time: ICAL.Time) => boolean,
): RuleTimes {
  if (!canFollow(rule)) return { times: [], isCut: true };
  const filters = Object.keys(rule.parts);
  if (rule.freq === 'DAILY' && filters.every((name) => ['BYMONTH', 'BYMONTHDAY', 'BYDAY'].includes(name)))
    return dailyTimes(rule, start, isBefore, isPast);
  const isFine = ['WEEKLY', 'MONTHLY', 'YEARLY'].includes(rule.freq) || (filters.length === 0 && rule.freq !== 'DAILY');
  if (!isFine) return { times: [], isCut: true };
  const times: ICAL.Time[] = [];
  let turns = 0;
  try {
    const iterator = rule.iterator(start);
    for (let next = iterator.next(); next; next = iterator.next()) {
      turns += 1;
      if (turns > MOST_TURNS) return { times, isCut: true };
      if (isPast(next)) break;
      if (!isBefore(next)) times.push(next.clone());
    }
  } catch {
    // A rule the standard forbids, such as a sixth Monday: the appointment itself stays.
    return { times, isCut: true };
  }
  return { times, isCut: false };
}

/** Longer steps, and places in a set that no month has, keep the library searching for what never comes. */
function canFollow(rule: ICAL.Recur): boolean {
  const { BYSETPOS: places = [], BYMONTH: months } = rule.parts as Readonly<Record<string, readonly (number | string)[] | undefined>>;
  const farthest = Math.max(0, ...places.map((place) => Math.abs(Number(place))));
  return rule.interval <= LONGEST_INTERVAL && farthest <= (rule.freq === 'YEARLY' && !months ? 366 : 31);
}

function dailyTimes(
  rule: ICAL.Recur,
  start: ICAL.Time,
  isBefore: (time: ICAL.Time) => boolean,
  isPast: (time: ICAL.Time) => boolean,
): RuleTimes {
  const {
    BYMONTH: months,
    BYMONTHDAY: monthDays,
    BYDAY: days,
  } = rule.parts as Readonly<Record<string, readonly (number | string)[] | undefined>>;
  const fits = (time: ICAL.Time): boolean => {
    const last = ICAL.Time.daysInMonth(time.month, time.year);
    if (months && !months.map(Number).includes(time.month)) return false;
    if (monthDays && !monthDays.map(Number).some((day) => (day < 0 ? last + day + 1 : day) === time.day)) return false;
    return !days || days.map(String).includes(DAY_NAMES[time.dayOfWeek() - 1] ?? '');
  };
  const step = Math.max(1, rule.interval);
  const times: ICAL.Time[] = [];
  const current = start.clone();
  let count = 0;
  for (let turns = 0; turns < MOST_TURNS; turns += 1) {
    if (isPast(current) || (rule.until && current.compare(rule.until) > 0)) return { times, isCut: false };
    if (fits(current)) {
      count += 1;
      if (rule.count && count > rule.count) return { times, isCut: false };
      if (!isBefore(current)) times.push(current.clone());
    }
    current.adjust(step, 0, 0, 0);
  }
  return { times, isCut: true };
}
