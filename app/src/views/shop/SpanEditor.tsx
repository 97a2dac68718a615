import { useState } from 'react';
import type { DaySpan, WeekSpan } from '@zinc-ladder/model/records/shop';
import { Button } from '../../ui/Button';
import { readDayMinutes, writeDayMinutes } from '../../ui/dayMinutes';

/** Weekdays by ISO number, in the browser's language. */
const WEEKDAYS: readonly (readonly [number, string])[] = [1, 2, 3, 4, 5, 6, 7].map((weekday) => [
  weekday,
  // 1 January 2024 was a Monday.
  new Intl.DateTimeFormat(navigator.language, { weekday: 'long', timeZone: 'UTC' }).format(Date.UTC(2024, 0, weekday)),
]);

/** From and to of a day; a span that ends before it starts is said at once and kept by nobody. */
export function SpanFields({
  span,
  name,
  onChange,
}: {
  readonly span: DaySpan;
  readonly name: string;
  readonly onChange: (span: DaySpan) => void;
}) {
  const set = (fields: Partial<DaySpan>): void => {
    const next = { startMinute: span.startMinute, endMinute: span.endMinute, ...fields };
    // Moving one end past the other takes the other along: there is no wrong state to be warned of.
    if (next.endMinute <= next.startMinute) {
      if (fields.startMinute !== undefined) next.endMinute = Math.min(1440, next.startMinute + 60);
      else next.startMinute = Math.max(0, next.endMinute - 60);
    }
    onChange(next);
  };
  return (
    <>
      <TimeField name={`${name} from`} minutes={span.startMinute} most={1439} onKeep={(startMinute) => set({ startMinute })} />
      <span aria-hidden="true">–</span>
      <TimeField
        name={`${name} to`}
        minutes={span.endMinute}
        most={1440}
        onKeep={(endMinute) => set({ endMinute: Math.max(1, endMinute) })}
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
  const typed = draft === null ? minutes : readDayMinutes(draft);
  const keep = (): void => {
    if (draft !== null && typed !== null && typed <= most && typed !== minutes) onKeep(typed);
    setDraft(null);
  };
  return (
    <input
      aria-label={name}
      aria-invalid={typed === null || typed > most}
      className="field figure max-w-20 aria-invalid:border-oxide"
      value={draft ?? writeDayMinutes(minutes)}
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
        const addButton = (of: string, words: string) => (
          <Button
            look="quiet"
            className="text-dim justify-self-start px-2!"
            aria-label={`Add ${name.toLowerCase()} on ${of}`}
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
                  />
                  <Button
                    look="quiet"
                    className="px-2!"
                    aria-label={`Take away ${name.toLowerCase()}, ${day} ${order + 1}`}
                    onClick={() => onChange(spans.filter((_, i) => i !== at))}
                  >
                    ✕
                  </Button>
                  {order === own.length - 1 && latest < 1440 && own.length < 4 && addButton(day, '+')}
                </div>
              ))}
              {own.length === 0 && addButton(day, 'none; add')}
            </div>
          </li>
        );
      })}
    </ul>
  );
}
