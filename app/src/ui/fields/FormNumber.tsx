import { useState } from 'react';
import { Labelled, parseNumber } from './fields';
import { shownText, shownUnit, splitLabel } from './shownUnit';
import { useUnits } from './UnitsContext';

/** A number of a form, kept in the metric unit its label ends with and shown in the shop's; what is no number is NaN, and nothing is null. */
export function FormNumber({
  label,
  value,
  onChange,
  onBlur,
  error,
  hint,
}: {
  readonly label: string;
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
  readonly onBlur: () => void;
  readonly error: string | undefined;
  readonly hint?: string;
}) {
  const [name, unit] = splitLabel(label);
  const shown = shownUnit(unit, useUnits());
  // What is typed stays as it was typed until another value comes from elsewhere.
  const [typed, setTyped] = useState<{ readonly text: string; readonly value: number | null } | null>(null);
  const text = typed && Object.is(typed.value, value) ? typed.text : value === null || Number.isNaN(value) ? '' : shownText(shown, value);
  return (
    <Labelled label={unit === '' ? name : `${name}, ${shown.unit}`} error={error} {...(hint === undefined ? {} : { hint })}>
      {({ id, describedBy }) => (
        <input
          id={id}
          aria-describedby={describedBy}
          inputMode="decimal"
          className="field figure"
          value={text}
          onBlur={onBlur}
          onChange={(event) => {
            const next = event.target.value.trim() === '' ? null : shown.fromShown(parseNumber(event.target.value));
            setTyped({ text: event.target.value, value: next });
            onChange(next);
          }}
        />
      )}
    </Labelled>
  );
}
