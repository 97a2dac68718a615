import type { DateValue } from '@internationalized/date';
import { fromAbsolute, parseDate, ZonedDateTime } from '@internationalized/date';
import { useId, useState } from 'react';
import { DateField, DateInput, DateSegment, I18nProvider, Label } from 'react-aria-components';
import { useShop } from '../../data/queries';
import { shopLocale } from '../../base/formats';

/** Moments that records may hold: years 2000 to 2099. */
const LEAST = parseDate('2000-01-01');
const MOST = parseDate('2099-12-31');

interface Frame {
  readonly label: string;
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
}

/** A date and time, epoch ms; null: none. */
export interface MomentProps extends Frame {
  readonly value: number | null;
  readonly onKeep: (ms: number | null) => void;
  readonly mayBeEmpty?: boolean;
  /** a form beside it waits for the value: each complete date counts, before the field is left */
  readonly isKeptAtOnce?: boolean;
}

/** A date, `2026-05-28`. */
export interface DayProps extends Frame {
  readonly value: string;
  readonly onKeep: (date: string) => void;
}

/** A date and time in the shop's zone, its clock and its order, kept on Enter or when left, put back on Escape. */
export function MomentParts({ value, onKeep, mayBeEmpty = false, isKeptAtOnce = false, ...frame }: MomentProps) {
  const shop = useShop();
  const zone = shop?.timeZone ?? 'UTC';
  return (
    <Segments
      {...frame}
      granularity="minute"
      placeholder={fromAbsolute(value ?? Date.UTC(2026, 0, 1), zone)}
      value={value === null ? null : fromAbsolute(value, zone)}
      mayBeEmpty={mayBeEmpty}
      isKeptAtOnce={isKeptAtOnce}
      onKeep={(kept) => onKeep(kept instanceof ZonedDateTime ? kept.toDate().getTime() : null)}
    />
  );
}

/** A date by itself, `2026-05-28`; empty while none was chosen. */
export function DayParts({ value, onKeep, ...frame }: DayProps) {
  return (
    <Segments
      {...frame}
      granularity="day"
      value={/^\d{4}-\d{2}-\d{2}$/u.test(value) ? parseDate(value) : null}
      mayBeEmpty={false}
      isKeptAtOnce
      onKeep={(kept) => onKeep(kept?.toString() ?? '')}
    />
  );
}

function Segments({
  label,
  hint,
  error,
  granularity,
  placeholder,
  value,
  mayBeEmpty,
  isKeptAtOnce = false,
  onKeep,
}: Frame & {
  readonly granularity: 'minute' | 'day';
  readonly placeholder?: DateValue;
  readonly value: DateValue | null;
  readonly mayBeEmpty: boolean;
  readonly isKeptAtOnce?: boolean;
  readonly onKeep: (value: DateValue | null) => void;
}) {
  const shop = useShop();
  const id = useId();
  const [draft, setDraft] = useState<{ readonly value: DateValue | null } | null>(null);
  const keep = (): void => {
    if (draft !== null && draft.value !== null && value?.compare(draft.value) !== 0) onKeep(draft.value);
    setDraft(null);
  };
  return (
    <I18nProvider locale={shopLocale(shop?.units ?? 'metric', navigator.language)}>
      <DateField<DateValue>
        className="min-w-0"
        granularity={granularity}
        hideTimeZone
        shouldForceLeadingZeros
        hourCycle={shop?.hourCycle === '12' ? 12 : 24}
        minValue={LEAST}
        maxValue={MOST}
        {...(placeholder ? { placeholderValue: placeholder } : {})}
        value={draft ? draft.value : value}
        isInvalid={error !== undefined}
        {...(error !== undefined ? { 'aria-describedby': `${id}-error` } : hint === undefined ? {} : { 'aria-describedby': `${id}-hint` })}
        onChange={(next) => {
          if (isKeptAtOnce) onKeep(next);
          else setDraft({ value: next });
        }}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep();
          else if (event.key === 'Escape') setDraft(null);
        }}
      >
        <Label className="label block">{label}</Label>
        <div className="flex items-center gap-1">
          <DateInput className="field figure flex min-w-0 flex-1 items-center whitespace-nowrap">
            {(segment) => (
              <DateSegment
                segment={segment}
                className="data-focused:bg-lime data-focused:text-onlime data-placeholder:text-dim rounded-xs px-px outline-none"
              />
            )}
          </DateInput>
          {mayBeEmpty && value !== null && (
            <button
              type="button"
              aria-label={`No date: ${label}`}
              className="min-h-9 min-w-9 cursor-pointer"
              onClick={() => {
                setDraft(null);
                onKeep(null);
              }}
            >
              ✕
            </button>
          )}
        </div>
        {error !== undefined ? (
          <p id={`${id}-error`} role="alert" className="text-oxide text-sm">
            {error}
          </p>
        ) : (
          hint !== undefined && (
            <p id={`${id}-hint`} className="text-dim text-sm">
              {hint}
            </p>
          )
        )}
      </DateField>
    </I18nProvider>
  );
}
