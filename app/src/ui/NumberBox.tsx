import { checkNumber, Labelled, parseNumber } from './fields';

/** A number that is typed and not kept yet. */
export interface TrialNumber {
  readonly text: string;
  readonly set: (text: string) => void;
}

/** The number of a text, or null where it is none or out of bounds. */
export function readTrial(text: string, min: number, max: number): number | null {
  return checkNumber(text, { min, max }) === null ? parseNumber(text) : null;
}

/** A field for a number that is typed and not kept yet; `isQuiet` says nothing of what is wrong with it so far. */
export function NumberBox({
  label,
  trial,
  min,
  max,
  mayBeEmpty = false,
  isQuiet = false,
  hint,
}: {
  readonly label: string;
  readonly trial: TrialNumber;
  readonly min: number;
  readonly max: number;
  readonly mayBeEmpty?: boolean;
  readonly isQuiet?: boolean;
  readonly hint?: string;
}) {
  const fault = isQuiet ? null : checkNumber(trial.text, { min, max, mayBeEmpty });
  return (
    <Labelled label={label} error={fault ?? undefined} {...(hint === undefined ? {} : { hint })}>
      {({ id, describedBy }) => (
        <input
          id={id}
          aria-describedby={describedBy}
          className="field figure"
          inputMode="decimal"
          value={trial.text}
          onChange={(event) => trial.set(event.target.value)}
        />
      )}
    </Labelled>
  );
}
