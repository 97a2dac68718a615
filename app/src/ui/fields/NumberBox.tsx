import { useState } from 'react';
import { checkNumber, Labelled, parseNumber } from './fields';
import { shownBounds, shownText, shownUnit, splitLabel } from './shownUnit';
import { useUnits } from './UnitsContext';

/** A number that is typed and not kept yet, in metric units whatever the shop counts in. */
export interface TrialNumber {
  readonly text: string;
  readonly set: (text: string) => void;
}

/** The number of a text, or null where it is none or out of bounds. */
export function readTrial(text: string, min: number, max: number, isWhole = false): number | null {
  return checkNumber(text, { min, max, isWhole }) === null ? parseNumber(text) : null;
}

/**
 * A field for a number that is typed and not kept yet, shown in the shop's units by the metric unit its label ends with; `isMetric` keeps it in that.
 * `isQuiet` says nothing of what is wrong with it so far.
 */
export function NumberBox({
  label,
  trial,
  min,
  max,
  isWhole = false,
  mayBeEmpty = false,
  isQuiet = false,
  isMetric = false,
  hint,
}: {
  readonly label: string;
  readonly trial: TrialNumber;
  readonly min: number;
  readonly max: number;
  readonly isWhole?: boolean;
  readonly mayBeEmpty?: boolean;
  readonly isQuiet?: boolean;
  readonly isMetric?: boolean;
  readonly hint?: string;
}) {
  const units = useUnits();
  const [name, unit] = splitLabel(label);
  const shown = shownUnit(unit, isMetric ? 'metric' : units);
  // The typed text stays while it still equals the trial's value; otherwise the trial's own number is shown.
  const [typed, setTyped] = useState({ text: '', kept: '' });
  const isSame = shown.unit === unit;
  const text = isSame ? trial.text : typed.kept === trial.text && typed.text !== '' ? typed.text : keptAsShown(trial.text);
  const fault = isQuiet ? null : checkNumber(text, { ...shownBounds(shown, min, max), isWhole, mayBeEmpty });
  function keptAsShown(kept: string): string {
    const value = parseNumber(kept);
    return kept.trim() === '' || !Number.isFinite(value) ? kept : shownText(shown, value);
  }
  const onType = (next: string): void => {
    const value = parseNumber(next);
    const kept = isSame || next.trim() === '' || !Number.isFinite(value) ? next : String(shown.fromShown(value));
    setTyped({ text: next, kept });
    trial.set(kept);
  };
  return (
    <Labelled label={unit === '' ? name : `${name}, ${shown.unit}`} error={fault ?? undefined} {...(hint === undefined ? {} : { hint })}>
      {({ id, describedBy }) => (
        <input
          id={id}
          aria-describedby={describedBy}
          className="field figure"
          inputMode="decimal"
          value={text}
          onChange={(event) => onType(event.target.value)}
        />
      )}
    </Labelled>
  );
}
