import { checkNumber, Labelled, parseNumber } from '../../ui/fields';

/** A number that is tried out and kept nowhere. */
export interface TrialNumber {
  readonly text: string;
  readonly set: (text: string) => void;
}

/** The number of a text, or null where it is none or out of bounds. */
export function readTrial(text: string, min: number, max: number): number | null {
  return checkNumber(text, { min, max }) === null ? parseNumber(text) : null;
}

/** A field for a number that is tried out. */
export function NumberBox({
  label,
  trial,
  min,
  max,
}: {
  readonly label: string;
  readonly trial: TrialNumber;
  readonly min: number;
  readonly max: number;
}) {
  const fault = checkNumber(trial.text, { min, max });
  return (
    <Labelled label={label} error={fault ?? undefined}>
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
