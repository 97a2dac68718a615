import { useState } from 'react';
import { Button } from '../../ui/Button';
import { checkNumber, Labelled, parseNumber } from '../../ui/fields';
import { formatSpan } from '../../ui/useFormats';

const BOUNDS = { min: 0, max: 6000 } as const;

/** Asks how long a rung really took whose timer was left running for days. */
export function ForgottenTimer({
  ranMinutes,
  plannedMinutes,
  onSay,
}: {
  readonly ranMinutes: number;
  readonly plannedMinutes: number;
  readonly onSay: (minutes: number) => void;
}) {
  const [text, setText] = useState(String(plannedMinutes));
  const fault = checkNumber(text, BOUNDS);
  return (
    <form
      className="border-oxide my-3 border-l-4 px-3 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (!fault) onSay(parseNumber(text));
      }}
    >
      <p role="status" className="mb-2">
        The timer has run for {formatSpan(ranMinutes)}: it was left on. How long did the work take so far? Done and Set down wait for that.
      </p>
      <div className="grid grid-cols-[8rem_auto] items-end gap-3">
        <Labelled label="Minutes of work" error={fault ?? undefined}>
          {({ id, describedBy }) => (
            <input
              id={id}
              aria-describedby={describedBy}
              inputMode="decimal"
              className="field figure"
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
          )}
        </Labelled>
        <Button type="submit" look="primary" isLarge disabled={fault !== null}>
          It took that long
        </Button>
      </div>
    </form>
  );
}
