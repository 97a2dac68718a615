import ICAL from 'ical.js';

/** What repeats cannot be followed for ever: this many turns of one rule that has to be counted from its start. Every day for half a century. */
const MOST_TURNS = 20_000;
/** Steps between occurrences: a thousand years, weeks or days apart is no appointment any more. */
const LONGEST_INTERVAL = 1000;
const DAY_SECONDS = 86_400;
const YEAR_SECONDS = 366 * DAY_SECONDS;
const TURN_SECONDS: Readonly<Record<string, number>> = {
  WEEKLY: 7 * DAY_SECONDS,
  DAILY: DAY_SECONDS,
  HOURLY: 3600,
  MINUTELY: 60,
  SECONDLY: 1,
};
/** Nobody's calendar is older. */
const FARTHEST_YEARS = 3000;
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
    const iterator = rule.iterator(movedOn(rule, start, isBefore));
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

/** After how long a rule falls as it did before; undefined where nothing says so. */
function turnOf({ freq, interval }: ICAL.Recur): { readonly years?: number; readonly seconds: number } | undefined {
  const turn = Math.max(1, interval);
  // After 400 years the calendar is the same again, weekdays and leap years too.
  if (freq === 'MONTHLY' || freq === 'YEARLY') return { years: 400 * turn, seconds: 400 * turn * YEAR_SECONDS };
  const seconds = TURN_SECONDS[freq];
  return seconds === undefined ? undefined : { seconds: turn * seconds };
}

/**
 * A start of the same rule shortly before what is asked about: of a rule that has no count the turns before do not matter, and a damaged file or a careless
 * one may begin it in the year 202.
 */
function movedOn(rule: ICAL.Recur, start: ICAL.Time, isBefore: (time: ICAL.Time) => boolean): ICAL.Time {
  const turn = turnOf(rule);
  if (!turn || rule.count) return start;
  const after = (turns: number): ICAL.Time => {
    const time = start.clone();
    if (turn.years) time.year += turn.years * turns;
    else time.adjust(Math.floor((turn.seconds * turns) / DAY_SECONDS), 0, 0, (turn.seconds * turns) % DAY_SECONDS);
    return time;
  };
  let passed = 0;
  // Halving leaps from the longest within three thousand years: as many looks as that has powers of two.
  for (let leap = 2 ** Math.floor(Math.log2((FARTHEST_YEARS * YEAR_SECONDS) / turn.seconds)); leap >= 1; leap /= 2)
    if (isBefore(after(passed + leap))) passed += leap;
  return after(passed);
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
  const current = movedOn(rule, start, isBefore).clone();
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
