import { useState } from 'react';
import type { Control, FieldPathByValue, FieldValues } from 'react-hook-form';
import { useController } from 'react-hook-form';
import { Labelled, parseNumber } from './fields';
import type { RecordFault } from './recordFault';
import { wordFault } from './recordFault';
import type { ShownUnit } from './shownUnit';
import { shownBounds, shownText, shownUnit, splitLabel } from './shownUnit';
import { useUnits } from './UnitsContext';

/**
 * A number of a form, kept in the metric unit its label ends with and shown in the shop's; `isMetric` keeps it in that. What is no number is NaN,
 * and nothing is null where that is allowed.
 */
export function FormNumber<Values extends FieldValues>({
  control,
  name,
  label,
  mayBeEmpty = false,
  isMetric = false,
  hint,
}: {
  readonly control: Control<Values>;
  readonly name: FieldPathByValue<Values, number | null>;
  readonly label: string;
  readonly mayBeEmpty?: boolean;
  readonly isMetric?: boolean;
  readonly hint?: string;
}) {
  const { field, fieldState } = useController({ control, name });
  const units = useUnits();
  const [words, unit] = splitLabel(label);
  const shown = shownUnit(unit, isMetric ? 'metric' : units);
  const value = field.value as number | null;
  // What is typed stays as it was typed until another value comes from elsewhere.
  const [typed, setTyped] = useState<{ readonly text: string; readonly value: number | null } | null>(null);
  const text = typed && Object.is(typed.value, value) ? typed.text : value === null || Number.isNaN(value) ? '' : shownText(shown, value);
  const fault = fieldState.error as RecordFault | undefined;
  return (
    <Labelled
      label={unit === '' ? words : `${words}, ${shown.unit}`}
      error={fault && wordFault(fault.type, shownBound(fault, shown))}
      {...(hint === undefined ? {} : { hint })}
    >
      {({ id, describedBy }) => (
        <input
          ref={field.ref}
          id={id}
          name={name}
          aria-describedby={describedBy}
          aria-invalid={fault !== undefined}
          inputMode="decimal"
          className="field figure"
          value={text}
          onBlur={field.onBlur}
          onChange={(event) => {
            const isEmpty = event.target.value.trim() === '';
            const next = isEmpty ? (mayBeEmpty ? null : NaN) : shown.fromShown(parseNumber(event.target.value));
            setTyped({ text: event.target.value, value: next });
            field.onChange(next);
          }}
        />
      )}
    </Labelled>
  );
}

/** The bound a fault names, in the unit that is shown, rounded to the side that is allowed. */
function shownBound({ type, bound }: RecordFault, shown: ShownUnit): number | null {
  if (bound === null) return null;
  const { min, max } = shownBounds(shown, bound, bound);
  return type === 'min' ? min : type === 'max' ? max : bound;
}
