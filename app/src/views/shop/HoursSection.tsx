import type { HoursException, Shop } from '@zinc-ladder/model/records/shop';
import { useState } from 'react';
import { useClock } from '../../clock/ClockContext';
import { Button } from '../../ui/Button';
import { toLocalInput } from '../../ui/localInput';
import { DayField } from '../../ui/MomentField';
import { Sheet } from '../../ui/Sheet';
import { BusySheet } from './BusySheet';
import { DaylightFields } from './DaylightFields';
import { SpanFields, WeekEditor } from './SpanEditor';
import { useShopPatch } from './useShopPatch';

/** When hands work, when one may spray, and days that are different. */
export function HoursSection({ shop }: { readonly shop: Shop }) {
  const patch = useShopPatch(shop);
  return (
    <div className="grid items-start gap-4 lg:grid-cols-3">
      <div className="grid gap-4">
        <Sheet className="p-4" label="Hands">
          <h2 className="font-label text-xl font-semibold">Hands</h2>
          <p className="text-dim mb-2 text-sm">When you are in the shop.</p>
          <WeekEditor spans={shop.hours} name="Hands" onChange={(hours) => patch('the hours', { hours })} />
        </Sheet>
        <Sheet className="p-4" label="Quiet hours">
          <h2 className="font-label text-xl font-semibold">Quiet hours</h2>
          <p className="text-dim mb-2 text-sm">When power tools rest. First cuts are planned outside them; all handwork goes on.</p>
          <WeekEditor spans={shop.quietHours} name="Quiet" onChange={(quietHours) => patch('the quiet hours', { quietHours })} />
        </Sheet>
      </div>
      <Sheet className="p-4" label="Spraying">
        <h2 className="font-label text-xl font-semibold">Spraying</h2>
        <p className="text-dim mb-2 text-sm">When it is allowed at all: neighbours, fumes. Light and air decide within that.</p>
        <WeekEditor spans={shop.sprayHours} name="Spraying" onChange={(sprayHours) => patch('the spraying hours', { sprayHours })} />
        <DaylightFields shop={shop} />
      </Sheet>
      <div className="grid gap-4">
        <Sheet className="p-4" label="Other days">
          <h2 className="font-label text-xl font-semibold">Other days</h2>
          <p className="text-dim mb-2 text-sm">Dates with hours of their own, or none: holidays, a long Sunday.</p>
          <Exceptions shop={shop} onChange={(exceptions) => patch('the other days', { exceptions })} />
        </Sheet>
        <BusySheet shop={shop} />
      </div>
    </div>
  );
}

function Exceptions({ shop, onChange }: { readonly shop: Shop; readonly onChange: (exceptions: HoursException[]) => void }) {
  const clock = useClock();
  const [date, setDate] = useState(() => toLocalInput(clock.now(), shop.timeZone).slice(0, 10));
  const isKnown = shop.exceptions.some((entry) => entry.date === date);
  const add = (spans: HoursException['spans']): void =>
    onChange([...shop.exceptions, { date, spans, note: '' }].sort((a, b) => (a.date < b.date ? -1 : 1)));
  const isDate = /^\d{4}-\d{2}-\d{2}$/u.test(date);
  return (
    <>
      <ul>
        {shop.exceptions.map((entry, at) => (
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
                    shop.exceptions.map((other, i) =>
                      i === at ? { ...other, spans: other.spans.map((own, j) => (j === order ? next : own)) } : other,
                    ),
                  )
                }
              />
            ))}
            <Button
              look="quiet"
              aria-label={`Take ${entry.date} away`}
              onClick={() => onChange(shop.exceptions.filter((_, i) => i !== at))}
            >
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
