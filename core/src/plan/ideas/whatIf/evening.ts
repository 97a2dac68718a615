import { localDay } from '../../../time/workingHours';
import type { WhatIfEntry } from './whatIf';

const DAY_MS = 86_400_000;
/** Today and the week after it. */
const DAYS_AHEAD = 8;

/** Hands on the first day of the next week that has no hours yet; nine to five at a weekend, else the evening. */
export const evening: WhatIfEntry<'evening'> = {
  isLoosening: true,
  suggest: (input) => {
    for (let day = 0; day < DAYS_AHEAD; day += 1) {
      const { date, weekday } = localDay(input.nowMs + day * DAY_MS, input.timeZone);
      const exception = input.exceptions.find((entry) => entry.date === date);
      const spans = exception?.spans ?? input.hours.filter((span) => span.weekday === weekday);
      if (spans.length > 0 || (day === 0 && exception)) continue;
      const isWeekend = weekday > 5;
      return [{ kind: 'evening', date, startMinute: (isWeekend ? 9 : 18.5) * 60, endMinute: (isWeekend ? 17 : 22) * 60 }];
    }
    return [];
  },
  remedy: () => null,
  apply: (input, { date, startMinute, endMinute }) => {
    const spans = [...(input.exceptions.find((entry) => entry.date === date)?.spans ?? []), { startMinute, endMinute }];
    return { ...input, exceptions: [...input.exceptions.filter((entry) => entry.date !== date), { date, spans }] };
  },
  words: ({ date, startMinute, endMinute }, { day, timeOfDay }) =>
    `Hands on ${day(Date.parse(`${date}T12:00:00Z`))}, ${timeOfDay(startMinute)}–${timeOfDay(endMinute)}`,
};
