import type { HoursException } from '@zinc-ladder/model/records/shop/shop';
import { useState } from 'react';
import { useClock } from '../../../clock/ClockContext';
import { Button } from '../../../ui/Button';
import { toLocalInput } from '../../../base/localInput';
import { DayField } from '../../../features/formats/MomentField';
import { SpanFields } from './SpanEditor';

/** Dates with hours of their own, or none: holidays, days away, a long Sunday. */
export function DatesEditor({
  dates,
  timeZone,
  onChange,
}: {
  readonly dates: readonly HoursException[];
  readonly timeZone: string;
  readonly onChange: (dates: HoursException[]) => void;
}) {
  const clock = useClock();
  const [date, setDate] = useState(() => toLocalInput(clock.now(), timeZone).slice(0, 10));
  const isKnown = dates.some((entry) => entry.date === date);
  const add = (spans: HoursException['spans']): void =>
    onChange([...dates, { date, spans, note: '' }].sort((a, b) => (a.date < b.date ? -1 : 1)));
  const isDate = /^\d{4}-\d{2}-\d{2}$/u.test(date);
  return (
    <>
      <ul>
        {dates.map((entry, at) => (
          <li key={entry.date} className="border-line flex flex-wrap items-center gap-2 border-t py-1.5">
            <span className="figure w-28">{entry.date}</span>
            {entry.spans.length === 0 && <span className="mr-auto">off</span>}
            {entry.spans.map((span, order) => (
              <SpanFields
                key={order}
                span={span}
                name={entry.date}
                onChange={(next) =>
                  onChange(
                    dates.map((other, i) =>
                      i === at ? { ...other, spans: other.spans.map((own, j) => (j === order ? next : own)) } : other,
                    ),
                  )
                }
              />
            ))}
            <Button look="quiet" aria-label={`Take away: ${entry.date}`} onClick={() => onChange(dates.filter((_, i) => i !== at))}>
              ✕
            </Button>
          </li>
        ))}
      </ul>
      <DayField label="Date" value={date} onKeep={setDate} error={isKnown ? 'This date is listed already.' : undefined} />
      <div className="mt-2 flex gap-2">
        <Button disabled={isKnown || !isDate} onClick={() => add([])}>
          Day off
        </Button>
        <Button disabled={isKnown || !isDate} onClick={() => add([{ startMinute: 540, endMinute: 1080 }])}>
          Own hours
        </Button>
      </div>
    </>
  );
}
