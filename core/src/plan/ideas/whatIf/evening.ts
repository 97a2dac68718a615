import { localDay } from '../../../time/workingHours';
import type { DayException } from '../../../time/workingHours';
import type { ShopPlanInput } from '../../shop/shopPlanInput';
import type { WhatIf, WhatIfEntry } from './whatIf';

const DAY_MS = 86_400_000;
/** Today and the week after it. */
const DAYS_AHEAD = 8;

/** Hands on the first day of the next week that has no hours yet; nine to five at a weekend, else the evening. */
export const evening: WhatIfEntry<'evening'> = {
  isLoosening: true,
  suggest: firstFreeDay,
  // Work that fits into no hours there are may fit into those of another day.
  remedy: ({ cause }, input) => (cause.kind === 'noWindow' ? (firstFreeDay(input)[0] ?? null) : null),
  apply: (input, whatIf) => ({ ...input, exceptions: withEvening(input.exceptions, whatIf, {}) }),
  words: ({ date, startMinute, endMinute }, { day, timeOfDay }) =>
    `Hands on ${day(Date.parse(`${date}T12:00:00Z`))}, ${timeOfDay(startMinute)}–${timeOfDay(endMinute)}`,
};

/** Hands on the first day of the next week that has none; no entry where each has some. */
function firstFreeDay(input: ShopPlanInput): WhatIf<'evening'>[] {
  for (let day = 0; day < DAYS_AHEAD; day += 1) {
    const { date, weekday } = localDay(input.nowMs + day * DAY_MS, input.timeZone);
    const exception = input.exceptions.find((entry) => entry.date === date);
    const spans = exception?.spans ?? input.hours.filter((span) => span.weekday === weekday);
    if (spans.length > 0 || (day === 0 && exception)) continue;
    const isWeekend = weekday > 5;
    return [{ kind: 'evening', date, startMinute: (isWeekend ? 9 : 18.5) * 60, endMinute: (isWeekend ? 17 : 22) * 60 }];
  }
  return [];
}

/**
 * Days with hours of their own, in order, with some hours more on one of them.
 *
 * @param rest what a day that has none yet carries besides
 */
export function withEvening<Day extends DayException>(
  days: readonly Day[],
  { date, startMinute, endMinute }: WhatIf<'evening'>,
  rest: Omit<Day, keyof DayException>,
): Day[] {
  const before = days.find((day) => day.date === date) ?? ({ ...rest, date, spans: [] as DayException['spans'] } as Day);
  const own = { ...before, spans: [...before.spans, { startMinute, endMinute }] };
  return [...days.filter((day) => day.date !== date), own].sort((a, b) => (a.date < b.date ? -1 : 1));
}
