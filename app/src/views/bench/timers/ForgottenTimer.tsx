import { useState } from 'react';
import { Button } from '../../../ui/Button';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { formatSpan } from '../../../base/formats';

const LEAST = 0;
const MOST = 6000;

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
  const said = readTrial(text, LEAST, MOST);
  return (
    <form
      className="border-oxide my-3 border-l-4 px-3 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (said !== null) onSay(said);
      }}
    >
      <p role="status" className="mb-2">
        The timer has run for {formatSpan(ranMinutes)}: it was left on. How long did the work take so far? Done and Set down wait for that.
      </p>
      <div className="grid grid-cols-[8rem_auto] items-end gap-3">
        <NumberBox label="Minutes of work" trial={{ text, set: setText }} min={LEAST} max={MOST} />
        <Button type="submit" look="primary" isLarge disabled={said === null}>
          It took that long
        </Button>
      </div>
    </form>
  );
}
