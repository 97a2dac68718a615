import { useState } from 'react';
import type { DaySpan, WeekSpan } from '@zinc-ladder/model/records/shop/shop';
import { Button } from '../../../ui/Button';
import { useFormats } from '../../../features/formats/useFormats';
import { useNotices } from '../../../features/notices/Notices';
import { readDayMinutes, writeDayMinutes } from '../../../base/dayMinutes';

/** Weekdays by ISO number, in the browser's language. */
const WEEKDAYS: readonly (readonly [number, string])[] = [1, 2, 3, 4, 5, 6, 7].map((weekday) => [
  weekday,
  // 1 January 2024 was a Monday.
  new Intl.DateTimeFormat(navigator.language, { weekday: 'long', timeZone: 'UTC' }).format(Date.UTC(2024, 0, weekday)),
]);

/** From and to of a day. An end at or before its start is past midnight: the rest belongs to the day after, where there is one to give it to. */
export function SpanFields({
  span,
  name,
  onChange,
  onPastMidnight,
}: {
  readonly span: DaySpan;
  readonly name: string;
  readonly onChange: (span: DaySpan) => void;
  /** the span up to midnight, and the minutes of the day after */
  readonly onPastMidnight?: (span: DaySpan, restMinutes: number) => void;
}) {
  const { tell } = useNotices();
  const { isTwelveHour } = useFormats();
  const set = (fields: Partial<DaySpan>): void => {
    const next = { startMinute: span.startMinute, endMinute: span.endMinute, ...fields };
    if (next.endMinute > next.startMinute) return onChange(next);
    const untilMidnight = { startMinute: next.startMinute, endMinute: 1440 };
    if (fields.startMinute !== undefined) {
      // A start moved past the end leaves the end behind; which it is to be, only the finisher knows.
      const moved = { startMinute: next.startMinute, endMinute: Math.min(1440, next.startMinute + 60) };
      tell(
        `${name}: now until ${writeDayMinutes(moved.endMinute, isTwelveHour)}`,
        `It began after its end of ${writeDayMinutes(next.endMinute, isTwelveHour)}.`,
      );
      return onChange(moved);
    }
    if (!onPastMidnight) {
      tell(`${name}: until midnight`, 'What goes past midnight is entered on the date after.');
      return onChange(untilMidnight);
    }
    tell(`${name}: past midnight`, `Until midnight here, and until ${writeDayMinutes(next.endMinute, isTwelveHour)} on the day after.`);
    onPastMidnight(untilMidnight, next.endMinute);
  };
  return (
    <>
      <TimeField name={`${name} from`} minutes={span.startMinute} most={1439} onKeep={(startMinute) => set({ startMinute })} />
      <span aria-hidden="true">–</span>
      <TimeField
        name={`${name} to`}
        minutes={span.endMinute}
        most={1440}
        onKeep={(endMinute) => set({ endMinute: endMinute === 0 ? 1440 : endMinute })}
      />
    </>
  );
}

/** A time of day typed where it stands; what is no time is put back when left. */
function TimeField({
  name,
  minutes,
  most,
  onKeep,
}: {
  readonly name: string;
  readonly minutes: number;
  readonly most: number;
  readonly onKeep: (minutes: number) => void;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  const { isTwelveHour } = useFormats();
  const typed = draft === null ? minutes : readDayMinutes(draft);
  const keep = (): void => {
    if (draft !== null && typed !== null && typed <= most && typed !== minutes) onKeep(typed);
    setDraft(null);
  };
  return (
    <input
      aria-label={name}
      aria-invalid={typed === null || typed > most}
      className="field figure max-w-20 px-1.5 aria-invalid:border-oxide"
      value={draft ?? writeDayMinutes(minutes, isTwelveHour)}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
        if (event.key === 'Escape') setDraft(null);
      }}
    />
  );
}

/** Spans of the week, day by day. */
export function WeekEditor({
  spans,
  name,
  onChange,
}: {
  readonly spans: readonly WeekSpan[];
  readonly name: string;
  readonly onChange: (spans: WeekSpan[]) => void;
}) {
  const indexed = spans.map((span, at) => ({ span, at }));
  return (
    <ul>
      {WEEKDAYS.map(([weekday, day]) => {
        const own = indexed.filter(({ span }) => span.weekday === weekday).sort((a, b) => a.span.startMinute - b.span.startMinute);
        const latest = own.at(-1)?.span.endMinute ?? 18 * 60;
        const addButton = (words: string, spoken: string) => (
          <Button
            look="quiet"
            className="text-dim justify-self-start px-2!"
            aria-label={`${spoken} ${name.toLowerCase()} on ${day}`}
            onClick={() => {
              const startMinute = Math.min(latest, 1380);
              onChange([...spans, { weekday, startMinute, endMinute: Math.min(1440, startMinute + 60) }]);
            }}
          >
            {words}
          </Button>
        );
        return (
          <li key={weekday} className="border-line grid grid-cols-[6.5rem_1fr] items-start border-t py-1.5">
            <span className="pt-1.5">{day}</span>
            <div className="grid gap-1.5">
              {own.map(({ span, at }, order) => (
                <div key={at} className="flex items-center gap-1.5">
                  <SpanFields
                    span={span}
                    name={`${name}, ${day} ${order + 1}`}
                    onChange={(next) => onChange(spans.map((other, i) => (i === at ? { weekday, ...next } : other)))}
                    onPastMidnight={(next, endMinute) =>
                      onChange([
                        ...spans.map((other, i) => (i === at ? { weekday, ...next } : other)),
                        { weekday: (weekday % 7) + 1, startMinute: 0, endMinute },
                      ])
                    }
                  />
                  <Button
                    look="quiet"
                    className="px-2!"
                    aria-label={`Take away ${name.toLowerCase()}, ${day} ${order + 1}`}
                    onClick={() => onChange(spans.filter((_, i) => i !== at))}
                  >
                    ✕
                  </Button>
                  {order === own.length - 1 && latest < 1440 && own.length < 4 && addButton('+', 'Add')}
                </div>
              ))}
              {own.length === 0 && addButton('none; add', 'none; add')}
            </div>
          </li>
        );
      })}
    </ul>
  );
}
