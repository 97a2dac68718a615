import type { InputHTMLAttributes, ReactNode } from 'react';
import { useId, useState } from 'react';
import { shownBounds, shownText, shownUnit } from './shownUnit';
import { useUnits } from './UnitsContext';

/** A label above its control, with what is wrong below. */
export function Labelled({
  label,
  error,
  children,
  hint,
  hasUnit = true,
}: {
  readonly label: string;
  /** what comes after a comma of the label is a unit; false where the label may hold a name with commas of its own */
  readonly hasUnit?: boolean;
  readonly error?: string | undefined;
  readonly hint?: string | undefined;
  readonly children: (ids: { id: string; describedBy: string | undefined }) => ReactNode;
}) {
  const id = useId();
  const describedBy = error ? `${id}-error` : hint ? `${id}-hint` : undefined;
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="label block">
        {hasUnit ? <LabelText text={label} /> : label}
      </label>
      {children({ id, describedBy })}
      {error ? (
        <p id={`${id}-error`} role="alert" className="text-oxide text-sm">
          {error}
        </p>
      ) : (
        hint && (
          <p id={`${id}-hint`} className="text-dim text-sm">
            {hint}
          </p>
        )
      )}
    </div>
  );
}

/** A label is set in capitals; the unit after its comma is not: µm would read as MM. */
function LabelText({ text }: { readonly text: string }) {
  const [name = '', ...unit] = text.split(', ');
  return unit.length === 0 ? (
    name
  ) : (
    <>
      {name}, <span className="normal-case">{unit.join(', ')}</span>
    </>
  );
}

/**
 * A value typed where it stands: kept on Enter or when left, put back on Escape. What cannot be kept stays in the field with the reason.
 */
export function InlineField({
  label,
  value,
  onKeep,
  check,
  hint,
  ...rest
}: {
  readonly label: string;
  readonly value: string;
  readonly onKeep: (text: string) => void;
  readonly check?: (text: string) => string | null;
  readonly hint?: string | undefined;
} & Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'>) {
  const { draft, error, change, keep, drop } = useDraft(value, onKeep, check);
  return (
    <Labelled label={label} error={error ?? undefined} hint={hint}>
      {({ id, describedBy }) => (
        <input
          {...rest}
          id={id}
          aria-describedby={describedBy}
          aria-invalid={error !== null}
          className={`field ${rest.className ?? ''}`}
          value={draft ?? value}
          onChange={(event) => change(event.target.value)}
          onBlur={() => keep('left')}
          onKeyDown={(event) => {
            if (event.key === 'Enter') keep('entered');
            if (event.key === 'Escape' && draft !== null) {
              event.stopPropagation();
              drop();
            }
          }}
        />
      )}
    </Labelled>
  );
}

/**
 * A draft over a kept value. When the kept value changes under the draft (another tab was first), nothing is written over: the field says
 * so, and only Enter keeps the draft all the same.
 */
function useDraft(value: string, onKeep: (text: string) => void, check?: (text: string) => string | null) {
  const [draft, setDraft] = useState<{ readonly text: string; readonly base: string } | null>(null);
  const fault = draft === null ? null : (check?.(draft.text) ?? null);
  const isOvertaken = draft !== null && draft.base !== value;
  const overtaken = isOvertaken ? `Changed in the meantime to “${value}”. Enter keeps yours, Escape takes that.` : null;
  return {
    draft: draft?.text ?? null,
    error: fault ?? overtaken,
    change: (text: string): void => setDraft({ text, base: draft?.base ?? value }),
    drop: (): void => setDraft(null),
    keep: (how: 'left' | 'entered'): void => {
      if (draft === null || fault || (isOvertaken && how === 'left')) return;
      if (draft.text !== value) onKeep(draft.text);
      setDraft(null);
    },
  };
}

/** A number typed where it stands, in the shop's units; `isMetric` keeps it in the unit named. Empty means "none" where that is allowed. */
export function InlineNumber({
  label,
  value,
  onKeep,
  min,
  max,
  isWhole = false,
  mayBeEmpty = false,
  unit = '',
  isMetric = false,
  hint,
}: {
  readonly label: string;
  readonly value: number | null;
  readonly onKeep: (value: number | null) => void;
  readonly min: number;
  readonly max: number;
  readonly isWhole?: boolean;
  readonly mayBeEmpty?: boolean;
  readonly unit?: string;
  readonly isMetric?: boolean;
  readonly hint?: string | undefined;
}) {
  const units = useUnits();
  const shown = shownUnit(unit, isMetric ? 'metric' : units);
  return (
    <InlineField
      hint={hint}
      label={unit ? `${label}, ${shown.unit}` : label}
      value={value === null ? '' : shownText(shown, value)}
      inputMode={isWhole ? 'numeric' : 'decimal'}
      className="figure"
      check={(text) => checkNumber(text, { ...shownBounds(shown, min, max), isWhole, mayBeEmpty })}
      onKeep={(text) => onKeep(text.trim() === '' ? null : shown.fromShown(parseNumber(text)))}
    />
  );
}

/** Reads a number as people write it: a comma is a decimal point too. */
export function parseNumber(text: string): number {
  return Number(text.trim().replace(',', '.'));
}

/** What is wrong with a typed number, in words; null when it may be kept. */
export function checkNumber(
  text: string,
  {
    min,
    max,
    isWhole = false,
    mayBeEmpty = false,
  }: { readonly min: number; readonly max: number; readonly isWhole?: boolean; readonly mayBeEmpty?: boolean },
): string | null {
  if (text.trim() === '') return mayBeEmpty ? null : 'A number is needed.';
  const value = parseNumber(text);
  if (!Number.isFinite(value)) return 'This is not a number.';
  if (isWhole && !Number.isInteger(value)) return 'A whole number is needed.';
  if (value < min || value > max) return `Between ${min} and ${max}.`;
  return null;
}

/** A choice from a list. */
export function SelectField({
  label,
  value,
  options,
  onChange,
  error,
}: {
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [value: string, name: string])[];
  readonly onChange: (value: string) => void;
  readonly error?: string | undefined;
}) {
  return (
    <Labelled label={label} hasUnit={false} error={error}>
      {({ id, describedBy }) => (
        <select id={id} aria-describedby={describedBy} className="field" value={value} onChange={(event) => onChange(event.target.value)}>
          {options.map(([key, name]) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </select>
      )}
    </Labelled>
  );
}

/** Text of several lines, kept when left or on Ctrl Enter, put back on Escape. */
export function InlineText({
  label,
  value,
  onKeep,
  rows = 3,
}: {
  readonly label: string;
  readonly value: string;
  readonly onKeep: (text: string) => void;
  readonly rows?: number;
}) {
  const { draft, error, change, keep, drop } = useDraft(value, onKeep);
  return (
    <Labelled label={label} error={error ?? undefined}>
      {({ id, describedBy }) => (
        <textarea
          id={id}
          rows={rows}
          aria-describedby={describedBy}
          className="field"
          maxLength={4000}
          value={draft ?? value}
          onChange={(event) => change(event.target.value)}
          onBlur={() => keep('left')}
          onKeyDown={(event) => {
            // Enter is a new line here; with Ctrl it keeps.
            if (event.key === 'Enter' && event.ctrlKey) keep('entered');
            if (event.key === 'Escape' && draft !== null) {
              event.stopPropagation();
              drop();
            }
          }}
        />
      )}
    </Labelled>
  );
}
